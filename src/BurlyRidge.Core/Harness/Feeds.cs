using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>One way into a section: through a device, or straight from a source that stands in it.</summary>
/// <param name="Device">The device; null for a source.</param>
/// <param name="Near">Terminal of it that lies in the section.</param>
/// <param name="Far">Terminal of it on the side of the source; of a source its plus.</param>
public sealed record Feeder(Link? Device, string Near, string Far);

/// <summary>
/// Conductors that no fuse parts from each other, contacts taken as closed: what one short anywhere in it is fed by.
/// </summary>
public sealed class Section
{
    internal Section(IReadOnlyList<string> terminals) => Terminals = terminals;

    /// <summary>Its terminals.</summary>
    public IReadOnlyList<string> Terminals { get; }

    /// <summary>Whether it is joined to the body.</summary>
    public bool Grounded { get; internal set; }

    /// <summary>Batteries whose plus stands in it.</summary>
    public IReadOnlyList<Link> Sources { get; internal set; } = [];

    /// <summary>Converters and solar panels that feed it without a fuse, each with its own limit.</summary>
    public IReadOnlyList<Link> LimitedSources { get; internal set; } = [];

    /// <summary>Fuses between it and the batteries; empty in a grounded section.</summary>
    public IReadOnlyList<Feeder> Feeders { get; internal set; } = [];

    internal List<Feeder> Edges { get; } = [];
}

/// <summary>Which fuse stands before which conductor.</summary>
public sealed class Feeds
{
    private readonly Dictionary<string, Section> byTerminal = new(StringComparer.Ordinal);

    private Feeds() { }

    /// <summary>Every section.</summary>
    public IReadOnlyList<Section> Sections { get; private set; } = [];

    /// <summary>The section that a terminal lies in.</summary>
    public Section Of(string terminal) => byTerminal[terminal];

    /// <summary>Reads <paramref name="map"/>.</summary>
    public static Feeds Of(WiringMap map)
    {
        var feeds = new Feeds();
        var sections = new List<Section>();
        foreach (var terminal in map.Terminals)
            if (!feeds.byTerminal.ContainsKey(terminal)) sections.Add(feeds.Gather(map, terminal));
        feeds.Sections = sections;
        foreach (var section in sections)
        {
            section.Grounded = section.Terminals.Contains(PartBook.Body);
            var sources = section.Terminals.SelectMany(terminal => map.At(terminal).Where(link => link.Kind == LinkKind.Source && link.A == terminal)).ToList();
            section.Sources = [.. sources.Where(source => double.IsPositiveInfinity(source.LimitAmps))];
            section.LimitedSources = [.. sources.Where(source => !double.IsPositiveInfinity(source.LimitAmps))];
        }
        foreach (var link in map.Links.Where(link => link.Kind == LinkKind.Device))
        {
            var (a, b) = (feeds.Of(link.A), feeds.Of(link.B));
            if (a == b) continue;
            a.Edges.Add(new Feeder(link, link.A, link.B));
            b.Edges.Add(new Feeder(link, link.B, link.A));
        }
        foreach (var section in sections.Where(section => !section.Grounded))
            section.Feeders = [.. section.Edges.Where(edge => feeds.ReachesSource(feeds.Of(edge.Far), section))];
        return feeds;
    }

    private Section Gather(WiringMap map, string start)
    {
        var terminals = new List<string> { start };
        var open = new Stack<string>(terminals);
        var section = new Section(terminals);
        byTerminal[start] = section;
        while (open.TryPop(out var at))
        {
            foreach (var link in map.At(at))
            {
                if (!link.Conducts || link.Kind == LinkKind.Device) continue;
                var other = WiringMap.Other(link, at);
                if (!byTerminal.TryAdd(other, section)) continue;
                terminals.Add(other);
                open.Push(other);
            }
        }
        return section;
    }

    /// <summary>Devices of a section behind which a source of any kind stands, a charger or a panel among them.</summary>
    public IEnumerable<Feeder> LedToSource(Section section) => section.Edges.Where(edge => ReachesSource(Of(edge.Far), section, orLimited: true));

    private bool ReachesSource(Section from, Section without, bool orLimited = false)
    {
        bool Feeds(Section section) => section.Sources.Count > 0 || (orLimited && section.LimitedSources.Count > 0);
        if (from.Grounded) return false;
        if (Feeds(from)) return true;
        var met = new HashSet<Section> { without, from };
        var open = new Stack<Section>([from]);
        while (open.TryPop(out var section))
        {
            foreach (var (_, _, far) in section.Edges)
            {
                var next = Of(far);
                if (next.Grounded || !met.Add(next)) continue;
                if (Feeds(next)) return true;
                open.Push(next);
            }
        }
        return false;
    }
}
