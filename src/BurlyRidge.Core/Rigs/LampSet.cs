using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>A number of like lamps, rated in watts or in amps.</summary>
/// <param name="Kind">What its current does as voltage changes.</param>
/// <param name="Count">How many.</param>
/// <param name="Watts">Power of one, W; null where it is given in amps.</param>
/// <param name="Amps">Current of one, A; null where it is given in watts.</param>
/// <param name="AtVolts">The voltage that the rating is stated at; null: the system's.</param>
public sealed record LampSet(LampKind Kind, int Count, double? Watts = null, double? Amps = null, double? AtVolts = null)
{
    /// <summary>Exponent of a filament lamp's current over voltage.</summary>
    /// <remarks>Source: IES Lighting Handbook rerating exponents (from memory).</remarks>
    public const double FilamentExponent = 0.55;

    /// <summary>Light that a lamp that is not regulated loses, as a fraction, at that share of the volts: it goes with V^3.4.</summary>
    /// <remarks>Source: IES Lighting Handbook rerating exponents (from memory).</remarks>
    public static double LightLost(double share) => 1 - FilamentLight.Of(share);

    /// <summary>Power of one lamp at <paramref name="systemVolts"/>, W, rerated from the voltage that it is stated at.</summary>
    public double WattsAt(int systemVolts)
    {
        var statedVolts = AtVolts ?? systemVolts;
        var statedWatts = Watts ?? Amps!.Value * statedVolts;
        return Kind switch
        {
            LampKind.RegulatedLed => statedWatts,
            LampKind.ResistorLed => statedWatts * Math.Pow(systemVolts / statedVolts, 2),
            LampKind.Filament => statedWatts * Math.Pow(systemVolts / statedVolts, 1 + FilamentExponent),
            _ => throw new ArgumentOutOfRangeException(nameof(systemVolts), Kind, "unknown lamp kind"),
        };
    }
}
