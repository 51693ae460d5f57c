using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>What is to be laid.</summary>
/// <param name="LeadMillimetres">Thickness of what stays in the lanes, all leads of it together, mm.</param>
/// <param name="PassMillimetres">What has to pass holes, mm across: a plug, or the lead itself.</param>
/// <param name="InsulationCelsius">Temperature class of its insulation; a lane as hot as that is not taken unless it is asked for.</param>
public sealed record Laying(double LeadMillimetres, double PassMillimetres, int InsulationCelsius);

/// <summary>A route from station to station.</summary>
/// <param name="Lanes">In order.</param>
/// <param name="Stations">Where it starts, passes and ends: one more than lanes.</param>
/// <param name="LaneMetres">Sum of its lanes, m.</param>
/// <param name="Cost">The same with heat, hazards and covers counted, m.</param>
public sealed record Route(IReadOnlyList<Lane> Lanes, IReadOnlyList<string> Stations, double LaneMetres, double Cost)
{
    /// <summary>Stations between its ends, in order.</summary>
    public IEnumerable<string> Passed => Stations.Skip(1).SkipLast(1);
}

/// <summary>
/// Finds routes over the lanes of a body: the shortest, heat, hazards and what has to come off counted as more length. Into the cabin and out of it a
/// route goes at grommets alone, where what it brings fits.
/// </summary>
/// <remarks>Shortest paths: Dijkstra, Numerische Mathematik 1 (1959).</remarks>
public sealed class Router
{
    private const int MaxAlternatives = 3;

    private readonly HouseRules rules;
    private readonly Body body;
    private readonly Dictionary<string, Edge> lanes = new(StringComparer.Ordinal);
    private readonly Dictionary<string, List<Edge>> at = new(StringComparer.Ordinal);
    private readonly Dictionary<string, Station> stations;
    private readonly Dictionary<string, int> order = new(StringComparer.Ordinal);
    private readonly LaneRoom room;

    /// <summary>Looks for routes over the lanes of <paramref name="body"/>, what lies in <paramref name="room"/> already left its place.</summary>
    public Router(HouseRules rules, Body body, LaneRoom room)
    {
        (this.rules, this.body, this.room) = (rules, body, room);
        stations = body.Stations.ToDictionary(station => station.Id, StringComparer.Ordinal);
        foreach (var station in body.Stations) order[station.Id] = order.Count;
        foreach (var lane in body.Lanes)
        {
            var edge = new Edge(lane, LaneCost.Metres(body, lane), LaneCost.Of(rules, body, lane));
            lanes[lane.Id] = edge;
            Ends(lane.From).Add(edge);
            Ends(lane.To).Add(edge);
        }
    }

    /// <summary>The best way, over the lanes of <paramref name="through"/> in that order; null where none leads there.</summary>
    public Route? Best(string from, string to, Laying laying, IReadOnlyList<string>? through = null) =>
        Find(from, to, laying, through ?? [], without: null);

    /// <summary>Other routes, best first, each without one lane of <paramref name="best"/>.</summary>
    public IReadOnlyList<Route> Others(string from, string to, Laying laying, Route best) =>
    [
        .. best.Lanes.Select(lane => Find(from, to, laying, [], lane.Id)).OfType<Route>()
            .DistinctBy(route => string.Join('|', route.Lanes.Select(lane => lane.Id)))
            .Where(route => !route.Lanes.Select(lane => lane.Id).SequenceEqual(best.Lanes.Select(lane => lane.Id)))
            .OrderBy(route => route.Cost).Take(MaxAlternatives),
    ];

    private List<Edge> Ends(string station)
    {
        if (!at.TryGetValue(station, out var list)) at[station] = list = [];
        return list;
    }

    /// <summary>Where a search stands: a station, come to from inside the cabin or from outside; at the start neither.</summary>
    private readonly record struct Stand(string Station, bool? Inside);

    private sealed record Edge(Lane Lane, double Metres, double Cost)
    {
        public bool Inside => Lane.Zone == Zone.Cabin;

        public string Beyond(string station) => Lane.From == station ? Lane.To : Lane.From;
    }

    private Route? Find(string from, string to, Laying laying, IReadOnlyList<string> through, string? without)
    {
        var end = Pinned(new Stand(from, null), new Trail(0, null, null, from), laying, through, 0, without, to);
        return end is null ? null : Trace(end);
    }

