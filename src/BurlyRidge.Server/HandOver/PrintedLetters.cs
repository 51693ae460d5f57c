using System.Collections.Concurrent;
using BurlyRidge.Core.Exchange.Pages;

namespace BurlyRidge.Server.HandOver;

/// <summary>How wide letters are in the faces that are printed; a word is measured once.</summary>
internal sealed class PrintedLetters : ILetters
{
    /// <summary>So many texts are remembered; a pack has some thousands of words.</summary>
    private const int Most = 50_000;

    private readonly ConcurrentDictionary<(string Text, bool Bold), double> known = [];

    public double Width(string text, bool bold)
    {
        if (known.TryGetValue((text, bold), out var width)) return width;
        if (known.Count > Most) known.Clear();
        var fonts = ShippedFonts.Get();
        return known[(text, bold)] = fonts.Pieces(text, bold).Sum(piece => fonts.Width(piece.Text, piece.Face));
    }
}
