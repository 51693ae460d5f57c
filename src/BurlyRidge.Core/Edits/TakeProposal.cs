using System.Text.Json.Serialization;
using BurlyRidge.Core.Proposing;

namespace BurlyRidge.Core.Edits;

/// <summary>Puts lines of a proposal in, all of it or some; what stands stays.</summary>
/// <param name="Lines">What was decided for each, at least one.</param>
public sealed record TakeProposal(IReadOnlyList<PlannedLight> Lines) : EditCommand
{
    /// <inheritdoc/>
    [JsonIgnore]
    public override bool UsesCatalogue => true;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (Lines.Count == 0) return EditOutcome.No("lines", EditWords.ChooseALine);
        var problems = Lines.SelectMany((line, i) => line.Problems(context.Rig, context.Lamps, context.Kits).Select(problem => problem with { Path = $"lines[{i}].{problem.Path}" })).ToList();
        if (problems.Count > 0) return new EditOutcome.Refused(problems);
        var taken = PlanOfLines.Of(context.Rig, Lines, context.Lamps, context.Kits, context.Sizes, context.Cancellation);
        return taken.Rig is { } rig ? new EditOutcome.Done(rig, taken.Notes, taken.LineId) : new EditOutcome.NotPossible(EditWords.ThePlanDoesNotSuit, EditWords.FormatAskAgainFor(taken.Name));
    }
}
