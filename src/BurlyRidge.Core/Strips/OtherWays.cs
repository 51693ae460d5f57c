namespace BurlyRidge.Core.Strips;

/// <summary>What works a line in another state than the one that its strip is read in, put beside it.</summary>
internal static class OtherWays
{
    /// <summary>Strands with those of <paramref name="others"/> that have a station of their own, each up to where it meets what is there.</summary>
    public static IReadOnlyList<Strand> Added(IReadOnlyList<Strand> strands, IReadOnlyList<Strand> others)
    {
        var all = strands.ToList();
        var known = strands.SelectMany(strand => strand.Stations).Select(Key).ToHashSet(StringComparer.Ordinal);
        foreach (var other in others)
        {
            var skipped = other.Stations.TakeWhile(station => known.Contains(Key(station))).Count();
            var own = other.Stations.Skip(skipped).TakeWhile(station => !known.Contains(Key(station))).ToList();
            if (own.Count == 0 || own.All(station => station.Element.Length == 0)) continue;
            var next = other.Stations.Skip(skipped + own.Count).FirstOrDefault();
            var leaves = own[0].From.Length == 0 ? null : Behind(all, own[0].From);
            var joins = next is null ? Behind(all, own[^1].To) : Behind(all, next.From);
            all.Add(new Strand(Control: true, leaves, joins, own));
            known.UnionWith(own.Select(Key));
        }
        return all;
    }

    private static string Key(StripStation station) => station.Element.Length == 0 ? station.Id : station.Element;

    /// <summary>The first place that the current leaves at a terminal.</summary>
    private static StripPlace? Behind(List<Strand> strands, string terminal)
    {
        for (var strand = 0; strand < strands.Count; strand++)
            for (var station = 0; station < strands[strand].Stations.Count; station++)
                if (strands[strand].Stations[station].To == terminal) return new StripPlace(strand, station);
        return null;
    }
}
