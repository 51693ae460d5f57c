namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>One line of a block of text.</summary>
internal sealed record Wording(string Text, bool Bold = false);

/// <summary>A place for a block of text: where its first line stands, and how it hangs on that spot.</summary>
/// <param name="Y">Foot of the first line; of a block that grows upwards, of the last.</param>
/// <param name="Anchor">"start", "middle" or "end".</param>
/// <param name="Upwards">Whether it grows upwards from there.</param>
internal sealed record Spot(double X, double Y, string Anchor, bool Upwards = false);

/// <summary>Keeps the texts of a drawing clear of one another and inside it.</summary>
internal sealed class TextRoom(double width, double top, double bottom)
{
    private const double Edge = 0.6, Between = 0.15, Step = 1.3, LineHalf = 0.25;
    private const int MostSteps = 14;

    private readonly List<(double Left, double Top, double Right, double Bottom)> taken = [];

    /// <summary>Keeps texts clear of a line from one place to another, level or upright.</summary>
    public void Keep((double X, double Y) from, (double X, double Y) to) => taken.Add((
        Math.Min(from.X, to.X) - LineHalf, Math.Min(from.Y, to.Y) - LineHalf, Math.Max(from.X, to.X) + LineHalf, Math.Max(from.Y, to.Y) + LineHalf));

    /// <summary>Writes a block at the first of the spots that is free, or as near to them as there is room; lines are wrapped to <paramref name="most"/> mm.</summary>
    public void Write(Svg svg, IEnumerable<Wording> lines, double size, double most, params Spot[] spots)
    {
        var block = lines.Where(line => line.Text.Length > 0).SelectMany(line => Lettering.Wrapped(line.Text, size, line.Bold, most).Select(text => line with { Text = text })).ToList();
        if (block.Count == 0) return;
        var spot = Near(spots).FirstOrDefault(spot => Free(Boxes(block, size, spot)), spots[0]);
        foreach (var (line, box) in block.Zip(Boxes(block, size, spot)))
        {
            taken.Add(box);
            svg.Text(spot.X, box.Bottom - Lettering.Fall * size, line.Text, size, spot.Anchor, line.Bold);
        }
    }

    /// <summary>The spots themselves, then further and further up and down from them.</summary>
    private static IEnumerable<Spot> Near(Spot[] spots)
    {
        foreach (var spot in spots) yield return spot;
        for (var i = 1; i <= MostSteps; i++)
            foreach (var spot in spots)
            {
                yield return spot with { Y = spot.Y + (spot.Upwards ? -i : i) * Step };
                yield return spot with { Y = spot.Y - (spot.Upwards ? -i : i) * Step };
            }
    }

    private static List<(double Left, double Top, double Right, double Bottom)> Boxes(List<Wording> block, double size, Spot spot)
    {
        var step = size * Lettering.Leading;
        var first = spot.Upwards ? spot.Y - (block.Count - 1) * step : spot.Y;
        return [.. block.Select((line, i) =>
        {
            var wide = Lettering.Width(line.Text, size, line.Bold);
            var left = spot.Anchor switch { "middle" => spot.X - wide / 2, "end" => spot.X - wide, _ => spot.X };
            var foot = first + i * step;
            return (left, foot - Lettering.Rise * size, left + wide, foot + Lettering.Fall * size);
        })];
    }

    private bool Free(List<(double Left, double Top, double Right, double Bottom)> boxes) => boxes.All(box =>
        box.Left >= Edge && box.Right <= width - Edge && box.Top >= top && box.Bottom <= bottom
        && taken.All(other => box.Right + Between <= other.Left || other.Right + Between <= box.Left || box.Bottom <= other.Top || other.Bottom <= box.Top));
}
