namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>Text in lines of no more than a width.</summary>
internal static class TextWrap
{
    /// <summary>The words of a text in as few lines as fit; a word that is longer than that is broken.</summary>
    public static IReadOnlyList<string> Lines(string text, double width, Func<string, double> measure)
    {
        var lines = new List<string>();
        var line = "";
        foreach (var word in text.Split(' ', StringSplitOptions.RemoveEmptyEntries).SelectMany(word => Broken(word, width, measure)))
        {
            var more = line.Length == 0 ? word : $"{line} {word}";
            if (line.Length > 0 && measure(more) > width)
            {
                lines.Add(line);
                line = word;
            }
            else line = more;
        }
        if (line.Length > 0) lines.Add(line);
        return lines;
    }

    private static IEnumerable<string> Broken(string word, double width, Func<string, double> measure)
    {
        while (word.Length > 1 && measure(word) > width)
        {
            var keep = word.Length - 1;
            while (keep > 1 && measure(word[..keep]) > width) keep--;
            // Both halves of a letter beyond the first plane stay together.
            if (keep > 1 && char.IsHighSurrogate(word[keep - 1])) keep--;
            else if (keep == 1 && char.IsHighSurrogate(word[0])) keep = Math.Min(2, word.Length);
            yield return word[..keep];
            word = word[keep..];
        }
        if (word.Length > 0) yield return word;
    }
}
