using BurlyRidge.Core.Bench;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>A label for each end of each wire, to scale in millimetres, to be printed, cut out and put under clear shrink.</summary>
public static class WireLabels
{
    /// <summary>One label, mm.</summary>
    public const double WidthMillimetres = 60, HeightMillimetres = 11;

    private const int Columns = 4, RowsOfPage = 14;
    private const double Pad = 1.5, Large = 2.8, Small = 2.1;

    /// <summary>Sheets of A4; each label says where its end goes, and below it the other end, size and colour.</summary>
    public static IReadOnlyList<string> Draw(IReadOnlyList<CutPiece> pieces, string name)
    {
        var ends = pieces.SelectMany(piece => new[] { (Piece: piece, Here: piece.From, There: piece.To), (Piece: piece, Here: piece.To, There: piece.From) }).ToList();
        return [.. ends.Chunk(Columns * RowsOfPage).Select(sheet => Sheet(sheet, name))];
    }

    /// <summary>The same as pages to be printed without scaling.</summary>
    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    public static string Page(string job, string edition, BenchView view)
    {
        var sheets = Draw(view.Pieces, FileWords.FormatWireLabelsOf(job));
        return PrintPage.Of("labels", FileWords.FormatWireLabelsOf(job), edition, FileWords.PrintAtFullSize, sheets.Count == 0 ? [$"<p>{PrintPage.Text(FileWords.NoWireToLabel)}</p>"] : [Ruler.Draw(), .. sheets]);
    }

    private static string Sheet((CutPiece Piece, CutEnd Here, CutEnd There)[] ends, string name)
    {
        var rows = (ends.Length + Columns - 1) / Columns;
        var svg = new Svg(Columns * WidthMillimetres + 1, rows * HeightMillimetres + 1, name);
        for (var i = 0; i < ends.Length; i++)
        {
            var (piece, here, there) = ends[i];
            var (x, y) = (0.5 + i % Columns * WidthMillimetres, 0.5 + i / Columns * HeightMillimetres);
            svg.Group(() =>
            {
                svg.Box(x, y, WidthMillimetres, HeightMillimetres, line: 0.15);
                svg.Text(x + Pad, y + 4.2, Fitted(here.Place, Large, true), Large, bold: true);
                svg.Text(x + Pad, y + 8.6, Fitted(FileWords.FormatLabelOtherEnd(there.Place, piece.Wire, piece.Colour.Length > 0 ? piece.Colour : FileWords.NoColour), Small, false), Small);
            }, ("data-wire", piece.Id), ("data-end", here.At));
        }
        return svg.ToString();
    }

    /// <summary>As much of a text as the label is wide.</summary>
    private static string Fitted(string text, double size, bool bold)
    {
        const string More = "…";
        if (Lettering.Width(text, size, bold) <= WidthMillimetres - 2 * Pad) return text;
        while (text.Length > 1 && Lettering.Width(text + More, size, bold) > WidthMillimetres - 2 * Pad) text = text[..^1];
        return text.TrimEnd() + More;
    }
}
