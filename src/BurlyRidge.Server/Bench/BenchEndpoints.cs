using BurlyRidge.Core;
using System.Globalization;
using System.Text;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using CsvHelper;
using CsvHelper.Configuration;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Bench;

/// <summary>A rig that is to be built on the bench.</summary>
/// <param name="Job">Id of the job whose record says what was ordered and has arrived; null: none.</param>
public sealed record BenchRequest(Rig Rig, string? Job = null) : IAboutRig;

/// <summary>A kit to be laid over a line.</summary>
/// <param name="Kit">Id of the kit in the catalogue.</param>
public sealed record KitRequest(Rig Rig, string LineId, string Kit, KitWish Wish) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems() =>
    [
        .. Rig.Lines.Any(line => line.Id == LineId) ? [] : new[] { new Problem("lineId", ServerWords.ThereIsNoSuchLine) },
        .. BadInput.Under("wish", Wish.Problems(Rig)),
    ];
}

/// <summary>Ways of building the same lights, to be held beside each other.</summary>
/// <param name="Builds">1 to 3.</param>
public sealed record BuildsRequest(Rig Rig, IReadOnlyList<Build> Builds, string? Job = null) : IAboutRig
{
    private const int Most = 3;

    IEnumerable<Problem> IAboutRig.Problems() => Builds.Count is < 1 or > Most
        ? [new Problem("builds", ServerWords.FormatGiveBuilds(Most))]
        : Builds.SelectMany((build, i) => BadInput.Under($"builds[{i}]", build.Problems(Rig)));
}

/// <summary>Something that happened at the bench, to be written into a job's record.</summary>
public sealed record BenchEntry(BenchEvent What, string Who, string Client, int Revision, string IdempotencyKey);

