using System.Collections.Concurrent;
using BurlyRidge.Core.Assessing;

namespace BurlyRidge.Server.Jobs;

/// <summary>How the checks of each job's newest revision come out, remembered so that the Yard opens at once.</summary>
public sealed class Tallies
{
    private readonly ConcurrentDictionary<string, (int Revision, Tally Tally)> known = new(StringComparer.Ordinal);

    /// <summary>The tally of a job as it stands; it must be one that can be worked out.</summary>
    public Tally Of(StoredJob job)
    {
        if (known.TryGetValue(job.Row.Id, out var entry) && entry.Revision == job.Head.Number) return entry.Tally;
        var tally = Assessor.Assess(job.Workable).Tally;
        known[job.Row.Id] = (job.Head.Number, tally);
        return tally;
    }
}
