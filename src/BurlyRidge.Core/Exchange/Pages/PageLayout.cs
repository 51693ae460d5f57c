using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Drawings;

namespace BurlyRidge.Core.Exchange.Pages;

/// <summary>Lays a book out on paper: nothing is cut off, nothing stands outside the margins, no page is empty.</summary>
public static class PageLayout
{
    private const string Ink = "#000000", Pale = "#5a5f5c", Line = "#9aa19d";
    private const double Body = 3.3, Small = 2.7, Title = 6.4, Head = 4.1, Leading = 1.32, Gap = 2.2;

    /// <summary>The least that stays together with a heading.</summary>
    private const double Together = 22;

    /// <summary>A chapter begins on the page before where so much of that is free.</summary>
    private const double Shared = 0.4;

    /// <summary>A page with so much of it free has no more than a heading on it.</summary>
    private const double AlmostWhole = 0.85;

    /// <summary>A drawing that would be made smaller than this is given a page across, where that helps.</summary>
    private const double Legible = 0.8;

    /// <summary>Lays it out; the list of chapters stands on the page after the cover.</summary>
    public static LaidBook Of(Book book, PaperSize size, ILetters letters)
    {
        var paper = Paper.Of(size);
        // How many pages the list takes does not hang on the numbers in it.
        var before = new Layout(book, paper, letters, new Dictionary<string, int>());
        var starts = before.Starts;
        var laid = new Layout(book, paper, letters, starts);
        return new LaidBook(laid.Finished(), laid.Starts);
    }

    private sealed class Layout
    {
        private readonly Book book;
        private readonly ILetters letters;
        private readonly Paper upright;
        private readonly List<(string Chapter, Paper Paper, List<Mark> Marks)> pages = [];
        private string chapter = "";
        private Paper paper;
        private double y;

        public Layout(Book book, Paper paper, ILetters letters, IReadOnlyDictionary<string, int> known)
        {
            (this.book, this.paper, upright, this.letters) = (book, paper, paper, letters);
            foreach (var (one, i) in book.Chapters.Select((one, i) => (one, i)))
            {
                Begin(one, ownPage: i < 2);
                if (i == 0) List(known);
            }
        }

        public Dictionary<string, int> Starts { get; } = new(StringComparer.Ordinal);

        /// <summary>With the foot of each page, which says how many there are.</summary>
        public IReadOnlyList<LaidPage> Finished() => [.. pages.Select((page, i) => new LaidPage(i + 1, page.Chapter, page.Paper.Width, page.Paper.Height,
        [
            .. page.Marks,
            new Mark.Rule(Paper.Margin, page.Paper.Height - Paper.Foot - 4, page.Paper.Width - Paper.Margin, page.Paper.Height - Paper.Foot - 4, 0.15, Line),
            new Mark.Text(Paper.Margin, page.Paper.Height - Paper.Foot, Cut(book.Edition, Small, page.Paper.Wide - 30), Small) { Colour = Pale },
            new Mark.Text(page.Paper.Width - Paper.Margin, page.Paper.Height - Paper.Foot, FileWords.FormatPageOf(i + 1, pages.Count), Small) { Colour = Pale, Ends = true },
        ]))];

        private double Left => paper.Bottom - y;

        private void Begin(Chapter one, bool ownPage)
        {
            chapter = one.Id;
            if (ownPage || paper != upright || Left < Shared * paper.High || one.Blocks is [Block.Drawing, ..]) Turn(upright);
            else y += 4 * Gap;
            Starts[one.Id] = pages.Count;
            Write(one.Title, Title, bold: true);
            y += Gap;
            foreach (var (block, i) in one.Blocks.Select((block, i) => (block, i))) Put(block, i + 1 < one.Blocks.Count ? one.Blocks[i + 1] : null);
        }

        /// <summary>The chapters with their pages, each a way there.</summary>
        private void List(IReadOnlyDictionary<string, int> known)
        {
            chapter = "";
            Turn(upright);
            Write(FileWords.Contents, Title, bold: true);
            y += Gap;
            foreach (var one in book.Chapters.Skip(1))
            {
                var lines = Wrapped(one.Title, Body, false, paper.Wide - 14);
                Room(lines.Count * Body * Leading + 1.4);
                var page = known.GetValueOrDefault(one.Id, 0);
                foreach (var line in lines) Text(Paper.Margin, line, Body, leadsTo: page);
                Add(new Mark.Text(paper.Width - Paper.Margin, y - Body * (Leading - 1), $"{page}", Body) { Ends = true, LeadsTo = page });
                y += 1.4;
            }
        }

