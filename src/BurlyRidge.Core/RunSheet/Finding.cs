namespace BurlyRidge.Core.RunSheet;

/// <summary>A kind of vehicle, as the shop calls it.</summary>
/// <param name="Name">What all of the kind have in common.</param>
/// <param name="Year">Model year; empty: not specified.</param>
/// <param name="Trim">Trim level; empty: not specified.</param>
/// <param name="Options">Factory options that matter, such as lamps or auxiliary switches; empty: none known.</param>
public sealed record VehicleKind(string Name, string Year = "", string Trim = "", string Options = "")
{
    private const int MostLetters = 100;

    /// <summary>Whether it is the same kind, whatever the year.</summary>
    public bool Like(VehicleKind other) => Same(Name, other.Name);

    /// <summary>Whether what was found on the other may be otherwise here: another year or trim, or other options.</summary>
    public bool GuessFrom(VehicleKind other) => !(Same(Year, other.Year) && Same(Trim, other.Trim) && Same(Options, other.Options));

    private static bool Same(string one, string other) => one.Trim().Equals(other.Trim(), StringComparison.OrdinalIgnoreCase);

    internal void Check(Problems problems, string path)
    {
        problems.Text($"{path}.name", Name, MostLetters);
        foreach (var (name, text) in new[] { ("year", Year), ("trim", Trim), ("options", Options) }) problems.Letters($"{path}.{name}", text, MostLetters);
    }
}

/// <summary>A finding of an earlier vehicle of the same kind: to be proven again here.</summary>
/// <param name="Job">The job on which it was found.</param>
/// <param name="On">The day.</param>
/// <param name="Guess">That one was of another year or trim, or had other options.</param>
/// <param name="Photos">Names of those that show it, in the store of that job.</param>
public sealed record OfferedFinding(Finding What, string JobId, string Job, string On, bool Guess, IReadOnlyList<string> Photos);

/// <summary>Something found on a vehicle that helps with the next one of its kind.</summary>
/// <param name="What">What, in a sentence.</param>
public sealed record Finding(FindingKind Kind, string What)
{
    /// <summary>Where on the vehicle.</summary>
    public string Place { get; init; } = "";

    /// <summary>Of a wire: its colour.</summary>
    public string Colour { get; init; } = "";

    /// <summary>Of a wire: its plug and pin.</summary>
    public string Pin { get; init; } = "";

    /// <summary>Of a slot, a hole or a clip: how much, how large, how many, as it is said.</summary>
    public string Size { get; init; } = "";

    /// <summary>It did no good: not to be tried again.</summary>
    public bool NoGood { get; init; }

    /// <summary>The vehicle that it was found on; null: the one of the job.</summary>
    public VehicleKind? Vehicle { get; init; }

    /// <summary>The day on which it was found, as "2026-11-27"; empty: as it was written down.</summary>
    public string FoundOn { get; init; } = "";

    internal const int MostLetters = 300;

    /// <summary>Notes what cannot be taken.</summary>
    internal void Check(Problems problems, string path)
    {
        problems.Text($"{path}.what", What, MostLetters);
        foreach (var (name, text) in new[] { ("place", Place), ("colour", Colour), ("pin", Pin), ("size", Size) }) problems.Letters($"{path}.{name}", text, MostLetters);
        Vehicle?.Check(problems, $"{path}.vehicle");
        problems.Day($"{path}.foundOn", FoundOn);
    }

    /// <summary>All that is wrong with it, by field.</summary>
    public IReadOnlyList<Problem> Validate(string path)
    {
        var problems = new Problems();
        Check(problems, path);
        return problems.Found;
    }
}

/// <summary>Kinds of what is found.</summary>
public enum FindingKind
{
    /// <summary>A wire with its colour, pin and switched side.</summary>
    Wire,

    /// <summary>A slot that is live, and what it serves.</summary>
    FuseSlot,

    /// <summary>A hole or grommet that is there.</summary>
    Hole,

    /// <summary>A hole of a bracket that was right.</summary>
    BracketHole,

    /// <summary>A place for an earth.</summary>
    EarthPoint,

    /// <summary>Clips and fasteners, and how many break.</summary>
    Fastener,

    /// <summary>An order of work that did well.</summary>
    Order,

    /// <summary>A lid or cover that needs a notch.</summary>
    Notch,

    /// <summary>Somebody else's tap, circuit or unplugged end.</summary>
    EarlierWork,

    /// <summary>How long something took.</summary>
    Minutes,

    /// <summary>Something else.</summary>
    Other,
}
