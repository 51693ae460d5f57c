using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Can the fuse break a short right behind it?</summary>
internal static class BreakingCheck
{
    internal static readonly CheckKind Kind = new("breaking", "The fuse can break a short right behind it",
        "Breaking capacity about 1 kA for blade, 2 kA for bolt-down (typical, no source): see the maker's sheet");

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        subject.Rig.Protection.Where(device => !device.Breaker).Select(device => Find(subject, device)));

    private static Finding Find(RigSubject subject, ProtectiveDevice device)
    {
        var amps = subject.Study.Faults.AtDevice(subject.Study.Map.Find(device.Id)!);
        var most = Limits.BreakingAmps(device.Fuse.Family);
        var verdict = amps <= most ? Verdict.Holds : amps <= 2 * most ? Verdict.Watch : Verdict.Stop;
        var line = subject.LineOf(device.Id);
        var other = device.Fuse.Family == FuseFamily.Blade ? FuseTable.All.FirstOrDefault(fuse => fuse.Family == FuseFamily.BoltDown && fuse.RatingAmps == device.Fuse.RatingAmps) : null;
        return new Finding(verdict, amps / most, line, () => Kind.Result(
            verdict, amps, most, "A",
            $"A short right behind {subject.Names[device.Id]} draws up to {Format.Amps(amps)} from a full battery with the engine running"
                + (verdict == Verdict.Holds ? "." : ": more than such a fuse is made to break. A fuse with a higher breaking capacity, or a little more lead before it in a sheath."),
            device.Id, line, null, () => other is not null && amps <= Limits.BreakingAmps(FuseFamily.BoltDown) ? Edit.Fuse(subject, device.Id, other) : null));
    }
}
