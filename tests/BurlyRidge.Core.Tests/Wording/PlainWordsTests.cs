using System.Text.RegularExpressions;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Wording;

/// <summary>What a person reads uses the trade's words: none that was replaced comes back.</summary>
public partial class PlainWordsTests
{
    private static readonly string[] Skipped = ["node_modules", "wwwroot", "obj", "bin", "Migrations"];

    /// <summary>Each word that was replaced, and what stands for it.</summary>
    private static IReadOnlyList<(string Old, string Better)> Replaced { get; } =
    [
        .. File.ReadLines(Path.Combine(Repository.Root, "tests", "BurlyRidge.Core.Tests", "Wording", "replaced-words.txt")).Select(line => line.Split('\t')).Select(pair => (pair[0], pair[1])),
    ];

    [Fact]
    public void No_text_on_screen_or_in_an_answer_has_a_word_that_was_replaced()
    {
        var read = Directory.EnumerateFiles(Path.Combine(Repository.Root, "src"), "*", SearchOption.AllDirectories)
            .Where(file => Path.GetExtension(file) is ".cs" or ".ts" or ".tsx" && !file.EndsWith(".d.ts", StringComparison.Ordinal) && !file.Split(Path.DirectorySeparatorChar).Any(Skipped.Contains)).ToList();
        Assert.True(read.Count > 300, $"{read.Count} files were read");
        var found =
            from file in read
            from line in File.ReadLines(file).Select((text, i) => (Text: text, Number: i + 1))
            where !Comment().IsMatch(line.Text)
            from text in Texts(file, line.Text)
            from word in Replaced
            where text.Contains(word.Old, StringComparison.Ordinal)
            select $"{Path.GetFileName(file)}:{line.Number}: \"{word.Old}\" is \"{word.Better}\" now";
        Assert.Empty(found);
    }

    /// <summary>Of C# what stands between quotation marks; of a page also what stands by itself.</summary>
    private static IEnumerable<string> Texts(string file, string line) =>
        file.EndsWith(".tsx", StringComparison.Ordinal) ? [line] : Quoted().Matches(line).Select(match => match.Value);

    [GeneratedRegex(@"^\s*(//|\*|/\*|\{/\*)")]
    private static partial Regex Comment();

    [GeneratedRegex("\"[^\"]*\"")]
    private static partial Regex Quoted();
}
