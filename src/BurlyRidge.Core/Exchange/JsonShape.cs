using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace BurlyRidge.Core.Exchange;

/// <summary>
/// The second half of reading: whether a document has the shape of a type, field by field. What passes is read without a
/// guess: no field unknown or missing, nothing empty that may not be, enums by their own names, numbers that are numbers.
/// </summary>
internal static class JsonShape
{
    private static readonly string NotEmpty = FileWords.MustNotBeEmpty;

    /// <summary>All that keeps <paramref name="document"/> from being a <paramref name="type"/>.</summary>
    public static IReadOnlyList<Problem> Check(JsonElement document, Type type)
    {
        var problems = new List<Problem>();
        Check(document, type, "", severalLines: false, problems);
        return problems;
    }

    private static void Check(JsonElement element, Type type, string path, bool severalLines, List<Problem> problems)
    {
        type = Nullable.GetUnderlyingType(type) ?? type;
        var info = JsonRules.Stored.GetTypeInfo(type);
        if (info.PolymorphismOptions is { } choice && element.ValueKind == JsonValueKind.Object)
        {
            var kind = choice.TypeDiscriminatorPropertyName;
            var chosen = element.TryGetProperty(kind, out var name) ? choice.DerivedTypes.FirstOrDefault(derived => name.ValueKind == JsonValueKind.String && name.ValueEquals((string)derived.TypeDiscriminator!)) : default;
            if (chosen.DerivedType is null)
            {
                problems.Add(new Problem(FieldPath.Join(path, kind), FileWords.FormatGiveOneOf(string.Join(", ", choice.DerivedTypes.Select(derived => derived.TypeDiscriminator)))));
                return;
            }
            Fields(element, JsonRules.Stored.GetTypeInfo(chosen.DerivedType), path, problems, kind);
            return;
        }
        var wanted = info.Kind switch
        {
            JsonTypeInfoKind.Object when element.ValueKind == JsonValueKind.Object => Fields(element, info, path, problems),
            JsonTypeInfoKind.Object => FileWords.GiveAnObjectWithThe,
            JsonTypeInfoKind.Enumerable when element.ValueKind == JsonValueKind.Array => Entries(element, info.ElementType!, path, problems),
            JsonTypeInfoKind.Enumerable => FileWords.GiveAList,
            JsonTypeInfoKind.Dictionary when element.ValueKind == JsonValueKind.Object => Values(element, info.ElementType!, path, problems),
            JsonTypeInfoKind.Dictionary => FileWords.GiveAnObject,
            _ => Value(element, type, severalLines),
        };
        if (wanted is not null) problems.Add(new Problem(path, wanted));
    }

    private static string? Fields(JsonElement element, JsonTypeInfo info, string path, List<Problem> problems, string? beside = null)
    {
        var known = info.Properties.Where(property => property.Set is not null || property.AssociatedParameter is not null).ToDictionary(property => property.Name, StringComparer.Ordinal);
        foreach (var member in element.EnumerateObject())
        {
            if (member.Name == beside) continue;
            var at = FieldPath.Join(path, member.Name);
            if (!known.Remove(member.Name, out var property)) problems.Add(new Problem(at, FileWords.IsNotAFieldOf));
            else if (member.Value.ValueKind != JsonValueKind.Null || !MayBeNull(property)) Check(member.Value, property.PropertyType, at, IsLong(property), problems);
        }
        foreach (var (name, property) in known)
            if (property.IsRequired || property.AssociatedParameter is { HasDefaultValue: false }) problems.Add(new Problem(FieldPath.Join(path, name), FileWords.IsMissing));
        return null;
    }

    private static bool IsLong(JsonPropertyInfo property) => property.AttributeProvider?.IsDefined(typeof(LongTextAttribute), inherit: false) == true;

    private static bool MayBeNull(JsonPropertyInfo property) => property.AssociatedParameter?.IsNullable ?? property.IsSetNullable;

    private static string? Entries(JsonElement element, Type type, string path, List<Problem> problems)
    {
        var i = 0;
        foreach (var entry in element.EnumerateArray()) Entry(entry, type, $"{path}[{i++}]", problems);
        return null;
    }

    private static string? Values(JsonElement element, Type type, string path, List<Problem> problems)
    {
        foreach (var member in element.EnumerateObject())
        {
            if (member.Name.Any(letter => PlainText.IsOdd(letter, severalLines: false))) problems.Add(new Problem(path, FileWords.HoldsAFieldWithA));
            else Entry(member.Value, type, FieldPath.Join(path, member.Name), problems);
        }
        return null;
    }

    private static void Entry(JsonElement entry, Type type, string path, List<Problem> problems)
    {
        if (entry.ValueKind != JsonValueKind.Null) Check(entry, type, path, severalLines: false, problems);
        else if (Nullable.GetUnderlyingType(type) is null) problems.Add(new Problem(path, NotEmpty));
    }

    /// <summary>What is wanted instead of a value; null where it is one.</summary>
    private static string? Value(JsonElement element, Type type, bool severalLines)
    {
        if (type == typeof(string))
            return element.ValueKind != JsonValueKind.String ? FileWords.GiveText
                : element.GetString()!.Any(letter => PlainText.IsOdd(letter, severalLines)) ? FileWords.HoldsALineBreakOr
                : null;
        if (type == typeof(bool)) return element.ValueKind is JsonValueKind.True or JsonValueKind.False ? null : FileWords.GiveTrueOrFalse;
        if (type.IsEnum)
        {
            var names = Enum.GetNames(type).Select(JsonNamingPolicy.CamelCase.ConvertName).ToList();
            return element.ValueKind == JsonValueKind.String && names.Contains(element.GetString()!) ? null : FileWords.FormatGiveOneOf2(string.Join(", ", names));
        }
        if (type == typeof(DateOnly)) return element.ValueKind == JsonValueKind.String && DateOnly.TryParseExact(element.GetString(), "yyyy-MM-dd", out _) ? null : FileWords.GiveADayAs2027;
        if (type == typeof(int)) return element.ValueKind == JsonValueKind.Number && element.TryGetInt32(out _) ? null : FileWords.GiveAWholeNumber;
        if (type == typeof(double)) return element.ValueKind == JsonValueKind.Number && element.TryGetDouble(out var number) && double.IsFinite(number) ? null : FileWords.GiveANumber;
        throw new NotSupportedException($"Documents hold no {type}.");
    }
}
