using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Sizing;

/// <summary>What a fitter usually takes for a wire alone on its route, whatever the figures say: to hold a proposal against (common practice, no source).</summary>
public static class UsualWire
{
    /// <summary>Where amps times metres pass this a fitter goes one step up, A·m.</summary>
    private const double LongAmpMetres = 100;

    /// <summary>Up to so many amps: so much copper at least and at most, mm².</summary>
    private static readonly (double Amps, double From, double To)[] Steps = [(1, 0.5, 0.85), (4, 0.75, 1.5), (8.5, 1.25, 2.5), (12, 1.25, 3.35), (18, 2.5, 6), (30, 5, 10), (60, 8, 16)];

    /// <summary>Whether a fitter takes <paramref name="wire"/> for so many amps over so many metres one way; false above what the table has.</summary>
    public static bool Is(WireSize wire, double amps, double metres)
    {
        var step = Array.FindIndex(Steps, step => amps <= step.Amps);
        if (step < 0) return false;
        if (amps * metres > LongAmpMetres) step++;
        return step < Steps.Length && wire.AreaSquareMillimetres >= Steps[step].From && wire.AreaSquareMillimetres <= Steps[step].To;
    }
}
