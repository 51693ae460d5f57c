using BurlyRidge.Core;
using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Server.Catalogue;

/// <summary>
/// Lamps as a table with a heading line (RFC 4180), one light a row; further lights of a lamp stand below its first, under the
/// same id or name, each with a name of its own in the column light. Needed: name, kind, watts; all else may be left out. Columns are parted by commas,
/// semicolons or tabs, decimals by a point or a comma. What goes out comes back the same.
/// </summary>
internal static class LampCsv
{
    private const int MaxRows = 2_000;

    private static readonly string[] Needed = ["name", "kind", "watts"];

    /// <summary>Reads lamps from bytes in UTF-8, or where that cannot be, in Latin 1.</summary>
    public static (IReadOnlyList<CatalogueLamp> Lamps, IReadOnlyList<Problem> Problems) Read(ReadOnlySpan<byte> bytes) => Read(CsvText.Of(bytes));

    /// <summary>Reads lamps; what is wrong names row and column, and then nothing is taken.</summary>
    public static (IReadOnlyList<CatalogueLamp> Lamps, IReadOnlyList<Problem> Problems) Read(string text)
    {
        var lamps = new List<CatalogueLamp>();
        var rows = new List<int>();
        using var lines = new StringReader(text);
        using var csv = CsvText.Open(lines, text);
        var problems = CsvText.Heading(csv, Needed, LampTableRow.Columns);
        if (problems.Count > 0) return ([], problems);
        for (var count = 0; csv.Read(); count++)
        {
            if (count >= MaxRows) return ([], [new Problem("file", ServerWords.FormatUpToRowsInA(MaxRows))]);
            var row = new LampTableRow(csv, problems);
            if (row.IsFurtherLightOf(lamps.LastOrDefault())) lamps[^1] = row.AddedTo(lamps[^1]);
            else if (row.Lamp() is { } lamp)
            {
                if (lamps.Any(other => other.Fixture.Id == lamp.Fixture.Id)) problems.Add(new Problem(ServerWords.FormatRowId(row.Number), ServerWords.FormatTheIdStandsTwice(lamp.Fixture.Id)));
                lamps.Add(lamp);
                rows.Add(row.Number);
            }
        }
        for (var i = 0; i < lamps.Count; i++)
            problems.AddRange(CatalogueValidation.Validate(lamps[i]).Select(problem => problem with { Path = ServerWords.FormatRow(rows[i], problem.Path) }));
        if (lamps.Count == 0 && problems.Count == 0) problems.Add(new Problem("file", ServerWords.ThereIsNoLampIn));
        return problems.Count > 0 ? ([], problems) : (lamps, []);
    }

    /// <summary>The same lamps as such a file.</summary>
    public static string Write(IEnumerable<CatalogueLamp> lamps) => CsvText.Write(LampTableRow.Columns, lamps.SelectMany(LampTableRow.Of));
}
