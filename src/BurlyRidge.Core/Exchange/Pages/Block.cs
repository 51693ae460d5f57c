namespace BurlyRidge.Core.Exchange.Pages;

/// <summary>A piece of a chapter; paper, screen and HTML are made of the same ones.</summary>
public abstract record Block
{
    private Block() { }

    /// <summary>A heading within a chapter.</summary>
    public sealed record Heading(string Text) : Block;

    /// <summary>A paragraph.</summary>
    public sealed record Paragraph(string Text, Tone Tone = Tone.Plain) : Block;

    /// <summary>Sentences, one below the other.</summary>
    public sealed record Bullets(IReadOnlyList<string> Items) : Block;

    /// <summary>Rows of cells under their heads.</summary>
    public sealed record Table(IReadOnlyList<string> Heads, IReadOnlyList<IReadOnlyList<string>> Rows) : Block;

    /// <summary>A drawing in millimetres.</summary>
    /// <param name="Svg">As <see cref="Drawings.Svg"/> writes it.</param>
    /// <param name="Caption">What it shows; empty: its heading says so.</param>
    public sealed record Drawing(string Svg, string Caption = "") : Block;

    /// <summary>Photographs side by side.</summary>
    public sealed record Photos(IReadOnlyList<PagePhoto> Shown) : Block;

    /// <summary>A line to be signed or written on, with what goes there below it.</summary>
    public sealed record Signature(string Words, string Given) : Block;
}

/// <summary>A photograph on a page.</summary>
/// <param name="Name">In the store of the job.</param>
public sealed record PagePhoto(string Name, string Caption);

/// <summary>How a paragraph is to be taken.</summary>
public enum Tone
{
    /// <summary>As it is.</summary>
    Plain,

    /// <summary>What comes first.</summary>
    Strong,

    /// <summary>By the way.</summary>
    Small,

    /// <summary>A danger.</summary>
    Caution,
}

/// <summary>A chapter; on paper it begins a page.</summary>
/// <param name="Id">Names it within its book.</param>
/// <param name="Missing">What it still lacks, a sentence; empty: nothing.</param>
public sealed record Chapter(string Id, string Title, IReadOnlyList<Block> Blocks, string Missing = "");

/// <summary>What is printed together.</summary>
/// <param name="Edition">Stands at the foot of every page.</param>
/// <param name="Chapters">The first one is the cover; the list of the others follows it.</param>
public sealed record Book(string Title, string Edition, IReadOnlyList<Chapter> Chapters);
