using System.Text.Json.Nodes;

namespace BurlyRidge.Core.Exchange;

/// <summary>Brings the texts of a document of before version 5 to what may stand there: no control characters, no empty entries in lists of texts.</summary>
internal static class PlainTexts
{
    private static readonly string Unnamed = FileWords.Unnamed;

    public static void Give(JsonNode node)
    {
        switch (node)
        {
            case JsonObject fields:
                foreach (var (name, value) in fields.ToList())
                {
                    if (PlainIds.Text(value) is { } text) fields[name] = Plain(text);
                    else if (value is not null) Give(value);
                }
                break;
            case JsonArray entries:
                for (var i = entries.Count - 1; i >= 0; i--)
                {
                    if (entries[i] is not { } entry) entries.RemoveAt(i);
                    else if (PlainIds.Text(entry) is { } text) entries[i] = Plain(text);
                    else Give(entry);
                }
                break;
        }
    }

    private static string Plain(string text)
    {
        if (!text.Any(letter => PlainText.IsOdd(letter, severalLines: false))) return text;
        return PlainText.Clean(text) is { Length: > 0 } plain ? plain : Unnamed;
    }
}
