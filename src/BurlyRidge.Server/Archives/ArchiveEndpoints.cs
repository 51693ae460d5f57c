using BurlyRidge.Server.HandOver;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace BurlyRidge.Server.Archives;

/// <summary>Jobs as archives of open files.</summary>
internal static class ArchiveEndpoints
{
    public static void MapArchives(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/jobs/{id}/archive.zip", WriteAsync).WithTags(ServerWords.HandOver).WithName("downloadArchive").WithSummary("The whole job as one ZIP of open files: plan, record, photos, pack, drawings and tables.")
            .WithDescription("Opened on another machine it is the same job. The comment at its end is the SHA-256 of all before it.").Produces<byte[]>(StatusCodes.Status200OK, "application/zip").ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
        routes.MapPost("/api/archives", OpenAsync).WithTags(ServerWords.HandOver).WithName("openArchive").WithSummary("Opens the job of an archive again.")
            .WithDescription("All of it or none. More than 200 MB or 10,000 files unpacked, a file that grows by more than 100, two files of one name, links and paths out of the archive are refused.")
            .Accepts<byte[]>("application/zip").WithMetadata(new RequestSizeLimitAttribute(ZipReading.MostBytes)).ProducesValidationProblem();
    }

    private static async Task<IResult> WriteAsync(string id, [AsParameters] PrintChoice choice, ArchiveWriter writer, CancellationToken cancellation)
    {
        if (choice.Read() is var (paper, units, refused) && refused is not null) return refused;
        return await writer.WriteAsync(id, paper, units, cancellation) is var (job, bytes) ? TypedResults.File(bytes, "application/zip", Handout.FileName(job, ServerWords.Archive, "zip")) : JobEndpoints.Missing();
    }

    private static async Task<Results<Created<OpenJob>, ValidationProblem>> OpenAsync(HttpRequest request, ArchiveReader reader, CancellationToken cancellation)
    {
        var key = SaveHeaders.KeyOf(request);
        if (key is not null && JobValidation.Key(key).ToList() is { Count: > 0 } bad) return BadInput.Of(bad);
        var (job, refused) = await reader.OpenAsync(await RequestText.BytesAsync(request), key, cancellation);
        return job is null ? BadInput.Of(refused!) : TypedResults.Created($"/api/jobs/{job.Row.Id}", await OpenJob.OfAsync(job, cancellation));
    }
}
