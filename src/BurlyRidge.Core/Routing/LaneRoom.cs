using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>What lies in lanes and holes already.</summary>
public sealed class LaneRoom
{
    private readonly Dictionary<string, Bundle> inLanes = new(StringComparer.Ordinal);
    private readonly Dictionary<string, Bundle> inHoles = new(StringComparer.Ordinal);
    private readonly Dictionary<string, int> loaded = new(StringComparer.Ordinal);

    /// <summary>Whether a lane takes a lead beside what lies in it.</summary>
    public bool Takes(Lane lane, double leadMillimetres) =>
        lane.CapacityMillimetres is not { } most || inLanes.GetValueOrDefault(lane.Id).With(leadMillimetres).Across <= most;

    /// <summary>Whether a lead passes a station from outside the cabin to inside: at a grommet, its plug through the free opening and the lead beside what is in it.</summary>
    public bool Passes(Station station, Laying laying) => station.Kind == StationKind.Grommet
        && (station.HoleMillimetres is not { } hole
            || (laying.PassMillimetres <= hole && inHoles.GetValueOrDefault(station.Id).With(laying.LeadMillimetres).Across <= hole));

    /// <summary>Puts a way in, with so many loaded conductors.</summary>
    public void Put(Route route, double leadMillimetres, int conductors)
    {
        foreach (var lane in route.Lanes)
        {
            Add(inLanes, lane.Id, leadMillimetres);
            loaded[lane.Id] = loaded.GetValueOrDefault(lane.Id) + conductors;
        }
        for (var i = 1; i < route.Lanes.Count; i++)
            if (route.Lanes[i - 1].Zone == Zone.Cabin != (route.Lanes[i].Zone == Zone.Cabin)) Add(inHoles, route.Stations[i], leadMillimetres);
    }

    /// <summary>Loaded conductors in a lane.</summary>
    public int Loaded(string lane) => loaded.GetValueOrDefault(lane);

    /// <summary>Across all that lies in a lane, mm.</summary>
    public double LaneMillimetres(string lane) => inLanes.GetValueOrDefault(lane).Across;

    /// <summary>Across all that passes a hole, mm.</summary>
    public double HoleMillimetres(string station) => inHoles.GetValueOrDefault(station).Across;

    private static void Add(Dictionary<string, Bundle> known, string id, double lead) => known[id] = known.GetValueOrDefault(id).With(lead);
}
