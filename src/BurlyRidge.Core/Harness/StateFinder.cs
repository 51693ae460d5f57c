using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>How lamps are turned on.</summary>
/// <param name="State">The least that lights them, engine off.</param>
/// <param name="Source">Where the current of the first of them comes from.</param>
public sealed record TurnedOn(RigState State, Link Source);

/// <summary>Finds what has to be turned, pressed and pulled for a lamp to light, by following its wires to a source and to earth.</summary>
public sealed class StateFinder(Rig rig, WiringMap map)
{
    private const int Deepest = 6;

    private readonly Dictionary<string, Link> sources = map.Links.Where(link => link.Kind == LinkKind.Source).ToDictionary(link => link.A, StringComparer.Ordinal);
    private readonly HashSet<string> grounds = [PartBook.Body, .. map.Links.Where(link => link.Kind == LinkKind.Source).Select(link => link.B)];

    /// <summary>
    /// The least that lights all of <paramref name="lamps"/> ("fixture.function"), engine off; null where the wires lead
    /// nowhere. With <paramref name="via"/> the way that this signal opens is taken where there is one.
    /// </summary>
    public TurnedOn? On(IEnumerable<string> lamps, Signal? via = null)
    {
        var asked = new Asked();
        foreach (var lamp in lamps)
            if (map.Find(lamp) is not { } link || !Feed(link.A, link.B, asked, via, 0)) return null;
        return asked.Source is { } source ? new TurnedOn(asked.State(), source) : null;
    }

    private bool Feed(string plus, string minus, Asked asked, Signal? via, int depth) =>
        Reach(plus, toSource: true, asked, via, depth) && Reach(minus, toSource: false, asked, via, depth);

    /// <summary>Takes the way with the fewest contacts, one that the signal opens before all others.</summary>
    private bool Reach(string start, bool toSource, Asked asked, Signal? via, int depth)
    {
        if (depth > Deepest) return false;
        var came = new Dictionary<(string At, bool Signalled), (Link Link, (string, bool) From)>();
        var open = new PriorityQueue<(string At, bool Signalled), int>();
        var cost = new Dictionary<(string, bool), int> { [(start, false)] = 0 };
        open.Enqueue((start, false), 0);
        (string At, bool Signalled)? plain = null;
        (string At, bool Signalled)? signalledEnd = null;
        while (open.TryDequeue(out var here, out var sum))
        {
            if (sum > cost[here]) continue;
            if (toSource ? sources.ContainsKey(here.At) : grounds.Contains(here.At))
            {
                if (here.Signalled) signalledEnd ??= here;
                else plain ??= here;
                if (via is null || signalledEnd is not null) break;
                continue;
            }
            if (toSource && here.At == PartBook.Body) continue;
            foreach (var link in map.At(here.At))
            {
                if (!link.Conducts || !Possible(link, asked)) continue;
                var signalled = here.Signalled || (via is { } signal && link.Needs.Any(need => need is Need.SignalOn(var of) && of == signal));
                var next = (WiringMap.Other(link, here.At), signalled);
                var then = sum + (link.Kind == LinkKind.Contact ? 1 : 0);
                if (cost.TryGetValue(next, out var known) && known <= then) continue;
                cost[next] = then;
                came[next] = (link, here);
                open.Enqueue(next, then);
            }
        }
        return Take(signalledEnd) || Take(plain);

        // A way may ask one switch for two positions; then the other way is taken.
        bool Take((string At, bool Signalled)? end)
        {
            if (end is not { } from) return false;
            var attempt = asked.Copy();
            if (depth == 0 && toSource) attempt.Source ??= sources[from.At];
            for (var at = from; came.TryGetValue(at, out var step); at = step.From)
                foreach (var need in step.Link.Needs)
                    if (!Ask(need, attempt, via, depth + 1)) return false;
            if (toSource && !FedItself(sources[from.At], attempt, via, depth + 1)) return false;
            asked.Take(attempt);
            return true;
        }
    }

    /// <summary>A converter gives where its input is fed.</summary>
    private bool FedItself(Link source, Asked asked, Signal? via, int depth) =>
        map.Find($"{source.Id}.input") is not { } input || Feed(input.A, input.B, asked, via, depth);

    private static bool Possible(Link link, Asked asked) => link.Needs.All(need =>
        need is not Need.Position(var part, var names) || !asked.Switches.TryGetValue(part, out var set) || names.Contains(set));

    private bool Ask(Need need, Asked asked, Signal? via, int depth)
    {
        switch (need)
        {
            case Need.Position(var part, var names):
                if (asked.Switches.TryGetValue(part, out var set)) return names.Contains(set);
                var first = rig.Switches.First(other => other.Id == part).Positions[0].Name;
                asked.Switches[part] = names.Contains(first) ? first : names[0];
                return true;
            case Need.Press(var slot):
                asked.Pressed.Add(slot);
                return true;
            case Need.SignalOn(var signal):
                asked.Signals.Add(signal);
                return true;
            case Need.KeyOn:
                asked.Key = true;
                return true;
            case Need.Live(var terminal):
                return Reach(terminal, toSource: true, asked, via, depth);
            case Need.Coil(var plus, var minus):
                if (!asked.Coils.Add(plus)) return true;
                return Try(asked, via, depth, plus, minus) || Try(asked, via, depth, minus, plus);
            default:
                return true;
        }
    }

    private bool Try(Asked asked, Signal? via, int depth, string plus, string minus)
    {
        var attempt = asked.Copy();
        if (!Feed(plus, minus, attempt, via, depth)) return false;
        asked.Take(attempt);
        return true;
    }

    private sealed class Asked
    {
        public Dictionary<string, string> Switches { get; private set; } = new(StringComparer.Ordinal);
        public SortedSet<string> Pressed { get; private set; } = new(StringComparer.Ordinal);
        public HashSet<Signal> Signals { get; private set; } = [];
        public HashSet<string> Coils { get; private set; } = [];
        public bool Key { get; set; }
        public Link? Source { get; set; }

        public Asked Copy() => new()
        {
            Switches = new(Switches, StringComparer.Ordinal),
            Pressed = new(Pressed, StringComparer.Ordinal),
            Signals = [.. Signals],
            Coils = [.. Coils],
            Key = Key,
            Source = Source,
        };

        public void Take(Asked other) =>
            (Switches, Pressed, Signals, Coils, Key, Source) = (other.Switches, other.Pressed, other.Signals, other.Coils, other.Key, other.Source);

        public RigState State() => new()
        {
            Key = Key,
            HighBeam = Signals.Contains(Signal.HighBeam),
            Reverse = Signals.Contains(Signal.Reverse),
            SideLight = Signals.Contains(Signal.SideLight),
            Pressed = [.. Pressed],
            Switches = Switches,
        };
    }
}
