using System.Globalization;
using System.Text.RegularExpressions;
using BurlyRidge.Core;
using CsvHelper;

namespace BurlyRidge.Server.Catalogue;

/// <summary>Cells of one row of a table, read by the names of their columns; what cannot be read names row and column.</summary>
internal partial class CsvCells(CsvReader csv, List<Problem> problems)
{
    /// <summary>What parts several entries of one cell.</summary>
    protected const char Between = '|';

    /// <summary>Letters that a table program takes as the start of a formula, and the one that keeps it from that.</summary>
    private const string Formulas = "=+-@\t\r'";
    private const char Harmless = '\'';

    /// <summary>Whether something of the row could not be read.</summary>
    public bool Bad { get; private set; }

    /// <summary>Its number in the file, the heading line being 1.</summary>
    public int Number { get; } = csv.Parser.Row;

    /// <summary>Yes, no, or nothing.</summary>
    internal bool? Maybe(string column) => Choice(column, LampWords.YesNo) switch { Catalogue.YesNo.Yes => true, Catalogue.YesNo.No => false, _ => null };

    internal static string YesNo(bool? so) => so switch { true => "yes", false => "no", null => "" };

    protected string Cell(string column)
    {
        var text = csv.TryGetField<string>(column, out var found) ? found?.Trim() ?? "" : "";
        return text.Length > 1 && text[0] == Harmless && Formulas.Contains(text[1], StringComparison.Ordinal) ? text[1..] : text;
    }

    internal string? Given(string column) => Cell(column) is { Length: > 0 } text ? text : null;

    protected string[] Parts(string column) => Cell(column).Split(Between, StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);

    internal double? NumberOf(string column) => NumberOf(column, Cell(column));

    internal double? NumberOf(string column, string text)
    {
        if (Plain(column, text) is not { } plain) return null;
        if (double.TryParse(plain, Signed, CultureInfo.InvariantCulture, out var figure) && double.IsFinite(figure)) return figure;
        Refuse(column, ServerWords.FormatIsNoNumber(text));
        return null;
    }

    /// <summary>An amount of money, exactly as it stands; null where there is none.</summary>
    internal decimal? MoneyOf(string column)
    {
        if (Plain(column, Cell(column)) is not { } plain) return null;
        if (decimal.TryParse(plain, Signed, CultureInfo.InvariantCulture, out var amount)) return amount;
        Refuse(column, ServerWords.FormatIsNoNumber(Cell(column)));
        return null;
    }

    private const NumberStyles Signed = NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint | NumberStyles.AllowExponent;

    /// <summary>A number as it is written with a point; null where there is none, or where it may mean either of two.</summary>
    private string? Plain(string column, string text)
    {
        if (text.Length == 0) return null;
        if (Doubtful().IsMatch(text))
        {
            Refuse(column, ServerWords.FormatCanBeOrWriteIt(text, text.Replace(",", "", StringComparison.Ordinal), text.Replace(',', '.')));
            return null;
        }
        return PointsThenComma().IsMatch(text) ? text.Replace(".", "", StringComparison.Ordinal).Replace(',', '.')
            : CommasThenPoint().IsMatch(text) ? text.Replace(",", "", StringComparison.Ordinal)
            : text.Replace(',', '.');
    }

    internal T? Choice<T>(string column, IReadOnlyDictionary<string, T> words) where T : struct, Enum => Choice(column, Cell(column), words);

    internal T? Choice<T>(string column, string text, IReadOnlyDictionary<string, T> words) where T : struct, Enum
    {
        if (text.Length == 0) return null;
        if (words.TryGetValue(text, out var choice)) return choice;
        Refuse(column, ServerWords.FormatIsNoneOf(text, string.Join(", ", Enum.GetNames<T>().Select(Camel))));
        return null;
    }

    internal void Refuse(string column, string message)
    {
        Bad = true;
        problems.Add(new Problem($"row {Number}, {column}", message));
    }

    internal static string Text(string text) => text.Length > 0 && Formulas.Contains(text[0], StringComparison.Ordinal) ? Harmless + text : text;

    internal static string Figure(double? value) => value?.ToString("R", CultureInfo.InvariantCulture) ?? "";

    internal static string Camel(string name) => char.ToLowerInvariant(name[0]) + name[1..];

    [GeneratedRegex(@"^[+-]?[1-9]\d{0,2},\d{3}$")]
    private static partial Regex Doubtful();

    [GeneratedRegex(@"^[+-]?\d{1,3}(\.\d{3})+,\d+$")]
    private static partial Regex PointsThenComma();

    [GeneratedRegex(@"^[+-]?\d{1,3}(,\d{3})+\.\d+$")]
    private static partial Regex CommasThenPoint();
}
