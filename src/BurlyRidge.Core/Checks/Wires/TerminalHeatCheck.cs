using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does a hot wire heat the holder or terminal that it ends in?</summary>
internal static class TerminalHeatCheck
{
    internal static readonly CheckKind Kind = new("terminal-heat", CheckWords.TerminalsAndHoldersStayCool,
        CheckWords.ConductorAtAHolderRelay);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var warm = subject.Rig.Protection.Select(part => part.Id)
            .Concat(subject.Rig.Relays.Select(part => part.Id)).Concat(subject.Rig.Switches.Select(part => part.Id)).Concat(subject.Rig.PowerBoxes.Select(part => part.Id))
            .ToDictionary(id => id, _ => Limits.TerminalCelsius, StringComparer.Ordinal);
        foreach (var joint in subject.Rig.Joints) warm[joint.Id] = joint.MaxCelsius ?? Joint.UsualCelsius(joint.Kind);
        return Finding.Report(
            from figures in subject.Study.Runs
            where figures.DesignAmps > 0
            from end in new[] { figures.Run.From, figures.Run.To }
            where warm.ContainsKey(TerminalIndex.Split(end).Part)
            select Find(subject, figures, end, warm[TerminalIndex.Split(end).Part]));
    }

    private static Finding Find(RigSubject subject, RunFigures figures, string end, double most)
    {
        var verdict = figures.ConductorCelsius <= most ? Verdict.Holds : Verdict.Watch;
        var line = subject.LineOf(figures.Run.Id);
        return new Finding(verdict, figures.ConductorCelsius / most, line, () => Kind.Result(
            verdict, figures.ConductorCelsius, most, "°C",
            CheckWords.FormatReachesAndEndsAt(subject.Name(figures.Run), Format.Celsius(figures.ConductorCelsius), subject.Names.Terminal(end))
                + (verdict == Verdict.Holds ? "" : " " + CheckWords.ThePlasticAroundItAges),
            figures.Run.Id, line, null, () => Edit.Wire(subject, figures.Run.Id, Cooler(subject, figures, most)?.Name)));
    }

    private static WireSize? Cooler(RigSubject subject, RunFigures figures, double most) => WireTable.Of(subject.Rules.Gauges).FirstOrDefault(wire =>
        wire.CopperSquareMillimetres > figures.Wire.CopperSquareMillimetres
            && Ampacity.ConductorCelsius(figures.DesignAmps, figures.AmpacityOf(wire), figures.Run.InsulationCelsius, figures.AmbientCelsius) <= most);
}
