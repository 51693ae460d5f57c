using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>A rig as stored text. A document keeps the shape that it was saved in and is never rewritten in place.</summary>
public static class RigDocument
{
    /// <summary>The rig as text, in today's shape.</summary>
    public static string Write(Rig rig) => JsonSerializer.Serialize(rig, JsonRules.Stored);

    /// <summary>The rig in a text that this program once wrote.</summary>
    /// <exception cref="JsonException">The text is none.</exception>
    public static Rig Read(string document)
    {
        var rig = JsonNode.Parse(document) as JsonObject ?? throw new JsonException("A stored rig is empty.");
        Upcasters.Raise(rig);
        return rig.Deserialize<Rig>(JsonRules.Stored)!;
    }
}
