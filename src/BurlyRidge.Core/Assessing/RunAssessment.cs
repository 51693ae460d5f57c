using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>One run with every size of wire judged on the network.</summary>
/// <param name="Run">What it carries and withstands.</param>
/// <param name="Ladder">Every size, thin to thick.</param>
/// <param name="FuseWindow">Load, ratings and wire on one scale of amps.</param>
/// <param name="Sheet">Fuse, wire, load and short on one sheet of time and current.</param>
public sealed record RunAssessment(RunAnswer Run, IReadOnlyList<LadderEntry> Ladder, FuseWindow FuseWindow, TimeCurrentSheet Sheet)
{
    /// <summary>Judges a run by its id; null where there is none.</summary>
    public static RunAssessment? Of(AssessedRig assessed, string run, WirePrices? prices = null, CancellationToken cancellation = default)
    {
        var (rig, study) = (assessed.Laid, assessed.Study);
        if (study.Runs.FirstOrDefault(figures => figures.Run.Id == run) is not { } found) return null;
        var ladder = RunLadder.Of(study, found, cancellation);
        var device = found.Devices.MinBy(link => link.Fuse!.RatingAmps);
        var window = new FuseWindows(
            found.DesignAmps, found.DesignAmps / rig.HouseRules.FuseLoadFraction, (found.Wire, found.AmpacityAmps), device?.Fuse,
            [.. ladder.Select(rung => (rung.Wire, rung.AmpacityAmps))]);
        return new RunAssessment(RunAnswer.Of(found), [.. ladder.Select(rung => Entry(rig.HouseRules, found, rung, prices ?? WirePrices.None))], window.Build(),
            TimeCurrentSheet.Of(study, found));
    }

    private static LadderEntry Entry(HouseRules rules, RunFigures figures, RunRung rung, WirePrices prices) => new(
        rung.Wire.Name, rung.Wire.AreaSquareMillimetres, rung.Wire.CopperSquareMillimetres, rung.AmpacityAmps, rung.DropFraction, rung.ConductorCelsius,
        rung.Failures.Count == 0, rung.Wire == figures.Wire, rung.Failures,
        rung.Failures.Count == 0
            ? $"carries {Say.Amps(rung.AmpacityAmps)}, loses {Say.Percent(rung.DropFraction)} with the rest of its line"
            : string.Join("; ", rung.Failures.Select(failure => Why(figures, rung, failure))),
        rung.AmpacityAmps / Math.Max(figures.NeededAmps(rules), LeastAmps) - 1,
        Copper.Kilograms(rung.Wire, figures.Run.LengthMetres),
        prices.Cost(rung.Wire, figures.Run.LengthMetres));

    private const double LeastAmps = 1e-3;

    private static string Why(RunFigures figures, RunRung rung, RungFailure failure) => failure switch
    {
        RungFailure.Heat => $"cannot hold at {Say.Celsius(figures.AmbientCelsius)}",
        RungFailure.Load => $"carries {Say.Amps(rung.AmpacityAmps)} here, {Say.Amps(figures.DesignAmps)} flow",
        RungFailure.Fuse => $"carries {Say.Amps(rung.AmpacityAmps)} here, the fuse before it asks {Say.Amps(Math.Max(figures.FuseNeedAmps, figures.LimitedAmps))}",
        RungFailure.FarShort => "a short at its far end hurts it before the fuse opens",
        RungFailure.BrownOut => "the lamps could not run on it",
        _ => $"loses {Say.Percent(rung.DropFraction)} with the rest of its line",
    };
}
