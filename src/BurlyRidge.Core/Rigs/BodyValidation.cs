using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses a body, and what is placed on it, that does not hang together, field by field.</summary>
public static class BodyValidation
{
    private const int MaxStations = 200;
    private const int MaxLanes = 400;
    private const int MaxMounts = 100;
    private const double MostMillimetres = 3000;

    /// <summary>All that is wrong with <paramref name="body"/> as a document of its own.</summary>
    public static IReadOnlyList<Problem> Validate(Body body)
    {
        var problems = new Problems();
        Check(problems, "", body);
        return problems.Found;
    }

    internal static void Check(Problems problems, Rig rig, TerminalIndex parts)
    {
        if (rig.Body is { } body) Check(problems, "body.", body);
        var ids = parts.Ids.Select(part => part.Id).Concat(VehicleSignal.Names).Concat(rig.PowerBoxes.Where(box => box is not null).Select(box => PanelFace.Of(box.Id))).ToHashSet(StringComparer.Ordinal);
        var ats = Places(rig.Body);
        var placed = new HashSet<string>(StringComparer.Ordinal);
        problems.Each("places", rig.Places, (path, place) =>
        {
            if (!ids.Contains(place.Part)) problems.Add($"{path}.part", PartWords.FormatThereIsNoPartCalled(place.Part));
            else if (!placed.Add(place.Part)) problems.Add($"{path}.part", PartWords.FormatIsPlacedAlready(place.Part));
            if (!ats.Contains(place.At)) problems.Add($"{path}.at", PartWords.FormatThereIsNoStationMount(place.At));
        });
        var bodies = new HashSet<string>(StringComparer.Ordinal);
        problems.Each("partBodies", rig.PartBodies, (path, part) =>
        {
            if (!ids.Contains(part.Part)) problems.Add($"{path}.part", PartWords.FormatThereIsNoPartCalled(part.Part));
            else if (!bodies.Add(part.Part)) problems.Add($"{path}.part", PartWords.FormatHasItsSizesAlready(part.Part));
            Size(problems, $"{path}.widthMillimetres", part.WidthMillimetres);
            Size(problems, $"{path}.heightMillimetres", part.HeightMillimetres);
            Size(problems, $"{path}.depthMillimetres", part.DepthMillimetres);
            problems.Within($"{path}.openMillimetres", part.OpenMillimetres, 0, MostMillimetres, "mm");
            problems.Within($"{path}.reachMillimetres", part.ReachMillimetres, 0, MostMillimetres, "mm");
            problems.Within($"{path}.freeAirMillimetres", part.FreeAirMillimetres, 0, 500, "mm");
            if (part.HoleMillimetres is { } hole) Size(problems, $"{path}.holeMillimetres", hole);
        });
        var lanes = (rig.Body?.Lanes ?? []).Where(lane => lane is not null).Select(lane => lane.Id).ToHashSet(StringComparer.Ordinal);
        problems.Each("runs", rig.Runs, (path, run) => Check(problems, $"{path}.lay", run.Lay, lanes));
        var fixtures = rig.Fixtures.Where(fixture => fixture is not null).Select(fixture => fixture.Id).ToHashSet(StringComparer.Ordinal);
        problems.Each("lines", rig.Lines, (path, line) =>
        {
            for (var i = 0; i < line.Plan?.Fixtures.Count; i++)
                if (!fixtures.Contains(line.Plan.Fixtures[i])) problems.Add($"{path}.plan.fixtures[{i}]", PartWords.FormatThereIsNoFixtureCalled(line.Plan.Fixtures[i]));
            if (line.Plan?.Lay is not { } lay) return;
            if (!ats.Contains(lay.To)) problems.Add($"{path}.plan.lay.to", PartWords.FormatThereIsNoStationMountOr(lay.To));
            Check(problems, $"{path}.plan.lay.lay", lay.Lay, lanes);
        });
        problems.Each("fixtures", rig.Fixtures, (path, fixture) =>
        {
            if (fixture.Body is { } sold) Check(problems, $"{path}.body", sold);
            if (fixture.Measured is { } measured) Check(problems, $"{path}.measured", measured);
        });
    }

