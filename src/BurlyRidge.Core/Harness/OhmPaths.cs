namespace BurlyRidge.Core.Harness;

/// <summary>The least resistance from some terminals to all others, over what conducts.</summary>
public sealed class OhmPaths
{
    private readonly WiringMap map;
    private readonly Dictionary<int, (double Ohms, Link? Through)> reached = [];

    private OhmPaths(WiringMap map) => this.map = map;

    /// <summary>Terminals that are reached.</summary>
    public bool Reaches(string terminal) => reached.ContainsKey(map.NumberOf(terminal));

    /// <summary>Resistance to a terminal, Ω; positive infinity where none leads there.</summary>
    public double Ohms(string terminal) => Ohms(map.NumberOf(terminal));

    /// <summary>Links from a terminal back to where the way starts.</summary>
    public IEnumerable<Link> Back(string terminal)
    {
        var number = map.NumberOf(terminal);
        while (reached.TryGetValue(number, out var found) && found.Through is { } link)
        {
            yield return link;
            number = link.Beyond(number);
        }
    }

    /// <summary>From <paramref name="starts"/>, each with what lies before it, over links and into terminals, by number, that are allowed.</summary>
    internal static OhmPaths From(
        WiringMap map, IEnumerable<(string Terminal, double Ohms)> starts, Func<Link, double> ohms, Func<Link, bool> over, Func<int, bool> into)
    {
        var paths = new OhmPaths(map);
        var open = new PriorityQueue<int, double>();
        foreach (var (terminal, before) in starts)
        {
            if (map.NumberOf(terminal) is not (>= 0 and var number) || before >= paths.Ohms(number)) continue;
            paths.reached[number] = (before, null);
            open.Enqueue(number, before);
        }
        while (open.TryDequeue(out var here, out var sum))
        {
            if (sum > paths.Ohms(here)) continue;
            foreach (var link in map.At(here))
            {
                if (!link.Conducts || !over(link)) continue;
                var next = link.Beyond(here);
                var then = sum + ohms(link);
                if (then >= paths.Ohms(next) || !into(next)) continue;
                paths.reached[next] = (then, link);
                open.Enqueue(next, then);
            }
        }
        return paths;
    }

    private double Ohms(int number) => reached.TryGetValue(number, out var found) ? found.Ohms : double.PositiveInfinity;
}
