using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Is a part that water would spoil where none gets in?</summary>
internal static class WaterCheck
{
    /// <summary>Below this spray and fords reach a part, m above the ground (common practice, no source).</summary>
    private const double LowMetres = 0.6;

    internal static readonly CheckKind Kind = new("water", CheckWords.OpenPartsStayDry, CheckWords.AsHighAndDryAs);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var locations = PartLocations.Of(subject.Saved);
        var places = subject.Saved.Places.ToDictionary(place => place.Part, StringComparer.Ordinal);
        return Finding.Report(
            from part in Parts(subject.Saved)
            let station = locations.Of(part.Id) is { } at ? subject.Saved.Body?.StationOf(at) : null
            let zone = part.Zone ?? ZoneOf(subject.Saved.Body, station)
            where zone is not null
            select Find(subject, part.Id, part.Sealed, zone.Value, station, places.GetValueOrDefault(part.Id)?.Terminals));
    }

    private static Finding Find(RigSubject subject, string part, bool? closed, Zone zone, Station? station, Points? terminals)
    {
        var name = subject.Names[part];
        var reason = closed != false || zone == Zone.Cabin ? null
            : zone is Zone.Exterior or Zone.Underbody ? CheckWords.FormatIsOpenAndSitsIn(name, zone.Word())
            : terminals == Points.Up ? CheckWords.FormatTheTerminalsOfPointUp(PartNames.Small(name))
            : station is { At.Up: < LowMetres } ? CheckWords.FormatIsOpenAndSitsAbove(name, Format.Metres(station.At.Up, subject.Rules.Units))
            : null;
        return new Finding(reason is null ? Verdict.Holds : Verdict.Watch, reason is null ? 0 : 1, subject.LineOf(part), () => Kind.Result(
            reason is null ? Verdict.Holds : Verdict.Watch, reason is null ? 0 : 1, 0, CheckKind.NoUnit,
            reason is null ? CheckWords.FormatStaysDryInTheOr(name, zone.Word()) : CheckWords.FormatUseASealedOneTurn(reason), part, subject.LineOf(part)));
    }

    /// <summary>Parts that water spoils, with the zone that they name themselves.</summary>
    private static IEnumerable<(string Id, bool? Sealed, Zone? Zone)> Parts(Rig rig) =>
    [
        .. rig.Protection.Select(part => (part.Id, part.Sealed, (Zone?)part.Place)),
        .. rig.Joints.Where(part => part.Kind == JointKind.Plug).Select(part => (part.Id, part.Sealed, (Zone?)part.Place)),
        .. rig.Relays.Select(part => (part.Id, part.Sealed, (Zone?)null)),
        .. rig.PowerBoxes.Select(part => (part.Id, part.Sealed, (Zone?)null)),
    ];

    /// <summary>A station lies where all its lanes lie; where they differ nobody can say.</summary>
    private static Zone? ZoneOf(Body? body, Station? station) =>
        body is null || station is null ? null
        : body.Lanes.Where(lane => lane.From == station.Id || lane.To == station.Id).Select(lane => lane.Zone).Distinct().ToList() is [var only] ? only : null;
}
