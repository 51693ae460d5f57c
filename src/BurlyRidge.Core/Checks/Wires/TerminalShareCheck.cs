using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Do the wires in a blade terminal fit it, one as well as several?</summary>
internal static class TerminalShareCheck
{
    private const int MaxWires = 2;

    internal static readonly CheckKind Kind = new("terminal-share", CheckWords.WiresFitTheirBladeTerminal,
        CheckWords.TwoWiresAndUpTo);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var blades = BladeTerminals.PartsOf(subject.Saved);
        return Finding.Report(
            from end in subject.Rig.Runs.SelectMany(run => new[] { (End: run.From, Run: run), (End: run.To, Run: run) }).GroupBy(pair => pair.End, pair => pair.Run)
            where blades.Contains(TerminalIndex.Split(end.Key).Part)
            select Find(subject, end.Key, [.. end]));
    }

    private static Finding Find(RigSubject subject, string end, List<Run> runs)
    {
        var copper = runs.Sum(run => WireTable.Find(run.Wire)!.CopperSquareMillimetres);
        var verdict = runs.Count <= MaxWires && copper <= Limits.TerminalSquareMillimetres ? Verdict.Holds : Verdict.Watch;
        var line = runs.Select(run => subject.LineOf(run.Id)).FirstOrDefault(found => found is not null);
        return new Finding(verdict, copper / Limits.TerminalSquareMillimetres, line, () => Kind.Result(
            verdict, copper, Limits.TerminalSquareMillimetres, "mm²",
            (runs.Count == 1 ? CheckWords.FormatAWireEndsIn(Format.Copper(copper), subject.Names.Terminal(end))
                : CheckWords.FormatWiresShareATerminal(Format.Count(runs.Count, CheckWords.Wire, CheckWords.Wires), Format.Copper(copper), subject.Names.Terminal(end)))
                + (verdict == Verdict.Holds ? "" : " " + (runs.Count == 1 ? CheckWords.ABladeTerminalDoesNot : CheckWords.CheckTheTerminalSRange)),
            end, line));
    }
}
