using BurlyRidge.Server.Catalogue;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
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
        using var held = Hold(rig);
        return await held.AssessedAsync(client);
    }

    /// <summary>A valid rig that several things are asked about, until it is let go.</summary>
    internal static Held Hold(Rig rig) => new(Join(rig, waits: true));

    /// <summary>Begins with a valid rig that will be asked about next, and waits for nothing.</summary>
    public static void Begin(Rig rig) => _ = Join(rig, waits: false).Assessed.Value;

    private static Entry Join(Rig rig, bool waits)
    {
        var key = KnownRigs.DigestOf(rig);
        lock (Gate)
        {
            var entry = Known.FirstOrDefault(known => known.Key == key);
            if (entry is null)
            {
                if (Known.Count >= Most && Known.LastOrDefault(known => known.Waiting == 0) is { } oldest) Known.Remove(oldest);
                Known.AddFirst(entry = new Entry(key, rig));
            }
            if (waits) entry.Waiting++;
            return entry;
        }
    }

    private static void Leave(Entry entry)
    {
        lock (Gate)
        {
            if (--entry.Waiting > 0 || entry.IsDone) return;
            entry.Stop.Cancel();
            Known.Remove(entry);
        }
    }

    /// <summary>A rig that somebody asks about.</summary>
    internal sealed class Held : IDisposable
    {
        private readonly Entry entry;

        private bool gone;

        internal Held(Entry entry) => this.entry = entry;

        /// <summary>The rig as it lies, with every line in full wiring.</summary>
        public Task<WholeRig> WholeAsync(CancellationToken client) => entry.Whole.WaitAsync(client);

        /// <summary>What follows from it; begun when it is asked for first.</summary>
        public Task<AssessedRig> AssessedAsync(CancellationToken client) => entry.Assessed.Value.WaitAsync(client);

        public void Dispose()
        {
            if (!gone) Leave(entry);
            gone = true;
        }
    }

    internal sealed class Entry
    {
        public Entry(string key, Rig rig)
        {
            Key = key;
            Whole = Task.Run(() => Stop.Token.WorkOut(token => WholeRig.Of(rig, QuickSizeCache.Sizes, token)));
            Assessed = new(async () =>
            {
                var whole = await Whole;
                return await Task.Run(() => Stop.Token.WorkOut(token => AssessedRig.Of(whole, ShippedCatalogue.Wire, token)));
            });
        }

        public string Key { get; }

        public CancellationTokenSource Stop { get; } = new();

        public Task<WholeRig> Whole { get; }

        public Lazy<Task<AssessedRig>> Assessed { get; }

        public int Waiting { get; set; }

        /// <summary>Whether nothing of it is still worked on.</summary>
        public bool IsDone => Whole.IsCompletedSuccessfully && (!Assessed.IsValueCreated || Assessed.Value.IsCompletedSuccessfully);
    }
}
