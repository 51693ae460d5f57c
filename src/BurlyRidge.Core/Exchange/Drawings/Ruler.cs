namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>A line to hold a rule against: whoever prints a page to scale sees on it whether the printer kept the scale.</summary>
internal static class Ruler
{
    private const double Millimetres = 50;

    public static string Draw()
    {
        var ruler = new Svg(Millimetres + 2, 8, FileWords.RulerOf50Mm);
        ruler.Line(1, 4, 1 + Millimetres, 4);
        foreach (var end in new[] { 1, 1 + Millimetres }) ruler.Line(end, 1.5, end, 6.5);
        return ruler.ToString();
    }
}
