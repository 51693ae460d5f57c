using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;
using CsCheck;

namespace BurlyRidge.Core.Tests.Assessing;

/// <summary>What a list, a ladder and a comparison of house rules show.</summary>
public class LineSummaryTests
{
    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    private static Rig Shape(string name) => AllShapes.Competent.First(shape => shape.Name.StartsWith(name, StringComparison.Ordinal)).Rig;

    [Theory]
    [MemberData(nameof(Shapes))]
    public void The_row_of_a_line_ends_at_what_its_worst_lamp_gets(string name)
    {
        var line = Assessor.Assess(Shape(name)).Lines.Single();
        var (summary, worst) = (line.Summary!, line.Figures!.Lamps.MaxBy(lamp => lamp.DropFraction / lamp.DropLimit)!);
        Assert.Equal(1 - worst.DropFraction, summary.Ridge[^1].LeftFraction, 2e-3);
        Assert.Equal(line.Figures.Lamps.Sum(lamp => Math.Abs(lamp.OffAmps)), summary.Amps, 1e-9);
        Assert.NotNull(WireTable.Find(summary.Wire));
        Assert.All(summary.Ridge.Zip(summary.Ridge.Skip(1)), pair => Assert.True(pair.First.Metres <= pair.Second.Metres));
    }

    [Fact]
    public void A_line_on_a_box_names_its_slot_and_its_own_fuse()
    {
        var rig = Shape("power box with panel");
        rig = rig with { Lines = [new Line("bar", "Bar") { Lights = ["bar.main"] }, new Line("rear", "Rear") { Lights = ["rear.main"] }] };
        var lines = Assessor.Assess(rig).Lines;
        Assert.Equal((1, "box.o1", "30 A blade"), (lines[0].Summary!.Slot, lines[0].Summary!.Output, lines[0].Summary!.Fuse));
        Assert.Equal((3, "box.o3", "10 A blade"), (lines[1].Summary!.Slot, lines[1].Summary!.Output, lines[1].Summary!.Fuse));
    }

    [Fact]
    public void Where_a_line_sits_is_where_its_lamps_are()
    {
        var body = GenericBody.Of(BodyKind.LongWagon);
        var rig = Shape("one bar on its own harness, earth on the body") with { Body = body, Places = [new Place("bar", body.Mounts[0].Id)] };
        Assert.Equal(body.Mounts[0].Name, Assessor.Assess(rig).Lines.Single().Summary!.Place);
    }

    // Copper weighs 8.89 g for every metre and mm² (IEC 60028, from memory).
    [Fact]
    public void The_ladder_says_copper_and_cost_of_all_that_is_laid()
    {
        var prices = new WirePrices(new Dictionary<string, double> { ["14 AWG"] = 2.5 });
        var planned = Assessor.Assess(Vehicle.Usual(12), new HouseRules(), Make.Line(60, 3, path: ReturnPath.Wire), prices).Ladder.Single(rung => rung.Name == "14 AWG");
        Assert.Equal(6 * planned.CopperSquareMillimetres * 0.00889, planned.Kilograms, 1e-9);
        Assert.Equal(15, planned.Cost!.Value, 1e-9);
        var rig = Shape("one bar on its own harness, earth on the body");
        var run = rig.Runs.First(run => run.From == "k.87");
        var ladder = RunAssessment.Of(AssessedRig.Of(rig), run.Id, prices)!.Ladder;
        Assert.Equal(2.5 * run.LengthMetres, ladder.Single(rung => rung.Name == "14 AWG").Cost!.Value, 1e-9);
        Assert.Null(ladder.Single(rung => rung.Name == "12 AWG").Cost);
        Assert.All(ladder.Zip(ladder.Skip(1)), pair => Assert.True(pair.First.Kilograms < pair.Second.Kilograms && pair.First.SpareFraction <= pair.Second.SpareFraction));
        Assert.All(ladder.Where(rung => rung.Holds), rung => Assert.True(rung.SpareFraction >= -1e-6));
    }

    [Fact]
    public void Changes_of_checks_go_both_ways_and_the_same_rig_has_none()
    {
        var rig = Shape("fifteen pods fed at both ends");
        var strict = rig with { HouseRules = rig.HouseRules with { DropLimitRegulatedLed = 0.01, MarginFraction = 1 } };
        var (lax, hard) = (Assessor.Assess(rig), Assessor.Assess(strict));
        Assert.Empty(CheckChanges.Of(lax, lax).Changed);
        var there = CheckChanges.Of(lax, hard).Changed;
        var back = CheckChanges.Of(hard, lax).Changed;
        Assert.NotEmpty(there);
        Assert.Equal(
            there.Select(change => (change.Id, change.About, From: change.From ?? Verdict.Holds, To: change.To ?? Verdict.Holds)).OrderBy(change => change.Id, StringComparer.Ordinal).ThenBy(change => change.About, StringComparer.Ordinal),
            back.Select(change => (change.Id, change.About, From: change.To ?? Verdict.Holds, To: change.From ?? Verdict.Holds)).OrderBy(change => change.Id, StringComparer.Ordinal).ThenBy(change => change.About, StringComparer.Ordinal));
    }

    [Fact]
    public void About_one_line_the_rest_keeps_its_row_its_verdict_and_what_is_against_it()
    {
        var rig = Rig.Empty(12, UnitSystem.Metric) with
        {
            Lines = [new Line("near", "Near", Make.Line(60, 2)), new Line("far", "Far", Make.Line(60, 4)) { Plan = Make.Line(60, 4) with { ChosenWire = "20 AWG" } }],
        };
        var all = Assessor.Assess(rig);
        var about = all.About("near");
        Assert.Equal(all.Tally, about.Tally);
        Assert.Equal(all.Lines[0], about.Lines[0]);
        Assert.Equal(all.Lines[1].Verdict, about.Lines[1].Verdict);
        Assert.Equal(all.Lines[1].Summary, about.Lines[1].Summary);
        Assert.Equal(all.Lines[1].Checks.Where(check => check.Verdict != Verdict.Holds), about.Lines[1].Checks);
        Assert.Null(about.Lines[1].Assessment);
        Assert.Empty(about.Runs);
    }
}
