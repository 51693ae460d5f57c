using System.Text;
using BurlyRidge.Core;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.HandOver;

/// <summary>A rig that is handed over.</summary>
/// <param name="Job">Id of the job whose record says what was done; null: none.</param>
public sealed record HandOverRequest(Rig Rig, string? Job = null) : IAboutRig;

/// <summary>The pack of a rig, as it prints.</summary>
/// <param name="Paper">What it is printed on; null: A4, or Letter in imperial units.</param>
/// <param name="Units">What its figures are in; null: those of the rig.</param>
public sealed record PackRequest(Rig Rig, string? Job = null, PaperSize? Paper = null, UnitSystem? Units = null) : IAboutRig;

/// <summary>A chapter of the pack.</summary>
/// <param name="Page">That it begins on, from 1.</param>
/// <param name="Missing">What it still lacks, a sentence; empty: nothing.</param>
public sealed record PackChapter(string Id, string Title, int Page, string Missing);

/// <summary>The pack page by page.</summary>
/// <param name="Pages">Each as SVG, in millimetres.</param>
public sealed record PackPages(IReadOnlyList<PackChapter> Chapters, IReadOnlyList<string> Pages);

/// <summary>Something that is written for the hand-over, to go into a job's record.</summary>
public sealed record HandOverEntry(HandOverEvent What, string Who, string Client, int Revision, string IdempotencyKey);

/// <summary>What was written down, and how the hand-over stands with it.</summary>
public sealed record HandOverWritten(Entry<HandOverEvent> Entry, HandOverAnswer HandOver);

/// <summary>The record that stays with the vehicle, and its sign-off.</summary>
internal static class HandOverEndpoints
{
    private static readonly PrintedLetters Letters = new();

