using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does every run carry its load with the margin?</summary>
internal static class WireLoadCheck
{
    internal static readonly CheckKind Kind = new("wire-load", "Wire carries the load",
        "ABYC E-11 ampacity (from memory), IEC 60364-5-52 ambient factor (from memory); margin by house rule");

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from figures in subject.Study.Conductors
        where figures.DesignAmps > 0 && !figures.Returns
        select Find(subject, figures));

    private static Finding Find(RigSubject subject, RunFigures figures)
    {
        var need = figures.LoadNeedAmps(subject.Rules);
        var verdict = Limits.AtLeast(figures.AmpacityAmps, need) ? Verdict.Holds : figures.AmpacityAmps > figures.DesignAmps ? Verdict.Watch : Verdict.Stop;
        var line = subject.LineOf(figures.Run.Id);
        return new Finding(verdict, need / Math.Max(figures.AmpacityAmps, 1e-9), line, () => Kind.Result(
            verdict, figures.AmpacityAmps, need, "A",
            $"{subject.Name(figures.Run)} carries {Format.Amps(figures.AmpacityAmps)} where it lies; {Format.Amps(figures.DesignAmps)} flow ({figures.DesignState})"
                + (figures.Tail ? "; it is its lamp's own." : figures.OfVehicle ? "; it is the vehicle's own." : $". Its lamps may ask {Format.Amps(figures.LoadAmps)}, and a margin of {Format.Percent(subject.Rules.MarginFraction)} goes on top."),
            figures.Run.Id, line, HouseRuleWords.Margin(subject.Rules),
            () => Edit.Wire(subject, figures.Run.Id, SizeChoice.Wire(subject.Saved, figures.Run, figures.NeededAmps(subject.Rules))?.Name)));
    }
}
