using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>
/// The one way that documents come in, from a request, a file and the database: read as JSON, rigs in them brought to today's
/// shape, held against the type field by field. What comes out of it can be deserialized without a guess.
/// </summary>
public static class JsonReading
{
    private const string RigField = "rig";

    /// <summary>A text in UTF-8 as the JSON of a <paramref name="type"/>; undefined where there is a problem.</summary>
    public static (JsonElement Root, IReadOnlyList<Problem> Problems) Read(ReadOnlyMemory<byte> text, Type type)
    {
        var (root, problems) = JsonText.Parse(text);
        return problems.Count > 0 ? (default, problems) : As(root, type);
    }

    /// <summary>The same as the object itself.</summary>
    public static (T? Value, IReadOnlyList<Problem> Problems) Read<T>(ReadOnlyMemory<byte> text) where T : class => Take<T>(Read(text, typeof(T)));

    /// <summary>A root that was read, as the object itself.</summary>
    internal static (T? Value, IReadOnlyList<Problem> Problems) Read<T>(JsonElement root) where T : class => Take<T>(As(root, typeof(T)));

    private static (T? Value, IReadOnlyList<Problem> Problems) Take<T>((JsonElement Root, IReadOnlyList<Problem> Problems) read) where T : class =>
        read.Problems.Count > 0 ? (null, read.Problems) : (read.Root.Deserialize<T>(JsonRules.Stored), []);

    private static (JsonElement Root, IReadOnlyList<Problem> Problems) As(JsonElement root, Type type)
    {
        root = Raised(root, type);
        var problems = JsonShape.Check(root, type);
        return problems.Count > 0 ? (default, problems) : (root, problems);
    }

    /// <summary>Brings the rig that a document is, or has, to today's shape.</summary>
    private static JsonElement Raised(JsonElement root, Type type)
    {
        if (root.ValueKind != JsonValueKind.Object) return root;
        var rig = root;
        if (type != typeof(Rig) && !root.TryGetProperty(RigField, out rig)) return root;
        if (!Upcasters.IsOld(rig)) return root;
        var document = JsonObject.Create(root)!;
        Upcasters.Raise(type == typeof(Rig) ? document : (JsonObject)document[RigField]!);
        return JsonSerializer.SerializeToElement(document, JsonRules.Stored);
    }
}
