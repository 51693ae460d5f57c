using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>What a fuse does that cannot carry what flows.</summary>
internal static class Overload
{
    /// <summary>So many fuses open one after the other, and no more (assumed, no source).</summary>
    public const int MostBlown = 6;

    /// <summary>A fuse that carries so many times its rating opens (ISO 8820: 1.35 times within ten minutes).</summary>
    private const double Opens = 1.35;

    /// <summary>
    /// The one that opens first, by element; null: all hold. The further beyond its rating, the sooner: a short behind the fuse
    /// of one lamp leaves the main fuse whole.
    /// </summary>
    /// <param name="amps">Of an element, A.</param>
    public static string? First(CompiledHarness harness, Func<string, double> amps)
    {
        double Times(string fuse) => Math.Abs(amps(fuse)) / harness.Fuses[fuse].RatingAmps;
        var worst = harness.Fuses.Keys.Where(harness.Has).MaxBy(Times);
        return worst is not null && Times(worst) > Opens ? worst : null;
    }
}
