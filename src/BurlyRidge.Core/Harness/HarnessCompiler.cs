using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>From a rig to a circuit that can be put into any state.</summary>
public static class HarnessCompiler
{
    /// <summary>
    /// Compiles a rig that <see cref="RigValidation.Validate"/> finds nothing wrong with; lines planned in short are no part
    /// of it. <paramref name="faults"/> are put in on the way.
    /// </summary>
    public static CompiledHarness Compile(Rig rig, IReadOnlyList<Fault>? faults = null)
    {
        var faulty = Faults.Rewire(rig, faults ?? []);
        var harness = new HarnessBuilder(faulty);
        VehicleParts.Add(harness);
        FittedParts.Add(harness);
        foreach (var run in faulty.Runs) Add(harness, run);
        Faults.Put(harness, faults ?? []);
        return harness.Done();
    }

    /// <summary>Terminal of the plus post that feeds the vehicle.</summary>
    public static string SystemPlus(Vehicle vehicle) =>
        (vehicle.BatteryLink == BatteryLink.Series ? vehicle.Batteries[^1] : vehicle.Batteries[0]).Id + ".plus";

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

    private static void Add(HarnessBuilder harness, Run run)
    {
        var ambient = run.Ambient(harness.Rig.HouseRules.ZoneCelsius);
        harness.Wire(run.Id, run.From, run.To, WireTable.Find(run.Wire)!, run.LengthMetres, run.InsulationCelsius, ambient, run.Bundled);
    }
}
