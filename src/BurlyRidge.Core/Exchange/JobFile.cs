using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization.Metadata;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>One job as a file of its own.</summary>
/// <param name="Format">Always <see cref="FormatName"/>.</param>
/// <param name="Version">Shape of the rig in it.</param>
/// <param name="Name">Vehicle name.</param>
/// <param name="Rig">Everything that is planned for it.</param>
/// <param name="Note">What the workshop noted.</param>
public sealed record JobFile(string Format, int Version, string Name, Rig Rig, string Note = "")
{
    /// <summary>What a job file calls itself.</summary>
    public const string FormatName = "burly-ridge-job";

    /// <summary>The largest file that is read, bytes.</summary>
    public const int LargestBytes = 4 * 1024 * 1024;

    private static readonly JsonSerializerOptions Indented = new(JsonRules.Stored)
    {
        WriteIndented = true,
        TypeInfoResolver = new DefaultJsonTypeInfoResolver(),
    };

    /// <summary>The job as text.</summary>
    public static string Write(string name, string note, Rig rig) =>
        JsonSerializer.Serialize(new JobFile(FormatName, Rig.CurrentSchema, name, rig, note), Indented) + "\n";

    /// <summary>Reads a file; it is either there and valid, or there is at least one problem with its path.</summary>
    public static (JobFile? File, IReadOnlyList<Problem> Problems) Read(string text)
    {
        if (Encoding.UTF8.GetByteCount(text) > LargestBytes)
            return (null, [new Problem("", $"A job file holds up to {LargestBytes / 1024 / 1024} MiB.")]);
        try
        {
            var node = JsonNode.Parse(text, documentOptions: new JsonDocumentOptions { MaxDepth = JsonRules.DeepestNesting, AllowDuplicateProperties = false });
            if (node is not JsonObject document) return (null, [new Problem("", "Give an object with the fields of this document.")]);
            if (Header(document) is { } problem) return (null, [problem]);
            var rig = (JsonObject)document["rig"]!;
            Upcasters.Raise(rig);
            document["version"] = Rig.CurrentSchema;
            var file = document.Deserialize<JobFile>(JsonRules.Stored)!;
            var problems = RigValidation.Validate(file.Rig).Select(found => found with { Path = $"rig.{found.Path}" }).ToList();
            return problems.Count > 0 ? (null, problems) : (file, []);
        }
        catch (JsonException error)
        {
            return (null, JsonProblem.Of(error, typeof(JobFile)));
        }
    }

    /// <summary>The JSON Schema of a job file, as text.</summary>
    public static string Schema()
    {
        var schema = (JsonObject)Indented.GetJsonSchemaAsNode(typeof(JobFile), new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true });
        var document = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = "Burly Ridge job file",
        };
        foreach (var (name, value) in schema.ToList())
        {
            schema.Remove(name);
            document[name] = value;
        }
        return document.ToJsonString(Indented) + "\n";
    }

    private static Problem? Header(JsonObject document)
    {
        if (!Is(document["format"], FormatName)) return new Problem("format", $"A job file says {FormatName} here.");
        if (document["version"] is not JsonValue value || !value.TryGetValue<int>(out var version))
            return new Problem("version", "Give a whole number.");
        if (version < Upcasters.Oldest || version > Rig.CurrentSchema)
            return new Problem("version", $"This build reads versions {Upcasters.Oldest} to {Rig.CurrentSchema}, not {version}.");
        if (document["rig"] is not JsonObject rig) return new Problem("rig", "Give an object with the fields of this document.");
        return rig["schemaVersion"] is JsonValue inner && inner.TryGetValue<int>(out var schema) && schema == version
            ? null
            : new Problem("rig.schemaVersion", $"Must be {version}, as the file's version says.");
    }

    private static bool Is(JsonNode? node, string text) =>
        node is JsonValue value && value.TryGetValue<string>(out var found) && found == text;
}
