using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Routing;

/// <summary>Lengths, zones and looms that follow from where things are.</summary>
public class RoutedRigTests
{
    private static readonly Rig Plain = PlacedRigs.Bar;

    private static Run Of(Rig rig, string run) => RoutedRig.Of(rig).Rig.Runs.Single(found => found.Id == run);

    [Fact]
    public void A_run_takes_length_and_zones_from_its_lanes_and_laying_again_changes_nothing()
    {
        var once = RoutedRig.Of(Plain);
        var run = once.Rig.Runs.Single(run => run.Id == "k-87--plug-a");
        var route = once.Routes.Single(laid => laid.Id == run.Id).Route!;
        Assert.Equal(["battery", "bay-right", "hinge-right", "roof-front"], route.Stations);
        Assert.Equal(route.LaneMetres * 1.05 + 0.3, run.LengthMetres, 1e-9);
        Assert.Equal([Zone.EngineBay, Zone.Exterior], run.Zones);
        Assert.Equal(RigDocument.Write(once.Rig), RigDocument.Write(RoutedRig.Of(once.Rig).Rig));
    }

    [Fact]
    public void The_tape_counts_and_the_lanes_are_kept_beside_it()
    {
        var rig = Plain.WithRun("k-87--plug-a", run => run with { Lay = run.Lay! with { MeasuredMetres = 2.9 } });
        Assert.Equal(2.9, Of(rig, "k-87--plug-a").LengthMetres);
        var answer = Assessor.Assess(rig).Routes.Single(route => route.Id == "k-87--plug-a");
        Assert.Equal((2.9, 2.9), (answer.Metres, answer.MeasuredMetres));
        Assert.NotEqual(2.9, answer.RoutedMetres!.Value, 0.01);
    }

    [Fact]
    public void Who_else_lies_in_the_loom_counts_and_a_coil_wire_does_not()
    {
        var alone = Of(Plain, "k-87--plug-a").Bundled;
        Assert.Equal(3, alone); // out, back, and beside them at first the feed of the switch
        var more = PlacedRigs.WithPlan(Plain, "ditch", "roof-front");
        Assert.Equal(5, Of(more, "k-87--plug-a").Bundled);
        Assert.Equal(5, RoutedRig.Of(more).Rig.Lines.Single(line => line.Id == "ditch").Plan!.Bundled);
    }

    /// <summary>The relay moved up to the lamp: the wire to it grows and the one from it shrinks to its two loops.</summary>
    [Fact]
    public void Moving_the_relay_moves_the_lengths()
    {
        var moved = PlacedRigs.Move(Plain, "k", "roof-front");
        Assert.Equal(Of(Plain, "k-87--plug-a").LengthMetres, Of(moved, "sp-b--k-30").LengthMetres, 1e-9);
        Assert.Equal(0.3, Of(moved, "k-87--plug-a").LengthMetres, 1e-9);
        double Drop(Rig rig) => Assessor.Assess(rig).Lines[0].Figures!.Lamps[0].DropVolts;
        Assert.Equal(Drop(Plain), Drop(moved), 0.02);
        Assert.True(Drop(PlacedRigs.Move(Plain, "k", "bumper-front")) > Drop(Plain) + 0.05);
    }

    [Fact]
    public void What_has_no_way_keeps_its_length()
    {
        var closed = Plain with { Body = Plain.Body! with { Lanes = [.. Plain.Body!.Lanes.Where(lane => !lane.Id.Contains("roof-", StringComparison.Ordinal))] } };
        Assert.Null(RoutedRig.Of(closed).Routes.Single(laid => laid.Id == "k-87--plug-a").Route);
        Assert.Equal(2.2, Of(closed, "k-87--plug-a").LengthMetres);
    }

    [Fact]
    public void A_rig_that_nobody_placed_is_left_as_it_is()
    {
        var rig = GoodRigs.Bar;
        Assert.Same(rig, RoutedRig.Of(rig).Rig);
    }

    /// <summary>What is on the vehicle already fills the loom, and is neither sized nor moved.</summary>
    [Fact]
    public void A_circuit_that_is_there_already_counts_and_is_left_alone()
    {
        var rig = PlacedRigs.WithPlan(Plain, "old", "roof-front");
        var old = rig with { Lines = [.. rig.Lines.Select(line => line with { Existing = true })] };
        Assert.Equal(5, Of(old, "k-87--plug-a").Bundled);
        Assert.NotEmpty(WholeRig.Of(rig).Resize().Changes);
        Assert.DoesNotContain(WholeRig.Of(old).Resize().Changes, change => change.Part is "k-87--plug-a" or "k" or "f");
        var pinned = old with { Lines = [.. old.Lines.Select(line => line.Plan is { } plan ? line with { Plan = plan with { Lay = plan.Lay! with { Lay = new Lay { Through = ["hinge-left--roof-front"] } } } } : line)] };
        Assert.DoesNotContain(Reroute.Of(pinned).Changes, change => change.Id == "old");
    }

    [Fact]
    public void Leading_anew_never_takes_more_copper_than_lanes_asked_for()
    {
        var pinned = Plain.WithRun("k-87--plug-a", run => run with { Lay = new Lay { Through = ["hinge-left--roof-front"] } });
        var led = Reroute.Of(pinned);
        Assert.True(led.CopperAfterKilograms < led.CopperBeforeKilograms);
        Assert.Equal("k-87--plug-a", Assert.Single(led.Changes).Id);
        // By hand: 12 AWG is 3.31 mm², 8890 kg/m³.
        Assert.Equal(3.31e-6 * 8890 * (led.Changes[0].BeforeMetres - led.Changes[0].AfterMetres), led.CopperBeforeKilograms - led.CopperAfterKilograms, 1e-4);
        Assert.Empty(Reroute.Of(led.Rig).Changes);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_usual_body_is_valid_and_goes_through_a_file(BodyKind kind)
    {
        var rig = Plain with { Body = GenericBody.Of(kind), Places = [] };
        Assert.Empty(RigValidation.Validate(rig));
        Assert.Equal(RigDocument.Write(rig), RigDocument.Write(Documents.Rig(RigDocument.Write(rig))));
    }

    public static TheoryData<BodyKind> Kinds => [.. Enum.GetValues<BodyKind>()];
}