    /// <summary>Refuses sizes of a lamp that cannot be.</summary>
    internal static void Check(Problems problems, string path, LampDimensions body)
    {
        Size(problems, $"{path}.widthMillimetres", body.WidthMillimetres);
        Size(problems, $"{path}.heightMillimetres", body.HeightMillimetres);
        Size(problems, $"{path}.depthMillimetres", body.DepthMillimetres);
        problems.Above($"{path}.kilograms", body.Kilograms, 0, 100, "kg");
        problems.Within($"{path}.tailMillimetres", body.TailMillimetres, 0, 10_000, "mm");
        problems.Within($"{path}.behindMillimetres", body.BehindMillimetres, 0, 500, "mm");
        problems.Within($"{path}.tiltDegrees", body.TiltDegrees, 0, 90, "°");
        if (body.RadiusMillimetres is { } radius) problems.Within($"{path}.radiusMillimetres", radius, body.WidthMillimetres / 2, 100_000, "mm");
        if (body.SegmentMillimetres is { } segment) Size(problems, $"{path}.segmentMillimetres", segment);
        Holder.Check(problems, $"{path}.holds", body.Holds);
    }

    private static HashSet<string> Places(Body? body) => body is null ? [] :
    [
        .. body.Stations.Where(station => station is not null).Select(station => station.Id),
        .. body.Mounts.Where(mount => mount is not null).Select(mount => mount.Id),
        .. body.Spaces.Where(space => space is not null).Select(space => space.Id),
    ];

    private static void Check(Problems problems, string path, Lay? lay, HashSet<string> lanes)
    {
        if (lay is null) return;
        for (var i = 0; i < lay.Through.Count; i++)
            if (lay.Through[i] is null || !lanes.Contains(lay.Through[i])) problems.Add($"{path}.through[{i}]", PartWords.FormatThereIsNoLaneCalled(lay.Through[i]));
        if (lay.MeasuredMetres is { } metres) problems.Above($"{path}.measuredMetres", metres, 0, 100, "m");
        if (lay.PlugMillimetres is { } plug) problems.Within($"{path}.plugMillimetres", plug, 1, 200, "mm");
    }

