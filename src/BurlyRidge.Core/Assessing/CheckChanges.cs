using BurlyRidge.Core.Checks;

namespace BurlyRidge.Core.Assessing;

/// <summary>One judgement that comes out otherwise.</summary>
/// <param name="From">Null where it was not told before.</param>
/// <param name="To">Null where it is not told any more.</param>
public sealed record CheckChange(string Id, string Title, string About, string? LineId, Verdict? From, Verdict? To, string Reason);

/// <summary>What becomes of the checks from one rig to another.</summary>
/// <param name="Before">How they came out.</param>
/// <param name="After">How they come out.</param>
/// <param name="Changed">Those that come out otherwise, the worse ones first.</param>
public sealed record CheckChanges(Tally Before, Tally After, IReadOnlyList<CheckChange> Changed)
{
    /// <summary>Compares two assessments check by check; one that holds and is no longer told, or is told for the first time, is no change.</summary>
    public static CheckChanges Of(Assessment before, Assessment after)
    {
        var (old, now) = (ByKey(before), ByKey(after));
        var changed = old.Keys.Union(now.Keys)
            .Select(key => (Old: old.GetValueOrDefault(key), Now: now.GetValueOrDefault(key)))
            .Where(pair => (pair.Old?.Verdict ?? Verdict.Holds) != (pair.Now?.Verdict ?? Verdict.Holds))
            .Select(pair => (pair.Now ?? pair.Old)! is var check
                ? new CheckChange(check.Id, check.Title, check.About, check.LineId, pair.Old?.Verdict, pair.Now?.Verdict, check.Reason) : null!)
            .OrderByDescending(change => change.To ?? Verdict.Holds).ThenBy(change => change.Id, StringComparer.Ordinal).ThenBy(change => change.About, StringComparer.Ordinal);
        return new CheckChanges(before.Tally, after.Tally, [.. changed]);
    }

    private static Dictionary<(string, string, string?), Check> ByKey(Assessment assessment) => assessment.Lines.SelectMany(line => line.Checks).Concat(assessment.Checks)
        .GroupBy(check => (check.Id, check.About, check.LineId)).ToDictionary(group => group.Key, group => group.MaxBy(check => check.Verdict)!);
}
