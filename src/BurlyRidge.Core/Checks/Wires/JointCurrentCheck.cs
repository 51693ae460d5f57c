using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does a plug or joint carry what flows through it?</summary>
internal static class JointCurrentCheck
{
    internal static readonly CheckKind Kind = new("joint-current", CheckWords.PlugsAndJointsCarryTheir, CheckWords.TheCurrentPrintedForThe);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from joint in subject.Rig.Joints
        where joint.RatedAmps is not null
        select Find(subject, joint, joint.RatedAmps!.Value));

    private static Finding Find(RigSubject subject, Joint joint, double rated)
    {
        var halves = subject.Study.Map.HalvesOf(joint.Id).ToList();
        var runs = halves.SelectMany(subject.Study.Map.WiresAt).ToList();
        // Of one terminal what all its wires bring, of the joint the terminal with most.
        var amps = halves.Select(end => subject.Study.Map.WiresAt(end).Sum(run => subject.Study.Design(run.Id).Amps)).DefaultIfEmpty(0).Max();
        var verdict = Limits.AtLeast(rated, amps) ? Verdict.Holds : Verdict.Stop;
        var line = runs.Select(run => subject.LineOf(run.Id)).FirstOrDefault(found => found is not null);
        return new Finding(verdict, amps / rated, line, () => Kind.Result(
            verdict, amps, rated, "A",
            CheckWords.FormatFlowThroughMadeFor2(Format.Amps(amps), PartNames.Small(subject.Names[joint.Id]), Format.Amps(rated)) + (verdict == Verdict.Holds ? "" : " " + CheckWords.ItsContactsHeatAndMelt),
            joint.Id, line));
    }
}
