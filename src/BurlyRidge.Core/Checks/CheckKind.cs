namespace BurlyRidge.Core.Checks;

/// <summary>What one check judges, whatever it finds.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Title">What is judged.</param>
/// <param name="Source">Where the limit comes from.</param>
internal sealed record CheckKind(string Id, string Title, string Source)
{
    /// <summary>A common practice that nobody published.</summary>
    public static readonly string Practice = CheckWords.CommonPracticeNoSource;

    /// <summary>Unit of what is so or not so; no figure is shown.</summary>
    public const string NoUnit = "-";

    /// <summary>A check; its remedy is looked for only where one is needed.</summary>
    public Check Result(
        Verdict verdict, double figure, double limit, string unit, string reason,
        string about = "", string? line = null, string? rule = null, Func<Remedy?>? remedy = null) =>
        new(Id, verdict, Title, Finite(figure), Finite(limit), unit, reason, Source)
        {
            About = about,
            LineId = line,
            Rule = rule,
            Remedy = verdict == Verdict.Holds ? null : remedy?.Invoke(),
        };

    /// <summary>A figure without end stands as the largest that is shown.</summary>
    private static double Finite(double value) => double.IsFinite(value) ? value : 1e9;
}

/// <summary>One thing judged, put into words only if it is told.</summary>
/// <param name="Loading">How near the limit, 1 at it; the nearest of those that hold is told.</param>
/// <param name="Line">The line that it belongs to.</param>
internal sealed record Finding(Verdict Verdict, double Loading, string? Line, Func<Check> Tell)
{
    /// <summary>What is behind it, where several of one cause are told as one; null: it stands for itself.</summary>
    public string? Cause { get; init; }

    /// <summary>Where it is, as it is listed beside others of its cause.</summary>
    public string Place { get; init; } = "";

    /// <summary>All that do not hold, and for each line without one the tightest that does.</summary>
    public static IEnumerable<Check> Report(IEnumerable<Finding> findings)
    {
        var lines = new List<OfLine>();
        var known = new Dictionary<string, OfLine>(StringComparer.Ordinal);
        OfLine? ofNone = null;
        foreach (var finding in findings) Line(finding.Line).Take(finding);
        foreach (var line in lines)
        {
            if (line.Bad.Count == 0) yield return line.Tightest!.Tell();
            foreach (var cause in line.Bad.GroupBy(finding => finding.Cause ?? (object)finding)) yield return Together([.. cause]);
        }

        OfLine Line(string? id)
        {
            if (id is null ? ofNone is { } found : known.TryGetValue(id, out found)) return found;
            lines.Add(found = new OfLine());
            if (id is null) ofNone = found;
            else known[id] = found;
            return found;
        }
    }

    /// <summary>Several of one cause as one, with all their places; its cure cures them all.</summary>
    private static Check Together(List<Finding> alike)
    {
        var told = alike.Select(finding => finding.Tell()).ToList();
        if (told.Count == 1) return told[0];
        var remedies = told.Select(check => check.Remedy).ToList();
        return told[0] with
        {
            Reason = CheckWords.FormatTheSameAt(told[0].Reason, Format.Count(told.Count - 1, CheckWords.OtherPlace, CheckWords.OtherPlaces), string.Join(", ", alike.Skip(1).Select(finding => finding.Place))),
            Remedy = remedies.Contains(null) ? null : remedies[0]! with { Apply = rig => remedies.Aggregate(rig, (now, remedy) => remedy!.Apply(now)) },
        };
    }

    private sealed class OfLine
    {
        public List<Finding> Bad { get; } = [];

        public Finding? Tightest { get; private set; }

        public void Take(Finding finding)
        {
            if (finding.Verdict != Verdict.Holds) Bad.Add(finding);
            else if (Tightest is null || Comparer<double>.Default.Compare(finding.Loading, Tightest.Loading) > 0) Tightest = finding;
        }
    }
}
