using System.Text.Json.Serialization;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Edits;

/// <summary>Takes a Watch as it is, with its figures as they are now.</summary>
/// <param name="Reason">Why it may stay.</param>
/// <param name="By">Who says so.</param>
public sealed record AcceptWatch(string CheckId, string Reason, string By, string About = "", string? LineId = null) : EditCommand
{
    /// <inheritdoc/>
    [JsonIgnore]
    public override bool UsesAssessment => true;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var problems = new Problems();
        problems.Text("reason", Reason, AcceptedWatch.LongestReason);
        problems.Text("by", By, AcceptedWatch.LongestName);
        if (problems.Found.Count > 0) return new EditOutcome.Refused(problems.Found);
        var assessment = (context.Assessed ?? AssessedRig.Of(context.Rig, sizes: context.Sizes, cancellation: context.Cancellation)).Assessment;
        List<Check> checks = [.. assessment.Lines.SelectMany(line => line.Checks), .. assessment.Checks];
        var found = checks.Find(check => check.Id == CheckId && check.About == About && check.LineId == LineId && check.Verdict != Verdict.Holds);
        if (found is null) return new EditOutcome.NotPossible(EditWords.ThereIsNothingToAccept, EditWords.ItHoldsOnTheRig);
        if (found.Verdict == Verdict.Stop) return new EditOutcome.NotPossible(EditWords.ItWasNotAccepted, EditWords.FormatAStopMustNotBe(found.Title));
        // What has changed since it was accepted is not kept: it would come back with a figure that returns.
        var kept = context.Rig.Accepted.Where(watch => !Acceptance.IsAbout(watch, CheckId, About, LineId) && checks.Exists(check => Acceptance.IsOf(watch, check)));
        return EditOutcome.Of(context.Rig with { Accepted = [.. kept, Acceptance.Of(found, Reason.Trim(), By.Trim())] }, EditWords.FormatAcceptedBy(found.Title, By.Trim()));
    }
}

/// <summary>Lets an accepted Watch count again.</summary>
public sealed record WithdrawAcceptance(string CheckId, string About = "", string? LineId = null) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var left = context.Rig.Accepted.Where(watch => !Acceptance.IsAbout(watch, CheckId, About, LineId)).ToList();
        return left.Count == context.Rig.Accepted.Count
            ? new EditOutcome.NotPossible(EditWords.NothingWasWithdrawn, EditWords.ItIsNotAccepted)
            : EditOutcome.Of(context.Rig with { Accepted = left });
    }
}
