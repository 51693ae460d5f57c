using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses a line planned in short that cannot be, field by field.</summary>
internal static class PlanValidation
{
    private const int MaxLamps = 100;
    private const double MaxWatts = 5000;

    public static void Check(Problems problems, string path, LinePlan plan, int systemVolts)
    {
        problems.Above($"{path}.oneWayMetres", plan.OneWayMetres, 0, 100, "m");
        problems.Count($"{path}.zones", plan.Zones.Count, 1, 8, PartWords.Zones);
        problems.OneOf($"{path}.insulationCelsius", plan.InsulationCelsius, Ampacity.InsulationClasses, "°C");
        if (plan.Bundled is { } bundled) problems.Within($"{path}.bundled", bundled, 1, 100, "conductors");
        if (plan.ChosenWire is { } wire) problems.Wire($"{path}.chosenWire", wire);
        if (plan.ChosenFuse is { } fuse) problems.StandardFuse($"{path}.chosenFuse", fuse);
        problems.Count($"{path}.lamps", plan.Lamps.Count, 1, MaxLamps, PartWords.Entries);
        problems.Each($"{path}.lamps", plan.Lamps, (lampPath, lamp) => Check(problems, lampPath, lamp, systemVolts));
    }

    private static void Check(Problems problems, string path, LampSet lamp, int systemVolts)
    {
        problems.Within($"{path}.count", lamp.Count, 1, 100, "lamps");
        if (lamp.AtVolts is { } volts) problems.Within($"{path}.atVolts", volts, 6, 60, "V");
        var rated = lamp.Watts is null ? "amps" : "watts";
        if (lamp.Watts is null == lamp.Amps is null)
        {
            problems.Add($"{path}.watts", PartWords.GiveEitherTheWattsOr);
        }
        else if (lamp.Amps is { } amps && !(amps > 0))
        {
            problems.Add($"{path}.amps", PartWords.GiveANumberOfAmps);
        }
        else if (!(lamp.WattsAt(systemVolts) is > 0 and <= MaxWatts))
        {
            problems.Add($"{path}.{rated}", PartWords.FormatGiveANumberAbove0(MaxWatts));
        }
    }
}
