using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does a short at the far end blow the fuse before the wire is hurt, on a cold battery, engine off, body aged?</summary>
internal static class FarShortCheck
{
    internal static readonly CheckKind Kind = new("far-short", CheckWords.AShortAtTheFar,
        CheckWords.ITKSOf);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
    [
        .. from figures in subject.Study.Conductors
           from fault in figures.Faults
           where fault.Device is not null && fault.FarAmps > 0
           select Find(subject, figures, fault),
        .. from figures in subject.Study.Conductors
           where figures.Shared is not null
           let found = figures.Shared!(figures.Wire)
           where found.Openings.Count > 0 || !found.Clears
           select Find(subject, figures, found),
    ]);

    /// <summary>The wire takes the sum of what several fuses let through, until one after the other has opened.</summary>
    private static Finding Find(RigSubject subject, RunFigures figures, SharedShort found)
    {
        var verdict = found.Clears ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf(figures.Run.Id);
        return new Finding(verdict, found.HeatFraction, line, () => Kind.Result(
            verdict, found.HeatFraction, 1, "",
            CheckWords.FormatShortFedBySeveralFuses(subject.Names.Terminal(found.Terminal), Format.Amps(found.Amps), PartNames.Small(subject.Names.Wire(figures.Run)))
                + string.Concat(found.Openings.Select(opening => " " + CheckWords.FormatFuseBlowsWithin(subject.Names[opening.Device.Id], Format.Seconds(opening.Seconds))))
                + " " + (double.IsPositiveInfinity(found.HeatFraction) ? CheckWords.WhatFlowsThenIsTooMuch : CheckWords.FormatThatHeatsTheWire(Format.Percent(found.HeatFraction))),
            figures.Run.Id, line, null, () => Edit.Wire(subject, figures.Run.Id, SizeChoice.WireForShorts(subject.Saved, figures)?.Name)));
    }

    private static Finding Find(RigSubject subject, RunFigures figures, RunFault fault)
    {
        var fuse = fault.Device!.Fuse!;
        var opens = FuseTime.SlowestSeconds(fuse, fault.FarAmps);
        var stands = figures.WithstandSeconds(fault.FarAmps);
        var verdict = opens <= stands ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf(figures.Run.Id);
        return new Finding(verdict, double.IsPositiveInfinity(stands) ? 0 : opens / stands, line, () => Kind.Result(
            verdict, opens, stands, "s",
            (double.IsPositiveInfinity(opens)
                ? CheckWords.FormatFarShortMayNotBlow(PartNames.Small(subject.Names.Wire(figures.Run)), Format.Amps(fault.FarAmps), PartNames.Small(subject.Names[fault.Device.Id]), fuse)
                : CheckWords.FormatFarShortBlows(PartNames.Small(subject.Names.Wire(figures.Run)), Format.Amps(fault.FarAmps), PartNames.Small(subject.Names[fault.Device.Id]), fuse, Format.Seconds(opens)))
                + " " + (double.IsPositiveInfinity(stands) ? CheckWords.WireCarriesItContinuously : CheckWords.FormatWireWithstandsItFor(Format.Seconds(stands))),
            figures.Run.Id, line, null, () => Edit.Wire(subject, figures.Run.Id, SizeChoice.WireForShorts(subject.Saved, figures)?.Name)));
    }
}
