using BurlyRidge.Core.Exchange.Drawings;
using System.Text;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Panel;

/// <summary>A rig whose panels are to be looked at.</summary>
public sealed record PanelRequest(Rig Rig) : IAboutRig;

/// <summary>Panels, outputs and spare leads.</summary>
internal static class PanelEndpoints
{
    public static void MapPanel(this IEndpointRouteBuilder routes)
    {
        routes.MapRigs("/api/preview", ServerWords.Panel).MapPost("/panel", LookAsync).WithName("lookAtPanel").Refuses()
            .WithSummary("Outputs in the order of their panels, what hangs on them and what happens at key-off.").WithDescription("With hours to half the battery of what stays on.");
        var panel = routes.MapGroup("/api").WithTags("Panel");
        panel.MapGet("/jobs/{id}/legends.svg", LegendsAsync).WithName("drawLegends").WithSummary("Legends of one panel, to scale in millimetres.").WithDescription("Of the power box of that name; of the first where none is named.")
            .Produces<string>(StatusCodes.Status200OK, "image/svg+xml").ProducesProblem(StatusCodes.Status404NotFound);
        panel.MapGet("/jobs/{id}/legends.html", PrintAsync).WithName("printLegends").WithSummary("A page of A4 with the legends of every panel, to be printed without scaling.").WithDescription("It carries its styles and nothing from elsewhere.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<PanelView>> LookAsync(PanelRequest request, CancellationToken cancellation) =>
        TypedResults.Ok(PanelView.Of(await AssessmentCache.OfAsync(request.Rig, cancellation)));

    private static async Task<IResult> LegendsAsync(string id, string? box, JobStore store)
    {
        if (await store.FindAsync(id) is not { } job) return JobEndpoints.Missing();
        var found = job.Workable.PowerBoxes.FirstOrDefault(part => box is null || part.Id == box);
        return found is not null && PartNames.Of(job.Workable)[found.Id] is var name && LegendStrip.Draw(found, name) is { } svg
            ? TypedResults.File(Encoding.UTF8.GetBytes(svg), "image/svg+xml", Handout.FileName(job, ServerWords.FormatLegendsOf(name), "svg"))
            : TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: ServerWords.ThereIsNoSuchPanel, detail: ServerWords.NoPowerBoxThereHas);
    }

    private static async Task<IResult> PrintAsync(string id, JobStore store) => await store.FindAsync(id) is { } job
        ? TypedResults.Text(LegendStrip.Page(job.Row.Name, Handout.Edition(job), job.Workable), "text/html", Encoding.UTF8)
        : JobEndpoints.Missing();
}
