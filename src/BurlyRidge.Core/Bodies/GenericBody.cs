using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>
/// Bodies of no vehicle in particular, to start from: size, stations, lanes, mounts and spaces where such a body usually has
/// them. Everything is to be measured on the vehicle itself; sizes are made up within the usual, no source.
/// </summary>
public static class GenericBody
{
    /// <summary>The usual size of a kind.</summary>
    public static BodySize UsualSize(BodyKind kind) => kind switch
    {
        BodyKind.SingleCab => new BodySize(5.2, 1.84, 1.75, 3.1, 1.35, 1.35),
        BodyKind.DualCab => new BodySize(5.35, 1.88, 1.82, 3.2, 1.3, 1.95),
        BodyKind.ShortWagon => new BodySize(4.1, 1.82, 1.85, 2.5, 1.2, 2.9),
        BodyKind.LongWagon => new BodySize(4.9, 1.92, 1.9, 2.8, 1.25, 3.65),
        BodyKind.Van => new BodySize(5.4, 2.0, 2.5, 3.3, 0.9, 4.5),
        BodyKind.CabChassis => new BodySize(7.2, 2.2, 2.5, 4.2, 0.7, 1.7),
        _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, "unknown kind of body"),
    };

    /// <summary>Whether behind the cab there is a tray, and no room inside.</summary>
    public static bool HasTray(BodyKind kind) => kind is BodyKind.SingleCab or BodyKind.DualCab or BodyKind.CabChassis;

    /// <summary>A body of that kind in its usual size.</summary>
    public static Body Of(BodyKind kind) => Of(kind, UsualSize(kind));

    /// <summary>A body of that kind and size.</summary>
    public static Body Of(BodyKind kind, BodySize size)
    {
        var plan = new BodyPlan(size);
        var tray = HasTray(kind);
        return new Body(kind, size)
        {
            Stations = [.. StationSet.Of(plan, tray)],
            Lanes = [.. LaneSet.Of(tray)],
            Mounts = [.. MountSet.Of(plan, tray)],
            Spaces = [.. SpaceSet.Of()],
        };
    }
}

/// <summary>Where the parts of a body of some size are, m.</summary>
internal sealed record BodyPlan(BodySize Size)
{
    public double Bonnet => Size.BonnetMetres;

    /// <summary>Back of the cab, or of the room inside.</summary>
    public double CabEnd => Math.Min(Size.LengthMetres - 0.05, Size.BonnetMetres + Size.CabMetres);

    public double Length => Size.LengthMetres;

    public double Sill => 0.45 + 0.05 * Size.HeightMetres;

    public double BonnetTop => Sill + 0.38 * (Size.HeightMetres - Sill);

    public double Roof => Size.HeightMetres;

    /// <summary>Top of the sides of a tray.</summary>
    public double Rail => Sill + 0.42;

    /// <summary>Underside of the sheet.</summary>
    public const double Clearance = 0.3;

    /// <summary>How far the windscreen leans back from its foot.</summary>
    public double Rake(BodyKind kind) => Math.Min(kind is BodyKind.CabChassis or BodyKind.Van ? 0.45 : 0.75, 0.45 * Size.CabMetres);

    public double WheelRadius => 0.2 * Math.Min(2.1, Size.HeightMetres);

    /// <summary>Behind the front, the front one first.</summary>
    public double[] Axles
    {
        get
        {
            var front = Math.Clamp((Size.LengthMetres - Size.WheelbaseMetres) * 0.4, WheelRadius + 0.1, Size.LengthMetres);
            return [front, front + Size.WheelbaseMetres];
        }
    }

    /// <summary>So much of the half width to the right; negative to the left.</summary>
    public double Right(double part) => part * Size.WidthMetres / 2;

    public Point At(double back, double right, double up) => new(Math.Round(back, 3), Math.Round(Right(right), 3), Math.Round(up, 3));
}
