using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Labels;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>A label for each end of each wire, to scale in millimetres, to be printed, cut out and put under clear shrink.</summary>
public static class WireLabels
{
    /// <summary>A strip of paper that is cut out, where no sheet of labels is bought.</summary>
    private static readonly LabelSheet CutOut = new(Rows: 25);

    /// <summary>Each says where its end goes, and below it the other end, size and colour.</summary>
    public static IEnumerable<Label> Of(IEnumerable<CutPiece> pieces) => pieces.SelectMany(piece => new[] { (Here: piece.From, There: piece.To), (Here: piece.To, There: piece.From) }.Select(ends =>
        new Label(LabelKind.WireEnd, $"{piece.Id} {ends.Here.At}", ends.Here.Place, FileWords.FormatLabelOtherEnd(ends.There.Place, piece.Wire, piece.Colour.Length > 0 ? piece.Colour : FileWords.NoColour))));

    /// <summary>Sheets of A4.</summary>
    public static IReadOnlyList<string> Draw(IReadOnlyList<CutPiece> pieces, string name) => LabelPages.Draw([.. Of(pieces)], CutOut, name);

    /// <summary>The same as pages to be printed without scaling.</summary>
    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    public static string Page(string job, string edition, BenchView view)
    {
        var sheets = Draw(view.Pieces, FileWords.FormatWireLabelsOf(job));
        return PrintPage.Of("labels", FileWords.FormatWireLabelsOf(job), edition, FileWords.PrintAtFullSize, sheets.Count == 0 ? [$"<p>{PrintPage.Text(FileWords.NoWireToLabel)}</p>"] : [Ruler.Draw(), .. sheets]);
    }
}
