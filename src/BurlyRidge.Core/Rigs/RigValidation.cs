using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses a rig that does not hang together, field by field.</summary>
public static class RigValidation
{
    /// <summary>The voltages of vehicles.</summary>
    public static IReadOnlyList<int> SystemVolts { get; } = [12, 24];

    private const int MostLines = 500;
    private const int MostLamps = 100;
    private const double MostWatts = 5000;

    /// <summary>All that is wrong with <paramref name="rig"/>; empty when it may be assessed.</summary>
    public static IReadOnlyList<Problem> Validate(Rig rig)
    {
        var problems = new Problems();
        if (rig.SchemaVersion != Rig.CurrentSchema)
            problems.Add("schemaVersion", $"This build reads version {Rig.CurrentSchema} of the document, not {rig.SchemaVersion}.");
        problems.OneOf("vehicle.systemVolts", rig.Vehicle.SystemVolts, SystemVolts, "V");
        Check(problems, rig.HouseRules);
        problems.Count("lines", rig.Lines.Count, 0, MostLines, "lines");
        var ids = new HashSet<string>(StringComparer.Ordinal);
        problems.Each("lines", rig.Lines, (path, line) =>
        {
            if (!ids.Add(line.Id)) problems.Add($"{path}.id", $"Another line has the id {line.Id} already.");
            Check(problems, path, line, rig.Vehicle.SystemVolts);
        });
        return problems.Found;
    }

    private static void Check(Problems problems, HouseRules rules)
    {
        problems.Within("houseRules.marginFraction", rules.MarginFraction, 0, 2);
        problems.Within("houseRules.fuseLoadFraction", rules.FuseLoadFraction, 0.5, 1);
        problems.Above("houseRules.dropLimitRegulatedLed", rules.DropLimitRegulatedLed, 0, 0.2, "");
        problems.Above("houseRules.dropLimitOther", rules.DropLimitOther, 0, 0.2, "");
        problems.Within("houseRules.zoneCelsius.exterior", rules.ZoneCelsius.Exterior, -40, 150, "°C");
        problems.Within("houseRules.zoneCelsius.cabin", rules.ZoneCelsius.Cabin, -40, 150, "°C");
        problems.Within("houseRules.zoneCelsius.underbody", rules.ZoneCelsius.Underbody, -40, 150, "°C");
        problems.Within("houseRules.zoneCelsius.engineBay", rules.ZoneCelsius.EngineBay, -40, 150, "°C");
    }

    private static void Check(Problems problems, string path, Line line, int systemVolts)
    {
        problems.Text($"{path}.id", line.Id, 64);
        problems.Text($"{path}.name", line.Name, 80);
        problems.Above($"{path}.oneWayMetres", line.OneWayMetres, 0, 100, "m");
        problems.Count($"{path}.zones", line.Zones.Count, 1, 8, "zones");
        problems.OneOf($"{path}.insulationCelsius", line.InsulationCelsius, Ampacity.InsulationClasses, "°C");
        if (line.Bundled is { } bundled) problems.Within($"{path}.bundled", bundled, 1, 100, "conductors");
        if (line.ChosenWire is { } wire && WireTable.Find(wire) is null)
            problems.Add($"{path}.chosenWire", $"There is no wire called {wire}.");
        if (line.ChosenFuse is { } fuse && !FuseTable.All.Contains(fuse))
            problems.Add($"{path}.chosenFuse", $"There is no standard {fuse} fuse.");
        problems.Count($"{path}.lamps", line.Lamps.Count, 1, MostLamps, "entries");
        problems.Each($"{path}.lamps", line.Lamps, (lampPath, lamp) => Check(problems, lampPath, lamp, systemVolts));
    }

    private static void Check(Problems problems, string path, LampSet lamp, int systemVolts)
    {
        problems.Within($"{path}.count", lamp.Count, 1, 100, "lamps");
        if (lamp.AtVolts is { } volts) problems.Within($"{path}.atVolts", volts, 6, 60, "V");
        var rated = lamp.Watts is null ? "amps" : "watts";
        if (lamp.Watts is null == lamp.Amps is null)
        {
            problems.Add($"{path}.watts", "Give either the watts or the amps of one lamp.");
        }
        else if (lamp.Amps is { } amps && !(amps > 0))
        {
            problems.Add($"{path}.amps", "Give a number of amps above 0.");
        }
        else if (!(lamp.WattsAt(systemVolts) is > 0 and <= MostWatts))
        {
            problems.Add($"{path}.{rated}", $"Give a number above 0; one lamp may draw up to {MostWatts} W.");
        }
    }
}
