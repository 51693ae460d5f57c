using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Can every fuse break a short right behind it? Said once, of the one that has most to break.</summary>
internal static class BreakingCheck
{
    /// <summary>Resistances and breaking capacities are typical values: no closer than a fifth is known of either.</summary>
    private const double Known = 1.2;

    internal static readonly CheckKind Kind = new("breaking", CheckWords.TheFuseCanBreakA,
        CheckWords.BreakingCapacityAbout1Ka);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var found = subject.Rig.Protection.Where(device => !device.Breaker)
            .Select(device => (Device: device, Amps: subject.Study.Faults.AtDevice(subject.Study.Map.Find(device.Id)!), Most: Limits.BreakingAmps(device.Fuse.Family)))
            .OrderByDescending(fuse => fuse.Amps / fuse.Most).ToList();
        if (found.Count == 0) yield break;
        var (worst, amps, most) = found[0];
        var verdict = Of(amps, most);
        var others = found.Skip(1).Count(fuse => Of(fuse.Amps, fuse.Most) != Verdict.Holds);
        yield return Kind.Result(
            verdict, amps, most, "A",
            CheckWords.FormatAShortRightBehindDraws(subject.Names[worst.Id], Format.Amps(amps))
                + (verdict == Verdict.Holds ? "" : " " + CheckWords.FormatSuchAFuseBreaks(Format.Amps(most)) + (others > 0 ? " " + CheckWords.FormatTheSameOf(Format.Count(others, CheckWords.OtherFuse, CheckWords.OtherFuses)) : "")),
            worst.Id, null, null, () => Other(worst) is { } other && amps <= Known * Limits.BreakingAmps(FuseFamily.BoltDown) ? Edit.Fuse(subject, worst.Id, other) : null);
    }

    private static Verdict Of(double amps, double most) => amps <= Known * most ? Verdict.Holds : amps <= 2 * most ? Verdict.Watch : Verdict.Stop;

    private static Fuse? Other(ProtectiveDevice device) => device.Fuse.Family == FuseFamily.Blade
        ? FuseTable.All.FirstOrDefault(fuse => fuse.Family == FuseFamily.BoltDown && fuse.RatingAmps == device.Fuse.RatingAmps)
        : null;
}
