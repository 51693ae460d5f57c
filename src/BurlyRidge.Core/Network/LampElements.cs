namespace BurlyRidge.Core.Network;

/// <summary>
/// A regulated LED lamp: P/V from its drop-out voltage up; from turn-on to drop-out the current rises in a straight line;
/// next to nothing below, and when reversed.
/// </summary>
public sealed class RegulatedLamp(string id, int plus, int minus, double watts, double turnOnVolts, double dropOutVolts)
    : Element(id, plus, minus)
{
    /// <summary>
    /// What its electronics leak below turn-on, S: a tenth of a milliampere, below anything asked for, and well above what leaks
    /// through an open contact, which is so kept from lifting a dark lamp to its turn-on voltage.
    /// </summary>
    public const double LeakSiemens = 1e-5;

    /// <summary>Power, W.</summary>
    public double RatedWatts { get; internal set; } = watts;

    /// <summary>Below this it draws nothing, V.</summary>
    public double TurnOnVolts { get; } = turnOnVolts;

    /// <summary>From this up it keeps its power, V.</summary>
    public double DropOutVolts { get; } = dropOutVolts;

    /// <summary>Part of its power that it is set to: 1, or less when dimmed.</summary>
    public double Setting { get; internal set; } = 1;

    /// <summary>How the solver takes the lamp below its drop-out voltage while it looks for the state with all lamps lit.</summary>
    internal LampMode Mode { get; set; } = LampMode.AsItIs;

    /// <summary>Power that it is set to, W.</summary>
    public double Watts => RatedWatts * Setting;

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        slope = 0;
        if (Mode == LampMode.Dark) return 0;
        if (Mode == LampMode.Ohmic)
        {
            slope = RatedWatts / (4 * DropOutVolts * DropOutVolts);
            return volts * slope;
        }
        if (volts >= DropOutVolts)
        {
            var amps = Watts / volts;
            slope = -amps / volts;
            return amps;
        }
        var most = Watts / DropOutVolts;
        if (Mode == LampMode.Lit) return most;
        if (volts <= TurnOnVolts)
        {
            slope = LeakSiemens;
            return volts * slope;
        }
        var leak = TurnOnVolts * LeakSiemens;
        slope = (most - leak) / (DropOutVolts - TurnOnVolts);
        return leak + (volts - TurnOnVolts) * slope;
    }
}

/// <summary>How a regulated lamp is taken below its drop-out voltage.</summary>
internal enum LampMode
{
    /// <summary>By its own law.</summary>
    AsItIs,

    /// <summary>As drawing its largest current at every lower voltage.</summary>
    Lit,

    /// <summary>As drawing nothing at all.</summary>
    Dark,

    /// <summary>As a resistance that draws its power at twice its drop-out voltage, and so less than the lamp.</summary>
    Ohmic,
}

/// <summary>A strip of LED with resistors: ohmic, and next to nothing when reversed.</summary>
public sealed class ResistorLed(string id, int plus, int minus, double ohms) : Element(id, plus, minus)
{
    /// <summary>Resistance the right way round, Ω.</summary>
    public double Ohms { get; internal set; } = Math.Max(ohms, Resistor.MinOhms);

    internal override IReadOnlyList<double> Knees { get; } = [0];

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        slope = volts >= 0 ? 1 / Ohms : RegulatedLamp.LeakSiemens;
        return volts * slope;
    }
}

/// <summary>
/// A filament lamp: current with V^0.55 (IES rerating, from memory), bent to a cold resistance of a fourteenth of the hot one
/// below three thousandths of its voltage: I = I₀·x·(x² + 0.003²)^(−0.225), x = V/V₀.
/// </summary>
public sealed class FilamentLamp(string id, int plus, int minus, double watts, double ratedVolts) : Element(id, plus, minus)
{
    /// <summary>Half of one less the exponent of current over voltage.</summary>
    public const double Bend = (1 - 0.55) / 2;

    /// <summary>Where the law bends to a resistance, as part of the rated voltage.</summary>
    public const double Cold = 0.003;

    /// <summary>Current at its rated voltage, A.</summary>
    public double RatedAmps { get; internal set; } = watts / ratedVolts;

    /// <summary>Voltage that it is rated at, V.</summary>
    public double RatedVolts { get; } = ratedVolts;

    internal override IReadOnlyList<double> Knees { get; } = [0];

    /// <inheritdoc/>
    public override double Amps(double volts, out double slope)
    {
        var x = volts / RatedVolts;
        var square = x * x + Cold * Cold;
        var factor = Math.Pow(square, -Bend);
        slope = RatedAmps / RatedVolts * factor * (1 - 2 * Bend * x * x / square);
        return RatedAmps * x * factor;
    }
}
