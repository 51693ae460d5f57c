using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Can what works on the second battery drain the first?</summary>
internal static class SourcesJoinedCheck
{
    internal static readonly CheckKind Kind = new("sources-joined", CheckWords.BatteriesAreKeptApart,
        CheckWords.ABatteryAt122);

    /// <summary>States of the whole rig in which the batteries alone give.</summary>
    private static readonly string[] Parked = ["camp", "left"];

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var batteries = subject.Vehicle.Batteries;
        if (batteries.Count < 2 || subject.Vehicle.BatteryLink == BatteryLink.Series) yield break;
        var joined = subject.Vehicle.BatteryLink == BatteryLink.Parallel ? batteries[1] : batteries.Skip(1).FirstOrDefault(battery => Joined(subject.Study.Map, batteries[0], battery));
        if (joined is null)
        {
            yield return Kind.Result(Verdict.Holds, 0, 0, CheckKind.NoUnit, CheckWords.AChargerAnIsolatorOr);
            yield break;
        }
        var parked = Parked.Select(id => SupplyFigures.Of(subject.Rig, subject.Study.State(id))).MaxBy(state => state.BatteryAmps)!;
        yield return Kind.Result(Verdict.Watch, 1, 0, CheckKind.NoUnit,
            CheckWords.FormatAndAreJoinedPermanentlyWhat(subject.Names[batteries[0].Id], PartNames.Small(subject.Names[joined.Id])) + " "
                + (parked.HoursToHalf is { } hours ? CheckWords.FormatWithDrawnParkedTheyAre(Format.Amps(parked.BatteryAmps), Format.RatedVolts(Battery.OpenVolts(0.5) * subject.Cells), Format.Hours(hours)) + " " : "")
                + CheckWords.AnIsolatorOrACharger,
            joined.Id);
    }

    /// <summary>Whether wires, joints and fuses alone lead from one battery's plus to the other's.</summary>
    private static bool Joined(WiringMap map, Battery one, Battery other) => OhmPaths
        .From(map, [($"{one.Id}.plus", 0)], link => link.ColdOhms, link => link.Kind != LinkKind.Contact, terminal => terminal != map.Body)
        .Reaches($"{other.Id}.plus");
}
