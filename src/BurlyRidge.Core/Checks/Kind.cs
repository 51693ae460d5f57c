namespace BurlyRidge.Core.Checks;

/// <summary>What one check judges, whatever it finds.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Title">What is judged.</param>
/// <param name="Source">Where the limit comes from.</param>
internal sealed record Kind(string Id, string Title, string Source)
{
    /// <summary>A common practice that nobody published.</summary>
    public const string Practice = "Common practice, no source";

    /// <summary>Unit of what is so or not so; no figure is shown.</summary>
    public const string NoUnit = "-";

    public Check Says(
        Verdict verdict, double figure, double limit, string unit, string reason,
        string about = "", string? line = null, string? rule = null, Remedy? remedy = null) =>
        new(Id, verdict, Title, Finite(figure), Finite(limit), unit, reason, Source)
        {
            About = about,
            LineId = line,
            Rule = rule,
            Remedy = verdict == Verdict.Holds ? null : remedy,
        };

    /// <summary>A figure without end stands as the largest that is shown.</summary>
    private static double Finite(double value) => double.IsFinite(value) ? value : 1e9;
}

/// <summary>One thing judged, put into words only if it is told.</summary>
/// <param name="Loading">How near the limit, 1 at it; the nearest of those that hold is told.</param>
/// <param name="Line">The line that it belongs to.</param>
internal sealed record Finding(Verdict Verdict, double Loading, string? Line, Func<Check> Tell)
{
    /// <summary>All that do not hold, and for each line without one the tightest that does.</summary>
    public static IEnumerable<Check> Told(IEnumerable<Finding> findings)
    {
        foreach (var line in findings.GroupBy(finding => finding.Line))
        {
            var bad = line.Where(finding => finding.Verdict != Verdict.Holds).ToList();
            if (bad.Count == 0) yield return line.MaxBy(finding => finding.Loading)!.Tell();
            foreach (var finding in bad) yield return finding.Tell();
        }
    }
}
