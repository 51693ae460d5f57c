using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>
/// What stands in one chain with a charger has to carry all that it can give or take, however little the battery behind it
/// asks for today.
/// </summary>
internal static class LimitedChains
{
    /// <summary>By element, the most that goes through it, and whose limit that is.</summary>
    public static IReadOnlyDictionary<string, DesignCurrent> Of(Rig rig, WiringMap map)
    {
        var found = new Dictionary<string, DesignCurrent>(StringComparer.Ordinal);
        foreach (var converter in rig.Converters)
        {
            var state = SizingWords.FormatAtItsLimit(converter.Name);
            var (given, reached) = Chain(map, $"{converter.Id}.out-plus", converter.Id);
            if (!map.At(reached).Any(link => link.Kind == LinkKind.Source && double.IsPositiveInfinity(link.LimitAmps))) continue;
            var takes = converter.LimitAmps * converter.OutputVolts / converter.Efficiency / Math.Max(converter.LowestInputVolts, rig.Vehicle.SystemVolts);
            Take(given, converter.LimitAmps, state);
            Take(Chain(map, $"{converter.Id}.out-minus", converter.Id).Links, converter.LimitAmps, state);
            foreach (var pin in new[] { "in-plus", "in-minus" }) Take(Chain(map, $"{converter.Id}.{pin}", $"{converter.Id}.input").Links, takes, state);
        }
        return found;

        void Take(IEnumerable<Link> links, double amps, string state)
        {
            foreach (var link in links)
                if (amps > (found.GetValueOrDefault(link.Id)?.Amps ?? 0)) found[link.Id] = new DesignCurrent(amps, state);
        }
    }

    /// <summary>From a terminal on, as long as one conductor or fuse alone goes on from it; gives them and where they end.</summary>
    private static (List<Link> Links, string End) Chain(WiringMap map, string terminal, string own)
    {
        var (links, at) = (new List<Link>(), terminal);
        while (map.At(at).Where(link => link.Id != own && (links.Count == 0 || link != links[^1])).ToList() is [{ Kind: LinkKind.Wire or LinkKind.Joint or LinkKind.Device } next] && !links.Contains(next))
        {
            links.Add(next);
            at = WiringMap.Other(next, at);
        }
        return (links, at);
    }
}
