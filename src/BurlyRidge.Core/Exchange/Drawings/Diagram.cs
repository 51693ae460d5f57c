using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Strips;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>A page of the wiring of a rig.</summary>
/// <param name="Title">The line, or what else it shows.</param>
/// <param name="Svg">The drawing.</param>
public sealed record DiagramPage(string Title, string Svg);

/// <summary>
/// Wiring diagrams: level and upright wires alone, the same rig the same drawing. Parts carry data-part and data-station, wires
/// data-run, so that what is drawn can be found in the rig.
/// </summary>
public static class Diagram
{
    /// <summary>The most parts and wires on one drawing of a whole rig; more of them nobody reads.</summary>
    public const int MaxStations = 30_000;

    private const double Gap = 6;

    /// <summary>One line from source to earth; null where the rig has none of that id.</summary>
    public static string? OfLine(Rig rig, string lineId, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        var sheet = new Sheet(rig, sizes);
        if (sheet.Wired.Lines.FirstOrDefault(line => line.Id == lineId) is not { } line) return null;
        cancellation.ThrowIfCancellationRequested();
        var drawing = new LineDiagram(sheet.Wired, sheet.Words, sheet.StripOf(line), line.Name);
        var svg = new Svg(drawing.Width, drawing.Height, FileWords.FormatWiringOf(line.Name));
        drawing.Draw(svg, 0, []);
        return svg.ToString();
    }

    /// <summary>Every line, and what hangs on none of them, below each other; each wire once.</summary>
    /// <exception cref="DrawingTooLargeException">It would hold more than <see cref="MaxStations"/>.</exception>
    public static string OfRig(Rig rig, string title, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        var (blocks, rest) = Blocks(new Sheet(rig, sizes), cancellation);
        var svg = new Svg(blocks.Select(block => block.Width).Append(rest.Width).Append(100).Max(), blocks.Sum(block => block.Height + Gap) + (rest.Empty ? 0 : rest.Height) + 10, FileWords.FormatWiringOf2(title));
        var at = 0.0;
        var drawn = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var block in blocks.Unless(cancellation))
        {
            block.Draw(svg, at, drawn);
            at += block.Height + Gap;
        }
        if (!rest.Empty) rest.Draw(svg, at);
        return svg.ToString();
    }

    /// <summary>The same as pages to be turned: a line a page, then what hangs on none of them.</summary>
    /// <exception cref="DrawingTooLargeException">It would hold more than <see cref="MaxStations"/>.</exception>
    public static IReadOnlyList<DiagramPage> Pages(Rig rig, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        var (blocks, rest) = Blocks(new Sheet(rig, sizes), cancellation);
        var drawn = new Dictionary<string, string>(StringComparer.Ordinal);
        var pages = blocks.Unless(cancellation).Select(block =>
        {
            var svg = new Svg(block.Width, block.Height, FileWords.FormatWiringOf2(block.Title));
            block.Draw(svg, 0, drawn);
            return new DiagramPage(block.Title, svg.ToString());
        }).ToList();
        if (rest.Empty) return pages;
        var svg = new Svg(rest.Width, rest.Height, FileWords.SupplyAndControl);
        rest.Draw(svg, 0);
        return [.. pages, new DiagramPage(FileWords.SupplyAndControl, svg.ToString())];
    }

    /// <summary>The same as pages of A4, a line a page where it needs one.</summary>
    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    /// <exception cref="DrawingTooLargeException">It would hold more than <see cref="MaxStations"/>.</exception>
    public static string Page(Rig rig, string title, string edition, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        var pages = Pages(rig, sizes, cancellation).Select(page => page.Svg);
        return PrintPage.Of("wiring", FileWords.FormatWiringPage(title), edition, FileWords.AdviceNotApproval, pages);
    }

    private static (IReadOnlyList<LineDiagram> Lines, RestDiagram Others) Blocks(Sheet sheet, CancellationToken cancellation)
    {
        var (blocks, stations) = (new List<LineDiagram>(), 0);
        var (drawn, parts) = (new Dictionary<string, string>(StringComparer.Ordinal), new HashSet<string>(StringComparer.Ordinal));
        foreach (var line in sheet.Wired.Lines.Unless(cancellation))
        {
            var strip = sheet.StripOf(line);
            if (strip.Strands.Count == 0) continue;
            stations += strip.Strands.Sum(strand => strand.Stations.Count);
            if (stations > MaxStations) throw new DrawingTooLargeException();
            var from = Output(strip);
            // What works several lines is drawn with the first of them.
            bool Known(Strand strand) => strand.Control && strand.Stations.Any(station => station.Kind == StripKind.Run) && strand.Stations.All(station => station.Kind != StripKind.Run || drawn.ContainsKey(station.Id));
            var known = strip.Strands.Where(Known).ToHashSet();
            blocks.Add(new LineDiagram(sheet.Wired, sheet.Words, strip, line.Name, from, known));
            foreach (var run in blocks[^1].Runs) drawn.TryAdd(run, line.Name);
            parts.UnionWith(blocks[^1].Parts);
        }
        return (blocks, new RestDiagram(sheet.Wired, sheet.Words, drawn, parts));
    }

    /// <summary>Where a line of a power box begins: at its output; what feeds the box stands with the supply.</summary>
    private static int Output(Strip strip)
    {
        var stations = strip.Strands[0].Stations;
        var contact = stations.ToList().FindIndex(station => station.Kind == StripKind.Output && station.Id.EndsWith("-contact", StringComparison.Ordinal));
        return Math.Max(0, contact - 2);
    }

    /// <summary>A rig with every line wired, and its strips.</summary>
    private sealed class Sheet
    {
        private readonly WiringMap map;
        private readonly LineStudies studies;

        public Sheet(Rig rig, QuickSizes? sizes)
        {
            Wired = WholeRig.Of(rig, sizes).Wired;
            map = WiringMap.Of(Wired);
            studies = new LineStudies(Wired, map);
            Words = new StationWords(Wired);
        }

        public Rig Wired { get; }

        public StationWords Words { get; }

        public Strip StripOf(Line line) => line.Lights.Count == 0 ? new Strip([], [], []) : StripReader.Of(Wired, map, Words, studies.Of(line));
    }
}
