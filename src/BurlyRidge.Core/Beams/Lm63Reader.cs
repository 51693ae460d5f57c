using System.Globalization;

namespace BurlyRidge.Core.Beams;

/// <summary>What reading a file came to.</summary>
public abstract record Lm63Reading
{
    private Lm63Reading() { }

    /// <summary>It is one.</summary>
    public sealed record Read(Lm63File File) : Lm63Reading;

    /// <summary>It is none.</summary>
    /// <param name="Line">Where it stops being one, from 1.</param>
    public sealed record Refused(int Line, string Reason) : Lm63Reading
    {
        /// <summary>Where and why.</summary>
        public string Words => BeamWords.FormatLineSays(Line, Reason);
    }
}

/// <summary>Reads LM-63 of 1986, 1991, 1995, 2002 and 2019. Total: any text is read or refused with its line.</summary>
public static class Lm63Reader
{
    private const int MostAngles = 721;
    private const int MostFigures = 40_000;
    private const int MostLabels = 500;
    private const double MostCandela = 1e9;

    /// <summary>Reads a text.</summary>
    public static Lm63Reading Read(string text)
    {
        try
        {
            return new Lm63Reading.Read(new Reader(text).Read());
        }
        catch (LineException wrong)
        {
            return new Lm63Reading.Refused(wrong.Line, wrong.Message);
        }
    }

    private sealed class LineException(int line, string why) : Exception(why)
    {
        public int Line { get; } = line;
    }

    private sealed class Reader(string text)
    {
        private readonly string[] lines = text.Split('\n');
        private readonly Queue<(string Word, int Line)> words = new();
        private int at;

        public Lm63File Read()
        {
            var (header, labels, tilt) = Top();
            if (tilt.Length == 0) throw new LineException(Math.Max(1, lines.Length), BeamWords.NoTiltLine);
            for (; at < lines.Length; at++)
                foreach (var word in lines[at].Split([' ', '\t', ',', '\r'], StringSplitOptions.RemoveEmptyEntries)) words.Enqueue((word, at + 1));
            var file = Figures(header, labels, tilt == Lm63File.TiltHere ? Tilt() : null);
            if (words.TryPeek(out var more)) throw new LineException(more.Line, BeamWords.MoreFigures);
            return file;
        }

        private (string Header, List<string> Labels, string Tilt) Top()
        {
            var (header, labels) = ("", new List<string>());
            for (; at < lines.Length; at++)
            {
                var line = lines[at].TrimEnd('\r', ' ', '\t');
                if (at == 0 && Lm63File.Headers.Contains(line.TrimStart('\uFEFF'))) header = line.TrimStart('\uFEFF');
                else if (at == 0 && line.StartsWith("IES", StringComparison.Ordinal)) throw new LineException(1, BeamWords.FormatHeaderNotKnown(Short(line)));
                else if (line.StartsWith(Lm63File.TiltLabel, StringComparison.OrdinalIgnoreCase))
                {
                    var tilt = line[Lm63File.TiltLabel.Length..].Trim();
                    if (tilt.ToUpperInvariant() is not (Lm63File.NoTilt or Lm63File.TiltHere)) throw new LineException(at + 1, BeamWords.FormatTiltElsewhere(Short(tilt)));
                    at++;
                    return (header, labels, tilt.ToUpperInvariant());
                }
                else if (labels.Count == MostLabels) throw new LineException(at + 1, BeamWords.NoTiltLine);
                else labels.Add(line);
            }
            return (header, labels, "");
        }

        private Lm63Tilt Tilt()
        {
            var geometry = Whole(BeamWords.TiltGeometry, 1, 3);
            var count = Whole(BeamWords.TiltAngles, 1, MostAngles);
            return new Lm63Tilt(geometry, Rising(count, BeamWords.TiltAngle, 0, 180), [.. Many(count, BeamWords.TiltFactor, 0, 100)]);
        }

