using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Does a short on a branch blow the branch's fuse and leave the main one?</summary>
internal static class SelectivityCheck
{
    internal static readonly CheckKind Kind = new("selectivity", CheckWords.AShortOnABranch,
        CheckWords.SlowestTimeOfTheBranch);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from main in subject.Study.Map.Links
        where main.Kind == LinkKind.Device
        from branch in Selectivity.Branches(subject.Study, main)
        select Find(subject, main, branch));

    private static Finding Find(RigSubject subject, Link main, BranchFuse branch)
    {
        var amps = branch.WorstAmps(main.Fuse!);
        var slowest = FuseTime.SlowestSeconds(branch.Device.Fuse!, amps);
        var fastest = FuseTime.FastestSeconds(main.Fuse!, amps);
        var verdict = branch.Before(main.Fuse!) ? Verdict.Holds : Verdict.Watch;
        return new Finding(verdict, double.IsPositiveInfinity(fastest) ? 0 : slowest / fastest, subject.LineOf(main.Id), () => Kind.Result(
            verdict, slowest, fastest, "s",
            CheckWords.FormatAShortBehindDrawsIt(amps == branch.FarAmps ? "far" : "right", PartNames.Small(subject.Names[branch.Device.Id]), branch.Device.Fuse, Format.Amps(amps)) + " "
                + (double.IsPositiveInfinity(slowest) ? CheckWords.SlowlyIfAtAll : CheckWords.FormatWithin(Format.Seconds(slowest)))
                + (double.IsPositiveInfinity(fastest) ? CheckWords.FormatAndHolds2(PartNames.Small(subject.Names[main.Id]), main.Fuse) : CheckWords.FormatMayOpenAfter(PartNames.Small(subject.Names[main.Id]), main.Fuse, Format.Seconds(fastest))),
            branch.Device.Id, subject.LineOf(main.Id)));
    }
}
