using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Core.Beams;

/// <summary>Lux at one distance.</summary>
/// <param name="Metres">From the front, from the rear or from the flank, m.</param>
/// <param name="Upright">On a wall across, at the height that is said, lx.</param>
/// <param name="Ground">On the ground, lx.</param>
public sealed record LuxAt(double Metres, double Upright, double Ground);

/// <summary>How far there is so much light.</summary>
/// <param name="UprightMetres">On a wall across; 0: nowhere. <see cref="Reaching.MostMetres"/>: so far it was looked.</param>
/// <param name="GroundMetres">On the ground, the same.</param>
public sealed record ReachOf(double Lux, double UprightMetres, double GroundMetres);

/// <summary>Light across the way at one distance.</summary>
/// <param name="WidthMetres">Between the outermost points on the ground with 1 lx; 0: there are none.</param>
/// <param name="GapLux">Least in the darkest gap: a place between them with more light on both of its sides, lx; null: there is none.</param>
/// <param name="GapRight">Where that is, m right of the middle as one looks that way.</param>
/// <param name="Evenness">The least over the mean in the middle half of the width, 0 to 1.</param>
public sealed record Crossing(double Metres, double WidthMetres, double? GapLux, double? GapRight, double Evenness);

/// <summary>What all lamps together give to one side of the vehicle, along its middle.</summary>
/// <param name="UprightAt">Height above the ground of what is said of walls, m.</param>
public sealed record LightTowards(Facing To, double UprightAt, IReadOnlyList<LuxAt> Along, IReadOnlyList<ReachOf> Reach, IReadOnlyList<Crossing> Crossings);

/// <summary>How far and how wide there is light.</summary>
internal static class Reaching
{
    public const double MostMetres = 1000;

    /// <summary>Height of what one wants to see at a distance, m.</summary>
    private const double WallHeight = 1;

    private const double LitLux = 1;
    private const double SideStep = 0.25;

    private static readonly double[] Distances = [10, 25, 50, 100, 200, 400, MostMetres];

    private static readonly double[] Levels = [1, 0.25];

    private static double[] Across(Facing to) => to switch { Facing.Ahead => [10, 25, 50], _ => [3, 5, 10] };

    public static LightTowards Of(LitScene scene, Facing to, double length, double width, bool coarse)
    {
        var (from, way) = Start(to, length, width);
        double Upright(double metres)
        {
            var foot = from + way * metres;
            return scene.Lux(foot with { Up = scene.Ground.Up(foot.Ahead) + WallHeight }, way * -1);
        }
        double OnGround(double metres)
        {
            var foot = from + way * metres;
            return scene.OnGround(foot.Ahead, foot.Right);
        }
        var along = Distances.Select(metres => new LuxAt(metres, Upright(metres), OnGround(metres))).ToList();
        return new LightTowards(to, WallHeight, along,
            [.. Levels.Select(level => new ReachOf(level, Last(Upright, level), Last(OnGround, level)))],
            [.. Across(to).Select(metres => Cross(scene, from + way * metres, new Vec(-way.Right, way.Ahead, 0), metres, coarse ? 2 * SideStep : SideStep))]);
    }

    private static (Vec From, Vec Way) Start(Facing to, double length, double width) => to switch
    {
        Facing.Ahead => (new Vec(0, 0, 0), new Vec(1, 0, 0)),
        Facing.Astern => (new Vec(-length, 0, 0), new Vec(-1, 0, 0)),
        Facing.Left => (new Vec(-length / 2, -width / 2, 0), new Vec(0, -1, 0)),
        _ => (new Vec(-length / 2, width / 2, 0), new Vec(0, 1, 0)),
    };

    private static Crossing Cross(LitScene scene, Vec middle, Vec right, double metres, double step)
    {
        var side = GroundLight.SideMetres;
        var count = (int)(2 * side / step) + 1;
        var lux = Enumerable.Range(0, count).Select(i => middle + right * (i * step - side)).Select(at => scene.OnGround(at.Ahead, at.Right)).ToList();
        var (first, last) = (lux.FindIndex(value => value >= LitLux), lux.FindLastIndex(value => value >= LitLux));
        if (first < 0) return new Crossing(metres, 0, null, null, 0);
        var gap = Enumerable.Range(first, last - first + 1).Where(at => lux[at] * GapShare < Math.Min(lux[first..at].DefaultIfEmpty().Max(), lux[(at + 1)..(last + 1)].DefaultIfEmpty().Max())).Select(at => (int?)at).MinBy(at => lux[at!.Value]);
        var quarter = (last - first) / 4;
        var middling = lux[(first + quarter)..(last - quarter + 1)];
        return new Crossing(metres, (last - first) * step, gap is { } dark ? lux[dark] : null, gap * step - side, middling.Min() / middling.Average());
    }

    /// <summary>Less of a dip nobody sees (assumed, no source).</summary>
    private const double GapShare = 1.1;

    /// <summary>The last distance with so much light; 0 where there is none.</summary>
    public static double Last(Func<double, double> lux, double level)
    {
        const double ratio = 1.05;
        if (lux(MostMetres) >= level) return MostMetres;
        for (var far = MostMetres; far > 0.5; far /= ratio)
        {
            var near = far / ratio;
            if (lux(near) < level) continue;
            for (var halving = 0; halving < 14; halving++)
            {
                var middle = (near + far) / 2;
                if (lux(middle) >= level) near = middle;
                else far = middle;
            }
            return near;
        }
        return 0;
    }
}
