namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>One value that a reading may come to, and who makes it so.</summary>
/// <param name="Value">On the meter's scale.</param>
/// <param name="Spread">Standard deviation, on the same.</param>
/// <param name="Class">Place of the class that reads so.</param>
/// <param name="Weight">How likely that is.</param>
public readonly record struct Chance(double Value, double Spread, int Class, double Weight);

/// <summary>How much a reading is expected to tell of which class it is.</summary>
public static class Information
{
    /// <summary>Values nearer than so many standard deviations are taken as one.</summary>
    private const double Same = 0.3;

    /// <summary>Where the bins around a value end, in standard deviations.</summary>
    private static readonly double[] Ends = [-4, -2.5, -1.5, -0.75, -0.25, 0.25, 0.75, 1.5, 2.5, 4];

    /// <summary>
    /// Expected information of a reading, bits: I(C; Y) = Σ p(c, y)·log₂ p(c, y)/(p(c)·p(y)) over bins around all values that it may
    /// come to, and less by the part of readings that go wrong.
    /// </summary>
    public static double Bits(IReadOnlyList<Chance> chances)
    {
        var centres = Centres(chances);
        if (centres.Count == 0) return 0;
        var ends = centres.SelectMany(centre => Ends.Select(end => centre.Value + end * centre.Spread)).Order().ToList();
        var classes = chances.Select(chance => chance.Class).Distinct().Select((of, i) => (of, i)).ToDictionary(pair => pair.of, pair => pair.i);
        var joint = new double[classes.Count, ends.Count + 1];
        foreach (var centre in centres)
        {
            var before = 0.0;
            for (var bin = 0; bin <= ends.Count; bin++)
            {
                var until = bin == ends.Count ? 1 : Normal.Below((ends[bin] - centre.Value) / centre.Spread);
                if (until - before > 0)
                    foreach (var (of, weight) in centre.Classes) joint[classes[of], bin] += weight * (until - before);
                before = until;
            }
        }
        return (1 - Posterior.Slip) * Of(joint);
    }

    /// <summary>The same of a look with so many outcomes.</summary>
    /// <param name="joint">Probabilities by class and outcome.</param>
    public static double Of(double[,] joint)
    {
        var (rows, columns) = (joint.GetLength(0), joint.GetLength(1));
        var (byRow, byColumn, sum) = (new double[rows], new double[columns], 0.0);
        for (var i = 0; i < rows; i++)
            for (var j = 0; j < columns; j++)
            {
                byRow[i] += joint[i, j];
                byColumn[j] += joint[i, j];
                sum += joint[i, j];
            }
        var bits = 0.0;
        for (var i = 0; i < rows; i++)
            for (var j = 0; j < columns; j++)
                if (joint[i, j] > 0) bits += joint[i, j] / sum * Math.Log2(joint[i, j] * sum / (byRow[i] * byColumn[j]));
        return Math.Max(0, bits);
    }

    /// <summary>Values that are told apart, each with the classes that make it so.</summary>
    private static List<(double Value, double Spread, Dictionary<int, double> Classes)> Centres(IReadOnlyList<Chance> chances)
    {
        var centres = new List<(double Value, double Spread, Dictionary<int, double> Classes)>();
        foreach (var chance in chances.OrderBy(chance => chance.Value).ThenBy(chance => chance.Spread))
        {
            if (centres.Count == 0 || chance.Value - centres[^1].Value > Same * chance.Spread || Math.Abs(Math.Log(chance.Spread / centres[^1].Spread)) > Same) centres.Add((chance.Value, chance.Spread, []));
            centres[^1].Classes[chance.Class] = centres[^1].Classes.GetValueOrDefault(chance.Class) + chance.Weight;
        }
        return centres;
    }
}

/// <summary>The normal distribution.</summary>
internal static class Normal
{
    /// <summary>Part of it below so many standard deviations.</summary>
    /// <remarks>Abramowitz and Stegun, 7.1.26; within 1.5e-7 (from memory).</remarks>
    public static double Below(double deviations)
    {
        var x = Math.Abs(deviations) / Math.Sqrt(2);
        var t = 1 / (1 + 0.3275911 * x);
        var tail = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) * Math.Exp(-x * x) / 2;
        return deviations < 0 ? tail : 1 - tail;
    }
}
