using System.Text;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Jobs;

/// <summary>Jobs as files of their own.</summary>
internal static class JobFileEndpoints
{
    private static readonly string Schema = JobFile.Schema();

    public static void MapJobFiles(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/jobs/{id}/file", ExportAsync)
            .WithTags("Job files")
            .WithName("exportJobFile").WithSummary("The job as a file of its own.").WithDescription("Written, read and written again it is the same to the letter.")
            .Produces<JobFile>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        routes.MapPost("/api/job-files", ImportAsync)
            .WithTags("Job files")
            .WithName("importJobFile").WithSummary("Opens a new job from a file.")
            .WithDescription("With the header Idempotency-Key the same file sent again opens no second job.")
            .Accepts<JobFile>("application/json").WithMetadata(new ReadsItself());
        routes.MapGet("/schemas/job-file.json", () => TypedResults.Text(Schema, "application/schema+json"))
            .WithTags("Job files")
            .WithName("jobFileSchema").WithSummary("The JSON Schema of a job file.").WithDescription("JSON Schema 2020-12 of the version that this build writes.");
    }

    private static async Task<IResult> ExportAsync(string id, JobStore store)
    {
        if (await store.FindAsync(id) is not { } job) return JobEndpoints.Missing();
        var text = JobFile.Write(job.Row.Name, job.Row.Note, job.Rig, job.Particulars);
        return TypedResults.File(Encoding.UTF8.GetBytes(text), "application/json", Handout.FileName(job, "", "job.json"));
    }

    private static async Task<Results<Created<OpenJob>, ValidationProblem>> ImportAsync(HttpRequest request, JobStore store, CancellationToken cancellation)
    {
        var key = SaveHeaders.KeyOf(request);
        if (key is not null && JobValidation.Key(key).ToList() is { Count: > 0 } bad) return BadInput.Of(bad);
        var (file, problems) = JobFile.Read(await RequestText.BytesAsync(request));
        if (file is null) return BadInput.Of(problems);
        var details = JobValidation.Details(file.Name, file.Note, file.Particulars).ToList();
        if (details.Count > 0) return BadInput.Of(details);
        // What cannot be worked out is not stored either.
        await AssessmentCache.OfAsync(file.Rig, cancellation);
        var stored = await store.CreateAsync(new JobDraft(file.Name, file.Note, file.Rig, file.Particulars), key);
        return TypedResults.Created($"/api/jobs/{stored.Row.Id}", await OpenJob.OfAsync(stored, cancellation));
    }
}
