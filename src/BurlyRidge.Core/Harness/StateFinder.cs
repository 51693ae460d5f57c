using System.Collections.Immutable;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>How lamps are turned on.</summary>
/// <param name="State">The least that lights them, engine off.</param>
/// <param name="Source">Where the current of the first of them comes from.</param>
public sealed record TurnedOn(RigState State, Link Source);

/// <summary>Finds what has to be turned, pressed and pulled for a lamp to light, by following its wires to a source and to earth.</summary>
public sealed class StateFinder
{
    private const int Deepest = 6;

    private readonly Rig rig;
    private readonly WiringMap map;
    private readonly Dictionary<int, Link> sources = [];
    private readonly HashSet<int> grounds;
    private readonly int body;

    // By terminal, twice: without and with the signal met. Of the round that its mark names.
    private readonly int[] mark;
    private readonly int[] cost;
    private readonly Link?[] through;
    private readonly int[] before;
    private readonly PriorityQueue<int, int> open = new();
    private int round;

    /// <summary>Looks through <paramref name="map"/> of <paramref name="rig"/>.</summary>
    public StateFinder(Rig rig, WiringMap map)
    {
        (this.rig, this.map, body) = (rig, map, map.Body);
        grounds = [body];
        foreach (var link in map.Links.Where(link => link.Kind == LinkKind.Source))
        {
            sources.Add(link.NumberA, link);
            grounds.Add(link.NumberB);
        }
        var places = 2 * map.Terminals.Count;
        (mark, cost, through, before) = (new int[places], new int[places], new Link?[places], new int[places]);
    }

    /// <summary>
    /// The least that lights all of <paramref name="lamps"/> ("fixture.function"), engine off; null where the wires lead
    /// nowhere. With <paramref name="via"/> the way that this signal opens is taken where there is one.
    /// </summary>
    public TurnedOn? On(IEnumerable<string> lamps, Signal? via = null)
    {
        var asked = Asked.Nothing;
        foreach (var lamp in lamps)
            if (map.Find(lamp) is not { } link || !Feed(link.A, link.B, ref asked, via, 0)) return null;
        return asked.Source is { } source ? new TurnedOn(asked.State(), source) : null;
    }

    private bool Feed(string plus, string minus, ref Asked asked, Signal? via, int depth) =>
        Reach(plus, toSource: true, ref asked, via, depth) && Reach(minus, toSource: false, ref asked, via, depth);

    /// <summary>Takes the way with the fewest contacts, one that the signal opens before all others.</summary>
    private bool Reach(string start, bool toSource, ref Asked asked, Signal? via, int depth)
    {
        if (depth > Deepest || map.NumberOf(start) is not (>= 0 and var number)) return false;
        var (plain, signalled) = Paths(number, toSource, asked, via);
        return Take(signalled, ref asked, via, depth) || Take(plain, ref asked, via, depth);
    }

    /// <summary>A way may ask one switch for two positions; then it is not taken.</summary>
    private bool Take(NeedPath? way, ref Asked asked, Signal? via, int depth)
    {
        if (way is null) return false;
        var attempt = depth == 0 ? asked with { Source = asked.Source ?? way.Source } : asked;
        foreach (var need in way.Needs)
            if (!Ask(need, ref attempt, via, depth + 1)) return false;
        if (way.Source is { } source && !FedItself(source, ref attempt, via, depth + 1)) return false;
        asked = attempt;
        return true;
    }

