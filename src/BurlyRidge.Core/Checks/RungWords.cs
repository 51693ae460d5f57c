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
        ? $"carries {Format.Amps(rung.AmpacityAmps)} where {Format.Amps(figures.NeededAmps(rules))} are needed" + (dropLimit is { } limit ? $", loses {Format.Percent(rung.DropFraction)} of {Format.Percent(limit)} allowed" : "")
        : string.Join("; ", rung.Failures.Select(failure => Why(rules, figures, rung, failure, dropLimit)));

    private static string Why(HouseRules rules, RunFigures figures, WireRung rung, RungFailure failure, double? dropLimit) => failure switch
    {
        RungFailure.Heat => $"cannot hold at {Format.Celsius(figures.AmbientCelsius)}, its insulation is made for {figures.Run.InsulationCelsius} °C",
        RungFailure.Strength => $"is thinner than the {Format.Copper(Limits.ThinnestSquareMillimetres)} that can be crimped and laid",
        RungFailure.Load => $"carries {Format.Amps(rung.AmpacityAmps)} here, {Format.Amps(figures.LoadNeedAmps(rules))} needed" + (!figures.HasMargin ? "" : $" ({Format.Amps(figures.LoadAmps)} and {Format.Percent(rules.MarginFraction)})"),
        RungFailure.Fuse => $"carries {Format.Amps(rung.AmpacityAmps)} here, its fuse needs {Format.Amps(Math.Max(figures.FuseNeedAmps, figures.LimitedAmps))}",
        RungFailure.Drop => $"loses {Format.Percent(rung.DropFraction)}" + (dropLimit is { } limit ? $", {Format.Percent(limit)} allowed" : " with the rest of its line"),
        RungFailure.BrownOut => "the lamps could not run on it",
        RungFailure.FarShort => "a short at its far end hurts it before the fuse opens",
        _ => "no standard fuse carries the load",
    };
}
