using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses a rig that does not hang together, field by field.</summary>
public static class RigValidation
{
    /// <summary>All that is wrong with <paramref name="rig"/>; empty when it may be assessed.</summary>
    public static IReadOnlyList<Problem> Validate(Rig rig)
    {
        if (RigSize.Problems(rig) is { Count: > 0 } large) return large;
        var problems = new Problems { Units = rig.HouseRules.Units };
        if (rig.SchemaVersion != Rig.CurrentSchema)
            problems.Add("schemaVersion", PartWords.FormatThisBuildReadsVersionOf(Rig.CurrentSchema, rig.SchemaVersion));
        problems.OneOf("vehicle.systemVolts", rig.Vehicle.SystemVolts, Vehicle.Voltages, "V");
        Check(problems, rig.HouseRules);
        VehicleValidation.Check(problems, rig.Vehicle, rig.Around());
        var parts = TerminalIndex.Of(rig);
        PartValidation.Check(problems, rig, parts);
        BodyValidation.Check(problems, rig, parts);
        var lines = new HashSet<string>(StringComparer.Ordinal);
        problems.Each("lines", rig.Lines, (path, line) => Check(problems, path, line, rig, parts, lines));
        BeamValidation.Check(problems, rig);
        WishValidation.Check(problems, rig.Wishes);
        problems.AtMost("onVehicle", rig.OnVehicle.Count, MostOnVehicle, PartWords.WiresAndPartsOnVehicle);
        problems.Each("onVehicle", rig.OnVehicle, (path, id) => problems.Text(path, id, MostId));
        problems.AtMost("accepted", rig.Accepted.Count, MostAccepted, PartWords.AcceptedChecks);
        problems.Each("accepted", rig.Accepted, (path, watch) =>
        {
            problems.Text($"{path}.reason", watch.Reason, AcceptedWatch.LongestReason);
            problems.Text($"{path}.by", watch.By, AcceptedWatch.LongestName);
        });
        return problems.Found;
    }

    /// <summary>What is wrong with aims that are tried on a valid rig, under "beams".</summary>
    public static IReadOnlyList<Problem> OfAims(Rig rig)
    {
        var problems = new Problems { Units = rig.HouseRules.Units };
        BeamValidation.CheckAims(problems, rig);
        return problems.Found;
    }

    private const int MostAccepted = 1000;
    private const int MostOnVehicle = 20_000;
    private const int MostId = 64;
    private const int MaxNote = 500;

    private static void Check(Problems problems, string path, Line line, Rig rig, TerminalIndex parts, HashSet<string> lines)
    {
        if (!lines.Add(line.Id)) problems.Add($"{path}.id", PartWords.FormatAnotherLineHasTheId(line.Id));
        problems.Id($"{path}.id", line.Id);
        problems.Text($"{path}.name", line.Name, 80);
        if (line.Note.Length > MaxNote) problems.Add($"{path}.note", PartWords.FormatGiveUpToLetters2(MaxNote));
        if (line.MetresFromFront is { } front) problems.Within($"{path}.metresFromFront", front, 0, 40, "m");
        if (line.Plan is { } plan) PlanValidation.Check(problems, $"{path}.plan", plan, rig.Vehicle.SystemVolts);
        else if (line.Lights.Count == 0) problems.Add($"{path}.lights", PartWords.NameTheLampsThatIt);
        for (var i = 0; i < line.Lights.Count; i++)
        {
            if (!parts.HasFunction(line.Lights[i]))
                problems.Add($"{path}.lights[{i}]", PartWords.FormatThereIsNoLampCalled(line.Lights[i]));
        }
    }

    private static void Check(Problems problems, HouseRules rules)
    {
        problems.Within("houseRules.marginFraction", rules.MarginFraction, 0, 2);
        problems.Within("houseRules.fuseLoadFraction", rules.FuseLoadFraction, 0.5, 1);
        if (rules.DropLimitRegulatedLed is { } led) problems.Above("houseRules.dropLimitRegulatedLed", led, 0, 0.2, "");
        if (rules.DropLimitOther is { } other) problems.Above("houseRules.dropLimitOther", other, 0, 0.2, "");
        problems.Within("houseRules.dropCopper", rules.DropCopper, 1, 50, "mm²");
        problems.Within("houseRules.dropCopperHeavy", rules.DropCopperHeavy, 1, 50, "mm²");
        problems.Within("houseRules.slackFraction", rules.SlackFraction, 0, 1);
        problems.Within("houseRules.looksFraction", rules.LooksFraction, 0, 2);
        problems.Within("houseRules.loopMetres", rules.LoopMetres, 0, 2, "m");
        problems.Within("houseRules.leftOnHours", rules.LeftOnHours, 0, 1000, "h");
        foreach (var (field, colour) in rules.Colours.All()) problems.Text($"houseRules.colours.{field}", colour, 40);
        problems.Text("houseRules.currency", rules.Currency, 3);
        if (rules.MostGauges is { } gauges) problems.Within("houseRules.mostGauges", gauges, 1, 20, "sizes");
        problems.Within("houseRules.zoneCelsius.exterior", rules.ZoneCelsius.Exterior, -40, 150, "°C");
        problems.Within("houseRules.zoneCelsius.cabin", rules.ZoneCelsius.Cabin, -40, 150, "°C");
        problems.Within("houseRules.zoneCelsius.underbody", rules.ZoneCelsius.Underbody, -40, 150, "°C");
        problems.Within("houseRules.zoneCelsius.engineBay", rules.ZoneCelsius.EngineBay, -40, 150, "°C");
    }
}
