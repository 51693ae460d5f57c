using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks;

/// <summary>Why a Watch may stay as it is, and who says so.</summary>
public sealed record Acceptance(string Reason, string By)
{
    /// <summary>The check with what was accepted of it; a Stop never is.</summary>
    public static Check On(Check check, IReadOnlyList<AcceptedWatch> accepted) =>
        check.Verdict == Verdict.Watch && accepted.FirstOrDefault(watch => IsOf(watch, check)) is { } found ? check with { Accepted = new Acceptance(found.Reason, found.By) } : check;

    /// <summary>Whether what was accepted is this check, with the figures that it has now.</summary>
    public static bool IsOf(AcceptedWatch watch, Check check) =>
        IsAbout(watch, check.Id, check.About, check.LineId) && watch.Figure == Printed(check.Figure, check.Unit) && watch.Limit == Printed(check.Limit, check.Unit);

    /// <summary>Whether what was accepted is of that check, whatever its figures.</summary>
    public static bool IsAbout(AcceptedWatch watch, string checkId, string about, string? lineId) =>
        watch.CheckId == checkId && watch.About == about && watch.LineId == lineId;

    /// <summary>A check taken as it is.</summary>
    public static AcceptedWatch Of(Check check, string reason, string by) =>
        new(check.Id, check.About, check.LineId, Printed(check.Figure, check.Unit), Printed(check.Limit, check.Unit), reason, by);

    /// <summary>In metric, whatever the job says: other units are no other figure.</summary>
    private static string Printed(double value, string unit) =>
        FigureRules.ByUnit.TryGetValue(unit, out var quantity) ? PrintedFigure.Of(quantity, value).ToString() : $"{value:0.##}";
}
