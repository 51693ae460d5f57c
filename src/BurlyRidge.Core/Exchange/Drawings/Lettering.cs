namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>How wide a text of the shipped font is: advance widths of its letters, thousandths of its size, as the browser measures them.</summary>
internal static class Lettering
{
    /// <summary>From one line to the next, of the size.</summary>
    public const double Leading = 1.12;

    /// <summary>Above the foot of the line, of the size; below it.</summary>
    public const double Rise = 0.78, Fall = 0.24;

    private const int First = 32, Wide = 800;

    private static readonly int[] Regular =
    [
        235, 273, 403, 683, 588, 870, 677, 214, 343, 343, 533, 645, 225, 399, 225, 490, 642, 373, 612, 602, 621, 621, 597, 522, 611, 597, 225, 225, 645, 645, 645, 514,
        809, 679, 656, 647, 682, 599, 562, 688, 700, 283, 546, 660, 559, 804, 708, 730, 630, 730, 665, 599, 583, 689, 652, 840, 603, 641, 650, 376, 490, 376, 645, 490,
        500, 562, 526, 500, 562, 538, 333, 563, 563, 254, 254, 531, 262, 847, 563, 558, 565, 563, 389, 469, 378, 563, 512, 715, 517, 529, 505, 372, 272, 372, 645,
    ];

    private static readonly int[] Bold =
    [
        250, 300, 443, 702, 604, 852, 711, 245, 373, 373, 552, 636, 249, 415, 243, 523, 658, 400, 612, 600, 643, 611, 615, 537, 629, 615, 243, 243, 636, 636, 636, 511,
        834, 717, 690, 639, 710, 624, 575, 682, 721, 296, 558, 708, 566, 810, 718, 722, 639, 723, 690, 614, 602, 712, 682, 848, 678, 684, 639, 393, 523, 393, 636, 496,
        500, 577, 577, 542, 577, 557, 362, 578, 592, 283, 283, 559, 291, 876, 592, 567, 578, 578, 417, 493, 393, 592, 558, 748, 577, 568, 544, 384, 301, 384, 636,
    ];

    /// <summary>Width of a line of that size.</summary>
    public static double Width(string text, double size, bool bold)
    {
        var table = bold ? Bold : Regular;
        var sum = 0;
        foreach (var letter in text) sum += letter is >= (char)First and < (char)127 ? table[letter - First] : letter == '²' ? 373 : letter == '°' ? 416 : Wide;
        return sum * size / 1000;
    }

    /// <summary>The words of a text in as few lines as fit the width; a word that is longer than that is broken.</summary>
    public static IReadOnlyList<string> Wrapped(string text, double size, bool bold, double width) => TextWrap.Lines(text, width, line => Width(line, size, bold));
}
