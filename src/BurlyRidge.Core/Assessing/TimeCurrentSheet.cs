using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>A point of a time-current sheet; both scales are logarithmic.</summary>
public sealed record TimeCurrentPoint(double Amps, double Seconds);

/// <summary>Whether a fuse opens in time: its band, what the wire withstands, load, inrush and prospective short on one sheet.</summary>
/// <param name="Device">The fuse that stands before the run; null where none does.</param>
/// <param name="Fastest">The shortest that the fuse may take.</param>
/// <param name="Slowest">The longest that it may take.</param>
/// <param name="Wire">How long the wire withstands, from what it carries for good on.</param>
/// <param name="LoadAmps">What flows for good, A.</param>
/// <param name="Inrush">What the lamps draw as they are turned on, and for how long.</param>
/// <param name="NearAmps">Prospective short, the most, A; null where none is fed.</param>
/// <param name="FarAmps">The least, A.</param>
/// <param name="Holds">Whether every short opens the fuse before the wire suffers, and the inrush leaves it whole.</param>
/// <param name="Sentence">What the sheet says.</param>
public sealed record TimeCurrentSheet(
    string? Device,
    IReadOnlyList<TimeCurrentPoint> Fastest,
    IReadOnlyList<TimeCurrentPoint> Slowest,
    IReadOnlyList<TimeCurrentPoint> Wire,
    double LoadAmps,
    IReadOnlyList<TimeCurrentPoint> Inrush,
    double? NearAmps,
    double? FarAmps,
    bool Holds,
    string Sentence)
{
    /// <summary>The sheet spans this, s.</summary>
    public const double ShortestSeconds = 0.001;

    /// <summary>The sheet spans this, s.</summary>
    public const double LongestSeconds = 10_000;

    private const double Step = 1.08;

    /// <summary>Draws the sheet of a run of a studied rig, with the fuse that has to clear its least short.</summary>
    public static TimeCurrentSheet Of(RigStudy study, RunFigures figures)
    {
        var fed = figures.Faults.Where(fault => fault.FarAmps > 0).ToList();
        var worst = fed.MinBy(fault => fault.FarAmps);
        var fuse = worst?.Device?.Fuse;
        double? near = fed.Count == 0 ? null : fed.Max(fault => fault.NearAmps);
        var end = 2 * Math.Max(near ?? 0, Math.Max(figures.AmpacityAmps, 10 * figures.DesignAmps));
        var inrush = Assessing.Inrush.Of(study, figures);
        var clears = fed.All(fault => fault.Device is null || FuseTime.SlowestSeconds(fault.Device.Fuse!, fault.FarAmps) <= figures.WithstandSeconds(fault.FarAmps));
        var whole = fuse is null || inrush.All(point => point.Seconds < FuseTime.FastestSeconds(fuse, point.Amps));
        return new TimeCurrentSheet(
            worst?.Device?.Id,
            fuse is null ? [] : Curve(fuse.RatingAmps, end, amps => FuseTime.FastestSeconds(fuse, amps)),
            fuse is null ? [] : Curve(fuse.RatingAmps, end, amps => FuseTime.SlowestSeconds(fuse, amps)),
            Curve(figures.AmpacityAmps, end, figures.WithstandSeconds),
            figures.DesignAmps,
            inrush,
            near,
            worst?.FarAmps,
            clears && whole,
            Words(figures, worst, fuse, clears, whole));
    }

    private static string Words(RunFigures figures, RunFault? worst, Fuse? fuse, bool clears, bool whole)
    {
        if (worst is null) return LineWords.NoShortInThisWire;
        if (fuse is null) return LineWords.NoFuseStandsBeforeThis;
        var opens = FuseTime.SlowestSeconds(fuse, worst.FarAmps);
        var stands = figures.WithstandSeconds(worst.FarAmps);
        var shorted = double.IsInfinity(opens)
            ? LineWords.FormatAShortAtTheFar(Format.Amps(worst.FarAmps), fuse)
            : LineWords.FormatAShortAtTheFarEnd(Format.Amps(worst.FarAmps), fuse, Format.Seconds(opens), double.IsInfinity(stands) ? LineWords.ItContinuously : Format.Seconds(stands));
        return shorted + (clears ? "" : " " + LineWords.ItDoesNotClearIn) + (whole ? "" : " " + LineWords.TurningTheLampsOnMay);
    }

    private static List<TimeCurrentPoint> Curve(double from, double to, Func<double, double> seconds)
    {
        var points = new List<TimeCurrentPoint>();
        for (var amps = Math.Max(from, 0.1); amps <= to; amps *= Step)
            if (seconds(amps) is >= ShortestSeconds and <= LongestSeconds and var time) points.Add(new TimeCurrentPoint(amps, time));
        return points;
    }
}
