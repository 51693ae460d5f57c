using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is a run's insulation made for the hottest place that it passes?</summary>
internal static class ZoneHeatCheck
{
    internal static readonly CheckKind Kind = new("zone-heat", CheckWords.InsulationStandsTheHeat,
        CheckWords.Iec60364552Ambient);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Study.Conductors.Select(figures => Find(subject, figures)));

    private static Finding Find(RigSubject subject, RunFigures figures)
    {
        var run = figures.Run;
        var verdict = figures.AmbientCelsius < run.InsulationCelsius ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf(run.Id);
        return new Finding(verdict, figures.AmbientCelsius / run.InsulationCelsius, line, () => Kind.Result(
            verdict, figures.AmbientCelsius, run.InsulationCelsius, "°C",
            CheckWords.FormatPassesWithInsulationFor(subject.Name(run), Format.Celsius(figures.AmbientCelsius), Format.Celsius(run.InsulationCelsius))
                + (verdict == Verdict.Holds ? "" : " " + CheckWords.RouteItElsewhereOrTake),
            run.Id, line, null, () => !figures.OfVehicle && Better(figures) is { } celsius
                ? new Remedy(CheckWords.FormatTakeInsulationForC(celsius)) { Apply = rig => rig.WithRun(run.Id, old => old with { InsulationCelsius = celsius }) }
                : null));
    }

    private static int? Better(RunFigures figures) =>
        Conductors.Ampacity.InsulationClasses.Where(celsius => celsius > figures.AmbientCelsius).Select(celsius => (int?)celsius).FirstOrDefault();
}
