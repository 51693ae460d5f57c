using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning;

/// <summary>How far a sound rig may be from its plan (typical, no source).</summary>
public static class Tolerances
{
    /// <summary>Of what a lamp draws, either way.</summary>
    public const double LampFraction = 0.10;

    /// <summary>Of a coil or another load, either way.</summary>
    public const double LoadFraction = 0.10;

    /// <summary>Joints and contacts are as new, or have up to so many times that.</summary>
    public const double AgedFactor = 3;

    /// <summary>Copper that carries nothing is at least so warm, °C.</summary>
    public const double CoolestCelsius = 5;

    /// <summary>And at most, or as warm as the place where it lies, °C.</summary>
    public const double WarmestCelsius = 40;

    /// <summary>Volts of a battery that nobody measured, either way, V at 12 V.</summary>
    public const double BatteryVolts = 0.3;

    /// <summary>Inside resistance of a battery, either way.</summary>
    public const double BatteryOhmsFraction = 0.3;

    /// <summary>Volts of an alternator or a converter, either way.</summary>
    public const double SourceFraction = 0.015;

    /// <summary>Part of the readings of sound rigs that a band is to hold.</summary>
    public const double Band = 0.95;

    /// <summary>So many standard deviations hold that part of a normal spread.</summary>
    private const double Normal = 1.96;

    /// <summary>Standard deviation of what a meter makes of a value: its accuracy holds 95 of 100.</summary>
    public static double MeterSpread(TesterSetting setting, double value) => Meter.Accuracy(setting, value) / Normal;
}
