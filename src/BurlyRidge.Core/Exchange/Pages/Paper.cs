using BurlyRidge.Core.Bench;

namespace BurlyRidge.Core.Exchange.Pages;

/// <summary>A sheet of paper, mm.</summary>
internal sealed record Paper(double Width, double Height)
{
    /// <summary>Free at every edge; printers reach no further than some 5 mm (typical).</summary>
    public const double Margin = 16;

    /// <summary>From the lower edge to the foot line.</summary>
    public const double Foot = 9;

    public static Paper Of(PaperSize size) => new(size.Millimetres().Wide, size.Millimetres().High);

    /// <summary>The same lying on its long side.</summary>
    public Paper Across() => new(Height, Width);

    public double Wide => Width - 2 * Margin;

    public const double Top = Margin;

    public double Bottom => Height - Margin - 3;

    public double High => Bottom - Top;
}
