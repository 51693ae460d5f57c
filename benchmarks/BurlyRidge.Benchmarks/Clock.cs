using System.Diagnostics;

namespace BurlyRidge.Benchmarks;

/// <summary>Medians of repeated runs.</summary>
internal static class Clock
{
    /// <summary>Seconds of <paramref name="action"/>: the runtime compiles hot code again in the background, and what is measured is the settled state.</summary>
    public static double Median(int runs, TimeSpan warm, Action action) => Median(runs, warm, () => true, _ => action());

    /// <summary>Seconds of <paramref name="action"/> alone, on what <paramref name="prepare"/> gives anew each time.</summary>
    public static double Median<T>(int runs, TimeSpan warm, Func<T> prepare, Action<T> action)
    {
        for (var clock = Stopwatch.StartNew(); clock.Elapsed < warm;) action(prepare());
        var seconds = new double[runs];
        for (var i = 0; i < runs; i++)
        {
            var prepared = prepare();
            var clock = Stopwatch.StartNew();
            action(prepared);
            seconds[i] = clock.Elapsed.TotalSeconds;
        }
        Array.Sort(seconds);
        return seconds[runs / 2];
    }
}
