using System.Collections.Concurrent;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Server.Records;

namespace BurlyRidge.Server.RunSheets;

/// <summary>What other jobs learn from one: what its steps took, and what was found on its vehicle.</summary>
public sealed record SheetDigest(string Job, int Entries, IReadOnlyList<TimedStep> Timed, VehicleKind? Vehicle, IReadOnlyList<Finding> Findings);

/// <summary>Keeps what was read of each job's record until that grows.</summary>
public sealed class SheetDigests
{
    private readonly ConcurrentDictionary<string, SheetDigest> known = new(StringComparer.Ordinal);

    /// <summary>Of every job that is not archived.</summary>
    public async Task<IReadOnlyList<SheetDigest>> AllAsync(RecordStore records, CancellationToken cancellation)
    {
        var counts = await records.CountsAsync(SheetDesk.Log, cancellation);
        var digests = new List<SheetDigest>();
        foreach (var (job, entries) in counts)
        {
            if (!known.TryGetValue(job, out var digest) || digest.Entries != entries)
            {
                var record = SheetRecord.Of(SheetDesk.Logged(await records.ReadAsync<SheetEvent>(job, SheetDesk.Log, cancellation)));
                known[job] = digest = new SheetDigest(job, entries, [.. record.Timed(job)], record.Vehicle, record.Findings);
            }
            digests.Add(digest);
        }
        return digests;
    }
}
