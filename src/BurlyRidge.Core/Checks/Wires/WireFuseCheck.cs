using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is every run good for the fuse before it, thinner branches included?</summary>
internal static class WireFuseCheck
{
    internal static readonly CheckKind Kind = new("wire-fuse", CheckWords.FuseProtectsTheWire,
        CheckWords.LoadFuseWireOnEvery);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from figures in subject.Study.Conductors
        let need = Math.Max(figures.FuseNeedAmps, figures.LimitedAmps)
        where need > 0 && !figures.Returns
        select Find(subject, figures, need));

    private static Finding Find(RigSubject subject, RunFigures figures, double need)
    {
        var holds = Limits.AtLeast(figures.AmpacityAmps, need);
        var line = subject.LineOf(figures.Run.Id);
        var signal = holds ? null : Trigger(subject, figures);
        return new Finding(holds ? Verdict.Holds : Verdict.Stop, need / Math.Max(figures.AmpacityAmps, 1e-9), line, () =>
        {
            var together = figures.Together.MaxBy(sum => sum.Amps(link => link.Fuse!));
            var (run, carries, needs) = (subject.Name(figures.Run), Format.Amps(figures.AmpacityAmps), Format.Amps(need));
            var found = together is not null && together.Amps(link => link.Fuse!) > figures.Devices.Max(link => Limits.WireAmpsForFuse(link.Fuse!))
                ? CheckWords.FormatFusesTogetherNeed(run, carries, Format.And(together.Groups.SelectMany(group => group.Devices).Select(link => $"{PartNames.Small(subject.Names[link.Id])} ({link.Fuse})")), needs)
                : figures.Devices.MaxBy(link => Limits.WireAmpsForFuse(link.Fuse!)) is { } device ? CheckWords.FormatFuseNeeds(run, carries, PartNames.Small(subject.Names[device.Id]), device.Fuse, needs)
                : figures.Behind.Count > 0 ? CheckWords.FormatFuseBehindNeeds(run, carries, Format.And(figures.Behind.Select(link => link.Fuse)), needs)
                : CheckWords.FormatSourceCanGive(run, carries, needs);
            return Kind.Result(holds ? Verdict.Holds : Verdict.Stop, need, figures.AmpacityAmps, "A",
                holds ? found : $"{found} {(figures.Behind.Count > 0 ? CheckWords.WireBurnsUseSmallerFuse : CheckWords.WireBurnsGiveItsOwnFuse)}",
                figures.Run.Id, line, null,
                () => signal is not null
                    ? new Remedy(CheckWords.PutASmallFuseAt) { Apply = rig => Edit.PickUpFuse(rig, signal.Plus) }
                    : Edit.Wire(subject, figures.Run.Id, SizeChoice.Wire(subject.Saved, figures.Run, figures.NeededAmps(subject.Rules))?.Name));
        })
        {
            Cause = signal is null ? null : CheckWords.FormatTrigger(signal.Name),
            Place = signal is null ? "" : PartNames.Small(subject.Names.Wire(figures.Run)),
        };
    }

    /// <summary>The signal whose own fuse is all that is before a wire which works a coil: one small fuse where it is taken cures every such wire.</summary>
    private static VehicleSignal? Trigger(RigSubject subject, RunFigures figures) => figures.DesignAmps > Limits.SignalAmps || figures.Devices.Count == 0 ? null
        : VehicleSignal.All(subject.Vehicle).FirstOrDefault(signal => !signal.Lamp.ToEarth
            && figures.Devices.All(device => TerminalIndex.Split(device.Id).Part == signal.Name) && figures.Run.Ends().All(end => subject.Study.Feeds.Of(end) == subject.Study.Feeds.Of(signal.Plus)));
}
