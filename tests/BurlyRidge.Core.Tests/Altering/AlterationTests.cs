using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Altering;

public class AlterationTests
{
    /// <summary>What may leave a lamp dark, or is a mistake that a fitter can make.</summary>
    private static readonly HashSet<string> MayDarken = ["run-out", "switch-lamp-earth", "coil-turn"];

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    private static Rig Rig(string shape) => AllShapes.Competent.First(other => other.Name.StartsWith(shape, StringComparison.Ordinal)).Rig;

    private static LineView Look(Rig rig) => LineView.Of(rig, "line")!;

    private static Rig Take(Rig rig, string offer, Func<string, bool>? at = null)
    {
        var found = Look(rig).Offers.First(other => other.Id == offer && (at is null || at(other.Station)));
        return LineView.Alter(rig, "line", found.Station, offer)!;
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Whatever_is_offered_gives_a_rig_that_hangs_together_and_still_lights(string shape)
    {
        var rig = Rig(shape);
        var offers = Look(rig).Offers;
        Assert.NotEmpty(offers);
        foreach (var offer in offers)
        {
            var altered = LineView.Alter(rig, "line", offer.Station, offer.Id)!;
            Assert.Empty(RigValidation.Validate(altered).Select(problem => $"{offer.Id} at {offer.Station}: {problem}"));
            Assert.NotEqual(rig, altered);
            if (!MayDarken.Contains(offer.Id)) Assert.True(Look(altered).On is not null, $"{offer.Id} at {offer.Station} leaves it dark");
        }
    }

    [Fact]
    public void What_is_not_offered_is_not_done()
    {
        var rig = Rig("one bar");
        Assert.Null(LineView.Alter(rig, "line", "bar.main", "feed-both"));
        Assert.Null(LineView.Alter(rig, "line", "no-such-station", "plug-in"));
        Assert.Null(LineView.Alter(rig, "no-such-line", "bar.main", "lamp-more"));
    }

    [Theory]
    [InlineData("plug-in", "joint-out")]
    [InlineData("crimp-in", "joint-out")]
    [InlineData("fuse-in", "fuse-out")]
    public void What_is_put_into_a_run_and_taken_out_again_leaves_it_as_it_was(string into, string outOf)
    {
        var rig = Rig("one bar");
        bool New(string station) => !Look(rig).Strip.Strands.SelectMany(strand => strand.Stations).Select(other => other.Id).Contains(station);
        var back = Take(Take(rig, into), outOf, New);
        Assert.Equal(rig.Runs.Select(run => (run.From, run.To, Math.Round(run.LengthMetres, 9))), back.Runs.Select(run => (run.From, run.To, Math.Round(run.LengthMetres, 9))));
        Assert.Equal(rig.Joints.Count, back.Joints.Count);
        Assert.Equal(rig.Protection.Count, back.Protection.Count);
    }

    [Fact]
    public void A_relay_moved_to_the_lamps_and_back_leaves_its_wires_as_long_as_they_were()
    {
        var rig = Rig("one bar");
        var rear = Take(rig, "relay-rear");
        Assert.True(Length(rear, "k.30") > Length(rig, "k.30") + 1);
        Assert.True(Length(rear, "k.86") > Length(rig, "k.86") + 1);
        Assert.Equal(Length(rig, "k.30") + Length(rig, "k.87"), Length(rear, "k.30") + Length(rear, "k.87"), 1e-9);
        var front = Take(rear, "relay-front");
        Assert.Equal(Length(rig, "k.87"), Length(front, "k.87"), 1e-9);
        Assert.Equal(Length(rig, "k.86"), Length(front, "k.86"), 1e-9);
    }

    private static double Length(Rig rig, string terminal) => rig.Runs.Single(run => run.From == terminal || run.To == terminal).LengthMetres;

    [Fact]
    public void Lamps_on_the_switch_are_a_Stop_and_its_remedy_puts_the_relay_back()
    {
        var bad = AutoSizer.Propose(Take(Rig("one bar"), "relay-out")).Rig;
        var stop = Assert.Single(RigChecks.Judge(RigSubject.Of(bad)), check => check.Id == "switch-current");
        Assert.Equal(Verdict.Stop, stop.Verdict);
        var cured = stop.Remedy!.Apply(bad);
        Assert.Single(cured.Relays);
        Assert.DoesNotContain(RigChecks.Judge(RigSubject.Of(cured)), check => check.Verdict == Verdict.Stop);
    }

    [Fact]
    public void A_row_fed_at_both_ends_has_brighter_far_lamps()
    {
        var rig = Rig("fifteen pods fed at one end");
        var both = Take(rig, "feed-both");
        Assert.True(Worst(both) > Worst(rig) + 0.05);
        Assert.Equal(2, both.Runs.Count(run => run.To.StartsWith("box.in-", StringComparison.Ordinal)));
        Assert.DoesNotContain(Look(both).Offers, offer => offer.Id == "feed-both");
    }

    private static double Worst(Rig rig) => Assessor.Assess(rig).Lines.Single().Figures!.Lamps[^1].OffVolts;

    [Fact]
    public void From_body_to_wire_and_back()
    {
        var rig = Rig("one bar on its own harness, earth on the body");
        var wire = Take(rig, "back-by-wire");
        Assert.Equal(EarthKind.Post, wire.Earths.Single(earth => earth.Id == wire.Runs.Single(run => run.From == "bar.minus").To).Kind);
        Assert.True(Length(wire, "bar.minus") > 3);
        var body = Take(wire, "back-by-body");
        Assert.Equal(EarthKind.Stud, body.Earths.Single(earth => earth.Id == body.Runs.Single(run => run.From == "bar.minus").To).Kind);
        Assert.True(Length(body, "bar.minus") <= 0.5);
    }

    [Theory]
    [InlineData(Trigger.SwitchAlone, ReturnPath.Wire)]
    [InlineData(Trigger.HighBeam, ReturnPath.Body)]
    [InlineData(Trigger.Reverse, ReturnPath.Wire)]
    public void A_quick_plan_is_altered_in_its_full_wiring(Trigger trigger, ReturnPath path)
    {
        var plan = new LinePlan([new LampSet(LampKind.RegulatedLed, 2, 25), new LampSet(LampKind.ResistorLed, 1, 12)], 2.4, path, [Zone.EngineBay], 105, trigger);
        var rig = Core.Rigs.Rig.Empty(12, UnitSystem.Metric) with { Lines = [new Line("line", "Line", plan)] };
        var offer = LineView.Of(rig, "line")!.Offers.First(offer => offer.Id == "plug-in");
        var altered = LineView.Alter(rig, "line", offer.Station, offer.Id)!;
        Assert.Empty(RigValidation.Validate(altered));
        Assert.Null(altered.Lines.Single().Plan);
        Assert.Equal(3, altered.Fixtures.Count);
        var (planned, wired) = (Assessor.Assess(rig).Lines.Single(), Assessor.Assess(altered).Lines.Single());
        Assert.Equal(planned.Figures!.Lamps[^1].OffVolts, wired.Figures!.Lamps[^1].OffVolts, 0.05);
        Assert.Equal(planned.Figures.Triggers, wired.Figures.Triggers);
    }

    [Fact]
    public void A_switch_left_out_leaves_one_wire_and_left_on_is_found_on()
    {
        var rig = Rig("one bar");
        var part = rig.Switches[0].Id;
        var left = Take(rig, "switch-out");
        Assert.Empty(left.Switches);
        Assert.Equal(rig.Runs.Count - 1, left.Runs.Count);
        var on = Take(rig, "switch-left-on");
        Assert.NotEmpty(on.Switches.Single(other => other.Id == part).Positions[0].Joins);
    }

    [Fact]
    public void A_small_fuse_stands_right_behind_a_pick_up()
    {
        var start = Core.Templates.LineTemplates.Build(
            Core.Rigs.Rig.Empty(12, UnitSystem.Metric),
            new Core.Templates.TemplateAnswers("beam-pair", "Pair", new Fixture("pod", "Pod", [new LampFunction("main", LampKind.RegulatedLed, 30)]), 2, 2));
        var view = LineView.Of(start.Rig, start.LineId)!;
        var offer = view.Offers.First(other => other.Id == "pick-up-fuse");
        var fused = LineView.Alter(start.Rig, start.LineId, offer.Station, offer.Id)!;
        Assert.Empty(RigValidation.Validate(fused).Select(problem => $"{problem}"));
        Assert.Equal(start.Rig.Protection.Count + 1, fused.Protection.Count);
        var after = LineView.Of(fused, start.LineId)!;
        Assert.NotNull(after.On);
        Assert.DoesNotContain(after.Offers, other => other.Id == "pick-up-fuse");
    }
}
