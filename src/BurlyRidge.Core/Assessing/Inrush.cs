using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>What lamps draw as they are turned on; typical multiples of what they draw for good (common practice, no source).</summary>
internal static class Inrush
{
    /// <summary>A cold filament draws ten times its current, and is warm after a tenth of a second.</summary>
    private static readonly (double Times, double Seconds)[] Filament = [(10, 0.005), (5, 0.03), (2, 0.1)];

    /// <summary>The condensers of a regulated lamp fill within a few milliseconds.</summary>
    private static readonly (double Times, double Seconds)[] Regulated = [(4, 0.002), (2, 0.006)];

    /// <summary>Inrush of a run by the share that filament and regulated lamps have in what it carries; falling current, rising time.</summary>
    public static IReadOnlyList<TimeCurrentPoint> Of(RigStudy study, RunFigures figures)
    {
        var (filament, regulated, all) = (0.0, 0.0, 0.0);
        foreach (var lamp in study.Lines.Where(line => figures.Lines.Contains(line.Line.Id)).SelectMany(line => line.Lamps))
        {
            var watts = lamp.Function.Power;
            all += watts;
            if (lamp.Function.Kind == LampKind.Filament) filament += watts;
            if (lamp.Function.Kind == LampKind.RegulatedLed) regulated += watts;
        }
        if (all <= 0 || figures.DesignAmps <= 0) return [];
        var steady = figures.DesignAmps;
        return
        [
            .. Regulated.Concat(Filament).Select(point => point.Seconds).Distinct().Order().Select(seconds => new TimeCurrentPoint(
                steady * (1 + (Times(Filament, seconds) - 1) * filament / all + (Times(Regulated, seconds) - 1) * regulated / all), seconds)),
        ];
    }

    private static double Times((double Times, double Seconds)[] points, double seconds) =>
        points.Where(point => point.Seconds >= seconds).Select(point => point.Times).FirstOrDefault(1);
}
