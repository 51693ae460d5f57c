using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Harness;

/// <summary>What must hold of a rig with anything wrong in it.</summary>
public class FaultyRigProperties
{
    /// <summary>What a charger or a converter makes of a battery's volts, as a factor; a 24 V rig has both on one another.</summary>
    private const double MostFactor = 1.3;

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    private static IEnumerable<(string What, SolvedHarness Solved)> Faulty(string name)
    {
        var shape = AllShapes.Competent.Single(shape => shape.Name == name);
        foreach (var fault in FaultLibrary.Of(shape.Rig, PartNames.Of(shape.Rig)))
        {
            var (rig, put) = FaultLibrary.Put(shape.Rig, [fault.Key]);
            var harness = HarnessCompiler.Compile(rig, put);
            foreach (var state in shape.States.Distinct()) yield return (fault.Key, harness.Solve(state));
        }
    }

    /// <summary>Nothing in a rig makes more volts than its sources: what floats lies between them.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void No_terminal_is_beyond_what_the_sources_give(string name)
    {
        var sources = AllShapes.Competent.Single(shape => shape.Name == name).Rig.Vehicle.SystemVolts;
        foreach (var (what, solved) in Faulty(name))
        {
            var most = MostFactor * sources + solved.Harness.Circuit.Elements.OfType<RegulatedSource>().Select(source => source.Volts).DefaultIfEmpty(0).Max();
            Assert.True(solved.Solution.State.Volts.All(volts => Math.Abs(volts) <= most), $"{what}: {solved.Solution.State.Volts.MaxBy(Math.Abs):0.0} V");
        }
    }

    /// <summary>What goes into a rig comes out of it, in whatever answer it settles to.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void Kirchhoff_and_power_hold(string name)
    {
        foreach (var (_, solved) in Faulty(name))
            if (solved.Solution is not Solution.Chatter) Laws.Hold(solved);
    }
}
