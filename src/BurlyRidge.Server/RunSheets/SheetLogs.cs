using System.Collections.Concurrent;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Server.Records;

namespace BurlyRidge.Server.RunSheets;

/// <summary>A job's run sheet record as it was read.</summary>
/// <param name="Last">Number of the last entry in it.</param>
public sealed record SheetLog(int Last, IReadOnlyList<Logged> Entries, SheetRecord Record)
{
    /// <summary>Nothing happened yet.</summary>
    public static SheetLog Nothing { get; } = new(0, [], SheetRecord.Nothing);

    /// <summary>What its steps took.</summary>
    public IReadOnlyList<TimedStep> Timed(string job) => timed ??= [.. Record.Timed(job)];

    private IReadOnlyList<TimedStep>? timed;
}

/// <summary>Remembers what was read of each job's record: entries are only ever added, so that only new ones are read.</summary>
public sealed class SheetLogs
{
    private readonly ConcurrentDictionary<string, SheetLog> known = new(StringComparer.Ordinal);

    /// <summary>Forgets a job: one that was deleted may come back from an archive with another record.</summary>
    public void Forget(string job) => known.TryRemove(job, out _);

    /// <summary>The record of a job, as it stands.</summary>
    public async Task<SheetLog> OfAsync(string job, RecordStore records, CancellationToken cancellation)
    {
        var log = known.GetValueOrDefault(job, SheetLog.Nothing);
        var more = await records.ReadAfterAsync<SheetEvent>(job, SheetDesk.Log, log.Last, cancellation);
        if (more.Count == 0) return log;
        IReadOnlyList<Logged> entries = [.. log.Entries, .. more.Select(entry => new Logged(entry.Number, entry.At, entry.Who, entry.What))];
        return known[job] = new SheetLog(more[^1].Number, entries, SheetRecord.Of(entries));
    }

    /// <summary>Of every job that is not archived, by job.</summary>
    public async Task<IReadOnlyDictionary<string, SheetLog>> AllAsync(RecordStore records, CancellationToken cancellation)
    {
        var all = new Dictionary<string, SheetLog>(StringComparer.Ordinal);
        foreach (var (job, last) in await records.LastsAsync(SheetDesk.Log, cancellation))
            all[job] = known.TryGetValue(job, out var log) && log.Last == last ? log : await OfAsync(job, records, cancellation);
        return all;
    }
}