        private Lm63File Figures(string header, IReadOnlyList<string> labels, Lm63Tilt? tilt)
        {
            var lamps = Whole(BeamWords.NumberOfLamps, 1, 1000);
            var lumens = Number(BeamWords.LumensOfALamp, -1, 1e7);
            var multiplier = Number(BeamWords.Multiplier, 0, 1e6);
            var vertical = Whole(BeamWords.VerticalAngles, 1, MostAngles);
            var horizontal = Whole(BeamWords.HorizontalAngles, 1, MostAngles);
            if (vertical * horizontal > MostFigures) throw new LineException(Line, BeamWords.FormatTooManyFigures(vertical * horizontal, MostFigures));
            var type = (PhotometricType)Whole(BeamWords.PhotometricTypeWord, 1, 3);
            var units = Whole(BeamWords.UnitsWord, 1, 2);
            double width = Number(BeamWords.WidthWord, -1000, 1000), length = Number(BeamWords.LengthWord, -1000, 1000), height = Number(BeamWords.HeightWord, -1000, 1000);
            double ballast = Number(BeamWords.BallastWord, 0, 100), future = Number(BeamWords.FutureWord, 0, 1e6), watts = Number(BeamWords.WattsWord, 0, 1e6);
            var up = Rising(vertical, BeamWords.VerticalAngle, -90, 180);
            var (from, to) = type == PhotometricType.C ? (0.0, 180.0) : (-90.0, 90.0);
            if (up[0] < from || up[^1] > to) throw new LineException(Line, BeamWords.FormatAnglesOutside(BeamWords.VerticalAngles, from, to));
            var round = Rising(horizontal, BeamWords.HorizontalAngle, -180, 360);
            if (type == PhotometricType.C && (round[0] < 0 || (round.Count > 1 && round[^1] is not (90 or 180 or 270 or 360)))) throw new LineException(Line, BeamWords.PlanesOfTypeC);
            if (type == PhotometricType.C && round.Count > 1 && round[0] is not (0 or 90)) throw new LineException(Line, BeamWords.PlanesOfTypeC);
            if (type != PhotometricType.C && (round[0] < from || round[^1] > to)) throw new LineException(Line, BeamWords.FormatAnglesOutside(BeamWords.HorizontalAngles, from, to));
            var candela = new List<IReadOnlyList<double>>();
            for (var i = 0; i < horizontal; i++) candela.Add([.. Many(vertical, BeamWords.CandelaWord, 0, MostCandela)]);
            return new Lm63File(header, labels, tilt, lamps, lumens, multiplier, type, units == 1, width, length, height, ballast, future, watts, up, round, candela);
        }

        private int Line => words.TryPeek(out var next) ? next.Line : Math.Max(1, lines.Length);

        private List<double> Rising(int count, string what, double from, double to)
        {
            var angles = new List<double>();
            for (var i = 0; i < count; i++)
            {
                var line = Line;
                var angle = Number(what, from, to);
                if (i > 0 && angle <= angles[^1]) throw new LineException(line, BeamWords.FormatMustRise(what, angle, angles[^1]));
                angles.Add(angle);
            }
            return angles;
        }

        private IEnumerable<double> Many(int count, string what, double from, double to)
        {
            for (var i = 0; i < count; i++) yield return Number(what, from, to);
        }

        private int Whole(string what, int from, int to)
        {
            var line = Line;
            var value = Number(what, from, to);
            return value == Math.Floor(value) ? (int)value : throw new LineException(line, BeamWords.FormatMustBeWhole(what, value));
        }

        private double Number(string what, double from, double to)
        {
            if (!words.TryDequeue(out var next)) throw new LineException(Math.Max(1, lines.Length), BeamWords.FormatFileEnds(what));
            if (!double.TryParse(next.Word, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) || !double.IsFinite(value)) throw new LineException(next.Line, BeamWords.FormatNoNumber(Short(next.Word), what));
            return value >= from && value <= to ? value : throw new LineException(next.Line, BeamWords.FormatOutOfRange(what, value, from, to));
        }

        private static string Short(string word) => word.Length <= 40 ? word : word[..40] + "…";
    }
}
