using System.Text;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.HandOver.Chapters;

namespace BurlyRidge.Core.HandOver;

/// <summary>The card under the bonnet: what to pull, which fuse is which, and the same as a QR code that holds the text itself.</summary>
public static class BonnetCard
{
    /// <summary>The most bytes of text in the code: what a telephone reads at once from a card (common practice, no source).</summary>
    public const int MostBytes = 600;

    /// <summary>Least width of one module of the code, mm.</summary>
    public const double LeastModuleMillimetres = 0.4;

    /// <summary>Free round the code, in modules (ISO/IEC 18004).</summary>
    private const int Quiet = 4;

    private const double Wide = 148, Pad = 5, Row = 4, Letter = 2.5, Module = 0.5;

    /// <summary>What the code holds: whole lines, as many as there is room for.</summary>
    public static string Text(PackSource source)
    {
        var text = new StringBuilder();
        foreach (var line in Lines(source))
        {
            if (Encoding.UTF8.GetByteCount(text.ToString()) + Encoding.UTF8.GetByteCount(line) + 1 > MostBytes) break;
            if (text.Length > 0) text.Append('\n');
            text.Append(line);
        }
        return text.ToString();
    }

    private static IEnumerable<string> Lines(PackSource source)
    {
        yield return Cut(source.Sealed.Name);
        yield return HandOverWords.FormatCardRevision(source.Sealed.Revision, source.Day, source.Sealed.JobSum[..16]);
        yield return HandOverWords.FormatCardPullFirst(string.Join(", ", EmergencyChapters.Pulls(source).Select(pull => pull[0])));
        // A fuse of many lines says less than the fuses after it.
        foreach (var fuse in Fuses(source).OrderBy(fuse => fuse.Lines.Length > 40)) yield return $"{fuse.Name} {fuse.Rating}: {fuse.Lines}";
        if (source.Shop.Name.Length > 0) yield return HandOverWords.FormatCardShop(source.Shop.Name, source.Shop.Contact);
    }

    private static string Cut(string text) => text.Length <= 80 ? text : text[..80];

    private static IReadOnlyList<(string Name, string Rating, string Lines, string Place)> Fuses(PackSource source) =>
        [.. ((Exchange.Pages.Block.Table)WiringChapters.Fuses(source).Blocks[1]).Rows.Where(row => row[2].Length > 0).Select(row => (row[0], row[1], row[2], row[4]))];

    /// <summary>The card to scale.</summary>
    /// <param name="code">Modules of the code, row by row, without the free edge; true: dark.</param>
    public static string Draw(PackSource source, IReadOnlyList<IReadOnlyList<bool>> code)
    {
        var (pulls, fuses) = (EmergencyChapters.Pulls(source).ToList(), Fuses(source));
        var side = (code.Count + 2 * Quiet) * Module;
        var text = Wide - 3 * Pad - side;
        var rows = new List<(string Text, bool Bold)> { (source.Sealed.Name, true), (PackWords.InAnEmergency, true) };
        rows.AddRange(pulls.Select(pull => (pull[1].Length > 0 ? HandOverWords.FormatCardPullAt(pull[0], pull[1]) : HandOverWords.FormatCardPull(pull[0]), false)));
        foreach (var place in fuses.GroupBy(fuse => fuse.Place))
        {
            rows.Add((place.Key.Length > 0 ? Format.Capital(place.Key) : Format.Capital(PackWords.PlaceNotSpecified), true));
            rows.AddRange(place.Select(fuse => ($"{fuse.Name} {fuse.Rating}: {fuse.Lines}", false)));
        }
        rows.Add((PackWords.SameFuseAgain, true));
        var lines = rows.SelectMany(row => Lettering.Wrapped(row.Text, Letter, row.Bold, text).Select(line => (Line: line, row.Bold))).ToList();
        var high = Math.Max(105, Math.Max(side, lines.Count * Row) + 2 * Pad);
        var svg = new Svg(Wide, high, HandOverWords.BonnetCard);
        svg.Box(0.1, 0.1, Wide - 0.2, high - 0.2, fill: "#fff", line: 0.2);
        for (var i = 0; i < lines.Count; i++) svg.Text(Pad, Pad + i * Row + Letter, lines[i].Line, Letter, bold: lines[i].Bold);
        svg.Group(() =>
        {
            var (left, top) = (Wide - Pad - side + Quiet * Module, Pad + Quiet * Module);
            for (var row = 0; row < code.Count; row++)
                for (var column = 0; column < code[row].Count; column++)
                {
                    if (!code[row][column]) continue;
                    var from = column;
                    while (column + 1 < code[row].Count && code[row][column + 1]) column++;
                    svg.Box(left + from * Module, top + row * Module, (column + 1 - from) * Module, Module, fill: "#000", stroke: "none", line: 0);
                }
        }, ("data-code", "qr"));
        return svg.ToString();
    }
}
