using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.HandOver;

/// <summary>What keeps a vehicle from being handed over.</summary>
public enum ObstacleKind
{
    /// <summary>A check of the plan says Stop.</summary>
    Stop,

    /// <summary>A hold point of the run sheet is open.</summary>
    HoldPoint,

    /// <summary>Something that was done is no longer in the plan, and was not taken back.</summary>
    TakeBack,

    /// <summary>A line is not commissioned.</summary>
    Line,

    /// <summary>Vehicle and plan differ, and nobody decided which is right.</summary>
    Difference,
}

/// <summary>Something that keeps a vehicle from being handed over.</summary>
/// <param name="About">The line, the step, the part or the difference.</param>
/// <param name="Words">What, in a sentence.</param>
public sealed record Obstacle(ObstacleKind Kind, string About, string Words)
{
    /// <summary>All of them, the most dangerous first; pure and total.</summary>
    public static IReadOnlyList<Obstacle> Of(AssessedRig assessed, SheetView sheet, IReadOnlyList<CommissionedLine> commissioned, IReadOnlyList<Difference> differences) =>
    [
        // What comes off is neither judged nor measured.
        .. assessed.Assessment.Lines.SelectMany(line => line.Checks).Concat(assessed.Assessment.Checks).Where(check => check.Counts == Verdict.Stop && !assessed.Whole.Saved.ToStandard).DistinctBy(check => (check.Id, check.About, check.LineId))
            .Select(check => new Obstacle(ObstacleKind.Stop, check.LineId ?? check.About, HandOverWords.FormatStopStands(check.Title, check.Reason))),
        .. sheet.Steps.Where(card => card.Step.Hold is not null && card.State != StepState.Done)
            .Select(card => new Obstacle(ObstacleKind.HoldPoint, card.Step.Id, HandOverWords.FormatHoldPointOpen(card.Step.Title))),
        .. sheet.Steps.Where(card => card.State == StepState.Undo).Select(card => new Obstacle(ObstacleKind.TakeBack, card.Step.Id, HandOverWords.FormatToBeTakenBack(card.Step.Title))),
        .. commissioned.Where(line => line.Standing != LineStanding.Passed && line.All > 0 && !assessed.Whole.Saved.ToStandard)
            .Select(line => new Obstacle(ObstacleKind.Line, line.Id, line.Standing == LineStanding.ChangedSince ? HandOverWords.FormatLineChangedSince(line.Name) : HandOverWords.FormatLineNotCommissioned(line.Name, line.Taken, line.All))),
        .. differences.Where(difference => difference.Open).Select(difference => new Obstacle(ObstacleKind.Difference, difference.Key, HandOverWords.FormatDifferenceOpen(difference.Name, difference.Built))),
    ];
}
