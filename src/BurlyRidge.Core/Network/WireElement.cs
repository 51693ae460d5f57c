using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Network;

/// <summary>
/// A run of wire that warms itself: V = I·(ends + R·(1 + 0.00393·(T − 20))) with T = T_amb + (T_ins − T_amb)·min(1, (I/Iz)²).
/// </summary>
public sealed class WireElement : Element
{
    private readonly double coldOhms;
    private readonly double risingOhms;
    private readonly double ampacityAmps;
    private readonly double ambientCelsius;
    private readonly int insulationCelsius;

    /// <param name="id">Name by which the answer speaks of it.</param>
    /// <param name="from">Node that the current enters at.</param>
    /// <param name="to">Node that it leaves at.</param>
    /// <param name="wire">Size.</param>
    /// <param name="metres">Length, m.</param>
    /// <param name="endOhms">Resistance of its two ends together, Ω.</param>
    /// <param name="ampacityAmps">What it carries where it lies, A.</param>
    /// <param name="insulationCelsius">Temperature class of the insulation.</param>
    /// <param name="ambientCelsius">How hot it is around it.</param>
    public WireElement(
        string id, int from, int to, WireSize wire, double metres, double endOhms, double ampacityAmps, int insulationCelsius, double ambientCelsius)
        : base(id, from, to)
    {
        this.ampacityAmps = ampacityAmps;
        this.insulationCelsius = insulationCelsius;
        this.ambientCelsius = ambientCelsius;
        coldOhms = Math.Max(endOhms + wire.Ohms(metres, RestCelsius), Resistor.MinOhms);
        risingOhms = wire.OhmsPerMetreAt20 * metres * Copper.PerKelvin * Math.Max(0, insulationCelsius - ambientCelsius);
        Wire = wire;
        Metres = metres;
        EndOhms = endOhms;
    }

    /// <summary>Size.</summary>
    public WireSize Wire { get; }

    /// <summary>Length, m.</summary>
    public double Metres { get; }

    /// <summary>Resistance of its two ends together, Ω.</summary>
    public double EndOhms { get; }

    /// <summary>What it carries where it lies, A.</summary>
    public double AmpacityAmps => ampacityAmps;

    /// <summary>Resistance without current, Ω.</summary>
    public double ColdOhms => coldOhms;

    /// <summary>What is added at its ampacity, Ω.</summary>
    public double RisingOhms => risingOhms;

    /// <summary>The temperature that its conductor has by now, °C; null: the one that it comes to with its current.</summary>
    internal double? HeldCelsius { get; set; }

    /// <summary>What its conductor comes to without current, °C.</summary>
    public double AmbientCelsius => ambientCelsius;

    /// <summary>Temperature class of its insulation, °C.</summary>
    public int InsulationCelsius => insulationCelsius;

    /// <summary>Resistance with its ends at a temperature of its conductor, Ω.</summary>
    public double OhmsWarm(double celsius) => Math.Max(EndOhms + Wire.Ohms(Metres, celsius), Resistor.MinOhms);

    private double RestCelsius => ampacityAmps > 0 ? ambientCelsius : Math.Max(ambientCelsius, insulationCelsius);

    /// <summary>Temperature of the conductor at <paramref name="amps"/>, °C.</summary>
    public double ConductorCelsius(double amps) =>
        Ampacity.ConductorCelsius(Math.Abs(amps), ampacityAmps, insulationCelsius, ambientCelsius);

    /// <summary>Resistance with its ends at <paramref name="amps"/>, Ω.</summary>
    public double OhmsAt(double amps) => coldOhms + risingOhms * Rise(amps);

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        if (HeldCelsius is { } held)
        {
            slope = 1 / OhmsWarm(held);
            return volts * slope;
        }
        var magnitude = Math.Abs(volts);
        var fullOhms = coldOhms + risingOhms;
        if (ampacityAmps <= 0 || magnitude >= ampacityAmps * fullOhms)
        {
            slope = 1 / (ampacityAmps <= 0 ? coldOhms : fullOhms);
            return volts * slope;
        }
        // V = a·I + b·I³ is convex above zero: Newton from the cold current comes down to the root.
        var cubic = risingOhms / (ampacityAmps * ampacityAmps);
        var amps = magnitude / coldOhms;
        var warm = cubic * amps * amps;
        while (true)
        {
            var next = amps - (amps * (coldOhms + warm) - magnitude) / (coldOhms + 3 * warm);
            // Going down it comes to rest at the last digit.
            if (!(next < amps * (1 - 1e-15))) break;
            amps = next;
            warm = cubic * amps * amps;
        }
        slope = 1 / (coldOhms + 3 * warm);
        return Math.CopySign(amps, volts);
    }

    private double Rise(double amps)
    {
        if (ampacityAmps <= 0) return 0;
        var loading = amps / ampacityAmps;
        return Math.Min(1, loading * loading);
    }
}
