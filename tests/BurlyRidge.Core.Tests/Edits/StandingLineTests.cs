using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Edits;

/// <summary>What stands is fed, triggered, earthed, led and lit otherwise; what was chosen by hand stays.</summary>
public class StandingLineTests
{
    private static readonly Fixture Pod = new("pod", "Pod", [new LampFunction("main", LampKind.RegulatedLed, 30)]);

    private static Rig Do(Rig rig, EditCommand command, params IReadOnlyList<CatalogueLamp> lamps)
    {
        var made = Assert.IsType<EditOutcome.Done>(command.Run(new EditContext(rig) { Lamps = lamps })).Rig;
        Assert.Empty(RigValidation.Validate(made).Select(problem => $"{problem}"));
        return made;
    }

    private static BuiltLine Start(Rig rig, string template, string name) => LineTemplates.Build(rig, new TemplateAnswers(template, name, Pod, 2, 2));

    private static double LampVolts(Rig rig, RigState state) => rig.Lines[^1].Lights.Min(light => Math.Abs(HarnessCompiler.Solve(rig, state).Amps(light))) * 100;

    private static bool Lit(Rig rig, RigState state) => LampVolts(rig, state) > 1;

    [Fact]
    public void A_line_on_its_own_harness_is_fed_from_a_factory_output()
    {
        var start = Start(Rig.Empty(12, UnitSystem.Metric), "own-harness", "Bar");
        var rig = start.Rig with { Vehicle = start.Rig.Vehicle with { AuxOutputs = [new AuxOutput("aux", 20, "4 mm²", Feed.Ignition)] } };
        var fuse = rig.Protection.First(device => device.Id.EndsWith("-fuse", StringComparison.Ordinal));
        rig = rig with { Protection = [.. rig.Protection.Select(device => device.Id == fuse.Id ? device with { Fixed = true } : device)] };
        var moved = Do(rig, new MoveFeed(start.LineId, "aux.out"));
        var on = RigStates.EverythingOn(moved);
        Assert.True(Lit(moved, on));
        Assert.False(Lit(moved, on with { Pressed = [] }));
        Assert.True(moved.Protection.Single(device => device.Id == fuse.Id).Fixed);
        Assert.True(Lit(Do(moved, new MoveFeed(start.LineId, "battery.plus")), on with { Pressed = [] }));
    }

    [Fact]
    public void A_feed_that_lines_share_is_not_moved_for_one_of_them()
    {
        var box = GoodRigs.Box;
        Assert.Equal("box.o2", Do(box, new MoveFeed("work", "box.o2")).Runs.Single(run => run.To == "work.plus").From);
        Assert.IsType<EditOutcome.NotPossible>(new MoveFeed("line", "battery.plus").Run(new EditContext(GoodRigs.BothEnds with { Runs = [.. GoodRigs.BothEnds.Runs.Where(run => run.From != "battery.plus")] })));
        Assert.IsType<EditOutcome.Refused>(new MoveFeed("bar", "bar.minus").Run(new EditContext(box)));
    }

    [Fact]
    public void A_pair_on_the_high_beam_comes_on_with_the_reversing_lamp()
    {
        var start = Start(Rig.Empty(12, UnitSystem.Metric), "beam-pair", "Pair");
        var armed = RigStates.EverythingOn(start.Rig).WithSignals(_ => false);
        Assert.True(Lit(start.Rig, armed with { HighBeam = true }));
        var moved = Do(start.Rig, new MoveTrigger(start.LineId, Signal.Reverse));
        Assert.True(Lit(moved, armed with { Reverse = true }));
        Assert.False(Lit(moved, armed with { HighBeam = true }));
        Assert.Equal(VehicleEnd.Rear, moved.Joints.Single(joint => joint.PickUp is not null).PickUp!.End);
    }

