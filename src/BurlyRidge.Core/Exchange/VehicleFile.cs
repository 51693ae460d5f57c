using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization.Metadata;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>A body as a file of its own, so that the next vehicle of the same kind starts from it.</summary>
/// <param name="Format">Always <see cref="FormatName"/>.</param>
/// <param name="Version">Shape of the body in it.</param>
/// <param name="Name">What kind of vehicle.</param>
public sealed record VehicleFile(string Format, int Version, string Name, Body Body)
{
    /// <summary>What a vehicle file calls itself.</summary>
    public const string FormatName = "burly-ridge-vehicle";

    private static readonly JsonSerializerOptions Indented = new(JsonRules.Stored) { WriteIndented = true, TypeInfoResolver = new DefaultJsonTypeInfoResolver() };

    /// <summary>The shape that this build writes and reads; that of a body in a rig since its third version.</summary>
    public const int CurrentVersion = 3;

    /// <summary>The body as text.</summary>
    public static string Write(string name, Body body) => JsonSerializer.Serialize(new VehicleFile(FormatName, CurrentVersion, name, body), Indented) + "\n";

    /// <summary>Reads a file; it is either there and valid, or there is at least one problem with its path.</summary>
    public static (VehicleFile? File, IReadOnlyList<Problem> Problems) Read(string text)
    {
        if (Encoding.UTF8.GetByteCount(text) > JobFile.LargestBytes)
            return (null, [new Problem("", $"A vehicle file holds up to {JobFile.LargestBytes / 1024 / 1024} MiB.")]);
        try
        {
            if (JsonNode.Parse(text, documentOptions: new JsonDocumentOptions { MaxDepth = JsonRules.DeepestNesting, AllowDuplicateProperties = false }) is not JsonObject document)
                return (null, [new Problem("", "Give an object with the fields of this document.")]);
            if (document["format"] is not JsonValue format || !format.TryGetValue<string>(out var name) || name != FormatName)
                return (null, [new Problem("format", $"A vehicle file says {FormatName} here.")]);
            if (document["version"] is not JsonValue value || !value.TryGetValue<int>(out var version) || version != CurrentVersion)
                return (null, [new Problem("version", $"This build reads version {CurrentVersion}.")]);
            var file = document.Deserialize<VehicleFile>(JsonRules.Stored)!;
            var problems = BodyValidation.Validate(file.Body).Select(found => found with { Path = $"body.{found.Path}" }).ToList();
            return problems.Count > 0 ? (null, problems) : (file, []);
        }
        catch (JsonException error)
        {
            return (null, JsonProblem.Of(error, typeof(VehicleFile)));
        }
    }
}
