namespace BurlyRidge.Core.Bench;

/// <summary>Sizes of paper.</summary>
public enum PaperSize
{
    /// <summary>ISO 216: 210 by 297 mm.</summary>
    A4,

    /// <summary>ANSI/ASME Y14.1: 8.5 by 11 in.</summary>
    Letter,
}

/// <summary>How large paper is.</summary>
internal static class PaperSizes
{
    /// <summary>Upright, mm.</summary>
    public static (double Wide, double High) Millimetres(this PaperSize size) => size == PaperSize.Letter ? (215.9, 279.4) : (210, 297);
}
