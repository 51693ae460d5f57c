using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Changes;

/// <summary>Fields and values of a document as a person says them.</summary>
internal sealed class ValueWords(PartNames before, PartNames after, UnitSystem units)
{
    private static readonly (string Ending, Quantity Quantity)[] Endings =
    [
        ("SquareMillimetres", Quantity.Copper), ("Millimetres", Quantity.Millimetres), ("Metres", Quantity.Metres), ("Amps", Quantity.RatedAmps), ("Volts", Quantity.RatedVolts),
        ("Watts", Quantity.Watts), ("Celsius", Quantity.Celsius), ("Fraction", Quantity.Fraction), ("Kilograms", Quantity.Kilograms), ("Degrees", Quantity.Degrees), ("Hours", Quantity.Hours), ("Seconds", Quantity.Seconds),
    ];

    /// <summary>What a field is called, of the last of its path: "chosenWire" is a chosen wire.</summary>
    public static string Field(string path)
    {
        var steps = path.Split('.');
        var name = steps[^1];
        foreach (var (ending, _) in Endings)
            if (name.EndsWith(ending, StringComparison.Ordinal) && name.Length > ending.Length)
            {
                name = name[..^ending.Length];
                break;
            }
        return FieldWords.Of(name);
    }

    /// <summary>Whether something of that id has a name of its own.</summary>
    public bool HasName(string id) => after.Called(id) is not null || before.Called(id) is not null;

    /// <summary>What is called so; what has no name is said by the list that it is in and what that belongs to.</summary>
    public string Named(string list, string id, string of) => before.Called(id) ?? after.Called(id) ?? (of == EditWords.TheRig ? Format.Capital(Field(list)) : of);

    /// <summary>A value with its unit, a choice as words, something of the rig by its name.</summary>
    public string Value(string path, JsonNode? value) => value switch
    {
        null => EditWords.NotSpecified,
        JsonArray { Count: 0 } => EditWords.None,
        JsonArray list when list.All(entry => entry is JsonValue) => string.Join(", ", list.Select(entry => Value(path, entry))),
        JsonArray list => Format.Count(list.Count, EditWords.Entry, EditWords.Entries),
        JsonObject entry => entry["name"]?.ToString() ?? string.Join(", ", entry.Where(pair => pair.Value is JsonValue).Take(3).Select(pair => Value(pair.Key, pair.Value))),
        JsonValue one when one.GetValueKind() == JsonValueKind.True => EditWords.Yes,
        JsonValue one when one.GetValueKind() == JsonValueKind.False => EditWords.No,
        JsonValue one when one.GetValueKind() == JsonValueKind.Number => Number(path, one.GetValue<double>()),
        JsonValue one => Text(path, one.ToString()),
        _ => "",
    };

    private string Number(string path, double value)
    {
        foreach (var (ending, quantity) in Endings)
            if (path.EndsWith(ending, StringComparison.OrdinalIgnoreCase)) return PrintedFigure.Of(quantity, value, units).ToString();
        return value.ToString("0.###", System.Globalization.CultureInfo.InvariantCulture);
    }

    private string Text(string path, string text) =>
        text.Length == 0 ? EditWords.Empty : path.EndsWith("name", StringComparison.OrdinalIgnoreCase) || path.EndsWith("note", StringComparison.OrdinalIgnoreCase) ? text
        : after.Called(text) ?? before.Called(text) ?? (text.All(char.IsLetter) ? FieldWords.Of(text) : text);
}
