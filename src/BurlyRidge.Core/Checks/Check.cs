using System.Text.Json.Serialization;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks;

/// <summary>One judgement.</summary>
/// <param name="Id">Stable name of the check.</param>
/// <param name="Verdict">How it comes out.</param>
/// <param name="Title">What is judged.</param>
/// <param name="Figure">What is, in <paramref name="Unit"/>.</param>
/// <param name="Limit">What it is held against, in <paramref name="Unit"/>.</param>
/// <param name="Unit">"A", "V", "°C", "s", a word for things counted, "" for a fraction, "-" for what is so or not so.</param>
/// <param name="Reason">One or two sentences: why, and what to do.</param>
/// <param name="Source">Where the limit comes from.</param>
public sealed record Check(
    string Id, Verdict Verdict, string Title, double Figure, double Limit, string Unit, string Reason, string Source)
{
    /// <summary>The part that it speaks of: a run, a fuse, a lamp; empty for the whole line or rig.</summary>
    public string About { get; init; } = "";

    /// <summary>The line that it belongs to; null for the rig.</summary>
    public string? LineId { get; init; }

    /// <summary>The lines that share the part that it speaks of; empty where it belongs to one line, or is about no part.</summary>
    public IReadOnlyList<string> Lines { get; init; } = [];

    /// <summary>The house rule that it was judged by, with its reason; null where it follows none.</summary>
    public string? Rule { get; init; }

    /// <summary>Why it may stay as it is; null where nobody accepted it with these figures.</summary>
    public Acceptance? Accepted { get; init; }

    /// <summary>How it counts: accepted it stands in nobody's way.</summary>
    [JsonIgnore]
    public Verdict Counts => Accepted is null ? Verdict : Verdict.Holds;

    /// <summary>Figures that nobody entered and that it was judged by.</summary>
    public IReadOnlyList<Unspecified> RestsOn { get; init; } = [];

    /// <summary>What cures it; null where nothing that can be pressed does.</summary>
    public Remedy? Remedy { get; init; }
}

/// <summary>An edit of the rig that cures a check.</summary>
/// <param name="Label">What it does, as on a button.</param>
public sealed record Remedy(string Label)
{
    /// <summary>The rig with the cure in it.</summary>
    [JsonIgnore]
    public Func<Rig, Rig> Apply { get; init; } = rig => rig;

    /// <summary>Whether it changes a quick plan itself; any other cure of a part that one stands for expands the plan first.</summary>
    [JsonIgnore]
    public bool OfPlan { get; init; }
}
