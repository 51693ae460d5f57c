using System.Runtime.CompilerServices;
using System.Text.Json;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Server.PowerUp;

/// <summary>
/// Remembers where runs of a rig have come to, so that one that goes on is not run anew: a run is a function of its events, and
/// what is remembered is found by them.
/// </summary>
internal static class RunMemory
{
    /// <summary>So many people may run one rig at a time, each with a few moments to go back to.</summary>
    private const int Most = 64;

    private static readonly ConditionalWeakTable<AssessedRig, LinkedList<Known>> Runs = [];

    /// <summary>How the rig stands at a moment with these events; run from the last moment that is known.</summary>
    public static RunState At(AssessedRig assessed, IReadOnlyList<RunEvent> events, double seconds, bool steady, CancellationToken cancellation)
    {
        var known = Find(assessed, events, seconds);
        return known?.Seconds == seconds ? known : Go(assessed, events, known, seconds, steady, cancellation).End;
    }

    /// <summary>Goes on from a state, and remembers where it came to.</summary>
    public static RunResult Go(AssessedRig assessed, IReadOnlyList<RunEvent> events, RunState? from, double until, bool steady, CancellationToken cancellation)
    {
        var run = RigRun.Of(assessed.Study.Wired, assessed.Study.Names, events, until, from, steady, cancellation: cancellation);
        var runs = Runs.GetOrCreateValue(assessed);
        lock (runs)
        {
            runs.AddFirst(new Known(Key(events, until), run.End));
            while (runs.Count > Most) runs.RemoveLast();
        }
        return run;
    }

    /// <summary>The latest state up to a moment that these events lead to; null: none is known.</summary>
    private static RunState? Find(AssessedRig assessed, IReadOnlyList<RunEvent> events, double seconds)
    {
        if (!Runs.TryGetValue(assessed, out var runs)) return null;
        lock (runs) return runs.Where(known => known.End.Seconds <= seconds && known.Key == Key(events, known.End.Seconds)).MaxBy(known => known.End.Seconds)?.End;
    }

    /// <summary>The events up to a moment, as text.</summary>
    private static string Key(IReadOnlyList<RunEvent> events, double seconds) => JsonSerializer.Serialize(events.Where(one => one.Seconds <= seconds), JsonRules.Stored);

    private sealed record Known(string Key, RunState End);
}
