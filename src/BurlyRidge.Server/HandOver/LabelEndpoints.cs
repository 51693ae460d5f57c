using System.Globalization;
using System.Text;
using BurlyRidge.Core;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Labels;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Shops;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.HandOver;

/// <summary>Labels of a rig on sheets.</summary>
/// <param name="Kinds">Which; null: all.</param>
/// <param name="Sheet">The sheets; null: those of the shop.</param>
public sealed record LabelsRequest(Rig Rig, IReadOnlyList<LabelKind>? Kinds = null, LabelSheet? Sheet = null) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems()
    {
        var problems = new Problems();
        Sheet?.Check(problems, "sheet");
        return problems.Found;
    }
}

/// <summary>Labels, and the sheets that they are on.</summary>
/// <param name="Sheets">Each as SVG, as large as the paper.</param>
public sealed record LabelsAnswer(IReadOnlyList<Label> Labels, IReadOnlyList<string> Sheets);

/// <summary>Labels and the card under the bonnet, to scale.</summary>
internal static class LabelEndpoints
{
    public static void MapLabels(this IEndpointRouteBuilder routes)
    {
        routes.MapRigs("/api/preview", ServerWords.HandOver).MapPost("/labels", LookAsync).WithName("lookAtLabels").Refuses()
            .WithSummary("Every label that a rig wants, and the sheets that they are on.").WithDescription("Sheets as large as their paper, to be printed without scaling.");
        var jobs = routes.MapGroup("/api/jobs/{id}").WithTags(ServerWords.HandOver);
        jobs.MapGet("/labels.pdf", PdfAsync).WithName("downloadLabels").WithSummary("Labels on the shop's sheets as PDF, to be printed without scaling.").WithDescription("kinds: which, parted by commas; left out: all.")
            .Produces<byte[]>(StatusCodes.Status200OK, "application/pdf").ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/labels.svg", SvgAsync).WithName("drawLabels").WithSummary("One sheet of labels as SVG.").WithDescription("sheet: from 1; kinds: which, parted by commas.")
            .Produces<string>(StatusCodes.Status200OK, "image/svg+xml").ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/labels.csv", CsvAsync).WithName("tabulateLabels").WithSummary("Labels as a table, for a label printer.").WithDescription("CSV by RFC 4180, a row a label.")
            .Produces<string>(StatusCodes.Status200OK, "text/csv").ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/bonnet-card.svg", CardAsync).WithName("drawBonnetCard").WithSummary("The card under the bonnet as SVG: what to pull, which fuse is which, and the same as a QR code.").WithDescription("The code holds the text itself, at most 600 bytes; its modules are 0.5 mm.")
            .Produces<string>(StatusCodes.Status200OK, "image/svg+xml").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/bonnet-card.pdf", CardPdfAsync).WithName("downloadBonnetCard").WithSummary("The same as PDF, to be printed without scaling.").WithDescription("One page as large as the card.")
            .Produces<byte[]>(StatusCodes.Status200OK, "application/pdf").ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<LabelsAnswer>> LookAsync(LabelsRequest request, ShopStore shops, CancellationToken cancellation)
    {
        var labels = await OfAsync(request.Rig, request.Kinds, cancellation);
        return TypedResults.Ok(new LabelsAnswer(labels, LabelPages.Draw(labels, request.Sheet ?? (await shops.ReadAsync()).Shop.LabelSheet, ServerWords.Labels)));
    }

    private static async Task<IResult> PdfAsync(string id, string? kinds, JobStore store, ShopStore shops, CancellationToken cancellation) => await SheetsAsync(id, kinds, store, shops,
        (job, sheet, pages, _) => TypedResults.File(PdfOf(sheet, pages), "application/pdf", Handout.FileName(job, ServerWords.Labels, "pdf")), cancellation);

    private static async Task<IResult> SvgAsync(string id, string? kinds, int? sheet, JobStore store, ShopStore shops, CancellationToken cancellation) => await SheetsAsync(id, kinds, store, shops,
        (_, _, pages, _) => sheet is null or > 0 && (sheet ?? 1) <= pages.Count ? TypedResults.Text(pages[(sheet ?? 1) - 1], "image/svg+xml", Encoding.UTF8) : BadInput.Of(new Problem("sheet", ServerWords.FormatThereAreSheets(pages.Count))), cancellation);

    private static async Task<IResult> CsvAsync(string id, string? kinds, JobStore store, ShopStore shops, CancellationToken cancellation) => await SheetsAsync(id, kinds, store, shops,
        (job, _, _, labels) => TypedResults.File(Encoding.UTF8.GetBytes(CsvOf(labels)), "text/csv; charset=utf-8", Handout.FileName(job, ServerWords.Labels, "csv")), cancellation);

    private static async Task<IResult> SheetsAsync(string id, string? kinds, JobStore store, ShopStore shops, Func<StoredJob, LabelSheet, IReadOnlyList<string>, IReadOnlyList<Label>, IResult> answer, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        var words = (kinds ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        var wanted = words.Select(word => Enum.TryParse<LabelKind>(word, ignoreCase: true, out var kind) && Enum.IsDefined(kind) && !char.IsDigit(word[0]) ? kind : (LabelKind?)null).ToList();
        if (wanted.Contains(null)) return BadInput.Of(new Problem("kinds", ServerWords.FormatLabelKindsAre(string.Join(", ", Enum.GetNames<LabelKind>()))));
        var sheet = (await shops.ReadAsync()).Shop.LabelSheet;
        var labels = await OfAsync(job.Workable, kinds is null ? null : [.. wanted.OfType<LabelKind>()], cancellation);
        return answer(job, sheet, LabelPages.Draw(labels, sheet, ServerWords.Labels), labels);
    }

    private static async Task<IResult> CardAsync(string id, JobStore store, HandOverDesk desk, CancellationToken cancellation) =>
        await HandOverEndpoints.PackOfAsync(id, null, store, desk, cancellation) is var (_, source) ? TypedResults.Text(CardOf(source), "image/svg+xml", Encoding.UTF8) : JobEndpoints.Missing();

    private static async Task<IResult> CardPdfAsync(string id, JobStore store, HandOverDesk desk, CancellationToken cancellation)
    {
        if (await HandOverEndpoints.PackOfAsync(id, null, store, desk, cancellation) is not var (job, source)) return JobEndpoints.Missing();
        return TypedResults.File(PdfBook.OfDrawings(ServerWords.BonnetCard, [CardOf(source)]), "application/pdf", Handout.FileName(job, ServerWords.BonnetCard, "pdf"));
    }

    internal static async Task<IReadOnlyList<Label>> OfAsync(Rig rig, IReadOnlyList<LabelKind>? kinds, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(rig, cancellation);
        return [.. LabelSet.Of(assessed, CutList.Of(assessed).Pieces).Where(label => kinds is null || kinds.Contains(label.Kind))];
    }

    internal static string CardOf(PackSource source) => BonnetCard.Draw(source, CardCode.Of(BonnetCard.Text(source)));

    internal static byte[] PdfOf(LabelSheet sheet, IReadOnlyList<string> pages) => PdfBook.OfDrawings(ServerWords.Labels, pages.Count > 0 ? pages : LabelPages.Empty(sheet, ServerWords.Labels));

    internal static string CsvOf(IReadOnlyList<Label> labels) => CsvText.Write(["kind", "about", "large", "small"], labels.Select(label => (IReadOnlyList<string>)[JsonName(label.Kind), label.About, label.Large, label.Small]));

    private static string JsonName(LabelKind kind) => kind.ToString() is var name ? char.ToLower(name[0], CultureInfo.InvariantCulture) + name[1..] : "";
}
