using System.Reflection;
using System.Text.Json;
using System.Text.RegularExpressions;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>Says in a fitter's words what the JSON reader could not take, under the field's path.</summary>
public static partial class JsonProblem
{
    /// <summary>The problems of a document that should have been a <paramref name="document"/>.</summary>
    public static IReadOnlyList<Problem> Of(JsonException error, Type? document)
    {
        var path = FieldPath(error.Path);
        if (MissingMembers().Match(error.Message) is { Success: true } missing)
        {
            return [.. QuotedName().Matches(missing.Groups["names"].Value)
                .Select(name => new Problem(Join(path, name.Groups["name"].Value), "Is missing."))];
        }
        if (UnknownMember().Match(error.Message) is { Success: true } unknown)
        {
            var name = unknown.Groups["name"].Value;
            return [new Problem(LastName(path) == name ? path : Join(path, name), "Is not a field of this document.")];
        }
        if (DuplicateMember().IsMatch(error.Message)) return [new Problem(path, "Is given twice.")];
        var readable = WrongType().IsMatch(error.Message);
        return [new Problem(path, readable ? Wanted(document, path) : "Cannot be read as JSON, or is nested too deeply.")];
    }

    private static string Wanted(Type? document, string path) => (document is null ? null : TypeAt(document, path)) switch
    {
        null => "Give what this field is for.",
        Type type when type == typeof(double) => "Give a number.",
        Type type when type == typeof(int) => "Give a whole number.",
        Type type when type == typeof(string) => "Give text.",
        Type type when type == typeof(bool) => "Give true or false.",
        { IsEnum: true } type => $"Give one of {string.Join(", ", Enum.GetNames(type).Select(JsonNamingPolicy.CamelCase.ConvertName))}.",
        Type type when ElementOf(type) is not null => "Give a list.",
        _ => "Give an object with the fields of this document.",
    };

    /// <summary>The type that the field at <paramref name="path"/> has, or null where there is no such field.</summary>
    private static Type? TypeAt(Type document, string path)
    {
        Type? type = document;
        foreach (Match step in PathStep().Matches(path))
        {
            type = step.Groups["name"] is { Success: true } name
                ? type?.GetProperty(name.Value, BindingFlags.IgnoreCase | BindingFlags.Public | BindingFlags.Instance)?.PropertyType
                : type is null ? null : ElementOf(type);
            if (type is not null) type = Nullable.GetUnderlyingType(type) ?? type;
        }
        return type;
    }

    private static Type? ElementOf(Type type) =>
        type.IsGenericType && type.GetGenericTypeDefinition() == typeof(IReadOnlyList<>) ? type.GetGenericArguments()[0] : null;

    /// <summary>"$.lamps[0].watts" as "lamps[0].watts"; the document itself is "".</summary>
    private static string FieldPath(string? jsonPath) => (jsonPath ?? "").TrimStart('$').TrimStart('.');

    private static string Join(string path, string name) => path.Length == 0 ? name : $"{path}.{name}";

    private static string LastName(string path) => path[(path.LastIndexOf('.') + 1)..];

    [GeneratedRegex(@"missing required properties including: (?<names>.*?)\.( Path:|$)")]
    private static partial Regex MissingMembers();

    [GeneratedRegex(@"'(?<name>[^']+)'")]
    private static partial Regex QuotedName();

    [GeneratedRegex(@"JSON property '(?<name>[^']+)' could not be mapped")]
    private static partial Regex UnknownMember();

    [GeneratedRegex("[Dd]uplicate")]
    private static partial Regex DuplicateMember();

    [GeneratedRegex("could not be converted to|doesn't allow null values")]
    private static partial Regex WrongType();

    [GeneratedRegex(@"\[\d+\]|(?<name>[^.\[\]]+)")]
    private static partial Regex PathStep();
}
