namespace BurlyRidge.Core.Running.Faults;

/// <summary>
/// How often a kind of fault is what was wrong: shares to start from (common practice, no source), which what a shop found by
/// itself takes over, as a Dirichlet distribution does.
/// </summary>
public sealed class FaultOdds
{
    /// <summary>The shares to start from count as so many faults that were found.</summary>
    public const int AssumedFaults = 20;

    /// <summary>The most frequent first; within a group all alike.</summary>
    private static readonly (double Share, string[] Kinds)[] Groups =
    [
        (0.24, ["fuse-out"]),
        (0.19, ["plug-open", "joint-loose"]),
        (0.15, ["other-switching-style", "switch-lamp-earthed"]),
        (0.12, ["earth-on-paint", "earth-off", "factory-earth-off", "post-loose"]),
        (0.10, ["tap-let-go", "wire-open", "wire-pinched", "wire-chafed"]),
        (0.08, ["wrong-wire", "beam-wires-crossed", "wrong-side", "plug-crossed", "coil-turned", "relay-throws-swapped", "switch-pins-swapped", "lamp-turned-round", "wrong-lead-joined", "sense-missing", "box-minus-on-body"]),
        (0.07, ["lamp-dead", "lamp-half-dead", "fuse-blown", "breaker-open", "relay-dead-coil", "relay-stuck-open", "relay-welded", "switch-dead", "output-dead", "converter-dead", "alternator-dead", "battery-off", "battery-flat"]),
    ];

    /// <summary>Of all kinds that no group has, together.</summary>
    private const double OfTheRest = 0.05;

    private static readonly string[] InOrder = [.. Groups.SelectMany(group => group.Kinds)];

    private readonly IReadOnlyDictionary<string, int> found;

    private FaultOdds(IReadOnlyDictionary<string, int> found) => (this.found, Found) = (found, found.Values.Sum());

    /// <summary>With what a shop found, by kind; a kind that is none counts for nothing.</summary>
    public static FaultOdds Of(IReadOnlyDictionary<string, int> found) => new(found.Where(pair => pair.Value > 0 && FaultLibrary.Kinds.Contains(pair.Key)).ToDictionary(pair => pair.Key, pair => pair.Value, StringComparer.Ordinal));

    /// <summary>As nobody has found anything yet.</summary>
    public static FaultOdds Assumed { get; } = Of(new Dictionary<string, int>());

    /// <summary>How many faults the shop found itself.</summary>
    public int Found { get; }

    /// <summary>Share of a kind among the faults that are found.</summary>
    public double Share(string kind) => (AssumedFaults * AssumedShare(kind) + found.GetValueOrDefault(kind)) / (AssumedFaults + Found);

    /// <summary>Place of a kind among those that are found, the most frequent first.</summary>
    internal static int Order(string kind) => Array.IndexOf(InOrder, kind) is >= 0 and var place ? place : InOrder.Length;

    private static double AssumedShare(string kind)
    {
        var group = Array.Find(Groups, group => group.Kinds.Contains(kind));
        return group.Kinds is null ? OfTheRest / Math.Max(1, FaultLibrary.Kinds.Count - InOrder.Length) : group.Share / group.Kinds.Length;
    }
}
