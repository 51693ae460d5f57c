namespace BurlyRidge.Core.Harness;

/// <summary>Terminals that one is joined to through contacts that can all be closed at once, the nearest first.</summary>
/// <param name="map">The wiring.</param>
/// <param name="start">Terminal, by number.</param>
/// <param name="over">Whether a conducting link is gone over, into the terminal of that number.</param>
internal sealed class ContactWalk(WiringMap map, int start, Func<Link, int, bool> over)
{
    private const int MaxSteps = 20_000;

    /// <summary>Whether there was more than is looked at; known once the visits are over.</summary>
    public bool GaveUp { get; private set; }

    /// <summary>Each terminal with what has to stand how for the way to it.</summary>
    public IEnumerable<(int At, ContactChoices Choices)> Visits()
    {
        var met = new HashSet<(int, string)> { (start, ContactChoices.None.Key) };
        var open = new Queue<(int At, ContactChoices Choices)>([(start, ContactChoices.None)]);
        while (open.TryDequeue(out var now))
        {
            if (met.Count > MaxSteps)
            {
                GaveUp = true;
                yield break;
            }
            yield return now;
            foreach (var link in map.At(now.At))
            {
                var next = link.Beyond(now.At);
                if (!link.Conducts || !over(link, next) || now.Choices.With(link) is not { } choices) continue;
                if (met.Add((next, choices.Key))) open.Enqueue((next, choices));
            }
        }
    }
}
