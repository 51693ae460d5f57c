namespace BurlyRidge.Core.RunSheet;

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

    private const int MostLetters = 300;

    /// <summary>Notes what cannot be taken.</summary>
    internal void Check(Problems problems, string path)
    {
        problems.Text($"{path}.what", What, MostLetters);
        foreach (var (name, text) in new[] { ("place", Place), ("colour", Colour), ("pin", Pin), ("size", Size) }) problems.Letters($"{path}.{name}", text, MostLetters);
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
