using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Checks;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Templates;

/// <summary>Every template on its usual lamps, on a bare vehicle and on every body, in both families of wire and of units and all schools.</summary>
public class EveryStartTests
{
    private static readonly BodyKind?[] Bodies = [null, .. Enum.GetValues<BodyKind>().Select(kind => (BodyKind?)kind)];

    public static TheoryData<string> All => [.. LineTemplates.All.Select(template => template.Id)];

    [Theory]
    [MemberData(nameof(All))]
    public void It_has_no_Stop_and_no_Watch_that_comes_of_its_own_sizes(string id)
    {
        var wrong = new List<string>();
        foreach (var kind in Bodies)
            foreach (var school in Enum.GetValues<SizingSchool>())
                foreach (var (gauges, units) in new[] { (GaugeSystem.Awg, UnitSystem.Imperial), (GaugeSystem.Metric, UnitSystem.Metric) })
                {
                    var (rig, asked) = LineTemplatesTests.Ask(id, kind);
                    rig = rig with { HouseRules = rig.HouseRules with { Sizing = school, Gauges = gauges, Units = units } };
                    if (school == SizingSchool.MakersHarness) asked = asked with { Lamp = asked.Lamp with { HarnessWire = "14 AWG", HarnessFuseAmps = 15 } };
                    if (LineTemplates.For(rig, asked.Lamp, asked.Count).Single(offered => offered.Template.Id == id).WhyNot is { Length: > 0 } why) wrong.Add($"{kind}: not offered: {why}");
                    else wrong.AddRange(OwnSizes.Objections(LineTemplates.Build(rig, asked).Rig).Select(found => $"{kind} {school} {gauges}: {found}"));
                }
        Assert.Empty(wrong);
    }
}
