using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Protection;

/// <summary>Standard fuses and what they lose.</summary>
/// <remarks>
/// Ratings: ISO 8820-3 blade and ISO 8820-5 bolt-down kinds (from memory). Cold resistances and the rise to 80 % load:
/// typical values (common practice, no source).
/// </remarks>
public static class FuseTable
{
    /// <summary>At 80 % load a fuse has about 1.4 times its cold resistance (typical).</summary>
    public const double WarmFactor = 1.4;

    private static readonly double[] BladeRatings = [1, 2, 3, 4, 5, 7.5, 10, 15, 20, 25, 30, 35, 40];
    private static readonly double[] BoltDownRatings = [30, 40, 50, 60, 70, 80, 100, 125, 150, 175, 200];

    private static readonly double[] BladeColdMilliohms = [120, 50, 30, 21, 16, 10.5, 7.5, 4.8, 3.3, 2.4, 1.8, 1.5, 1.3];
    private static readonly (double Amps, double Milliohms)[] BoltDownCold = [(50, 1.2), (100, 0.5), (200, 0.25)];

    /// <summary>Every standard fuse from small to large, blade before bolt-down of the same rating.</summary>
    public static IReadOnlyList<Fuse> All { get; } =
    [
        .. BladeRatings.Select(amps => new Fuse(amps, FuseFamily.Blade))
            .Concat(BoltDownRatings.Select(amps => new Fuse(amps, FuseFamily.BoltDown)))
            .OrderBy(fuse => fuse.RatingAmps)
            .ThenBy(fuse => fuse.Family),
    ];

    /// <summary>What is proposed: blade to 40 A, bolt-down above; from small to large.</summary>
    public static IReadOnlyList<Fuse> Proposable { get; } =
        [.. All.Where(fuse => fuse.Family == FuseFamily.Blade || fuse.RatingAmps > BladeRatings[^1])];

    /// <summary>Resistance of the fuse alone at 20 °C, Ω; bolt-down ratings between the known ones straight in log–log.</summary>
    public static double ColdOhms(Fuse fuse)
    {
        if (fuse.Family == FuseFamily.Blade) return BladeColdMilliohms[Array.IndexOf(BladeRatings, fuse.RatingAmps)] / 1000;
        var (low, high) = fuse.RatingAmps <= BoltDownCold[1].Amps
            ? (BoltDownCold[0], BoltDownCold[1])
            : (BoltDownCold[1], BoltDownCold[2]);
        return LogLog.Between(low.Amps, low.Milliohms, high.Amps, high.Milliohms, fuse.RatingAmps) / 1000;
    }

    /// <summary>The smallest fuse of at least that rating, a blade where there is one; the largest of all where there is none.</summary>
    public static Fuse AtLeast(double ratingAmps) => All.FirstOrDefault(fuse => fuse.RatingAmps >= ratingAmps) ?? All[^1];

    /// <summary>Resistance of the fuse as it carries its load, Ω.</summary>
    public static double WarmOhms(Fuse fuse) => WarmFactor * ColdOhms(fuse);
}
