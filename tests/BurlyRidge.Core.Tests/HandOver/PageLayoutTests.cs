using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.RunSheet;
using CsCheck;

namespace BurlyRidge.Core.Tests.HandOver;

/// <summary>Whatever stands in a book: nothing is lost, nothing stands outside the page, no page is empty.</summary>
public class PageLayoutTests
{
    private static readonly Packs.Even Letters = new();

    private static readonly Gen<string> Words = Gen.Char.AlphaNumeric.Array[1, 14].Select(letters => new string(letters)).Array[1, 40].Select(words => string.Join(' ', words));

    private static readonly Gen<Block> AnyBlock = Gen.OneOf(
        Words.Select(text => (Block)new Block.Paragraph(text)),
        Words.Select(text => (Block)new Block.Heading(text)),
        Words.Array[1, 30].Select(items => (Block)new Block.Bullets(items)),
        Gen.Select(Gen.Int[1, 6], Gen.Int[1, 60], Words).Select(((int Columns, int Rows, string Text) of) =>
            (Block)new Block.Table([.. Enumerable.Range(0, of.Columns).Select(i => $"Head {i}")], [.. Enumerable.Range(0, of.Rows).Select(row => (IReadOnlyList<string>)[.. Enumerable.Range(0, of.Columns).Select(column => column == 0 ? $"{row} {of.Text}" : $"c{row}")])])),
        Gen.Select(Gen.Double[20, 900], Gen.Double[20, 900]).Select(size => (Block)new Block.Drawing(FormattableString.Invariant($"<svg xmlns='http://www.w3.org/2000/svg' width='{size.Item1}mm' height='{size.Item2}mm' viewBox='0 0 {size.Item1} {size.Item2}'/>"), "Caption")));

    private static readonly Gen<Book> AnyBook = AnyBlock.Array[1, 12].Array[2, 6].Select(chapters => new Book("Title", "Edition", [.. chapters.Select((blocks, i) => new Chapter($"c{i}", $"Chapter {i}", blocks))]));

    [Fact]
    public void Any_book() => Gen.Select(AnyBook, Gen.Enum<PaperSize>()).Sample((book, paper) => Check(book, paper), iter: 150, seed: "0000KXkU5nd9");

    public static TheoryData<string, PaperSize> Packed
    {
        get
        {
            var rows = new TheoryData<string, PaperSize>();
            foreach (var name in SheetRigs.Names)
                foreach (var paper in Enum.GetValues<PaperSize>()) rows.Add(name, paper);
            return rows;
        }
    }

    [Theory]
    [MemberData(nameof(Packed))]
    public void Any_pack(string shape, PaperSize paper) => Check(Pack.Of(Packs.Of(SheetRigs.Of(shape, IsolationSchool.BatteryOff).Rig)), paper);

    private static void Check(Book book, PaperSize paper)
    {
        var laid = PageLayout.Of(book, paper, Letters);
        const double Edge = 15.9;
        foreach (var page in laid.Pages)
        {
            var inner = page.Marks.Where(mark => mark is not Mark.Rule).ToList();
            Assert.True(inner.Count > 2, $"page {page.Number} holds no more than its foot");
            foreach (var mark in page.Marks)
            {
                var (left, top, right, bottom) = mark switch
                {
                    Mark.Text text => text.Ends ? (text.X - Letters.Width(text.Words, text.Bold) * text.Size, text.Y - text.Size, text.X, text.Y) : (text.X, text.Y - text.Size, text.X + Letters.Width(text.Words, text.Bold) * text.Size, text.Y),
                    Mark.Rule rule => (rule.X1, rule.Y1, rule.X2, rule.Y2),
                    Mark.Box box => (box.X, box.Y, box.X + box.Width, box.Y + box.Height),
                    Mark.Drawing drawing => (drawing.X, drawing.Y, drawing.X + drawing.Width, drawing.Y + drawing.Height),
                    Mark.Photo photo => (photo.X, photo.Y, photo.X + photo.Width, photo.Y + photo.Height),
                    _ => throw new InvalidOperationException(),
                };
                Assert.True(left >= Edge && right <= page.Width - Edge + 0.01 && top >= Edge && bottom <= page.Height - 8.9, $"page {page.Number}: {mark}");
            }
        }
        // Lines are broken between words, or within words that are too long, and nothing of them is lost.
        static string Plain(IEnumerable<string> texts) => string.Concat(string.Concat(texts).Where(letter => !char.IsWhiteSpace(letter)).Order());
        var body = laid.Pages.SelectMany(page => page.Marks.OfType<Mark.Text>()).Where(text => text.Words != "•" && text.LeadsTo is null).Select(text => text.Words).ToList();
        foreach (var chapter in book.Chapters)
            foreach (var text in chapter.Texts().Where(text => text.Length is > 0 and < 12 && !text.Contains(' ', StringComparison.Ordinal))) Assert.Contains(body, line => line.Contains(text, StringComparison.Ordinal) || text.StartsWith(line, StringComparison.Ordinal));
        Assert.True(Plain(body).Length >= Plain(book.Texts()).Length);
        Assert.Equal(book.Chapters.Select(chapter => chapter.Id).Order(), laid.Starts.Keys.Order());
        Assert.All(laid.Starts.Values, start => Assert.InRange(start, 1, laid.Pages.Count));
        // The list of chapters leads where they begin.
        foreach (var link in laid.Pages.SelectMany(page => page.Marks.OfType<Mark.Text>()).Where(text => text.LeadsTo is not null)) Assert.InRange(link.LeadsTo!.Value, 1, laid.Pages.Count);
    }
}
