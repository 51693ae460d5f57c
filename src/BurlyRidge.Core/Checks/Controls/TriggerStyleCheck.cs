using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does driving light ahead go out with the high beam?</summary>
internal static class TriggerStyleCheck
{
    internal static readonly CheckKind Kind = new("trigger-style", CheckWords.LightAheadFollowsTheHouse, CheckWords.HouseRuleLocalLawSays);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines.Where(line => line.Line.Use == LineUse.Forward && line.Trigger.On is not null))
        {
            var linked = line.Trigger.On!.HighBeam;
            var verdict = linked || subject.Rules.ForwardTrigger == TriggerSchool.OwnSwitch ? Verdict.Holds : Verdict.Watch;
            yield return Kind.Result(verdict, linked ? 1 : 0, 1, CheckKind.NoUnit,
                linked ? CheckWords.FormatGoesOutWithTheHigh(line.Line.Name) : CheckWords.FormatStaysOnWhenTheHigh(line.Line.Name),
                "", line.Line.Id, HouseRuleWords.Trigger(subject.Rules), () => subject.Whole.Quick.ContainsKey(line.Line.Id)
                    ? new Remedy(CheckWords.LinkItToTheHigh) { Apply = rig => Edit.Plan(rig, line.Line.Id, plan => plan with { Trigger = Trigger.HighBeam }), OfPlan = true }
                    : null);
        }
    }
}
