using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Harness;

/// <summary>What has to be turned, pressed and pulled for a lamp to light.</summary>
public class StateFinderTests
{
    private static Rig Shape(string name) => AllShapes.All.Single(shape => shape.Name.StartsWith(name, StringComparison.Ordinal)).Rig;

    private static TurnedOn? On(Rig rig, string lamp, Signal? via = null) => new StateFinder(rig, WiringMap.Of(rig)).On([lamp], via);

    [Fact]
    public void A_switch_a_slot_a_signal_and_the_key_are_asked_for_where_the_wires_need_them()
    {
        var bar = On(GoodRigs.Bar, "bar.main")!;
        Assert.Equal(("on", "battery"), (bar.State.Switches["s"], bar.Source.Id));
        Assert.False(bar.State.Key || bar.State.HighBeam);

        var beam = On(GoodRigs.Beam, "right.main")!.State;
        Assert.True(beam.HighBeam);
        Assert.Equal("on", beam.Switches["s"]);

        var box = On(GoodRigs.Box, "work.main")!.State;
        Assert.Equal(["box.o3"], box.Pressed);
        Assert.True(box.Key);
    }

    [Fact]
    public void A_coil_is_followed_both_ways_also_where_the_beam_is_switched_in_its_minus()
    {
        var negative = On(GoodRigs.NegativeBeam, "left.main")!.State;
        Assert.True(negative.HighBeam);
        Assert.Equal("on", negative.Switches["s"]);
        var both = On(Shape("contact fed by a factory output"), "bar.main")!.State;
        Assert.True(both.HighBeam);
        Assert.Equal(["aux1"], both.Pressed);
    }

    [Fact]
    public void A_way_by_the_signal_is_taken_where_it_is_asked_for()
    {
        var rig = Shape("rear pair on, off or automatic");
        Assert.Equal(("on", false), (On(rig, "left.main")!.State.Switches["s"], On(rig, "left.main")!.State.Reverse));
        Assert.Equal(("auto", true), (On(rig, "left.main", Signal.Reverse)!.State.Switches["s"], On(rig, "left.main", Signal.Reverse)!.State.Reverse));
        Assert.True(On(rig, "left.red")!.State.SideLight);
    }

    [Fact]
    public void Behind_a_converter_its_input_is_asked_for_as_well()
    {
        var found = On(GoodRigs.Truck, "two.main")!;
        Assert.Equal(("dc", "on"), (found.Source.Id, found.State.Switches["s"]));
        Assert.Null(On(GoodRigs.Truck with { Runs = [.. GoodRigs.Truck.Runs.Where(run => run.To != "dc.in-plus")] }, "two.main"));
    }

    [Fact]
    public void Where_the_wires_lead_nowhere_there_is_none()
    {
        Assert.Null(On(GoodRigs.Bar with { Runs = [.. GoodRigs.Bar.Runs.Where(run => run.To != "bar.plus")] }, "bar.main"));
        Assert.Null(On(NegativeShapes.WiredAsPositive, "left.main"));
        Assert.Null(On(GoodRigs.Bar, "nothing.main"));
    }

    /// <summary>What is found is enough: the lamp draws, unless the whole state browns out.</summary>
    [Fact]
    public void What_is_found_lights_the_lamp_on_any_rig()
    {
        for (var seed = 1; seed <= 80; seed++)
        {
            var rig = AnyRig.Of(seed).Rig;
            foreach (var lamp in rig.Lines.SelectMany(line => line.Lights))
            {
                if (On(rig, lamp) is not { } found) continue;
                var solved = HarnessCompiler.Compile(rig).Solve(found.State, atNominalVolts: true);
                if (solved.Solution is not Core.Network.Solution.Converged) continue;
                Assert.True(Math.Abs(solved.Amps(lamp)) > 0.01, $"seed {seed}: {lamp} is dark");
            }
        }
    }
}
