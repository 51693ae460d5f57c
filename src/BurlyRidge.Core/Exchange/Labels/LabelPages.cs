using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Drawings;

namespace BurlyRidge.Core.Exchange.Labels;

/// <summary>Labels on their sheets, to scale.</summary>
public static class LabelPages
{
    private const double Pad = 1.5, LargeOfHeight = 0.28, SmallOfHeight = 0.2, MostLarge = 5, MostSmall = 3.2;

    /// <summary>A drawing a sheet, as large as the paper; none for no labels.</summary>
    public static IReadOnlyList<string> Draw(IReadOnlyList<Label> labels, LabelSheet sheet, string title)
    {
        var (wide, high) = sheet.Paper.Millimetres();
        var pages = new List<string>();
        for (var from = -sheet.Used; from < labels.Count; from += sheet.Count)
        {
            var svg = new Svg(wide, high, title);
            for (var spot = 0; spot < sheet.Count; spot++)
                if (from + spot >= 0 && from + spot < labels.Count) Put(svg, labels[from + spot], sheet, spot % sheet.Columns, spot / sheet.Columns);
            pages.Add(svg.ToString());
        }
        return labels.Count == 0 ? [] : pages;
    }

    /// <summary>A sheet with no label on it.</summary>
    public static IReadOnlyList<string> Empty(LabelSheet sheet, string title) => sheet.Paper.Millimetres() is var (wide, high) ? [new Svg(wide, high, title).ToString()] : [];

    private static void Put(Svg svg, Label label, LabelSheet sheet, int column, int row)
    {
        var (x, y) = (sheet.LeftMillimetres + column * (sheet.WidthMillimetres + sheet.AcrossMillimetres), sheet.TopMillimetres + row * (sheet.HeightMillimetres + sheet.DownMillimetres));
        var wide = sheet.WidthMillimetres - 2 * Pad;
        var (large, small) = (Math.Min(MostLarge, sheet.HeightMillimetres * LargeOfHeight), Math.Min(MostSmall, sheet.HeightMillimetres * SmallOfHeight));
        svg.Group(() =>
        {
            svg.Box(x, y, sheet.WidthMillimetres, sheet.HeightMillimetres, line: 0.1, stroke: "#999");
            var lines = Lettering.Wrapped(label.Large, large, true, wide);
            var below = label.Small.Length == 0 ? [] : Lettering.Wrapped(label.Small, small, false, wide);
            // What is read first may take two lines where there is room; what does not fit then is cut with a sign that it is.
            var room = sheet.HeightMillimetres - 2 * Pad;
            var most = Math.Max(1, (int)((room - (below.Count > 0 ? small * Lettering.Leading : 0)) / (large * Lettering.Leading)));
            var shown = Fitted(lines, most, large, true, wide);
            var left = (int)((room - shown.Count * large * Lettering.Leading) / (small * Lettering.Leading));
            var at = y + Pad;
            foreach (var line in shown)
            {
                svg.Text(x + Pad, at + large * Lettering.Rise, line, large, bold: true);
                at += large * Lettering.Leading;
            }
            foreach (var line in Fitted(below, Math.Max(0, left), small, false, wide))
            {
                svg.Text(x + Pad, at + small * Lettering.Rise, line, small);
                at += small * Lettering.Leading;
            }
        }, ("data-label", label.About), ("data-kind", $"{label.Kind}"));
    }

    private static IReadOnlyList<string> Fitted(IReadOnlyList<string> lines, int most, double size, bool bold, double wide)
    {
        const string more = "…";
        if (lines.Count <= most) return lines;
        if (most == 0) return [];
        var last = lines[most - 1];
        while (last.Length > 1 && Lettering.Width(last + more, size, bold) > wide) last = last[..^1];
        return [.. lines.Take(most - 1), last.TrimEnd() + more];
    }
}
