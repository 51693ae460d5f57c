using System.Net;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>Legends of a panel, to scale in millimetres, to be printed, cut out and put behind its slots.</summary>
public static class LegendStrip
{
    private const double Margin = 4;
    private const double LetterOfHeight = 0.42;
    private const double LetterWidth = 0.56;

    /// <summary>Slots in the order of the panel; numbers that are left out are blank legends. Null where the box has no slot.</summary>
    public static string? Draw(PowerBox box, string name)
    {
        var slots = box.Outputs.Where(output => output is { WorkedBy: WorkedBy.Slot, Slot: not null }).ToDictionary(output => output.Slot!.Value);
        if (slots.Count == 0) return null;
        var (width, height) = (box.Panel.LegendWidthMillimetres, box.Panel.LegendHeightMillimetres);
        var last = slots.Keys.Max();
        var svg = new Svg(last * width + 2 * Margin, height + 2 * Margin, FileWords.FormatLegendsOf(name));
        for (var slot = 1; slot <= last; slot++)
        {
            var (x, at, output) = (Margin + (slot - 1) * width, slot, slots.GetValueOrDefault(slot));
            svg.Group(() =>
            {
                svg.Box(x, Margin, width, height, fill: "#fff", line: 0.2);
                var legend = output?.Legend ?? "";
                var size = Math.Min(height * LetterOfHeight, (width - 2) / Math.Max(1, legend.Length * LetterWidth));
                svg.Text(x + width / 2, Margin + height / 2 + size * 0.35, legend, size, "middle", bold: true);
                svg.Text(x + 0.8, Margin + 2.2, $"{at}", 1.8, fill: "#555");
            }, ("data-slot", $"{slot}"), ("data-output", output is null ? "" : $"{box.Id}.{output.Id}"));
            // Marks to cut along, outside the legend.
            foreach (var edge in new[] { x, x + width })
            {
                svg.Line(edge, Margin - 2.5, edge, Margin - 0.5, width: 0.15);
                svg.Line(edge, Margin + height + 0.5, edge, Margin + height + 2.5, width: 0.15);
            }
        }
        return svg.ToString();
    }

    /// <summary>A page of A4 with the strips of every panel of a rig, to be printed without scaling; says so where there is none.</summary>
    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    public static string Page(string job, string edition, Rig rig)
    {
        var names = PartNames.Of(rig);
        var strips = rig.PowerBoxes.Select(box => (Name: names[box.Id], Strip: Draw(box, names[box.Id]))).Where(pair => pair.Strip is not null)
            .Select(pair => $"<h2>{WebUtility.HtmlEncode(pair.Name)}</h2>\n{pair.Strip}").ToList();
        return PrintPage.Of("legends", FileWords.FormatLegendsPage(job), edition, FileWords.PrintAtFullSize,
            [Ruler.Draw(), .. strips.Count == 0 ? [$"<p>{WebUtility.HtmlEncode(FileWords.NoPowerBoxHasASlot)}</p>"] : strips]);
    }
}
