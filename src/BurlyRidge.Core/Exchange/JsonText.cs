using System.Text.Json;

namespace BurlyRidge.Core.Exchange;

/// <summary>The first half of reading: whether a text is JSON that means one thing, whatever that is.</summary>
internal static class JsonText
{
    private static readonly JsonDocumentOptions Options = new() { MaxDepth = JsonRules.DeepestNesting };

    /// <summary>
    /// The root of a text in UTF-8, and all that is wrong with it: no field is given twice, every string is whole characters.
    /// The root is undefined where there is none.
    /// </summary>
    public static (JsonElement Root, IReadOnlyList<Problem> Problems) Parse(ReadOnlyMemory<byte> text)
    {
        if (text.Span.StartsWith("\uFEFF"u8)) text = text[3..];
        try
        {
            var root = JsonDocument.Parse(text, Options).RootElement;
            var problems = new List<Problem>();
            Check(root, "", problems);
            return (root, problems);
        }
        catch (JsonException error)
        {
            return (default, [new Problem("", error.LineNumber is { } line
                ? FileWords.FormatCannotBeReadAsJson(line + 1)
                : FileWords.CannotBeReadAsJsonOr)]);
        }
    }

    private static void Check(JsonElement element, string path, List<Problem> problems)
    {
        switch (element.ValueKind)
        {
            case JsonValueKind.Object:
                var names = new HashSet<string>(StringComparer.Ordinal);
                foreach (var member in element.EnumerateObject())
                {
                    if (Read(() => member.Name) is not { } name) problems.Add(new Problem(path, FileWords.HoldsAFieldWhoseName));
                    else if (names.Add(name)) Check(member.Value, FieldPath.Join(path, name), problems);
                    else problems.Add(new Problem(FieldPath.Join(path, name), FileWords.IsGivenTwice));
                }
                break;
            case JsonValueKind.Array:
                var i = 0;
                foreach (var entry in element.EnumerateArray()) Check(entry, $"{path}[{i++}]", problems);
                break;
            case JsonValueKind.String:
                if (Read(element.GetString) is null) problems.Add(new Problem(path, FileWords.HoldsHalfACharacter));
                break;
        }
    }

    // Half a surrogate pair, or bytes that are no UTF-8, may stand in JSON and are no text.
    private static string? Read(Func<string?> text)
    {
        try
        {
            return text();
        }
        catch (InvalidOperationException)
        {
            return null;
        }
    }
}
