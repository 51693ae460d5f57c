using System.Globalization;
using System.Text;
using System.Text.Json;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Records;

/// <summary>Something to be written into a job's record.</summary>
/// <param name="Key">Names it, so that it sent twice is there once.</param>
public sealed record NewEntry(string Who, string Client, int Revision, string Key);

/// <summary>Something that happened on a job.</summary>
/// <param name="At">When, with its offset.</param>
public sealed record Entry<T>(int Number, DateTimeOffset At, string Who, string Client, int Revision, T What);

/// <summary>The record of what was done on jobs: entries are added, and never changed or taken out.</summary>
public sealed class RecordStore(JobDatabase database, DataFolder folder, TimeProvider clock)
{
    private static readonly SemaphoreSlim OneAtATime = new(1);

    /// <summary>A job's entries of one log, in the order in which they happened; one that cannot be read is left out.</summary>
    public Task<IReadOnlyList<Entry<T>>> ReadAsync<T>(string job, string log, CancellationToken cancellation = default) where T : class => ReadAfterAsync<T>(job, log, 0, cancellation);

    /// <summary>The same, of those after a number.</summary>
    public async Task<IReadOnlyList<Entry<T>>> ReadAfterAsync<T>(string job, string log, int number, CancellationToken cancellation = default) where T : class =>
        [.. (await database.Records.AsNoTracking().Where(row => row.JobId == job && row.Log == log && row.Number > number).OrderBy(row => row.Number).ToListAsync(cancellation)).Select(Read<T>).OfType<Entry<T>>()];

    /// <summary>The entries of one log of all jobs that are not archived, by job.</summary>
    public async Task<ILookup<string, T>> ReadAllAsync<T>(string log, CancellationToken cancellation = default) where T : class
    {
        var rows = await database.Records.AsNoTracking().Where(row => row.Log == log && database.Jobs.Any(job => job.Id == row.JobId && !job.Archived)).OrderBy(row => row.Number).ToListAsync(cancellation);
        return rows.Select(row => (row.JobId, Entry: Read<T>(row))).Where(pair => pair.Entry is not null).ToLookup(pair => pair.JobId, pair => pair.Entry!.What, StringComparer.Ordinal);
    }

    /// <summary>Number of the last entry of one log of each job that is not archived; jobs without one left out.</summary>
    public async Task<IReadOnlyDictionary<string, int>> LastsAsync(string log, CancellationToken cancellation = default) =>
        await database.Records.Where(row => row.Log == log && database.Jobs.Any(job => job.Id == row.JobId && !job.Archived)).GroupBy(row => row.JobId).ToDictionaryAsync(job => job.Key, job => job.Max(row => row.Number), cancellation);

    /// <summary>The entry that was added under a key; null: none was.</summary>
    public async Task<Entry<T>?> FindAsync<T>(string job, string key) where T : class =>
        await database.Records.AsNoTracking().SingleOrDefaultAsync(row => row.JobId == job && row.IdempotencyKey == key) is { } there ? Read<T>(there) : null;

    /// <summary>All entries of a job as they lie stored, up to a number; null: to the last.</summary>
    public async Task<IReadOnlyList<RecordRow>> RowsAsync(string job, int? upTo = null, CancellationToken cancellation = default) =>
        await database.Records.AsNoTracking().Where(row => row.JobId == job && (upTo == null || row.Number <= upTo)).OrderBy(row => row.Number).ToListAsync(cancellation);

    /// <summary>Whether an entry was added under a key.</summary>
    public Task<bool> HasAsync(string job, string key) => database.Records.AnyAsync(row => row.JobId == job && row.IdempotencyKey == key);

    /// <summary>Adds an entry; one that was added under its key already stays the one that it is.</summary>
    public async Task<Entry<T>> AddAsync<T>(string job, string log, NewEntry entry, T what) where T : class
    {
        folder.MustBeThere();
        await OneAtATime.WaitAsync();
        try
        {
            if (await database.Records.AsNoTracking().SingleOrDefaultAsync(row => row.JobId == job && row.IdempotencyKey == entry.Key) is { } there && Read<T>(there) is { } known) return known;
            var row = Row(job, log, await LastAsync(job) + 1, entry, what);
            database.Records.Add(row);
            await database.SaveChangesAsync();
            folder.MustBeThere();
            return Read<T>(row)!;
        }
        finally
        {
            OneAtATime.Release();
        }
    }

    /// <summary>Adds entries, all of them or none; what was added under its key already stays the one that it is.</summary>
    public async Task AddAllAsync<T>(string job, string log, IEnumerable<(NewEntry Entry, T What)> entries) where T : class
    {
        folder.MustBeThere();
        await OneAtATime.WaitAsync();
        try
        {
            var known = await database.Records.Where(row => row.JobId == job).Select(row => row.IdempotencyKey).ToHashSetAsync(StringComparer.Ordinal);
            var last = await LastAsync(job);
            database.Records.AddRange(entries.Where(one => known.Add(one.Entry.Key)).Select((one, i) => Row(job, log, last + 1 + i, one.Entry, one.What)).ToList());
            await database.SaveChangesAsync();
            folder.MustBeThere();
        }
        finally
        {
            OneAtATime.Release();
        }
    }

    private async Task<int> LastAsync(string job) => await database.Records.Where(row => row.JobId == job).MaxAsync(row => (int?)row.Number) ?? 0;

    private RecordRow Row<T>(string job, string log, int number, NewEntry entry, T what) => new()
    {
        JobId = job,
        Number = number,
        At = clock.GetLocalNow().ToString("o", CultureInfo.InvariantCulture),
        Who = entry.Who.Trim(),
        Client = entry.Client,
        Revision = entry.Revision,
        Log = log,
        Document = JsonSerializer.Serialize(what, JsonRules.Stored),
        IdempotencyKey = entry.Key,
    };

    private static Entry<T>? Read<T>(RecordRow row) where T : class => JsonReading.Read<T>(Encoding.UTF8.GetBytes(row.Document)).Value is { } what
        ? new Entry<T>(row.Number, DateTimeOffset.Parse(row.At, CultureInfo.InvariantCulture), row.Who, row.Client, row.Revision, what) : null;
}
