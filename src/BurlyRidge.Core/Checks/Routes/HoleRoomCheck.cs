using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Is there room in holes and lanes for all that is laid through them?</summary>
internal static class HoleRoomCheck
{
    internal static readonly CheckKind Kind = new("hole-room", "Holes and lanes hold what is laid through them",
        "Harness across = √(Σ lead² / 0.7) (common practice, no source); thickness of leads typical");

    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Saved.Body is not { } body ? [] : Finding.Report(
    [
        .. from station in body.Stations
           let across = subject.Routed.Room.HoleMillimetres(station.Id)
           where station.HoleMillimetres is not null && across > 0
           select Find(subject.Rules.Units, station.Name, station.Id, across, station.HoleMillimetres!.Value),
        .. from lane in body.Lanes
           let across = subject.Routed.Room.LaneMillimetres(lane.Id)
           where lane.CapacityMillimetres is not null && across > 0
           select Find(subject.Rules.Units, $"{Name(body, lane.From)} to {Name(body, lane.To)}", lane.Id, across, lane.CapacityMillimetres!.Value),
    ]);

    private static string Name(Body body, string station) => body.StationOf(station)!.Name;

    private static Finding Find(UnitSystem units, string name, string id, double across, double most)
    {
        var verdict = across <= most ? Verdict.Holds : Verdict.Stop;
        return new Finding(verdict, across / most, null, () => Kind.Result(verdict, across, most, "mm",
            $"{name}: what is laid through is {Format.Millimetres(across, units)} across, {Format.Millimetres(most, units)} are free" + (verdict == Verdict.Holds ? "." : ": lead some of it another way."), id));
    }
}
