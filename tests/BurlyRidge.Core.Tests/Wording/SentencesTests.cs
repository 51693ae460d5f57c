using System.Text.RegularExpressions;
using BurlyRidge.Core.Tests.Support;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace BurlyRidge.Core.Tests.Wording;

/// <summary>What a person reads stands in the resources, and nowhere else.</summary>
public partial class SentencesTests
{
    /// <summary>Files whose texts are no words of the program.</summary>
    private static readonly Dictionary<string, string> Data = new(StringComparer.Ordinal)
    {
        ["Bodies/Mirroring.cs"] = "sides in names that a person gave",
        ["Exchange/SpiceNetlist.cs"] = "a language of its own",
        ["Conductors/WireTable.cs"] = "what a wire is sold as, and stands in documents",
        ["Changes/ValueWords.cs"] = "endings of field names",
        ["Exchange/Drawings/Svg.cs"] = "names of fonts",
        ["Catalogue/ShippedCatalogue.cs"] = "names in the shipped catalogue",
        ["Catalogue/ShippedKits.cs"] = "names in the shipped catalogue",
        ["Catalogue/LampTableRow.cs"] = "columns and values of a table as files have them",
        ["Catalogue/CsvCells.cs"] = "rows and columns of a table as files have them",
        ["Bench/Currencies.cs"] = "codes and signs of currencies",
        ["Storage/JobDatabase.cs"] = "tables of the database",
        ["Exchange/Pages/BookHtml.cs"] = "a style sheet",
        ["Jobs/Handout.cs"] = "how a date is written",
        ["WarmUp.cs"] = "a job that nobody sees",
        ["OpenApiExamples.cs"] = "examples for who writes a program",
    };

    /// <summary>Folders of what is built, of a person's data, and of steps that are over.</summary>
    private static readonly string[] Beside = ["bin/", "obj/", "Demo/", "Migrations/"];

    private static readonly ILookup<string, string> Files = Resources.Projects.SelectMany(project => Directory
        .EnumerateFiles(Folder(project), "*.cs", SearchOption.AllDirectories)
        .Select(file => (Project: project, Name: Path.GetRelativePath(Folder(project), file).Replace('\\', '/')))
        .Where(file => !Beside.Any(folder => file.Name.Contains(folder, StringComparison.Ordinal)) && !Data.ContainsKey(file.Name)))
        .ToLookup(file => $"{file.Project}/{file.Name.Split('/')[0]}", file => Path.Combine(Folder(file.Project), file.Name));

    public static TheoryData<string> Sources => [.. Files.Select(folder => folder.Key)];

    [Theory]
    [MemberData(nameof(Sources))]
    public void No_sentence_stands_in_the_code(string folder) =>
        Assert.Empty(Files[folder].SelectMany(file => In(File.ReadAllText(file)).Select(text => $"{Path.GetFileName(file)}: {text}")));

    [Theory]
    [InlineData("var a = \"It is too thin.\";", true)]
    [InlineData("var a = $\"{wire} carries {amps}\";", true)]
    [InlineData("var a = on ? \"\" : \" and the rest\";", true)]
    [InlineData("var a = \"Relay\";", true)]
    [InlineData("var a = \"main-fuse\"; var b = $\"{path}.wires[{i}]\"; var c = \"oneWayMetres\";", false)]
    [InlineData("throw new ArgumentException(\"No node of that name.\");", false)]
    [InlineData("[Theory(\"What it is.\")] class A;", false)]
    public void A_sentence_is_told_from_a_name(string code, bool sentence) => Assert.Equal(sentence, In(code).Any());

    /// <summary>Texts of a file that read like words, not like names.</summary>
    private static IEnumerable<string> In(string code) => CSharpSyntaxTree.ParseText(code).GetRoot().DescendantNodes().OfType<ExpressionSyntax>()
        .Where(text => text is InterpolatedStringExpressionSyntax || text.IsKind(SyntaxKind.StringLiteralExpression))
        .Where(text => !text.Ancestors().Any(IsForProgrammers) && Reads(Letters(text)))
        .Select(text => text.ToString());

    private static bool IsForProgrammers(SyntaxNode node) => node is AttributeSyntax or ThrowStatementSyntax or ThrowExpressionSyntax
        || node is ObjectCreationExpressionSyntax made && made.Type.ToString().EndsWith("Exception", StringComparison.Ordinal)
        || node is InvocationExpressionSyntax { Expression: MemberAccessExpressionSyntax { Name.Identifier.Text: "WithSummary" or "WithDescription" or "WithTags" } };

    private static bool Reads(string text) =>
        !Markup().IsMatch(text) && (Words().IsMatch(text) || Edge().IsMatch(text) && Word().IsMatch(text) || Name().IsMatch(text) || BesidePlace().IsMatch(text));

    private static string Letters(ExpressionSyntax text) => text is InterpolatedStringExpressionSyntax whole
        ? string.Concat(whole.Contents.Select(part => part is InterpolatedStringTextSyntax letters ? letters.TextToken.ValueText : "{}"))
        : ((LiteralExpressionSyntax)text).Token.ValueText;

    private static string Folder(string project) => Path.Combine(Repository.Root, "src", project);

    [GeneratedRegex(@"\p{L}{2,}[,;:.)}]* +[({]*[\p{L}\d]")]
    private static partial Regex Words();

    [GeneratedRegex(@"^\s|\s$")]
    private static partial Regex Edge();

    [GeneratedRegex(@"\p{L}{2,}")]
    private static partial Regex Word();

    [GeneratedRegex(@"^\p{Lu}\p{Ll}+[.:]?$")]
    private static partial Regex Name();

    [GeneratedRegex(@"\{\} \p{L}{2,}|\p{L}{2,} \{\}")]
    private static partial Regex BesidePlace();

    /// <summary>HTML, an address, a statement for the database.</summary>
    [GeneratedRegex(@"<[a-z/!]|://|=""|^(SELECT|DELETE|PRAGMA|Data Source|text/)")]
    private static partial Regex Markup();
}
