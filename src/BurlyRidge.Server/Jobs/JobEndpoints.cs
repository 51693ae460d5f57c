using BurlyRidge.Core.Changes;
using BurlyRidge.Core;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Records;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Jobs;

/// <summary>Jobs over HTTP.</summary>
internal static class JobEndpoints
{
    public static void MapJobs(this IEndpointRouteBuilder routes)
    {
        var jobs = routes.MapGroup("/api/jobs").WithTags("Jobs");
        jobs.MapGet("/", ListAsync).WithName("listJobs").WithSummary("The jobs in the Yard, last changed first.").WithDescription("Archived ones where asked for. What is shown of a rig is what its newest revision came to; no document is read for it.");
        jobs.MapPost("/", CreateAsync).WithName("createJob").WithSummary("Opens a new job.").WithDescription("With an empty rig of its volts, or the vehicle as it was found; with the plan of another job, without what was measured, proven and accepted there; on the vehicle of another job, with what is on it; or with a line that was sized without a job.");
        jobs.MapGet("/{id}", OpenAsync).WithName("openJob").WithSummary("A job with its newest rig and what follows from it.")
            .WithDescription("The entity tag of the answer is the revision, which a save may name in If-Match.")
            .Produces<OpenJob>().ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapPatch("/{id}", ChangeAsync).WithName("changeJob").WithSummary("Changes name, note, particulars or archive of a job.").WithDescription("What is left out stays. It is made on a version of the details, and refused as stale where another change came between.").Stale();
        jobs.MapPut("/{id}/rig", SaveAsync).AddEndpointFilter<RigFilter>().WithName("saveRig").WithSummary("Saves the rig as the next revision.")
            .WithDescription("The revision that the edit was made on and the key of the save stand in the body, or in the headers If-Match and Idempotency-Key; where both are given and differ the answer is 400.").Stale();
        jobs.MapGet("/{id}/revisions", HistoryAsync).WithName("listRevisions").WithSummary("The revisions of the rig, newest first.").WithDescription("The last 200 are all there, older ones one an hour for a week and one a day after that.");
        jobs.MapGet("/{id}/revisions/{number:int}", RevisionAsync).WithName("openRevision").WithSummary("The rig as it was.").WithDescription("One revision by its number.");
        jobs.MapGet("/{id}/revisions/{number:int}/changes", ChangesAsync).WithName("revisionChanges").WithSummary("What would change by going back to a revision.").WithDescription("Field by field, in words, from the newest revision to that one.");
        jobs.MapPost("/{id}/revisions/{number:int}/go-back", GoBackAsync).WithName("goBack").WithSummary("Stores an older revision as the newest one.").WithDescription("Undo takes it back. Sent again with its key it is the same.").Stale();
        jobs.MapDelete("/{id}", DeleteAsync).WithName("deleteJob").WithSummary("Deletes an archived job; it cannot be undone.").WithDescription("Its name has to be given as it stands.");
        jobs.MapPost("/{id}/undo", UndoAsync).WithName("undo").WithSummary("Takes the newest edit back, as a new revision.").WithDescription("Sent again with its key it is the same undo.").Stale();
        jobs.MapPost("/{id}/redo", RedoAsync).WithName("redo").WithSummary("Puts back what was undone, as a new revision.").WithDescription("Sent again with its key it is the same redo.").Stale();
    }

    private static async Task<Results<Ok<IReadOnlyList<RigChange>>, ProblemHttpResult>> ChangesAsync(string id, int number, JobStore store, CancellationToken cancellation) =>
        await store.FindAsync(id, cancellation) is { } now && await store.FindRevisionAsync(id, number, cancellation) is { } then
            ? TypedResults.Ok(RigChange.Between(now.Rig, then.Rig))
            : Missing();

    private static async Task<IResult> GoBackAsync(string id, int number, RigStep step, JobStore store, CancellationToken cancellation) =>
        await StepAsync((job, on, key) => store.GoBackAsync(job, number, on, key), id, step, cancellation);

