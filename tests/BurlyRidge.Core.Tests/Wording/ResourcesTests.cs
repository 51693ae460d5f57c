using System.Text.Json;
using System.Text.RegularExpressions;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Wording;

/// <summary>The sentences themselves: in the words of the trade, whole, and each of them said somewhere.</summary>
public partial class ResourcesTests
{
    public static TheoryData<string> NotUsed => [.. File.ReadLines(Path.Combine(Repository.Root, "tests", "BurlyRidge.Core.Tests", "Wording", "words-not-used.txt"))];

    /// <summary>Turns of speech that were replaced by what a fitter says.</summary>
    [Theory]
    [MemberData(nameof(NotUsed))]
    public void Nothing_is_said_as_nobody_in_the_trade_says_it(string words) =>
        Assert.DoesNotContain(Resources.OfCode.Concat(Resources.OfPages), entry => Says(entry.Text, words));

    /// <summary>A name of one or two words is meant as a whole: "Left" of a column, not of a side.</summary>
    private static bool Says(string text, string words) => words.Split(' ').Length < 3
        ? text == words && words != "Left"
        : Regex.IsMatch(text, $@"(?<!\p{{L}}){Regex.Escape(words)}(?!\p{{L}})", RegexOptions.IgnoreCase);

    [Fact]
    public void Nobody_is_shouted_at() => Assert.DoesNotContain(Resources.OfCode.Concat(Resources.OfPages), entry => entry.Text.Contains('!', StringComparison.Ordinal));

    [Fact]
    public void Every_sentence_of_the_code_is_said_by_it()
    {
        var code = string.Concat(Resources.Projects.SelectMany(project => Directory.EnumerateFiles(Path.Combine(Repository.Root, "src", project), "*.cs", SearchOption.AllDirectories))
            .Where(file => !file.Contains("/obj/", StringComparison.Ordinal)).Select(File.ReadAllText));
        var used = Asked().Matches(code).Select(match => $"{match.Groups["book"].Value}.{match.Groups["key"].Value}").ToHashSet(StringComparer.Ordinal);
        Assert.Empty(Resources.OfCode.Where(entry => !entry.Key.StartsWith("FieldWords.", StringComparison.Ordinal) && !used.Contains(entry.Key)).Select(entry => entry.Key));
    }

    [Fact]
    public void Every_sentence_of_the_pages_is_said_by_them()
    {
        var code = string.Concat(Directory.EnumerateFiles(Resources.Pages, "*.ts*", SearchOption.AllDirectories).Where(file => !file.Contains("/words/", StringComparison.Ordinal)).Select(File.ReadAllText));
        var used = Quoted().Matches(code).Select(match => match.Value).ToHashSet(StringComparer.Ordinal);
        var looked = Resources.OfPages.Select(entry => Plural().Replace(entry.Key, "")).Where(key => !Families.Any(family => key.StartsWith(family, StringComparison.Ordinal)));
        Assert.Empty(looked.Where(key => !used.Contains(key)).Distinct());
    }

    /// <summary>Asked for by what they are about.</summary>
    private static readonly string[] Families = ["glossary.", "ui.counted.", "ui.endless."];

    [Fact]
    public void Every_field_and_choice_of_the_document_has_its_words()
    {
        using var schema = JsonDocument.Parse(File.ReadAllText(Path.Combine(Repository.Root, "docs", "job-file.schema.json")));
        var known = Resources.OfCode.Where(entry => entry.Key.StartsWith("FieldWords.", StringComparison.Ordinal)).Select(entry => entry.Key["FieldWords.".Length..]).ToHashSet(StringComparer.Ordinal);
        Assert.Empty(Names(schema.RootElement).Where(name => name.All(char.IsLetter) && !known.Contains(name)).Distinct());
    }

    private static IEnumerable<string> Names(JsonElement element) => element.ValueKind switch
    {
        JsonValueKind.Object => element.EnumerateObject().SelectMany(field => field.Name switch
        {
            "properties" => field.Value.EnumerateObject().Select(property => property.Name).Concat(Names(field.Value)),
            "enum" => field.Value.EnumerateArray().Where(value => value.ValueKind == JsonValueKind.String).Select(value => value.GetString()!),
            _ => Names(field.Value),
        }),
        JsonValueKind.Array => element.EnumerateArray().SelectMany(Names),
        _ => [],
    };

    [GeneratedRegex(@"(?<book>\w+Words)\.(Format)?(?<key>\w+)")]
    private static partial Regex Asked();

    [GeneratedRegex(@"\w+\.\w+(\.\w+)*(?="")")]
    private static partial Regex Quoted();

    [GeneratedRegex("_(one|other)$")]
    private static partial Regex Plural();
}
