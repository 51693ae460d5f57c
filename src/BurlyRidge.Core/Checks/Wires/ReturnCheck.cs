using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is the way back good for all that it shares, and for the fuse that a short through it has to blow?</summary>
internal static class ReturnCheck
{
    internal static readonly CheckKind Kind = new("return", CheckWords.TheWayBackCarriesWhat,
        CheckWords.AReturnCarriesTheSum);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from figures in subject.Study.Runs
        where figures.Returns
        select Find(subject, figures));

    private static Finding Find(RigSubject subject, RunFigures figures)
    {
        var load = figures.LoadNeedAmps(subject.Rules);
        var need = Math.Max(load, figures.FuseNeedAmps);
        var line = subject.LineOf(figures.Run.Id);
        var verdict = Limits.AtLeast(figures.AmpacityAmps, need) ? Verdict.Holds
            : Limits.AtLeast(figures.AmpacityAmps, Math.Max(figures.DesignAmps, figures.FuseNeedAmps)) ? Verdict.Watch
            : Verdict.Stop;
        return new Finding(verdict, need / Math.Max(figures.AmpacityAmps, 1e-9), line, () => Kind.Result(
            verdict, figures.AmpacityAmps, need, "A",
            CheckWords.FormatReturnBringsBack(subject.Name(figures.Run), Format.Amps(figures.DesignAmps), figures.DesignState)
                + (figures.FuseNeedAmps > 0 ? " " + CheckWords.FormatReturnInAShort(figures.Devices.Max(device => device.Fuse!.RatingAmps)) : "")
                + " " + CheckWords.FormatItCarriesHere(Format.Amps(figures.AmpacityAmps)),
            figures.Run.Id, line, HouseRuleWords.Margin(subject.Rules),
            () => Edit.Wire(subject, figures.Run.Id, SizeChoice.Wire(subject.Saved, figures.Run, figures.NeededAmps(subject.Rules))?.Name)));
    }
}
