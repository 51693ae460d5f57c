namespace BurlyRidge.Server.Jobs;

/// <summary>Which revisions of a job go in time: the last ones stay whole, then one an hour for a week, then one a day.</summary>
public static class Thinning
{
    /// <summary>So many of the last revisions all stay; undo goes back through them, and a repeated save finds its own.</summary>
    public const int Whole = 200;

    /// <summary>It is looked at each so many revisions.</summary>
    public const int Every = 50;

    private static readonly TimeSpan Hourly = TimeSpan.FromDays(7);

    /// <summary>Numbers of those that go, of revisions older than the last ones, oldest first: the last of each span stays.</summary>
    public static IReadOnlyList<int> Gone(IReadOnlyList<(int Number, DateTime SavedAt)> old, DateTime now)
    {
        long Span(DateTime saved) => now - saved < Hourly ? saved.Ticks / TimeSpan.TicksPerHour : -(saved.Ticks / TimeSpan.TicksPerDay);
        return [.. old.GroupBy(revision => Span(revision.SavedAt)).SelectMany(span => span.OrderBy(revision => revision.Number).SkipLast(1)).Select(revision => revision.Number).Order()];
    }
}
