using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Harness;

/// <summary>A solved rig with a fault in it, from the factors of the sound one, against the same solved in full.</summary>
public class NearHarnessTests
{
    private const double Microvolt = 1e-6;

    /// <summary>The search in full ends with so much of the largest current left in its sums: a terminal that only leaks hold moves with it.</summary>
    private const double Rest = 0.5e-9;

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    /// <summary>Every fault of every part that leaves the wires where they are, in every state of its shape.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void Low_rank_and_full_agree_within_a_microvolt(string name)
    {
        var (_, rig, states) = AllShapes.Competent.Single(shape => shape.Name == name);
        var faults = FaultLibrary.Of(rig, PartNames.Of(rig)).Select(fault => (fault.Key, Put: FaultLibrary.Put(rig, [fault.Key]))).Where(pair => ReferenceEquals(pair.Put.Rig, rig)).ToList();
        var terminals = rig.Runs.SelectMany(run => run.Ends()).Distinct().ToList();
        var (near, full) = (0, 0);
        foreach (var state in states.Append(new RigState()))
        {
            if (NearHarness.Of(HarnessCompiler.Compile(rig).Solve(state)) is not { } solver) continue;
            foreach (var (key, (_, put)) in faults)
            {
                if (!solver.Solve(put))
                {
                    full++;
                    continue;
                }
                near++;
                var whole = HarnessCompiler.Solve(rig, state, null, put);
                foreach (var terminal in terminals)
                    Assert.True(Math.Abs(whole.Volts(terminal) - solver.Volts(terminal)) < Microvolt + Rest * (1 + whole.Solution.State.Amps.Max(Math.Abs)) * solver.Ohms(terminal, Vehicle.Body), $"{key} in {state}: {terminal} {solver.Volts(terminal)} and not {whole.Volts(terminal)}");
                foreach (var light in rig.Fixtures.SelectMany(lamp => lamp.Functions.Select(light => $"{lamp.Id}.{light.Id}")))
                    Assert.True(Math.Abs(whole.Amps(light) - solver.Amps(light)) < 1e-4, $"{key} in {state}: {light} {solver.Amps(light)} A and not {whole.Amps(light)}");
                foreach (var run in rig.Runs)
                    Assert.True(Math.Abs(whole.Amps(run.Id) - solver.Amps(run.Id)) < 1e-4, $"{key} in {state}: {run.Id} {solver.Amps(run.Id)} A and not {whole.Amps(run.Id)}");
            }
        }
        Assert.True(near > 2 * full, $"{near} by low rank, {full} in full");
    }
}
