using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>Fuses that cannot carry what flows.</summary>
internal static class Overload
{
    /// <summary>A fuse that carries so many times its rating opens (ISO 8820: 1.35 times within ten minutes).</summary>
    private const double Opens = 1.35;

    /// <summary>By element.</summary>
    /// <param name="amps">Of an element, A.</param>
    public static IReadOnlyList<string> Of(CompiledHarness harness, Func<string, double> amps) =>
        [.. harness.Fuses.Where(fuse => harness.Has(fuse.Key) && Math.Abs(amps(fuse.Key)) > Opens * fuse.Value.RatingAmps).Select(fuse => fuse.Key)];
}
