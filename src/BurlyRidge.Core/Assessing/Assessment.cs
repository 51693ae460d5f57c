using BurlyRidge.Core.Checks;

namespace BurlyRidge.Core.Assessing;

/// <summary>What follows from a rig.</summary>
/// <param name="Lines">One entry a line, in the rig's order.</param>
/// <param name="Tally">How many checks come out how.</param>
/// <param name="States">The states asked for, in the order asked, each from the contacts that the one before left.</param>
public sealed record Assessment(IReadOnlyList<AssessedLine> Lines, Tally Tally, IReadOnlyList<StateAnswer> States);

/// <summary>One line's assessment under its id.</summary>
/// <param name="Assessment">Sizes and checks of a line planned in short; null for one that is wired part by part.</param>
public sealed record AssessedLine(string Id, LineAssessment? Assessment);

/// <summary>How many checks come out how.</summary>
public sealed record Tally(int Stop, int Watch, int Holds)
{
    /// <summary>Counts <paramref name="checks"/>.</summary>
    public static Tally Of(IEnumerable<Check> checks)
    {
        var counts = checks.CountBy(check => check.Verdict).ToDictionary();
        return new Tally(
            counts.GetValueOrDefault(Verdict.Stop),
            counts.GetValueOrDefault(Verdict.Watch),
            counts.GetValueOrDefault(Verdict.Holds));
    }
}
