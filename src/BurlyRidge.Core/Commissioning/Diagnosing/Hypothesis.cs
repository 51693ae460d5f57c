using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>What could be wrong with a rig; no fault: nothing is.</summary>
internal sealed record Hypothesis(IReadOnlyList<RigFault> Faults)
{
    public static Hypothesis Sound { get; } = new([]);

    /// <summary>Names it within its rig.</summary>
    public string Key => string.Join('+', Faults.Select(fault => fault.Key));

    /// <summary>The kind of fault of a fuse that cannot carry its lamps.</summary>
    public const string TooSmall = "fuse-too-small";

    /// <summary>Rust, paint and a few strands have as many ohms as they like: factors of what the library has, with their shares (assumed, no source).</summary>
    private static readonly (double Factor, double Share)[] Ohms = [(1, 0.4), (0.45, 0.2), (2.2, 0.2), (0.2, 0.1), (5, 0.1)];

    /// <summary>Ways in which it can be so: one, or one for each size of a resistance; the one of the library first.</summary>
    public IReadOnlyList<(double Share, double Size, IReadOnlyList<Fault> Faults)> Ways()
    {
        var all = Faults.SelectMany(fault => fault.Faults).ToList();
        // A fuse that is too small has opened or not yet; as long as it has not, nothing but a look at it tells.
        if (Faults.FirstOrDefault(fault => fault.Kind == TooSmall) is { } small) return [(0.5, 1, [.. all, new Fault.Open(small.Part)]), (0.5, 1, all)];
        return all.OfType<Fault.AddedResistance>().Any()
            ? [.. Ohms.Select(size => (size.Share, size.Factor, (IReadOnlyList<Fault>)[.. all.Select(fault => fault is Fault.AddedResistance some ? some with { Ohms = some.Ohms * size.Factor } : fault)]))]
            : [(1, 1, all)];
    }
}
