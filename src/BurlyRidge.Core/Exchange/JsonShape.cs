using System.Collections.Concurrent;
using System.Collections.Frozen;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace BurlyRidge.Core.Exchange;

/// <summary>
/// The second half of reading: whether a document has the shape of a type, field by field. What passes is read without a
/// guess: no field unknown or missing, nothing empty that may not be, enums by their own names, numbers that are numbers.
/// </summary>
internal sealed class JsonShape
{
    private static readonly string NotEmpty = FileWords.MustNotBeEmpty;

    /// <summary>The serializer's own look into a type takes as long as the check of a small one.</summary>
    private static readonly ConcurrentDictionary<Type, JsonTypeInfo> Types = new();

    private static readonly ConcurrentDictionary<Type, FieldsOf> Known = new();

    private static readonly ConcurrentDictionary<Type, IReadOnlyList<string>> Choices = new();

    /// <summary>An amount beyond this is a slip of the pen; sums of such stay exact.</summary>
    private const decimal MostMoney = 1e15m;

    private readonly FieldPath path = new();

    private readonly List<Problem> problems = [];

    private JsonShape() { }

    /// <summary>All that keeps <paramref name="document"/> from being a <paramref name="type"/>.</summary>
    public static IReadOnlyList<Problem> Check(JsonElement document, Type type)
    {
        var shape = new JsonShape();
        shape.Check(document, type, severalLines: false);
        return shape.problems;
    }

    private void Check(JsonElement element, Type type, bool severalLines)
    {
        var info = Of(ref type);
        if (info.PolymorphismOptions is { } choice && element.ValueKind == JsonValueKind.Object)
        {
            var kind = choice.TypeDiscriminatorPropertyName;
            var chosen = element.TryGetProperty(kind, out var name) ? choice.DerivedTypes.FirstOrDefault(derived => name.ValueKind == JsonValueKind.String && name.ValueEquals((string)derived.TypeDiscriminator!)) : default;
            if (chosen.DerivedType is null) Say(kind, FileWords.FormatGiveOneOf(string.Join(", ", choice.DerivedTypes.Select(derived => derived.TypeDiscriminator))));
            else Fields(element, JsonRules.Stored.GetTypeInfo(chosen.DerivedType), kind);
            return;
        }
        var wanted = info.Kind switch
        {
            JsonTypeInfoKind.Object when element.ValueKind == JsonValueKind.Object => Fields(element, info),
            JsonTypeInfoKind.Object => FileWords.GiveAnObjectWithThe,
            JsonTypeInfoKind.Enumerable when element.ValueKind == JsonValueKind.Array => Entries(element, info.ElementType!),
            JsonTypeInfoKind.Enumerable => FileWords.GiveAList,
            JsonTypeInfoKind.Dictionary when element.ValueKind == JsonValueKind.Object => Values(element, info.ElementType!),
            JsonTypeInfoKind.Dictionary => FileWords.GiveAnObject,
            _ => Value(element, type, severalLines),
        };
        if (wanted is not null) Say(wanted);
    }

    /// <summary>What is known of a type; without its "or nothing".</summary>
    private static JsonTypeInfo Of(ref Type type)
    {
        var info = Types.GetOrAdd(type, static type => JsonRules.Stored.GetTypeInfo(Nullable.GetUnderlyingType(type) ?? type));
        type = info.Type;
        return info;
    }

    private string? Fields(JsonElement element, JsonTypeInfo info, string? beside = null)
    {
        var known = Known.GetOrAdd(info.Type, static (_, info) => FieldsOf.Of(info), info);
        var needed = 0;
        foreach (var member in element.EnumerateObject())
        {
            if (member.Name == beside) continue;
            if (!known.ByName.TryGetValue(member.Name, out var field))
            {
                Say(member.Name, FileWords.IsNotAFieldOf);
                continue;
            }
            if (field.Needed) needed++;
            if (member.Value.ValueKind == JsonValueKind.Null && field.MayBeNull) continue;
            path.Into(field.Name);
            Check(member.Value, field.Type, field.SeveralLines);
            path.Back();
        }
        if (needed < known.Needed.Count)
            foreach (var field in known.Needed.Where(field => !element.TryGetProperty(field.Name, out _))) Say(field.Name, FileWords.IsMissing);
        return null;
    }

