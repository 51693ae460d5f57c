using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Pictures;

/// <summary>A body from the front and from the rear, in metres across from the left of the picture and down from the top.</summary>
internal sealed class EndDrawing
{
    private readonly List<Shape> shapes = [];
    private readonly BodyPlan plan;
    private readonly double half, top, roof, low;

    private EndDrawing(BodyPlan plan) => (this.plan, half, top, roof, low) = (plan, plan.Size.WidthMetres / 2, plan.BonnetTop, plan.Roof, BodyPlan.Clearance);

    public static IReadOnlyList<Shape> Front(BodyKind kind, BodyPlan plan)
    {
        var drawing = new EndDrawing(plan);
        drawing.Front(kind);
        return drawing.shapes;
    }

    public static IReadOnlyList<Shape> Rear(BodyKind kind, BodyPlan plan)
    {
        var drawing = new EndDrawing(plan);
        if (GenericBody.HasTray(kind)) drawing.Tray(); else drawing.Back(kind);
        return drawing.shapes;
    }

    private void Front(BodyKind kind)
    {
        if (GenericBody.HasTray(kind)) Guard();
        Wheels();
        Cab(kind);
        Whole(ShapeKind.Glass, 0.05, (0.74, top + 0.1), (0.64, roof - 0.1));
        Whole(ShapeKind.Sheet, 0.08, (0.97, low + 0.12), (0.97, top - 0.1), (0.84, top + 0.04));
        Whole(ShapeKind.Gap, 0.06, (0.8, top - 0.02), (0.74, top + 0.05));
        var bars = plan.Roof > 2.2 ? 5 : 4;
        Whole(ShapeKind.Trim, 0.04, (0.46, plan.Sill + 0.1), (0.48, top - 0.06));
        for (var i = 1; i <= bars; i++)
        {
            var up = plan.Sill + 0.1 + i * (top - plan.Sill - 0.16) / (bars + 1);
            shapes.Add(new Shape(ShapeKind.Gap, Pen.Line((half - 0.45 * half, roof - up), (half + 0.45 * half, roof - up))));
        }
        Both(ShapeKind.HeadLamp, 0.04, (0.54, top - 0.2), (0.54, top - 0.08), (0.92, top - 0.06), (0.9, top - 0.22));
        Whole(ShapeKind.Trim, 0.06, (0.99, low + 0.04), (0.99, plan.Sill + 0.04));
        Plate(plan.Sill - 0.1);
        Mirrors();
    }

    private void Back(BodyKind kind)
    {
        Wheels();
        Cab(kind);
        Whole(ShapeKind.Glass, 0.06, (0.76, top + 0.1), (0.66, roof - 0.14));
        Whole(ShapeKind.Sheet, 0.06, (0.97, low + 0.12), (0.97, top - 0.04), (0.86, top + 0.03));
        Both(ShapeKind.RearLamp, 0.03, (0.82, top - 0.32), (0.82, top - 0.02), (0.95, top - 0.05), (0.95, top - 0.32));
        if (kind == BodyKind.Van) shapes.Add(new Shape(ShapeKind.Gap, Pen.Line((half, 0.12), (half, roof - plan.Sill - 0.06))));
        else Whole(ShapeKind.Gap, 0.03, (0.76, plan.Sill + 0.07), (0.76, top));
        Whole(ShapeKind.Trim, 0.06, (0.98, low + 0.06), (0.98, plan.Sill + 0.04));
        Plate(plan.Sill + 0.12);
        Mirrors();
    }

    private void Tray()
    {
        var (floor, rail) = (plan.Sill + 0.02, plan.Rail);
        Cab(BodyKind.SingleCab);
        Whole(ShapeKind.Glass, 0.04, (0.68, top + 0.12), (0.62, roof - 0.14));
        Guard();
        Wheels();
        Whole(ShapeKind.Frame, 0, (0.42, low + 0.1), (0.42, floor));
        Whole(ShapeKind.Tray, 0.02, (0.98, floor), (0.98, rail));
        Whole(ShapeKind.Gap, 0.02, (0.86, floor + 0.05), (0.86, rail - 0.05));
        Both(ShapeKind.RearLamp, 0.02, (0.66, low + 0.23), (0.66, floor - 0.01), (0.92, floor - 0.01), (0.92, low + 0.23));
        Whole(ShapeKind.Trim, 0.03, (0.94, low + 0.1), (0.94, low + 0.2));
        Plate(low + 0.25);
    }

    /// <summary>The room above the waist, with the roof.</summary>
    private void Cab(BodyKind kind)
    {
        var straight = kind == BodyKind.Van ? 0.08 : 0;
        Whole(ShapeKind.Sheet, 0.1, (0.94, top - 0.2), (0.92 + straight / 2, top + 0.05), (0.74 + straight, roof));
    }

    /// <summary>Hoop and mesh before a tray.</summary>
    private void Guard()
    {
        foreach (var (right, wide) in new[] { (0.8, 0.05), (-0.85, 0.05) })
            shapes.Add(new Shape(ShapeKind.Frame, Pen.Box(half + right * half, -0.02, wide * half, roof - plan.Rail + 0.02)));
        shapes.Add(new Shape(ShapeKind.Frame, Pen.Box(half - 0.85 * half, -0.03, 1.7 * half, 0.05, 0.01)));
        shapes.Add(new Shape(ShapeKind.Frame, Pen.Box(half - 0.85 * half, 0.32, 1.7 * half, 0.03)));
    }

    private void Wheels() => Both(ShapeKind.Tyre, 0.03, (0.72, 0), (0.72, 2 * plan.WheelRadius), (0.98, 2 * plan.WheelRadius), (0.98, 0));

    private void Mirrors() => Both(ShapeKind.Trim, 0.03, (0.94, top + 0.1), (0.94, top + 0.24), (1.08, top + 0.25), (1.08, top + 0.1));

    private void Plate(double up) => shapes.Add(new Shape(ShapeKind.Glass, Pen.Box(half - 0.26, roof - up, 0.52, 0.11, 0.01)));

    /// <summary>What is said of the right half, in shares of the half width, and its mirror image.</summary>
    private void Whole(ShapeKind of, double round, params (double Right, double Up)[] right) => shapes.Add(new Shape(of, Pen.Closed(round,
        [.. right.Select(at => (half + at.Right * half, roof - at.Up)), .. right.Reverse().Select(at => (half - at.Right * half, roof - at.Up))])));

    private void Both(ShapeKind of, double round, params (double Right, double Up)[] right)
    {
        shapes.Add(new Shape(of, Pen.Closed(round, [.. right.Select(at => (half + at.Right * half, roof - at.Up))])));
        shapes.Add(new Shape(of, Pen.Closed(round, [.. right.Select(at => (half - at.Right * half, roof - at.Up))])));
    }
}
