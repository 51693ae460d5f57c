namespace BurlyRidge.Core.Network;

/// <summary>
/// A battery: its open-circuit voltage behind its resistance when it gives, and behind a larger one when it is charged,
/// so that it accepts no more than its limit at the charging voltage.
/// </summary>
/// <remarks>Acceptance of about C/5 past the first minutes: typical, no source.</remarks>
public sealed class BatteryElement(string id, int plus, int minus, double openVolts, double ohms, double chargeOhms)
    : Element(id, plus, minus)
{
    /// <summary>Open-circuit voltage, V.</summary>
    public double OpenVolts { get; internal set; } = openVolts;

    /// <summary>Resistance when it gives, Ω.</summary>
    public double Ohms { get; internal set; } = ohms;

    /// <summary>Resistance when it is charged, Ω.</summary>
    public double ChargeOhms { get; internal set; } = chargeOhms;

    internal override IReadOnlyList<double> Knees => [OpenVolts];

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        slope = 1 / (volts > OpenVolts ? ChargeOhms : Ohms);
        return (volts - OpenVolts) * slope;
    }
}

/// <summary>
/// A regulated source with a current limit that takes no current back: an alternator, a charger's or converter's output, a
/// solar panel behind its regulator.
/// </summary>
public sealed class RegulatedSource(string id, int plus, int minus, double volts, double ohms, double limitAmps)
    : Element(id, plus, minus)
{
    /// <summary>Regulated voltage without load, V.</summary>
    public double Volts { get; internal set; } = volts;

    /// <summary>By how much the voltage falls under load, Ω.</summary>
    public double Ohms { get; } = ohms;

    /// <summary>The most that it gives, A.</summary>
    public double LimitAmps { get; internal set; } = limitAmps;

    /// <summary>Whether it gives anything; a converter does while its input is fed.</summary>
    public bool Running { get; internal set; } = true;

    internal override IReadOnlyList<double> Knees => [Volts, Volts - Ohms * LimitAmps];

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        slope = Contact.LeakSiemens;
        var leak = volts * Contact.LeakSiemens;
        if (!Running || volts >= Volts) return leak;
        var given = (Volts - volts) / Ohms;
        if (given >= LimitAmps) return leak - LimitAmps;
        slope += 1 / Ohms;
        return leak - given;
    }
}

/// <summary>
/// The input of a converter or charger: draws what its output gives, over its efficiency, at whatever voltage it is fed. While
/// it stands still its electronics leak as those of a lamp do: with its minus off nothing is across it.
/// </summary>
public sealed class ConverterInput(string id, int plus, int minus, RegulatedSource output, double efficiency, double lowestVolts)
    : Element(id, plus, minus)
{
    /// <summary>What it gives at the other side.</summary>
    public RegulatedSource Output { get; } = output;

    /// <summary>Part of its input that comes out.</summary>
    public double Efficiency { get; } = efficiency;

    /// <summary>Below this it draws no more current than at it, V.</summary>
    public double LowestVolts { get; } = lowestVolts;

    /// <summary>Power given at the output, W; set from the output's own voltage at each step of the solution.</summary>
    internal double OutputWatts { get; set; }

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        if (!Output.Running)
        {
            slope = RegulatedLamp.LeakSiemens;
            return volts * slope;
        }
        slope = 0;
        var watts = OutputWatts / Efficiency;
        if (volts <= LowestVolts) return watts / LowestVolts;
        slope = -watts / (volts * volts);
        return watts / volts;
    }
}
