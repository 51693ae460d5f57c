using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Does a short on a branch blow the branch's fuse and leave the main one?</summary>
internal static class SelectivityCheck
{
    internal static readonly CheckKind Kind = new("selectivity", "A short on a branch leaves the main fuse",
        "Slowest time of the branch against the fastest of the main fuse, ISO 8820 points (from memory)");

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
            $"A short {(amps == branch.FarAmps ? "far" : "right")} behind {PartNames.Small(subject.Names[branch.Device.Id])}, {branch.Device.Fuse}, draws {Format.Amps(amps)}: it opens "
                + (double.IsPositiveInfinity(slowest) ? "slowly if at all" : $"within {Format.Seconds(slowest)}")
                + (double.IsPositiveInfinity(fastest) ? $", and {PartNames.Small(subject.Names[main.Id])}, {main.Fuse}, holds." : $"; {PartNames.Small(subject.Names[main.Id])}, {main.Fuse}, may open after {Format.Seconds(fastest)}."),
            branch.Device.Id, subject.LineOf(main.Id)));
    }
}
