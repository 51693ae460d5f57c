namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is there a size in the table that will do, and if not, what would?</summary>
internal static class WireFoundCheck
{
    public static Check? Judge(LineSubject subject)
    {
        var sizing = subject.Sizing;
        if (sizing.Wire is not null && !sizing.Wire.Holds) return null;
        var holding = sizing.Ladder.Count(rung => rung.Holds);
        return sizing.Wire is { } wire
            ? new Check("wire-found", Verdict.Holds, "A wire that will do", holding, 1, "sizes",
                $"{wire.Wire} holds; {holding} of the {sizing.Ladder.Count} sizes in the table do.", Source)
            : new Check("wire-found", Verdict.Stop, "No wire in the table will do", holding, 1, "sizes",
                $"{Why(subject)} {WaysOut(subject)}", Source);
    }

    private const string Source = "Every size of the table judged by the checks below; house rules";

    private static string Why(LineSubject subject)
    {
        if (subject.Sizing.Fuse is null)
            return $"No standard fuse carries {Say.Amps(subject.Demand.DesignAmps)} at {Say.Percent(subject.Limits.FuseLoadFraction)}.";
        var thickest = subject.Sizing.Ladder[^1];
        return $"The thickest is {thickest.Wire}: {RungWords.Why(subject.Sizing, thickest)}.";
    }

    private static string WaysOut(LineSubject subject)
    {
        var ways = Sizing.WayOut.Of(subject.Demand, subject.LampCount);
        return ways.Count == 0
            ? "Neither a shorter run nor a split nor more volts helps: use less light on this line."
            : $"What would do: {string.Join("; or ", ways)}.";
    }
}
