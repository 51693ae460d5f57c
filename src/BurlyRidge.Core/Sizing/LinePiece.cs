using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>As much of a rig as one line is sized in, so that a rig of many lines is not studied for each round.</summary>
internal static class LinePiece
{
    /// <summary>
    /// What hangs together with the lamps of a line in any state, with every line in it, and that studied; all of the rig
    /// where no line is named, or where the line shares a wire between posts and earths with the rest.
    /// </summary>
    public static (Rig Rig, RigStudy Study) Of(Rig wired, string? lineId, CancellationToken cancellation)
    {
        if (Of(wired, lineId, out var between) is not { } piece) return (wired, RigStudy.Of(wired, cancellation));
        var study = RigStudy.Of(piece, cancellation);
        return between.Any(run => !run.Fixed && !run.Given && study.LinesOf(run.Id).Count > 0) ? (wired, RigStudy.Of(wired, cancellation)) : (piece, study);
    }

    /// <summary>What hangs together with the lamps of a line, with every line in it; null where that is all, or no line is named.</summary>
    /// <param name="between">Wires between posts and earths, which are in every piece.</param>
    public static Rig? Of(Rig wired, string? lineId, out IReadOnlyList<Run> between)
    {
        between = [];
        if (wired.Lines.FirstOrDefault(line => line.Id == lineId) is not { Lights.Count: > 0 } line) return null;
        var slices = new RigSlices(wired, WiringMap.Of(wired));
        between = slices.BetweenStiff;
        var anyState = slices.In(null);
        var pieces = anyState.PiecesOf(line.Lights).ToHashSet();
        var beside = wired.Lines.Where(other => other.Lights.Count > 0 && anyState.PiecesOf(other.Lights).Any(pieces.Contains)).ToList();
        return beside.Count == wired.Lines.Count ? null : anyState.Of(beside.SelectMany(other => anyState.PiecesOf(other.Lights)).Distinct()) with { Lines = beside };
    }
}
