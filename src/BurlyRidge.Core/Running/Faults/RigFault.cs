using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Something wrong with one part of a rig.</summary>
/// <param name="Key">Names it within its rig: "kind:part".</param>
/// <param name="Kind">Of the library.</param>
/// <param name="Part">The part, wire or signal that it is at.</param>
/// <param name="Name">What it is, in words.</param>
public sealed record RigFault(string Key, string Kind, string Part, string Name)
{
    internal Func<Rig, Rig> Alter { get; init; } = rig => rig;

    internal IReadOnlyList<Fault> Faults { get; init; } = [];

    internal static string KeyOf(string kind, string part) => $"{kind}:{part}";
}

/// <summary>A kind of fault, and the parts of a rig that can have it.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Words">Its name at a part that is called so.</param>
/// <param name="Sites">Where in a rig in full wiring it can be.</param>
internal sealed record FaultKind(string Id, Func<string, string> Words, Func<Rig, IEnumerable<FaultSite>> Sites);

/// <summary>A part that can have a fault, and what it does to the rig: another wiring, or something in the circuit.</summary>
internal sealed record FaultSite(string Part, params IReadOnlyList<Fault> Faults)
{
    public Func<Rig, Rig>? Alter { get; init; }

    /// <summary>How its part is called where that is not the name of one part.</summary>
    public string? Called { get; init; }
}
