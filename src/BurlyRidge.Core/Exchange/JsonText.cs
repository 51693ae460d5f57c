using System.Text.Json;
using System.Text.Unicode;

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
            return (root, new Walk(Plain(text.Span)).Through(root));
        }
        catch (JsonException error)
        {
            return (default, [new Problem("", error.LineNumber is { } line
                ? FileWords.FormatCannotBeReadAsJson(line + 1)
                : FileWords.CannotBeReadAsJsonOr)]);
        }
    }

    /// <summary>Whether every string in it must be whole characters: half a surrogate pair is written with an escape.</summary>
    private static bool Plain(ReadOnlySpan<byte> text) => Utf8.IsValid(text) && text.IndexOf("\\u"u8) < 0;

    /// <param name="plain">Whether every string is whole characters, and need not be looked at.</param>
    private sealed class Walk(bool plain)
    {
        private readonly FieldPath path = new();
        private readonly List<Problem> problems = [];

        /// <summary>Names of the fields of the objects that it is in, by depth.</summary>
        private readonly List<HashSet<string>> names = [];

        public List<Problem> Through(JsonElement root)
        {
            Check(root);
            return problems;
        }

        private void Check(JsonElement element)
        {
            switch (element.ValueKind)
            {
                case JsonValueKind.Object:
                    var known = Names();
                    foreach (var member in element.EnumerateObject())
                    {
                        if (NameOf(member) is not { } name)
                        {
                            Say(FileWords.HoldsAFieldWhoseName);
                            continue;
                        }
                        path.Into(name);
                        if (known.Add(name)) Check(member.Value);
                        else Say(FileWords.IsGivenTwice);
                        path.Back();
                    }
                    break;
                case JsonValueKind.Array:
                    var i = 0;
                    foreach (var entry in element.EnumerateArray())
                    {
                        path.Into(i++);
                        Check(entry);
                        path.Back();
                    }
                    break;
                case JsonValueKind.String:
                    if (!plain && Read(element.GetString) is null) Say(FileWords.HoldsHalfACharacter);
                    break;
            }
        }

        private void Say(string what) => problems.Add(new Problem(path.ToString(), what));

        private string? NameOf(JsonProperty member) => plain ? member.Name : Read(() => member.Name);

        private HashSet<string> Names()
        {
            while (names.Count <= path.Depth) names.Add(new(StringComparer.Ordinal));
            names[path.Depth].Clear();
            return names[path.Depth];
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
}
