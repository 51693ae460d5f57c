using System.Globalization;
using System.Text.RegularExpressions;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core;

/// <summary>Collects problems, each under its field's path.</summary>
public sealed partial class Problems
{
    private const int Most = 100;

    private const double Hundredths = 100;

    private readonly List<Problem> found = [];

    /// <summary>What lengths are said in.</summary>
    public UnitSystem Units { get; init; } = UnitSystem.Metric;

    /// <summary>All of them, in the order found.</summary>
    public IReadOnlyList<Problem> Found => found;

    /// <summary>Notes a problem; nobody reads on after the first hundred.</summary>
    public void Add(string path, string message)
    {
        if (found.Count < Most) found.Add(new Problem(path, message));
    }

    /// <summary>Above <paramref name="above"/> and at most <paramref name="atMost"/>; NaN is neither.</summary>
    public void Above(string path, double value, double above, double atMost, string unit)
    {
        if (!(value > above && value <= atMost)) Add(path, FileWords.FormatGiveANumberAboveAnd(Limit(above, unit, up: true).Figure, Said(atMost, unit, up: false), value > atMost ? Nearest(Said(atMost, unit, up: false)) : ""));
    }

    /// <summary>From <paramref name="from"/> to <paramref name="to"/>, both allowed; NaN is neither.</summary>
    public void Within(string path, double value, double from, double to, string unit = "")
    {
        if (!(value >= from && value <= to)) Add(path, FileWords.FormatGiveANumberFromTo(Limit(from, unit, up: true).Figure, Said(to, unit, up: false), value < from ? Nearest(Said(from, unit, up: true)) : value > to ? Nearest(Said(to, unit, up: false)) : ""));
    }

    /// <summary>No wire of that name.</summary>
    public void Wire(string path, string name)
    {
        if (WireTable.Find(name) is null) Add(path, FileWords.FormatThereIsNoWireCalled(name, WireTable.Nearest(name ?? "") is { } near ? Nearest(near.Name) : ""));
    }

    /// <summary>Not a standard fuse.</summary>
    public void StandardFuse(string path, Fuse fuse)
    {
        if (!FuseTable.All.Contains(fuse)) Add(path, FileWords.FormatThereIsNoStandardFuse(fuse, Nearest($"{FuseTable.All.Where(other => other.Family == fuse.Family).MinBy(other => Math.Abs(other.RatingAmps - fuse.RatingAmps))}")));
    }

    /// <summary>One of some.</summary>
    public void OneOf(string path, int value, IReadOnlyList<int> allowed, string unit)
    {
        if (!allowed.Contains(value)) Add(path, FileWords.FormatGive(Format.Or(allowed), Spaced(unit)));
    }

    /// <summary>Some text, not too long.</summary>
    public void Text(string path, string value, int atMost)
    {
        if (string.IsNullOrWhiteSpace(value) || value.Length > atMost) Add(path, FileWords.FormatGive1ToCharacters(atMost));
    }

    /// <summary>Text that may be empty, not too long.</summary>
    public void Letters(string path, string value, int atMost)
    {
        if (value is null || value.Length > atMost) Add(path, FileWords.FormatGiveUpToCharacters(atMost));
    }

    /// <summary>A day as "2026-11-27", or nothing.</summary>
    public void Day(string path, string text)
    {
        if (text is null || (text.Length > 0 && !DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out _))) Add(path, PartWords.GiveADayAs2026);
    }

    /// <summary>So many entries.</summary>
    public void Count(string path, int count, int from, int to, string what)
    {
        if (count < from || count > to) Add(path, FileWords.FormatGiveTo(from, to, what));
    }

    /// <summary>No more than so many.</summary>
    public void AtMost(string path, int count, int most, string what)
    {
        if (count > most) Add(path, FileWords.FormatUpToAreWorkedOut(most, what, count));
    }

    /// <summary>Runs over the entries of a list with their paths; an empty entry, as a document may hold one, is a problem.</summary>
    public void Each<T>(string path, IReadOnlyList<T> entries, Action<string, T> check) where T : class
    {
        for (var i = 0; i < entries.Count; i++)
        {
            if (entries[i] is { } entry) check($"{path}[{i}]", entry);
            else Add($"{path}[{i}]", FileWords.MustNotBeEmpty);
        }
    }

    /// <summary>Refuses an id that is no slug; whether it is one.</summary>
    public bool Id(string path, string id)
    {
        if (IsName(id)) return true;
        Add(path, FileWords.Give1To64Letters);
        return false;
    }

    /// <summary>Whether a part or a line may be called that.</summary>
    public static bool IsName(string? id) => id is not null && Slug().IsMatch(id);

    /// <summary>Refuses names that stand twice.</summary>
    public void Twice(string path, IEnumerable<string> names)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var name in names)
            if (!seen.Add(name)) Add(path, FileWords.FormatTheNameStandsTwice(name));
    }

    [GeneratedRegex(@"\A[A-Za-z0-9-]{1,64}\z")]
    private static partial Regex Slug();

    /// <summary>A limit in the reader's unit, rounded to the side that is allowed.</summary>
    private (double Figure, string Unit) Limit(double limit, string unit, bool up)
    {
        if (Units == UnitSystem.Metric || unit is not ("m" or "mm")) return (limit, unit);
        var (size, said) = unit == "m" ? (FigureRules.MetresPerFoot, "ft") : (FigureRules.MillimetresPerInch, "in");
        var figure = limit / size * Hundredths;
        return ((up ? Math.Ceiling(figure) : Math.Floor(figure)) / Hundredths, said);
    }

    /// <summary>The same with its unit.</summary>
    private string Said(double limit, string unit, bool up)
    {
        var (figure, said) = Limit(limit, unit, up);
        return $"{figure}{Spaced(said)}";
    }

    private static string Nearest(string value) => " " + FileWords.FormatTheNearestIs(value);

    private static string Spaced(string unit) => unit.Length == 0 ? "" : " " + unit;
}
