using BurlyRidge.Core;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.PowerUp;

/// <summary>A rig that is commissioned.</summary>
/// <param name="Job">Id of the job whose record says what was measured; null: none.</param>
public sealed record CommissioningRequest(Rig Rig, string? Job = null) : IAboutRig;

/// <summary>A line of it.</summary>
/// <param name="Trial">Readings of a trial on the simulated rig, which stand for those of the job's record and are written nowhere; null: it is no trial.</param>
public sealed record ReadingsRequest(Rig Rig, string Line, string? Job = null, IReadOnlyList<TrialReading>? Trial = null) : IAboutRig
{
    private const int MostReadings = 500;

    IEnumerable<Problem> IAboutRig.Problems()
    {
        var problems = new Problems();
        if (Trial is not null) problems.Count("trial", Trial.Count, 0, MostReadings, ServerWords.ReadingsOfATrial);
        return problems.Found;
    }
}

/// <summary>A reading that was taken on the simulated rig.</summary>
public sealed record TrialReading(string Key, double Value);

/// <summary>Pins of a plug of the vehicle's own, one of which may be a signal.</summary>
/// <param name="Volts">Of the battery meanwhile, V.</param>
/// <param name="Place">Where the plug is.</param>
public sealed record FindWireRequest(Rig Rig, Signal Signal, double Volts, string Place, IReadOnlyList<PinReading> Pins) : IAboutRig
{
    private const int MostPins = 40;
    private const int MostText = 200;

    IEnumerable<Problem> IAboutRig.Problems()
    {
        var problems = new Problems();
        problems.Within("volts", Volts, 6, 32, "V");
        problems.Letters("place", Place, MostText);
        problems.Count("pins", Pins.Count, 1, MostPins, ServerWords.PinsOfAPlug);
        problems.Each("pins", Pins, (path, pin) =>
        {
            problems.Text($"{path}.pin", pin.Pin, MostText);
            problems.Letters($"{path}.colour", pin.Colour, MostText);
            problems.Within($"{path}.off", pin.Off, -1, 35, "V");
            problems.Within($"{path}.on", pin.On, -1, 35, "V");
            if (pin.Loaded is { } loaded) problems.Within($"{path}.loaded", loaded, -1, 35, "V");
        });
        return problems.Found;
    }
}

/// <summary>Something that was measured or tried, to be written into a job's record.</summary>
public sealed record CommissioningEntry(CommissioningEvent What, string Who, string Client, int Revision, string IdempotencyKey);

/// <summary>What a rig should read, and what it did.</summary>
internal static class CommissioningEndpoints
{
    public static void MapCommissioning(this IEndpointRouteBuilder routes)
    {
        var rigs = routes.MapRigs("/api/preview", ServerWords.PowerUp);
        rigs.MapPost("/commissioning", LookAsync).WithName("lookAtCommissioning").Refuses()
            .WithSummary("How far the lines of a rig are commissioned, and what is turned over with what has to be lit.").WithDescription("With a job, what was measured on it is held against the plan.");
        rigs.MapPost("/readings", LineAsync).WithName("lookAtReadings").Refuses()
            .WithSummary("What a line should read in every state that matters, each with the band of 95 of 100 sound rigs, and what it did read.").WithDescription("The bands come from 2,000 sound rigs with a fixed seed: the same plan has the same bands.");
        rigs.MapPost("/found-wire", Find).WithName("findWire").Refuses()
            .WithSummary("Which pin of a plug is a signal, and how it is switched.").WithDescription("Black probe on the earth pin, key to run, engine off, all else off.");
        var jobs = routes.MapGroup("/api/jobs/{id}").WithTags(ServerWords.PowerUp);
        jobs.MapGet("/commissioning", RecordAsync).WithName("readCommissioning").WithSummary("What was measured and tried on the vehicle of a job, in its order.").WithDescription("Entries are added, and never changed.");
        jobs.MapPost("/commissioning", AddAsync).WithName("addToCommissioning").WithSummary("Writes something that was measured or tried into the job's record.")
            .WithDescription("A reading that cannot be is refused; a line is passed only with all of its readings inside their bands. Sent again with its key it is the same entry.").ProducesValidationProblem();
    }

    private static async Task<Ok<CommissioningView>> LookAsync(CommissioningRequest request, CommissioningDesk desk, CancellationToken cancellation) =>
        TypedResults.Ok(await desk.LookAsync(request.Rig, request.Job, cancellation));

    private static async Task<Results<Ok<LineCard>, ValidationProblem>> LineAsync(ReadingsRequest request, CommissioningDesk desk, CancellationToken cancellation) =>
        await desk.LineAsync(request, cancellation) is { } card ? TypedResults.Ok(card) : BadInput.Of([new Problem("line", ServerWords.NoSuchReading)]);

    private static Ok<FoundSignal> Find(FindWireRequest request) => TypedResults.Ok(WireFinding.Of(request.Rig.Vehicle, request.Signal, request.Volts, request.Place, request.Pins));

    private static async Task<Results<Ok<IReadOnlyList<Entry<CommissioningEvent>>>, ProblemHttpResult>> RecordAsync(string id, JobStore store, RecordStore records, CancellationToken cancellation) =>
        await store.FindAsync(id, cancellation) is null ? JobEndpoints.Missing() : TypedResults.Ok(await records.ReadAsync<CommissioningEvent>(id, CommissioningDesk.Log, cancellation));

    private static async Task<Results<Created<Entry<CommissioningEvent>>, ValidationProblem, ProblemHttpResult>> AddAsync(
        string id, CommissioningEntry entry, JobStore store, RecordStore records, CommissioningDesk desk, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        if (job.Row.Archived) return JobEndpoints.Archived();
        var made = new NewEntry(entry.Who, entry.Client, entry.Revision, entry.IdempotencyKey);
        var problems = BadInput.Under("what", entry.What.Validate()).Concat(JobValidation.Entry(job, made)).ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        var path = $"/api/jobs/{id}/commissioning";
        if (await records.FindAsync<CommissioningEvent>(id, entry.IdempotencyKey) is { } there) return TypedResults.Created(path, there);
        var (what, refused) = await desk.JudgeAsync(job, entry.What, cancellation);
        return refused.Count > 0 ? BadInput.Of(BadInput.Under("what", refused)) : TypedResults.Created(path, await records.AddAsync(id, CommissioningDesk.Log, made, what));
    }
}
