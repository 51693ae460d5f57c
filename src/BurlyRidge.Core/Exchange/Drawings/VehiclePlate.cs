using System.Globalization;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Pictures;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>The vehicle from its sides to scale, with numbers at its lamps.</summary>
public static class VehiclePlate
{
    private const double MillimetresAcross = 172, Between = 10, Letter = 3, Ring = 2.4;

    /// <summary>Greys of what is drawn: fill, edge and its width in metres.</summary>
    private static (string Fill, string Stroke, double Width) Look(ShapeKind kind) => kind switch
    {
        ShapeKind.Sheet => ("#e9ebe8", "#4c514e", 0.014),
        ShapeKind.Glass => ("#cfd6d6", "#4c514e", 0.01),
        ShapeKind.HeadLamp => ("#ffffff", "#4c514e", 0.012),
        ShapeKind.Tyre => ("#3a3d3b", "#3a3d3b", 0.01),
        ShapeKind.Rim or ShapeKind.Trim or ShapeKind.RearLamp => ("#b9beba", "#4c514e", 0.01),
        ShapeKind.Tray => ("#dfe2de", "#4c514e", 0.014),
        ShapeKind.Frame => ("#4c514e", "#4c514e", 0.006),
        _ => ("none", "#4c514e", 0.008),
    };

    /// <summary>Side and plan across the page, front and rear below; null where no body is chosen.</summary>
    /// <param name="numbers">What stands at a lamp, by the id of its fixture, or of its line where the lamp is not chosen.</param>
    public static string? Of(Rig rig, string title, IReadOnlyDictionary<string, int> numbers)
    {
        if (VehiclePicture.Of(rig) is not { } picture) return null;
        var lamps = PlacedLamp.Of(rig);
        PictureView View(ViewSide side) => picture.Views.First(view => view.Side == side);
        var (left, above, front, rear) = (View(ViewSide.Left), View(ViewSide.Above), View(ViewSide.Front), View(ViewSide.Rear));
        // One scale for all of them, so that what is as long is drawn as long.
        var scale = Math.Min(MillimetresAcross / left.WidthMetres, (MillimetresAcross - Between) / (front.WidthMetres + rear.WidthMetres));
        var height = (left.HeightMetres + above.HeightMetres + front.HeightMetres) * scale + 3 * Between + 8;
        var svg = new Svg(MillimetresAcross + 6, height, title);
        var y = 7.0;
        Draw(left, 3, y);
        y += left.HeightMetres * scale + Between;
        Draw(above, 3, y);
        y += above.HeightMetres * scale + Between;
        Draw(front, 3, y);
        Draw(rear, 3 + front.WidthMetres * scale + Between, y);
        return svg.ToString();

        void Draw(PictureView view, double x, double top)
        {
            svg.Group(() =>
            {
                foreach (var shape in view.Shapes)
                {
                    var (fill, stroke, width) = Look(shape.Kind);
                    svg.Shape(shape.Path, fill, stroke, width);
                }
                foreach (var lamp in view.Lamps)
                {
                    svg.Shape(lamp.Case, lamp.Planned ? "#ffffff" : "#1d1f1e", "#000000", 0.014);
                    if (lamp.Lenses.Length > 0 && !lamp.Planned) svg.Shape(lamp.Lenses, "#ffffff", "#000000", 0.004);
                }
            }, ("transform", string.Create(CultureInfo.InvariantCulture, $"translate({x:0.##} {top:0.##}) scale({scale:0.###})")));
            svg.Text(x, top - 2, Called(view.Side), Letter, fill: "#5a5f5c");
            var taken = new List<(double X, double Y)>();
            foreach (var lamp in lamps.Where(lamp => numbers.ContainsKey(lamp.Part) && view.Lamps.Any(shown => shown.Part == lamp.Part && shown.At == lamp.At)).DistinctBy(lamp => numbers[lamp.Part]))
            {
                var (cx, cy) = (x + view.Across.Of(lamp.Middle) * scale, top + view.Down.Of(lamp.Middle) * scale);
                var (nx, ny) = Free(cx, cy - 6, taken);
                taken.Add((nx, ny));
                svg.Line(cx, cy, nx, ny, width: 0.2);
                svg.Circle(nx, ny, Ring, fill: "#ffffff", line: 0.25);
                svg.Text(nx, ny + 1, numbers[lamp.Part].ToString(CultureInfo.InvariantCulture), 2.8, "middle", bold: true);
            }
        }
    }

    /// <summary>A spot as near as there is where no other number stands.</summary>
    private static (double X, double Y) Free(double x, double y, List<(double X, double Y)> taken)
    {
        for (var ring = 0; ring < 6; ring++)
            foreach (var side in new[] { 0, 1, -1, 2, -2 })
            {
                var (nx, ny) = (x + side * (2 * Ring + 0.6), y - ring * (2 * Ring + 0.6));
                if (nx > Ring && ny > Ring && taken.TrueForAll(other => Math.Abs(other.X - nx) > 2 * Ring || Math.Abs(other.Y - ny) > 2 * Ring)) return (nx, ny);
            }
        return (x, Math.Max(y, Ring));
    }

    private static string Called(ViewSide side) => side switch
    {
        ViewSide.Left => FileWords.FromTheLeft,
        ViewSide.Above => FileWords.FromAbove,
        ViewSide.Front => FileWords.FromTheFront,
        _ => FileWords.FromTheRear,
    };
}
