using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>A line in service on one size of wire, at 12.0 or 24.0 V.</summary>
/// <param name="Amps">Current, A.</param>
/// <param name="LampVolts">What is left at the lamps, V.</param>
/// <param name="ConductorCelsius">Temperature of the wire.</param>
/// <param name="Parts">Every resistance on the way, the wire at its own temperature.</param>
public sealed record OperatingPoint(double Amps, double LampVolts, double ConductorCelsius, IReadOnlyList<Part> Parts)
{
    private const int MostRounds = 200;

    /// <summary>Resistance of the wire alone, out and, where it comes back by wire, back, Ω.</summary>
    public double WireOhms => Parts.Where(part => part.Kind == PartKind.Wire).Sum(part => part.Ohms);

    /// <summary>
    /// Solves the line on <paramref name="wire"/> with <paramref name="fuse"/>; null where the lamps could not run.
    /// The wire's temperature follows from the current and the current from the wire's resistance, so both are iterated
    /// from the cold side until they agree.
    /// </summary>
    public static OperatingPoint? Solve(Demand demand, WireSize wire, Fuse fuse)
    {
        var ampacity = demand.AmpacityOf(wire);
        var others = SeriesParts.Of(demand, fuse);
        var othersOhms = others.Sum(part => part.Ohms);
        var metres = demand.OneWayMetres * Line.OwnConductors(demand.Return);

        var celsius = demand.AmbientCelsius;
        for (var round = 0; ; round++)
        {
            var volts = LampVoltage.Solve(demand.SystemVolts, demand.Watts, othersOhms + wire.Ohms(metres, celsius));
            if (volts is null) return null;
            var amps = LampVoltage.Amps(demand.SystemVolts, demand.Watts, volts.Value);
            var next = Ampacity.ConductorCelsius(amps, ampacity, demand.InsulationCelsius, demand.AmbientCelsius);
            var settled = Math.Abs(next - celsius) < 1e-9 || round == MostRounds;
            if (settled) return new OperatingPoint(amps, volts.Value, celsius, WithWire(demand, wire, celsius, others));
            celsius = next;
        }
    }

    private static List<Part> WithWire(Demand demand, WireSize wire, double celsius, IReadOnlyList<Part> others)
    {
        var ohms = wire.Ohms(demand.OneWayMetres, celsius);
        var parts = new List<Part>(others) { new($"{wire.Name} out", Direction.Out, PartKind.Wire, ohms) };
        if (demand.Return == ReturnPath.Wire) parts.Add(new($"{wire.Name} back", Direction.Back, PartKind.Wire, ohms));
        return parts;
    }
}
