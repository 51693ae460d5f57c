namespace BurlyRidge.Core.Harness;

/// <summary>One way into a section: through a device, or straight from a source that stands in it.</summary>
public sealed class Feeder(Link? device, string near, string far)
{
    /// <summary>The device; null for a source.</summary>
    public Link? Device { get; } = device;

    /// <summary>Terminal of it that lies in the section.</summary>
    public string Near { get; } = near;

    /// <summary>Terminal of it on the side of the source; of a source its plus.</summary>
    public string Far { get; } = far;
}

/// <summary>
/// Conductors that no fuse parts from each other, contacts taken as closed: what one short anywhere in it is fed by.
/// </summary>
public sealed class Section
{
    private List<Feeder>? allFeeders;

    internal Section(IReadOnlyList<string> terminals) => Terminals = terminals;

    /// <summary>Its terminals.</summary>
    public IReadOnlyList<string> Terminals { get; }

    /// <summary>Whether it is joined to the body.</summary>
    public bool Grounded { get; internal set; }

    /// <summary>Batteries whose plus stands in it.</summary>
    public IReadOnlyList<Link> Sources => OwnSources;

    /// <summary>Converters and solar panels that feed it without a fuse, each with its own limit.</summary>
    public IReadOnlyList<Link> LimitedSources => OwnLimited;

    /// <summary>Fuses between it and the batteries; empty in a grounded section.</summary>
    public IReadOnlyList<Feeder> Feeders { get; internal set; } = [];

    /// <summary>Every way into it: its feeders, and the batteries that stand in it.</summary>
    public IReadOnlyList<Feeder> AllFeeders => allFeeders ??= [.. Feeders, .. Sources.Select(source => new Feeder(null, source.A, source.A))];

    internal List<Feeder> Edges { get; } = [];

    internal List<Link> OwnSources { get; } = [];

    internal List<Link> OwnLimited { get; } = [];
}

/// <summary>Which fuse stands before which conductor.</summary>
public sealed class Feeds
{
    private readonly WiringMap map;
    private readonly Section[] byTerminal;

    private Feeds(WiringMap map)
    {
        this.map = map;
        byTerminal = new Section[map.Terminals.Count];
    }

    /// <summary>Every section.</summary>
    public IReadOnlyList<Section> Sections { get; private set; } = [];

    /// <summary>The section that a terminal lies in.</summary>
    public Section Of(string terminal) => byTerminal[map.NumberOf(terminal)];

    /// <summary>The same of a terminal by number.</summary>
    internal Section Of(int terminal) => byTerminal[terminal];

    /// <summary>Reads <paramref name="map"/>.</summary>
    public static Feeds Of(WiringMap map)
    {
        var feeds = new Feeds(map);
        var sections = new List<Section>();
        for (var number = 0; number < map.Terminals.Count; number++)
            if (feeds.byTerminal[number] is null) sections.Add(feeds.Gather(number));
        feeds.Sections = sections;
        if (map.Body is >= 0 and var body) feeds.Of(body).Grounded = true;
        foreach (var link in map.Links)
        {
            var (a, b) = (feeds.Of(link.NumberA), feeds.Of(link.NumberB));
            if (link.Kind == LinkKind.Source) (double.IsPositiveInfinity(link.LimitAmps) ? a.OwnSources : a.OwnLimited).Add(link);
            if (link.Kind != LinkKind.Device || a == b) continue;
            a.Edges.Add(new Feeder(link, link.A, link.B));
            b.Edges.Add(new Feeder(link, link.B, link.A));
        }
        foreach (var section in sections.Where(section => !section.Grounded))
            section.Feeders = [.. section.Edges.Where(edge => feeds.ReachesSource(feeds.Of(edge.Far), section) && (!map.HasChoices || feeds.CanReachSource(edge, section)))];
        return feeds;
    }

    private Section Gather(int start)
    {
        var terminals = new List<string>();
        var section = new Section(terminals);
        var open = new Stack<int>([start]);
        byTerminal[start] = section;
        while (open.TryPop(out var at))
        {
            terminals.Add(map.Terminals[at]);
            foreach (var link in map.At(at))
            {
                if (!link.Conducts || link.Kind == LinkKind.Device) continue;
                var other = link.Beyond(at);
                if (byTerminal[other] is not null) continue;
                byTerminal[other] = section;
                open.Push(other);
            }
        }
        return section;
    }

    /// <summary>Whether a battery is reached through contacts that can all be closed at once; too far to be looked at counts as reached.</summary>
    private bool CanReachSource(Feeder edge, Section without)
    {
        var walk = new ContactWalk(map, map.NumberOf(edge.Far), (_, next) => byTerminal[next] != without && !byTerminal[next].Grounded);
        return walk.Visits().Any(visit => byTerminal[visit.At].OwnSources.Any(source => source.NumberA == visit.At)) || walk.GaveUp;
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
            foreach (var edge in section.Edges)
            {
                var next = Of(edge.Far);
                if (next.Grounded || !met.Add(next)) continue;
                if (Feeds(next)) return true;
                open.Push(next);
            }
        }
        return false;
    }
}
