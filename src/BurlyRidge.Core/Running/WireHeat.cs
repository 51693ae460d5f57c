using BurlyRidge.Core.Network;

namespace BurlyRidge.Core.Running;

/// <summary>A conductor that warms and cools with a lag of first order.</summary>
/// <remarks>Heat that copper holds: 3.45 MJ/(m³·K) (IEC 60287, from memory); what the insulation holds is left out, so that it warms a little too soon.</remarks>
internal sealed class WireHeat
{
    private const double JoulesPerCubicMillimetreKelvin = 3.45e-3;

    /// <summary>Nothing is left to be told of it above this, °C: the copper melts.</summary>
    public const double MostCelsius = 1085;

    public WireHeat(WireElement wire)
    {
        Wire = wire;
        Celsius = wire.AmbientCelsius;
        var (rise, amps) = (wire.InsulationCelsius - wire.AmbientCelsius, wire.AmpacityAmps);
        var wattsPerMetre = amps * amps * wire.Wire.Ohms(1, wire.InsulationCelsius);
        Lag = wattsPerMetre > 0 ? JoulesPerCubicMillimetreKelvin * 1000 * wire.Wire.CopperSquareMillimetres * rise / wattsPerMetre : 1;
    }

    public WireElement Wire { get; }

    /// <summary>Its temperature now, °C.</summary>
    public double Celsius { get; set; }

    /// <summary>After so long it has come 63 % of its way, s.</summary>
    public double Lag { get; }

    /// <summary>What it comes to at a current for good, °C; above its ampacity that is above what its insulation stands.</summary>
    public double SettlesAt(double amps)
    {
        if (Wire.AmpacityAmps <= 0) return Math.Max(Wire.AmbientCelsius, Wire.InsulationCelsius);
        var loading = amps / Wire.AmpacityAmps;
        return Wire.AmbientCelsius + (Wire.InsulationCelsius - Wire.AmbientCelsius) * loading * loading;
    }

    /// <summary>Degrees a second at a current.</summary>
    public double Rate(double amps) => (SettlesAt(amps) - Celsius) / Lag;

    /// <summary>After so long at what it would settle at, °C.</summary>
    public double After(double settlesAt, double seconds) => Math.Min(MostCelsius, settlesAt + (Celsius - settlesAt) * Math.Exp(-seconds / Lag));
}
