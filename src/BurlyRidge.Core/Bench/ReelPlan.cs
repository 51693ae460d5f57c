namespace BurlyRidge.Core.Bench;

/// <summary>Wire of one size and colour as it is sold.</summary>
/// <param name="PerMetre">What a metre costs off the drum, in the shop's money; null: not sold by the metre.</param>
/// <param name="Reels">Whole reels.</param>
public sealed record WireForSale(decimal? PerMetre, IReadOnlyList<ReelForSale> Reels);

/// <summary>A whole reel.</summary>
public sealed record ReelForSale(double Metres, decimal Price);

/// <summary>A length of wire at hand.</summary>
/// <param name="Wire">Size, by name.</param>
public sealed record Offcut(string Wire, string Colour, double Metres);

/// <summary>All pieces of one size, colour and insulation, and the lengths that they are cut from.</summary>
/// <param name="PieceMetres">All pieces together, m.</param>
/// <param name="ReelMetres">Length of the reels that are bought, m; null: bought by the metre, or not at all.</param>
/// <param name="BoughtMetres">What is bought, m.</param>
/// <param name="Cost">What that costs; null: not for sale in the catalogue.</param>
/// <param name="LeftMetres">What is left over of it all, m.</param>
/// <param name="Trouble">What keeps it from being cut; empty where nothing does.</param>
public sealed record ReelGroup(
    string Wire, string Colour, int InsulationCelsius, IReadOnlyList<string> Pieces, double PieceMetres, IReadOnlyList<ReelCut> Cuts,
    double? ReelMetres, int Reels, int LeastReels, double BoughtMetres, decimal? Cost, double LeftMetres, string Trouble)
{
    /// <summary>As one asks for it.</summary>
    public string Name => BenchWords.FormatWireOf(Wire, Colour.Length > 0 ? Colour : BenchWords.AnyColour, Format.Celsius(InsulationCelsius));

    /// <summary>What prices, stock and orders know it by, from job to job.</summary>
    public string Item => PartNeeded.ItemOf(Name);
}

/// <summary>What is cut from one length.</summary>
/// <param name="IsOffcut">Whether it was at hand.</param>
public sealed record ReelCut(bool IsOffcut, double Metres, IReadOnlyList<string> Pieces, double LeftMetres);

/// <summary>Lengths packed on offcuts and reels, and what to buy: whole reels or by the metre, whichever is cheaper.</summary>
public static class ReelPlan
{
    /// <summary>Plans the reels of a cut list.</summary>
    /// <param name="forSale">What is sold of a size, by its name; a size that is not in it has no price.</param>
    /// <param name="stock">Lengths at hand; null: none.</param>
    public static IReadOnlyList<ReelGroup> Of(IReadOnlyList<CutPiece> pieces, IReadOnlyDictionary<string, WireForSale> forSale, IReadOnlyList<Offcut>? stock = null) =>
    [
        .. pieces.GroupBy(piece => (piece.Wire, piece.Colour, piece.InsulationCelsius)).Select(group =>
            Group(group.Key.Wire, group.Key.Colour, group.Key.InsulationCelsius, [.. group], forSale.GetValueOrDefault(group.Key.Wire),
                [.. (stock ?? []).Where(offcut => offcut.Wire == group.Key.Wire && offcut.Colour == group.Key.Colour).Select(offcut => Whole(offcut.Metres))])),
    ];

    private static ReelGroup Group(string wire, string colour, int celsius, IReadOnlyList<CutPiece> pieces, WireForSale? sale, IReadOnlyList<int> offcuts)
    {
        var lengths = pieces.Select(piece => Whole(piece.CutMetres)).ToList();
        var all = lengths.Sum(length => (long)length) / 1000.0;
        ReelGroup With(Packing? packing, double? reel, double bought, decimal? cost, string trouble) => new(
            wire, colour, celsius, [.. pieces.Select(piece => piece.Id)], all,
            [.. (packing?.Lengths ?? []).Select(length => new ReelCut(length.Offcut is not null, length.Millimetres / 1000.0, [.. length.Pieces.Select(i => pieces[i].Id)], length.LeftMillimetres / 1000.0))],
            reel, packing?.Reels ?? 0, packing?.LeastReels ?? 0, bought, cost, (packing?.Lengths ?? []).Sum(length => length.LeftMillimetres) / 1000.0, trouble);

        var longest = lengths.Max();
        var offers = new List<ReelGroup>();
        foreach (var reel in (sale?.Reels ?? []).Where(reel => Whole(reel.Metres) >= longest))
        {
            var packing = ReelPacking.Pack(lengths, Whole(reel.Metres), offcuts);
            offers.Add(With(packing, reel.Metres, packing.Reels * reel.Metres, packing.Reels * reel.Price, ""));
        }
        if (sale?.PerMetre is { } perMetre)
        {
            // Off the drum each piece is cut to its length; offcuts are used first all the same.
            var packing = ReelPacking.Pack(lengths, lengths.Sum(), offcuts);
            var drum = packing.Lengths.Where(length => length.Offcut is null).Sum(length => length.Millimetres - length.LeftMillimetres);
            var cut = packing with { Lengths = [.. packing.Lengths.Select(length => length.Offcut is null ? length with { Millimetres = length.Millimetres - length.LeftMillimetres, LeftMillimetres = 0 } : length)], Reels = 0, LeastReels = 0 };
            offers.Add(With(cut, null, drum / 1000.0, decimal.Round(drum / 1000m * perMetre, 2, MidpointRounding.AwayFromZero), ""));
        }
        return offers.OrderBy(offer => offer.Cost).ThenBy(offer => offer.LeftMetres).FirstOrDefault()
            ?? With(null, null, all, null, sale is null ? BenchWords.FormatNotForSale(wire) : BenchWords.FormatLongerThanAnyReel(Format.Metres(longest / 1000.0, UnitSystem.Metric)));
    }

    private static int Whole(double metres) => (int)Math.Round(metres * 1000);
}
