using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bench;

/// <summary>One sub-harness as it is built on the bench, and how it is proved before it goes to the vehicle.</summary>
/// <param name="Lines">The lines that it belongs to.</param>
/// <param name="Pieces">Its wires.</param>
/// <param name="Plugs">Its plugs, pin by pin.</param>
/// <param name="Tests">What is measured on the bench, one after the other.</param>
public sealed record HarnessCard(string Name, IReadOnlyList<string> Lines, IReadOnlyList<CutPiece> Pieces, IReadOnlyList<PlugTable> Plugs, IReadOnlyList<BenchTest> Tests)
{
    /// <summary>A card for each harness of a cut list, in the order of its wires.</summary>
    public static IReadOnlyList<HarnessCard> Of(AssessedRig assessed, CutList cuts)
    {
        var (study, wired) = (assessed.Study, assessed.Study.Wired);
        var runs = wired.Runs.ToDictionary(run => run.Id, StringComparer.Ordinal);
        return
        [
            .. cuts.Pieces.GroupBy(piece => piece.Harness).Select(harness => new HarnessCard(
                harness.Key, [.. harness.SelectMany(piece => piece.Lines).Distinct()], [.. harness], PlugTable.Of(wired, study.Names, [.. harness]),
                [.. harness.SelectMany(Proved), .. Apart(harness)])),
        ];

        IEnumerable<BenchTest> Proved(CutPiece piece)
        {
            yield return new BenchTest(BenchTestKind.Continuity, piece.Id, piece.From.Place, piece.To.Place, null);
            foreach (var end in new[] { piece.From, piece.To })
                if (end.PullNewtons is { } newtons) yield return new BenchTest(BenchTestKind.Pull, piece.Id, end.Place, "", newtons);
        }

        // What is fed and what returns must not touch while no lamp is on it.
        IEnumerable<BenchTest> Apart(IEnumerable<CutPiece> pieces)
        {
            bool Back(CutPiece piece) => study.Feeds.Of(runs[piece.Id].From).Grounded;
            if (pieces.FirstOrDefault(piece => !Back(piece)) is { } fed && pieces.FirstOrDefault(Back) is { } back)
                yield return new BenchTest(BenchTestKind.Apart, fed.Id, fed.From.Place, back.To.Place, null);
        }
    }
}

/// <summary>Something that is measured on the bench.</summary>
/// <param name="Wire">The wire that it is about.</param>
/// <param name="To">The other end; empty for a pull.</param>
/// <param name="Newtons">Of a pull, N.</param>
public sealed record BenchTest(BenchTestKind Kind, string Wire, string From, string To, double? Newtons);

/// <summary>What is measured.</summary>
public enum BenchTestKind
{
    /// <summary>From end to end the meter sounds.</summary>
    Continuity,

    /// <summary>The crimp holds.</summary>
    Pull,

    /// <summary>With every lamp unplugged the meter does not sound.</summary>
    Apart,
}

/// <summary>One plug of a harness, pin by pin.</summary>
/// <param name="Name">The housing, or the joint where it has none of its own.</param>
/// <param name="Cavities">How many it has; null: not specified.</param>
public sealed record PlugTable(string Name, int? Cavities, IReadOnlyList<PlugPole> Poles)
{
    /// <summary>The plugs that wires of a harness end at.</summary>
    internal static IReadOnlyList<PlugTable> Of(Rig wired, PartNames names, IReadOnlyList<CutPiece> pieces)
    {
        var ends = pieces.SelectMany(piece => new[] { (At: piece.From.At, Piece: piece), (At: piece.To.At, Piece: piece) }).ToLookup(end => TerminalIndex.Split(end.At).Part, StringComparer.Ordinal);
        return
        [
            .. wired.Joints.Where(joint => joint.Kind == JointKind.Plug && ends.Contains(joint.Id))
                .GroupBy(joint => joint.Housing.Length > 0 ? joint.Housing : names[joint.Id]).Select(housing => new PlugTable(
                    housing.Key, housing.Select(joint => joint.Cavities).FirstOrDefault(cavities => cavities is not null),
                    [
                        .. housing.OrderBy(joint => joint.Cavity ?? int.MaxValue).SelectMany(joint => ends[joint.Id].Select(end => new PlugPole(
                            joint.Cavity, Mirrored(joint), names[joint.Id], end.Piece.Id, end.Piece.Name, end.Piece.Colour))),
                    ])),
        ];
    }

    /// <summary>Seen from the wire side and on the mating face, one is the mirror of the other; of one row.</summary>
    private static int? Mirrored(Joint joint) => joint is { Cavity: { } cavity, Cavities: { } cavities } ? cavities + 1 - cavity : null;
}

/// <summary>A wire in a plug.</summary>
/// <param name="Cavity">As the housing is printed, counted from the left on the wire side; null: not specified.</param>
/// <param name="OnMatingFace">The same, counted from the left on the mating face; null: not specified.</param>
public sealed record PlugPole(int? Cavity, int? OnMatingFace, string Pole, string Wire, string WireName, string Colour);
