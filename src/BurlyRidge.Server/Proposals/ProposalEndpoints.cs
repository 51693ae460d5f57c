using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;

namespace BurlyRidge.Server.Proposals;

/// <summary>Sizes asked for, or applied as one revision.</summary>
/// <param name="OnRevision">The revision that it is asked on.</param>
/// <param name="Apply">Whether to store the result as the next revision.</param>
/// <param name="IdempotencyKey">To be given when it is applied: the same for a repeated request.</param>
/// <param name="LineId">The line to size; null: all.</param>
/// <param name="MostGauges">The most sizes of wire that are bought; null: as the house rules say.</param>
public sealed record AutoSizeRequest(int OnRevision, bool Apply = false, string? IdempotencyKey = null, string? LineId = null, int? MostGauges = null);

/// <summary>Outputs asked for, or applied as one revision.</summary>
public sealed record AssignSlotsRequest(int OnRevision, bool Apply = false, string? IdempotencyKey = null);

/// <summary>The best ways asked for, or applied as one revision.</summary>
public sealed record RerouteRequest(int OnRevision, bool Apply = false, string? IdempotencyKey = null);

/// <summary>The best ways.</summary>
/// <param name="CopperBeforeKilograms">Copper of all runs now, kg.</param>
/// <param name="CopperAfterKilograms">The same then, kg.</param>
public sealed record RerouteAnswer(
    IReadOnlyList<LengthChange> Changes, double CopperBeforeKilograms, double CopperAfterKilograms, IReadOnlyList<string> Left, Tally Before, Tally Tally, OpenJob? Job);

/// <summary>Sizes proposed.</summary>
/// <param name="Tally">How the checks come out then.</param>
/// <param name="Job">The job after it was applied; null where it was only asked.</param>
public sealed record AutoSizeAnswer(
    IReadOnlyList<SizeChange> Changes, IReadOnlyList<string> Gauges, IReadOnlyList<string> Left, Tally Before, Tally Tally, OpenJob? Job);

/// <summary>Outputs proposed.</summary>
public sealed record AssignSlotsAnswer(IReadOnlyList<SlotMove> Moves, IReadOnlyList<string> Left, Tally Before, Tally Tally, OpenJob? Job);

/// <summary>What the core would change, asked and applied.</summary>
internal static class ProposalEndpoints
{
    public static void MapProposals(this IEndpointRouteBuilder routes)
    {
        var jobs = routes.MapGroup("/api/jobs/{id}").WithTags("Proposals");
        Describe<AutoSizeAnswer>(jobs.MapPost("/auto-size", AutoSizeAsync)).WithName("autoSize").WithSummary("Sizes wires, fuses and relays; applied as one revision where asked.").WithDescription("What was taken by hand stays. Sizing a sized rig changes nothing.");
        Describe<AssignSlotsAnswer>(jobs.MapPost("/assign-slots", AssignSlotsAsync)).WithName("assignSlots").WithSummary("Gives lines the outputs that suit them; applied as one revision where asked.").WithDescription("Front to back on each box; what no output carries is left and said.");
        Describe<RerouteAnswer>(jobs.MapPost("/reroute", RerouteAsync)).WithName("reroute").WithSummary("Leads everything that is placed the best way; applied as one revision where asked.").WithDescription("Along the lanes of the body; lengths by hand stay.");
    }

    private static Task<IResult> RerouteAsync(string id, RerouteRequest request, JobStore store, CancellationToken cancellation) => ProposeAsync(
        id, request.OnRevision, request.Apply, request.IdempotencyKey, store,
        rig => rig.Body is null ? [new Problem("", ServerWords.NoVehicleChosenChooseA)] : [],
        (rig, _) => Reroute.Of(rig),
        proposal => proposal.Rig,
        (proposal, before, after, job) => new RerouteAnswer(
            proposal.Changes, proposal.CopperBeforeKilograms, proposal.CopperAfterKilograms, proposal.Left, before, after, job), cancellation);

    private static RouteHandlerBuilder Describe<TAnswer>(RouteHandlerBuilder endpoint) => endpoint
        .Produces<TAnswer>()
        .ProducesValidationProblem()
        .ProducesProblem(StatusCodes.Status404NotFound)
        .Produces<StaleProblem>(StatusCodes.Status409Conflict, "application/problem+json");

    private static Task<IResult> AutoSizeAsync(string id, AutoSizeRequest request, JobStore store, CancellationToken cancellation) => ProposeAsync(
        id, request.OnRevision, request.Apply, request.IdempotencyKey, store,
        rig => Problems(rig, request),
        (rig, token) => WholeRig.Of(rig, QuickSizeCache.Sizes, token).Resize(request.LineId, request.MostGauges, token),
        proposal => proposal.Rig,
        (proposal, before, after, job) => new AutoSizeAnswer(proposal.Changes, proposal.Gauges, proposal.Left, before, after, job), cancellation);

    private static Task<IResult> AssignSlotsAsync(string id, AssignSlotsRequest request, JobStore store, CancellationToken cancellation) => ProposeAsync(
        id, request.OnRevision, request.Apply, request.IdempotencyKey, store,
        _ => [],
        (rig, token) => WholeRig.Of(rig, QuickSizeCache.Sizes, token).AssignOutputs(token),
        proposal => proposal.Rig,
        (proposal, before, after, job) => new AssignSlotsAnswer(proposal.Moves, proposal.Left, before, after, job), cancellation);

    private static IEnumerable<Problem> Problems(Rig rig, AutoSizeRequest request)
    {
        if (request.MostGauges is < 1 or > 20) yield return new Problem("mostGauges", ServerWords.GiveANumberFrom1);
        if (request.LineId is { } line && rig.Lines.All(other => other.Id != line)) yield return new Problem("lineId", ServerWords.FormatThereIsNoLineCalled(line));
    }

    private static async Task<IResult> ProposeAsync<TProposal, TAnswer>(
        string id, int onRevision, bool apply, string? key, JobStore store,
        Func<Rig, IEnumerable<Problem>> problemsOn, Func<Rig, CancellationToken, TProposal> propose, Func<TProposal, Rig> rigOf, Func<TProposal, Tally, Tally, OpenJob?, TAnswer> answer, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        // A repeated request finds its own revision already stored; only a foreign one is stale.
        var on = apply ? (await store.FindRevisionAsync(id, onRevision, cancellation))?.Workable : job.Head.Number == onRevision ? job.Workable : null;
        if (on is null) return await JobEndpoints.AnswerAsync(new SaveOutcome.Stale(job), cancellation);
        var problems = problemsOn(on).Concat(apply ? JobValidation.Key(key ?? "") : []).ToList();
        if (problems.Count > 0) return BadInput.Of(problems);

        var proposal = cancellation.WorkOut(token => propose(on, token));
        var before = (await AssessmentCache.OfAsync(on, cancellation)).Assessment.Tally;
        var after = (await AssessmentCache.OfAsync(rigOf(proposal), cancellation)).Assessment.Tally;
        if (!apply) return TypedResults.Ok(answer(proposal, before, after, null));
        var outcome = await store.SaveRigAsync(id, onRevision, key!, rigOf(proposal));
        if (outcome is not SaveOutcome.Saved saved) return await JobEndpoints.AnswerAsync(outcome, cancellation);
        var applied = await OpenJob.OfAsync(saved.Job, cancellation);
        return TypedResults.Ok(answer(proposal, before, after, applied));
    }
}