    private static async Task<Results<NoContent, ProblemHttpResult>> DeleteAsync(string id, string name, JobStore store, PhotoStore photos, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return Missing();
        if (!job.Row.Archived) return TypedResults.Problem(statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.OnlyAJobInThe, detail: ServerWords.ArchiveItFirstNothingWas, type: ProblemTypes.NotPossible);
        if (job.Row.Name.Trim() != name.Trim()) return TypedResults.Problem(statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.TheNameIsNotThat, detail: ServerWords.NothingWasDeleted, type: ProblemTypes.NotPossible);
        if (!await store.DeleteAsync(id)) return Missing();
        photos.Delete(id);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<List<JobSummary>>> ListAsync(JobStore store, CancellationToken cancellation, bool archived = false) =>
        TypedResults.Ok((await store.ListAsync(archived, cancellation)).Select(JobSummary.Of).ToList());

    private static async Task<Results<Created<OpenJob>, ValidationProblem>> CreateAsync(NewJob job, JobStore store, CancellationToken cancellation)
    {
        if (job.Found?.Problems().ToList() is { Count: > 0 } wrong) return BadInput.Of(BadInput.Under("found", wrong));
        if (await StartAsync(job, store, cancellation) is not { } rig) return BadInput.Of([new Problem("like", ServerWords.ThereIsNoSuchJob)]);
        var problems = JobValidation.Details(job.Name, job.Note, job.Particulars).ToList();
        problems.AddRange(RigValidation.Validate(rig).Select(problem => problem with { Path = AskedAt(job, problem.Path) }));
        if (problems.Count > 0) return BadInput.Of(problems);
        var stored = await store.CreateAsync(new JobDraft(job.Name.Trim(), job.Note, rig, job.Particulars));
        return TypedResults.Created($"/api/jobs/{stored.Row.Id}", await OpenJob.OfAsync(stored, cancellation));
    }

    /// <summary>Where what stands at a place of the rig was asked.</summary>
    private static string AskedAt(NewJob job, string path) => path switch
    {
        "vehicle.systemVolts" => "systemVolts",
        "lines[0].name" when job.Quick is not null => "quickName",
        _ when job.Found is not null && path.StartsWith("body.", StringComparison.Ordinal) => $"found.{path}",
        _ => path,
    };

    /// <summary>The rig that a new job begins with; null where it is to be like one that is not there.</summary>
    private static async Task<Rig?> StartAsync(NewJob job, JobStore store, CancellationToken cancellation)
    {
        var rig = await BareAsync(job, store, cancellation);
        return rig is not null && job.Wishes is { } wishes ? rig with { Wishes = wishes with { MayMove = [.. wishes.MayMove.Union(rig.Wishes.MayMove)] } } : rig;
    }

    private static async Task<Rig?> BareAsync(NewJob job, JobStore store, CancellationToken cancellation)
    {
        if ((job.Like ?? job.Again) is { } other)
            return await store.FindAsync(other, cancellation) is { Unreadable.Count: 0 } there ? job.Like is null ? JobStart.Again(there.Rig) : JobStart.Like(there.Rig) : null;
        if (job.Quick?.ToRig() is { } quick)
        {
            var name = job.QuickName?.Trim() ?? ServerWords.QuickLine;
            return quick with { Lines = [quick.Lines[0] with { Id = FreeName.OfLine(name), Name = name }] };
        }
        var empty = Rig.Empty(job.SystemVolts, job.Units);
        return job.Found is { } found && RigValidation.Validate(empty).Count == 0 ? found.On(empty) : empty;
    }

    private static async Task<IResult> OpenAsync(string id, JobStore store, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return Missing();
        if (job.Unreadable.Count > 0 || job.TooLarge.Count > 0) await store.DigestedAsync(job);
        return new Tagged(await OpenJob.OfAsync(job, cancellation));
    }

    private static async Task<IResult> ChangeAsync(string id, DetailsChange change, JobStore store, CancellationToken cancellation)
    {
        var problems = JobValidation.Details(change.Name, change.Note, change.Particulars).ToList();
        return problems.Count > 0
            ? BadInput.Of(problems)
            : await AnswerAsync(await store.ChangeDetailsAsync(id, change), cancellation);
    }

    private static async Task<IResult> SaveAsync(string id, RigSave save, HttpRequest request, JobStore store, CancellationToken cancellation)
    {
        var (on, key, problems) = SaveHeaders.With(request, save.OnRevision, save.IdempotencyKey);
        if (problems.Count > 0) return BadInput.Of(problems);
        // What cannot be worked out is not stored either.
        await AssessmentCache.OfAsync(save.Rig, cancellation);
        return await AnswerAsync(await store.SaveRigAsync(id, on, key, save.Rig), cancellation, save.About);
    }

    private static async Task<Results<Ok<List<Revision>>, ProblemHttpResult>> HistoryAsync(string id, JobStore store, CancellationToken cancellation) =>
        await store.HistoryAsync(id, cancellation) is { } rows
            ? TypedResults.Ok(rows.Select(row => new Revision(row.Number, JobSummary.Utc(row.SavedAt), row.What)).ToList())
            : Missing();

    private static async Task<Results<Ok<Rig>, ProblemHttpResult>> RevisionAsync(string id, int number, JobStore store, CancellationToken cancellation) =>
        await store.FindRevisionAsync(id, number, cancellation) is { } job ? TypedResults.Ok(job.Rig) : Missing();

    private static Task<IResult> UndoAsync(string id, RigStep step, JobStore store, CancellationToken cancellation) => StepAsync(store.UndoAsync, id, step, cancellation);

    private static Task<IResult> RedoAsync(string id, RigStep step, JobStore store, CancellationToken cancellation) => StepAsync(store.RedoAsync, id, step, cancellation);

    private static async Task<IResult> StepAsync(Func<string, int, string, Task<SaveOutcome>> take, string id, RigStep step, CancellationToken cancellation)
    {
        var problems = JobValidation.Key(step.IdempotencyKey).ToList();
        return problems.Count > 0
            ? BadInput.Of(problems)
            : await AnswerAsync(await take(id, step.OnRevision, step.IdempotencyKey), cancellation);
    }

    internal static async Task<IResult> AnswerAsync(SaveOutcome outcome, CancellationToken cancellation, string? about = null) => outcome switch
    {
        SaveOutcome.Saved saved => new Tagged((await OpenJob.OfAsync(saved.Job, cancellation)).About(about)),
        SaveOutcome.Stale stale => TypedResults.Json(
            new StaleProblem(
                ServerWords.ThisJobWasChangedElsewhere,
                ServerWords.FormatItIsAtRevisionNow(stale.Newest.Head.Number),
                StatusCodes.Status409Conflict,
                await OpenJob.OfAsync(stale.Newest, cancellation),
                ProblemTypes.Stale),
            contentType: "application/problem+json",
            statusCode: StatusCodes.Status409Conflict),
        SaveOutcome.KeyTaken => TypedResults.Problem(type: ProblemTypes.KeyTaken,
            statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.ThisSaveWasSentBefore,
            detail: ServerWords.ItsIdempotencyKeyIsTaken),
        SaveOutcome.Archived => TypedResults.Problem(type: ProblemTypes.Archived,
            statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.ThisJobIsInThe,
            detail: ServerWords.NothingWasStoredRestoreIt),
        SaveOutcome.NothingThere => TypedResults.Problem(type: ProblemTypes.NothingThere,
            statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.ThereIsNothingToUndo),
        _ => Missing(),
    };

    private static RouteHandlerBuilder Stale(this RouteHandlerBuilder endpoint) => endpoint
        .Produces<OpenJob>()
        .ProducesValidationProblem()
        .ProducesProblem(StatusCodes.Status404NotFound)
        .Produces<StaleProblem>(StatusCodes.Status409Conflict, "application/problem+json");

    internal static ProblemHttpResult Archived() => TypedResults.Problem(type: ProblemTypes.Archived, statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.ThisJobIsInThe, detail: ServerWords.NothingWasStoredRestoreIt);

    internal static ProblemHttpResult Missing() => TypedResults.Problem(
        statusCode: StatusCodes.Status404NotFound, title: ServerWords.ThereIsNoSuchJob);
}
