using System.Text.Json;
using System.Xml.Linq;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>The sentences of the program, by "book.key" as the code asks for them.</summary>
internal static class Resources
{
    /// <summary>The projects that have books of their own.</summary>
    public static readonly IReadOnlyList<string> Projects = ["BurlyRidge.Core", "BurlyRidge.Server"];

    /// <summary>The sources of the pages.</summary>
    public static readonly string Pages = Path.Combine(Repository.Root, "src", "web", "src");

    /// <summary>Those of core and server.</summary>
    public static readonly IReadOnlyList<(string Key, string Text)> OfCode =
    [
        .. from project in Projects
           from file in Directory.EnumerateFiles(Path.Combine(Repository.Root, "src", project, "Wording"), "*.resx")
           from entry in XDocument.Load(file).Descendants("data")
           select ($"{Path.GetFileNameWithoutExtension(file)}.{entry.Attribute("name")!.Value}", entry.Element("value")!.Value),
    ];

    /// <summary>Those of the pages.</summary>
    public static readonly IReadOnlyList<(string Key, string Text)> OfPages =
        [.. Directory.EnumerateFiles(Path.Combine(Pages, "words", "en"), "*.json").SelectMany(Book)];

    private static IEnumerable<(string Key, string Text)> Book(string file)
    {
        using var document = JsonDocument.Parse(File.ReadAllText(file));
        return [.. Texts(Path.GetFileNameWithoutExtension(file), document.RootElement)];
    }

    private static IEnumerable<(string Key, string Text)> Texts(string key, JsonElement element) => element.ValueKind == JsonValueKind.String
        ? [(key, element.GetString()!)]
        : element.EnumerateObject().SelectMany(field => Texts($"{key}.{field.Name}", field.Value));
}
