using BurlyRidge.Server.Catalogue;
using System.Security.Cryptography;
using System.Text.Json;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Hosting;

namespace BurlyRidge.Server.Assess;

/// <summary>
/// Remembers the rigs that were assessed last: one edit is previewed, has a wire of it judged and is saved, and all three ask
/// about the same rig. Who asks while it is being worked out waits for that; when nobody waits any more, it is given up.
/// </summary>
public static class AssessmentCache
{
    private const int Most = 4;

    private static readonly Lock Gate = new();
    private static readonly LinkedList<Entry> Known = new();

    /// <summary>A valid rig assessed at the prices of the catalogue.</summary>
    /// <exception cref="OperationCanceledException">The client is gone.</exception>
    public static async Task<AssessedRig> OfAsync(Rig rig, CancellationToken client)
    {
        var entry = Join(rig, waits: true);
        try
        {
            return await entry.Assessed.WaitAsync(client);
        }
        finally
        {
            Leave(entry);
        }
    }

    /// <summary>Begins with a valid rig that will be asked about next, and waits for nothing.</summary>
    public static void Begin(Rig rig) => Join(rig, waits: false);

    private static Entry Join(Rig rig, bool waits)
    {
        var key = Convert.ToBase64String(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(rig, JsonRules.Stored)));
        lock (Gate)
        {
            var entry = Known.FirstOrDefault(known => known.Key == key);
            if (entry is null)
            {
                if (Known.Count >= Most && Known.LastOrDefault(known => known.Waiting == 0) is { } oldest) Known.Remove(oldest);
                Known.AddFirst(entry = Entry.Of(key, rig));
            }
            if (waits) entry.Waiting++;
            return entry;
        }
    }

    private static void Leave(Entry entry)
    {
        lock (Gate)
        {
            if (--entry.Waiting > 0 || entry.Assessed.IsCompletedSuccessfully) return;
            entry.Stop.Cancel();
            Known.Remove(entry);
        }
    }

    private sealed record Entry(string Key, CancellationTokenSource Stop, Task<AssessedRig> Assessed)
    {
        public static Entry Of(string key, Rig rig)
        {
            var stop = new CancellationTokenSource();
            return new Entry(key, stop, Task.Run(() => stop.Token.WorkOut(token => AssessedRig.Of(rig, ShippedCatalogue.Wire, QuickSizeCache.Sizes, token))));
        }

        public int Waiting { get; set; }
    }
}