        private void Put(Block block, Block? next)
        {
            // After a page across the page stands upright again, unless another one follows.
            if (paper != upright && Left <= 0 && !IsAcross(block is Block.Heading ? next : block)) Turn(upright);
            switch (block)
            {
                case Block.Heading heading:
                    if (IsAcross(next)) Turn(upright.Across());
                    else if (next is Block.Drawing other && !FitsHere(other, Head * Leading + Gap * 2)) Turn(upright);
                    else Room(Together);
                    y += Gap / 2;
                    Write(heading.Text, Head, bold: true);
                    y += Gap / 2;
                    break;
                case Block.Paragraph paragraph:
                    Paragraph(paragraph);
                    break;
                case Block.Bullets bullets:
                    foreach (var item in bullets.Items) Item(item);
                    y += Gap / 2;
                    break;
                case Block.Table table:
                    Table(table);
                    break;
                case Block.Drawing drawing:
                    Drawing(drawing);
                    break;
                case Block.Photos photos:
                    Photos(photos);
                    break;
                case Block.Signature signature:
                    Room(18);
                    y += 10;
                    if (signature.Given.Length > 0) Add(new Mark.Text(Paper.Margin + 1, y - 1.2, Cut(signature.Given, Body, 88), Body));
                    Add(new Mark.Rule(Paper.Margin, y, Paper.Margin + 90, y, 0.2, Ink));
                    y += Small * Leading;
                    Add(new Mark.Text(Paper.Margin, y, signature.Words, Small) { Colour = Pale });
                    y += Gap;
                    break;
            }
        }

        private void Paragraph(Block.Paragraph paragraph)
        {
            var (size, bold, colour) = paragraph.Tone switch { Tone.Small => (Small, false, Pale), Tone.Strong or Tone.Caution => (Body, true, Ink), _ => (Body, false, Ink) };
            var caution = paragraph.Tone == Tone.Caution;
            foreach (var line in Wrapped(paragraph.Text, size, bold, paper.Wide - (caution ? 4 : 0)))
            {
                Room(size * Leading);
                if (caution) Add(new Mark.Box(Paper.Margin, y, 1.2, size * Leading, Ink));
                Text(Paper.Margin + (caution ? 4 : 0), line, size, bold, colour);
            }
            y += Gap / 2;
        }

        private void Item(string item)
        {
            var first = true;
            foreach (var line in Wrapped(item, Body, false, paper.Wide - 5))
            {
                Room(Body * Leading);
                if (first) Add(new Mark.Text(Paper.Margin + 1, y + Body, "•", Body));
                Text(Paper.Margin + 5, line, Body);
                first = false;
            }
            y += 0.8;
        }

        private const double CellPad = 1.1;

        /// <summary>Cells are wrapped; a row that is higher than a page goes on on the next one, under the heads again.</summary>
        private void Table(Block.Table table)
        {
            if (table.Rows.Count == 0) return;
            var widths = ColumnWidths.Of(table, paper.Wide, (text, bold) => letters.Width(text, bold) * Small + 2 * CellPad);
            var heads = Cells(table.Heads, widths, bold: true);
            var first = Cells(table.Rows[0], widths, bold: false);
            Room(Math.Min(paper.High / 2, Height(heads) + Height(first)));
            Heads();
            foreach (var row in table.Rows)
            {
                var cells = Cells(row, widths, bold: false);
                var from = 0;
                var most = cells.Max(lines => lines.Count);
                if (Height(cells) > Left && Height(cells) <= paper.High - Height(heads)) Again();
                while (from < most)
                {
                    var fit = Math.Min(most - from, (int)((Left - 2 * CellPad) / (Small * Leading)));
                    if (fit < 1)
                    {
                        Again();
                        continue;
                    }
                    Row([.. cells.Select(lines => lines.Skip(from).Take(fit).ToList())], bold: false);
                    from += fit;
                    if (from < most) Again();
                }
            }
            y += Gap;

            void Again()
            {
                Turn(paper);
                Heads();
            }

            void Heads()
            {
                if (table.Heads.All(head => head.Length == 0)) return;
                Row(heads, bold: true);
            }

            void Row(IReadOnlyList<List<string>> cells, bool bold)
            {
                var (x, high) = (Paper.Margin, Height(cells));
                for (var i = 0; i < cells.Count; i++)
                {
                    for (var line = 0; line < cells[i].Count; line++)
                        Add(new Mark.Text(x + CellPad, y + CellPad + line * Small * Leading + Small, cells[i][line], Small) { Bold = bold, Colour = bold ? Pale : Ink });
                    x += widths[i];
                }
                y += high;
                Add(new Mark.Rule(Paper.Margin, y, Paper.Margin + widths.Sum(), y, bold ? 0.3 : 0.12, Line));
            }
        }

        private List<List<string>> Cells(IReadOnlyList<string> row, IReadOnlyList<double> widths, bool bold) =>
            [.. row.Select((cell, i) => cell.Split('\n').SelectMany(part => Wrapped(part, Small, bold, widths[i] - 2 * CellPad)).ToList())];

