namespace BurlyRidge.Core.RunSheet;

/// <summary>Steps shared out between people who work at once.</summary>
public static class Hands
{
    /// <summary>Minutes until all steps are done by so many people: whoever is free takes the first step in their order that nothing holds up (list scheduling; Graham 1969, from memory).</summary>
    /// <param name="steps">Each after all that it depends on; those that are done left out.</param>
    /// <param name="people">1 or more.</param>
    public static double Minutes(IReadOnlyList<SheetStep> steps, int people)
    {
        var ends = new Dictionary<string, double>(StringComparer.Ordinal);
        var here = steps.Select(step => step.Id).ToHashSet(StringComparer.Ordinal);
        var left = steps.ToList();
        var free = new double[people];
        while (left.Count > 0)
        {
            var who = Array.IndexOf(free, free.Min());
            var at = free[who];
            double Ready(SheetStep step) => step.After.Where(here.Contains).Select(before => ends.GetValueOrDefault(before, double.PositiveInfinity)).DefaultIfEmpty(0).Max();
            var next = left.FirstOrDefault(step => Ready(step) <= at);
            if (next is null)
            {
                // Nothing can be begun yet: this one waits until the next step ends.
                free[who] = left.Select(Ready).Where(double.IsFinite).DefaultIfEmpty(free.Max()).Min();
                continue;
            }
            left.Remove(next);
            ends[next.Id] = free[who] = at + next.Minutes;
        }
        return ends.Count == 0 ? 0 : ends.Values.Max();
    }
}
