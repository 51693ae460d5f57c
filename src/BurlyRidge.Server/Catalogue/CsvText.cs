using System.Globalization;
using System.Text;
using BurlyRidge.Core;
using CsvHelper;
using CsvHelper.Configuration;

namespace BurlyRidge.Server.Catalogue;

/// <summary>Tables with a heading line (RFC 4180); columns parted by commas, semicolons or tabs.</summary>
internal static class CsvText
{
    private const char ByteOrderMark = '\uFEFF';

    /// <summary>Bytes in UTF-8, or where that cannot be, in Latin 1.</summary>
    public static string Of(ReadOnlySpan<byte> bytes)
    {
        try
        {
            return new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(bytes).TrimStart(ByteOrderMark);
        }
        catch (DecoderFallbackException)
        {
            return Encoding.Latin1.GetString(bytes);
        }
    }

    /// <summary>A reader at the heading line of <paramref name="text"/>.</summary>
    public static CsvReader Open(TextReader lines, string text) => new(lines, new CsvConfiguration(CultureInfo.InvariantCulture)
    {
        Delimiter = DelimiterOf(text),
        PrepareHeaderForMatch = args => args.Header.Trim().ToLowerInvariant(),
        MissingFieldFound = null,
        BadDataFound = null,
    });

    /// <summary>Reads the heading line; what is wrong with it.</summary>
    public static List<Problem> Heading(CsvReader csv, IEnumerable<string> needed, IEnumerable<string> known)
    {
        if (!csv.Read() || !csv.ReadHeader()) return [new Problem("file", ServerWords.TheFileIsEmptyA)];
        var header = csv.HeaderRecord!.Select(name => name.Trim().ToLowerInvariant()).ToList();
        return
        [
            .. needed.Except(header).Select(name => new Problem("file", ServerWords.FormatThereIsNoColumnCalled(name))),
            .. header.Except(known).Select(name => new Problem("file", ServerWords.FormatThereIsAColumnCalled(name))),
        ];
    }

    /// <summary>Reads a table row by row; what is wrong names row and column, and then nothing is taken.</summary>
    /// <param name="read">A row; it refuses what cannot be taken, and gives null for a row that is to be left out.</param>
    public static (IReadOnlyList<T> Rows, IReadOnlyList<Problem> Problems) Rows<T>(ReadOnlySpan<byte> bytes, IEnumerable<string> needed, IEnumerable<string> known, int most, Func<CsvCells, T?> read) where T : class
    {
        var text = Of(bytes);
        using var lines = new StringReader(text);
        using var csv = Open(lines, text);
        var problems = Heading(csv, needed, known);
        if (problems.Count > 0) return ([], problems);
        var rows = new List<T>();
        for (var count = 0; csv.Read(); count++)
        {
            if (count >= most) return ([], [new Problem("file", ServerWords.FormatUpToRowsInA(most))]);
            if (read(new CsvCells(csv, problems)) is { } row) rows.Add(row);
        }
        return problems.Count > 0 ? ([], problems) : (rows, []);
    }

    /// <summary>A table as such a file.</summary>
    public static string Write(IReadOnlyList<string> columns, IEnumerable<IReadOnlyList<string>> rows)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, CultureInfo.InvariantCulture))
        {
            foreach (var fields in rows.Prepend(columns))
            {
                foreach (var field in fields) csv.WriteField(field);
                csv.NextRecord();
            }
        }
        return text.ToString();
    }

    /// <summary>What parts the columns of the heading line.</summary>
    private static string DelimiterOf(string text)
    {
        var heading = text.AsSpan(0, text.IndexOf('\n', StringComparison.Ordinal) is >= 0 and var end ? end : text.Length);
        var (best, most) = (',', heading.Count(','));
        foreach (var other in new[] { ';', '\t' })
            if (heading.Count(other) > most) (best, most) = (other, heading.Count(other));
        return best.ToString();
    }
}