    public static void MapHandOver(this IEndpointRouteBuilder routes)
    {
        var rigs = routes.MapRigs("/api/preview", ServerWords.HandOver);
        rigs.MapPost("/hand-over", LookAsync).WithName("lookAtHandOver").Refuses()
            .WithSummary("What keeps a vehicle from being handed over, and where it is otherwise than planned.").WithDescription("With a job, what its record says; a sign-off is held against what is stored.");
        rigs.MapPost("/pack", PagesAsync).WithName("lookAtPack").Refuses()
            .WithSummary("The hand-over pack page by page, as it prints.").WithDescription("Each page is an SVG; photos are named by their addresses.");
        var jobs = routes.MapGroup("/api/jobs/{id}").WithTags(ServerWords.HandOver);
        jobs.MapGet("/hand-over", RecordAsync).WithName("readHandOver").WithSummary("What was written and decided for the hand-over of a job, in its order.").WithDescription("Entries are added, and never changed.");
        jobs.MapPost("/hand-over", AddAsync).WithName("addToHandOver").WithSummary("Writes something for the hand-over into the job's record; a sign-off among it.")
            .WithDescription("A sign-off is refused while a hold point is open, a check says Stop or a line is not commissioned, unless a reason is given, which is printed. Sent again with its key it is the same entry.").ProducesValidationProblem();
        jobs.MapGet("/pack.pdf", PdfAsync).WithName("downloadPack").WithSummary("The hand-over pack as PDF.").WithDescription("Of the revision that was signed, else of the newest. Faces are embedded, each chapter has a bookmark.")
            .Produces<byte[]>(StatusCodes.Status200OK, "application/pdf").ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/pack.html", HtmlAsync).WithName("downloadPackPage").WithSummary("The hand-over pack as one file of HTML.").WithDescription("It carries its photos and drawings, and opens anywhere alone.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<HandOverAnswer>> LookAsync(HandOverRequest request, HandOverDesk desk, CancellationToken cancellation) => TypedResults.Ok(await desk.LookAsync(request.Rig, request.Job, cancellation));

    private static async Task<Ok<PackPages>> PagesAsync(PackRequest request, JobStore store, HandOverDesk desk, CancellationToken cancellation)
    {
        var job = request.Job is null ? null : await store.FindAsync(request.Job, cancellation);
        var source = await desk.SourceAsync(request.Rig, job, request.Units, cancellation);
        return TypedResults.Ok(cancellation.WorkOut(token =>
        {
            var book = Pack.Of(source, token);
            var laid = PageLayout.Of(book, Paper(request.Paper, source), Letters);
            return new PackPages(
                [.. book.Chapters.Select(chapter => new PackChapter(chapter.Id, chapter.Title, laid.Starts[chapter.Id], chapter.Missing))],
                [.. laid.Pages.Select(page => PageSvg.Of(page, ServerWords.FormatPageOfPack(page.Number), photo => $"/api/jobs/{request.Job}/photos/{photo}"))]);
        }));
    }

    private static async Task<Results<Ok<IReadOnlyList<Entry<HandOverEvent>>>, ProblemHttpResult>> RecordAsync(string id, JobStore store, RecordStore records, CancellationToken cancellation) =>
        await store.FindAsync(id, cancellation) is null ? JobEndpoints.Missing() : TypedResults.Ok(await records.ReadAsync<HandOverEvent>(id, HandOverDesk.Log, cancellation));

    private static async Task<Results<Created<HandOverWritten>, ValidationProblem, ProblemHttpResult>> AddAsync(
        string id, HandOverEntry entry, JobStore store, RecordStore records, HandOverDesk desk, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        if (job.Row.Archived) return JobEndpoints.Archived();
        var made = new NewEntry(entry.Who, entry.Client, entry.Revision, entry.IdempotencyKey);
        var problems = BadInput.Under("what", entry.What.Validate()).Concat(JobValidation.Entry(job, made)).ToList();
        if (entry.What is HandOverEvent.SignedOff && entry.Revision != job.Head.Number) problems.Add(new Problem("revision", ServerWords.SavedFirst));
        if (problems.Count > 0) return BadInput.Of(problems);
        var path = $"/api/jobs/{id}/hand-over";
        if (await records.FindAsync<HandOverEvent>(id, entry.IdempotencyKey) is { } there) return TypedResults.Created(path, new HandOverWritten(there, await desk.LookAsync(job.Workable, id, cancellation)));
        var (what, refused) = await desk.JudgeAsync(job, entry.What, cancellation);
        if (refused.Count > 0) return BadInput.Of(BadInput.Under("what", refused));
        var added = await records.AddAsync(id, HandOverDesk.Log, made, what);
        return TypedResults.Created(path, new HandOverWritten(added, await desk.LookAsync(job.Workable, id, cancellation)));
    }

    private static async Task<IResult> PdfAsync(string id, [AsParameters] PrintChoice choice, JobStore store, HandOverDesk desk, PhotoStore photos, CancellationToken cancellation)
    {
        if (choice.Read() is var (paper, units, refused) && refused is not null) return refused;
        if (await PackOfAsync(id, units, store, desk, cancellation) is not var (job, source)) return JobEndpoints.Missing();
        return TypedResults.File(cancellation.WorkOut(token => Pdf(source, Paper(paper, source), name => photos.Find(id, name) is { } file ? File.ReadAllBytes(file) : null, token)), "application/pdf", Handout.FileName(job, ServerWords.Pack, "pdf"));
    }

    private static async Task<IResult> HtmlAsync(string id, [AsParameters] PrintChoice choice, JobStore store, HandOverDesk desk, PhotoStore photos, CancellationToken cancellation)
    {
        if (choice.Read() is var (_, units, refused) && refused is not null) return refused;
        if (await PackOfAsync(id, units, store, desk, cancellation) is not var (job, source)) return JobEndpoints.Missing();
        return TypedResults.File(Encoding.UTF8.GetBytes(cancellation.WorkOut(token => Html(source, name => photos.Find(id, name) is { } file ? File.ReadAllBytes(file) : null, token))), "text/html; charset=utf-8", Handout.FileName(job, ServerWords.Pack, "html"));
    }

    /// <summary>The pack of what was signed, else of the newest revision; null where there is no such job.</summary>
    internal static async Task<(StoredJob Job, PackSource Source)?> PackOfAsync(string id, UnitSystem? units, JobStore store, HandOverDesk desk, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return null;
        var signed = (await desk.RecordAsync(id, cancellation)).SignOff?.What.Sealed;
        var of = signed is null ? job : await store.FindRevisionAsync(id, signed.Revision, cancellation) ?? job;
        return (of, await desk.SourceAsync(of.Workable, of, units, cancellation));
    }

    internal static byte[] Pdf(PackSource source, PaperSize paper, Func<string, byte[]?> photo, CancellationToken cancellation)
    {
        var book = Pack.Of(source, cancellation);
        return PdfBook.Write(book, PageLayout.Of(book, paper, Letters), photo);
    }

    internal static string Html(PackSource source, Func<string, byte[]?> photo, CancellationToken cancellation) =>
        BookHtml.Of(Pack.Of(source, cancellation), name => photo(name) is { } bytes ? $"data:image/jpeg;base64,{Convert.ToBase64String(bytes)}" : "");

    /// <summary>What was asked for, else what goes with the units.</summary>
    internal static PaperSize Paper(PaperSize? asked, PackSource source) => asked ?? (source.Assessed.Whole.Saved.HouseRules.Units == UnitSystem.Imperial ? PaperSize.Letter : PaperSize.A4);
}
