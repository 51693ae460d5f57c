using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Parts;
using System.Text;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using CsCheck;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Harness;

/// <summary>
/// Every shape in every state, and random rigs, against a general-purpose circuit simulator (ngspice). Warm wire, lamps,
/// batteries and sources go over as behavioural elements. The contacts go over as they stand, and are then looked at again
/// by the simulator's own voltages: each must be where those voltages put or leave it. Currents are those of every run of
/// wire, which between them settle those of the stiff parts (contacts, holders, batteries) by Kirchhoff's law.
/// </summary>
public class AgainstSpiceTests
{
    private const int RandomRigs = 200;
    private const int Batch = 20;

    public static TheoryData<string> Shapes => [.. AllShapes.All.Select(shape => shape.Name)];

    public static TheoryData<int> Batches => [.. Enumerable.Range(0, RandomRigs / Batch)];

    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_shape_agrees_in_every_state(string name) => Agree(AllShapes.All.Single(shape => shape.Name == name));

    [Theory]
    [MemberData(nameof(Batches))]
    public void Random_rigs_agree(int batch)
    {
        foreach (var seed in Enumerable.Range(batch * Batch, Batch)) Agree(AnyRig.Of(seed));
    }

    public static TheoryData<string> Faults => [.. FaultyShapes.All.Select(shape => shape.Name)];

    [Theory]
    [MemberData(nameof(Faults))]
    public void What_is_wrong_flows_as_the_simulator_says(string name) => Agree(FaultyShapes.All.Single(shape => shape.Name == name));

    [Fact]
    public void Quick_plans_in_full_wiring_agree()
    {
        foreach (var (plan, rules, volts) in AnyLine.OnVehicle.Array[20].Single(_ => true, "0000KOIPe962"))
        {
            var rig = Rig.Empty(volts, UnitSystem.Metric) with { HouseRules = rules, Lines = [new Line("line", "Line", plan)] };
            var wired = WholeRig.Of(rig).Wired;
            Agree(new Shape($"{plan}", wired, [RigStates.EverythingOn(wired)]));
        }
    }

    [Fact]
    public void Most_random_rigs_light_something()
    {
        var lit = Enumerable.Range(0, RandomRigs).Select(AnyRig.Of)
            .Sum(shape => HarnessCompiler.Sequence(shape.Rig, shape.States).Count(solved => solved.Harness.Circuit.Elements
                .Where(element => element.Id.Contains("-lamp", StringComparison.Ordinal)).Any(element => Math.Abs(solved.Amps(element.Id)) > 0.1)));
        Assert.InRange(lit, RandomRigs, 3 * RandomRigs);
    }

    private static void Agree(Shape shape)
    {
        var all = HarnessCompiler.Sequence(shape.Rig, shape.States)
            .Select((solved, i) => (Name: $"{shape.Name}, state {i}", Solved: solved))
            .Where(entry => entry.Solved.Solution is Solution.Converged or Solution.Ambiguous)
            .ToList();
        var deck = new StringBuilder(shape.Name + "\n");
        for (var i = 0; i < all.Count; i++) SpiceNetlist.Body(deck, all[i].Solved, $"x{i}");
        var spice = Ngspice.NodeVoltages(deck.ToString());

        for (var i = 0; i < all.Count; i++)
        {
            var (name, solved) = all[i];
            var circuit = solved.Harness.Circuit;
            var volts = Enumerable.Range(0, circuit.NodeCount).Select(node => node == 0 ? 0 : spice[$"n{node}x{i}"]).ToArray();
            for (var node = 0; node < volts.Length; node++)
                Assert.True(Math.Abs(volts[node] - solved.Solution.State.Volts[node]) < 1e-3,
                    $"{name}: {solved.Harness.NodeNames[node]} {solved.Solution.State.Volts[node]} V, simulator {volts[node]} V");
            for (var e = 0; e < circuit.Elements.Count; e++)
            {
                var element = circuit.Elements[e];
                var theirs = element switch
                {
                    WireElement => spice[$"v{e}x{i}#branch"],
                    Resistor { Ohms: < 0.1 } or Contact { Closed: true } or BatteryElement or RegulatedSource => double.NaN,
                    _ => element.Amps(volts[element.From] - volts[element.To], out _),
                };
                var ours = solved.Solution.State.Amps[e];
                Assert.False(Math.Abs(ours - theirs) > Math.Max(1e-3, 1e-3 * Math.Abs(ours)), $"{name}: {element.Id} {ours} A, simulator {theirs} A");
            }
            for (var c = 0; c < circuit.Controllers.Count; c++)
            {
                var controller = circuit.Controllers[c];
                var over = solved.Solution.State.Over[c];
                Assert.Equal(over, controller.Next(volts[controller.Plus] - volts[controller.Minus], over));
            }
        }
    }
}
