using System.Text;
using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Core.Pictures;

/// <summary>A lamp in a view: its case to scale, its lenses where one looks into its face.</summary>
internal static class LampDrawing
{
    private const double Steps = 8;

    public static LampShape Of(PlacedLamp lamp, ViewSide side, Axis across, Axis down)
    {
        var (wide, high, deep) = (lamp.Body.WidthMillimetres / 1000, lamp.Body.HeightMillimetres / 1000, lamp.Body.DepthMillimetres / 1000);
        var (x, y) = (across.Of(lamp.Middle), down.Of(lamp.Middle));
        var along = lamp.Facing is Facing.Left or Facing.Right;
        if (Into(side, lamp.Facing)) return Shape(Pen.Box(x - wide / 2, y - high / 2, wide, high, 0.012), Lenses(lamp, x, y, wide, high));
        if (side == ViewSide.Above && lamp.Body.RadiusMillimetres is { } radius && !along) return Shape(Curved(x, y, wide, deep, radius / 1000, lamp.Facing == Facing.Ahead ? 1 : -1), "");
        // The face stands at the middle, the case behind it.
        var behind = lamp.Facing switch { Facing.Ahead => new { Back = deep / 2, Right = 0.0 }, Facing.Astern => new { Back = -deep / 2, Right = 0.0 }, Facing.Left => new { Back = 0.0, Right = deep / 2 }, _ => new { Back = 0.0, Right = -deep / 2 } };
        var (cx, cy) = (x + across.Back * behind.Back + across.Right * behind.Right, y + down.Back * behind.Back + down.Right * behind.Right);
        var (back, right) = along ? (wide, deep) : (deep, wide);
        var width = Math.Abs(across.Back) * back + Math.Abs(across.Right) * right;
        var height = Math.Abs(down.Right) * right + Math.Abs(down.Up) * high;
        return Shape(Pen.Box(cx - width / 2, cy - height / 2, width, height, 0.012), "");

        LampShape Shape(string outline, string lenses) => new(lamp.Part, lamp.At, lamp.Lines, lamp.Planned, outline, lenses);
    }

    private static bool Into(ViewSide side, Facing facing) => (side, facing) is (ViewSide.Front, Facing.Ahead) or (ViewSide.Rear, Facing.Astern) or (ViewSide.Left, Facing.Left);

    /// <summary>Round ones, as many side by side as the face is wide; of a lamp of segments, one each.</summary>
    private static string Lenses(PlacedLamp lamp, double x, double y, double wide, double high)
    {
        var pitch = lamp.Body.SegmentMillimetres is { } segment ? segment / 1000 : high;
        var count = Math.Clamp((int)Math.Round(wide / pitch), 1, 60);
        var radius = 0.5 * Math.Min(high, wide / count) * 0.8;
        var path = new StringBuilder();
        for (var i = 0; i < count; i++) path.Append(Pen.Circle(x + wide * ((i + 0.5) / count - 0.5), y, radius));
        return path.ToString();
    }

    private static string Curved(double x, double y, double wide, double deep, double radius, int ahead)
    {
        var face = Enumerable.Range(0, (int)Steps + 1).Select(i => wide * (i / Steps - 0.5)).Select(off => (Off: off, Falls: Sagitta.Of(radius, Math.Min(2 * radius, 2 * Math.Abs(off))))).ToList();
        return Pen.Closed(0, [.. face.Select(at => (x + ahead * at.Falls, y + at.Off)), .. face.AsEnumerable().Reverse().Select(at => (x + ahead * (at.Falls + deep), y + at.Off))]);
    }
}
