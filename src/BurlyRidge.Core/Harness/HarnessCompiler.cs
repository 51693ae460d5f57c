using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>From a rig to a circuit that can be put into any state.</summary>
public static class HarnessCompiler
{
    /// <summary>
    /// Compiles a rig that <see cref="RigValidation.Validate"/> finds nothing wrong with; lines planned in short are no part
    /// of it. <paramref name="faults"/> are put in on the way.
    /// </summary>
    public static CompiledHarness Compile(Rig rig, IReadOnlyList<Fault>? faults = null) => Compile(rig, faults, []);

    /// <summary>The same with something held to its terminals.</summary>
    internal static CompiledHarness Compile(Rig rig, IReadOnlyList<Fault>? faults, IReadOnlyList<PartElement> held)
    {
        var faulty = Faults.Rewire(rig, faults ?? []);
        var (harness, around) = (new HarnessBuilder(), faulty.Around());
        foreach (var part in faulty.AllParts()) harness.Add(part, around);
        foreach (var run in faulty.Runs) harness.Add(run.Element(around.Zones));
        Faults.Put(harness, faults ?? []);
        foreach (var element in held) harness.Add(element);
        return harness.Done();
    }

    /// <summary>Compiles and solves, the contacts as they were before (by controller id; all back where left out).</summary>
    public static SolvedHarness Solve(
        Rig rig, RigState state, IReadOnlyDictionary<string, bool>? contactsBefore = null, IReadOnlyList<Fault>? faults = null)
        => Compile(rig, faults).Solve(state, contactsBefore);

    /// <summary>Solves one state after another, each from the contacts that the one before left.</summary>
    public static IReadOnlyList<SolvedHarness> Sequence(Rig rig, IEnumerable<RigState> states)
    {
        var solved = new List<SolvedHarness>();
        foreach (var state in states) solved.Add(Solve(rig, state, solved.Count == 0 ? null : solved[^1].Contacts));
        return solved;
    }
}
