using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;
using BurlyRidge.Core.Tests.Templates;
using BurlyRidge.Core.Wording;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>What feeds a conductor together, and what never does.</summary>
public class FeedSumsTests
{
    /// <summary>Battery, two fuses beside each other, one wire to a lamp.</summary>
    private static Rig Beside(double one, double other) => Rig(12,
        Run("battery.plus", "f.in", 0.15, "6 AWG"), Run("battery.plus", "g.in", 0.15, "6 AWG"), Run("f.out", "j.a", 0.2, "6 AWG"), Run("g.out", "j.a", 0.2, "6 AWG"),
        Run("j.b", "lamp.plus", 3, "10 AWG"), Run("lamp.minus", "e", 0.3, "10 AWG")) with
    {
        Fixtures = [Led("lamp", 100)],
        Protection = [Fuse("f", one), Fuse("g", other)],
        Joints = [new Joint("j", JointKind.Crimp)],
        Earths = [Stud("e")],
        Lines = [new Line("l", "Lamp") { Lights = ["lamp.main"] }],
    };

    private static RunFigures Find(Rig rig, string from) => RigStudy.Of(rig).Runs.Single(figures => figures.Run.From == from);

    [Theory]
    [InlineData(15, 15, 30)]
    [InlineData(30, 30, 60)]
    [InlineData(5, 30, 35)]
    public void Two_fuses_side_by_side_count_together(double one, double other, double need) => Assert.Equal(need, Find(Beside(one, other), "j.b").FuseNeedAmps, 9);

    [Fact]
    public void What_they_hang_on_bounds_them()
    {
        var rig = Beside(30, 30);
        rig = rig with
        {
            Protection = [.. rig.Protection, Fuse("main", 40)],
            Runs = [.. rig.Runs.Select(run => run.From == "battery.plus" ? run with { From = "main.out" } : run), Run("battery.plus", "main.in", 0.15, "6 AWG")],
        };
        Assert.Equal(40, Find(rig, "j.b").FuseNeedAmps, 9);
        // Either of the two alone feeds the wire right behind the other: backwards through the joint.
        Assert.Equal(30, Find(rig, "f.out").FuseNeedAmps, 9);
    }

    /// <summary>Each link of a row that is fed from both ends gets what comes from either end, not both.</summary>
    [Fact]
    public void The_middle_of_a_row_is_fed_from_one_side_at_a_time()
    {
        var rig = LineTemplates.Build(Core.Rigs.Rig.Empty(12, UnitSystem.Metric), new TemplateAnswers("row-both", "Row", Led("pod", 10), 15, 3)).Rig;
        var output = rig.PowerBoxes[0].Outputs[0].RatingAmps;
        Assert.All(RigStudy.Of(rig).Runs.Where(figures => figures.Run.Given && figures.Run.From.EndsWith("plus", StringComparison.Ordinal)), figures => Assert.Equal(output, figures.FuseNeedAmps, 9));
    }

    /// <summary>A switch is on or on its signal: nothing feeds through both positions.</summary>
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void Positions_of_one_switch_are_never_closed_together(bool placed)
    {
        var (rig, request) = LineTemplatesTests.Ask("rear-auto", placed);
        var built = LineTemplates.Build(rig, request).Rig;
        var assessment = Assessor.Assess(built);
        Assert.DoesNotContain(assessment.Checks.Concat(assessment.Lines.SelectMany(line => line.Checks)), check => check.Id is "one-feed-out" or "back-feed");
        var control = built.Runs.Single(run => run.To.EndsWith("relay.86", StringComparison.Ordinal));
        Assert.Equal(3, RigStudy.Of(built).Runs.Single(figures => figures.Run.Id == control.Id).FuseNeedAmps);
    }

    /// <summary>As short as may be with no fuse, and then a fuse of its own: good for that one is good enough.</summary>
    [Theory]
    [InlineData(0.15, 3)]
    [InlineData(0.3, 15)]
    public void A_short_lead_to_a_fuse_of_its_own_needs_to_be_good_for_that_fuse(double metres, double need)
    {
        var rig = GoodRigs.Bar with { Runs = [.. GoodRigs.Bar.Runs.Select(run => run.To == "cf.in" ? run with { LengthMetres = metres } : run)] };
        Assert.Equal(need, Find(rig, "sp.c").FuseNeedAmps, 9);
    }

    [Fact]
    public void A_rest_contact_and_its_working_contact_are_never_closed_together()
    {
        var rig = Beside(15, 20) with
        {
            Relays = [new Relay("k", 30) { Pinout = new RelayPinout(Rest: "87a") }],
            Switches = [OnOff("s")],
        };
        rig = rig with
        {
            Runs =
            [
                .. rig.Runs.Where(run => run.To != "j.a").Select(run => run.From == "j.b" ? run with { From = "k.30" } : run),
                Run("f.out", "k.87", 0.2, "10 AWG"), Run("g.out", "k.87a", 0.2, "10 AWG"), Run("f.out", "s.in", 1, "16 AWG"), Run("s.out", "k.86", 1, "16 AWG"), Run("k.85", "e", 0.3, "16 AWG"),
            ],
        };
        Assert.Equal(20, Find(rig, "k.30").FuseNeedAmps, 9);
    }

    /// <summary>Quick size, the quick plan in full wiring and resized, and the template: one design current and one fuse.</summary>
    [Theory]
    [InlineData(LampKind.RegulatedLed, 1.0)]
    [InlineData(LampKind.RegulatedLed, 3.0)]
    [InlineData(LampKind.RegulatedLed, 6.0)]
    [InlineData(LampKind.ResistorLed, 1.0)]
    [InlineData(LampKind.ResistorLed, 3.0)]
    [InlineData(LampKind.ResistorLed, 6.0)]
    [InlineData(LampKind.Filament, 1.0)]
    [InlineData(LampKind.Filament, 3.0)]
    [InlineData(LampKind.Filament, 6.0)]
    public void One_design_current_and_one_fuse_whichever_way_a_line_is_planned(LampKind kind, double metres)
    {
        for (var watts = 10; watts <= 400; watts += 10)
        {
            var plan = Make.Line(watts, metres, kind);
            var quick = Make.Size(plan);
            var rig = Core.Rigs.Rig.Empty(12, UnitSystem.Metric) with { Lines = [new Line("l", "Line", plan)] };
            var expanded = WholeRig.Of(rig).Expanded("l");
            var resized = WholeRig.Of(expanded).Resize().Rig;
            Assert.True(quick.Fuse == resized.Protection[0].Fuse, $"{watts} W: {quick.Fuse}, {resized.Protection[0].Fuse} in full wiring");
            var template = LineTemplates.Build(Core.Rigs.Rig.Empty(12, UnitSystem.Metric), new TemplateAnswers("own-harness", "Line", new Fixture("lamp", "Lamp", [new LampFunction("main", kind, watts, 12)]), 1, metres) { Return = ReturnPath.Wire }).Rig;
            // Where a long line loses more than it may, what it then draws decides, and the template's tails make it longer.
            var drop = Assessor.Assess(template).Lines[0].Figures!.Lamps[0];
            Assert.True(quick.Fuse == template.Protection[0].Fuse || drop.DropFraction > drop.DropLimit, $"{watts} W: {quick.Fuse}, {template.Protection[0].Fuse} by the template");
            // Sizing twice is sizing once.
            Assert.Empty(WholeRig.Of(resized).Resize().Changes);
        }
    }
}
