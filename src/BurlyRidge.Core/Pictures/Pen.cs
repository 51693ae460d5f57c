using System.Globalization;
using System.Text;

namespace BurlyRidge.Core.Pictures;

/// <summary>Draws paths as SVG has them, to the millimetre; the same calls give the same text.</summary>
internal static class Pen
{
    /// <summary>A closed line with its corners rounded by that much, m.</summary>
    public static string Closed(double round, params (double X, double Y)[] corners)
    {
        if (round <= 0) return $"{Line(corners)}Z";
        var path = new StringBuilder();
        for (var i = 0; i < corners.Length; i++)
        {
            var at = corners[i];
            var (into, outof) = (Towards(at, corners[(i + corners.Length - 1) % corners.Length], round), Towards(at, corners[(i + 1) % corners.Length], round));
            path.Append(i == 0 ? 'M' : 'L').Append(Spot(into)).Append('Q').Append(Spot(at)).Append(' ').Append(Spot(outof));
        }
        return path.Append('Z').ToString();
    }

    /// <summary>An open line.</summary>
    public static string Line(params (double X, double Y)[] corners) => $"M{string.Join('L', corners.Select(Spot))}";

    /// <summary>A box from its upper left corner.</summary>
    public static string Box(double x, double y, double width, double height, double round = 0) =>
        Closed(Math.Min(round, Math.Min(width, height) / 2), (x, y), (x + width, y), (x + width, y + height), (x, y + height));

    /// <summary>A circle.</summary>
    public static string Circle(double x, double y, double radius) =>
        $"M{Number(x - radius)} {Number(y)}a{Number(radius)} {Number(radius)} 0 1 0 {Number(2 * radius)} 0a{Number(radius)} {Number(radius)} 0 1 0 {Number(-2 * radius)} 0Z";

    /// <summary>The upper half of a ring, as an arch over a wheel.</summary>
    public static string Arch(double x, double y, double inner, double outer) =>
        $"M{Number(x - outer)} {Number(y)}A{Number(outer)} {Number(outer)} 0 0 1 {Number(x + outer)} {Number(y)}L{Number(x + inner)} {Number(y)}A{Number(inner)} {Number(inner)} 0 0 0 {Number(x - inner)} {Number(y)}Z";

    /// <summary>At most half way, so that the rounds of two corners do not meet.</summary>
    private static (double X, double Y) Towards((double X, double Y) from, (double X, double Y) to, double by)
    {
        var (dx, dy) = (to.X - from.X, to.Y - from.Y);
        var far = Math.Sqrt(dx * dx + dy * dy);
        var share = far == 0 ? 0 : Math.Min(0.5, by / far);
        return (from.X + dx * share, from.Y + dy * share);
    }

    private static string Spot((double X, double Y) at) => $"{Number(at.X)} {Number(at.Y)}";

    private static string Number(double metres) => Math.Round(metres, 3).ToString("0.###", CultureInfo.InvariantCulture);
}
