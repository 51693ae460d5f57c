using System.Globalization;
using System.Text;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using CsvHelper;
using CsvHelper.Configuration;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Bench;

/// <summary>A rig that is to be built on the bench.</summary>
public sealed record BenchRequest(Rig Rig) : IAboutRig;

/// <summary>What to buy, to cut and to build before going to the vehicle.</summary>
internal static class BenchEndpoints
{
    public static void MapBench(this IEndpointRouteBuilder routes)
    {
        routes.MapRigs("/api/preview", ServerWords.Bench).MapPost("/bench", LookAsync).WithName("lookAtBench").Refuses()
            .WithSummary("What to cut, from what, what goes on the ends, what covers it, and what else is needed.").WithDescription("Lengths in metres; of each wire both ends as they are made off.");
        var jobs = routes.MapGroup("/api/jobs/{id}").WithTags(ServerWords.Bench);
        jobs.MapGet("/cut-list.csv", DownloadAsync).WithName("downloadCutList").WithSummary("The cut list of a job as a table.").WithDescription("CSV by RFC 4180, a row a wire.")
            .Produces<string>(StatusCodes.Status200OK, "text/csv").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/cut-list.html", PrintAsync).WithName("printCutList").WithSummary("The same as pages of A4, to be printed, harness by harness.").WithDescription("It carries its styles and nothing from elsewhere.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/harness-cards.html", CardsAsync).WithName("printHarnessCards").WithSummary("A card for each harness, to be printed one to a page.").WithDescription("What is built on the bench, pin tables, tests and the wiring.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<BenchView>> LookAsync(BenchRequest request, CancellationToken cancellation) =>
        TypedResults.Ok(await OfAsync(request.Rig, cancellation));

    private static async Task<BenchView> OfAsync(Rig rig, CancellationToken cancellation) =>
        BenchView.Of(await AssessmentCache.OfAsync(rig, cancellation), ShippedCatalogue.WireForSale);

    private static async Task<IResult> DownloadAsync(string id, JobStore store, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        var view = await OfAsync(job.Workable, cancellation);
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        await using (var csv = new CsvWriter(text, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n", InjectionOptions = InjectionOptions.Escape }))
        {
            await csv.WriteRecordsAsync(view.Pieces.Select(CutRow.Of), cancellation);
        }
        return TypedResults.File(Encoding.UTF8.GetBytes(text.ToString()), "text/csv", Handout.FileName(job, ServerWords.CutList, "csv"));
    }

    private static async Task<IResult> PrintAsync(string id, JobStore store, CancellationToken cancellation) => await store.FindAsync(id, cancellation) is { } job
        ? TypedResults.Text(CutSheet.Page(job.Row.Name, Handout.Edition(job), await OfAsync(job.Workable, cancellation), job.Workable.HouseRules.Units), "text/html", Encoding.UTF8)
        : JobEndpoints.Missing();

    private static async Task<IResult> CardsAsync(string id, JobStore store, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        var assessed = await AssessmentCache.OfAsync(job.Workable, cancellation);
        return TypedResults.Text(cancellation.WorkOut(token => HarnessSheet.Page(job.Row.Name, Handout.Edition(job), assessed, QuickSizeCache.Sizes, token)), "text/html", Encoding.UTF8);
    }
}
