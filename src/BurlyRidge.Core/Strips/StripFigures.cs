using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Strips;

/// <summary>One station in a state.</summary>
/// <param name="Volts">Behind it, against the body, V.</param>
/// <param name="Amps">Through it, A.</param>
/// <param name="LostVolts">From its beginning to its end, V; of a lamp what it gets.</param>
/// <param name="Watts">What becomes heat in it, W; of a lamp what it draws.</param>
/// <param name="ShareOfLoss">Its part of all that is lost on the way of the worst lamp, 0 to 1; 0 for a lamp.</param>
/// <param name="LeftVolts">What would be left for a lamp after all that is lost so far, V: what it gets, at the end.</param>
public sealed record StationFigure(double Volts, double Amps, double LostVolts, double Watts, double ShareOfLoss, double LeftVolts)
{
    /// <summary>Of a lamp: its light, as a share of that at its rated volts; null of all else.</summary>
    public double? LightFraction { get; init; }
}

/// <summary>A strip in one state.</summary>
/// <param name="Strands">As those of the strip, station by station.</param>
/// <param name="LimitVolts">The least that may be left, V; null in a state that the drop is not judged in.</param>
public sealed record StripFigures(IReadOnlyList<IReadOnlyList<StationFigure>> Strands, double GivenVolts, double? LimitVolts)
{
    /// <summary>Reads a solution.</summary>
    /// <param name="dropLimit">Allowed, of the volts of the source.</param>
    /// <param name="lights">The lights of the lamps, by element.</param>
    public static StripFigures Of(WiringMap map, Strip strip, SolvedHarness solved, double dropLimit, IReadOnlyDictionary<string, LampFunction> lights)
    {
        if (strip.Strands.Count == 0) return new StripFigures([], 0, null);
        var main = strip.Strands[0].Stations;
        var given = Volts(solved, main[0].To) - Volts(solved, main[^1].To);
        var lost = main.Where(station => station.Kind is not (StripKind.Lamp or StripKind.Source)).Sum(station => Lost(map, solved, station));
        var figures = new List<IReadOnlyList<StationFigure>>();
        foreach (var strand in strip.Strands)
        {
            var left = strand.Leaves is { } from ? figures[from.Strand][from.Station].LeftVolts : given;
            var stations = new List<StationFigure>();
            foreach (var station in strand.Stations)
            {
                var works = station.Kind is StripKind.Lamp or StripKind.Coil;
                var (drop, amps) = (Lost(map, solved, station), Amps(solved, station));
                if (!works) left -= drop;
                stations.Add(new StationFigure(
                    Behind(map, solved, station), amps, drop, drop * amps,
                    works || strand.Control || lost <= 0 ? 0 : drop / lost, left)
                {
                    LightFraction = station.Kind == StripKind.Lamp && lights.TryGetValue(station.Element, out var light) ? light.LightFraction(drop, amps) : null,
                });
            }
            figures.Add(stations);
        }
        return new StripFigures(figures, given, given * (1 - dropLimit));
    }

    private static double Volts(SolvedHarness solved, string terminal) => solved.Harness.Nodes.ContainsKey(terminal) ? solved.Volts(terminal) : 0;

    private static double Amps(SolvedHarness solved, StripStation station) =>
        station.Kind != StripKind.Source && solved.Harness.Has(station.Element) ? Math.Abs(solved.Amps(station.Element)) : 0;

    private static double Lost(WiringMap map, SolvedHarness solved, StripStation station) =>
        station.Kind == StripKind.Source ? 0 : (Volts(solved, station.From) - Volts(solved, station.To)) * Share(map, station).Own;

    /// <summary>Behind the first of two things in one element stands what that one leaves.</summary>
    private static double Behind(WiringMap map, SolvedHarness solved, StripStation station)
    {
        var end = Volts(solved, station.To);
        if (station.Kind == StripKind.Source) return end;
        var before = Volts(solved, station.From);
        return before + (end - before) * Share(map, station).UpToHere;
    }

    private static (double Own, double UpToHere) Share(WiringMap map, StripStation station)
    {
        if (station.Kind is not (StripKind.Fuse or StripKind.Holder or StripKind.Earth or StripKind.Body) || map.Find(station.Element) is not { } link) return (1, 1);
        var split = StationSplit.Of(link.Law, station.Kind is StripKind.Fuse or StripKind.Holder ? StripKind.Fuse : StripKind.Earth);
        if (split.Count == 1) return (1, 1);
        return station.Kind is StripKind.Holder or StripKind.Body ? (split[1].Share, 1) : (split[0].Share, split[0].Share);
    }
}
