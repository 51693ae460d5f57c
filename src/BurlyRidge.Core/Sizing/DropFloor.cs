using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>
/// Sizes for the drop of one piece of a rig: areas in proportion to the root of the current, which is what loses a given
/// voltage over the least copper. Each choice is solved once, whichever of its lines is judged by it.
/// </summary>
internal sealed class DropFloor
{
    private const double MinAmps = 0.01;

    /// <summary>A wire with less of the largest current serves a coil or an input, and no lamp.</summary>
    private const double ControlFraction = 0.05;

    /// <summary>A size that gains less of what is missing than this is copper for nothing (house rule).</summary>
    private const double WorthwhileFraction = 0.1;

    private readonly IReadOnlyList<WireSize> gauges;
    private readonly IReadOnlyDictionary<string, int> needed;
    private readonly Func<string, int>? most;
    private readonly Rig slice;
    private readonly RigState on;
    private readonly List<(string Id, double Amps)> runs;
    private readonly double largest;
    private readonly string main;
    private readonly Dictionary<int, Choice> choices = [];

    /// <param name="gauges">Thinnest first.</param>
    /// <param name="needed">The least each run has to have for other reasons, by its place among the gauges.</param>
    /// <param name="most">The most that a run gets for the drop's sake, by its place among the gauges; null: as much as it takes.</param>
    /// <param name="slice">The piece, sized as far as that is known.</param>
    /// <param name="free">Its runs that may be sized.</param>
    /// <param name="on">The state that the drop is judged in.</param>
    /// <param name="thick">That on the thickest wires, engine off.</param>
    public DropFloor(IReadOnlyList<WireSize> gauges, IReadOnlyDictionary<string, int> needed, Func<string, int>? most, Rig slice, IEnumerable<Run> free, RigState on, SolvedHarness thick)
    {
        (this.gauges, this.needed, this.most, this.slice, this.on) = (gauges, needed, most, slice, on);
        var all = free.Select(run => (run.Id, Amps: Math.Abs(thick.Amps(run.Id)), run.LengthMetres)).ToList();
        largest = all.Select(run => run.Amps).DefaultIfEmpty(0).Max();
        main = all.OrderByDescending(run => run.Amps * run.LengthMetres).Select(run => run.Id).FirstOrDefault() ?? "";
        runs = [.. all.Where(run => run.Amps > Math.Max(MinAmps, ControlFraction * largest)).Select(run => (run.Id, run.Amps))];
    }

    /// <summary>Whether there is nothing in it to size.</summary>
    public bool Idle => runs.Count == 0;

    /// <summary>
    /// The sizes for a line: the thinnest that keep its drop; where the most that runs get is bounded, no further than where
    /// the next size still gains a worthwhile part of what is missing.
    /// </summary>
    public (IReadOnlyDictionary<string, int> Sizes, LineDrop Drop) For(LineStudy line)
    {
        var gauge = most is null ? Least(line) : Worthwhile(line);
        return (At(gauge).Sizes, Drop(gauge, line));
    }

    /// <summary>The thinnest sizes on which no lamp goes so dim that it is a Stop, however much copper that takes; null where there are none.</summary>
    public IReadOnlyDictionary<string, int>? BrightEnough(LineStudy line) =>
        Enumerable.Range(0, gauges.Count).Where(gauge => Drop(gauge, line).Dim <= 0).Select(gauge => At(gauge).Sizes).FirstOrDefault();

    private int Least(LineStudy line)
    {
        var (fails, holds) = (-1, gauges.Count - 1);
        while (holds - fails > 1)
        {
            var middle = (holds + fails) / 2;
            if (Drop(middle, line).HoldsAlike) holds = middle;
            else fails = middle;
        }
        return holds;
    }

    private int Worthwhile(LineStudy line)
    {
        var at = 0;
        var drop = Drop(at, line);
        for (var next = 1; next < gauges.Count && !drop.HoldsAlike; next++)
        {
            if (Same(At(at), At(next))) continue;
            var better = Drop(next, line);
            // Where only a short wire got thicker the step says nothing.
            if (drop.Fraction < 1 && At(at).Sizes[main] != At(next).Sizes[main] && drop.Lacking - better.Lacking < WorthwhileFraction * drop.Lacking) break;
            (at, drop) = (next, better);
        }
        return at;
    }

    private static bool Same(Choice one, Choice other) => one.Sizes.All(pair => other.Sizes[pair.Key] == pair.Value);

    private LineDrop Drop(int gauge, LineStudy line)
    {
        var choice = At(gauge);
        choice.Solved ??= LineStudy.In(choice.Resized, on);
        return LineStudy.WorstDrop(choice.Resized, line.Trigger, choice.Solved);
    }

    /// <summary>All runs where the one with the most current has that gauge.</summary>
    private Choice At(int gauge) => choices.TryGetValue(gauge, out var known) ? known : choices[gauge] = Sized(gauge);

    private Choice Sized(int gauge)
    {
        var sizes = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var (id, amps) in runs)
        {
            var area = gauges[gauge].CopperSquareMillimetres * Math.Sqrt(amps / largest) * (1 - 1e-9);
            var own = gauges.TakeWhile(wire => wire.CopperSquareMillimetres < area).Count();
            sizes[id] = Math.Max(needed[id], most is null ? own : Math.Min(own, most(id)));
        }
        return new Choice(sizes, slice with { Runs = [.. slice.Runs.Select(run => sizes.TryGetValue(run.Id, out var own) ? run with { Wire = gauges[own].Name } : run)] });
    }

    /// <summary>One way to size the piece.</summary>
    private sealed record Choice(IReadOnlyDictionary<string, int> Sizes, Rig Resized)
    {
        /// <summary>What flows then; null until somebody asked.</summary>
        public SolvedHarness? Solved { get; set; }
    }
}
