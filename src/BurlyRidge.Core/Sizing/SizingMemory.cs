using System.Collections.Concurrent;
using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Sizing;

/// <summary>
/// Remembers what lines planned in short were sized to: what is asked of one is all that its sizes follow from, and an edit
/// changes one line of many.
/// </summary>
public static class SizingMemory
{
    /// <summary>More than this is forgotten all at once.</summary>
    private const int Most = 4_000;

    private static readonly ConcurrentDictionary<(Demand Demand, WireSize? Chosen), LineSizing> Known = new();

    /// <summary>As <see cref="LineSizer.Size(Demand, WireSize?)"/>.</summary>
    public static LineSizing Size(Demand demand, WireSize? chosenWire)
    {
        if (Known.TryGetValue((demand, chosenWire), out var sizing)) return sizing;
        if (Known.Count >= Most) Forget();
        return Known[(demand, chosenWire)] = LineSizer.Size(demand, chosenWire);
    }

    /// <summary>Forgets everything.</summary>
    public static void Forget() => Known.Clear();
}
