using BurlyRidge.Core.RunSheet;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace BurlyRidge.Server.RunSheets;

/// <summary>What goes with a photo in its address.</summary>
/// <param name="Step">At which step it was taken; empty: at none.</param>
/// <param name="About">The part, mount or finding that it shows.</param>
/// <param name="Key">Names it, so that it sent twice is there once.</param>
internal sealed record PhotoAbout(int Revision = 0, string Key = "", string Step = "", string About = "", string Caption = "", string Who = "", string Client = "");

/// <summary>Photos of the work.</summary>
internal static class PhotoEndpoints
{
    public static void MapPhotos(this IEndpointRouteBuilder routes)
    {
        var photos = routes.MapGroup("/api/jobs/{id}/photos").WithTags(ServerWords.RunSheet);
        photos.MapPost("", AddAsync).WithName("addPhoto").WithSummary("Stores a photo of the work and writes it into the job's record.")
            .WithDescription("JPEG, PNG or WebP, up to 15 MB and 50 megapixels, up to 200 a job. It is turned upright and kept up to 2,048 pixels wide; position and everything else that the camera wrote into it is left out.")
            .Accepts<byte[]>("image/jpeg", "image/png", "image/webp").WithMetadata(new RequestSizeLimitAttribute(PhotoStore.LargestBytes + 1024)).ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
        photos.MapGet("/{photo}", ReadAsync).WithName("readPhoto").WithSummary("A photo of the work.").WithDescription("JPEG.")
            .Produces<byte[]>(StatusCodes.Status200OK, "image/jpeg").ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Results<Created<Entry<SheetEvent>>, ValidationProblem, ProblemHttpResult>> AddAsync(
        string id, [AsParameters] PhotoAbout about, HttpRequest request, JobStore store, RecordStore records, PhotoStore photos, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        if (job.Row.Archived) return JobEndpoints.Archived();
        var shown = new SheetEvent.Photographed(about.Step, about.About, "photo", about.Caption);
        var entry = new NewEntry(about.Who, about.Client, about.Revision, about.Key);
        if (shown.Validate().Concat(JobValidation.Entry(job, entry)).ToList() is { Count: > 0 } problems) return BadInput.Of(problems);
        if (await records.FindAsync<SheetEvent>(id, about.Key) is { } there) return TypedResults.Created($"/api/jobs/{id}/run-sheet", there);
        var (name, refused) = await photos.AddAsync(id, await RequestText.BytesAsync(request), cancellation);
        if (name is null) return BadInput.Of(refused!);
        var added = await records.AddAsync<SheetEvent>(id, SheetDesk.Log, entry, shown with { Photo = name });
        return TypedResults.Created($"/api/jobs/{id}/photos/{name}", added);
    }

    private static async Task<IResult> ReadAsync(string id, string photo, JobStore store, PhotoStore photos, CancellationToken cancellation) =>
        await store.FindAsync(id, cancellation) is null ? JobEndpoints.Missing()
        : photos.Find(id, photo) is { } path ? TypedResults.PhysicalFile(path, "image/jpeg")
        : TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: ServerWords.ThereIsNoSuchPhoto);
}
