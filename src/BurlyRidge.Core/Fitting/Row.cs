using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>Lamps side by side, centred, with the same gap at the ends and between them.</summary>
/// <param name="GapMillimetres">Null where nothing is in the way; below nothing where they do not go in.</param>
public sealed record Row(double? GapMillimetres, IReadOnlyList<double> CentresMillimetres, double SpanMillimetres, IReadOnlyList<int> TighteningOrder)
{
    /// <summary>Between lamps that nothing limits, mm (common practice, no source).</summary>
    private const double OpenGapMillimetres = 20;

    /// <summary>Sets out lamps of those widths, left to right.</summary>
    public static Row Of(Mount mount, IReadOnlyList<double> widths)
    {
        var sum = widths.Sum();
        double? gap = mount.WidthMillimetres is { } window ? (window - sum) / (widths.Count + 1) : null;
        var between = Math.Max(0, gap ?? OpenGapMillimetres);
        var span = sum + (widths.Count - 1) * between;
        var centres = new List<double>();
        var at = -span / 2;
        foreach (var width in widths)
        {
            centres.Add(at + width / 2);
            at += width + between;
        }
        return new Row(gap, centres, span, [.. Enumerable.Range(0, widths.Count).OrderBy(i => Math.Abs(centres[i])).ThenBy(i => i)]);
    }
}
