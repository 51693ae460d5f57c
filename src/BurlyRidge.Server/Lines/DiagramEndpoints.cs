using System.Text;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;

namespace BurlyRidge.Server.Lines;

/// <summary>A rig to be drawn.</summary>
/// <param name="LineId">The line alone; null: the whole rig.</param>
public sealed record DiagramRequest(Rig Rig, string? LineId = null);

/// <summary>Wiring diagrams as SVG.</summary>
internal static class DiagramEndpoints
{
    private const string Type = "image/svg+xml";

    public static void MapDiagrams(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/diagram", Draw).WithTags("Lines").WithSummary("The wiring of a line or of a rig as SVG; nothing is stored.")
            .Produces<string>(StatusCodes.Status200OK, Type).ProducesValidationProblem();
        routes.MapGet("/api/jobs/{id}/diagram.svg", DownloadAsync).WithTags("Lines").WithSummary("The wiring of a job, or of one line of it, as SVG.")
            .Produces<string>(StatusCodes.Status200OK, Type).ProducesProblem(StatusCodes.Status404NotFound);
        routes.MapGet("/api/jobs/{id}/diagram.html", PrintAsync).WithTags("Lines").WithSummary("The same as pages of A4, to be printed.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static IResult Draw(DiagramRequest request)
    {
        var problems = new AssessRequest(request.Rig).Problems().ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        if (request.LineId is not { } line) return TypedResults.Text(Diagram.OfRig(request.Rig, "the rig"), Type);
        return Diagram.OfLine(request.Rig, line) is { } svg ? TypedResults.Text(svg, Type) : BadInput.Of(new Problem("lineId", $"There is no line called {line}."));
    }

    private static async Task<IResult> DownloadAsync(string id, string? line, JobStore store)
    {
        if (await store.FindAsync(id) is not { } job) return JobEndpoints.Missing();
        var svg = line is null ? Diagram.OfRig(job.Rig, job.Row.Name) : Diagram.OfLine(job.Rig, line);
        return svg is null
            ? TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: "There is no such line.")
            : TypedResults.File(Encoding.UTF8.GetBytes(svg), Type, line is null ? "wiring.svg" : "line.svg");
    }

    private static async Task<IResult> PrintAsync(string id, JobStore store) => await store.FindAsync(id) is { } job
        ? TypedResults.Text(Diagram.Page(job.Rig, job.Row.Name), "text/html", Encoding.UTF8)
        : JobEndpoints.Missing();
}
