using System.Globalization;
using System.Xml.Linq;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>A drawing in millimetres, put together element by element; the same calls give the same text.</summary>
internal sealed class Svg
{
    /// <summary>The faces that drawings are lettered in, the first that there is.</summary>
    public const string FontFamily = "Overpass Variable, Overpass, Helvetica, Arial, sans-serif";

    private static readonly XNamespace Space = "http://www.w3.org/2000/svg";
    private readonly XElement root;
    private readonly Stack<XElement> open = new();

    /// <param name="title">What it shows, for who cannot see it.</param>
    public Svg(double widthMillimetres, double heightMillimetres, string title)
    {
        root = new XElement(Space + "svg",
            new XAttribute("width", $"{Number(widthMillimetres)}mm"), new XAttribute("height", $"{Number(heightMillimetres)}mm"),
            new XAttribute("viewBox", $"0 0 {Number(widthMillimetres)} {Number(heightMillimetres)}"),
            new XAttribute("font-family", FontFamily),
            new XElement(Space + "title", title));
        open.Push(root);
    }

    /// <summary>Puts what <paramref name="draw"/> draws in a group with these attributes.</summary>
    public void Group(Action draw, params (string Name, string Value)[] attributes)
    {
        var group = new XElement(Space + "g", attributes.Select(pair => new XAttribute(pair.Name, pair.Value)));
        open.Peek().Add(group);
        open.Push(group);
        draw();
        open.Pop();
    }

    /// <summary>The same so many millimetres further down, as a block of that name.</summary>
    public void Block(double down, string name, Action draw) => Group(draw, ("transform", $"translate(0 {Number(down)})"), ("data-block", name));

    public void Line(double x1, double y1, double x2, double y2, string stroke = "#000", double width = 0.35, string? dash = null) =>
        Add("line", dash, ("x1", Number(x1)), ("y1", Number(y1)), ("x2", Number(x2)), ("y2", Number(y2)), ("stroke", stroke), ("stroke-width", Number(width)));

    public void Path(IEnumerable<(double X, double Y)> points, string stroke = "#000", double width = 0.35, string? dash = null, string fill = "none") =>
        Add("polyline", dash, ("points", string.Join(' ', points.Select(point => $"{Number(point.X)},{Number(point.Y)}"))), ("fill", fill), ("stroke", stroke), ("stroke-width", Number(width)), ("stroke-linejoin", "round"));

    /// <summary>A shape as a path of its own, in the units of the group that it stands in.</summary>
    /// <param name="data">As SVG has it.</param>
    public void Shape(string data, string fill, string stroke, double width) => Add("path", null, ("d", data), ("fill", fill), ("stroke", stroke), ("stroke-width", Fine(width)), ("stroke-linejoin", "round"));

    public void Box(double x, double y, double width, double height, string fill = "none", string stroke = "#000", double line = 0.35, double round = 0) =>
        Add("rect", null, ("x", Number(x)), ("y", Number(y)), ("width", Number(width)), ("height", Number(height)), ("rx", Number(round)), ("fill", fill), ("stroke", stroke), ("stroke-width", Number(line)));

    public void Circle(double x, double y, double radius, string fill = "none", string stroke = "#000", double line = 0.35) =>
        Add("circle", null, ("cx", Number(x)), ("cy", Number(y)), ("r", Number(radius)), ("fill", fill), ("stroke", stroke), ("stroke-width", Number(line)));

    /// <param name="anchor">"start", "middle" or "end".</param>
    public void Text(double x, double y, string text, double size = 2.6, string anchor = "start", bool bold = false, string fill = "#000")
    {
        if (text.Length == 0) return;
        Add("text", null, ("x", Number(x)), ("y", Number(y)), ("font-size", Number(size)), ("text-anchor", anchor), ("font-weight", bold ? "bold" : "normal"), ("fill", fill));
        ((XElement)open.Peek().LastNode!).Add(text);
    }

    /// <summary>The drawing as text.</summary>
    public override string ToString() => root.ToString();

    private void Add(string name, string? dash, params (string Name, string Value)[] attributes)
    {
        var element = new XElement(Space + name, attributes.Select(pair => new XAttribute(pair.Name, pair.Value)));
        if (dash is not null) element.Add(new XAttribute("stroke-dasharray", dash));
        open.Peek().Add(element);
    }

    private static string Fine(double value) => Math.Round(value, 4).ToString(CultureInfo.InvariantCulture);

    /// <summary>Hundredths of a millimetre.</summary>
    private static string Number(double value) => Math.Round(value, 2).ToString(CultureInfo.InvariantCulture);
}
