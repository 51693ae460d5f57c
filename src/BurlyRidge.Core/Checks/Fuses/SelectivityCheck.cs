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
            Short(PartNames.Small(subject.Names[branch.Device.Id]), branch.Device.Fuse!, amps, amps == branch.FarAmps, slowest) + " "
                + (double.IsPositiveInfinity(fastest) ? CheckWords.FormatMainFuseHolds(subject.Names[main.Id], main.Fuse) : CheckWords.FormatMainFuseMayOpen(subject.Names[main.Id], main.Fuse, Format.Seconds(fastest))),
            branch.Device.Id, subject.LineOf(main.Id)));
    }

    private static string Short(string device, Fuse fuse, double amps, bool far, double slowest) => (far, double.IsPositiveInfinity(slowest)) switch
    {
        (true, true) => CheckWords.FormatFarShortOpensSlowly(device, fuse, Format.Amps(amps)),
        (true, false) => CheckWords.FormatFarShortOpens(device, fuse, Format.Amps(amps), Format.Seconds(slowest)),
        (false, true) => CheckWords.FormatNearShortOpensSlowly(device, fuse, Format.Amps(amps)),
        _ => CheckWords.FormatNearShortOpens(device, fuse, Format.Amps(amps), Format.Seconds(slowest)),
    };
}
