using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does driving light ahead go out with the high beam?</summary>
internal static class TriggerStyleCheck
{
    internal static readonly CheckKind Kind = new("trigger-style", "Light ahead follows the house rule", "House rule; local law says how it must be wired");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines.Where(line => line.Line.Use == LineUse.Forward && line.Trigger.On is not null))
        {
            var linked = line.Trigger.On!.HighBeam;
            var verdict = linked || subject.Rules.ForwardTrigger == TriggerSchool.OwnSwitch ? Verdict.Holds : Verdict.Watch;
            yield return Kind.Result(verdict, linked ? 1 : 0, 1, CheckKind.NoUnit,
                linked ? $"{line.Line.Name} goes out with the high beam." : $"{line.Line.Name} stays on when the high beam goes off: who comes the other way is blinded until you find its switch.",
                "", line.Line.Id, HouseRuleWords.Trigger(subject.Rules), () => subject.Whole.Quick.ContainsKey(line.Line.Id)
                    ? new Remedy("Link it to the high beam") { Apply = rig => Edit.Plan(rig, line.Line.Id, plan => plan with { Trigger = Trigger.HighBeam }), OfPlan = true }
                    : null);
        }
    }
}
