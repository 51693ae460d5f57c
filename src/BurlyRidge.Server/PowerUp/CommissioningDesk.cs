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

    // What a line should read follows from the rig and from the volts of its battery alone.
    private static readonly ConditionalWeakTable<AssessedRig, ConcurrentDictionary<(string Line, double? Volts), LineReadings?>> Known = [];

    // What is turned over follows from the rig alone; after each reading it is asked for anew.
    private static readonly ConditionalWeakTable<AssessedRig, IReadOnlyList<TurnCheck>> Turns = [];

    /// <summary>What was measured on a job, folded; nothing for none.</summary>
    public async Task<CommissioningRecord> RecordAsync(string? job, CancellationToken cancellation) => job is null ? CommissioningRecord.Nothing
        : CommissioningRecord.Of((await records.ReadAsync<CommissioningEvent>(job, Log, cancellation)).Select(entry => (entry.At, entry.Who, entry.What)));

    /// <summary>How far a vehicle is.</summary>
    public async Task<CommissioningView> LookAsync(Rig rig, string? job, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(rig, cancellation);
        return CommissioningView.Of(assessed.Study, TurnsOf(assessed), await RecordAsync(job, cancellation));
    }

    /// <summary>What a line should read, with what it did; null where nothing lights it.</summary>
    public async Task<LineCard?> LineAsync(ReadingsRequest request, CancellationToken cancellation)
    {
        var (assessed, record) = (await AssessmentCache.OfAsync(request.Rig, cancellation), await RecordAsync(request.Job, cancellation));
        if (request.Trial is { } trial) record = record.InTrial(request.Line, trial.Select(reading => (reading.Key, reading.Value)));
        return cancellation.WorkOut(token => ReadingsOf(assessed, request.Line, record.BatteryVolts, token) is { } readings ? LineCard.Of(assessed.Study, readings, record) : null);
    }

    /// <summary>What is wrong with something that is to be written down, and it with what the plan has of it.</summary>
    public async Task<(CommissioningEvent What, IReadOnlyList<Problem> Problems)> JudgeAsync(StoredJob job, CommissioningEvent what, CancellationToken cancellation)
    {
        if (what is not (CommissioningEvent.Measured or CommissioningEvent.Passed or CommissioningEvent.Turned)) return (what, []);
        var (assessed, record) = (await AssessmentCache.OfAsync(job.Workable, cancellation), await RecordAsync(job.Row.Id, cancellation));
        if (what is CommissioningEvent.Turned turned) return (what, TurnsOf(assessed).Any(check => check.Key == turned.Key) ? [] : [new Problem("key", ServerWords.NoSuchReading)]);
        var line = (what as CommissioningEvent.Measured)?.Line ?? ((CommissioningEvent.Passed)what).Line;
        if (cancellation.WorkOut(token => ReadingsOf(assessed, line, record.BatteryVolts, token)) is not { } readings) return (what, [new Problem("line", ServerWords.NoSuchReading)]);
        if (what is CommissioningEvent.Measured measured)
        {
            if (readings.Groups.SelectMany(group => group.Readings).FirstOrDefault(reading => reading.Key == measured.Key) is not { } expected) return (what, [new Problem("key", ServerWords.NoSuchReading)]);
            return (measured with { Words = expected.Words, Unit = expected.Unit }, ReadingJudge.Refuse(assessed.Study.Wired, expected, measured.Value) is { Length: > 0 } why ? [new Problem("value", why)] : []);
        }
        var card = LineCard.Of(assessed.Study, readings, record);
        return (((CommissioningEvent.Passed)what) with
        {
            Print = readings.Print,
            BatteryVolts = record.BatteryVolts,
            Readings = [.. card.Groups.SelectMany(group => group.Readings).Select(reading => reading.Taken).OfType<TakenReading>()],
        }, card.Left.Length > 0 ? [new Problem("line", card.Left)] : []);
    }

    private static IReadOnlyList<TurnCheck> TurnsOf(AssessedRig assessed) => Turns.GetValue(assessed, known => TurnOver.Of(known.Study));

    private static LineReadings? ReadingsOf(AssessedRig assessed, string line, double? volts, CancellationToken cancellation)
    {
        var known = Known.GetOrCreateValue(assessed);
        return known.TryGetValue((line, volts), out var there) ? there : known[(line, volts)] = ReadingBands.Of(assessed.Study, line, volts, cancellation);
    }
}