    private string? Entries(JsonElement element, Type type)
    {
        var i = 0;
        foreach (var entry in element.EnumerateArray())
        {
            path.Into(i++);
            Entry(entry, type);
            path.Back();
        }
        return null;
    }

    private string? Values(JsonElement element, Type type)
    {
        foreach (var member in element.EnumerateObject())
        {
            if (PlainText.HasOdd(member.Name, severalLines: false))
            {
                Say(FileWords.HoldsAFieldWithA);
                continue;
            }
            path.Into(member.Name);
            Entry(member.Value, type);
            path.Back();
        }
        return null;
    }

    private void Entry(JsonElement entry, Type type)
    {
        if (entry.ValueKind != JsonValueKind.Null) Check(entry, type, severalLines: false);
        else if (Nullable.GetUnderlyingType(type) is null) Say(NotEmpty);
    }

    private void Say(string what) => problems.Add(new Problem(path.ToString(), what));

    private void Say(string field, string what)
    {
        path.Into(field);
        Say(what);
        path.Back();
    }

    /// <summary>What is wanted instead of a value; null where it is one.</summary>
    private static string? Value(JsonElement element, Type type, bool severalLines)
    {
        if (type == typeof(string))
            return element.ValueKind != JsonValueKind.String ? FileWords.GiveText
                : PlainText.HasOdd(element.GetString()!, severalLines) ? FileWords.HoldsALineBreakOr
                : null;
        if (type == typeof(bool)) return element.ValueKind is JsonValueKind.True or JsonValueKind.False ? null : FileWords.GiveTrueOrFalse;
        if (type.IsEnum)
        {
            var names = Choices.GetOrAdd(type, static type => [.. Enum.GetNames(type).Select(JsonNamingPolicy.CamelCase.ConvertName)]);
            return element.ValueKind == JsonValueKind.String && names.Contains(element.GetString()!) ? null : FileWords.FormatGiveOneOf2(string.Join(", ", names));
        }
        if (type == typeof(DateOnly)) return element.ValueKind == JsonValueKind.String && DateOnly.TryParseExact(element.GetString(), "yyyy-MM-dd", out _) ? null : FileWords.GiveADayAs2027;
        if (type == typeof(DateTimeOffset)) return element.ValueKind == JsonValueKind.String && element.TryGetDateTimeOffset(out _) ? null : FileWords.GiveATime;
        if (type == typeof(int)) return element.ValueKind == JsonValueKind.Number && element.TryGetInt32(out _) ? null : FileWords.GiveAWholeNumber;
        if (type == typeof(decimal)) return element.ValueKind == JsonValueKind.Number && element.TryGetDecimal(out var amount) && Math.Abs(amount) < MostMoney ? null : FileWords.GiveANumber;
        if (type == typeof(double)) return element.ValueKind == JsonValueKind.Number && element.TryGetDouble(out var number) && double.IsFinite(number) ? null : FileWords.GiveANumber;
        throw new NotSupportedException($"Documents hold no {type}.");
    }

    /// <summary>One field of a type.</summary>
    /// <param name="SeveralLines">Whether its text may hold line breaks.</param>
    /// <param name="Needed">Whether it must be given.</param>
    private sealed record Field(string Name, Type Type, bool SeveralLines, bool MayBeNull, bool Needed);

    /// <summary>The fields of a type, by name, and those that must be given.</summary>
    private sealed record FieldsOf(FrozenDictionary<string, Field> ByName, IReadOnlyList<Field> Needed)
    {
        public static FieldsOf Of(JsonTypeInfo info)
        {
            var fields = info.Properties.Where(property => property.Set is not null || property.AssociatedParameter is not null).Select(property => new Field(
                property.Name,
                property.PropertyType,
                property.AttributeProvider?.IsDefined(typeof(LongTextAttribute), inherit: false) == true,
                property.AssociatedParameter?.IsNullable ?? property.IsSetNullable,
                property.IsRequired || property.AssociatedParameter is { HasDefaultValue: false })).ToList();
            return new(fields.ToFrozenDictionary(field => field.Name, StringComparer.Ordinal), [.. fields.Where(field => field.Needed)]);
        }
    }
}
