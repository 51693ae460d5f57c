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

    private readonly IReadOnlyList<WireSize> gauges;
    private readonly IReadOnlyDictionary<string, int> needed;
    private readonly Rig slice;
    private readonly List<(string Id, double Amps)> runs;
    private readonly double most;
    private readonly Dictionary<int, Choice> choices = [];

    /// <param name="gauges">Thinnest first.</param>
    /// <param name="needed">The least each run has to have for other reasons, by its place among the gauges.</param>
    /// <param name="slice">The piece, sized as far as that is known.</param>
    /// <param name="free">Its runs that may be sized.</param>
    /// <param name="thick">Its lines by themselves on the thickest wires, engine off.</param>
    public DropFloor(IReadOnlyList<WireSize> gauges, IReadOnlyDictionary<string, int> needed, Rig slice, IEnumerable<Run> free, SolvedHarness thick)
    {
        (this.gauges, this.needed, this.slice) = (gauges, needed, slice);
        runs = [.. free.Select(run => (run.Id, Amps: Math.Abs(thick.Amps(run.Id)))).Where(run => run.Amps > MinAmps)];
        most = runs.Select(run => run.Amps).DefaultIfEmpty(0).Max();
    }

    /// <summary>Whether there is nothing in it to size.</summary>
    public bool Idle => runs.Count == 0;

    /// <summary>Whether a line keeps its drop where the run with the most current has that gauge.</summary>
    public bool Holds(int gauge, LineStudy line)
    {
        var choice = At(gauge);
        choice.Solved ??= LineStudy.Alone(choice.Resized, line.Trigger);
        var (drop, spread) = LineStudy.WorstDrop(choice.Resized, line.Trigger, choice.Solved);
        return line.Limits.DropHolds(drop) && spread <= Limits.ChainSpreadFraction;
    }

    /// <summary>All runs where the one with the most current has that gauge.</summary>
    public Choice At(int gauge) => choices.TryGetValue(gauge, out var known) ? known : choices[gauge] = Sized(gauge);

    private Choice Sized(int gauge)
    {
        var sizes = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var (id, amps) in runs)
        {
            var area = gauges[gauge].CopperSquareMillimetres * Math.Sqrt(amps / most) * (1 - 1e-9);
            var own = gauges.TakeWhile(wire => wire.CopperSquareMillimetres < area).Count();
            sizes[id] = Math.Max(needed[id], own);
        }
        return new Choice(sizes, slice with { Runs = [.. slice.Runs.Select(run => sizes.TryGetValue(run.Id, out var own) ? run with { Wire = gauges[own].Name } : run)] });
    }

    /// <summary>One way to size the piece.</summary>
    internal sealed record Choice(IReadOnlyDictionary<string, int> Sizes, Rig Resized)
    {
        /// <summary>What flows then; null until somebody asked.</summary>
        public SolvedHarness? Solved { get; set; }
    }
}
