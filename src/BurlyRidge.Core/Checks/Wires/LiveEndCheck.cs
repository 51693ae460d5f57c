using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does a wire end in the air, and is it live?</summary>
internal static class LiveEndCheck
{
    internal static readonly CheckKind Kind = new("live-end", CheckWords.NoLooseLiveEnds, CheckWords.EveryLiveEndIsCapped);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from joint in subject.Rig.Joints
        let ends = subject.Study.Map.At(joint.Id).Select(half => WiringMap.Other(half, joint.Id)).ToList()
        where ends.Count == 1 && subject.Study.Map.WiresAt(ends[0]).Count() == 1
        select Find(subject, joint, ends[0]));

    private static Finding Find(RigSubject subject, Joint joint, string end)
    {
        var volts = subject.Study.Whole.Max(whole => Math.Abs(whole.Solved.Volts(end)));
        var verdict = joint.Kind == JointKind.Cap ? Verdict.Holds : volts > subject.Volts / 2 ? Verdict.Stop : Verdict.Watch;
        return new Finding(verdict, volts / subject.Volts, null, () => Kind.Result(
            verdict, volts, 0, "V",
            verdict == Verdict.Holds ? CheckWords.FormatTheEndAtIsCapped(subject.Names[joint.Id])
                : verdict == Verdict.Stop ? CheckWords.FormatAWireEndsAtWith(subject.Names[joint.Id], Format.Volts(volts))
                : CheckWords.FormatAWireEndsAtIn(subject.Names[joint.Id]),
            joint.Id, null, null, () => new Remedy(CheckWords.CapIt) { Apply = rig => Edit.Joint(rig, joint.Id, old => old with { Kind = JointKind.Cap }) }));
    }
}
