using BurlyRidge.Core.Exchange.Pages;
using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace BurlyRidge.Server.HandOver;

/// <summary>Laid pages as PDF: faces embedded, text as text, a bookmark a chapter, title and language set.</summary>
internal static class PdfBook
{
    private const double Points = 72 / 25.4;

    /// <param name="photo">The bytes of a photo, as JPEG; null: it is gone.</param>
    public static byte[] Write(Book book, LaidBook laid, Func<string, byte[]?> photo)
    {
        var bookmarks = book.Chapters.ToLookup(chapter => laid.Starts[chapter.Id], chapter => chapter.Title);
        return Write(book.Title, [.. laid.Pages.Select(page => (page.Width, page.Height, page.Marks))], bookmarks, photo);
    }

    /// <summary>Drawings in millimetres, each on a sheet as large as itself.</summary>
    public static byte[] OfDrawings(string title, IEnumerable<string> drawings) =>
        Write(title, [.. drawings.Select(svg => (Svg: svg, Size: DrawingSize.Of(svg))).Select(drawing => (drawing.Size.Wide, drawing.Size.High, (IReadOnlyList<Mark>)[new Mark.Drawing(0, 0, drawing.Size.Wide, drawing.Size.High, drawing.Svg)]))], Enumerable.Empty<int>().ToLookup(page => page, _ => ""), _ => null);

    private static byte[] Write(string title, IReadOnlyList<(double Wide, double High, IReadOnlyList<Mark> Marks)> pages, ILookup<int, string> bookmarks, Func<string, byte[]?> photo)
    {
        var fonts = ShippedFonts.Get();
        using var document = new PdfDocument { PageLayout = PdfPageLayout.SinglePage, Language = "en" };
        document.Info.Title = title;
        document.Info.Creator = ServerWords.BurlyRidge;
        document.ViewerPreferences.DisplayDocTitle = true;
        document.Options.CompressContentStreams = false;
        var made = pages.Select(page =>
        {
            var sheet = document.AddPage();
            (sheet.Width, sheet.Height) = (XUnit.FromMillimeter(page.Wide), XUnit.FromMillimeter(page.High));
            return sheet;
        }).ToList();
        for (var i = 0; i < pages.Count; i++)
        {
            using var graphics = XGraphics.FromPdfPage(made[i]);
            foreach (var mark in pages[i].Marks) Draw(graphics, made[i], mark, fonts, photo);
            foreach (var bookmark in bookmarks[i + 1]) document.Outlines.Add(bookmark, made[i], opened: true);
        }
        using var bytes = new MemoryStream();
        document.Save(bytes, closeStream: false);
        return bytes.ToArray();
    }

    private static void Draw(XGraphics graphics, PdfPage page, Mark mark, ShippedFonts fonts, Func<string, byte[]?> photo)
    {
        switch (mark)
        {
            case Mark.Text text:
                var wide = PdfText.Draw(graphics, fonts, text.Words, text.X * Points, text.Y * Points, text.Size * Points, text.Bold, text.Ends ? "end" : "start", PdfText.Ink(text.Colour));
                if (text.LeadsTo is > 0 and var to && to <= page.Owner.PageCount)
                    page.AddDocumentLink(new PdfRectangle(graphics.Transformer.WorldToDefaultPage(new XRect(text.Ends ? text.X * Points - wide : text.X * Points, (text.Y - text.Size) * Points, wide, text.Size * 1.3 * Points))), to);
                break;
            case Mark.Rule rule:
                graphics.DrawLine(new XPen(PdfText.Ink(rule.Colour), rule.Width * Points), rule.X1 * Points, rule.Y1 * Points, rule.X2 * Points, rule.Y2 * Points);
                break;
            case Mark.Box box:
                graphics.DrawRectangle(new XSolidBrush(PdfText.Ink(box.Fill)), box.X * Points, box.Y * Points, box.Width * Points, box.Height * Points);
                break;
            case Mark.Drawing drawing:
                PdfDrawing.Draw(graphics, fonts, drawing.Svg, new XRect(drawing.X * Points, drawing.Y * Points, drawing.Width * Points, drawing.Height * Points));
                break;
            case Mark.Photo shown when photo(shown.Name) is { } bytes:
                using (var image = XImage.FromStream(new MemoryStream(bytes)))
                {
                    var scale = Math.Min(shown.Width * Points / image.PixelWidth, shown.Height * Points / image.PixelHeight);
                    var (width, height) = (image.PixelWidth * scale, image.PixelHeight * scale);
                    graphics.DrawImage(image, shown.X * Points, shown.Y * Points + (shown.Height * Points - height) / 2, width, height);
                }
                break;
        }
    }
}
