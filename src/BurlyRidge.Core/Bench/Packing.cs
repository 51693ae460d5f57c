namespace BurlyRidge.Core.Bench;

/// <summary>Pieces cut from lengths of wire.</summary>
/// <param name="Lengths">What is cut from each length, by the places of the pieces; offcuts first, in their order, then reels.</param>
/// <param name="Reels">How many of the lengths are reels that are bought.</param>
/// <param name="LeastReels">Fewer reels than that cannot do: what is proved. The packing is the best where it is as many as <paramref name="Reels"/>.</param>
public sealed record Packing(IReadOnlyList<CutLength> Lengths, int Reels, int LeastReels);

/// <summary>One length of wire, and what is cut from it.</summary>
/// <param name="Offcut">The place of the offcut that it is; null: a whole reel.</param>
/// <param name="Millimetres">As it comes off the shelf, mm.</param>
/// <param name="Pieces">Places of the pieces that are cut from it.</param>
/// <param name="LeftMillimetres">What is left of it, mm.</param>
public sealed record CutLength(int? Offcut, int Millimetres, IReadOnlyList<int> Pieces, int LeftMillimetres);

/// <summary>
/// Cuts pieces from as few reels as can be: one-dimensional bin packing. Offcuts are filled first, best fit; up to
/// <see cref="ExactUpTo"/> pieces on reels are packed exactly, more by the better of first and best fit decreasing and a search
/// of so many steps, never worse than first fit decreasing.
/// </summary>
public static class ReelPacking
{
    /// <summary>So many pieces on one kind of reel are packed exactly.</summary>
    public const int ExactUpTo = 12;

    private const int SearchLooks = 2_000_000;

    /// <summary>Packs pieces, mm each.</summary>
    /// <param name="pieces">Above 0, mm.</param>
    /// <param name="reel">Length of a reel, mm.</param>
    /// <param name="offcuts">Lengths at hand, mm.</param>
    /// <exception cref="ArgumentException">A piece that is no length, or longer than a reel and every offcut.</exception>
    public static Packing Pack(IReadOnlyList<int> pieces, int reel, IReadOnlyList<int>? offcuts = null)
    {
        offcuts ??= [];
        if (pieces.Any(piece => piece <= 0)) throw new ArgumentException("A piece is longer than nothing.", nameof(pieces));
        var byLength = Enumerable.Range(0, pieces.Count).OrderByDescending(i => pieces[i]).ThenBy(i => i).ToList();
        var room = offcuts.ToArray();
        var cut = offcuts.Select(_ => new List<int>()).ToList();
        var rest = new List<int>();
        foreach (var piece in byLength)
        {
            var best = Enumerable.Range(0, room.Length).Where(i => room[i] >= pieces[piece]).OrderBy(i => room[i]).Select(i => (int?)i).FirstOrDefault();
            if (best is not { } at)
            {
                if (pieces[piece] > reel) throw new ArgumentException("A piece is longer than a reel.", nameof(pieces));
                rest.Add(piece);
                continue;
            }
            room[at] -= pieces[piece];
            cut[at].Add(piece);
        }
        var sizes = rest.Select(piece => pieces[piece]).ToList();
        var (bins, least) = rest.Count <= ExactUpTo ? Exact(sizes, reel) : Searched(sizes, reel);
        return new Packing(
        [
            .. cut.Select((those, i) => new CutLength(i, offcuts[i], those, room[i])).Where(length => length.Pieces.Count > 0),
            .. bins.Select(bin => new CutLength(null, reel, [.. bin.Select(i => rest[i])], reel - bin.Sum(i => sizes[i]))),
        ], bins.Count, least);
    }

