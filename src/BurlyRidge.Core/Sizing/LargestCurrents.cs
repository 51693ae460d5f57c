using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Sizing;

/// <summary>The most that an element carries in any state judged, and in which.</summary>
public sealed record DesignCurrent(double Amps, string State)
{
    /// <summary>Carries nothing.</summary>
    public static DesignCurrent None { get; } = new(0, "");
}

/// <summary>The most that each element carries over many states of a harness and of groups of it, and the lines that use it.</summary>
internal sealed class LargestCurrents
{
    /// <summary>Less than this is a trickle and makes no line use an element, A.</summary>
    private const double UsesAmps = 0.01;

    private readonly CompiledHarness whole;
    private readonly double[] amps;
    private readonly string?[] states;
    private readonly List<string>?[] users;
    private readonly Dictionary<CompiledHarness, int[]> places = [];

    /// <summary>Nothing taken yet of <paramref name="whole"/>.</summary>
    public LargestCurrents(CompiledHarness whole)
    {
        this.whole = whole;
        var count = whole.Circuit.Elements.Count;
        (amps, states, users) = (new double[count], new string?[count], new List<string>?[count]);
    }

    /// <summary>Takes what was solved; with <paramref name="line"/> as a state in which that line alone is on; all states of one line are taken one after the other.</summary>
    public void Take(SolvedHarness solved, string state, string? line)
    {
        var own = PlacesOf(solved.Harness);
        for (var i = 0; i < own.Length; i++)
        {
            var (place, now) = (own[i], Math.Abs(solved.Solution.State.Amps[i]));
            if (states[place] is null || now > amps[place]) (amps[place], states[place]) = (now, state);
            if (line is null || now < UsesAmps) continue;
            var list = users[place] ??= new List<string>(1);
            if (list.Count == 0 || list[^1] != line) list.Add(line);
        }
    }

    /// <summary>The most that an element carries.</summary>
    public DesignCurrent Of(string element) =>
        whole.Has(element) && whole.PlaceOf(element) is var place && states[place] is { } state ? new DesignCurrent(amps[place], state) : DesignCurrent.None;

    /// <summary>Ids of the lines that use an element.</summary>
    public IReadOnlyList<string> LinesOf(string element) => whole.Has(element) ? users[whole.PlaceOf(element)] ?? [] : [];

    /// <summary>Where the elements of a part stand in the whole.</summary>
    public int[] PlacesOf(CompiledHarness harness)
    {
        if (places.TryGetValue(harness, out var found)) return found;
        found = new int[harness.Circuit.Elements.Count];
        for (var i = 0; i < found.Length; i++) found[i] = whole.PlaceOf(harness.Circuit.Elements[i].Id);
        places.Add(harness, found);
        return found;
    }
}
