using System.Globalization;
using System.Text;

namespace BurlyRidge.Core.Beams;

/// <summary>Writes LM-63, every figure to its last digit.</summary>
public static class Lm63Writer
{
    /// <summary>The standard of 1991 allows 80 letters a line for its own figures; nothing here writes more.</summary>
    private const int MostLetters = 80;

    /// <summary>The file as text.</summary>
    public static string Write(Lm63File file)
    {
        var text = new StringBuilder();
        if (file.Header.Length > 0) text.Append(file.Header).Append('\n');
        foreach (var label in file.Labels) text.Append(label).Append('\n');
        text.Append(Lm63File.TiltLabel).Append(file.Tilt is null ? Lm63File.NoTilt : Lm63File.TiltHere).Append('\n');
        if (file.Tilt is { } tilt)
        {
            Row(text, [tilt.Geometry]);
            Row(text, [tilt.Angles.Count]);
            Row(text, tilt.Angles);
            Row(text, tilt.Factors);
        }
        Row(text, [file.Lamps, file.LumensPerLamp, file.Multiplier, file.Vertical.Count, file.Horizontal.Count, (int)file.Type, file.InFeet ? 1 : 2, file.Width, file.Length, file.Height]);
        Row(text, [file.Ballast, file.Future, file.Watts]);
        Row(text, file.Vertical);
        Row(text, file.Horizontal);
        foreach (var plane in file.Candela) Row(text, plane);
        return text.ToString();
    }

    private static void Row(StringBuilder text, IReadOnlyList<double> figures)
    {
        var length = 0;
        foreach (var figure in figures)
        {
            var word = figure.ToString("R", CultureInfo.InvariantCulture);
            if (length > 0 && length + word.Length + 1 > MostLetters)
            {
                text.Append('\n');
                length = 0;
            }
            if (length > 0) text.Append(' ');
            text.Append(word);
            length += word.Length + 1;
        }
        text.Append('\n');
    }

    /// <summary>A light of any shape as a file of 2002, type C: what is on paper of a stand-in.</summary>
    /// <param name="name">What it says it is.</param>
    /// <param name="note">Where its figures come from.</param>
    public static Lm63File Of(LightShape shape, string name, string note, double watts, double widthMetres, double heightMetres)
    {
        // One degree is fine enough for a beam of a few degrees; the back of the lamp gives nothing.
        var vertical = Enumerable.Range(0, 91).Select(degree => (double)degree).ToList();
        var horizontal = Enumerable.Range(0, 37).Select(step => step * 10.0).ToList();
        return new Lm63File(
            Lm63File.Headers[2], [$"[TEST] {name}", $"[OTHER] {note}"], null, 1, Math.Round(shape.Lumens, 1), 1, PhotometricType.C, false, widthMetres, 0, heightMetres, 1, 1, watts, vertical, horizontal,
            [.. horizontal.Select(plane => (IReadOnlyList<double>)[.. vertical.Select(angle =>
            {
                var (sin, cos) = Math.SinCos(Degrees.ToRadians(angle));
                var (across, up) = Math.SinCos(Degrees.ToRadians(plane));
                return Math.Round(angle >= 90 ? 0 : shape.Candela(cos, -sin * across, sin * up), 2);
            })])]);
    }
}
