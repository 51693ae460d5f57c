using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Pictures;

/// <summary>A place in a view, m from its upper left corner.</summary>
public sealed record Spot(double X, double Y)
{
    internal double To(Spot other) => Math.Sqrt((X - other.X) * (X - other.X) + (Y - other.Y) * (Y - other.Y));
}

/// <summary>One end of what is measured.</summary>
/// <param name="Name">Of the mount or station there; null: a place of no name.</param>
public sealed record MeasuredEnd(Spot At, string? Name);

/// <summary>From one place of a view to another.</summary>
/// <param name="StraightMetres">Straight through the air between two named places, else as it lies in the view, m.</param>
/// <param name="LaneMetres">A thin wire by the best route, slack included, m; null where an end has no name or no route leads there.</param>
public sealed record Measurement(MeasuredEnd From, MeasuredEnd To, double StraightMetres, double? LaneMetres)
{
    /// <summary>So near to a mount or station, it is that, m.</summary>
    private const double Near = 0.12;

    /// <summary>A thin lead, mm, of the usual insulation.</summary>
    private static readonly Laying Thin = new(3, 3, 105);

    /// <summary>Measures in one view of the vehicle of <paramref name="rig"/>; null where there is none.</summary>
    public static Measurement? Between(Rig rig, ViewSide side, Spot from, Spot to)
    {
        if (rig.Body is not { } body || VehiclePicture.Of(rig, side) is not { } view) return null;
        var places = body.Mounts.Where(mount => view.Mounts.Contains(mount.Id)).Select(mount => (mount.Name, mount.At, mount.Station))
            .Concat(body.Stations.Select(station => (station.Name, station.At, Station: station.Id)))
            .Select(place => (place.Name, place.At, place.Station, Spot: new Spot(view.Across.Of(place.At), view.Down.Of(place.At)))).ToList();
        var ends = new[] { from, to }.Select(spot => places.Where(place => place.Spot.To(spot) <= Near).OrderBy(place => place.Spot.To(spot)).Cast<(string Name, Point At, string Station, Spot Spot)?>().FirstOrDefault()).ToList();
        var (start, end) = (new MeasuredEnd(ends[0]?.Spot ?? from, ends[0]?.Name), new MeasuredEnd(ends[1]?.Spot ?? to, ends[1]?.Name));
        if (ends[0] is not { } one || ends[1] is not { } other) return new Measurement(start, end, start.At.To(end.At), null);
        var route = one.Station == other.Station ? null : new Router(rig.HouseRules, body, RoutedRig.Of(rig).Room).Best(one.Station, other.Station, Thin);
        return new Measurement(start, end, one.At.To(other.At), route is null ? null : RoutedRig.Metres(rig.HouseRules, route));
    }
}
