using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>What does the parked vehicle draw?</summary>
internal static class KeyOffDrainCheck
{
    internal static readonly CheckKind Kind = new("key-off-drain", "The parked vehicle draws next to nothing", "50 mA for the whole vehicle (common practice, no source)");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var parked = SupplyFigures.Of(subject.Rig, subject.Study.State(JudgedStates.Parked));
        var amps = Math.Max(0, parked.BatteryAmps);
        var verdict = amps <= Limits.KeyOffAmps ? Verdict.Holds : Verdict.Watch;
        yield return Kind.Result(verdict, amps, Limits.KeyOffAmps, "A",
            $"{Format.Amps(amps)} are drawn with the key off"
                + (parked.HoursToHalf is { } hours ? $": half the battery in {Format.Hours(hours)}." : "."));
    }
}
