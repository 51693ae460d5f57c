using BurlyRidge.Core.Checks;

namespace BurlyRidge.Core.Assessing;

/// <summary>What follows from a rig.</summary>
/// <param name="Lines">One entry a line, in the rig's order.</param>
/// <param name="Tally">How many checks come out how.</param>
/// <param name="Checks">Checks of the whole rig, and of what several lines share.</param>
/// <param name="Runs">Every run of the rig, lines planned in short wired as they would usually be built.</param>
/// <param name="Devices">Every fuse and breaker in a holder of its own, every output.</param>
/// <param name="Supply">What each state that is worth judging asks of batteries and alternator.</param>
/// <param name="Routes">How runs and planned lines lie that have a lay.</param>
/// <param name="States">The states asked for, in the order asked, each from the contacts that the one before left.</param>
public sealed record Assessment(
    IReadOnlyList<AssessedLine> Lines,
    Tally Tally,
    IReadOnlyList<Check> Checks,
    IReadOnlyList<RunAnswer> Runs,
    IReadOnlyList<DeviceAnswer> Devices,
    IReadOnlyList<SupplyAnswer> Supply,
    IReadOnlyList<RouteAnswer> Routes,
    IReadOnlyList<StateAnswer> States)
{
    /// <summary>What people call the parts and wires of the document, by id.</summary>
    public IReadOnlyDictionary<string, string> Names { get; init; } = new Dictionary<string, string>();

    /// <summary>Of a rig that nothing was worked out of.</summary>
    public static Assessment Nothing { get; } = new([], new Tally(0, 0, 0), [], [], [], [], [], []);

    /// <summary>
    /// What a screen needs that shows one line closely: of the others their row, their verdict and what is against them; no
    /// runs and devices. The tally counts everything.
    /// </summary>
    public Assessment About(string lineId) => this with
    {
        Lines = [.. Lines.Select(line => line.Id == lineId ? line : line with { Sizes = null, Figures = null, Checks = [.. line.Checks.Where(check => check.Verdict != Verdict.Holds)] })],
        Runs = [],
        Devices = [],
    };
}

/// <summary>One line's assessment under its id.</summary>
/// <param name="Summary">The line in one row; null where it has no lamps.</param>
/// <param name="Figures">The line by itself on the network.</param>
/// <param name="Checks">Every judgement of it.</param>
/// <param name="Verdict">The worst of them, and of those about parts that it shares.</param>
public sealed record AssessedLine(string Id, LineSummary? Summary, LineFigures? Figures, IReadOnlyList<Check> Checks, Verdict Verdict)
{
    /// <summary>What of the law is to be looked up before it is used, a sentence each.</summary>
    public IReadOnlyList<string> Cautions { get; init; } = [];

    /// <summary>Sizes of a quick plan, with every size judged; null for a line in full wiring.</summary>
    public LineAssessment? Assessment => Sizes?.Value;

    /// <summary>The same, worked out when it is asked for.</summary>
    internal Lazy<LineAssessment>? Sizes { get; init; }
}

/// <summary>How many checks come out how.</summary>
public sealed record Tally(int Stop, int Watch, int Holds)
{
    /// <summary>Counts <paramref name="checks"/>; what is accepted is listed apart and not counted.</summary>
    public static Tally Of(IEnumerable<Check> checks)
    {
        var counts = checks.Where(check => check.Accepted is null).CountBy(check => check.Verdict).ToDictionary();
        return new Tally(
            counts.GetValueOrDefault(Verdict.Stop),
            counts.GetValueOrDefault(Verdict.Watch),
            counts.GetValueOrDefault(Verdict.Holds));
    }
}
