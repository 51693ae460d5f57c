using System.Net;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>A page of HTML with drawings, to be printed: it carries nothing from elsewhere but the print style.</summary>
internal static class PrintPage
{
    /// <param name="kind">Class of the body, which the style knows.</param>
    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    /// <param name="note">What whoever prints it has to know.</param>
    /// <param name="drawings">Markup.</param>
    public static string Of(string kind, string title, string edition, string note, IEnumerable<string> drawings) => $$"""
        <!doctype html>
        <html lang="en">
        <head>
        <meta charset="utf-8">
        <title>{{Text(title)}}</title>
        <link rel="stylesheet" href="/print.css">
        </head>
        <body class="{{kind}}">
        <h1>{{Text(title)}}</h1>
        <p>{{Text(edition)}}</p>
        <p>{{Text(note)}}</p>
        {{string.Join('\n', drawings)}}
        </body>
        </html>
        """;

    /// <summary>A text as markup.</summary>
    public static string Text(string text) => WebUtility.HtmlEncode(text);

    /// <summary>A table of markup under its heads.</summary>
    /// <param name="rows">Markup.</param>
    public static string Table(IEnumerable<string> heads, IEnumerable<string> rows) =>
        $"<table><thead><tr>{string.Concat(heads.Select(head => $"<th>{Text(head)}</th>"))}</tr></thead>\n<tbody>{string.Concat(rows)}</tbody></table>";
}
