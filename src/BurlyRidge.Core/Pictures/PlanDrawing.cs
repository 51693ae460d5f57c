using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Pictures;

/// <summary>A body from above, front to the left, in metres behind the front and down from its right side.</summary>
internal static class PlanDrawing
{
    public static IReadOnlyList<Shape> Of(BodyKind kind, BodyPlan plan)
    {
        var (half, length, bonnet, end) = (plan.Size.WidthMetres / 2, plan.Length, plan.Bonnet, plan.CabEnd);
        var tray = GenericBody.HasTray(kind);
        var back = tray ? end : length;
        var shapes = new List<Shape>();
        var rake = plan.Rake(kind);

        // Mirrored: what is said of the right half, in shares of the half width.
        void Both(ShapeKind of, double round, params (double Back, double Right)[] right)
        {
            Add(of, Pen.Closed(round, [.. right.Select(at => (at.Back, half - at.Right * half))]));
            Add(of, Pen.Closed(round, [.. right.Select(at => (at.Back, half + at.Right * half))]));
        }
        void Add(ShapeKind of, string path) => shapes.Add(new Shape(of, path));
        void Whole(ShapeKind of, double round, params (double Back, double Right)[] right) => Add(of, Pen.Closed(round,
            [.. right.Select(at => (at.Back, half - at.Right * half)), .. right.Reverse().Select(at => (at.Back, half + at.Right * half))]));
        void Across(params (double Back, double Right)[] right) =>
            Add(ShapeKind.Gap, Pen.Line([.. right.Select(at => (at.Back, half - at.Right * half)), .. right.Reverse().Select(at => (at.Back, half + at.Right * half))]));

        foreach (var axle in plan.Axles) Both(ShapeKind.Tyre, 0.03, (axle - plan.WheelRadius, 0.72), (axle + plan.WheelRadius, 0.72), (axle + plan.WheelRadius, 0.99), (axle - plan.WheelRadius, 0.99));
        if (tray)
        {
            Whole(ShapeKind.Frame, 0, (end - 0.2, 0.42), (length - 0.05, 0.42));
            Whole(ShapeKind.Tray, 0.03, (end + 0.06, 0.98), (length - 0.02, 0.98));
            Whole(ShapeKind.Gap, 0.02, (end + 0.12, 0.9), (length - 0.08, 0.9));
            foreach (var rib in Enumerable.Range(1, 5).Select(i => -0.9 + 0.3 * i))
                Add(ShapeKind.Gap, Pen.Line((end + 0.12, half + rib * half), (length - 0.08, half + rib * half)));
            Whole(ShapeKind.Frame, 0.01, (end + 0.07, 0.9), (end + 0.12, 0.9));
        }
        Both(ShapeKind.Trim, 0.03, (bonnet + 0.12, 0.9), (bonnet + 0.26, 0.9), (bonnet + 0.3, 1.08), (bonnet + 0.2, 1.1));
        Whole(ShapeKind.Trim, 0.05, (0, 0.66), (0.1, 0.9), (0.4, 0.96));
        Whole(ShapeKind.Sheet, 0.09, (0.06, 0.62), (0.14, 0.86), (0.55, 0.97), (back - 0.15, 0.97), (back - 0.03, 0.88));
        Both(ShapeKind.HeadLamp, 0.03, (0.09, 0.6), (0.3, 0.62), (0.36, 0.86), (0.16, 0.82));
        Across((bonnet - 0.02, 0.84), (bonnet - 0.07, 0.4));
        Both(ShapeKind.Gap, 0.05, (0.25, 0.3), (bonnet - 0.12, 0.36), (bonnet - 0.12, 0.38), (0.25, 0.32));
        Whole(ShapeKind.Glass, 0.05, (bonnet + 0.02, 0.8), (bonnet + rake, 0.68));
        Whole(ShapeKind.Gap, 0.05, (bonnet + rake + 0.06, 0.7), (back - (tray ? 0.2 : 0.4), 0.7));
        Both(ShapeKind.Glass, 0.03, (bonnet + 0.35, 0.9), (bonnet + rake + 0.15, 0.76), (back - 0.35, 0.76), (back - 0.25, 0.9));
        Whole(ShapeKind.Glass, 0.03, (back - (tray ? 0.14 : 0.3), 0.64), (back - (tray ? 0.05 : 0.12), 0.72));
        if (!tray && kind != BodyKind.Van)
            Both(ShapeKind.Frame, 0.01, (bonnet + rake + 0.35, 0.63), (end - 0.35, 0.63), (end - 0.35, 0.66), (bonnet + rake + 0.35, 0.66));
        if (!tray) Whole(ShapeKind.Trim, 0.03, (length - 0.08, 0.9), (length, 0.84));
        return shapes;
    }
}
