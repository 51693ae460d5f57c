using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Sizing;

/// <summary>Fuses that one section feeds something through.</summary>
/// <param name="Devices">The fuses.</param>
/// <param name="UpstreamAmps">What that section itself can get at most, A.</param>
internal sealed record FeedGroup(IReadOnlyList<Link> Devices, double UpstreamAmps);

/// <summary>All that can feed one side of a conductor at once.</summary>
internal sealed record FeedSum(IReadOnlyList<FeedGroup> Groups)
{
    /// <summary>What it lets through for good with such fuses, A.</summary>
    public double Amps(Func<Link, Fuse> fuseOf) => Groups.Sum(group => Math.Min(group.UpstreamAmps, group.Devices.Sum(device => Limits.WireAmpsForFuse(fuseOf(device)))));
}

/// <summary>
/// What feeds a conductor together counts together: the larger of the two flows from all sources to either of its ends, the
/// conductor itself taken out, with fuse ratings and limits of sources as capacities.
/// </summary>
internal sealed class FeedSums(WiringMap map, Feeds feeds)
{
    private readonly Dictionary<Section, ILookup<int, Feeder>> nearOf = [];

    /// <summary>The sums over more than one fuse that flow into either end of a conductor; empty where one fuse at most feeds it.</summary>
    public IReadOnlyList<FeedSum> Into(Link conductor)
    {
        var section = feeds.Of(conductor.NumberA);
        if (section.Grounded || section.Feeders.Count < 2) return [];
        return [.. new[] { conductor.NumberA, conductor.NumberB }.SelectMany(end => Sums(section, Reached(section, end, conductor))).Where(sum => sum.Groups.Sum(group => group.Devices.Count) > 1)];
    }

    /// <summary>The feeders of a section that can feed it at once with another of them.</summary>
    public IReadOnlyList<Feeder> Together(Section section)
    {
        if (section.Feeders.Count < 2) return [];
        return [.. section.Feeders.Where(feeder => Reached(section, map.NumberOf(feeder.Near), null).Any(found => found.Feeder != feeder && found.Feeder.Device != feeder.Device))];
    }

    private IEnumerable<FeedSum> Sums(Section section, List<(Feeder Feeder, ContactChoices Choices)> reached)
    {
        foreach (var (_, choices) in reached.DistinctBy(found => found.Choices.Key))
        {
            var fitting = reached.Where(found => found.Choices.Agree(choices)).Select(found => found.Feeder).Distinct();
            yield return new FeedSum([.. fitting.GroupBy(feeder => feeds.Of(feeder.Far)).Select(group => new FeedGroup([.. group.Select(feeder => feeder.Device!).Distinct()], Most(group.Key, [section])))]);
        }
    }

    /// <summary>What a section can get at most from all that feeds it, A.</summary>
    private double Most(Section section, HashSet<Section> met)
    {
        if (section.Sources.Count > 0) return double.PositiveInfinity;
        if (!met.Add(section)) return 0;
        return section.LimitedSources.Sum(source => source.LimitAmps)
            + section.Feeders.Sum(feeder => Math.Min(Limits.WireAmpsForFuse(feeder.Device!.Fuse!), Most(feeds.Of(feeder.Far), met)));
    }

    /// <summary>The feeders that a terminal is joined to without <paramref name="without"/>, each with what has to stand how for it.</summary>
    private List<(Feeder Feeder, ContactChoices Choices)> Reached(Section section, int start, Link? without)
    {
        if (!nearOf.TryGetValue(section, out var near)) nearOf.Add(section, near = section.Feeders.ToLookup(feeder => map.NumberOf(feeder.Near)));
        return [.. new ContactWalk(map, start, (link, _) => link != without && link.Kind != LinkKind.Device).Visits()
            .SelectMany(visit => near[visit.At].Select(feeder => (feeder, visit.Choices)))];
    }
}