/// <summary>What to buy, to cut and to build before going to the vehicle.</summary>
internal static class BenchEndpoints
{
    public static void MapBench(this IEndpointRouteBuilder routes)
    {
        var preview = routes.MapRigs("/api/preview", ServerWords.Bench);
        preview.MapPost("/bench", LookAsync).WithName("lookAtBench").Refuses()
            .WithSummary("What to cut, from what, what goes on the ends, what covers it, what else is needed, and what it costs.").WithDescription("Lengths in metres; of each wire both ends as they are made off. With a job, what was ordered for it and has arrived.");
        preview.MapPost("/kit", LayAsync).WithName("layKit").Refuses().ProducesProblem(StatusCodes.Status404NotFound)
            .WithSummary("A kit of the catalogue laid over a line: which legs reach, what has to be cut, moved and joined, and what it does in every state.").WithDescription("As bought and converted, both solved by the network. Nothing is stored.");
        preview.MapPost("/builds", CompareAsync).WithName("compareBuilds").Refuses()
            .WithSummary("What two or three ways of building the same lights come to.").WithDescription("Price, hours, waste, weight, parts and checks. The command takeBuild takes one.");
        var jobs = routes.MapGroup("/api/jobs/{id}").WithTags(ServerWords.Bench);
        jobs.MapGet("/cut-list.csv", DownloadAsync).WithName("downloadCutList").WithSummary("The cut list of a job as a table.").WithDescription("CSV by RFC 4180, a row a wire.")
            .Produces<string>(StatusCodes.Status200OK, "text/csv").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/cut-list.html", PrintAsync).WithName("printCutList").WithSummary("The same as pages of A4, to be printed, harness by harness.").WithDescription("It carries its styles and nothing from elsewhere.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/wire-labels.html", LabelsAsync).WithName("printWireLabels").WithSummary("A label for each end of each wire, to scale, on pages of A4 to be printed without scaling.").WithDescription("Each sheet is an SVG in millimetres.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/quote.html", QuoteAsync).WithName("printQuote").WithSummary("What the job costs, as a page to be printed.").WithDescription("Parts, labour by the task table, tax.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/bench", RecordAsync).WithName("readBenchRecord").WithSummary("What happened at the bench of a job, in its order.").WithDescription("Ordered, arrived, kept from stock, cards printed. Entries are added, and never changed.");
        jobs.MapPost("/bench", AddAsync).WithName("addToBenchRecord").WithSummary("Writes something that happened at the bench into the job's record.").WithDescription("It says who, from which client and of which revision. Sent again with its key it is the same entry.").ProducesValidationProblem();
        jobs.MapGet("/harness-cards.html", CardsAsync).WithName("printHarnessCards").WithSummary("A card for each harness, to be printed one to a page.").WithDescription("What is built on the bench, pin tables, tests and the wiring.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<BenchAnswer>> LookAsync(BenchRequest request, BenchDesk desk, CancellationToken cancellation) =>
        TypedResults.Ok(await desk.LayAsync(request.Rig, request.Job, cancellation));

    private static async Task<Results<Ok<KitView>, ProblemHttpResult>> LayAsync(KitRequest request, KitCatalogue kits, CancellationToken cancellation) =>
        (await kits.KitsAsync()).FirstOrDefault(kit => kit.Id == request.Kit) is { } kit
            ? TypedResults.Ok(cancellation.WorkOut(token => KitView.Of(request.Rig, request.LineId, kit, request.Wish, QuickSizeCache.Sizes, token)))
            : TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: ServerWords.ThereIsNoSuchKit);

    private static async Task<Ok<IReadOnlyList<BuildFigures>>> CompareAsync(BuildsRequest request, BenchDesk desk, CancellationToken cancellation) =>
        TypedResults.Ok(await desk.CompareAsync(request.Rig, request.Job, request.Builds, cancellation));

    private static async Task<Results<Ok<IReadOnlyList<Entry<BenchEvent>>>, ProblemHttpResult>> RecordAsync(string id, JobStore store, RecordStore records, CancellationToken cancellation) =>
        await store.FindAsync(id, cancellation) is null ? JobEndpoints.Missing() : TypedResults.Ok(await records.ReadAsync<BenchEvent>(id, BenchDesk.Log, cancellation));

    private static async Task<Results<Created<Entry<BenchEvent>>, ValidationProblem, ProblemHttpResult>> AddAsync(string id, BenchEntry entry, JobStore store, RecordStore records, BenchDesk desk, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        if (job.Row.Archived) return JobEndpoints.Archived();
        var added = new NewEntry(entry.Who, entry.Client, entry.Revision, entry.IdempotencyKey);
        var problems = BadInput.Under("what", entry.What.Validate()).Concat(JobValidation.Entry(job, added)).ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        if (entry.What is BenchEvent.Cut cut && !await records.HasAsync(id, entry.IdempotencyKey) && await desk.CutAsync(job.Workable, id, cut.Item, cancellation) is { } why)
            return TypedResults.Problem(type: ProblemTypes.NotPossible, statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.ItIsCutAlready, detail: why);
        return TypedResults.Created($"/api/jobs/{id}/bench", await records.AddAsync(id, BenchDesk.Log, added, entry.What));
    }

    private static async Task<IResult> LabelsAsync(string id, JobStore store, CancellationToken cancellation) => await store.FindAsync(id, cancellation) is { } job
        ? TypedResults.Text(WireLabels.Page(job.Row.Name, Handout.Edition(job), await OfAsync(job.Workable, cancellation)), "text/html", Encoding.UTF8)
        : JobEndpoints.Missing();

    private static async Task<IResult> QuoteAsync(string id, JobStore store, BenchDesk desk, CancellationToken cancellation) => await store.FindAsync(id, cancellation) is { } job
        ? TypedResults.Text(QuoteSheet.Page(job.Row.Name, job.Row.Customer, Handout.Edition(job), (await desk.LayAsync(job.Workable, id, cancellation)).Quote, job.Workable.HouseRules.Units), "text/html", Encoding.UTF8)
        : JobEndpoints.Missing();

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