    /// <summary>The ways with the fewest contacts: without the signal, and past it.</summary>
    private (NeedPath? Plain, NeedPath? Signalled) Paths(int start, bool toSource, Asked asked, Signal? via)
    {
        NeedPath? plain = null;
        round++;
        open.Clear();
        Visit(2 * start, 0, null, -1);
        while (open.TryDequeue(out var here, out var sum))
        {
            if (sum > cost[here]) continue;
            var (at, met) = (here / 2, here % 2);
            if (toSource ? sources.ContainsKey(at) : grounds.Contains(at))
            {
                if (met == 1) return (plain, PathTo(here, toSource));
                plain ??= PathTo(here, toSource);
                if (via is null) return (plain, null);
                continue;
            }
            if (toSource && at == body) continue;
            foreach (var link in map.At(at))
            {
                if (!link.Conducts || !Possible(link, asked)) continue;
                var signalled = met == 1 || (via is { } signal && IsOpenedBy(link, signal));
                Visit(2 * link.Beyond(at) + (signalled ? 1 : 0), sum + (link.Kind == LinkKind.Contact ? 1 : 0), link, here);
            }
        }
        return (plain, null);

        void Visit(int place, int sum, Link? link, int from)
        {
            if (mark[place] == round && cost[place] <= sum) return;
            (mark[place], cost[place], through[place], before[place]) = (round, sum, link, from);
            open.Enqueue(place, sum);
        }
    }

    /// <summary>What a way asks for, from its end back to where it starts.</summary>
    private NeedPath PathTo(int end, bool toSource)
    {
        var needs = new List<Need>();
        for (var place = end; through[place] is { } link; place = before[place]) needs.AddRange(link.Needs);
        return new NeedPath(needs, toSource ? sources[end / 2] : null);
    }

    /// <summary>A converter gives where its input is fed.</summary>
    private bool FedItself(Link source, ref Asked asked, Signal? via, int depth) =>
        map.Find($"{source.Id}.input") is not { } input || Feed(input.A, input.B, ref asked, via, depth);

    private static bool Possible(Link link, Asked asked)
    {
        foreach (var need in link.Needs)
            if (need is Need.Position(var part, var names) && asked.Switches.TryGetValue(part, out var set) && !names.Contains(set)) return false;
        return true;
    }

    private static bool IsOpenedBy(Link link, Signal signal)
    {
        foreach (var need in link.Needs)
            if (need is Need.SignalOn(var of) && of == signal) return true;
        return false;
    }

    private bool Ask(Need need, ref Asked asked, Signal? via, int depth)
    {
        switch (need)
        {
            case Need.Position(var part, var names):
                if (asked.Switches.TryGetValue(part, out var set)) return names.Contains(set);
                var first = rig.Switches.First(other => other.Id == part).Positions[0].Name;
                asked = asked with { Switches = asked.Switches.Add(part, names.Contains(first) ? first : names[0]) };
                return true;
            case Need.Press(var slot):
                asked = asked with { Pressed = asked.Pressed.Add(slot) };
                return true;
            case Need.SignalOn(var signal):
                asked = asked with { Signals = asked.Signals.Add(signal) };
                return true;
            case Need.KeyOn:
                asked = asked with { Key = true };
                return true;
            case Need.Live(var lead):
                return Reach(lead.Plus, toSource: true, ref asked, via, depth);
            case Need.Coil({ Plus: var plus, Minus: var minus }):
                if (asked.Coils.Contains(plus)) return true;
                asked = asked with { Coils = asked.Coils.Add(plus) };
                return Try(ref asked, via, depth, plus, minus) || Try(ref asked, via, depth, minus, plus);
            default:
                return true;
        }
    }

    private bool Try(ref Asked asked, Signal? via, int depth, string plus, string minus)
    {
        var attempt = asked;
        if (!Feed(plus, minus, ref attempt, via, depth)) return false;
        asked = attempt;
        return true;
    }

    /// <summary>A way: all that it asks for, and the source that it ends at.</summary>
    private sealed record NeedPath(List<Need> Needs, Link? Source);

    private sealed record Asked(
        ImmutableSortedDictionary<string, string> Switches,
        ImmutableSortedSet<string> Pressed,
        ImmutableSortedSet<Signal> Signals,
        ImmutableSortedSet<string> Coils,
        bool Key,
        Link? Source)
    {
        private static readonly ImmutableSortedSet<string> NoNames = ImmutableSortedSet.Create<string>(StringComparer.Ordinal);

        public static Asked Nothing { get; } =
            new(ImmutableSortedDictionary.Create<string, string>(StringComparer.Ordinal), NoNames, [], NoNames, false, null);

        public RigState State() => new RigState { Key = Key, Pressed = [.. Pressed], Switches = Switches }.WithSignals(Signals.Contains);
    }
}
