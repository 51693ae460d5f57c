using BurlyRidge.Core.Assessing;

namespace BurlyRidge.Core.Bench;

/// <summary>What a plan is on the bench: what to cut, from what, what goes on the ends, what covers it, and what else is needed.</summary>
/// <param name="WireCost">All wire that is bought; null where some of it has no price.</param>
public sealed record BenchView(
    IReadOnlyList<CutPiece> Pieces, IReadOnlyList<MakingOff> Endings, IReadOnlyList<ReelGroup> Reels, IReadOnlyList<Covering> Coverings, IReadOnlyList<PartNeeded> Parts,
    double WireMetres, decimal? WireCost, IReadOnlyList<WorkItem> Work, IReadOnlyList<CablePiece> Cables)
{
    /// <summary>How many parts there are, wire and what else comes by the metre apart.</summary>
    public int PartCount() => (int)Parts.Where(part => !part.Metres).Sum(part => part.Count);

    /// <summary>Lays an assessed rig out on the bench; pure and total.</summary>
    /// <param name="forSale">What wire is sold as, by the name of its size.</param>
    /// <param name="stock">Lengths of wire at hand; null: none.</param>
    /// <param name="minutes">Of the shop's task table; null: the usual ones.</param>
    public static BenchView Of(AssessedRig assessed, IReadOnlyDictionary<string, WireForSale> forSale, IReadOnlyList<Offcut>? stock = null, IReadOnlyDictionary<WorkTask, double>? minutes = null)
    {
        var cuts = CutList.Of(assessed);
        var cables = CablePiece.Of(assessed.Study.Wired, cuts.Pieces);
        var reels = ReelPlan.Of(CablePiece.OnReels(cuts.Pieces, cables), forSale, stock);
        var coverings = Covering.Of(assessed);
        return new BenchView(
            cuts.Pieces, cuts.Endings, reels, coverings, PartsNeeded.Of(assessed, cuts, coverings),
            reels.Sum(group => group.PieceMetres), reels.All(group => group.Cost is not null) ? reels.Sum(group => group.Cost) : null,
            WorkMinutes.Of(assessed, cuts, minutes), cables);
    }
}