    /// <summary>
    /// A search a leg: to an end of the next lane asked for, over it, and on; the last leg ends at the goal. No station is passed
    /// twice: a wire that comes back to where it was is a loop, whoever asked for the lane.
    /// </summary>
    private Trail? Pinned(Stand at, Trail trail, Laying laying, IReadOnlyList<string> through, int leg, string? without, string to)
    {
        var start = new Dictionary<Stand, Trail> { [at] = trail };
        var passed = Passed(trail);
        if (leg == through.Count)
            return Search(start, laying, without, to, passed).Where(pair => pair.Key.Station == to).Select(pair => pair.Value).MinBy(found => found.Cost);
        var edge = lanes[through[leg]];
        Trail? best = null;
        foreach (var entry in new[] { edge.Lane.From, edge.Lane.To }.OrderBy(end => end != at.Station))
        {
            var exit = edge.Beyond(entry);
            if (passed.Contains(exit) || (at.Station == to && leg > 0)) continue;
            foreach (var (stand, reached) in Search(start, laying, without, entry, [.. passed, to, exit]).Where(pair => pair.Key.Station == entry && MayPass(pair.Key, edge, laying)).ToList())
            {
                var over = new Trail(reached.Cost + edge.Cost, reached, edge, exit);
                var found = Pinned(new Stand(exit, edge.Inside), over, laying, through, leg + 1, without, to);
                if (found is not null && (best is null || found.Cost < best.Cost)) best = found;
            }
            // Where it stands at one end of the lane already, going round to the other is not what was asked for.
            if (best is not null && entry == at.Station) return best;
        }
        return best;
    }

    private static HashSet<string> Passed(Trail trail)
    {
        var passed = new HashSet<string>(StringComparer.Ordinal);
        for (var at = trail; at is not null; at = at.Before) passed.Add(at.Station);
        return passed;
    }

    /// <summary>The cheapest trails to every stand, or as many of them as it takes to know the one to <paramref name="goal"/>.</summary>
    /// <param name="starts">Where it stands, with the way there.</param>
    /// <param name="laying">What is laid.</param>
    /// <param name="without">A lane that is not taken.</param>
    /// <param name="goal">Where it is to come to.</param>
    /// <param name="avoid">Stations that are not come to.</param>
    private Dictionary<Stand, Trail> Search(Dictionary<Stand, Trail> starts, Laying laying, string? without, string goal, HashSet<string> avoid)
    {
        var best = new Dictionary<Stand, Trail>();
        var open = new PriorityQueue<Stand, (double Cost, int Order)>();
        foreach (var (stand, trail) in starts)
        {
            best[stand] = trail;
            open.Enqueue(stand, (trail.Cost, order[stand.Station]));
        }
        while (open.TryDequeue(out var stand, out var rank))
        {
            var trail = best[stand];
            if (rank.Cost > trail.Cost) continue;
            if (stand.Station == goal) break;
            foreach (var edge in at.TryGetValue(stand.Station, out var found) ? found : [])
            {
                if (edge.Lane.Id == without || avoid.Contains(edge.Beyond(stand.Station)) || !HasRoom(edge, laying) || !MayPass(stand, edge, laying)) continue;
                if (Take(best, edge, stand, trail) is { } next) open.Enqueue(next, (best[next].Cost, order[next.Station]));
            }
        }
        return best;
    }

    private static Stand? Take(Dictionary<Stand, Trail> best, Edge edge, Stand stand, Trail trail)
    {
        var next = new Stand(edge.Beyond(stand.Station), edge.Inside);
        var then = new Trail(trail.Cost + edge.Cost, trail, edge, next.Station);
        if (best.TryGetValue(next, out var known) && known.Cost <= then.Cost) return null;
        best[next] = then;
        return next;
    }

    private bool HasRoom(Edge edge, Laying laying) =>
        LaneCost.Celsius(rules, edge.Lane) < laying.InsulationCelsius && room.Takes(edge.Lane, laying.LeadMillimetres);

    /// <summary>Going on from outside to inside, or back, takes a hole that lets it pass.</summary>
    private bool MayPass(Stand stand, Edge edge, Laying laying) =>
        stand.Inside is null || stand.Inside == edge.Inside || room.Passes(stations[stand.Station], laying);

    private static Route Trace(Trail end)
    {
        var trails = new List<Trail>();
        for (var trail = end; trail is not null; trail = trail.Before) trails.Add(trail);
        trails.Reverse();
        var edges = trails.Select(trail => trail.Over).OfType<Edge>().ToList();
        return new Route([.. edges.Select(edge => edge.Lane)], [.. trails.Select(trail => trail.Station)], edges.Sum(edge => edge.Metres), end.Cost);
    }

    private sealed record Trail(double Cost, Trail? Before, Edge? Over, string Station);
}
