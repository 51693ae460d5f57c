namespace BurlyRidge.Core.RunSheet;

/// <summary>Steps shared out between people who work at once.</summary>
public static class Hands
{
    /// <summary>Minutes until all steps are done by so many people: whoever is free takes the first step in their order that nothing holds up (list scheduling; Graham 1969, from memory).</summary>
    /// <param name="steps">Each after all that it depends on; those that are done left out.</param>
    /// <param name="people">1 or more.</param>
    public static double Minutes(IReadOnlyList<SheetStep> steps, int people)
    {
        var at = steps.Select((step, i) => (step.Id, i)).ToDictionary(pair => pair.Id, pair => pair.i, StringComparer.Ordinal);
        var before = steps.Select(step => step.After.Where(at.ContainsKey).Select(id => at[id]).Distinct().ToList()).ToList();
        var after = before.SelectMany((all, i) => all.Select(other => (other, i))).ToLookup(pair => pair.other, pair => pair.i);
        var (open, ends) = (before.Select(all => all.Count).ToArray(), new double[steps.Count]);
        var free = new PriorityQueue<int, double>(Enumerable.Range(0, people).Select(who => (who, 0.0)));
        var (ready, later) = (new PriorityQueue<int, int>(), new PriorityQueue<int, double>());
        for (var i = 0; i < steps.Count; i++)
            if (open[i] == 0) ready.Enqueue(i, i);
        while (ready.Count + later.Count > 0 && free.TryDequeue(out var who, out var now))
        {
            while (later.TryPeek(out var held, out var from) && from <= now) ready.Enqueue(later.Dequeue(), held);
            if (!ready.TryDequeue(out var next, out _))
            {
                // Nothing can be begun yet: this one waits until the next can.
                later.TryPeek(out _, out var from);
                free.Enqueue(who, from);
                continue;
            }
            ends[next] = now + steps[next].Minutes;
            free.Enqueue(who, ends[next]);
            foreach (var other in after[next])
                if (--open[other] == 0) later.Enqueue(other, before[other].Max(one => ends[one]));
        }
        return ends.DefaultIfEmpty(0).Max();
    }
}
