using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Can what works on the second battery drain the first?</summary>
internal static class SourcesJoinedCheck
{
    internal static readonly CheckKind Kind = new("sources-joined", "Batteries are kept apart",
        "A battery at 12.2 V at rest, 24.4 V at 24 V, is half empty and starts no engine for sure (common practice, no source)");

    /// <summary>States of the whole rig in which the batteries alone give.</summary>
    private static readonly string[] Parked = ["camp", "left"];

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var batteries = subject.Vehicle.Batteries;
        if (batteries.Count < 2 || subject.Vehicle.BatteryLink == BatteryLink.Series) yield break;
        var joined = subject.Vehicle.BatteryLink == BatteryLink.Parallel ? batteries[1] : batteries.Skip(1).FirstOrDefault(battery => Joined(subject.Study.Map, batteries[0], battery));
        if (joined is null)
        {
            yield return Kind.Result(Verdict.Holds, 0, 0, CheckKind.NoUnit, "A charger, an isolator or a contact stands between the batteries.");
            yield break;
        }
        var parked = Parked.Select(id => SupplyFigures.Of(subject.Rig, subject.Study.State(id))).MaxBy(state => state.BatteryAmps)!;
        yield return Kind.Result(Verdict.Watch, 1, 0, CheckKind.NoUnit,
            $"{subject.Names[batteries[0].Id]} and {PartNames.Small(subject.Names[joined.Id])} are joined permanently: what drains one drains both. "
                + (parked.HoursToHalf is { } hours ? $"With {Format.Amps(parked.BatteryAmps)} drawn parked they are at {Format.RatedVolts(Battery.OpenVolts(0.5) * subject.Cells)} in {Format.Hours(hours)}; below that the engine may not start. " : "")
                + "An isolator or a charger between them keeps one for the engine.",
            joined.Id);
    }

    /// <summary>Whether wires, joints and fuses alone lead from one battery's plus to the other's.</summary>
    private static bool Joined(WiringMap map, Battery one, Battery other) => OhmPaths
        .From(map, [($"{one.Id}.plus", 0)], link => link.ColdOhms, link => link.Kind != LinkKind.Contact, terminal => terminal != map.Body)
        .Reaches($"{other.Id}.plus");
}