    private static void Check(Problems problems, string path, Body body)
    {
        var size = body.Size;
        problems.Within($"{path}size.lengthMetres", size.LengthMetres, 2, 20, "m");
        problems.Within($"{path}size.widthMetres", size.WidthMetres, 1, 3, "m");
        problems.Within($"{path}size.heightMetres", size.HeightMetres, 1, 4.5, "m");
        problems.Within($"{path}size.wheelbaseMetres", size.WheelbaseMetres, 1, 15, "m");
        problems.Within($"{path}size.bonnetMetres", size.BonnetMetres, 0.2, 4, "m");
        problems.Within($"{path}size.cabMetres", size.CabMetres, 0.5, 18, "m");
        problems.Count($"{path}stations", body.Stations.Count, 0, MaxStations, PartWords.Stations);
        problems.Count($"{path}lanes", body.Lanes.Count, 0, MaxLanes, PartWords.Lanes);
        problems.Count($"{path}mounts", body.Mounts.Count, 0, MaxMounts, PartWords.Mounts);
        problems.Count($"{path}spaces", body.Spaces.Count, 0, MaxMounts, PartWords.Spaces);

        var names = new HashSet<string>(StringComparer.Ordinal);
        void Named(string at, string id, string name)
        {
            if (problems.Id($"{at}.id", id) && !names.Add(id)) problems.Add($"{at}.id", PartWords.FormatTheNameIsTakenBy(id));
            problems.Text($"{at}.name", name, 80);
        }
        problems.Each($"{path}stations", body.Stations, (at, station) =>
        {
            Named(at, station.Id, station.Name);
            Check(problems, $"{at}.at", station.At);
            if (station.HoleMillimetres is { } hole) problems.Within($"{at}.holeMillimetres", hole, 1, 300, "mm");
        });
        var stations = body.Stations.Where(station => station is not null).Select(station => station.Id).ToHashSet(StringComparer.Ordinal);
        void Known(string at, string station)
        {
            if (!stations.Contains(station)) problems.Add(at, PartWords.FormatThereIsNoStationCalled(station));
        }
        var lanes = new HashSet<string>(StringComparer.Ordinal);
        problems.Each($"{path}lanes", body.Lanes, (at, lane) =>
        {
            if (problems.Id($"{at}.id", lane.Id) && !lanes.Add(lane.Id)) problems.Add($"{at}.id", PartWords.FormatAnotherLaneHasTheId(lane.Id));
            Known($"{at}.from", lane.From);
            Known($"{at}.to", lane.To);
            if (lane.From == lane.To) problems.Add($"{at}.to", PartWords.ALaneEndsSomewhereElse);
            if (lane.MeasuredMetres is { } metres) problems.Above($"{at}.measuredMetres", metres, 0, 50, "m");
            if (lane.AmbientCelsius is { } celsius) problems.Within($"{at}.ambientCelsius", celsius, -40, 200, "°C");
            if (lane.CapacityMillimetres is { } most) problems.Within($"{at}.capacityMillimetres", most, 1, 300, "mm");
            problems.Each($"{at}.covers", lane.Covers, (cover, what) => what.Check(problems, cover));
        });
        problems.Each($"{path}mounts", body.Mounts, (at, mount) =>
        {
            Named(at, mount.Id, mount.Name);
            Known($"{at}.station", mount.Station);
            Check(problems, $"{at}.at", mount.At);
            Maybe(problems, $"{at}.widthMillimetres", mount.WidthMillimetres);
            Maybe(problems, $"{at}.heightMillimetres", mount.HeightMillimetres);
            Maybe(problems, $"{at}.depthMillimetres", mount.DepthMillimetres);
            if (mount.ProudMillimetres is { } proud) problems.Within($"{at}.proudMillimetres", proud, 0, MostMillimetres, "mm");
            if (mount.RadiusMillimetres is { } radius) problems.Within($"{at}.radiusMillimetres", radius, 50, 100_000, "mm");
            if (mount.Edge is { } edge)
            {
                Size(problems, $"{at}.edge.lengthMillimetres", edge.LengthMillimetres);
                problems.Above($"{at}.edge.offMillimetres", edge.OffMillimetres, 0, edge.LengthMillimetres / 2, "mm");
            }
            problems.Each($"{at}.covers", mount.Covers, (cover, what) => what.Check(problems, cover));
            if (mount.ReachMillimetres is { } reach) problems.Within($"{at}.reachMillimetres", reach, 0, MostMillimetres, "mm");
            if (mount.HolesToDrill is { } holes) problems.Within($"{at}.holesToDrill", holes, 0, 20);
            problems.Within($"{at}.slatsFraction", mount.SlatsFraction, 0, 0.95);
            if (mount.Openings is { } openings)
            {
                problems.Within($"{at}.openings.count", openings.Count, 1, 100, "openings");
                Size(problems, $"{at}.openings.pitchMillimetres", openings.PitchMillimetres);
                Size(problems, $"{at}.openings.heightMillimetres", openings.HeightMillimetres);
            }
            if (mount.TiltDegrees is { } tilt) problems.Within($"{at}.tiltDegrees", tilt, 0, 90, "°");
            if (mount.MostKilograms is { } most) problems.Above($"{at}.mostKilograms", most, 0, 500, "kg");
            Holder.Check(problems, $"{at}.holds", mount.Holds);
            problems.Each($"{at}.free", mount.Free, (free, what) =>
            {
                problems.Text($"{free}.what", what.What, 80);
                problems.Within($"{free}.millimetres", what.Millimetres, 0, MostMillimetres, "mm");
            });
        });
        problems.Each($"{path}spaces", body.Spaces, (at, space) =>
        {
            Named(at, space.Id, space.Name);
            Known($"{at}.station", space.Station);
            Size(problems, $"{at}.widthMillimetres", space.WidthMillimetres);
            Size(problems, $"{at}.heightMillimetres", space.HeightMillimetres);
            Size(problems, $"{at}.depthMillimetres", space.DepthMillimetres);
            problems.Each($"{at}.covers", space.Covers, (cover, what) => what.Check(problems, cover));
            Maybe(problems, $"{at}.holeMillimetres", space.HoleMillimetres);
            if (space.ReachMillimetres is { } reach) problems.Within($"{at}.reachMillimetres", reach, 0, MostMillimetres, "mm");
        });
        var mounts = body.Mounts.Where(mount => mount is not null).Select(mount => mount.Id).ToHashSet(StringComparer.Ordinal);
        for (var i = 0; i < body.Mounts.Count; i++)
            if (body.Mounts[i]?.PairOf is { } pair && !mounts.Contains(pair)) problems.Add($"{path}mounts[{i}].pairOf", PartWords.FormatThereIsNoMountCalled(pair));
    }

    private static void Check(Problems problems, string path, Point point)
    {
        problems.Within($"{path}.back", point.Back, -2, 22, "m");
        problems.Within($"{path}.right", point.Right, -3, 3, "m");
        problems.Within($"{path}.up", point.Up, -0.5, 6, "m");
    }

    private static void Size(Problems problems, string path, double millimetres) => problems.Above(path, millimetres, 0, MostMillimetres, "mm");

    private static void Maybe(Problems problems, string path, double? millimetres)
    {
        if (millimetres is { } size) Size(problems, path, size);
    }
}
