using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using CsCheck;

namespace BurlyRidge.Core.Tests.Templates;

public class QuickSizingTests
{
    // Typical contacts (common practice, no source): 80 % of the rating at 12 V, 80 % of half of it at 24 V.
    [Theory]
    [InlineData(12, 21.5, 30)]
    [InlineData(12, 21.7, 40)]
    [InlineData(12, 50, 70)]
    [InlineData(12, 120, 200)]
    [InlineData(12, 158, null)]
    [InlineData(24, 10.7, 30)]
    [InlineData(24, 14.3, 40)]
    [InlineData(24, 71, 200)]
    [InlineData(24, 78, null)]
    public void The_smallest_contact_that_carries_it_is_taken(int volts, double loadAmps, int? rating) =>
        Assert.Equal(rating, Make.Size(Make.Line(loadAmps * volts / 2, 1, count: 2), volts).RelayAmps);

    [Fact]
    public void A_fuse_that_is_met_exactly_is_taken()
    {
        // 120 W resistor strip at 12 V: 12 A at 14.4 V, and 12/0.8 is 15 to the last digit.
        var sizing = Make.Size(Make.Line(120, 1, LampKind.ResistorLed));
        Assert.Equal(new Fuse(15, FuseFamily.Blade), sizing.ProposedFuse);
        Assert.Equal(new Fuse(15, FuseFamily.Blade), sizing.Fuse);
    }

    [Fact]
    public void Above_40_A_the_fuse_is_bolted_down_and_the_wire_good_for_1_04_times_it()
    {
        var rules = new HouseRules { MarginFraction = 0, DropLimitRegulatedLed = 0.2 };
        // 35 A load is 43.75 A design: 54.7 A asks for the 60 A bolt-down, and that for 62.4 A of wire; 10 AWG has 60.
        var sizing = Make.Size(Make.Line(420, 1), rules: rules);
        Assert.Equal(new Fuse(60, FuseFamily.BoltDown), sizing.Fuse);
        var ten = sizing.Ladder.Single(rung => rung.Wire.Name == "10 AWG");
        Assert.Equal(60, ten.AmpacityAmps, 9);
        Assert.Contains(RungFailure.Fuse, ten.Failures);
        Assert.Equal("8 AWG", sizing.Wire.Name);
    }

    [Fact]
    public void No_fuse_no_wire()
    {
        var answer = Make.Assess(Make.Line(5000, 1, count: 100));
        Assert.Null(answer.Fuse);
        Assert.Null(answer.Wire);
        Assert.All(answer.Ladder, entry => Assert.Equal([RungFailure.NoFuse], entry.Fails));
    }

    [Fact]
    public void A_gauge_that_the_lamp_cannot_run_on_loses_everything()
    {
        var rung = Make.Size(Make.Line(60, 60)).Ladder.Single(rung => rung.Wire.Name == "20 AWG");
        Assert.Equal(1, rung.DropFraction);
        Assert.Contains(RungFailure.BrownOut, rung.Failures);
    }

    [Fact]
    public void What_is_neither_wire_nor_fuse_is_at_most_30_milliohms()
    {
        foreach (var path in Enum.GetValues<ReturnPath>())
        {
            var answer = Make.Assess(Make.Line(200, 4, path: path, trigger: Trigger.HighBeam));
            var contacts = answer.Losses.Where(loss => loss.Group == Core.Harness.LossGroup.Contacts || loss.Name == "body").Sum(loss => loss.Milliohms);
            Assert.InRange(contacts, 5, 30);
        }
    }

    [Fact]
    public void A_wire_taken_by_hand_is_judged_and_the_proposal_still_known()
    {
        var sizing = Make.Size(Make.Line(100, 4) with { ChosenWire = "20 AWG" });
        Assert.Equal("20 AWG", sizing.Wire.Name);
        Assert.False(sizing.Ladder.Single(rung => rung.Wire == sizing.Wire).Holds);
        Assert.Equal(Make.Size(Make.Line(100, 4)).Wire, sizing.ProposedWire);
    }

    [Fact]
    public void A_fuse_taken_by_hand_moves_the_wire_with_it()
    {
        var line = Make.Line(60, 0.5);
        Assert.True(Make.Size(line with { ChosenFuse = new Fuse(40, FuseFamily.Blade) }).WireAmps >= 40);
        Assert.True(Make.Size(line).WireAmps < 40);
    }

    [Theory]
    // 42 W at 10.8 V are 3.9 A: a 5 A fuse. 53 W are 4.9 A, and want a 7.5 A fuse, which a 5 A switch does not survive.
    [InlineData(42, Trigger.SwitchAlone, false)]
    [InlineData(53, Trigger.SwitchAlone, true)]
    [InlineData(58, Trigger.SwitchAlone, true)]
    [InlineData(5, Trigger.HighBeam, true)]
    [InlineData(5, Trigger.Reverse, true)]
    public void A_relay_is_needed_above_what_a_dash_switch_takes_or_for_a_signal(double watts, Trigger trigger, bool needed)
    {
        var plan = Make.Line(watts, 1, trigger: trigger);
        Assert.Equal(needed, Make.Assess(plan).Relay.Needed);
        Assert.Equal(needed ? 1 : 0, WholeRig.Of(With(plan)).Wired.Relays.Count);
    }

