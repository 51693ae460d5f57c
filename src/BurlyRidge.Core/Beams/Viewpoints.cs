using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>Points that the vehicle is seen and lit from, on the vehicle standing level; made up within the usual, no source, where nobody gave them.</summary>
internal static class Viewpoints
{
    /// <summary>The driver's eye.</summary>
    public static Point Eye(Body body, BeamPlan beams)
    {
        var plan = new BodyPlan(body.Size);
        return beams.Eye ?? plan.At(plan.Bonnet + 1.1, SideOf(body) * 0.4, plan.BonnetTop + 0.5);
    }

    /// <summary>Lens of the reversing camera.</summary>
    public static Point Camera(Body body, BeamPlan beams)
    {
        var plan = new BodyPlan(body.Size);
        return beams.Camera ?? plan.At(plan.Length + 0.01, 0, plan.Sill + 0.3);
    }

    /// <summary>Glasses of the mirrors, left and right.</summary>
    public static IReadOnlyList<Point> Mirrors(Body body)
    {
        var plan = new BodyPlan(body.Size);
        return [.. new[] { -1, 1 }.Select(side => plan.At(plan.Bonnet + 0.25, side * 1.08, plan.BonnetTop + 0.15))];
    }

    /// <summary>An eye that comes towards the vehicle on the driver's side, 50 m ahead.</summary>
    public static Vec Oncoming(Body body) => new(OncomingMetres, SideOf(body) * LaneMetres, OncomingUp);

    public const double OncomingMetres = 50, OncomingUp = 1.2;

    /// <summary>From the middle of one lane to that of the next, m (typical).</summary>
    private const double LaneMetres = 3.5;

    private static int SideOf(Body body) => body.DriverSide == Side.Right ? 1 : -1;
}
