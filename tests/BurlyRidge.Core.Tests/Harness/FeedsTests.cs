using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Harness;

/// <summary>Which fuse stands before which conductor, in shapes that fitters build.</summary>
public class FeedsTests
{
    private static string[] FusesBefore(Rig rig, string terminal)
    {
        var map = WiringMap.Of(rig);
        return [.. Feeds.Of(map).Of(terminal).Feeders.Select(feeder => feeder.Device!.Id).Order(StringComparer.Ordinal)];
    }

    [Theory]
    [InlineData("f.in", "")]
    [InlineData("k.30", "f")]
    [InlineData("bar.plus", "f")]
    [InlineData("s.in", "cf")]
    [InlineData("k.86", "cf")]
    public void On_a_harness_each_branch_has_its_own(string terminal, string fuses) =>
        Assert.Equal(fuses, string.Join(' ', FusesBefore(GoodRigs.Bar, terminal)));

    [Theory]
    [InlineData("box.plus", "main")]
    [InlineData("bar.plus", "box.o1-fuse")]
    [InlineData("box.sense", "tapfuse")]
    [InlineData("radio.tap", "")]
    public void Behind_a_box_it_is_the_outputs(string terminal, string fuses) =>
        Assert.Equal(fuses, string.Join(' ', FusesBefore(GoodRigs.Box, terminal)));

    [Fact]
    public void A_row_fed_at_both_ends_has_two_and_a_charger_lead_is_led_to_from_the_battery_it_charges()
    {
        Assert.Equal(["box.o1-fuse", "box.o2-fuse"], FusesBefore(GoodRigs.BothEnds, "pod7.plus"));
        Assert.Equal(["highBeam.fuse"], FusesBefore(GoodRigs.Beam, "k.86"));
        var feeds = Feeds.Of(WiringMap.Of(GoodRigs.Camp));
        Assert.Equal("dc", Assert.Single(feeds.Of("dc.out-plus").LimitedSources).Id);
        Assert.Equal("cf2", Assert.Single(feeds.Of("dc.out-plus").Feeders).Device!.Id);
        Assert.Equal(["cf2"], feeds.LedToSource(feeds.Of("camp.plus")).Select(feeder => feeder.Device!.Id));
        Assert.Empty(feeds.LedToSource(feeds.Of("battery.plus")));
    }

    [Fact]
    public void What_comes_back_is_grounded_and_has_no_feeder()
    {
        var feeds = Feeds.Of(WiringMap.Of(GoodRigs.NegativeBeam));
        foreach (var terminal in new[] { "left.minus", "e", "body", "s.in", "highBeam.minus", "battery.minus" })
        {
            Assert.True(feeds.Of(terminal).Grounded, terminal);
            Assert.Empty(feeds.Of(terminal).Feeders);
        }
        Assert.False(feeds.Of("highBeam.plus").Grounded);
    }

    /// <summary>Taking out every fuse before a run leaves it dead; taking out all but one does not.</summary>
    [Fact]
    public void With_its_fuses_out_a_run_is_dead()
    {
        for (var seed = 1; seed <= 40; seed++)
        {
            var shape = AnyRig.Of(seed);
            var map = WiringMap.Of(shape.Rig);
            var feeds = Feeds.Of(map);
            var on = RigStates.EverythingOn(shape.Rig) with { Engine = Engine.Off };
            foreach (var run in shape.Rig.Runs)
            {
                var section = feeds.Of(run.From);
                if (section.Grounded || section.Sources.Count > 0 || section.Feeders.Count == 0) continue;
                var faults = section.Feeders.Select(feeder => (Fault)new Fault.Open(Element(shape.Rig.Vehicle, feeder.Device!))).ToList();
                var solved = HarnessCompiler.Solve(shape.Rig, on, null, faults);
                Assert.True(Math.Abs(solved.Amps(run.Id)) < 0.05, $"seed {seed}: {run.Id} carries {solved.Amps(run.Id)} A");
            }
        }
    }

    /// <summary>The vehicle's signal fuses are one with its factory wiring in the network.</summary>
    private static string Element(Vehicle vehicle, Link device)
    {
        foreach (var (name, lamp) in new[] { ("highBeam", vehicle.HighBeam), ("reverse", vehicle.Reverse), ("sideLight", vehicle.SideLight) })
            if (device.Id == $"{name}.fuse") return lamp.Switched == SwitchedSide.Plus ? $"{name}.switch" : $"{name}.feed";
        return device.Id;
    }
}
