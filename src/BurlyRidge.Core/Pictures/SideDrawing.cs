using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Pictures;

/// <summary>A body from its left side, in metres behind the front and down from the top. No vehicle in particular.</summary>
internal sealed class SideDrawing
{
    private readonly List<Shape> shapes = [];
    private readonly BodyKind kind;
    private readonly BodyPlan plan;
    private readonly double end, length, top, rake;

    private SideDrawing(BodyKind kind, BodyPlan plan)
    {
        (this.kind, this.plan) = (kind, plan);
        (end, length, top) = (plan.CabEnd, plan.Length, plan.BonnetTop);
        rake = plan.Rake(kind);
    }

    public static IReadOnlyList<Shape> Of(BodyKind kind, BodyPlan plan) => new SideDrawing(kind, plan).Draw();

    private double Y(double up) => plan.Roof - up;

    private void Add(ShapeKind of, string path) => shapes.Add(new Shape(of, path));

    private void Box(ShapeKind of, double from, double to, double low, double high, double round = 0.02) => Add(of, Pen.Box(from, Y(high), to - from, high - low, round));

    private void Line(params (double Back, double Up)[] at) => Add(ShapeKind.Gap, Pen.Line([.. at.Select(one => (one.Back, Y(one.Up)))]));

    private void Fill(ShapeKind of, double round, params (double Back, double Up)[] at) => Add(of, Pen.Closed(round, [.. at.Select(one => (one.Back, Y(one.Up)))]));

    private List<Shape> Draw()
    {
        var tray = GenericBody.HasTray(kind);
        if (tray) Tray(); else Roof();
        Cab(tray);
        foreach (var axle in plan.Axles) Wheel(axle);
        return shapes;
    }

    private void Cab(bool tray)
    {
        var (bonnet, roof, low) = (plan.Bonnet, plan.Roof, BodyPlan.Clearance);
        List<(double Back, double Up)> sheet = [(0.1, low + 0.06), (0.04, plan.Sill + 0.1), (0.05, top - 0.08), (0.2, top - 0.01), (bonnet - 0.04, top + 0.05), (bonnet + rake, roof - 0.03), (bonnet + rake + 0.25, roof)];
        sheet.AddRange(tray
            ? [(end - 0.16, roof), (end - 0.02, roof - 0.08), (end, top), (end, low)]
            : [(end - 0.25, roof), (length - 0.12, roof - 0.06), (length - 0.02, top + 0.02), (length - 0.03, low + 0.06)]);
        Fill(ShapeKind.Sheet, 0.07, [.. sheet]);
        Windows(tray);
        // Bumpers, sill and lamps of the vehicle itself.
        Box(ShapeKind.Trim, 0, 0.34, low + 0.04, plan.Sill + 0.04, 0.05);
        Box(ShapeKind.Trim, plan.Axles[0] + plan.WheelRadius + 0.08, (tray ? end : plan.Axles[1] - plan.WheelRadius - 0.08), low - 0.02, low + 0.07);
        Fill(ShapeKind.HeadLamp, 0.03, (0.07, top - 0.22), (0.06, top - 0.08), (0.36, top - 0.07), (0.34, top - 0.2));
        if (tray) return;
        Box(ShapeKind.Trim, length - 0.3, length, low + 0.06, plan.Sill + 0.04, 0.05);
        Box(ShapeKind.RearLamp, length - 0.14, length - 0.03, top - 0.3, top - 0.02, 0.03);
    }

