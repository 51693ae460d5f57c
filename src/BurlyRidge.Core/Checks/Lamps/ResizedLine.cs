using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>What resizing a line would do for its lamps: a cure is offered where it is one.</summary>
internal static class ResizedLine
{
    /// <summary>A piece with more wires takes too long to be sized beside the answer; its lines are resized all together.</summary>
    private const int MaxRuns = 250;

    /// <summary>The same of one that several lines share: it is sized for each of them.</summary>
    private const int MaxShared = 120;

    /// <summary>The line resized, where that makes <paramref name="cured"/> true of what is then studied; null where it does not.</summary>
    /// <param name="subject">The rig.</param>
    /// <param name="line">The line.</param>
    /// <param name="together">Whether it is judged with everything on that hangs together with it.</param>
    /// <param name="cured">Whether it is right as it is studied then.</param>
    public static Remedy? Remedy(RigSubject subject, LineStudy line, bool together, Func<LineStudy, bool> cured)
    {
        if (Edit.Size(subject, line.Line) is not { } size) return null;
        if (subject.Whole.Quick.TryGetValue(line.Line.Id, out var quick)) return quick.ProposedWire is null ? null : size;
        if (together)
        {
            var piece = LinePiece.Of(subject.Rig, line.Line.Id, out _) ?? subject.Rig;
            return piece.Runs.Count <= MaxShared && cured(RigStudy.Of(AutoSizer.Propose(piece, piece, line.Line.Id).Rig).Lines.First(other => other.Line.Id == line.Line.Id)) ? size : null;
        }
        if (line.Slice.Runs.Count > MaxRuns) return null;
        var sized = AutoSizer.OfLine(line.Slice with { Lines = [line.Line] }).Sized;
        return cured(new LineStudies(sized, WiringMap.Of(sized)).Of(line.Line)) ? size : null;
    }
}
