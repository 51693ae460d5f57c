using BurlyRidge.Core.Exchange.Drawings;
using static BurlyRidge.Core.Exchange.Drawings.PrintPage;

namespace BurlyRidge.Core.Exchange.Pages;

/// <summary>A book as one file of HTML that carries everything and opens anywhere.</summary>
public static class BookHtml
{
    private const string Style = """
        :root{color-scheme:light}
        body{font:16px/1.45 "Overpass",Helvetica,Arial,sans-serif;color:#111;background:#fff;max-width:52rem;margin:0 auto;padding:1rem}
        h1{font-size:1.9rem;line-height:1.15}h2{font-size:1.5rem;margin-top:2.5rem;border-top:2px solid #111;padding-top:.6rem}h3{font-size:1.1rem}
        table{border-collapse:collapse;width:100%;font-size:.9rem}th,td{text-align:left;vertical-align:top;padding:.25rem .5rem;border-bottom:1px solid #bbb}
        .table{overflow-x:auto}figure{margin:1rem 0}figure svg,figure img{max-width:100%;height:auto}figcaption,.small,footer{color:#555;font-size:.85rem}
        .caution{font-weight:bold;border-left:.35rem solid #111;padding-left:.7rem}.photos{display:grid;grid-template-columns:repeat(auto-fit,minmax(16rem,1fr));gap:1rem}
        .sign{border-top:1px solid #111;margin-top:2.5rem;max-width:24rem}nav a{color:#111}
        @media print{nav{break-after:page}h2{break-before:page}tr,figure{break-inside:avoid}}
        """;

    /// <param name="photo">The address of a photo, by its name; of a file that is to open alone it holds the picture itself.</param>
    public static string Of(Book book, Func<string, string> photo) => $$"""
        <!doctype html>
        <html lang="en">
        <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width">
        <title>{{Text(book.Title)}}</title>
        <style>{{Style}}</style>
        </head>
        <body>
        <main>
        {{string.Concat(book.Chapters.Select((chapter, i) => Of(chapter, i == 0, photo) + (i == 0 ? Contents(book) : "")))}}
        </main>
        <footer>{{Text(book.Edition)}}</footer>
        </body>
        </html>
        """;

    private static string Contents(Book book) =>
        $"<nav aria-label=\"{Text(FileWords.Contents)}\"><h2>{Text(FileWords.Contents)}</h2><ol>{string.Concat(book.Chapters.Skip(1).Select(chapter => $"<li><a href=\"#{Text(chapter.Id)}\">{Text(chapter.Title)}</a></li>"))}</ol></nav>\n";

    private static string Of(Chapter chapter, bool cover, Func<string, string> photo)
    {
        var head = cover ? "h1" : "h2";
        return $"<section id=\"{Text(chapter.Id)}\" aria-label=\"{Text(chapter.Title)}\"><{head}>{Text(chapter.Title)}</{head}>\n{string.Concat(chapter.Blocks.Select(block => Of(block, photo)))}</section>\n";
    }

    private static string Of(Block block, Func<string, string> photo) => block switch
    {
        Block.Heading heading => $"<h3>{Text(heading.Text)}</h3>\n",
        Block.Paragraph paragraph => $"<p{ClassOf(paragraph.Tone)}>{Text(paragraph.Text)}</p>\n",
        Block.Bullets bullets => $"<ul>{string.Concat(bullets.Items.Select(item => $"<li>{Text(item)}</li>"))}</ul>\n",
        // A table that is wider than the screen is moved by itself, and is reached by keys.
        Block.Table table => $"<div class=\"table\" tabindex=\"0\">{PrintPage.Table(table.Heads, table.Rows.Select(row => $"<tr>{string.Concat(row.Select(cell => $"<td>{Text(cell).Replace("\n", "<br>", StringComparison.Ordinal)}</td>"))}</tr>\n"))}</div>\n",
        Block.Drawing drawing => $"<figure>{drawing.Svg}{Caption(drawing.Caption)}</figure>\n",
        Block.Photos photos => $"<div class=\"photos\">{string.Concat(photos.Shown.Select(shown => $"<figure><img src=\"{photo(shown.Name)}\" alt=\"{Text(shown.Caption)}\">{Caption(shown.Caption)}</figure>"))}</div>\n",
        Block.Signature signature => $"<p class=\"sign\"><strong>{Text(signature.Given)}</strong><br>{Text(signature.Words)}</p>\n",
        _ => throw new ArgumentOutOfRangeException(nameof(block), block, "a block of another kind"),
    };

    private static string Caption(string caption) => caption.Length > 0 ? $"<figcaption>{Text(caption)}</figcaption>" : "";

    private static string ClassOf(Tone tone) => tone switch { Tone.Small => " class=\"small\"", Tone.Caution => " class=\"caution\"", Tone.Strong => " class=\"strong\"", _ => "" };
}
