using System.Xml;

namespace BurlyRidge.Core.Exchange;

/// <summary>Text that every file, drawing and label can hold: no control characters, nothing that XML has no place for.</summary>
internal static class PlainText
{
    /// <summary>Whether a letter has no place in a text; line breaks and tabs have one in text of several lines.</summary>
    public static bool IsOdd(char letter, bool severalLines) =>
        !(severalLines && letter is '\n' or '\r' or '\t')
        && (char.IsControl(letter) || letter is '\u2028' or '\u2029' || (!char.IsSurrogate(letter) && !XmlConvert.IsXmlChar(letter)));

    /// <summary>Whether any letter has no place in a text.</summary>
    public static bool HasOdd(string text, bool severalLines)
    {
        foreach (var letter in text)
            if (IsOdd(letter, severalLines)) return true;
        return false;
    }

    /// <summary>The text with a space for each letter that has no place in it, none at its ends.</summary>
    public static string Clean(string text) => string.Concat(text.Select(letter => IsOdd(letter, severalLines: false) ? ' ' : letter)).Trim();
}
