namespace BurlyRidge.Core.Fitting;

/// <summary>One thing judged of a lamp on a mount, or of a part in a space.</summary>
/// <param name="Id">Stable name: "width", "proud-ends".</param>
/// <param name="Title">What is judged.</param>
/// <param name="Figure">What it takes, in the unit.</param>
/// <param name="Limit">What there is.</param>
/// <param name="Reason">The figure in a sentence.</param>
/// <param name="Remedy">What would go there; empty where it goes.</param>
public sealed record FitFinding(string Id, string Title, Verdict Verdict, double Figure, double Limit, string Unit, string Reason, string Remedy = "");

/// <summary>How one lamp, or a row of them, stands on a mount: for the sketch, mm.</summary>
/// <param name="GapMillimetres">Left and right of it, and between the lamps of a row; null where nothing is in the way.</param>
/// <param name="MiddleProudMillimetres">How far its middle stands out before the face; below nothing: set back.</param>
/// <param name="EndsProudMillimetres">The same of its ends.</param>
/// <param name="CentresMillimetres">Middles of the lamps, right of the middle of the mount.</param>
/// <param name="SpanMillimetres">From the left end of the first to the right end of the last.</param>
public sealed record Stance(
    double? GapMillimetres, double MiddleProudMillimetres, double EndsProudMillimetres, IReadOnlyList<double> CentresMillimetres, double SpanMillimetres);

/// <summary>Whether what is meant for a place goes there, with the figure on every side.</summary>
/// <param name="At">Id of the mount or space.</param>
/// <param name="Parts">Ids of what is on it, left to right.</param>
/// <param name="Stance">Of lamps; null of other parts.</param>
/// <param name="Verdict">The worst of the findings.</param>
/// <param name="TighteningOrder">Ids in the order in which a row is tightened: from the middle outwards.</param>
public sealed record FitCard(
    string At, IReadOnlyList<string> Parts, Stance? Stance, IReadOnlyList<FitFinding> Findings, Verdict Verdict, IReadOnlyList<string> TighteningOrder)
{
    internal static FitCard Of(string at, IReadOnlyList<string> parts, Stance? stance, IReadOnlyList<FitFinding> findings, IReadOnlyList<string> order) =>
        new(at, parts, stance, findings, findings.Select(finding => finding.Verdict).DefaultIfEmpty(Verdict.Holds).Max(), order);
}
