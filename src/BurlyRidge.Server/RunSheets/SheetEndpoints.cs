using System.Globalization;
using System.Text;
using BurlyRidge.Core;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.Shops;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.RunSheets;

/// <summary>A rig that is worked on.</summary>
/// <param name="Job">Id of the job whose record says what was done; null: none.</param>
public sealed record SheetRequest(Rig Rig, string? Job = null) : IAboutRig;

/// <summary>Something that happened at a vehicle, to be written into a job's record.</summary>
public sealed record SheetEntry(SheetEvent What, string Who, string Client, int Revision, string IdempotencyKey);

/// <summary>What was written down, and how the work stands with it.</summary>
/// <param name="Told">What whoever wrote it has to know; empty: nothing.</param>
public sealed record SheetWritten(Entry<SheetEvent> Entry, SheetAnswer Sheet, string Told);

/// <summary>The work at the vehicle: its steps and what was done.</summary>
internal static class SheetEndpoints
{
    public static void MapRunSheets(this IEndpointRouteBuilder routes)
    {
        routes.MapRigs("/api/preview", ServerWords.RunSheet).MapPost("/run-sheet", LookAsync).WithName("lookAtRunSheet").Refuses()
            .WithSummary("The steps of the work in their order, what stands open, and how long it will take.").WithDescription("With a job, what was done on it is held against the plan: what is to be done again or taken back is said.");
        var jobs = routes.MapGroup("/api/jobs/{id}").WithTags(ServerWords.RunSheet);
        jobs.MapGet("/run-sheet", RecordAsync).WithName("readRunSheetRecord").WithSummary("What happened at the vehicle of a job, in its order.").WithDescription("Entries are added, and never changed.");
        jobs.MapPost("/run-sheet", AddAsync).WithName("addToRunSheet").WithSummary("Writes something that happened at the vehicle into the job's record.")
            .WithDescription("A step is done only with the answers that it asks for. Sent again with its key it is the same entry. The order is that of arrival; the sender's clock counts for times where it can be right.").ProducesValidationProblem();
        jobs.MapGet("/run-sheet.html", PrintAsync).WithName("printRunSheet").WithSummary("The run sheet as pages of A4 with boxes to tick.").WithDescription("It carries its styles and nothing from elsewhere.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/run-sheet.ics", CalendarAsync).WithName("downloadCalendar").WithSummary("What is left of the work as a calendar (RFC 5545).").WithDescription("An entry a working day, and one for each part that is due.")
            .Produces<string>(StatusCodes.Status200OK, "text/calendar").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/findings.csv", FindingsAsync).WithName("exportFindings").WithSummary("What was found on the vehicle, as comma-separated values.").WithDescription("With the kind of vehicle and the day.")
            .Produces<string>(StatusCodes.Status200OK, "text/csv").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapPost("/findings.csv", TakeFindingsAsync).WithName("importFindings").WithSummary("Takes findings in from comma-separated values: all of them or none.").WithDescription("What is wrong names row and column.").Accepts<string>("text/csv").ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/wire-register.csv", RegisterAsync).WithName("exportWireRegister").WithSummary("The wire register as comma-separated values.").WithDescription("Which colour a wire has at which end.")
            .Produces<string>(StatusCodes.Status200OK, "text/csv").ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapPost("/wire-register.csv", TakeRegisterAsync).WithName("importWireRegister").WithSummary("Takes the wire register in from comma-separated values: all of it or nothing.").WithDescription("What is wrong names row and column.").Accepts<string>("text/csv").ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<SheetAnswer>> LookAsync(SheetRequest request, SheetDesk desk, CancellationToken cancellation) =>
        TypedResults.Ok(await desk.LookAsync(request.Rig, request.Job, cancellation));

    private static async Task<Results<Ok<IReadOnlyList<Entry<SheetEvent>>>, ProblemHttpResult>> RecordAsync(string id, JobStore store, RecordStore records, CancellationToken cancellation) =>
        await store.FindAsync(id, cancellation) is null ? JobEndpoints.Missing() : TypedResults.Ok(await records.ReadAsync<SheetEvent>(id, SheetDesk.Log, cancellation));

    private static async Task<Results<Created<SheetWritten>, ValidationProblem, ProblemHttpResult>> AddAsync(
        string id, SheetEntry entry, JobStore store, RecordStore records, SheetDesk desk, PhotoStore photos, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        if (job.Row.Archived) return JobEndpoints.Archived();
        var made = new NewEntry(entry.Who, entry.Client, entry.Revision, entry.IdempotencyKey);
        var problems = BadInput.Under("what", entry.What.Validate()).Concat(JobValidation.Entry(job, made)).ToList();
        if (entry.What is SheetEvent.Photographed photo && !photos.Has(id, photo.Photo)) problems.Add(new Problem("what.photo", ServerWords.ThereIsNoSuchPhoto));
        if (problems.Count > 0) return BadInput.Of(problems);
        if (await records.FindAsync<SheetEvent>(id, entry.IdempotencyKey) is { } there) return TypedResults.Created($"/api/jobs/{id}/run-sheet", new SheetWritten(there, await desk.LookAsync(job.Workable, id, cancellation), ""));
        var spoken = entry.Revision == job.Head.Number ? job : await store.FindRevisionAsync(id, entry.Revision, cancellation) ?? job;
        var (what, refused, told) = await desk.JudgeAsync(job, spoken.Workable, entry.What, entry.Who, cancellation);
        if (refused.Count > 0) return BadInput.Of(BadInput.Under("what", refused));
        var added = await records.AddAsync(id, SheetDesk.Log, made, what);
        if (SheetRecord.ClockIsWrong(entry.What, added.At)) told = string.Join(' ', new[] { told, ServerWords.YourClockIsWrong }.Where(words => words.Length > 0));
        return TypedResults.Created($"/api/jobs/{id}/run-sheet", new SheetWritten(added, await desk.LookAsync(job.Workable, id, cancellation), told));
    }

    private static async Task<IResult> PrintAsync(string id, JobStore store, SheetDesk desk, CancellationToken cancellation) => await store.FindAsync(id, cancellation) is { } job
        ? TypedResults.Text(RunSheetPage.Page(job.Row.Name, Handout.Edition(job), (await desk.LookAsync(job.Workable, id, cancellation)).View), "text/html", Encoding.UTF8)
        : JobEndpoints.Missing();

    private static async Task<IResult> CalendarAsync(string id, JobStore store, SheetDesk desk, ShopStore shops, TimeProvider clock, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        var view = (await desk.LookAsync(job.Workable, id, cancellation)).View;
        var (shop, _) = await shops.ReadAsync();
        var entries = WorkDays.Of(job.Row.Name, view, clock.GetLocalNow().DateTime, shop.WorkHours, view.Forecast.OverTable);
        return TypedResults.File(Encoding.UTF8.GetBytes(SheetCalendar.Write(id, entries)), "text/calendar; charset=utf-8", Handout.FileName(job, ServerWords.RunSheet, "ics"));
    }

    private static async Task<IResult> FindingsAsync(string id, JobStore store, SheetDesk desk, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        var record = await desk.RecordAsync(id, cancellation);
        return TypedResults.File(Encoding.UTF8.GetBytes(FindingCsv.Write(record.Findings.Select(found => found.What), record.Vehicle)), "text/csv; charset=utf-8", Handout.FileName(job, ServerWords.Findings, "csv"));
    }

    private static async Task<IResult> RegisterAsync(string id, JobStore store, SheetDesk desk, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        return TypedResults.File(Encoding.UTF8.GetBytes(RegisterCsv.Write((await desk.RecordAsync(id, cancellation)).Register)), "text/csv; charset=utf-8", Handout.FileName(job, ServerWords.WireRegister, "csv"));
    }

    private static Task<IResult> TakeFindingsAsync(string id, HttpRequest request, JobStore store, RecordStore records, CancellationToken cancellation) =>
        TakeAsync(id, request, store, records, FindingCsv.Read, cancellation);

    private static Task<IResult> TakeRegisterAsync(string id, HttpRequest request, JobStore store, RecordStore records, CancellationToken cancellation) =>
        TakeAsync(id, request, store, records, RegisterCsv.Read, cancellation);

    private delegate (IReadOnlyList<SheetEvent> Events, IReadOnlyList<Problem> Problems) Reads(ReadOnlySpan<byte> bytes);

    private static async Task<IResult> TakeAsync(string id, HttpRequest request, JobStore store, RecordStore records, Reads read, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        if (job.Row.Archived) return JobEndpoints.Archived();
        var (events, problems) = read((await RequestText.BytesAsync(request)).Span);
        if (problems.Count > 0) return BadInput.Of(problems);
        // The same file taken in twice is there once.
        await records.AddAllAsync(id, SheetDesk.Log, events.Select(one => (new NewEntry("", ServerWords.FromAFile, job.Head.Number, FileKey.Of(one)), one)));
        return TypedResults.Ok(events.Count.ToString(CultureInfo.InvariantCulture));
    }
}
