using System.Globalization;
using System.Text.RegularExpressions;
using System.Xml.Linq;
using PdfSharp.Drawing;
using SkiaSharp;

namespace BurlyRidge.Server.HandOver;

/// <summary>A drawing of this program on a page of PDF, as lines and text; it knows the elements that the program draws with.</summary>
internal static partial class PdfDrawing
{
    /// <summary>Draws it into a frame, whatever its own size.</summary>
    public static void Draw(XGraphics graphics, ShippedFonts fonts, string svg, XRect frame)
    {
        var root = XElement.Parse(svg);
        var view = ((string)root.Attribute("viewBox")!).Split(' ').Select(Number).ToList();
        var state = graphics.Save();
        graphics.TranslateTransform(frame.X, frame.Y);
        graphics.ScaleTransform(frame.Width / view[2], frame.Height / view[3]);
        foreach (var element in root.Elements()) Draw(graphics, fonts, element);
        graphics.Restore(state);
    }

    private static void Draw(XGraphics graphics, ShippedFonts fonts, XElement element)
    {
        double At(string name) => Number((string?)element.Attribute(name) ?? "0");
        var (pen, brush) = (Pen(element), Brush(element));
        switch (element.Name.LocalName)
        {
            case "g":
                var state = graphics.Save();
                foreach (Match turn in Transform().Matches((string?)element.Attribute("transform") ?? ""))
                {
                    var figures = turn.Groups[2].Value.Split([' ', ','], StringSplitOptions.RemoveEmptyEntries).Select(Number).ToList();
                    if (turn.Groups[1].Value == "translate") graphics.TranslateTransform(figures[0], figures.Count > 1 ? figures[1] : 0);
                    else graphics.ScaleTransform(figures[0], figures.Count > 1 ? figures[1] : figures[0]);
                }
                foreach (var child in element.Elements()) Draw(graphics, fonts, child);
                graphics.Restore(state);
                break;
            case "line":
                if (pen is not null) graphics.DrawLine(pen, At("x1"), At("y1"), At("x2"), At("y2"));
                break;
            case "polyline":
                var points = ((string)element.Attribute("points")!).Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(pair => pair.Split(',')).Select(pair => new XPoint(Number(pair[0]), Number(pair[1]))).ToArray();
                if (brush is not null && points.Length > 2) graphics.DrawPolygon(brush, points, XFillMode.Winding);
                if (pen is not null && points.Length > 1) graphics.DrawLines(pen, points);
                break;
            case "rect":
                var round = 2 * At("rx");
                if (brush is not null || pen is not null) graphics.DrawRoundedRectangle(pen, brush, At("x"), At("y"), At("width"), At("height"), round, round);
                break;
            case "circle":
                if (brush is not null || pen is not null) graphics.DrawEllipse(pen, brush, At("cx") - At("r"), At("cy") - At("r"), 2 * At("r"), 2 * At("r"));
                break;
            case "path":
                if (Path((string)element.Attribute("d")!) is { } path && (brush is not null || pen is not null)) graphics.DrawPath(pen, brush, path);
                break;
            case "text":
                PdfText.Draw(graphics, fonts, element.Value, At("x"), At("y"), At("font-size"), (string?)element.Attribute("font-weight") == "bold", (string?)element.Attribute("text-anchor") ?? "start", PdfText.Ink((string?)element.Attribute("fill") ?? "#000"));
                break;
        }
    }

    private static XPen? Pen(XElement element)
    {
        if ((string?)element.Attribute("stroke") is not { } stroke || stroke == "none" || Number((string?)element.Attribute("stroke-width") ?? "0") is not (> 0 and var width)) return null;
        var pen = new XPen(PdfText.Ink(stroke), width) { LineJoin = XLineJoin.Round };
        if ((string?)element.Attribute("stroke-dasharray") is { } dash) pen.DashPattern = [.. dash.Split([' ', ','], StringSplitOptions.RemoveEmptyEntries).Select(part => Number(part) / width)];
        return pen;
    }

    private static XSolidBrush? Brush(XElement element) => (string?)element.Attribute("fill") is { } fill && fill != "none" ? new XSolidBrush(PdfText.Ink(fill)) : null;

    /// <summary>A path as SVG writes it: arcs come as pieces of conics, and those as quadratic curves, which one cubic curve each is.</summary>
    private static XGraphicsPath? Path(string data)
    {
        using var parsed = SKPath.ParseSvgPathData(data);
        if (parsed is null) return null;
        var path = new XGraphicsPath { FillMode = XFillMode.Winding };
        using var iterator = parsed.CreateRawIterator();
        var points = new SKPoint[4];
        for (var verb = iterator.Next(points); verb != SKPathVerb.Done; verb = iterator.Next(points))
            switch (verb)
            {
                case SKPathVerb.Move:
                    path.StartFigure();
                    break;
                case SKPathVerb.Line:
                    path.AddLine(Of(points[0]), Of(points[1]));
                    break;
                case SKPathVerb.Quad:
                    Quadratic(path, points[0], points[1], points[2]);
                    break;
                case SKPathVerb.Conic:
                    var quads = SKPath.ConvertConicToQuads(points[0], points[1], points[2], iterator.ConicWeight(), 2);
                    for (var i = 0; i + 2 < quads.Length; i += 2) Quadratic(path, quads[i], quads[i + 1], quads[i + 2]);
                    break;
                case SKPathVerb.Cubic:
                    path.AddBezier(Of(points[0]), Of(points[1]), Of(points[2]), Of(points[3]));
                    break;
                case SKPathVerb.Close:
                    path.CloseFigure();
                    break;
            }
        return path;
    }

    private static void Quadratic(XGraphicsPath path, SKPoint from, SKPoint control, SKPoint to)
    {
        static XPoint Third(SKPoint end, SKPoint control) => new(end.X + 2.0 / 3 * (control.X - end.X), end.Y + 2.0 / 3 * (control.Y - end.Y));
        path.AddBezier(Of(from), Third(from, control), Third(to, control), Of(to));
    }

    private static XPoint Of(SKPoint point) => new(point.X, point.Y);

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"(translate|scale)\(([^)]*)\)")]
    private static partial Regex Transform();
}
