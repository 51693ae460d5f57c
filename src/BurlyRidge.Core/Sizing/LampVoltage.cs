using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>The voltage that lamps settle at behind a resistance.</summary>
public static class LampVoltage
{
    /// <summary>Drop-out voltage of a regulated LED lamp over the system's volts: 9 of 12, 18 of 24 (typical).</summary>
    public const double DropOutFraction = 0.75;

    private const int MostSteps = 100;

    /// <summary>
    /// Volts at the lamps behind <paramref name="ohms"/>, fed with the system's volts; null where no solution leaves
    /// every regulated LED at its drop-out voltage or above. Of two solutions the higher is meant.
    /// </summary>
    /// <remarks>
    /// From V + R·I(V) = Vs with I = P/V + k·V^0.55 + g·V, times V:
    /// h(V) = Vs·V − (1 + R·g)·V² − R·k·V^1.55 − R·P, which is concave, so that Newton from Vs comes down to the larger
    /// root without passing it, or past the top of h where there is none.
    /// </remarks>
    public static double? Solve(int systemVolts, LampWatts watts, double ohms)
    {
        double source = systemVolts;
        const double exponent = 1 + LampSet.FilamentExponent;
        var constant = ohms * watts.RegulatedLed;
        var square = 1 + ohms * watts.ResistorLed / (source * source);
        var filament = ohms * watts.Filament / Math.Pow(source, exponent);
        var lowest = watts.RegulatedLed > 0 ? DropOutFraction * source : 0;

        var volts = source;
        for (var step = 0; step < MostSteps; step++)
        {
            var value = volts * (source - square * volts) - filament * Math.Pow(volts, exponent) - constant;
            var slope = source - 2 * square * volts - exponent * filament * Math.Pow(volts, exponent - 1);
            if (slope >= 0) return null;
            var next = volts - value / slope;
            if (next < lowest) return null;
            if (Math.Abs(next - volts) <= 1e-13 * source) return next;
            volts = next;
        }
        return volts;
    }

    /// <summary>Current in A that the lamps draw at <paramref name="volts"/>.</summary>
    public static double Amps(int systemVolts, LampWatts watts, double volts)
    {
        var relative = volts / systemVolts;
        return watts.RegulatedLed / volts
            + (watts.ResistorLed * relative + watts.Filament * Math.Pow(relative, LampSet.FilamentExponent)) / systemVolts;
    }
}
