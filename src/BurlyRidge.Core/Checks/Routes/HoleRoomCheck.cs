using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Is there room in holes and lanes for all that is laid through them?</summary>
internal static class HoleRoomCheck
{
    internal static readonly CheckKind Kind = new("hole-room", CheckWords.HolesAndLanesHoldWhat,
        CheckWords.HarnessAcrossLead07);

    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Saved.Body is not { } body ? [] : Finding.Report(
    [
        .. from station in body.Stations
           let across = subject.Routed.Room.HoleMillimetres(station.Id)
           where station.HoleMillimetres is not null && across > 0
           select Find(subject.Rules.Units, station.Name, station.Id, across, station.HoleMillimetres!.Value),
        .. from lane in body.Lanes
           let across = subject.Routed.Room.LaneMillimetres(lane.Id)
           where lane.CapacityMillimetres is not null && across > 0
           select Find(subject.Rules.Units, CheckWords.FormatTo(Name(body, lane.From), Name(body, lane.To)), lane.Id, across, lane.CapacityMillimetres!.Value),
    ]);

    private static string Name(Body body, string station) => body.StationOf(station)!.Name;

    private static Finding Find(UnitSystem units, string name, string id, double across, double most)
    {
        var verdict = across <= most ? Verdict.Holds : Verdict.Stop;
        return new Finding(verdict, across / most, null, () => Kind.Result(verdict, across, most, "mm",
            CheckWords.FormatWhatIsLaidThroughIs(name, Format.Millimetres(across, units), Format.Millimetres(most, units)) + (verdict == Verdict.Holds ? "" : " " + CheckWords.LeadSomeOfItAnother), id));
    }
}
