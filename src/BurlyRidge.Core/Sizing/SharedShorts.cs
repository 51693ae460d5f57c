using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>A short behind a conductor that several fuses feed, as they open one after the other.</summary>
/// <param name="Terminal">Where it is.</param>
/// <param name="Amps">Through the conductor while all of them are whole, A.</param>
/// <param name="Openings">Each fuse that opens, with the longest until then, s, and what the conductor carries until then, A.</param>
/// <param name="HeatFraction">I²t of it all, of what the conductor withstands; above 1 it is hurt.</param>
public sealed record SharedShort(string Terminal, double Amps, IReadOnlyList<(Link Device, double Seconds, double Amps)> Openings, double HeatFraction)
{
    /// <summary>Whether the fuses are gone before the conductor is hurt.</summary>
    public bool Clears => HeatFraction <= 1;
}

/// <summary>
/// Shorts that are fed from two ends: the conductor takes the sum, each fuse its share; when the first has opened the rest
/// flows through the others. Battery cold and a quarter full, wires hot, body aged, as for any other least current.
/// </summary>
/// <remarks>A fuse that took part of its time at one current has the rest of it at the next (linear damage; house rule).</remarks>
internal sealed class SharedShorts(Rig rig, WiringMap map, Feeds feeds, FaultCurrents faults)
{
    private const double NoAmps = 0.1;

    private readonly Dictionary<Section, Net> nets = [];

    /// <summary>The worse of a short at either end of a run, on a size of wire.</summary>
    public SharedShort Worst(RunFigures figures, WireSize wire)
    {
        var section = feeds.Of(figures.Run.From);
        // Who reads one study from several sides solves in the same circuits.
        lock (nets)
        {
            Net net;
            if (wire != figures.Wire) net = new Net(rig, map, feeds, faults, section, figures.Run.Id, OnSize(figures, wire));
            else if (!nets.TryGetValue(section, out net!)) nets.Add(section, net = new Net(rig, map, feeds, faults, section));
            return figures.Run.Ends().Select(end => Of(net, figures, wire, end)).MaxBy(found => found.HeatFraction)!;
        }
    }

    /// <summary>What the run would have with its ends, hot, on another size, Ω.</summary>
    private double OnSize(RunFigures figures, WireSize wire)
    {
        var (metres, celsius) = (figures.Run.LengthMetres, Math.Max(figures.AmbientCelsius, figures.Run.InsulationCelsius));
        return map.Find(figures.Run.Id)!.HotOhms + wire.Ohms(metres, celsius) - figures.Wire.Ohms(metres, celsius);
    }

    private static SharedShort Of(Net net, RunFigures figures, WireSize wire, string terminal)
    {
        var ampacity = figures.AmpacityOf(wire);
        var (damage, openings) = (new Dictionary<Link, double>(), new List<(Link, double, double)>());
        var (heat, seconds, first) = (0.0, 0.0, 0.0);
        net.Close(terminal);
        while (true)
        {
            var solved = net.Solve();
            var amps = net.Amps(solved, figures.Run.Id);
            if (openings.Count == 0) first = amps;
            if (amps < NoAmps) break;
            var next = net.Whole.Select(device => (device, Takes: FuseTime.SlowestSeconds(device.Fuse!, net.Amps(solved, device.Id))))
                .Select(fuse => (fuse.device, fuse.Takes, Left: fuse.Takes * (1 - damage.GetValueOrDefault(fuse.device)))).ToList();
            var (opens, _, left) = next.MinBy(fuse => fuse.Left);
            if (next.Count == 0 || double.IsPositiveInfinity(left))
            {
                if (amps > ampacity) heat = double.PositiveInfinity;
                break;
            }
            heat += left / RunFigures.Withstand(figures.Run, wire, ampacity, amps);
            foreach (var (device, takes, _) in next) damage[device] = damage.GetValueOrDefault(device) + (double.IsPositiveInfinity(takes) ? 0 : left / takes);
            openings.Add((opens, seconds += left, amps));
            net.Open(opens);
        }
        return new SharedShort(terminal, first, openings, heat);
    }

    /// <summary>A section and all that feeds it, lamps left out, as a circuit with a short at each of its terminals to be closed.</summary>
    private sealed class Net
    {
        private readonly Circuit circuit = new();
        private readonly Dictionary<string, int> places = new(StringComparer.Ordinal);
        private readonly Dictionary<string, Contact> shorts = new(StringComparer.Ordinal);
        private readonly List<(Link Link, Contact Contact)> devices = [];

        public Net(Rig rig, WiringMap map, Feeds feeds, FaultCurrents faults, Section section, string? other = null, double otherOhms = 0)
        {
            var sections = new HashSet<Section> { section };
            var open = new Stack<Section>([section]);
            while (open.TryPop(out var at))
                foreach (var feeder in at.Feeders)
                    if (feeds.Of(feeder.Far) is { Grounded: false } far && sections.Add(far)) open.Push(far);
            var nodes = new Dictionary<int, int>();
            int Node(int terminal) => nodes.TryGetValue(terminal, out var node) ? node : nodes[terminal] = circuit.AddNode();
            foreach (var link in sections.SelectMany(part => part.Terminals).SelectMany(map.At).Where(link => link.Conducts).Distinct())
            {
                if (!sections.Contains(feeds.Of(link.NumberA)) || !sections.Contains(feeds.Of(link.NumberB))) continue;
                places[link.Id] = circuit.Elements.Count;
                if (link.Kind == LinkKind.Device) devices.Add((link, circuit.Add(new Contact(link.Id, Node(link.NumberA), Node(link.NumberB), link.HotOhms))));
                else circuit.Add(new Resistor(link.Id, Node(link.NumberA), Node(link.NumberB), link.Id == other ? otherOhms : link.HotOhms));
            }
            // Batteries joined in parallel are one source already.
            var starts = faults.Starts(FaultCurrents.ColdBatteryFactor).Where(start => map.NumberOf(start.Terminal) is >= 0 and var number && sections.Contains(feeds.Of(number)));
            foreach (var (terminal, ohms) in rig.Vehicle.BatteryLink == Parts.BatteryLink.Parallel ? starts.Take(1) : starts)
            {
                var source = circuit.AddNode();
                circuit.Fix(source, FaultCurrents.MinVolts(rig.Vehicle));
                circuit.Add(new Resistor($"{terminal}.inside", source, Node(map.NumberOf(terminal)), ohms));
            }
            foreach (var terminal in section.Terminals.Where(terminal => nodes.ContainsKey(map.NumberOf(terminal))))
                shorts[terminal] = circuit.Add(new Contact($"{terminal}.short", Node(map.NumberOf(terminal)), Circuit.Reference, faults.Back(terminal)));
        }

        public IEnumerable<Link> Whole => devices.Where(device => device.Contact.Closed).Select(device => device.Link);

        public void Close(string terminal)
        {
            foreach (var contact in shorts.Values) contact.Closed = false;
            shorts[terminal].Closed = true;
            foreach (var (_, contact) in devices) contact.Closed = true;
        }

        public void Open(Link device) => devices.Find(other => other.Link == device).Contact.Closed = false;

        public OperatingState Solve() => CircuitSolver.Solve(circuit).State;

        public double Amps(OperatingState solved, string element) => Math.Abs(solved.Amps[places[element]]);
    }
}