    [Theory]
    [InlineData(ReturnPath.Wire, 2)]
    [InlineData(ReturnPath.Body, 1)]
    public void A_harness_that_was_not_counted_holds_the_line_alone(ReturnPath path, int conductors) =>
        Assert.Equal(conductors, Make.Size(Make.Line(60, 3, path: path)).Main.Run.Bundled);

    [Fact]
    public void The_hottest_zone_governs() =>
        Assert.Equal(70, Make.Size(Make.Line(60, 3) with { Zones = [Zone.Cabin, Zone.EngineBay, Zone.Exterior] }).AmbientCelsius);

    [Fact]
    public void The_wires_come_to_the_length_that_was_given() => AnyLine.Line.Sample(plan =>
    {
        var wired = WholeRig.Of(With(plan)).Wired;
        double Metres(params string[] ends) => wired.Runs.Where(run => ends.Any(end => run.To.StartsWith(end, StringComparison.Ordinal))).Sum(run => run.LengthMetres);
        var load = wired.Relays.Count > 0 ? "line-relay.30" : "line-switch.in";
        var tail = wired.Runs.First(run => run.To.EndsWith(".plus", StringComparison.Ordinal)).LengthMetres;
        Assert.Equal(plan.OneWayMetres, Metres("line-fuse.in", load, "line-plug.a") + tail, 1e-9);
    });

    [Fact]
    public void Lamps_that_are_bought_are_wired_by_the_plan_and_stay_where_they_are()
    {
        var lamp = new Fixture("bar", "Bar", [new LampFunction("main", LampKind.RegulatedLed, 90, Plus: "red", Minus: "black")]);
        var rig = With(Make.Line(60, 3, count: 2) with { Fixtures = ["bar"] }) with { Fixtures = [lamp] };
        var wired = WholeRig.Of(rig).Wired;
        Assert.Equal(["bar", "line-lamp-2"], wired.Fixtures.Select(fixture => fixture.Id));
        Assert.Equal(["bar.main", "line-lamp-2.main"], wired.Lines.Single().Lights);
        Assert.Contains(wired.Runs, run => run.To == "bar.red");
        Assert.Equal(150 / 12.0, WholeRig.Of(rig).Quick["line"].LoadAmps, 9);
    }

    [Fact]
    public void Control_wires_are_of_the_family_that_is_on_the_shelf()
    {
        foreach (var gauges in Enum.GetValues<GaugeSystem>())
        {
            var wired = WholeRig.Of(With(Make.Line(100, 3)) with { HouseRules = new HouseRules { Gauges = gauges } }).Wired;
            Assert.All(wired.Runs, run => Assert.Contains(WireTable.Find(run.Wire)!, WireTable.Of(gauges)));
        }
    }

    [Fact]
    public void What_is_remembered_is_what_would_be_sized_again()
    {
        var sizes = new QuickSizes();
        AnyLine.OnVehicle.Sample(any =>
        {
            var ask = Make.Ask(any.Line, any.Volts, any.Rules);
            var (fresh, first, second) = (QuickSizing.Of(ask), sizes.Of(ask), sizes.Of(ask with { Plan = ask.Plan with { } }));
            Assert.Same(first, second);
            Assert.Equal((fresh.Wire, fresh.Fuse), (first.Wire, first.Fuse));
            Assert.Equal(fresh.Ladder.Select(rung => rung.Holds), first.Ladder.Select(rung => rung.Holds));
        }, iter: 50);
    }

    /// <summary>In full wiring a line has the sizes that its plan had, and sizing it finds nothing to thicken.</summary>
    [Fact]
    public void A_plan_made_full_wiring_has_the_figures_that_it_had() => AnyLine.OnVehicle.Sample(any =>
    {
        var rig = Rig.Empty(any.Volts, UnitSystem.Metric) with { HouseRules = any.Rules, Lines = [new Line("line", "Line", any.Line)] };
        var (whole, full) = (WholeRig.Of(rig), WholeRig.Of(rig).Expanded("line"));
        Assert.Empty(RigValidation.Validate(full));
        Assert.Null(full.Lines.Single().Plan);
        Assert.Equal(whole.Wired.Runs.Select(run => (run.Id, run.From, run.To, run.Wire, run.LengthMetres)), full.Runs.Select(run => (run.Id, run.From, run.To, run.Wire, run.LengthMetres)));
        Assert.Equal(whole.Wired.Protection, full.Protection);
        full = full with { Protection = [.. full.Protection.Select(device => device with { Fixed = true })] };
        Assert.All(WholeRig.Of(full).Resize().Changes.Where(change => change.What == "wire"), change => Assert.True(
            WireTable.Find(change.To)!.CopperSquareMillimetres <= WireTable.Find(change.From)!.CopperSquareMillimetres, $"{change}"));
    }, iter: 40);

    private static Rig With(LinePlan plan) => Rig.Empty(12, UnitSystem.Metric) with { Lines = [new Line("line", "Line", plan)] };
}