        private static double Height(IReadOnlyList<List<string>> cells) => Math.Max(1, cells.Max(lines => lines.Count)) * Small * Leading + 2 * CellPad;

        private bool FitsHere(Block.Drawing drawing, double more)
        {
            var size = DrawingSize.Of(drawing.Svg);
            return size.High * Scale(size, paper.Wide, paper.High) + more + Caption(drawing) <= Left;
        }

        private static double Scale(DrawingSize size, double wide, double high) =>
            Math.Min(1, Math.Min(wide / size.Wide, high / size.High));

        private static double Caption(Block.Drawing drawing) => drawing.Caption.Length > 0 ? Small * Leading + Gap : Gap;

        /// <summary>Whether it is better seen on a page that lies on its long side.</summary>
        private bool GoesAcross(Block.Drawing drawing)
        {
            var (size, below, across) = (DrawingSize.Of(drawing.Svg), Caption(drawing), upright.Across());
            var scale = Scale(size, upright.Wide, upright.High - below);
            return scale < Legible && Scale(size, across.Wide, across.High - below) > scale * 1.15;
        }

        private bool IsAcross(Block? block) => block is Block.Drawing drawing && GoesAcross(drawing);

        private void Drawing(Block.Drawing drawing)
        {
            var (size, below) = (DrawingSize.Of(drawing.Svg), Caption(drawing));
            if (GoesAcross(drawing) && !(paper == upright.Across() && Left > paper.High - Together)) Turn(upright.Across());
            var scale = Scale(size, paper.Wide, (paper == upright ? paper.High : Left) - below);
            // What is only a little too high for what is left of an almost empty page is made that little smaller.
            if (paper == upright && size.High * scale + below > Left && Left > AlmostWhole * paper.High) scale = Math.Min(scale, (Left - below) / size.High);
            else if (paper == upright) Room(size.High * scale + below);
            Add(new Mark.Drawing(Paper.Margin, y, size.Wide * scale, size.High * scale, drawing.Svg));
            y += size.High * scale;
            if (drawing.Caption.Length > 0)
            {
                y += 0.6;
                Text(Paper.Margin, Cut(drawing.Caption, Small, paper.Wide), Small, colour: Pale);
            }
            y += Gap;
            if (paper != upright) y = paper.Bottom + 1; // What follows stands upright again.
        }

        private void Photos(Block.Photos photos)
        {
            const double Between = 4;
            var (wide, high) = ((paper.Wide - Between) / 2, (paper.Wide - Between) / 2 * 0.72);
            foreach (var pair in photos.Shown.Chunk(2))
            {
                var captions = pair.Select(photo => Wrapped(photo.Caption, Small, false, wide)).ToList();
                Room(high + captions.Max(lines => lines.Count) * Small * Leading + Gap);
                for (var i = 0; i < pair.Length; i++)
                {
                    var x = Paper.Margin + i * (wide + Between);
                    Add(new Mark.Photo(x, y, wide, high, pair[i].Name));
                    for (var line = 0; line < captions[i].Count; line++) Add(new Mark.Text(x, y + high + Small + line * Small * Leading, captions[i][line], Small) { Colour = Pale });
                }
                y += high + captions.Max(lines => lines.Count) * Small * Leading + Gap;
            }
        }

        private void Write(string text, double size, bool bold)
        {
            foreach (var line in Wrapped(text, size, bold, paper.Wide))
            {
                Room(size * Leading);
                Text(Paper.Margin, line, size, bold);
            }
        }

        private void Text(double x, string line, double size, bool bold = false, string colour = Ink, int? leadsTo = null)
        {
            Add(new Mark.Text(x, y + size, line, size) { Bold = bold, Colour = colour, LeadsTo = leadsTo });
            y += size * Leading;
        }

        /// <summary>A page more where so much does not fit on this one.</summary>
        private void Room(double high)
        {
            if (Left < high && y > Paper.Top) Turn(upright);
        }

        private void Turn(Paper next)
        {
            paper = next;
            // A page that nothing stands on yet is turned over, not left.
            if (pages is [.., { Marks.Count: 0 }]) pages.RemoveAt(pages.Count - 1);
            pages.Add((chapter, paper, []));
            y = Paper.Top;
        }

        private void Add(Mark mark) => pages[^1].Marks.Add(mark);

        private IReadOnlyList<string> Wrapped(string text, double size, bool bold, double width) => TextWrap.Lines(text, width, line => letters.Width(line, bold) * size);

        private string Cut(string text, double size, double width)
        {
            if (letters.Width(text, false) * size <= width) return text;
            while (text.Length > 1 && letters.Width(text + "…", false) * size > width) text = text[..^1];
            return text.TrimEnd() + "…";
        }
    }
}
