using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Templates;

/// <summary>Started lines are built as fitters build them.</summary>
public class TradeWaysTests
{
    private static readonly Fixture Pod = new("pod", "Pod", [new LampFunction("main", LampKind.RegulatedLed, 20), new LampFunction("red", LampKind.ResistorLed, 3, Plus: "red")]);
    private static readonly Fixture Plain = new("pod", "Pod", [new LampFunction("main", LampKind.RegulatedLed, 20)]);

    private static Rig Bare(BodyKind? body = null) => Rig.Empty(12, UnitSystem.Metric) with { Body = body is { } kind ? GenericBody.Of(kind) : null };

    private static Rig Start(Rig rig, string template, Fixture lamp, int count = 2, string? at = null, double metres = 4, string name = "Lamps") =>
        LineTemplates.Build(rig, new TemplateAnswers(template, name, lamp, count, metres) { At = at }).Rig;

    /// <summary>A wire of the vehicle is met by a joint, or by an adaptor in the lamp's own plug where both are taken.</summary>
    [Theory]
    [InlineData("beam-pair", JointKind.Crimp)]
    [InlineData("beam-pair-both", JointKind.Plug)]
    [InlineData("y-lead", JointKind.Plug)]
    [InlineData("rear-relay", JointKind.Crimp)]
    [InlineData("rear-auto", JointKind.Crimp)]
    [InlineData("parking-light", JointKind.Crimp)]
    [InlineData("output-and-beam", JointKind.Crimp)]
    public void A_signal_is_taken_by_a_joint(string template, JointKind kind)
    {
        var rig = Start(Bare(), template, template is "parking-light" ? Plain with { Functions = [Plain.Functions[0] with { Watts = 5 }] } : Plain);
        var signals = VehicleSignal.Names.ToHashSet();
        var taken = rig.Runs.Where(run => run.Ends().Any(end => signals.Contains(TerminalIndex.Split(end).Part))).ToList();
        Assert.NotEmpty(taken);
        Assert.All(taken, run => Assert.Contains(rig.Joints, joint => joint.Kind == kind && run.Ends().Any(end => TerminalIndex.Split(end).Part == joint.Id)));
    }

    [Fact]
    public void The_key_pulls_a_factory_output_in_and_carries_no_lamp_current()
    {
        var rig = Start(Bare(), "factory-output", Plain, 1);
        var output = rig.Vehicle.AuxOutputs.Single(part => rig.Runs.Any(run => run.From == $"{part.Id}.out"));
        Assert.Equal(Feed.Ignition, output.Feed);
        SolvedHarness In(bool key) => HarnessCompiler.Solve(rig, new RigState { Key = key, Pressed = [output.Id] });
        Assert.InRange(In(true).Amps("pod.main"), 1.4, 2);
        Assert.InRange(In(false).Amps("pod.main"), 0, 0.01);
        var house = HarnessCompiler.Solve(rig, new RigState { Key = true }).Amps("ignition");
        Assert.Equal(house, In(true).Amps("ignition"), 0.05 * house);
    }

    [Fact]
    public void Spare_leads_are_taken_by_where_they_lead_one_after_another()
    {
        var vehicle = Vehicle.Usual(12) with
        {
            PassThroughs =
            [
                new PassThrough("up", "16 AWG", 2, "grey", "engine bay", "visor"), new PassThrough("in", "16 AWG", 1.5, "violet", "Engine bay", "cabin, left"),
                new PassThrough("back", "16 AWG", 3, "brown", "rear quarter", "cabin, left"), new PassThrough("trunk", "16 AWG", 3, "pink", "cabin, right", "rear quarter"),
            ],
        };
        var rear = Start(Bare() with { Vehicle = vehicle }, "factory-output", Plain, 1, metres: 6);
        Assert.Equal(["back.a", "back.b", "in.a", "in.b"], rear.Runs.SelectMany(run => run.Ends()).Where(end => vehicle.PassThroughs.Any(lead => TerminalIndex.Split(end).Part == lead.Id)).Order(StringComparer.Ordinal));
        Assert.Contains(rear.Runs, run => run.From == "back.a");
        var ahead = Start(Bare() with { Vehicle = vehicle }, "factory-output", Plain, 1, metres: 2);
        Assert.DoesNotContain(ahead.Runs, run => run.Ends().Any(end => vehicle.PassThroughs.Any(lead => TerminalIndex.Split(end).Part == lead.Id)));
        var roof = Start(Bare(BodyKind.LongWagon) with { Vehicle = vehicle }, "factory-output", Plain, 1, at: "roof-bar");
        Assert.Contains(roof.Runs, run => run.From == "up.b");
    }

