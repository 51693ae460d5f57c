using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Has a box whose outputs follow the key its sense lead?</summary>
internal static class SenseWiredCheck
{
    internal static readonly CheckKind Kind = new("sense-wired", CheckWords.TheIgnitionSenseLeadIs, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var box in subject.Rig.PowerBoxes)
        {
            var following = box.Outputs.Count(output => output.Follows == Feed.Ignition);
            if (following == 0) continue;
            var joined = subject.Study.Map.WiresAt($"{box.Id}.sense").Any();
            var live = joined && subject.Study.State(JudgedStates.Parked).Solved.Volts($"{box.Id}.sense") > subject.Volts / 2;
            yield return Kind.Result(!joined ? Verdict.Stop : live ? Verdict.Watch : Verdict.Holds, joined ? 1 : 0, 1, CheckKind.NoUnit,
                !joined ? CheckWords.FormatOutputsOfFollowTheKey(following, subject.Names[box.Id])
                    : live ? CheckWords.FormatTheSenseLeadOfIs(subject.Names[box.Id])
                    : CheckWords.FormatOutputsOfGoOffWith(following, subject.Names[box.Id]),
                box.Id);
        }
    }
}
