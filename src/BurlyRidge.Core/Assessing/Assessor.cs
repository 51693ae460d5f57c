using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>The one function at the centre: from a rig to what follows from it.</summary>
public static class Assessor
{
    /// <summary>Assesses a rig that <see cref="RigValidation.Validate"/> finds nothing wrong with; pure and total.</summary>
    public static Assessment Assess(Rig rig)
    {
        var lines = rig.Lines
            .Select(line => new AssessedLine(line.Id, Assess(rig.Vehicle, rig.HouseRules, line)))
            .ToList();
        return new Assessment(lines, Tally.Of(lines.SelectMany(line => line.Assessment.Checks)));
    }

    /// <summary>Assesses one line by itself.</summary>
    public static LineAssessment Assess(Vehicle vehicle, HouseRules rules, Line line)
    {
        var chosen = line.ChosenWire is null ? null : WireTable.Find(line.ChosenWire);
        var sizing = LineSizer.Size(Demand.Of(vehicle, rules, line), chosen);
        var checks = LineChecks.Judge(new LineSubject(sizing, line.Lamps.Sum(lamp => lamp.Count)));
        return new LineAssessment(
            sizing.Demand.LoadAmps,
            sizing.Demand.DesignAmps,
            ChoiceWords.Wire(sizing, byHand: chosen is not null),
            ChoiceWords.Fuse(sizing),
            ChoiceWords.Relay(sizing),
            sizing.Wire is null ? null : sizing.Wire.Point?.LampVolts ?? 0,
            LossList.Of(sizing.Wire?.Point),
            [.. sizing.Ladder.Select(rung => Entry(sizing, rung))],
            FuseWindows.Of(sizing),
            checks,
            checks.Max(check => check.Verdict));
    }

    private static LadderEntry Entry(LineSizing sizing, WireRung rung) => new(
        rung.Wire.Name,
        rung.Wire.AreaSquareMillimetres,
        rung.Wire.CopperSquareMillimetres,
        rung.AmpacityAmps,
        rung.DropFraction(sizing.Demand.SystemVolts),
        rung.Point?.ConductorCelsius,
        rung.Holds,
        rung == sizing.Wire,
        rung.Failures,
        RungWords.Why(sizing, rung));
}
