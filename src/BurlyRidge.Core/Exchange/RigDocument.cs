using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>A rig as stored text. A document keeps the shape that it was saved in and is never rewritten in place.</summary>
public static class RigDocument
{
    /// <summary>The rig as text, in today's shape.</summary>
    public static string Write(Rig rig) => JsonSerializer.Serialize(rig, JsonRules.Stored);

    /// <summary>A lamp out of a rig of an older version, in today's shape.</summary>
    public static JsonNode RaisedFixture(JsonObject fixture, int schemaVersion)
    {
        var rig = new JsonObject { ["schemaVersion"] = schemaVersion, ["fixtures"] = new JsonArray(fixture) };
        Upcasters.Raise(rig);
        var raised = rig["fixtures"]![0]!;
        ((JsonArray)rig["fixtures"]!).RemoveAt(0);
        return raised;
    }

    /// <summary>The rig in a text that this program once wrote; it is either there and has today's shape, or there is at least one problem with its path.</summary>
    public static (Rig? Rig, IReadOnlyList<Problem> Problems) Read(string document) => JsonReading.Read<Rig>(Encoding.UTF8.GetBytes(document));
}
