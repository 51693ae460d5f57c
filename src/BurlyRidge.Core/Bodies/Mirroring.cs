using System.Text.RegularExpressions;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>Left made right, and right left.</summary>
public static partial class Mirroring
{
    /// <summary>Places as far apart as this are still each other's mirror, m.</summary>
    private const double ApartMetres = 0.15;

    /// <summary>The whole body the other way round: every place, what is called left or right, and the driver.</summary>
    public static Body Of(Body body) => body with
    {
        Stations = [.. body.Stations.Select(station => station with { At = Of(station.At), Name = Of(station.Name) })],
        Mounts = [.. body.Mounts.Select(mount => Of(mount) with { Name = Of(mount.Name) })],
        Spaces = [.. body.Spaces.Select(space => space with { Name = Of(space.Name) })],
        DriverSide = body.DriverSide is { } side ? Of(side) : null,
    };

    /// <summary>A mount on the other side, named and fed from there, that makes a pair with the first; null where one stands there already.</summary>
    public static (Body Body, string Id)? Pair(Body body, Mount mount)
    {
        var at = Of(mount.At);
        if (body.Mounts.Any(other => other.At.To(at) < ApartMetres)) return null;
        var ids = body.PlaceNames();
        var id = FreeName.Among(ids, FreeName.PlainOr("mount", Of(mount.Id)), FreeName.Longest);
        var name = Of(mount.Name);
        var made = Of(mount) with { Id = id, Name = name == mount.Name ? VehicleWords.FormatOtherSide(name) : name, Station = Opposite(body, mount.Station) ?? mount.Station, PairOf = mount.Id };
        return (body with { Mounts = [.. body.Mounts.Select(other => other.Id == mount.Id ? other with { PairOf = id } : other), made] }, id);
    }

    /// <summary>A station put on a side, with the lanes that end there: their other ends go to the stations across where there are such, and what was measured along them is not measured any more.</summary>
    public static Body Moved(Body body, Station station, Side side)
    {
        var right = Math.Abs(station.At.Right) * (side == Side.Right ? 1 : -1);
        if (right == station.At.Right) return body;
        string End(string end) => end == station.Id ? end : Opposite(body, end) ?? end;
        var moved = body with
        {
            Stations = [.. body.Stations.Select(other => other.Id == station.Id ? other with { At = other.At with { Right = right } } : other)],
            Lanes = [.. body.Lanes.Select(lane => lane.From == station.Id || lane.To == station.Id ? lane with { From = End(lane.From), To = End(lane.To), MeasuredMetres = null } : lane)],
        };
        return moved;
    }

    /// <summary>The station that is the mirror of one; null where there is none, or it is in the middle.</summary>
    private static string? Opposite(Body body, string station)
    {
        if (body.StationOf(station) is not { } here || Math.Abs(here.At.Right) < ApartMetres) return null;
        var there = Of(here.At);
        return body.Stations.Where(other => other.Id != station && other.At.To(there) < ApartMetres).MinBy(other => other.At.To(there))?.Id;
    }

    private static Mount Of(Mount mount) => mount with
    {
        At = Of(mount.At),
        Supply = mount.Supply is { } side ? Of(side) : null,
        Free = [.. mount.Free.Select(free => free with { Way = free.Way switch { FreeWay.Left => FreeWay.Right, FreeWay.Right => FreeWay.Left, var way => way } })],
    };

    private static Point Of(Point at) => at with { Right = -at.Right };

    private static Side Of(Side side) => side == Side.Left ? Side.Right : Side.Left;

    /// <summary>A name with left for right and right for left.</summary>
    private static string Of(string name) => Sides().Replace(name, found => found.Value switch
    {
        "left" => "right",
        "right" => "left",
        "Left" => VehicleWords.Right,
        _ => VehicleWords.Left,
    });

    [GeneratedRegex(@"\b(left|right|Left|Right)\b")]
    private static partial Regex Sides();
}
