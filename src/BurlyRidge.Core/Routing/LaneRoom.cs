using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>What lies in lanes and holes already.</summary>
public sealed class LaneRoom
{
    private readonly Dictionary<string, List<double>> inLanes = new(StringComparer.Ordinal);
    private readonly Dictionary<string, List<double>> inHoles = new(StringComparer.Ordinal);
    private readonly Dictionary<string, int> loaded = new(StringComparer.Ordinal);

    /// <summary>Whether a lane takes a lead beside what lies in it.</summary>
    public bool Takes(Lane lane, double leadMillimetres) =>
        lane.CapacityMillimetres is not { } most || Thickness.Loom([.. In(inLanes, lane.Id), leadMillimetres]) <= most;

    /// <summary>Whether a lead passes a station from outside the cabin to inside: at a grommet, its plug through the free opening and the lead beside what is in it.</summary>
    public bool Passes(Station station, Laying laying) => station.Kind == StationKind.Grommet
        && (station.HoleMillimetres is not { } hole
            || (laying.PassMillimetres <= hole && Thickness.Loom([.. In(inHoles, station.Id), laying.LeadMillimetres]) <= hole));

    /// <summary>Puts a way in, with so many loaded conductors.</summary>
    public void Put(Way way, double leadMillimetres, int conductors)
    {
        foreach (var lane in way.Lanes)
        {
            Add(inLanes, lane.Id, leadMillimetres);
            loaded[lane.Id] = loaded.GetValueOrDefault(lane.Id) + conductors;
        }
        for (var i = 1; i < way.Lanes.Count; i++)
            if (way.Lanes[i - 1].Zone == Zone.Cabin != (way.Lanes[i].Zone == Zone.Cabin)) Add(inHoles, way.Stations[i], leadMillimetres);
    }

    /// <summary>Loaded conductors in a lane.</summary>
    public int Loaded(string lane) => loaded.GetValueOrDefault(lane);

    /// <summary>Across all that lies in a lane, mm.</summary>
    public double LaneMillimetres(string lane) => Thickness.Loom(In(inLanes, lane));

    /// <summary>Across all that passes a hole, mm.</summary>
    public double HoleMillimetres(string station) => Thickness.Loom(In(inHoles, station));

    private static List<double> In(Dictionary<string, List<double>> known, string id) => known.TryGetValue(id, out var leads) ? leads : [];

    private static void Add(Dictionary<string, List<double>> known, string id, double lead)
    {
        if (!known.TryGetValue(id, out var leads)) known[id] = leads = [];
        leads.Add(lead);
    }
}
