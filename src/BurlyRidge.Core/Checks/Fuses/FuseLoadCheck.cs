using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Does every fuse of a wired line carry its load for good?</summary>
internal static class FuseLoadCheck
{
    internal static readonly CheckKind Kind = new("fuse-load", CheckWords.FuseCarriesTheLoad,
        CheckWords.ContinuousLoadAtMost80Of);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        subject.Devices.Select(device => Find(subject, device)));

    private static Finding Find(RigSubject subject, OwnDevice device)
    {
        var design = subject.Study.Design(device.Id);
        var most = subject.Rules.FuseLoadFraction * device.Fuse.RatingAmps;
        var verdict = Limits.FuseCarries(device.Fuse.RatingAmps, subject.Rules.FuseLoadFraction, design.Amps) ? Verdict.Holds : device.Fuse.RatingAmps > design.Amps ? Verdict.Watch : Verdict.Stop;
        var line = subject.LineOf(device.Id);
        return new Finding(verdict, design.Amps / most, line, () => Kind.Result(
            verdict, design.Amps, most, "A",
            (design.Amps > 0
                ? CheckWords.FormatFuseLoadedTo(subject.Names[device.Id], device.Printed, Format.Amps(design.Amps), Format.Percent(design.Amps / device.Fuse.RatingAmps), design.State)
                : CheckWords.FormatNoCurrentJudged(subject.Names[device.Id], device.Printed))
                + (verdict != Verdict.Holds && Larger(subject, device, design.Amps) is null && device.Holder is not null ? " " + CheckWords.NoStandardFuseIsLarger : ""),
            device.Id, line, HouseRuleWords.FuseLoad(subject.Rules),
            () => Edit.Fuse(subject, device.Id, Larger(subject, device, design.Amps))));
    }

    /// <summary>The smallest fuse that carries the load where it sits.</summary>
    public static Protection.Fuse? Larger(RigSubject subject, OwnDevice device, double designAmps) => device.Holder is null ? null : SizeChoice.Fuse(
        subject.Rig, device.Place, designAmps, device.Breaker, SizeChoice.FeedsLongHeavy(subject.Rig, subject.Study.Feeds, subject.Study.Map.Find(device.Id)!));
}
