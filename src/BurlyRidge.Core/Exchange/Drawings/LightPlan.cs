using System.Globalization;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>Light on the ground from above as a drawing: lines of equal lux over squares of 10 m, 1 to 500.</summary>
public static class LightPlan
{
    private const double MillimetresPerMetre = 2;
    private const double Square = 10;
    private const double Lettering = 2.6;

    private static readonly (double Lux, double Line, string? Dash)[] Looks = [(0.25, 0.15, "1 1"), (1, 0.2, null), (3, 0.3, null), (5, 0.4, null), (10, 0.55, null), (50, 0.8, null)];

    /// <summary>The drawing as SVG.</summary>
    public static string Of(string title, BodySize size, PlanPicture plan)
    {
        var far = plan.Far;
        var (width, height) = (far.Rows * far.Step * MillimetresPerMetre, far.Columns * far.Step * MillimetresPerMetre);
        var svg = new Svg(width, height + 12, title);
        double X(double ahead) => (ahead - far.Ahead) * MillimetresPerMetre;
        double Y(double right) => 6 + (right - far.Right) * MillimetresPerMetre;
        for (var ahead = Math.Ceiling(far.Ahead / Square) * Square; ahead <= far.Ahead + far.Rows * far.Step; ahead += Square)
        {
            svg.Line(X(ahead), Y(far.Right), X(ahead), Y(-far.Right), "#ccc", 0.1);
            if (ahead % (2 * Square) == 0) svg.Text(X(ahead), 4, FileWords.FormatMetresAhead(ahead), Lettering, "middle", fill: "#555");
        }
        for (var right = far.Right; right <= -far.Right; right += Square) svg.Line(0, Y(right), width, Y(right), "#ccc", 0.1);
        svg.Box(X(-size.LengthMetres), Y(-size.WidthMetres / 2), size.LengthMetres * MillimetresPerMetre, size.WidthMetres * MillimetresPerMetre, "#ddd");
        foreach (var line in plan.Lines)
        {
            var (_, stroke, dash) = Looks.First(look => look.Lux == line.Lux);
            foreach (var piece in Pieces(line.Path)) svg.Path(piece.Select(at => (X(at.Ahead), Y(at.Right))), width: stroke, dash: dash);
            if (Pieces(line.Path).MaxBy(piece => piece.Count) is { } longest && longest.MaxBy(at => at.Ahead) is var tip) svg.Text(X(tip.Ahead), Y(tip.Right) - 0.6, FileWords.FormatLux(line.Lux.ToString(CultureInfo.InvariantCulture)), Lettering, "end");
        }
        svg.Text(0, height + 10, title, Lettering);
        return svg.ToString();
    }

    private static List<List<(double Ahead, double Right)>> Pieces(string path) => [.. path.Split('M', StringSplitOptions.RemoveEmptyEntries).Select(piece => piece.Split('L').Select(at =>
    {
        var words = at.Split(' ');
        return (double.Parse(words[0], CultureInfo.InvariantCulture), double.Parse(words[1], CultureInfo.InvariantCulture));
    }).ToList())];
}
