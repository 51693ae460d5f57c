using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Strips;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>Symbols after IEC 60617 (from memory): what lies in a wire is drawn in its direction, 8 mm from end to end.</summary>
internal static class DiagramSymbols
{
    /// <summary>From one end of a symbol to its middle, mm.</summary>
    public const double Half = 4;

    /// <summary>Draws a station in a level wire, its middle at (x, y).</summary>
    /// <param name="fromLeft">Whether its wire comes from the left; an earth is an end.</param>
    public static void Level(Svg svg, StripStation station, double x, double y, bool fromLeft)
    {
        switch (station.Symbol)
        {
            case PartSymbol.Fuse:
                svg.Line(x - Half, y, x + Half, y);
                svg.Box(x - 3, y - 1.2, 6, 2.4, fill: "none");
                break;
            case PartSymbol.Contact:
                Contact(svg, x, y);
                break;
            case PartSymbol.EnclosedContact:
                Contact(svg, x, y);
                svg.Box(x - 5.5, y - 4, 11, 6, line: 0.2, round: 0.8);
                break;
            case PartSymbol.Coil:
                svg.Line(x - Half, y, x + Half, y);
                svg.Box(x - 2.6, y - 1.8, 5.2, 3.6, fill: "#fff");
                svg.Line(x - 2.6, y + 1.8, x + 2.6, y - 1.8, width: 0.2);
                break;
            case PartSymbol.Battery:
                svg.Line(x, y, x + Half, y);
                svg.Line(x, y - 2.6, x, y + 2.6, width: 0.6);
                svg.Line(x - 1.6, y - 1.4, x - 1.6, y + 1.4, width: 0.9);
                break;
            case PartSymbol.Lamp:
                svg.Line(x - Half, y, x + Half, y);
                Lamp(svg, x, y);
                break;
            case PartSymbol.Plug:
                svg.Line(x - Half, y, x - 0.8, y);
                svg.Line(x + 0.8, y, x + Half, y);
                svg.Path([(x - 1.8, y - 1.6), (x - 0.2, y), (x - 1.8, y + 1.6)]);
                svg.Path([(x - 0.4, y - 1.6), (x + 1.2, y), (x - 0.4, y + 1.6)]);
                break;
            case PartSymbol.Cap:
                svg.Line(x - Half, y, x, y);
                svg.Line(x, y - 1.6, x, y + 1.6, width: 0.8);
                break;
            case PartSymbol.Tap:
                svg.Line(x - Half, y, x + Half, y);
                svg.Path([(x - 1.4, y + 1.6), (x, y - 0.8), (x + 1.4, y + 1.6), (x - 1.4, y + 1.6)], fill: "#fff");
                break;
            case PartSymbol.Splice:
                svg.Line(x - Half, y, x + Half, y);
                svg.Circle(x, y, 0.9, fill: "#000");
                break;
            case PartSymbol.Stud:
                Stud(svg, x, y, fromLeft ? -Half : Half);
                break;
            case PartSymbol.Post:
                svg.Line(x, y, x + (fromLeft ? -Half : Half), y);
                svg.Circle(x, y, 1.6, fill: "#fff");
                svg.Line(x - 1, y, x + 1, y, width: 0.5);
                break;
            default:
                svg.Line(x - Half, y, x + Half, y);
                break;
        }
    }

    /// <summary>A lamp in an upright wire.</summary>
    public static void Upright(Svg svg, double x, double y)
    {
        svg.Line(x, y - Half, x, y + Half);
        Lamp(svg, x, y);
    }

    /// <summary>Circle with a cross in it.</summary>
    private static void Lamp(Svg svg, double x, double y)
    {
        const double radius = 2.8;
        var slant = radius * Math.Sqrt(0.5);
        svg.Circle(x, y, radius, fill: "#fff");
        svg.Line(x - slant, y - slant, x + slant, y + slant);
        svg.Line(x - slant, y + slant, x + slant, y - slant);
    }

    private static void Contact(Svg svg, double x, double y)
    {
        svg.Line(x - Half, y, x - 2, y);
        svg.Line(x + 2, y, x + Half, y);
        svg.Line(x - 2, y, x + 1.6, y - 2.4, width: 0.5);
        svg.Circle(x - 2, y, 0.5, fill: "#fff");
        svg.Circle(x + 2, y, 0.5, fill: "#fff");
    }

    /// <summary>Whether a symbol has the numbers of its terminals beside it, as they are printed on the part.</summary>
    public static bool HasPins(PartSymbol symbol) => symbol is PartSymbol.Contact or PartSymbol.Coil;

    /// <summary>Three lines below each other.</summary>
    private static void Stud(Svg svg, double x, double y, double stem)
    {
        svg.Line(x, y, x + stem, y);
        svg.Line(x, y, x, y + 2);
        foreach (var (half, down) in new[] { (2.4, 2.0), (1.6, 2.9), (0.8, 3.8) }) svg.Line(x - half, y + down, x + half, y + down, width: 0.5);
    }
}
