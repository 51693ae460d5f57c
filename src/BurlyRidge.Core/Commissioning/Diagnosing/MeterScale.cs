using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>
/// What a tester shows, on a scale on which readings are as far apart as they look: volts and amps as they are, ohms from some
/// on by their order of magnitude.
/// </summary>
internal static class MeterScale
{
    /// <summary>More is no way at all, Ω.</summary>
    public const double NoWayOhms = 1e4;

    /// <summary>Of ohms between joints, beside what sound rigs differ by.</summary>
    private const double OhmsFraction = 0.15;

    /// <summary>Amps that a reading that went wrong may show, either way, A.</summary>
    private const double MostAmps = 40;

    /// <summary>A value as it is compared.</summary>
    public static double Of(TesterSetting setting, double value) => setting == TesterSetting.Ohms ? Math.Asinh(Math.Clamp(value, 0, NoWayOhms)) : value;

    /// <summary>How still a probe is held, V and A (assumed, no source).</summary>
    private const double Steady = 0.02;

    /// <summary>What a terminal that nothing holds may show, V (assumed, no source).</summary>
    private const double Floating = 0.2;

    /// <summary>What one may show that only a lamp's electronics hold, V (assumed, no source); beside what all such may show less.</summary>
    private const double ByElectronics = 0.05;

    /// <summary>What all terminals of a rig may show less that only electronics hold, as a part of it: standard deviation (assumed, no source).</summary>
    private const double OfElectronics = 0.35;

    /// <summary>Standard deviation of what a meter makes of a value, on the scale.</summary>
    public static double Spread(TesterSetting setting, double value, ReadingHold held)
    {
        var own = Tolerances.MeterSpread(setting, Math.Min(value, NoWayOhms));
        if (setting != TesterSetting.Ohms) own = Math.Sqrt(own * own + Steady * Steady + held switch { ReadingHold.Floats => Floating * Floating, ReadingHold.ByElectronics => ByElectronics * ByElectronics, _ => 0 });
        if (setting == TesterSetting.Ohms)
        {
            var ohms = Math.Clamp(value, 0, NoWayOhms);
            own = Math.Sqrt(own * own + OhmsFraction * OhmsFraction * ohms * ohms) / Math.Sqrt(1 + ohms * ohms);
        }
        return own;
    }

    /// <summary>By how much a value moves with what the electronics of a rig's lamps leak, for a standard deviation of that.</summary>
    public static double ByHold(TesterSetting setting, double value, ReadingHold held) => setting == TesterSetting.Volts && held == ReadingHold.ByElectronics ? OfElectronics * value : 0;

    /// <summary>How wide the scale is on which a reading that went wrong may be anywhere.</summary>
    public static double Width(TesterSetting setting, double systemVolts) => setting switch
    {
        TesterSetting.Volts => 2.4 * systemVolts,
        TesterSetting.Clamp => 2 * MostAmps,
        _ => Math.Asinh(NoWayOhms),
    };
}
