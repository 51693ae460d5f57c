using System.Text;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Walkaround;

/// <summary>A usual body asked for.</summary>
/// <param name="Size">Null: the usual size of its kind.</param>
public sealed record BodyRequest(BodyKind Kind, BodySize? Size = null);

/// <summary>Bodies to start from, and as files of their own.</summary>
internal static class BodyEndpoints
{
    public static void MapBodies(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/preview/body", Usual).WithName("usualBody").WithTags("Walkaround").WithSummary("A usual body of some kind, with stations, lanes, mounts and spaces.").WithDescription("Everything on it is there to be measured and changed.");
        routes.MapGet("/api/jobs/{id}/vehicle-file", ExportAsync).WithTags("Walkaround").WithName("exportVehicleFile").WithSummary("The job's vehicle as a file of its own.").WithDescription("Stations, lanes, mounts and spaces, without what is fitted.")
            .Produces<VehicleFile>().ProducesProblem(StatusCodes.Status404NotFound);
        routes.MapPost("/api/preview/vehicle-file", ReadAsync).WithName("readVehicleFile").WithTags("Walkaround").WithSummary("The body in a vehicle file; nothing is stored.").WithDescription("What is wrong with it is named by its field.")
            .Accepts<VehicleFile>("application/json").WithMetadata(new ReadsItself());
    }

    private static Results<Ok<Body>, ValidationProblem> Usual(BodyRequest request)
    {
        var body = GenericBody.Of(request.Kind, request.Size ?? GenericBody.UsualSize(request.Kind));
        var problems = BodyValidation.Validate(body);
        return problems.Count > 0 ? BadInput.Of(problems) : TypedResults.Ok(body);
    }

    private static async Task<IResult> ExportAsync(string id, JobStore store)
    {
        if (await store.FindAsync(id) is not { } job) return JobEndpoints.Missing();
        return job.Rig.Body is { } body
            ? TypedResults.File(Encoding.UTF8.GetBytes(VehicleFile.Write(job.Row.Name, body)), "application/json", "vehicle.json")
            : TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: ServerWords.NoVehicleChosen, detail: ServerWords.ChooseABodyOnThe);
    }

    private static async Task<Results<Ok<Body>, ValidationProblem>> ReadAsync(HttpRequest request)
    {
        var (file, problems) = VehicleFile.Read(await RequestText.BytesAsync(request));
        return file is null ? BadInput.Of(problems) : TypedResults.Ok(file.Body);
    }
}
