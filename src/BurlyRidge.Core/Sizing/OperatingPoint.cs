using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>A line in service on one size of wire, at 12.0 or 24.0 V.</summary>
/// <param name="Amps">Current, A.</param>
/// <param name="LampVolts">What is left at the lamps, V.</param>
/// <param name="ConductorCelsius">Temperature of the wire.</param>
/// <param name="Parts">Every resistance on the way, the wire at its own temperature.</param>
public sealed record OperatingPoint(double Amps, double LampVolts, double ConductorCelsius, IReadOnlyList<Part> Parts)
{
    /// <summary>Resistance of the wire alone, out and, where it comes back by wire, back, Ω.</summary>
    public double WireOhms => Parts.Where(part => part.Kind == PartKind.Wire).Sum(part => part.Ohms);

    /// <summary>Solves the line on <paramref name="wire"/> with <paramref name="fuse"/>; null where the lamps could not run.</summary>
    public static OperatingPoint? Solve(Demand demand, WireSize wire, Fuse fuse)
    {
        var circuit = new Circuit();
        var others = SeriesParts.Of(demand, fuse);
        double Ohms(Direction direction) => others.Where(part => part.Direction == direction).Sum(part => part.Ohms);
        WireElement Wire(string id, int from, int to) => circuit.Add(new WireElement(
            id, from, to, wire, demand.OneWayMetres, 0, demand.AmpacityOf(wire), demand.InsulationCelsius, demand.AmbientCelsius));

        var source = circuit.AddNode();
        circuit.Fix(source, demand.SystemVolts);
        var start = circuit.AddNode();
        var plus = circuit.AddNode();
        var minus = circuit.AddNode();
        var end = demand.Return == ReturnPath.Wire ? circuit.AddNode() : minus;
        var outwards = circuit.Add(new Resistor("out", source, start, Ohms(Direction.Out)));
        var wires = new List<WireElement> { Wire($"{wire.Name} out", start, plus) };
        if (end != minus) wires.Add(Wire($"{wire.Name} back", minus, end));
        circuit.Add(new Resistor("back", end, Circuit.Reference, Ohms(Direction.Back)));
        Lamps(circuit, demand, plus, minus);

        if (CircuitSolver.Solve(circuit) is not Solution.Converged solved) return null;
        var amps = outwards.Amps(solved.State.Across(outwards), out _);
        return new OperatingPoint(
            amps,
            solved.State.Volts[plus] - solved.State.Volts[minus],
            wires[0].ConductorCelsius(amps),
            [.. others, .. wires.Select((run, i) => new Part(run.Id, i == 0 ? Direction.Out : Direction.Back, PartKind.Wire, run.OhmsAt(amps)))]);
    }

    private static void Lamps(Circuit circuit, Demand demand, int plus, int minus)
    {
        double volts = demand.SystemVolts;
        var watts = demand.Watts;
        if (watts.RegulatedLed > 0)
        {
            circuit.Add(new RegulatedLamp("regulated", plus, minus, watts.RegulatedLed,
                LampFunction.UsualTurnOn * volts, LampFunction.UsualDropOut * volts));
        }
        if (watts.ResistorLed > 0) circuit.Add(new Resistor("resistor", plus, minus, volts * volts / watts.ResistorLed));
        if (watts.Filament > 0) circuit.Add(new FilamentLamp("filament", plus, minus, watts.Filament, volts));
    }
}
