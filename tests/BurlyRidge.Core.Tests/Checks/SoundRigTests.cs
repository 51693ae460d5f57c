using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Checks;

/// <summary>Lines from templates with lamps, lengths, vehicles and houses drawn at random: what the app proposes has no Stop, and no Watch that comes of its own sizes.</summary>
public class SoundRigTests(ITestOutputHelper output)
{
    private const int Few = 150;
    private const int Whole = 1000;

    [Fact]
    public void What_is_proposed_has_no_Stop() => Try(Few);

    [Fact(Explicit = true)]
    public void The_same_of_a_thousand() => Try(Whole);

    private void Try(int count)
    {
        var wrong = new List<string>();
        var built = 0;
        for (var seed = 1; seed <= count; seed++)
        {
            var random = new Random(seed);
            T Any<T>(IReadOnlyList<T> all) => all[random.Next(all.Count)];
            var template = Any(LineTemplates.All);
            var volts = template.Id is "series-24" or "converter" ? 24 : random.Next(4) == 0 ? 24 : 12;
            var rig = Rig.Empty(volts, UnitSystem.Metric) with
            {
                HouseRules = new HouseRules { Gauges = Any(Enum.GetValues<GaugeSystem>()), Sizing = Any(Enum.GetValues<SizingSchool>()), MarginFraction = Any([0.25, 0.5]) },
            };
            if (random.Next(2) == 0) rig = rig with { Body = GenericBody.Of(Any(Enum.GetValues<BodyKind>())) };
            var small = template.Id is "fuse-tap" or "parking-light" or "rear-socket" or "second-battery" or "row" or "row-both";
            var (most, kind) = (small ? 15 : template.UsualCount == 1 ? 250 : 90, Any(Enum.GetValues<LampKind>()));
            var lamp = new Fixture("lamp", "Lamp",
            [
                new LampFunction("main", kind, random.Next(5, most), template.Id == "converter" ? 12 : volts),
                .. template.Id == "two-functions" ? [new LampFunction("back", LampKind.ResistorLed, 4, volts, Plus: "amber")] : Array.Empty<LampFunction>(),
            ]);
            var answers = new TemplateAnswers(template.Id, "Line", lamp, template.UsualCount, random.Next(10, 50) / 10.0)
            {
                Return = Any([null, (ReturnPath?)ReturnPath.Wire, ReturnPath.Body]),
                BeamSwitched = template.Questions.Contains(TemplateQuestion.BeamSwitched) ? Any(Enum.GetValues<SwitchedSide>()) : null,
                At = rig.Body is { } body && random.Next(2) == 0 ? Any(body.Mounts).Id : null,
            };
            if (LineTemplates.For(rig, lamp, answers.Count).Single(offered => offered.Template.Id == template.Id).WhyNot.Length > 0) continue;
            built++;
            wrong.AddRange(OwnSizes.Objections(LineTemplates.Build(rig, answers).Rig).Select(found =>
                $"seed {seed}: {template.Id} {answers.Count} × {lamp.Functions[0].Watts} W {kind} {volts} V {rig.HouseRules.Gauges} {rig.HouseRules.Sizing} {answers.Metres} m {answers.Return} at {answers.At}: {found}"));
        }
        foreach (var one in wrong) output.WriteLine(one);
        Assert.Empty(wrong);
        Assert.True(built > count / 2, $"only {built} were built");
    }
}
