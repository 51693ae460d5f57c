using System.Globalization;
using System.Xml.Linq;

namespace BurlyRidge.Core.Exchange.Pages;

/// <summary>How large a drawing is by itself, mm.</summary>
public readonly record struct DrawingSize(double Wide, double High)
{
    /// <summary>As the drawing says it of itself.</summary>
    public static DrawingSize Of(string svg)
    {
        var root = XElement.Parse(svg);
        double Size(string name) => double.Parse(((string?)root.Attribute(name) ?? "").Replace("mm", "", StringComparison.Ordinal), CultureInfo.InvariantCulture);
        return new DrawingSize(Size("width"), Size("height"));
    }
}
