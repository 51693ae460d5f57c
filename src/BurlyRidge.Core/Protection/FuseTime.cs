using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Protection;

/// <summary>How long a fuse takes to open: between a fastest and a slowest time.</summary>
/// <remarks>
/// Points of ISO 8820-3 (blade) and of the ISO 8820-5 kind (bolt-down), both from memory. Between them straight in log–log;
/// without end below the first; beyond the last I²t stays constant.
/// </remarks>
public static class FuseTime
{
    private static readonly (double Multiple, double Seconds)[] BladeSlowest = [(1.35, 600), (1.60, 50), (2.00, 5), (3.50, 0.5), (6.00, 0.1)];
    private static readonly (double Multiple, double Seconds)[] BladeFastest = [(1.10, 360_000), (1.35, 0.75), (1.60, 0.25), (2.00, 0.15), (3.50, 0.04)];
    private static readonly (double Multiple, double Seconds)[] BoltDownSlowest = [(1.50, 3600), (2.00, 100), (3.00, 3), (5.00, 1)];
    private static readonly (double Multiple, double Seconds)[] BoltDownFastest = [(1.10, 14_400), (1.50, 90), (2.00, 3), (3.00, 0.3), (5.00, 0.1)];

    /// <summary>The longest that <paramref name="fuse"/> may take at <paramref name="amps"/>, s; positive infinity where it need not open.</summary>
    public static double SlowestSeconds(Fuse fuse, double amps) =>
        At(fuse.Family == FuseFamily.Blade ? BladeSlowest : BoltDownSlowest, amps / fuse.RatingAmps);

    /// <summary>The shortest that it may take, s; positive infinity where it holds for good.</summary>
    public static double FastestSeconds(Fuse fuse, double amps) =>
        At(fuse.Family == FuseFamily.Blade ? BladeFastest : BoltDownFastest, amps / fuse.RatingAmps);

    /// <summary>
    /// How long it takes in the middle of its band, s: the geometric mean of both, and from the hundred or so hours that it holds at 110 % to the
    /// first point of the slowest straight in log–log (assumed, no source); positive infinity where it holds for good.
    /// </summary>
    public static double MiddleSeconds(Fuse fuse, double amps)
    {
        var (fastest, slowest) = (FastestSeconds(fuse, amps), SlowestSeconds(fuse, amps));
        if (double.IsFinite(slowest) || !double.IsFinite(fastest)) return Math.Sqrt(fastest * slowest);
        var (low, first) = fuse.Family == FuseFamily.Blade ? (BladeFastest[0], BladeSlowest[0].Multiple) : (BoltDownFastest[0], BoltDownSlowest[0].Multiple);
        return LogLog.Between(low.Multiple, low.Seconds, first, MiddleSeconds(fuse, first * fuse.RatingAmps), amps / fuse.RatingAmps);
    }

    private static double At((double Multiple, double Seconds)[] points, double multiple)
    {
        if (!(multiple >= points[0].Multiple)) return double.PositiveInfinity;
        var (last, seconds) = points[^1];
        if (multiple >= last) return seconds * (last / multiple) * (last / multiple);
        var upper = Array.FindIndex(points, point => point.Multiple > multiple);
        var (m0, t0) = points[upper - 1];
        var (m1, t1) = points[upper];
        return LogLog.Between(m0, t0, m1, t1, multiple);
    }
}