    private void Windows(bool tray)
    {
        var (bonnet, roof) = (plan.Bonnet, plan.Roof);
        double front = bonnet + 0.16, last = tray ? end - 0.14 : kind == BodyKind.Van ? Math.Min(end, bonnet + 1.35) : end - 0.32;
        var (low, high) = (top + 0.08, roof - 0.1);
        double[] posts = kind switch
        {
            BodyKind.DualCab => [bonnet + 1.05],
            BodyKind.LongWagon => [bonnet + 1.1, bonnet + 2.15],
            BodyKind.ShortWagon => [bonnet + 1.3],
            _ => [],
        };
        double[] edges = [front, .. posts.Where(post => post < last - 0.25), last];
        for (var i = 1; i < edges.Length; i++)
        {
            var (from, to) = (edges[i - 1] + (i == 1 ? 0 : 0.04), edges[i] - (i == edges.Length - 1 ? 0 : 0.04));
            Fill(ShapeKind.Glass, 0.04, (from, low), (i == 1 ? Math.Min(bonnet + rake + 0.04, to - 0.1) : from, high), (to, high), (to, low));
        }
        // Doors: from the foot of the pillar back, one to each window but the last of a wagon.
        var doors = kind is BodyKind.LongWagon or BodyKind.ShortWagon ? edges[1..^1] : edges[1..];
        Line((bonnet + 0.06, BodyPlan.Clearance + 0.08), (bonnet + 0.06, top + 0.02));
        foreach (var door in doors)
        {
            Line((door, BodyPlan.Clearance + 0.08), (door, roof - 0.06));
            Line((door - 0.24, top - 0.06), (door - 0.08, top - 0.06));
        }
        if (kind == BodyKind.Van)
        {
            Line((last + 1.25, BodyPlan.Clearance + 0.08), (last + 1.25, roof - 0.12), (last + 0.06, roof - 0.12), (last + 0.06, BodyPlan.Clearance + 0.08));
            Line((last + 0.1, top + 0.1), (length - 0.2, top + 0.1));
        }
    }

    private void Roof()
    {
        if (kind == BodyKind.Van) return;
        var (from, to) = (plan.Bonnet + rake + 0.35, end - 0.35);
        Box(ShapeKind.Frame, from, to, plan.Roof + 0.03, plan.Roof + 0.055, 0.01);
        for (var i = 0; i < 3; i++)
        {
            var foot = from + 0.06 + i * (to - from - 0.12) / 2;
            Box(ShapeKind.Frame, foot - 0.03, foot + 0.03, plan.Roof - 0.03, plan.Roof + 0.035, 0.01);
        }
    }

    private void Tray()
    {
        var (from, floor, rail) = (end + 0.06, plan.Sill + 0.02, plan.Rail);
        Box(ShapeKind.Frame, end - 0.3, length - 0.1, BodyPlan.Clearance + 0.1, BodyPlan.Clearance + 0.24);
        Box(ShapeKind.Tray, from, length - 0.02, floor, rail, 0.015);
        for (var board = from + 0.55; board < length - 0.3; board += 0.55) Line((board, floor + 0.03), (board, rail - 0.03));
        Line((from, rail - 0.05), (length - 0.02, rail - 0.05));
        // Cab guard: a hoop before the tray, up to the roof.
        Box(ShapeKind.Frame, end + 0.07, end + 0.12, rail, plan.Roof + 0.02, 0.01);
        Line((end + 0.12, plan.Roof - 0.1), (end + 0.45, rail));
        Box(ShapeKind.Trim, length - 0.12, length, BodyPlan.Clearance + 0.1, BodyPlan.Clearance + 0.22, 0.02);
        Box(ShapeKind.RearLamp, length - 0.2, length - 0.04, BodyPlan.Clearance + 0.23, floor - 0.01, 0.02);
    }

    private void Wheel(double back)
    {
        var (y, radius) = (Y(plan.WheelRadius), plan.WheelRadius);
        Add(ShapeKind.Trim, Pen.Arch(back, y, radius + 0.05, radius + 0.1));
        Add(ShapeKind.Tyre, Pen.Circle(back, y, radius));
        Add(ShapeKind.Rim, Pen.Circle(back, y, radius * 0.58));
        Add(ShapeKind.Gap, Pen.Circle(back, y, radius * 0.16));
    }
}
