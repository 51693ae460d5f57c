using System.Runtime.InteropServices;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>A rig as terminals and what joins them, whatever state it is in: who feeds whom, and through what.</summary>
public sealed class WiringMap
{
    private readonly List<Link> links = [];
    private readonly Dictionary<string, int> numbers = new(StringComparer.Ordinal);
    private readonly List<string> terminals = [];
    private readonly List<List<Link>> at = [];
    private readonly Dictionary<string, Link> byId = new(StringComparer.Ordinal);

    private WiringMap() { }

    /// <summary>Every link.</summary>
    public IReadOnlyList<Link> Links => links;

    /// <summary>Whether contacts are among them that are never closed together.</summary>
    internal bool HasChoices { get; private set; }

    /// <summary>Links that end at a terminal.</summary>
    public IReadOnlyList<Link> At(string terminal) => NumberOf(terminal) is >= 0 and var number ? at[number] : [];

    /// <summary>Wires that end at a terminal, the vehicle's own leads among them.</summary>
    public IEnumerable<Link> WiresAt(string terminal) => At(terminal).Where(link => link.Kind == LinkKind.Wire);

    /// <summary>The terminals of a joint, where its wires end.</summary>
    public IEnumerable<string> HalvesOf(string joint) => At(joint).Select(half => Other(half, joint));

    /// <summary>Runs of the rig that end at a terminal.</summary>
    public IEnumerable<Run> RunsAt(string terminal) => At(terminal).Select(link => link.Run).OfType<Run>();

    /// <summary>Every terminal that anything ends at.</summary>
    public IReadOnlyList<string> Terminals => terminals;

    /// <summary>Place of a terminal among <see cref="Terminals"/>; -1 where nothing ends at it.</summary>
    internal int NumberOf(string terminal) => numbers.TryGetValue(terminal, out var number) ? number : -1;

    /// <summary>Number of the body; -1 where nothing ends at it.</summary>
    internal int Body => NumberOf(Vehicle.Body);

    /// <summary>Links that end at a terminal, by number.</summary>
    internal List<Link> At(int number) => at[number];

    /// <summary>The link of that id, or null.</summary>
    public Link? Find(string id) => byId.GetValueOrDefault(id);

    /// <summary>The other end of a link.</summary>
    public static string Other(Link link, string terminal) => link.A == terminal ? link.B : link.A;

    /// <summary>Reads <paramref name="rig"/>, whose lines are all wired part by part.</summary>
    public static WiringMap Of(Rig rig)
    {
        var (map, around) = (new WiringMap(), rig.Around());
        foreach (var part in rig.AllParts())
            foreach (var element in part.Elements(around).Where(element => !element.Unjudged)) map.Add(element, null);
        foreach (var run in rig.Runs) map.Add(run.Element(around.Zones), run);
        map.HasChoices = ContactChoices.Give(map.links);
        return map;
    }

    private void Add(PartElement element, Run? run)
    {
        if (LinkOf(element, run) is { } link) Add(link);
    }

    /// <summary>What an element is to who asks what feeds what; null where it is nothing to him.</summary>
    private static Link? LinkOf(PartElement element, Run? run)
    {
        var (id, a, b, _) = element;
        Link Passing(LinkKind kind, double cold, double hot) => new(id, a, b, kind) { Law = element.Law, ColdOhms = cold, HotOhms = hot, Run = run, Needs = [.. element.Needs.Where(need => need is not Need.Fed)] };
        return element.Law switch
        {
            Law.Wire wire => Passing(LinkKind.Wire, Ohms(wire, 20), Ohms(wire, Math.Max(wire.AmbientCelsius, wire.InsulationCelsius))),
            Law.Joint joint => Passing(LinkKind.Joint, joint.Ohms, joint.AgedOhms ?? joint.Ohms),
            Law.Contact contact => Passing(LinkKind.Contact, contact.Ohms, contact.Ohms),
            Law.Fuse fuse => new Link(id, a, b, LinkKind.Device)
            {
                Law = fuse,
                Fuse = fuse.Stands,
                ColdOhms = FuseTable.ColdOhms(fuse.Stands) + TypicalOhms.Holder,
                HotOhms = FuseTable.WarmOhms(fuse.Stands) + TypicalOhms.Holder,
            },
            Law.Load load => new Link(id, a, b, LinkKind.Load) { Law = load, Weak = load.Weak },
            Law.Filament filament => new Link(id, a, b, LinkKind.Load) { Law = filament, Weak = filament.Weak },
            Law.RegulatedLamp or Law.Input => new Link(id, a, b, LinkKind.Load) { Law = element.Law },
            Law.Battery => new Link(id, a, b, LinkKind.Source) { Law = element.Law },
            Law.Source source => new Link(id, a, b, LinkKind.Source) { Law = source, LimitAmps = source.LimitAmps },
            _ => null,
        };
    }

    private static double Ohms(Law.Wire wire, double celsius) => wire.Size.Ohms(wire.Metres, celsius) + 2 * TypicalOhms.Crimp;

    private int Number(string terminal)
    {
        ref var number = ref CollectionsMarshal.GetValueRefOrAddDefault(numbers, terminal, out var known);
        if (known) return number;
        number = terminals.Count;
        terminals.Add(terminal);
        at.Add(new List<Link>(4));
        return number;
    }

    private void Add(Link link)
    {
        links.Add(link);
        byId.TryAdd(link.Id, link);
        (link.NumberA, link.NumberB) = (Number(link.A), Number(link.B));
        at[link.NumberA].Add(link);
        at[link.NumberB].Add(link);
    }
}
