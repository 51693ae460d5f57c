using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>What of the vehicle and on it stands in the way of light: solids of the same outline that it is drawn with.</summary>
public sealed class Shade
{
    /// <summary>A lamp that is let into a solid by no more than this stands before it, m.</summary>
    private const double LetIn = 0.03;

    private readonly Solid[] solids;

    /// <param name="solids">What light does not pass.</param>
    public Shade(IReadOnlyList<Solid> solids) => this.solids = [.. solids];

    /// <summary>All of a vehicle.</summary>
    public static Shade Of(Body body, BeamPlan beams, Attitude attitude) => new([.. Vehicle(body, attitude), .. beams.Cargo.Select(box => Solid.Box(Level(box.From), Level(box.To), attitude))]);

    /// <summary>The same with one more.</summary>
    internal Shade With(Solid solid) => new([.. solids, solid]);

    /// <summary>What stands in the way of a lamp, or of an eye, there: what it is let into does not.</summary>
    internal Shade From(Vec point) => Array.TrueForAll(solids, solid => !solid.Holds(point, LetIn)) ? this : new Shade([.. solids.Where(solid => !solid.Holds(point, LetIn))]);

    /// <summary>Whether anything stands between two points.</summary>
    public bool Blocks(Vec from, Vec to)
    {
        foreach (var solid in solids)
            if (solid.Blocks(from, to)) return true;
        return false;
    }

    /// <summary>How far along a ray the first is met, in lengths of the direction; null: none.</summary>
    internal double? Meets(Vec from, Vec way, double end)
    {
        double? nearest = null;
        foreach (var solid in solids)
            if (solid.Enters(from, way, nearest ?? end) is { } at) nearest = at;
        return nearest;
    }

    /// <summary>Wings stand in a little from the widest point.</summary>
    private const double Flank = 0.95;

    private static IEnumerable<Solid> Vehicle(Body body, Attitude attitude)
    {
        var plan = new BodyPlan(body.Size);
        var (half, low, end) = (plan.Right(Flank), BodyPlan.Clearance, plan.CabEnd);
        yield return Solid.Prism(BonnetOutline(plan), -half, half, attitude);
        yield return Solid.Prism([(0, low + 0.04), (0.34, low + 0.04), (0.34, plan.Sill + 0.04), (0, plan.Sill + 0.04)], -half, half, attitude);
        var (foot, head) = Screen(body.Kind, plan);
        yield return Solid.Prism([(foot.Back, low), foot, head, (head.Back + 0.25, plan.Roof), (end, plan.Roof), (end, low)], -half, half, attitude);
        if (GenericBody.HasTray(body.Kind)) yield return Solid.Prism([(end + 0.06, plan.Sill), (plan.Length - 0.02, plan.Sill), (plan.Length - 0.02, plan.Rail), (end + 0.06, plan.Rail)], -half, half, attitude);
    }

    private static List<(double Back, double Up)> BonnetOutline(BodyPlan plan) =>
        [(0.05, BodyPlan.Clearance), (0.05, plan.BonnetTop - 0.08), (0.2, plan.BonnetTop - 0.01), (plan.Bonnet, plan.BonnetTop + 0.05), (plan.Bonnet, BodyPlan.Clearance)];

    /// <summary>The sheet of the bonnet that is seen from above, from its front edge back.</summary>
    internal static ((double Back, double Up) Front, (double Back, double Up) Rear, double HalfWidth) BonnetTop(Body body)
    {
        var plan = new BodyPlan(body.Size);
        return ((0.2, plan.BonnetTop - 0.01), (plan.Bonnet, plan.BonnetTop + 0.05), plan.Right(0.9));
    }

    /// <summary>Foot and head of the windscreen.</summary>
    internal static ((double Back, double Up) Foot, (double Back, double Up) Head) Screen(BodyKind kind, BodyPlan plan) =>
        ((plan.Bonnet, plan.BonnetTop + 0.05), (plan.Bonnet + plan.Rake(kind), plan.Roof - 0.03));

    private static Vec Level(Point point) => new(-point.Back, point.Right, point.Up);
}
