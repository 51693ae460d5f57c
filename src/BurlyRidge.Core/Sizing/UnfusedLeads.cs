using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Sizing;

/// <summary>
/// The fuses behind each lead that no fuse is before. Nothing opens before it carries what they all let through, so it has
/// to be good for them, however little hangs on them today.
/// </summary>
internal static class UnfusedLeads
{
    /// <summary>Fuses behind a run, by the run's id; a run that a fuse is before, or that brings current back, is left out.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<Link>> Behind(WiringMap map, Feeds feeds)
    {
        var behind = new Dictionary<string, IReadOnlyList<Link>>(StringComparer.Ordinal);
        foreach (var section in feeds.Sections.Where(section => !section.Grounded && section.Sources.Count > 0))
        {
            var sources = section.Sources.Select(source => source.NumberA).ToHashSet();
            foreach (var link in section.Terminals.SelectMany(map.At).Where(link => link.Run is not null).Distinct())
            {
                var sides = new[] { link.NumberA, link.NumberB }.Select(end => Side(map, end, link, sources)).ToList();
                // Where a source stands on both sides, what is behind it seen from either counts.
                behind[link.Run!.Id] = [.. sides.Where(side => !side.HasSource || sides.TrueForAll(other => other.HasSource)).SelectMany(side => side.Devices).Distinct()];
            }
        }
        return behind;
    }

    private static (bool HasSource, IReadOnlyList<Link> Devices) Side(WiringMap map, int start, Link without, HashSet<int> sources)
    {
        var devices = new List<Link>();
        var met = new HashSet<int> { start };
        var open = new Stack<int>([start]);
        while (open.TryPop(out var at))
        {
            foreach (var link in map.At(at))
            {
                if (link == without || !link.Conducts) continue;
                if (link.Kind == LinkKind.Device) devices.Add(link);
                else if (met.Add(link.Beyond(at))) open.Push(link.Beyond(at));
            }
        }
        return (met.Overlaps(sources), devices);
    }
}
