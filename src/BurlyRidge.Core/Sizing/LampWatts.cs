using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>The power at the end of a line by kind of lamp, W at system volts.</summary>
public sealed record LampWatts(double RegulatedLed, double ResistorLed, double Filament)
{
    /// <summary>How much higher the running voltage is than the system's: 14.4 to 12, 28.8 to 24.</summary>
    public const double RunningRatio = 1.2;

    /// <summary>Sums up <paramref name="lamps"/> at <paramref name="systemVolts"/>.</summary>
    public static LampWatts Of(IEnumerable<LampSet> lamps, int systemVolts)
    {
        var sum = new LampWatts(0, 0, 0);
        foreach (var lamp in lamps)
        {
            var watts = lamp.Count * lamp.WattsAt(systemVolts);
            sum = lamp.Kind switch
            {
                LampKind.RegulatedLed => sum with { RegulatedLed = sum.RegulatedLed + watts },
                LampKind.ResistorLed => sum with { ResistorLed = sum.ResistorLed + watts },
                _ => sum with { Filament = sum.Filament + watts },
            };
        }
        return sum;
    }

    /// <summary>Watts over system volts, A.</summary>
    public double LoadAmps(int systemVolts) => (RegulatedLed + ResistorLed + Filament) / systemVolts;

    /// <summary>
    /// The most that the lamps draw, A: regulated LED at the lowest voltage that the drop limit leaves them, the others
    /// at running voltage.
    /// </summary>
    public double DesignAmps(int systemVolts, double dropFraction) =>
        DesignAmps(LampKind.RegulatedLed, RegulatedLed, systemVolts, systemVolts, dropFraction)
        + DesignAmps(LampKind.ResistorLed, ResistorLed, systemVolts, systemVolts, dropFraction)
        + DesignAmps(LampKind.Filament, Filament, systemVolts, systemVolts, dropFraction);

    /// <summary>The same of lamps of one kind and rated volts, at <paramref name="given"/> volts of their source.</summary>
    public static double DesignAmps(LampKind kind, double watts, double ratedVolts, double given, double dropFraction) => kind == LampKind.RegulatedLed
        ? watts / (given * (1 - dropFraction))
        : watts / ratedVolts * Math.Pow(RunningRatio * given / ratedVolts, kind == LampKind.Filament ? LampSet.FilamentExponent : 1);

    /// <summary>What <paramref name="amps"/> through a contact count as there, A: the share of filaments half as much again; as they are where there are no lamps.</summary>
    public static double OnContact(IReadOnlyList<LampFunction> lamps, double amps)
    {
        var all = lamps.Sum(lamp => lamp.Watts);
        var filament = lamps.Where(lamp => lamp.Kind == LampKind.Filament).Sum(lamp => lamp.Watts);
        return all <= 0 ? amps : amps * (1 + (Limits.FilamentOnContacts - 1) * filament / all);
    }

    /// <summary>The same lamps, so many times over.</summary>
    public LampWatts Times(double factor) => new(RegulatedLed * factor, ResistorLed * factor, Filament * factor);
}
