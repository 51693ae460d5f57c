using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Are the holes that wires pass covered at their edge and closed against water?</summary>
internal static class HoleEdgeCheck
{
    internal static readonly CheckKind Kind = new("hole-edge", CheckWords.HolesHaveACoveredEdge, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from station in subject.Saved.Body?.Stations ?? []
        where (station.Edge is not null || station.Sealed is not null) && subject.Routed.Room.HoleMillimetres(station.Id) > 0
        let bare = station.Edge == HoleEdge.Bare
        let open = station.Sealed == false
        let verdict = bare || open ? Verdict.Watch : Verdict.Holds
        select Kind.Result(verdict, (bare ? 1 : 0) + (open ? 1 : 0), 0, CheckKind.NoUnit,
            verdict == Verdict.Holds ? CheckWords.FormatItsEdgeIsCoveredAnd(station.Name)
                : string.Join(' ', [.. bare ? [CheckWords.FormatHoleHasABareEdge(station.Name)] : Array.Empty<string>(), .. open ? [CheckWords.FormatHoleIsOpenToWater(station.Name)] : Array.Empty<string>()]), station.Id);
}
