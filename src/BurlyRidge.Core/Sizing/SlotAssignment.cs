namespace BurlyRidge.Core.Sizing;

/// <summary>One line that wants an output.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Amps">What it draws, A.</param>
/// <param name="MetresFromFront">Where its lamps sit; null where nobody said.</param>
/// <param name="Today">The output that it is on; null where it has none.</param>
public sealed record SlotWish(string Id, double Amps, double? MetresFromFront, string? Today);

/// <summary>One output with its place on the panel.</summary>
/// <param name="Order">From the front of the vehicle, as slots are counted.</param>
public sealed record SlotPlace(string Id, double RatingAmps, int Order);

/// <summary>Which line goes to which output; null where none is left that carries it.</summary>
/// <param name="Outputs">By line id.</param>
/// <param name="OverRating">Rating in A that is left unused on the outputs taken.</param>
/// <param name="OutOfOrder">Pairs of lines whose slots stand against their order along the vehicle.</param>
/// <param name="Moved">Lines that change their output.</param>
public sealed record SlotPlan(IReadOnlyDictionary<string, string?> Outputs, double OverRating, int OutOfOrder, int Moved);

/// <summary>
/// Gives lines to outputs: as many as can be carried; then with the least rating wasted, so that big outputs are kept for big
/// loads; then front to back along the vehicle; then with the least change. Exact, over all subsets of the outputs.
/// </summary>
public static class SlotAssignment
{
    /// <summary>The most outputs that are weighed.</summary>
    public const int MaxOutputs = 14;

    /// <summary>The best plan; an output carries a line whose current is at most <paramref name="loadFraction"/> of its rating.</summary>
    /// <exception cref="ArgumentException">More outputs than <see cref="MaxOutputs"/>.</exception>
    public static SlotPlan Best(IReadOnlyList<SlotWish> wishes, IReadOnlyList<SlotPlace> places, double loadFraction)
    {
        if (places.Count > MaxOutputs) throw new ArgumentException($"Up to {MaxOutputs} outputs.", nameof(places));
        var lines = wishes.OrderBy(wish => wish.MetresFromFront ?? double.PositiveInfinity).ThenBy(wish => wish.Id, StringComparer.Ordinal).ToList();
        var outputs = places.OrderBy(place => place.Order).ThenBy(place => place.Id, StringComparer.Ordinal).ToList();
        var full = 1 << outputs.Count;
        // By subset of outputs taken: the best cost, and for each line what led there. Lines without a place take none.
        var best = new Cost?[full];
        best[0] = new Cost(0, 0, 0, 0);
        var placed = new int[full];
        var came = new (int Before, int Output)[lines.Count, full];
        for (var i = 0; i < lines.Count; i++)
        {
            var line = lines[i];
            var next = new Cost?[full];
            var placedNext = new int[full];
            for (var taken = 0; taken < full; taken++)
            {
                if (best[taken] is not { } here) continue;
                Offer(taken, taken, -1, here with { Unplaced = here.Unplaced + 1 }, placed[taken]);
                for (var o = 0; o < outputs.Count; o++)
                {
                    var bit = 1 << o;
                    if ((taken & bit) != 0 || !Limits.AtLeast(loadFraction * outputs[o].RatingAmps, line.Amps)) continue;
                    var later = line.MetresFromFront is null ? 0 : System.Numerics.BitOperations.PopCount((uint)(placed[taken] >> (o + 1)));
                    Offer(taken | bit, taken, o, new Cost(
                        here.Unplaced,
                        here.Waste + outputs[o].RatingAmps - line.Amps,
                        here.OutOfOrder + later,
                        here.Moved + (outputs[o].Id == line.Today ? 0 : 1)), line.MetresFromFront is null ? placed[taken] : placed[taken] | bit);
                }
            }
            best = next;
            placed = placedNext;

            void Offer(int to, int from, int output, Cost cost, int known)
            {
                if (next[to] is { } other && cost.CompareTo(other) >= 0) return;
                next[to] = cost;
                placedNext[to] = known;
                came[i, to] = (from, output);
            }
        }
        var end = Enumerable.Range(0, full).Where(taken => best[taken] is not null).MinBy(taken => best[taken]!.Value);
        var chosen = new Dictionary<string, string?>(StringComparer.Ordinal);
        var cost = best[end]!.Value;
        for (var i = lines.Count - 1; i >= 0; i--)
        {
            var (before, output) = came[i, end];
            chosen[lines[i].Id] = output < 0 ? null : outputs[output].Id;
            end = before;
        }
        return new SlotPlan(chosen, cost.Waste, cost.OutOfOrder, cost.Moved);
    }

    private readonly record struct Cost(int Unplaced, double Waste, int OutOfOrder, int Moved) : IComparable<Cost>
    {
        private const double SameAmps = 1e-9;

        public int CompareTo(Cost other)
        {
            if (Unplaced != other.Unplaced) return Unplaced.CompareTo(other.Unplaced);
            if (Math.Abs(Waste - other.Waste) > SameAmps) return Waste.CompareTo(other.Waste);
            return OutOfOrder != other.OutOfOrder ? OutOfOrder.CompareTo(other.OutOfOrder) : Moved.CompareTo(other.Moved);
        }
    }
}
