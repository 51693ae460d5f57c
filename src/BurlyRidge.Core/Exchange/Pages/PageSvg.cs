using System.Globalization;
using System.Xml.Linq;
using BurlyRidge.Core.Exchange.Drawings;

namespace BurlyRidge.Core.Exchange.Pages;

/// <summary>A page as a drawing, for the screen: the same marks at the same places as on paper.</summary>
public static class PageSvg
{
    private static readonly XNamespace Space = "http://www.w3.org/2000/svg";

    /// <param name="title">What it is, for who cannot see it.</param>
    /// <param name="photo">The address of a photo, by its name.</param>
    public static string Of(LaidPage page, string title, Func<string, string> photo)
    {
        var root = new XElement(Space + "svg", new XAttribute("viewBox", $"0 0 {Number(page.Width)} {Number(page.Height)}"), new XAttribute("font-family", Svg.FontFamily), new XAttribute("data-page", page.Number), new XElement(Space + "title", title));
        foreach (var mark in page.Marks) root.Add(Element(mark, photo));
        return root.ToString(SaveOptions.DisableFormatting);
    }

    private static XElement Element(Mark mark, Func<string, string> photo) => mark switch
    {
        Mark.Text text => new XElement(Space + "text", Places(("x", text.X), ("y", text.Y), ("font-size", text.Size)), new XAttribute("fill", text.Colour), text.Bold ? new XAttribute("font-weight", "bold") : null, text.Ends ? new XAttribute("text-anchor", "end") : null, text.Words),
        Mark.Rule rule => new XElement(Space + "line", Places(("x1", rule.X1), ("y1", rule.Y1), ("x2", rule.X2), ("y2", rule.Y2), ("stroke-width", rule.Width)), new XAttribute("stroke", rule.Colour)),
        Mark.Box box => new XElement(Space + "rect", Places(("x", box.X), ("y", box.Y), ("width", box.Width), ("height", box.Height)), new XAttribute("fill", box.Fill)),
        Mark.Photo shown => new XElement(Space + "image", Places(("x", shown.X), ("y", shown.Y), ("width", shown.Width), ("height", shown.Height)), new XAttribute("href", photo(shown.Name))),
        Mark.Drawing drawing => Within(drawing),
        _ => throw new ArgumentOutOfRangeException(nameof(mark), mark, "a mark of another kind"),
    };

    private static XElement Within(Mark.Drawing drawing)
    {
        var inner = XElement.Parse(drawing.Svg);
        foreach (var (name, value) in new[] { ("x", drawing.X), ("y", drawing.Y), ("width", drawing.Width), ("height", drawing.Height) }) inner.SetAttributeValue(name, Number(value));
        return inner;
    }

    private static IEnumerable<XAttribute> Places(params (string Name, double Value)[] places) => places.Select(place => new XAttribute(place.Name, Number(place.Value)));

    private static string Number(double value) => Math.Round(value, 2).ToString(CultureInfo.InvariantCulture);
}
