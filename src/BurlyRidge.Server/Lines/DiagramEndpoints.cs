using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core;
using System.Text;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;

namespace BurlyRidge.Server.Lines;

/// <summary>A rig to be drawn.</summary>
/// <param name="LineId">The line alone; null: the whole rig.</param>
public sealed record DiagramRequest(Rig Rig, string? LineId = null) : IAboutRig;

/// <summary>A rig to be drawn page by page.</summary>
public sealed record DiagramPagesRequest(Rig Rig) : IAboutRig;

/// <summary>Wiring diagrams as SVG.</summary>
internal static class DiagramEndpoints
{
    private const string Type = "image/svg+xml";

    public static void MapDiagrams(this IEndpointRouteBuilder routes)
    {
        routes.MapRigs("/api/preview", ServerWords.Lines).MapPost("/diagram", Draw).WithName("drawWiring").WithSummary("The wiring of a line or of a rig as SVG.").WithDescription("Parts carry data-part, wires data-run.")
            .Produces<string>(StatusCodes.Status200OK, Type).Refuses();
        routes.MapRigs("/api/preview", ServerWords.Lines).MapPost("/diagram-pages", (DiagramPagesRequest request, CancellationToken cancellation) =>
                TypedResults.Ok(cancellation.WorkOut(token => Diagram.Pages(request.Rig, QuickSizeCache.Sizes, token)))).WithName("drawPages").Refuses()
            .WithSummary("The wiring of a rig as pages of SVG.").WithDescription("A line a page, then what hangs on none of them; each wire once.");
        routes.MapGet("/api/jobs/{id}/diagram.svg", DownloadAsync).WithTags("Lines").WithName("downloadWiring").WithSummary("The wiring of a job, or of one line of it, as SVG.").WithDescription("The same rig gives the same text. A whole rig that is too much for one drawing answers 422.")
            .Produces<string>(StatusCodes.Status200OK, Type).ProducesProblem(StatusCodes.Status404NotFound);
        routes.MapGet("/api/jobs/{id}/diagram.html", PrintAsync).WithTags("Lines").WithName("printWiring").WithSummary("The same as pages of A4, to be printed.").WithDescription("A line a page where it needs one.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static IResult Draw(DiagramRequest request, CancellationToken cancellation)
    {
        if (request.LineId is not { } line) return TypedResults.Text(cancellation.WorkOut(token => Diagram.OfRig(request.Rig, ServerWords.TheRig, QuickSizeCache.Sizes, token)), Type);
        return cancellation.WorkOut(token => Diagram.OfLine(request.Rig, line, QuickSizeCache.Sizes, token)) is { } svg ? TypedResults.Text(svg, Type) : BadInput.Of(new Problem("lineId", ServerWords.FormatThereIsNoLineCalled(line)));
    }

    private static async Task<IResult> DownloadAsync(string id, string? line, JobStore store, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        var svg = cancellation.WorkOut(token => line is null ? Diagram.OfRig(job.Workable, job.Row.Name, QuickSizeCache.Sizes, token) : Diagram.OfLine(job.Workable, line, QuickSizeCache.Sizes, token));
        return svg is null
            ? TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: ServerWords.ThereIsNoSuchLine)
            : TypedResults.File(Encoding.UTF8.GetBytes(svg), Type, Handout.FileName(job, line is null ? "wiring" : ServerWords.FormatWiringOf(job.Workable.Lines.First(other => other.Id == line).Name), "svg"));
    }

    private static async Task<IResult> PrintAsync(string id, JobStore store, CancellationToken cancellation) => await store.FindAsync(id, cancellation) is { } job
        ? TypedResults.Text(cancellation.WorkOut(token => Diagram.Page(job.Workable, job.Row.Name, Handout.Edition(job), QuickSizeCache.Sizes, token)), "text/html", Encoding.UTF8)
        : JobEndpoints.Missing();
}
