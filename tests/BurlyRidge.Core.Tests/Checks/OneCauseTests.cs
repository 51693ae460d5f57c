using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support.Shapes;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Checks;

/// <summary>One cause is one finding.</summary>
public class OneCauseTests
{
    [Fact]
    public void Fifteen_pods_with_the_same_loose_lead_are_one_entry_and_one_cure()
    {
        var pod = new Fixture("pod", "Pod", [new LampFunction("main", LampKind.RegulatedLed, 10, DimPin: "dim")]);
        var rig = LineTemplates.Build(Rig.Empty(12, UnitSystem.Metric), new TemplateAnswers("row-both", "Row", pod, 15)).Rig;
        var found = Assert.Single(Loose(rig));
        Assert.Contains("14 other places", found.Reason, StringComparison.Ordinal);
        Assert.Empty(Loose(found.Remedy!.Apply(rig)));
    }

    [Fact]
    public void A_thin_trigger_is_one_entry_and_its_cure_a_small_fuse_at_the_pick_up()
    {
        // 22 thin centimetres and metres behind the beam's own 30 A fuse.
        var beam = GoodRigs.Beam;
        var thin = beam with
        {
            Vehicle = beam.Vehicle with { HighBeam = beam.Vehicle.HighBeam with { FuseAmps = 30 } },
            Runs = [.. beam.Runs.Select(run => run.From == "highBeam.plus" || run.From == "s.out" ? run with { Wire = "20 AWG" } : run)],
        };
        static List<Check> Found(Rig rig) => [.. RigChecks.Judge(RigSubject.Of(rig)).Where(check => check is { Id: "wire-fuse", Verdict: not Verdict.Holds })];
        var found = Assert.Single(Found(thin));
        Assert.Contains("The same at 1 other place", found.Reason, StringComparison.Ordinal);
        var cured = found.Remedy!.Apply(thin);
        Assert.Empty(Found(cured));
        Assert.Equal(beam.Protection.Count + 1, cured.Protection.Count);
        Assert.Equal(3, cured.Protection[^1].Fuse.RatingAmps);
    }

    private static List<Check> Loose(Rig rig)
    {
        var assessment = Assessor.Assess(rig);
        return [.. assessment.Checks.Concat(assessment.Lines.SelectMany(line => line.Checks)).Where(check => check is { Id: "spare-lead", Verdict: not Verdict.Holds })];
    }
}
