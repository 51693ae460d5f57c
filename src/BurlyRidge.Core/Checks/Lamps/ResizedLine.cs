using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>What resizing a line would do for its lamps: a cure is offered where it is one.</summary>
internal static class ResizedLine
{
    /// <summary>A piece with more wires takes too long to be sized beside the answer; its lines are resized all together.</summary>
    private const int MaxRuns = 250;

    /// <summary>The line resized, where that makes <paramref name="cured"/> true of what is then studied; null where it does not.</summary>
    public static Remedy? Remedy(RigSubject subject, LineStudy line, Func<LineStudy, bool> cured)
    {
        if (Edit.Size(subject, line.Line) is not { } size) return null;
        if (subject.Whole.Quick.TryGetValue(line.Line.Id, out var quick)) return quick.ProposedWire is null ? null : size;
        if (line.Slice.Runs.Count > MaxRuns) return null;
        var sized = AutoSizer.OfLine(line.Slice with { Lines = [line.Line] }).Sized;
        return cured(new LineStudies(sized, WiringMap.Of(sized)).Of(line.Line)) ? size : null;
    }
}
