using System.Security.Cryptography;
using System.Text.Json;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Demo;

namespace BurlyRidge.Server.Assess;

/// <summary>
/// Remembers the rigs that were assessed last: one edit is previewed, has a wire of it judged and is saved, and all three ask
/// about the same rig. Who asks while it is being worked out waits for that.
/// </summary>
public static class AssessmentMemory
{
    private const int Most = 4;

    private static readonly Lock Gate = new();
    private static readonly LinkedList<(string Key, Lazy<AssessedRig> Rig)> Known = new();

    /// <summary>A valid rig assessed at the prices of the catalogue.</summary>
    public static AssessedRig Of(Rig rig)
    {
        var key = Convert.ToBase64String(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(rig, JsonRules.Stored)));
        return Entry(key, rig).Value;
    }

    private static Lazy<AssessedRig> Entry(string key, Rig rig)
    {
        lock (Gate)
        {
            foreach (var known in Known)
                if (known.Key == key) return known.Rig;
            if (Known.Count == Most) Known.RemoveLast();
            return Known.AddFirst((key, new Lazy<AssessedRig>(() => AssessedRig.Of(rig, DemoCatalogue.Wire)))).Value.Rig;
        }
    }
}
