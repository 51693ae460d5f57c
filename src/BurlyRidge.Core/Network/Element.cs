namespace BurlyRidge.Core.Network;

/// <summary>
/// A part of a network between two nodes. Its current runs from <see cref="From"/> to <see cref="To"/> and is a function
/// of the voltage between them.
/// </summary>
/// <param name="id">Name by which the answer speaks of it.</param>
/// <param name="from">Node that the current enters at.</param>
/// <param name="to">Node that it leaves at.</param>
public abstract class Element(string id, int from, int to)
{
    /// <summary>Name by which the answer speaks of it.</summary>
    public string Id { get; } = id;

    /// <summary>Node that the current enters at.</summary>
    public int From { get; internal set; } = from;

    /// <summary>Node that it leaves at.</summary>
    public int To { get; } = to;

    /// <summary>Voltages from end to end at which its law goes on otherwise, V.</summary>
    internal virtual IReadOnlyList<double> Knees => [];

    /// <summary>Current in A at <paramref name="volts"/> from end to end, and its slope in S.</summary>
    public abstract double Amps(double volts, out double slope);
}

/// <summary>An ohmic part.</summary>
public sealed class Resistor(string id, int from, int to, double ohms) : Element(id, from, to)
{
    /// <summary>Less than this is not told from a direct connection, Ω.</summary>
    public const double MinOhms = 1e-5;

    /// <summary>Resistance, Ω.</summary>
    public double Ohms { get; internal set; } = Math.Max(ohms, MinOhms);

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        slope = 1 / Ohms;
        return volts * slope;
    }
}

/// <summary>A fuse or breaker; open, it leaks as an open contact does.</summary>
public sealed class Fusible(string id, int from, int to, double ohms) : Element(id, from, to)
{
    /// <summary>Resistance whole, Ω.</summary>
    public double Ohms { get; internal set; } = Math.Max(ohms, Resistor.MinOhms);

    /// <summary>Whether it has opened.</summary>
    public bool Blown { get; internal set; }

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        slope = Blown ? Contact.LeakSiemens : 1 / Ohms;
        return volts * slope;
    }
}

/// <summary>A contact; open, it leaks through 1 GΩ, so that no node is ever without a voltage, and no meter of 10 MΩ takes it for live.</summary>
public sealed class Contact(string id, int from, int to, double closedOhms) : Element(id, from, to)
{
    /// <summary>Conductance of an open contact, S.</summary>
    public const double LeakSiemens = 1e-9;

    /// <summary>Resistance when closed, Ω.</summary>
    public double ClosedOhms { get; internal set; } = Math.Max(closedOhms, Resistor.MinOhms);

    /// <summary>Whether it is asked for: a slot pressed, a switch turned; a relay's always is.</summary>
    public bool Asked { get; internal set; } = true;

    /// <summary>Whether it is closed now.</summary>
    public bool Closed { get; internal set; }

    /// <summary>It stays so whatever works it: welded shut, or stuck open; null: it does as it is told.</summary>
    internal bool? Stuck { get; set; }

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        slope = Closed ? 1 / ClosedOhms : LeakSiemens;
        return volts * slope;
    }
}

/// <summary>A diode as 0.7 V and 50 mΩ in the forward direction (typical of a relay's coil diode), open in the other.</summary>
public sealed class Diode(string id, int anode, int cathode) : Element(id, anode, cathode)
{
    /// <summary>Forward voltage, V.</summary>
    public const double ForwardVolts = 0.7;

    /// <summary>Resistance beyond it, Ω.</summary>
    public const double ForwardOhms = 0.05;

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        if (volts <= ForwardVolts)
        {
            slope = Contact.LeakSiemens;
            return volts * slope;
        }
        slope = 1 / ForwardOhms;
        return (volts - ForwardVolts) * slope + ForwardVolts * Contact.LeakSiemens;
    }
}
