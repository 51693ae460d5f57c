using System.Diagnostics;
using System.Runtime.CompilerServices;

namespace BurlyRidge.Benchmarks;

/// <summary>Medians of repeated runs.</summary>
internal static class Clock
{
    /// <summary>Seconds of <paramref name="action"/>: the runtime compiles hot code again in the background, and what is measured is the settled state.</summary>
    public static double Median(int runs, TimeSpan warm, Action action) => Median(runs, warm, () => true, _ => action());

    /// <summary>Seconds of <paramref name="action"/> alone, on what <paramref name="prepare"/> gives anew each time.</summary>
    public static double Median<T>(int runs, TimeSpan warm, Func<T> prepare, Action<T> action)
    {
        for (var clock = Stopwatch.StartNew(); clock.Elapsed < warm;) Once(prepare, action);
        var seconds = new double[runs];
        for (var i = 0; i < runs; i++) seconds[i] = Once(prepare, action);
        Array.Sort(seconds);
        return seconds[runs / 2];
    }

    /// <summary>In a frame of its own, so that nothing of one run is still held in the next.</summary>
    [MethodImpl(MethodImplOptions.NoInlining)]
    private static double Once<T>(Func<T> prepare, Action<T> action)
    {
        var prepared = prepare();
        var clock = Stopwatch.StartNew();
        action(prepared);
        return clock.Elapsed.TotalSeconds;
    }
}
