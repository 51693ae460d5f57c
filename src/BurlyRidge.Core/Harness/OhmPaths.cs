namespace BurlyRidge.Core.Harness;

/// <summary>The least resistance from some terminals to all others, over what conducts.</summary>
public sealed class OhmPaths
{
    private readonly Dictionary<string, (double Ohms, Link? Through)> reached = new(StringComparer.Ordinal);

    private OhmPaths() { }

    /// <summary>Terminals that are reached.</summary>
    public bool Reaches(string terminal) => reached.ContainsKey(terminal);

    /// <summary>Resistance to a terminal, Ω; positive infinity where none leads there.</summary>
    public double Ohms(string terminal) => reached.TryGetValue(terminal, out var found) ? found.Ohms : double.PositiveInfinity;

    /// <summary>Links from a terminal back to where the way starts.</summary>
    public IEnumerable<Link> Back(string terminal)
    {
        while (reached.TryGetValue(terminal, out var found) && found.Through is { } link)
        {
            yield return link;
            terminal = WiringMap.Other(link, terminal);
        }
    }

    /// <summary>From <paramref name="starts"/>, each with what lies before it, over links and terminals that are allowed.</summary>
    public static OhmPaths From(
        WiringMap map, IEnumerable<(string Terminal, double Ohms)> starts, Func<Link, double> ohms, Func<Link, bool> over, Func<string, bool> into)
    {
        var paths = new OhmPaths();
        var open = new PriorityQueue<string, double>();
        foreach (var (terminal, before) in starts)
        {
            if (before >= paths.Ohms(terminal)) continue;
            paths.reached[terminal] = (before, null);
            open.Enqueue(terminal, before);
        }
        while (open.TryDequeue(out var here, out var sum))
        {
            if (sum > paths.Ohms(here)) continue;
            foreach (var link in map.At(here))
            {
                if (!link.Conducts || !over(link)) continue;
                var next = WiringMap.Other(link, here);
                var then = sum + ohms(link);
                if (then >= paths.Ohms(next) || !into(next)) continue;
                paths.reached[next] = (then, link);
                open.Enqueue(next, then);
            }
        }
        return paths;
    }
}
