using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>What a fault makes otherwise in a rig's wiring.</summary>
/// <param name="Terminals">Those that a changed wire ends at, before or after.</param>
/// <param name="Parts">Parts that are otherwise.</param>
/// <param name="Everywhere">The vehicle itself is otherwise.</param>
internal sealed record Alteration(Func<Rig, Rig> Alter, IReadOnlyList<string> Terminals, IReadOnlyList<string> Parts, bool Everywhere)
{
    /// <summary>Of some faults of a rig; null where they leave its wiring as it is.</summary>
    public static Alteration? Of(Rig rig, IReadOnlyList<RigFault> faults)
    {
        Rig Alter(Rig before) => faults.Where(fault => fault.Kind != Hypothesis.TooSmall).Aggregate(before, (one, fault) => fault.Alter(one));
        var after = Alter(rig);
        if (ReferenceEquals(after, rig)) return null;
        var wires = rig.Runs.Except(after.Runs).Concat(after.Runs.Except(rig.Runs)).SelectMany(run => run.Ends()).Distinct().ToList();
        var known = rig.AllParts().ToHashSet<IPart>(ReferenceEqualityComparer.Instance);
        return new Alteration(Alter, wires, [.. after.AllParts().Where(part => !known.Contains(part)).Select(part => part.Id)], !ReferenceEquals(rig.Vehicle, after.Vehicle));
    }
}
