using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;

namespace BurlyRidge.Server.PowerUp;

/// <summary>Puts a plan and what was measured on its vehicle together.</summary>
public sealed class CommissioningDesk(RecordStore records)
{
    /// <summary>The log of a job that is the commissioning's.</summary>
    public const string Log = "commissioning";

    private static readonly ConditionalWeakTable<AssessedRig, KnownPlan> Plans = [];

    /// <summary>What was measured on a job, folded; nothing for none.</summary>
    public async Task<CommissioningRecord> RecordAsync(string? job, CancellationToken cancellation) => job is null ? CommissioningRecord.Nothing
        : CommissioningRecord.Of((await records.ReadAsync<CommissioningEvent>(job, Log, cancellation)).Select(entry => (entry.At, entry.Who, entry.What)));

    /// <summary>What is measured and tried on a rig.</summary>
    internal static CommissioningPlan PlanFor(AssessedRig assessed) => PlanOf(assessed).Plan;

    /// <summary>How far a vehicle is.</summary>
    public async Task<CommissioningView> LookAsync(Rig rig, string? job, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(rig, cancellation);
        return CommissioningView.Of(PlanOf(assessed).Plan, await RecordAsync(job, cancellation));
    }

    /// <summary>What a line should read, with what it did; null where nothing lights it.</summary>
    public async Task<LineCard?> LineAsync(ReadingsRequest request, CancellationToken cancellation)
    {
        var (assessed, record) = (await AssessmentCache.OfAsync(request.Rig, cancellation), await RecordAsync(request.Job, cancellation));
        if (request.Trial is { } trial) record = record.InTrial(request.Line, trial.Select(reading => (reading.Key, reading.Value)));
        return cancellation.WorkOut(token => PlanOf(assessed).Of(request.Line, record.BatteryVolts, token) is { } readings ? LineCard.Of(PlanOf(assessed).Plan, readings, record) : null);
    }

    /// <summary>What is wrong with something that is to be written down, and it with what the plan has of it.</summary>
    public async Task<(CommissioningEvent What, IReadOnlyList<Problem> Problems)> JudgeAsync(StoredJob job, CommissioningEvent what, CancellationToken cancellation)
    {
        if (what is CommissioningEvent.OfSearch search) return (what, await DiagnosisDesk.JudgeAsync(job, search, cancellation));
        if (what is not (CommissioningEvent.Measured or CommissioningEvent.Passed or CommissioningEvent.Turned)) return (what, []);
        var (known, record) = (PlanOf(await AssessmentCache.OfAsync(job.Workable, cancellation)), await RecordAsync(job.Row.Id, cancellation));
        if (what is CommissioningEvent.Turned turned) return (what, known.Plan.Turns.Any(check => check.Key == turned.Key) ? [] : [new Problem("key", ServerWords.NoSuchReading)]);
        var line = (what as CommissioningEvent.Measured)?.Line ?? ((CommissioningEvent.Passed)what).Line;
        if (cancellation.WorkOut(token => known.Of(line, record.BatteryVolts, token)) is not { } readings) return (what, [new Problem("line", ServerWords.NoSuchReading)]);
        if (what is CommissioningEvent.Measured measured)
        {
            if (readings.Groups.SelectMany(group => group.Readings).FirstOrDefault(reading => reading.Key == measured.Key) is not { } expected) return (what, [new Problem("key", ServerWords.NoSuchReading)]);
            return (measured with { Words = expected.Words, Unit = expected.Unit }, ReadingJudge.Refuse(known.Plan.Study.Wired, expected, measured.Value) is { Length: > 0 } why ? [new Problem("value", why)] : []);
        }
        var card = LineCard.Of(known.Plan, readings, record);
        return (((CommissioningEvent.Passed)what) with
        {
            Print = readings.Print,
            BatteryVolts = record.BatteryVolts,
            Readings = [.. card.Groups.SelectMany(group => group.Readings).Select(reading => reading.Taken).OfType<TakenReading>()],
        }, card.Left.Length > 0 ? [new Problem("line", card.Left)] : []);
    }

    private static KnownPlan PlanOf(AssessedRig assessed) => Plans.GetValue(assessed, rig => new KnownPlan(new CommissioningPlan(rig.Study)));

    /// <summary>A plan with what its lines should read, which follows from it and from the volts of its battery alone and is asked for after each reading.</summary>
    private sealed record KnownPlan(CommissioningPlan Plan)
    {
        private readonly ConcurrentDictionary<(string Line, double? Volts), LineReadings?> readings = [];

        public LineReadings? Of(string line, double? volts, CancellationToken cancellation) =>
            readings.TryGetValue((line, volts), out var there) ? there : readings[(line, volts)] = ReadingBands.Of(Plan, line, volts, cancellation);
    }
}