    [Fact]
    public void The_side_light_is_taken_at_the_rear_for_lamps_at_the_rear()
    {
        var rig = Start(Bare(BodyKind.LongWagon), "rear-auto", Pod, at: "rear-left");
        var run = rig.Runs.Single(run => run.From == "sideLight.plus");
        Assert.Equal("rear-lamps", RoutedRig.Of(rig).Routes.Single(route => route.Id == run.Id).From);
        var front = Start(Bare(BodyKind.LongWagon), "parking-light", Plain with { Functions = [Plain.Functions[0] with { Watts = 5 }] }, 3, at: "grille-slot");
        Assert.Equal("grille", RoutedRig.Of(front).Routes.Single(route => route.Id == front.Runs.Single(run => run.From == "sideLight.plus").Id).From);
    }

    [Fact]
    public void A_relay_that_moves_takes_its_coils_stud_along()
    {
        var rig = Start(Bare(BodyKind.LongWagon), "own-harness", Plain, at: "rear-left");
        var relay = rig.Relays[0];
        var stud = TerminalIndex.Split(rig.Runs.Single(run => run.From == $"{relay.Id}.85").To).Part;
        var line = rig.Lines[0].Id;
        var view = LineView.Of(rig, line)!;
        var offer = view.Offers.First(offer => offer.Id == "relay-rear");
        var moved = LineView.Alter(rig, line, offer.Station, "relay-rear")!;
        Assert.NotEqual(rig.Places.Single(place => place.Part == relay.Id).At, moved.Places.Single(place => place.Part == relay.Id).At);
        Assert.Equal(moved.Places.Single(place => place.Part == relay.Id).At, moved.Places.Single(place => place.Part == stud).At);
    }

    [Fact]
    public void A_switch_in_the_minus_sits_at_its_lamps_and_a_cap_where_its_lead_ends()
    {
        var camp = Start(Bare(BodyKind.DualCab), "second-battery", Plain, at: "tray-rail");
        Assert.Equal("tray-rail", camp.Places.Single(place => place.Part == camp.Switches.Single().Id).At);
        var capped = Start(Bare(BodyKind.LongWagon), "rear-relay", Pod, at: "rear-left");
        var caps = capped.Joints.Where(joint => joint.Kind == JointKind.Cap).Select(joint => joint.Id).ToList();
        Assert.NotEmpty(caps);
        Assert.All(caps, cap => Assert.Equal("rear-left", capped.Places.Single(place => place.Part == cap).At));
    }

    [Fact]
    public void Every_started_line_has_the_colour_of_its_use()
    {
        var uncoloured = Start(Bare(), "own-harness", Plain, name: "Old") is var first ? first with { Runs = [.. first.Runs.Select(run => run with { Colour = "" })] } : null!;
        var one = Start(uncoloured, "rear-relay", Plain, name: "One");
        var two = Start(one, "rear-relay", Plain, name: "Two");
        var added = two.Runs.Skip(one.Runs.Count).ToList();
        Assert.All(two.Runs.Take(uncoloured.Runs.Count), run => Assert.Equal("", run.Colour));
        Assert.Contains(one.Runs, run => run.Colour == "green");
        Assert.Contains(added, run => run.Colour.StartsWith("green/", StringComparison.Ordinal));
        Assert.All(added, run => Assert.NotEqual("", run.Colour));
        var house = Start(Bare() with { HouseRules = new HouseRules { Colours = new UseColours(Rear: "pink") } }, "rear-relay", Plain);
        Assert.Contains(house.Runs, run => run.Colour == "pink");
    }
}
