using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
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

    private static List<Check> Loose(Rig rig)
    {
        var assessment = Assessor.Assess(rig);
        return [.. assessment.Checks.Concat(assessment.Lines.SelectMany(line => line.Checks)).Where(check => check is { Id: "spare-lead", Verdict: not Verdict.Holds })];
    }
}
