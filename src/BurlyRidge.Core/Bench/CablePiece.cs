using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bench;

/// <summary>One length of a cable of several cores.</summary>
/// <param name="Name">As the plan calls it.</param>
/// <param name="Wire">Size of its thickest core, by name.</param>
/// <param name="Used">Cores that are used.</param>
/// <param name="Sold">Cores of the smallest cable that is sold with so many; null: none is.</param>
/// <param name="CutOff">Cores of it that are cut off at both ends.</param>
/// <param name="Twins">Two-core cables that do the same.</param>
/// <param name="TwinsCutOff">Cores of those that are cut off.</param>
/// <param name="CutMetres">As long as its longest core, m.</param>
/// <param name="Pieces">Ids of its wires.</param>
public sealed record CablePiece(string Name, string Wire, int Used, int? Sold, int CutOff, int Twins, int TwinsCutOff, double CutMetres, IReadOnlyList<string> Pieces)
{
    /// <summary>Cores of cables that are sold (typical, no source).</summary>
    private static readonly int[] SoldCores = [2, 3, 4, 5, 7, 13];

    /// <summary>The cables of a cut list.</summary>
    public static IReadOnlyList<CablePiece> Of(Rig wired, IReadOnlyList<CutPiece> pieces)
    {
        var cableOf = wired.Runs.ToDictionary(run => run.Id, run => run.Cable, StringComparer.Ordinal);
        return
        [
            .. pieces.Where(piece => cableOf[piece.Id].Length > 0).GroupBy(piece => cableOf[piece.Id], StringComparer.Ordinal).Select(cable =>
            {
                var used = cable.Count();
                int? sold = SoldCores.FirstOrDefault(cores => cores >= Math.Max(2, used)) is > 0 and var cores ? cores : null;
                var twins = (used + 1) / 2;
                return new CablePiece(cable.Key, cable.MaxBy(piece => piece.CopperSquareMillimetres)!.Wire, used, sold, (sold ?? used) - used, twins, 2 * twins - used, cable.Max(piece => piece.CutMetres), [.. cable.Select(piece => piece.Id)]);
            }),
        ];
    }

    /// <summary>The pieces as they are cut from reels: a cable is one length of its own kind, under the id of its first core.</summary>
    public static IReadOnlyList<CutPiece> OnReels(IReadOnlyList<CutPiece> pieces, IReadOnlyList<CablePiece> cables)
    {
        var inCable = cables.SelectMany(cable => cable.Pieces).ToHashSet(StringComparer.Ordinal);
        return
        [
            .. pieces.Where(piece => !inCable.Contains(piece.Id)),
            .. cables.Select(cable => pieces.First(piece => piece.Id == cable.Pieces[0]) with { Wire = SizeOf(cable.Wire, cable.Sold ?? cable.Used), Colour = "", CutMetres = cable.CutMetres }),
        ];
    }

    /// <summary>What a cable of so many cores is called in a price list.</summary>
    public static string SizeOf(string wire, int cores) => BenchWords.FormatCableOf(cores, wire);

    /// <summary>Every number of cores that is sold.</summary>
    public static IReadOnlyList<int> Cores => SoldCores;
}