    [Fact]
    public void What_shares_a_pick_up_gets_one_of_its_own_on_another_signal()
    {
        var first = Start(Rig.Empty(12, UnitSystem.Metric), "beam-pair", "First");
        var second = Start(first.Rig, "beam-pair", "Second");
        Assert.Single(second.Rig.Joints, joint => joint.PickUp is not null);
        var moved = Do(second.Rig, new MoveTrigger(second.LineId, Signal.SideLight));
        Assert.Equal(2, moved.Joints.Count(joint => joint.PickUp is not null));
        var armed = RigStates.EverythingOn(moved).WithSignals(_ => false);
        Assert.True(Lit(moved, armed with { SideLight = true }));
        Assert.False(Lit(moved, armed with { HighBeam = true }));
        Assert.All(moved.Lines[0].Lights, light => Assert.True(Math.Abs(HarnessCompiler.Solve(moved, armed with { HighBeam = true }).Amps(light)) > 0.1));
    }

    [Fact]
    public void A_signal_that_nobody_described_triggers_nothing()
    {
        var start = Start(Rig.Empty(12, UnitSystem.Metric), "beam-pair", "Pair");
        Assert.IsType<EditOutcome.Refused>(new MoveTrigger(start.LineId, Signal.BrakeLamp).Run(new EditContext(start.Rig)));
        var described = start.Rig with { Vehicle = start.Rig.Vehicle with { BrakeLamp = new SignalLamp() } };
        var moved = Do(described, new MoveTrigger(start.LineId, Signal.BrakeLamp));
        Assert.True(Lit(moved, RigStates.EverythingOn(moved).WithSignals(signal => signal == Signal.BrakeLamp)));
    }

    [Fact]
    public void A_wire_is_led_through_a_spare_lead()
    {
        var rig = GoodRigs.Bar with { Vehicle = GoodRigs.Bar.Vehicle with { PassThroughs = [new PassThrough("lead", "2.5 mm²", 1.5, "violet", "engine bay", "rear")] } };
        var led = Do(rig, new UseSpareLead("k-87--plug-a", "lead"));
        Assert.Equal(["k.87", "lead.a"], led.Runs.Single(run => run.Id == "k-87--plug-a").Ends());
        Assert.Equal(["lead.b", "plug.a"], led.Runs.Single(run => run.From == "lead.b").Ends());
        Assert.True(Lit(led, RigStates.EverythingOn(led)));
        Assert.IsType<EditOutcome.Refused>(new UseSpareLead("bar-minus--e", "lead").Run(new EditContext(led)));
    }

    [Fact]
    public void Two_earths_become_one()
    {
        var joined = Do(GoodRigs.Bar, new JoinEarths("ec", "e"));
        Assert.Equal(["e"], joined.Earths.Select(earth => earth.Id));
        Assert.Equal(2, joined.Runs.Count(run => run.To == "e"));
    }

    [Fact]
    public void A_wire_lies_with_another_as_far_as_its_lanes_go()
    {
        var lanes = Core.Routing.RoutedRig.Of(PlacedRigs.Bar).Routes.Single(route => route.Id == "cf-out--s-in").Route!.Lanes.Select(lane => lane.Id);
        var together = Do(PlacedRigs.Bar, new LayTogether("s-out--k-86", "cf-out--s-in"));
        Assert.Equal(lanes, together.Runs.Single(run => run.Id == "s-out--k-86").Lay!.Through);
    }

    [Fact]
    public void Wires_get_the_colour_of_their_use_and_a_lamps_tails_keep_theirs()
    {
        var start = Start(Rig.Empty(12, UnitSystem.Metric), "beam-pair", "Pair");
        var odd = start.Rig with { Runs = [.. start.Rig.Runs.Select(run => run with { Colour = "pink" })] };
        var given = Do(odd, new GiveColours());
        Assert.All(given.Runs, run => Assert.Equal(run.Given, run.Colour == "pink"));
        Assert.Contains(given.Runs, run => run.Colour == "white");
        Assert.Contains(given.Runs, run => run.Colour == "black");
    }

    [Fact]
    public void Another_lamp_takes_the_place_of_one_that_stands()
    {
        var offered = new CatalogueLamp(new Fixture("flood", "Flood", [new LampFunction("beam", LampKind.RegulatedLed, 60, Plus: "red", Minus: "black")]), 5000, 90);
        var rig = PlacedRigs.Bar with { Fixtures = [PlacedRigs.Bar.Fixtures[0] with { Measured = PlacedRigs.Bar.Fixtures[0].Body }] };
        var swapped = Do(rig, new SwapLamp("bar", "flood"), offered);
        var lamp = Assert.Single(swapped.Fixtures);
        Assert.Equal(("bar", "Flood", null), (lamp.Id, lamp.Name, lamp.Measured));
        Assert.Equal(["bar.beam"], swapped.Lines[0].Lights);
        Assert.True(Lit(swapped, RigStates.EverythingOn(swapped)));
        Assert.Equal(rig.Places, swapped.Places);
    }

