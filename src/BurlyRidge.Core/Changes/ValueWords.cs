using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Changes;

/// <summary>Fields and values of a document as a person says them.</summary>
internal sealed class ValueWords(PartNames before, PartNames after, UnitSystem units)
{
    private static readonly (string Ending, Quantity Quantity)[] Endings =
    [
        ("SquareMillimetres", Quantity.Copper), (EditWords.Millimetres, Quantity.Millimetres), (EditWords.Metres, Quantity.Metres), (EditWords.Amps, Quantity.RatedAmps), (EditWords.Volts, Quantity.RatedVolts),
        (EditWords.Watts, Quantity.Watts), (EditWords.Celsius, Quantity.Celsius), (EditWords.Fraction, Quantity.Fraction), (EditWords.Kilograms, Quantity.Kilograms), (EditWords.Degrees, Quantity.Degrees), (EditWords.Hours, Quantity.Hours), (EditWords.Seconds, Quantity.Seconds),
    ];

    /// <summary>Where the words of a name are not what a fitter says.</summary>
    private static readonly Dictionary<string, string> Usual = new(StringComparer.Ordinal)
    {
        ["oneWay"] = "length",
        ["lay"] = "route",
        ["through"] = "lanes",
        ["minus"] = "negative",
        ["plus"] = "positive",
        ["at"] = "location",
        ["stations"] = "station",
        ["lanes"] = "lane",
        ["mounts"] = "mount",
        ["spaces"] = "location",
        ["runs"] = "wire",
        ["accepted"] = EditWords.AcceptedWatch,
        ["partBodies"] = "size",
        ["places"] = "location",
    };

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
        return Usual.TryGetValue(name, out var usual) ? usual : Words(name);
    }

    /// <summary>Whether something of that id has a name of its own.</summary>
    public bool HasName(string id) => after.Called(id) is not null || before.Called(id) is not null;

    /// <summary>What is called so; what has no name is said by the list that it is in and what that belongs to.</summary>
    public string Named(string list, string id, string of) => before.Called(id) ?? after.Called(id) ?? (of == "The rig" ? Format.Capital(Field(list)) : of);

    /// <summary>A value with its unit, a choice as words, something of the rig by its name.</summary>
    public string Value(string path, JsonNode? value) => value switch
    {
        null => EditWords.NotSpecified,
        JsonArray { Count: 0 } => "none",
        JsonArray list when list.All(entry => entry is JsonValue) => string.Join(", ", list.Select(entry => Value(path, entry))),
        JsonArray list => Format.Count(list.Count, EditWords.Entry, EditWords.Entries),
        JsonObject entry => entry["name"]?.ToString() ?? string.Join(", ", entry.Where(pair => pair.Value is JsonValue).Take(3).Select(pair => Value(pair.Key, pair.Value))),
        JsonValue one when one.GetValueKind() == JsonValueKind.True => "yes",
        JsonValue one when one.GetValueKind() == JsonValueKind.False => "no",
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
        text.Length == 0 ? "empty" : path.EndsWith("name", StringComparison.OrdinalIgnoreCase) || path.EndsWith("note", StringComparison.OrdinalIgnoreCase) ? text
        : after.Called(text) ?? before.Called(text) ?? (text.All(char.IsLetter) ? Words(text) : text);

    /// <summary>"engineBay" as "engine bay".</summary>
    private static string Words(string name)
    {
        var words = new StringBuilder();
        foreach (var letter in name)
        {
            if (char.IsUpper(letter) && words.Length > 0) words.Append(' ');
            words.Append(char.ToLowerInvariant(letter));
        }
        return words.ToString();
    }
}
