using BurlyRidge.Core.Checks;

namespace BurlyRidge.Core.Assessing;

/// <summary>What follows from a rig.</summary>
/// <param name="Lines">One entry a line, in the rig's order.</param>
/// <param name="Tally">How many checks come out how.</param>
public sealed record Assessment(IReadOnlyList<AssessedLine> Lines, Tally Tally);

/// <summary>One line's assessment under its id.</summary>
public sealed record AssessedLine(string Id, LineAssessment Assessment);

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