    [Fact]
    public void A_lamp_with_fewer_lights_does_not_take_the_place_of_one_whose_lights_are_used()
    {
        var two = LineTemplates.Build(Rig.Empty(12, UnitSystem.Metric), new TemplateAnswers("two-functions", "Bar", Pod with { Functions = [.. Pod.Functions, new LampFunction("glow", LampKind.ResistorLed, 3, Plus: "glow")] }, 1, 2));
        var outcome = new SwapLamp(two.Rig.Fixtures[0].Id, "pod").Run(new EditContext(two.Rig) { Lamps = [new CatalogueLamp(Pod, 100, 1)] });
        Assert.IsType<EditOutcome.NotPossible>(outcome);
    }

    [Fact]
    public void Lines_share_a_relay_box_and_each_takes_a_free_output_with_its_own_switch()
    {
        var first = Start(Rig.Empty(12, UnitSystem.Metric), "relay-box", "First");
        var second = Start(first.Rig, "relay-box", "Second");
        var third = Start(second.Rig, "relay-box-beam", "Third");
        var box = Assert.Single(third.Rig.PowerBoxes);
        Assert.Equal(3, third.Rig.Runs.Count(run => box.Outputs.Any(output => run.From == $"{box.Id}.{output.Id}")));
        Assert.Equal(2, third.Rig.Protection.Count(device => third.Rig.Runs.Any(run => run.To == $"{device.Id}.in")));
        var off = RigStates.EverythingOn(third.Rig).WithSignals(_ => false) with { Switches = new Dictionary<string, string>() };
        foreach (var (line, i) in third.Rig.Lines.Select((line, i) => (line, i)))
        {
            var one = (off with { Switches = new Dictionary<string, string> { [third.Rig.Switches[i].Id] = "on" } }).WithSignals(_ => i == 2);
            var solved = HarnessCompiler.Solve(third.Rig, one);
            Assert.All(third.Rig.Lines, other => Assert.Equal(other.Id == line.Id, other.Lights.All(light => Math.Abs(solved.Amps(light)) > 0.1)));
        }
    }

    [Fact]
    public void What_is_on_the_vehicle_already_moves_within_its_leads_reach()
    {
        var rig = PlacedRigs.Bar;
        rig = rig with { Runs = [.. rig.Runs.Select(run => run with { Lay = null })], Lines = [rig.Lines[0] with { Existing = true }] };
        var outcome = Assert.IsType<EditOutcome.NotPossible>(new PlacePart("k", "roof-rear").Run(new EditContext(rig)));
        Assert.Contains("long", outcome.Detail, StringComparison.Ordinal);
        Assert.Equal("battery", Do(rig, new PlacePart("k", "battery")).Places.Single(place => place.Part == "k").At);
        var planned = rig with { Lines = [rig.Lines[0] with { Existing = false }] };
        Assert.Equal("roof-rear", Do(planned, new PlacePart("k", "roof-rear")).Places.Single(place => place.Part == "k").At);
    }

    [Fact]
    public void A_lamp_that_stands_on_its_mount_unlit_is_used_and_not_fitted_twice()
    {
        var rig = Rig.Empty(12, UnitSystem.Metric) with { Body = PlacedRigs.Bar.Body, Fixtures = [Pod with { Id = "mine" }], Places = [new Place("mine", "nudge-bar")] };
        var made = Do(rig, new AddTemplateLine("own-harness", "Bar", "pod", 2, At: "nudge-bar"), new CatalogueLamp(Pod, 100, 1));
        Assert.Equal(2, made.Fixtures.Count);
        Assert.Contains("mine.main", made.Lines[0].Lights);
        Assert.Single(made.Places, place => place.Part == "mine");
        var again = Do(made, new AddTemplateLine("own-harness", "More", "pod", 1, At: "nudge-bar"), new CatalogueLamp(Pod, 100, 1));
        Assert.Equal(3, again.Fixtures.Count);
    }
}
