using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>What does the parked vehicle draw?</summary>
internal static class KeyOffDrainCheck
{
    internal static readonly CheckKind Kind = new("key-off-drain", CheckWords.TheParkedVehicleDrawsNext, CheckWords.Of50MaForTheWhole);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var parked = SupplyFigures.Of(subject.Rig, subject.Study.State(JudgedStates.Parked));
        var amps = Math.Max(0, parked.BatteryAmps);
        var solved = subject.Study.State(JudgedStates.Parked).Solved;
        var meant = subject.Rig.Loads.Where(load => load.RunsParked).Sum(load => Math.Abs(solved.Amps(load.Id)));
        var unmeant = Math.Max(0, amps - meant);
        var verdict = unmeant <= Limits.KeyOffAmps ? Verdict.Holds : Verdict.Watch;
        yield return Kind.Result(verdict, unmeant, Limits.KeyOffAmps, "A",
            (meant > 0 ? CheckWords.FormatDrawnBesideWhatIsMeant(Format.Amps(unmeant), Format.Amps(meant)) : CheckWords.FormatDrawnWithTheKeyOff(Format.Amps(unmeant)))
                + (parked.HoursToHalf is { } hours ? " " + CheckWords.FormatHalfTheBatteryIsGone(Format.Hours(hours)) : ""));
    }
}
