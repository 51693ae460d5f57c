using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Wording;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>The school that takes gauge and fuse from the lamps' maker.</summary>
public class MakersHarnessTests
{
    private static Rig Started(string? wire, double? fuse) => LineTemplates.Build(
        Core.Rigs.Rig.Empty(12, UnitSystem.Metric) with { HouseRules = new HouseRules { Sizing = SizingSchool.MakersHarness } },
        new TemplateAnswers("own-harness", "Bar", Led("bar", 120) with { HarnessWire = wire, HarnessFuseAmps = fuse }, 1, 2.5)).Rig;

    private static IEnumerable<Check> Objections(Rig rig)
    {
        var assessment = Assessor.Assess(rig);
        return assessment.Checks.Concat(assessment.Lines.SelectMany(line => line.Checks)).Where(check => check.Verdict != Verdict.Holds);
    }

    [Fact]
    public void Gauge_and_fuse_are_the_makers_and_are_judged()
    {
        var rig = Started("14 AWG", 20);
        Assert.Equal("14 AWG", rig.Runs.Single(run => run.From.EndsWith(".87", StringComparison.Ordinal)).Wire);
        Assert.Equal(new Fuse(20, FuseFamily.Blade), rig.Protection[0].Fuse);
        Assert.Equal("20 AWG", rig.Runs.First(run => run.To.EndsWith(".86", StringComparison.Ordinal)).Wire);
        Assert.DoesNotContain(Objections(rig), check => check.Id is "wire-load" or "wire-fuse" or "fuse-load" or "drop" or "contact-fuse");
        Assert.Empty(WholeRig.Of(rig).Resize().Changes);

        // A maker who fuses a thin wire too high is told, as anybody is.
        Assert.Contains(Objections(Started("18 AWG", 30)), check => check is { Id: "wire-fuse", Verdict: Verdict.Stop });
    }

    [Fact]
    public void A_plan_in_short_of_bought_lamps_has_the_makers_sizes_too()
    {
        var plan = new LinePlan([new LampSet(LampKind.RegulatedLed, 1, 120)], 2.5, ReturnPath.Wire, [Zone.EngineBay], 105, Trigger.SwitchAlone) { Fixtures = ["bar"] };
        var rig = Core.Rigs.Rig.Empty(12, UnitSystem.Metric) with
        {
            Fixtures = [Led("bar", 120) with { HarnessWire = "12 AWG", HarnessFuseAmps = 20 }],
            Lines = [new Line("line", "Line") { Plan = plan }],
        };
        QuickSizing Sized(SizingSchool school) => QuickSizing.Of(QuickAsk.Of(rig with { HouseRules = new HouseRules { Sizing = school } }, plan));
        var (makers, usual) = (Sized(SizingSchool.MakersHarness), Sized(SizingSchool.Usual));
        Assert.Equal(("12 AWG", 20.0), (makers.Wire.Name, makers.Fuse.RatingAmps));
        Assert.Equal("12 AWG", makers.ProposedWire?.Name);
        Assert.NotEqual(("12 AWG", 20.0), (usual.Wire.Name, usual.Fuse.RatingAmps));
    }

    [Fact]
    public void A_lamp_that_says_nothing_is_sized_as_usual()
    {
        var usual = LineTemplates.Build(Core.Rigs.Rig.Empty(12, UnitSystem.Metric), new TemplateAnswers("own-harness", "Bar", Led("bar", 120), 1, 2.5)).Rig;
        var rig = Started(null, null);
        Assert.Equal(usual.Runs.Select(run => run.Wire), rig.Runs.Select(run => run.Wire));
        Assert.Contains(WholeRig.Of(rig).Resize().Left, left => left.Contains("maker", StringComparison.Ordinal));
    }
}
