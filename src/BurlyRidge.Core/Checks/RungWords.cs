using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks;

/// <summary>A rung of the wire ladder in words.</summary>
public static class RungWords
{
    /// <summary>Why it holds or does not, with the figures; no full stop.</summary>
    /// <param name="rules">House rules.</param>
    /// <param name="figures">The run that it is judged for, or the one of several that speaks for them.</param>
    /// <param name="rung">The rung.</param>
    /// <param name="dropLimit">Allowed on the line; null where no line uses it.</param>
    public static string Why(HouseRules rules, RunFigures figures, WireRung rung, double? dropLimit) => rung.Holds
        ? dropLimit is { } limit
            ? CheckWords.FormatRungCarriesAndLoses(Format.Amps(rung.AmpacityAmps), Format.Amps(figures.NeededAmps(rules)), Format.Percent(rung.DropFraction), Format.Percent(limit))
            : CheckWords.FormatRungCarries(Format.Amps(rung.AmpacityAmps), Format.Amps(figures.NeededAmps(rules)))
        : string.Join("; ", rung.Failures.Select(failure => Why(rules, figures, rung, failure, dropLimit)));

    private static string Why(HouseRules rules, RunFigures figures, WireRung rung, RungFailure failure, double? dropLimit) => failure switch
    {
        RungFailure.Heat => CheckWords.FormatCannotHoldAtItsInsulation(Format.Celsius(figures.AmbientCelsius), figures.Run.InsulationCelsius),
        RungFailure.Strength => CheckWords.FormatIsThinnerThanTheThat(Format.Copper(Limits.ThinnestSquareMillimetres)),
        RungFailure.Load => figures.HasMargin
            ? CheckWords.FormatRungLoadNeedsWithMargin(Format.Amps(rung.AmpacityAmps), Format.Amps(figures.LoadNeedAmps(rules)), Format.Amps(figures.LoadAmps), Format.Percent(rules.MarginFraction))
            : CheckWords.FormatRungLoadNeeds(Format.Amps(rung.AmpacityAmps), Format.Amps(figures.LoadNeedAmps(rules))),
        RungFailure.Fuse => CheckWords.FormatCarriesHereItsFuseNeeds(Format.Amps(rung.AmpacityAmps), Format.Amps(Math.Max(figures.FuseNeedAmps, figures.LimitedAmps))),
        RungFailure.Drop => dropLimit is { } limit ? CheckWords.FormatRungLoses(Format.Percent(rung.DropFraction), Format.Percent(limit)) : CheckWords.FormatRungLosesWithTheRest(Format.Percent(rung.DropFraction)),
        RungFailure.BrownOut => CheckWords.TheLampsCouldNotRun,
        RungFailure.FarShort => CheckWords.AShortAtItsFar,
        _ => CheckWords.NoStandardFuseCarriesThe,
    };
}
