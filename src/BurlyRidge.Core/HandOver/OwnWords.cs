namespace BurlyRidge.Core.HandOver;

/// <summary>Parts of the pack that the shop can put into its own words, by key.</summary>
public static class OwnWords
{
    /// <summary>What is worth saying to the owner before anything else.</summary>
    public const string Owner = "owner";

    /// <summary>What was not done as sold, or left open and agreed.</summary>
    public const string Agreed = "agreed";

    /// <summary>What lies in the glove box.</summary>
    public const string GloveBox = "gloveBox";

    /// <summary>What to pull in an emergency.</summary>
    public const string Emergency = "emergency";

    /// <summary>What to look at after some time.</summary>
    public const string Care = "care";

    /// <summary>How to go back to standard, and where the covers are kept.</summary>
    public const string Standard = "standard";

    /// <summary>What of local law was looked up, and what it says.</summary>
    public const string Law = "law";

    /// <summary>Settings as they were left, beyond what the plan has.</summary>
    public const string Settings = "settings";

    private const string OfLine = "line/";

    /// <summary>All of them that are of no line, in the order of the pack.</summary>
    public static IReadOnlyList<string> All { get; } = [Owner, Agreed, GloveBox, Emergency, Care, Standard, Law, Settings];

    /// <summary>The key of how a line is worked.</summary>
    public static string Line(string line) => OfLine + line;

    /// <summary>Whether there is such a part.</summary>
    public static bool Has(string key) => All.Contains(key) || (key.StartsWith(OfLine, StringComparison.Ordinal) && key.Length > OfLine.Length);
}
