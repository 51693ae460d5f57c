using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Is what draws much for hours fused by a bolt-down?</summary>
internal static class FuseFamilyCheck
{
    internal static readonly CheckKind Kind = new("fuse-family", CheckWords.BoltDownFuseUnderA,
        CheckWords.ABladeFuseUnderA);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from device in subject.Rig.Protection
        where !device.Breaker
        where SizeChoice.FeedsLongHeavy(subject.Rig, subject.Study.Feeds, subject.Study.Map.Find(device.Id)!)
        select Find(subject, device));

    private static Finding Find(RigSubject subject, ProtectiveDevice device)
    {
        var rating = device.Fuse.RatingAmps;
        var verdict = device.Fuse.Family == FuseFamily.BoltDown || rating < Limits.BoltDownFromAmps ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf(device.Id);
        var larger = FuseTable.All.FirstOrDefault(fuse => fuse.Family == FuseFamily.BoltDown && fuse.RatingAmps >= rating);
        return new Finding(verdict, rating / Limits.BoltDownFromAmps, line, () => Kind.Result(
            verdict, rating, Limits.BoltDownFromAmps, "A",
            CheckWords.FormatIsAFuseBeforeSomething(subject.Names[device.Id], device.Fuse)
                + (verdict == Verdict.Holds ? "" : " " + CheckWords.ItsHolderCooksTakeA),
            device.Id, line, null, () => Edit.Fuse(subject, device.Id, larger)));
    }
}
