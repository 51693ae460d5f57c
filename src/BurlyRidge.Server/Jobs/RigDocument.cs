using System.Text.Json;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Hosting;

namespace BurlyRidge.Server.Jobs;

/// <summary>A rig as stored text. A document keeps the shape that it was saved in and is never rewritten in place.</summary>
internal static class RigDocument
{
    public static string Write(Rig rig) => JsonSerializer.Serialize(rig, JsonRules.Stored);

    public static Rig Read(string document) => JsonSerializer.Deserialize<Rig>(document, JsonRules.Stored)
        ?? throw new JsonException("A stored rig is empty.");
}
