using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does every run carry its load with the margin?</summary>
internal static class WireLoadCheck
{
    internal static readonly CheckKind Kind = new("wire-load", CheckWords.WireCarriesTheLoad,
        CheckWords.AbycE11AmpacityFrom);

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
            CheckWords.FormatWireCarriesHere(subject.Name(figures.Run), Format.Amps(figures.AmpacityAmps), Format.Amps(figures.DesignAmps), figures.DesignState)
                + " " + (figures.Tail ? CheckWords.ItIsItsLampsOwn : figures.OfVehicle ? CheckWords.ItIsTheVehiclesOwn : CheckWords.FormatItsLampsMayDraw(Format.Amps(figures.LoadAmps), Format.Percent(subject.Rules.MarginFraction))),
            figures.Run.Id, line, HouseRuleWords.Margin(subject.Rules),
            () => Edit.Wire(subject, figures.Run.Id, SizeChoice.Wire(subject.Saved, figures.Run, figures.NeededAmps(subject.Rules))?.Name)));
    }
}
