using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>How one run, or one line planned in short, lies.</summary>
/// <param name="Id">Id of the run or of the line.</param>
/// <param name="IsLine">Whether it is a line planned in short.</param>
/// <param name="From">Station; null where nobody said where its first end is.</param>
/// <param name="To">Station; null where nobody said where its other end is.</param>
/// <param name="Route">Null where none leads there.</param>
/// <param name="RoutedMetres">Along the lanes with slack and loops, m; null without a way.</param>
/// <param name="MeasuredMetres">By hand, m; counts where there is one.</param>
/// <param name="Laying">What is laid.</param>
/// <param name="Conductors">Loaded ones among it.</param>
public sealed record Routed(
    string Id, bool IsLine, string? From, string? To, Route? Route, double? RoutedMetres, double? MeasuredMetres, Laying Laying, int Conductors)
{
    /// <summary>Whether a route leads there but for its plug, which passes no hole on it.</summary>
    public bool PlugTooBig { get; init; }

    /// <summary>The length that counts, m; null where neither lanes nor hand give one.</summary>
    public double? Metres => MeasuredMetres ?? RoutedMetres;

    /// <summary>What it is called.</summary>
    public string NameIn(PartNames names) => IsLine ? names.Line(Id) : names[Id];
}

/// <summary>A rig with the lengths, zones and looms that follow from where things are; laying it again changes nothing.</summary>
/// <param name="Rig">The rig, runs and plans with a lay as they lie.</param>
/// <param name="Routes">How each of them lies, runs first, in the rig's order.</param>
/// <param name="Room">What lies in lanes and holes then.</param>
public sealed record RoutedRig(Rig Rig, IReadOnlyList<Routed> Routes, LaneRoom Room)
{
    /// <summary>The shortest that is laid, m.</summary>
    private const double MinMetres = 0.05;

    /// <summary>Lays a valid rig; pure and total. What has no way keeps the length that it has.</summary>
    public static RoutedRig Of(Rig rig)
    {
        var room = new LaneRoom();
        if (rig.Body is not { } body) return new RoutedRig(rig, [], room);
        var whereabouts = PartLocations.Of(rig);
        var control = ControlRuns.Of(rig);
        var router = new Router(rig.HouseRules, body, room);
        var routes = new List<Routed>();
        foreach (var run in rig.Runs.Where(run => run.Lay is not null))
        {
            var (from, to) = whereabouts.OfRun(run);
            routes.Add(Lie(rig, router, room, run.Id, false, from, to, run.Lay!, run.LengthMetres, Thickness.Lead(WireTable.Find(run.Wire)!), run.InsulationCelsius, control.Has(run) ? 0 : 1));
        }
        foreach (var line in rig.Lines.Where(line => line.Plan?.Lay is not null))
        {
            var plan = line.Plan!;
            var leads = LinePlan.OwnConductors(plan.Return);
            var lead = Thickness.Lead(WireTable.Find(plan.ChosenWire ?? UsualWire)!);
            routes.Add(Lie(rig, router, room, line.Id, true, whereabouts.Of(rig.Vehicle.Batteries[^1].Id), PartLocations.Station(body, plan.Lay!.To), plan.Lay.Lay, plan.OneWayMetres,
                Thickness.Loom([.. Enumerable.Repeat(lead, leads)]), plan.InsulationCelsius, leads));
        }
        return new RoutedRig(Apply(rig, routes, room), routes, room);
    }

    /// <summary>A line planned in short is not sized yet when it is laid; it takes the room of this.</summary>
    private const string UsualWire = "12 AWG";

    private static Routed Lie(
        Rig rig, Router router, LaneRoom room, string id, bool isLine, string? from, string? to, Lay lay, double given, double lead, int insulation, int conductors)
    {
        var laying = new Laying(lead, lay.PlugMillimetres ?? lead, insulation);
        var route = from is null || to is null ? null : router.Best(from, to, laying, lay.Through);
        if (route is not null) room.Put(route, lead, conductors);
        return new Routed(id, isLine, from, to, route, route is null ? null : Metres(rig.HouseRules, route, given), lay.MeasuredMetres, laying, conductors)
        {
            PlugTooBig = route is null && from is not null && to is not null && laying.PassMillimetres > lead
                && router.Best(from, to, laying with { PassMillimetres = lead }, lay.Through) is not null,
        };
    }

    /// <summary>
    /// Length of wire for a way, m: its lanes, slack along them, and a loop at each end. What begins and ends at one station is
    /// as long as <paramref name="given"/>, and no longer than its loops: a fuse beside its battery has none.
    /// </summary>
    public static double Metres(HouseRules rules, Route route, double given = double.PositiveInfinity)
    {
        var metres = Math.Max(MinMetres, route.LaneMetres * (1 + rules.SlackFraction) + 2 * rules.LoopMetres);
        return route.Lanes.Count == 0 ? Math.Min(given, metres) : metres;
    }

    private static Rig Apply(Rig rig, List<Routed> routes, LaneRoom room)
    {
        var runs = routes.Where(laid => !laid.IsLine).ToDictionary(laid => laid.Id, StringComparer.Ordinal);
        var plans = routes.Where(laid => laid.IsLine).ToDictionary(laid => laid.Id, StringComparer.Ordinal);
        return rig with
        {
            Runs = [.. rig.Runs.Select(run => run.Lay is not null && runs.TryGetValue(run.Id, out var laid) ? run with
            {
                LengthMetres = laid.Metres ?? run.LengthMetres,
                Zones = Zones(laid, run.Zones),
                LaneCelsius = Hottest(rig.HouseRules, laid),
                Bundled = Math.Max(1, Bundle(laid, room)),
            } : run)],
            Lines = [.. rig.Lines.Select(line => line.Plan is { Lay: not null } plan && plans.TryGetValue(line.Id, out var laid) ? line with
            {
                Plan = plan with
                {
                    OneWayMetres = laid.Metres ?? plan.OneWayMetres,
                    Zones = Zones(laid, plan.Zones),
                    LaneCelsius = Hottest(rig.HouseRules, laid),
                    Bundled = Math.Max(laid.Conductors, Bundle(laid, room)),
                },
                MetresFromFront = rig.Body!.Mounts.FirstOrDefault(mount => mount.Id == plan.Lay.To)?.At.Back ?? line.MetresFromFront,
            } : line)],
        };
    }

    private static IReadOnlyList<Zone> Zones(Routed laid, IReadOnlyList<Zone> before) =>
        laid.Route is { Lanes.Count: > 0 } route ? [.. route.Lanes.Select(lane => lane.Zone).Distinct()] : before;

    private static double? Hottest(HouseRules rules, Routed laid) =>
        laid.Route is { Lanes.Count: > 0 } route ? route.Lanes.Max(lane => LaneCost.Celsius(rules, lane)) : null;

    private static int Bundle(Routed laid, LaneRoom room) =>
        laid.Route is { Lanes.Count: > 0 } route ? route.Lanes.Max(lane => room.Loaded(lane.Id)) : laid.Conductors;
}