    /// <summary>Every subset once: the fewest reels for it, and of those the one whose last reel is least used.</summary>
    private static (List<List<int>> Bins, int Least) Exact(List<int> sizes, int reel)
    {
        if (sizes.Count == 0) return ([], 0);
        var all = 1 << sizes.Count;
        var best = new (int Bins, int Used)[all];
        var last = new int[all];
        for (var set = 1; set < all; set++)
        {
            best[set] = (int.MaxValue, 0);
            for (var i = 0; i < sizes.Count; i++)
            {
                if ((set & (1 << i)) == 0) continue;
                var (bins, used) = best[set & ~(1 << i)];
                var next = bins > 0 && used + sizes[i] <= reel ? (bins, used + sizes[i]) : (bins + 1, sizes[i]);
                if (next.CompareTo(best[set]) >= 0) continue;
                best[set] = next;
                last[set] = i;
            }
        }
        var packed = new List<List<int>>();
        var bin = new List<int>();
        for (var set = all - 1; set > 0;)
        {
            var before = set & ~(1 << last[set]);
            bin.Add(last[set]);
            if (best[set].Bins > best[before].Bins)
            {
                packed.Add(bin);
                bin = [];
            }
            set = before;
        }
        return (packed, packed.Count);
    }

    private static (List<List<int>> Bins, int Least) Searched(List<int> sizes, int reel)
    {
        var least = LowerBound(sizes, reel);
        var (first, fit) = (Decreasing(sizes, reel, bestFit: false), Decreasing(sizes, reel, bestFit: true));
        var best = fit.Count < first.Count ? fit : first;
        if (best.Count > least) best = new Search(sizes, reel, best, least).Run();
        return (best, least);
    }

    /// <summary>Longest first, into the first length that it goes in, or the one that it fills best.</summary>
    private static List<List<int>> Decreasing(List<int> sizes, int reel, bool bestFit)
    {
        var (bins, room) = (new List<List<int>>(), new List<int>());
        for (var i = 0; i < sizes.Count; i++)
        {
            var fits = Enumerable.Range(0, bins.Count).Where(bin => room[bin] >= sizes[i]);
            var at = (bestFit ? fits.OrderBy(bin => room[bin]) : fits).Select(bin => (int?)bin).FirstOrDefault();
            if (at is not { } bin)
            {
                bins.Add([i]);
                room.Add(reel - sizes[i]);
                continue;
            }
            bins[bin].Add(i);
            room[bin] -= sizes[i];
        }
        return bins;
    }

    /// <summary>
    /// Fewer reels than that cannot do (bound L2; Martello and Toth, Knapsack Problems, 1990, chapter 8; from memory): pieces that
    /// cannot lie together take a reel each, and the rest fills what those leave.
    /// </summary>
    public static int LowerBound(IReadOnlyList<int> sizes, int reel)
    {
        var least = (int)Math.Ceiling(sizes.Sum(size => (double)size) / reel);
        foreach (var small in sizes.Where(size => size <= reel / 2).Append(0).Distinct())
        {
            var whole = sizes.Count(size => size > reel - small);
            var half = sizes.Where(size => size <= reel - small && size > reel / 2).ToList();
            var rest = sizes.Where(size => size <= reel / 2 && size >= small).Sum(size => (double)size);
            var beside = half.Count * (double)reel - half.Sum(size => (double)size);
            least = Math.Max(least, whole + half.Count + Math.Max(0, (int)Math.Ceiling((rest - beside) / reel)));
        }
        return least;
    }

    /// <summary>Depth first, longest piece first, each into every length that differs in its room; ends at the bound or after so many looks into a length.</summary>
    private sealed class Search(List<int> sizes, int reel, List<List<int>> best, int least)
    {
        private readonly List<List<int>> bins = [];
        private readonly List<int> room = [];
        private int looks;

        public List<List<int>> Run()
        {
            Place(0);
            return best;
        }

        private void Place(int piece)
        {
            if (best.Count <= least || looks >= SearchLooks || bins.Count >= best.Count) return;
            looks += 1 + bins.Count;
            if (piece == sizes.Count)
            {
                best = [.. bins.Select(bin => bin.ToList())];
                return;
            }
            var tried = new HashSet<int>();
            for (var bin = 0; bin < bins.Count; bin++)
            {
                if (room[bin] < sizes[piece] || !tried.Add(room[bin])) continue;
                bins[bin].Add(piece);
                room[bin] -= sizes[piece];
                Place(piece + 1);
                room[bin] += sizes[piece];
                bins[bin].RemoveAt(bins[bin].Count - 1);
            }
            if (bins.Count + 1 >= best.Count) return;
            bins.Add([piece]);
            room.Add(reel - sizes[piece]);
            Place(piece + 1);
            bins.RemoveAt(bins.Count - 1);
            room.RemoveAt(room.Count - 1);
        }
    }
}
