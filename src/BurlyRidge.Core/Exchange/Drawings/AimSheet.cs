using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Fitting;
using static BurlyRidge.Core.Exchange.Drawings.PrintPage;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>The wall that lamps are aimed at, to scale and as a table, to be taken to it.</summary>
public static class AimSheet
{
    /// <summary>A wall of this width fits on A4 beside its margins, mm.</summary>
    private const double SheetMillimetres = 180;

    private const double TopMillimetres = 8;
    private const double LetteringMillimetres = 2.8;

    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    /// <param name="wallMetres">From the front, or from the rear, to the wall, m.</param>
    /// <param name="level">Marks are of a vehicle that stands level on its wheels.</param>
    public static string Page(string job, string edition, IReadOnlyList<AimMark> marks, double wallMetres, bool level, UnitSystem units) => PrintPage.Of(
        "aim-sheet", FileWords.FormatAimSheetOf(job), edition,
        level ? FileWords.FormatAimLevelVehicle(Format.Metres(wallMetres, units)) : FileWords.FormatAimOnGround(Format.Metres(wallMetres, units)),
        marks.Where(mark => mark.UpMetres >= 0).GroupBy(mark => mark.To).SelectMany(side => new[] { $"<h2>{Text(side.Key == Facing.Ahead ? FileWords.WallAhead : FileWords.WallBehind)}</h2>", Drawing([.. side], units), Rows(side, units) }));

    /// <summary>The largest round scale that the marks fit in.</summary>
    internal static double Scale(IReadOnlyList<AimMark> marks)
    {
        var (wide, high) = Extent(marks);
        return new[] { 5.0, 10, 20, 25, 50, 100 }.FirstOrDefault(scale => Math.Max(wide, high) * 1000 / scale <= SheetMillimetres, 200);
    }

    private static (double Wide, double High) Extent(IReadOnlyList<AimMark> marks) =>
        (2 * (marks.Max(mark => Math.Abs(mark.RightMetres)) + 0.3), Math.Max(0.5, marks.Max(mark => mark.UpMetres) + 0.3));

    internal static string Drawing(IReadOnlyList<AimMark> marks, UnitSystem units)
    {
        var (scale, (wide, high)) = (Scale(marks), Extent(marks));
        var (width, height) = (wide * 1000 / scale, high * 1000 / scale);
        var svg = new Svg(width, height + TopMillimetres, FileWords.FormatScaleOf($"{scale:0}"));
        double X(double right) => width / 2 + right * 1000 / scale;
        double Y(double up) => TopMillimetres + height - up * 1000 / scale;
        svg.Text(0, LetteringMillimetres, FileWords.FormatScaleOf($"{scale:0}"), LetteringMillimetres);
        svg.Line(0, Y(0), width, Y(0), width: 0.6);
        svg.Line(X(0), Y(0), X(0), TopMillimetres, "#777", 0.25, "4 1 1 1");
        for (var up = 0.5; up < high; up += 0.5)
        {
            svg.Line(0, Y(up), width, Y(up), "#bbb", 0.15);
            svg.Text(1, Y(up) - 0.6, Format.Millimetres(up * 1000, units), LetteringMillimetres, fill: "#555");
        }
        var room = new TextRoom(width, 0, height + TopMillimetres);
        foreach (var mark in marks)
        {
            var (x, y) = (X(mark.RightMetres), Y(mark.UpMetres));
            svg.Line(x - 4, y, x + 4, y);
            svg.Line(x, y - 4, x, y + 4);
            room.Keep((x - 4, y), (x + 4, y));
            room.Keep((x, y - 4), (x, y + 4));
        }
        foreach (var mark in marks)
        {
            var (x, y) = (X(mark.RightMetres), Y(mark.UpMetres));
            room.Write(svg, [new Wording(mark.Name)], LetteringMillimetres, 40, new Spot(x + 1, y - 1, "start", Upwards: true), new Spot(x - 1, y - 1, "end", Upwards: true), new Spot(x + 1, y + 3.4, "start"), new Spot(x - 1, y + 3.4, "end"));
        }
        return svg.ToString();
    }

    private static string Rows(IEnumerable<AimMark> marks, UnitSystem units) => PrintPage.Table(
        [FileWords.AimLamp, FileWords.AimHeight, FileWords.AimSide, FileWords.AimEachMillimetre, FileWords.AimEachTurn, FileWords.AimFound],
        marks.Select(mark => $"<tr data-lamp=\"{Text(mark.Lamp)}\"><td>{Text(mark.Name)}</td><td>{Text(Format.Millimetres(mark.UpMetres * 1000, units))}</td><td>{Text(Side(mark.RightMetres, units))}</td><td>{Text(mark.EachMillimetre is { } each ? Format.Millimetres(each, units) : "")}</td><td>{Text(mark.EachTurn is { } turn ? Format.Millimetres(turn, units) : "")}</td><td class=\"write\"></td></tr>\n"));

    internal static string Side(double right, UnitSystem units) => Math.Abs(right) < 0.0005 ? FileWords.AimMiddle
        : right < 0 ? FileWords.FormatAimLeft(Format.Millimetres(-right * 1000, units)) : FileWords.FormatAimRight(Format.Millimetres(right * 1000, units));
}
