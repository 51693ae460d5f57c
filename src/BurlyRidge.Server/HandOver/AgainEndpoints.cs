using BurlyRidge.Core;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.RunSheets;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.HandOver;

/// <summary>A vehicle that was handed over comes back.</summary>
/// <param name="Name">Of the new job.</param>
/// <param name="ToStandard">All of it is to come off; otherwise something is to be added.</param>
public sealed record AgainRequest(string Name, bool ToStandard, string Who, string Client);

/// <summary>What is no longer as it was signed.</summary>
/// <param name="Broken">A sentence each; none: all of it is, or nothing was signed.</param>
public sealed record SealAnswer(IReadOnlyList<string> Broken);

/// <summary>A handed-over vehicle later: whether its record still stands, and a new job on it.</summary>
internal static class AgainEndpoints
{
    public static void MapAgain(this IEndpointRouteBuilder routes)
    {
        var jobs = routes.MapGroup("/api/jobs/{id}").WithTags(ServerWords.HandOver);
        jobs.MapGet("/seal", SealAsync).WithName("checkSeal").WithSummary("Whether plan, record, photos and tables are still as they were signed.").WithDescription("By SHA-256 of each.");
        jobs.MapPost("/again", OpenAsync).WithName("openAgain").WithSummary("Opens a new job on a vehicle that was handed over.")
            .WithDescription("What is on it is there: its slots, spare leads, fuse taps, studs and earths are taken. Or all of it is to come off, and its run sheet is the way back to standard.").ProducesValidationProblem();
    }

    private static async Task<Results<Ok<SealAnswer>, ProblemHttpResult>> SealAsync(string id, JobStore store, HandOverDesk desk, CancellationToken cancellation) =>
        await store.FindAsync(id, cancellation) is null ? JobEndpoints.Missing() : TypedResults.Ok(new SealAnswer(await desk.BrokenAsync(id, cancellation)));

    private static async Task<Results<Created<OpenJob>, ValidationProblem, ProblemHttpResult>> OpenAsync(string id, AgainRequest request, JobStore store, RecordStore records, HandOverDesk desk, SheetDesk sheets, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        var problems = JobValidation.Details(request.Name, null).ToList();
        if ((await desk.RecordAsync(id, cancellation)).SignOff?.What.Sealed is not { } was) problems.Add(new Problem("id", ServerWords.NotHandedOverYet));
        else if (problems.Count == 0)
        {
            var signed = await store.FindRevisionAsync(id, was.Revision, cancellation) ?? job;
            var rig = request.ToStandard ? JobStart.ToStandard(signed.Workable) : JobStart.Again(signed.Workable);
            var made = await store.CreateAsync(new JobDraft(request.Name.Trim(), job.Row.Note, rig, job.Particulars with { Due = null, Work = WorkState.Planned }));
            var record = await sheets.RecordAsync(id, cancellation);
            // What is known of the vehicle goes along: its kind, and which colour which wire has.
            var known = new List<SheetEvent>();
            if (record.Vehicle is { } kind) known.Add(new SheetEvent.OfVehicle(kind));
            known.AddRange(record.Register.Select(row => row with { When = null }));
            await records.AddAllAsync(made.Row.Id, SheetDesk.Log, known.Select((what, i) => (new NewEntry(request.Who, request.Client, 1, $"again-{i}"), what)));
            return TypedResults.Created($"/api/jobs/{made.Row.Id}", await OpenJob.OfAsync(made, cancellation));
        }
        return BadInput.Of(problems);
    }
}
