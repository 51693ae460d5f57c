namespace BurlyRidge.Core.Parts;

/// <summary>What an id says to a person.</summary>
public static class SpokenId
{
    /// <summary>What an id of plain words says; null where it is no words.</summary>
    public static string? Of(string id)
    {
        var words = id.Split('-');
        var spoken = words.Length > 0 && words.All(word => word.Length > 0 && (word.All(char.IsAsciiLetter) || word.All(char.IsAsciiDigit))) && words[0].Any(char.IsAsciiLetter);
        return spoken && id.Any(char.IsAsciiLetter) ? Unjoined(string.Join(' ', words)) : null;
    }

    /// <summary>Words that are run together by their capitals, apart.</summary>
    private static string Unjoined(string text) => string.Concat(text.Select((letter, i) => i > 0 && char.IsAsciiLetterUpper(letter) && char.IsAsciiLetterLower(text[i - 1]) ? $" {char.ToLowerInvariant(letter)}" : $"{letter}"));
}
