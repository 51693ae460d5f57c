namespace BurlyRidge.Core.RunSheet;

/// <summary>Puts steps in an order in which each comes after all that it depends on.</summary>
public static class Order
{
    /// <summary>
    /// The steps, earliest stage first wherever what they depend on allows it, in the order given within a stage (Kahn, Communications of the ACM 5
    /// (1962) 558; with the smallest first). What depends on a step that is not there does not wait for it.
    /// </summary>
    /// <exception cref="InvalidOperationException">They depend on each other in a circle.</exception>
    public static IReadOnlyList<SheetStep> Of(IReadOnlyList<SheetStep> steps)
    {
        var at = steps.Select((step, i) => (step.Id, i)).ToDictionary(pair => pair.Id, pair => pair.i, StringComparer.Ordinal);
        var waits = steps.Select(step => step.After.Count(at.ContainsKey)).ToArray();
        var next = steps.SelectMany((step, i) => step.After.Where(at.ContainsKey).Select(before => (before, i))).ToLookup(pair => at[pair.before], pair => pair.i);
        var ready = new PriorityQueue<int, (Stage, int)>();
        for (var i = 0; i < steps.Count; i++)
            if (waits[i] == 0) ready.Enqueue(i, (steps[i].Stage, i));
        var done = new List<SheetStep>(steps.Count);
        while (ready.TryDequeue(out var i, out _))
        {
            done.Add(steps[i]);
            foreach (var other in next[i])
                if (--waits[other] == 0) ready.Enqueue(other, (steps[other].Stage, other));
        }
        return done.Count == steps.Count ? done : throw new InvalidOperationException(string.Join(", ", steps.Where(step => !done.Contains(step)).Select(step => step.Id)));
    }
}
