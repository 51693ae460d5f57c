using PdfSharp.Drawing;

namespace BurlyRidge.Server.HandOver;

/// <summary>Text on a page of PDF, each sign in a face that has it.</summary>
internal static class PdfText
{
    /// <summary>Writes a line of text with its foot at a spot; gives how wide it came out.</summary>
    /// <param name="anchor">"start", "middle" or "end".</param>
    public static double Draw(XGraphics graphics, ShippedFonts fonts, string text, double x, double y, double size, bool bold, string anchor, XColor ink)
    {
        var pieces = fonts.Pieces(text, bold).Select(piece => (piece.Text, piece.Face, Wide: fonts.Width(piece.Text, piece.Face) * size)).ToList();
        var wide = pieces.Sum(piece => piece.Wide);
        var at = anchor switch { "end" => x - wide, "middle" => x - wide / 2, _ => x };
        foreach (var piece in pieces)
        {
            graphics.DrawString(piece.Text, ShippedFonts.Of(piece.Face, size), new XSolidBrush(ink), new XPoint(at, y), XStringFormats.BaseLineLeft);
            at += piece.Wide;
        }
        return wide;
    }

    /// <summary>A colour as "#rgb" or "#rrggbb".</summary>
    public static XColor Ink(string colour) => colour.Length == 4
        ? Ink($"#{colour[1]}{colour[1]}{colour[2]}{colour[2]}{colour[3]}{colour[3]}")
        : XColor.FromArgb(Convert.ToInt32(colour[1..3], 16), Convert.ToInt32(colour[3..5], 16), Convert.ToInt32(colour[5..7], 16));
}
