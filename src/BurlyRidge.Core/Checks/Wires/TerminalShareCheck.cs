using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Do several wires in one terminal fit it?</summary>
internal static class TerminalShareCheck
{
    private const int MaxWires = 2;

    internal static readonly CheckKind Kind = new("terminal-share", "Wires that share a terminal fit it",
        "Two wires, and up to 6.5 mm² of copper, in one blade terminal of 6.3 mm (typical, no source): see the terminal's range");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var blades = BladeTerminals.PartsOf(subject.Saved);
        return Finding.Report(
            from end in subject.Rig.Runs.SelectMany(run => new[] { (End: run.From, Run: run), (End: run.To, Run: run) }).GroupBy(pair => pair.End, pair => pair.Run)
            where end.Count() > 1 && blades.Contains(TerminalIndex.Split(end.Key).Part)
            select Find(subject, end.Key, [.. end]));
    }

    private static Finding Find(RigSubject subject, string end, List<Run> runs)
    {
        var copper = runs.Sum(run => WireTable.Find(run.Wire)!.CopperSquareMillimetres);
        var verdict = runs.Count <= MaxWires && copper <= Limits.TerminalSquareMillimetres ? Verdict.Holds : Verdict.Watch;
        var line = runs.Select(run => subject.LineOf(run.Id)).FirstOrDefault(found => found is not null);
        return new Finding(verdict, copper / Limits.TerminalSquareMillimetres, line, () => Kind.Result(
            verdict, copper, Limits.TerminalSquareMillimetres, "mm²",
            $"{Format.Count(runs.Count, "wire", "wires")} with {Format.Copper(copper)} of copper share {subject.Names.Terminal(end)}"
                + (verdict == Verdict.Holds ? "." : ": check the terminal's range, or splice before it."),
            end, line));
    }
}
