using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks;

/// <summary>A rung of the wire ladder in words.</summary>
public static class RungWords
{
    /// <summary>Why it holds or does not, with the figures; no full stop.</summary>
    public static string Why(LineSizing sizing, WireRung rung)
    {
        var demand = sizing.Demand;
        return rung.Holds
            ? $"carries {Say.Amps(rung.AmpacityAmps)} where {Say.Amps(demand.Limits.WireAmpsForLoad(demand.DesignAmps))} are needed, "
                + $"loses {Say.Percent(rung.DropFraction(demand.SystemVolts))} of {Say.Percent(demand.Limits.DropFraction)} allowed"
            : string.Join("; ", rung.Failures.Select(failure => Why(sizing, rung, failure)));
    }

    /// <summary>What is lost in fuse and contacts on the way, which no thicker wire cures; no full stop.</summary>
    public static string NotWire(OperatingPoint point) =>
        $"{Say.Volts(NotWireVolts(point))} of it is not wire, and no thicker wire cures that: "
        + string.Join(", ", NotWireParts(point).Select(part => $"{part.Name} {part.Ohms * 1000:0.#} mΩ"));

    /// <summary>The same without the figure of every part; no full stop.</summary>
    public static string NotWireInShort(OperatingPoint point) =>
        $"{Say.Volts(NotWireVolts(point))} of that is not wire ("
        + string.Join(", ", NotWireParts(point).Select(part => part.Name)) + ")";

    private static string Why(LineSizing sizing, WireRung rung, RungFailure failure)
    {
        var demand = sizing.Demand;
        var limits = demand.Limits;
        return failure switch
        {
            RungFailure.Heat =>
                $"cannot hold at {Say.Celsius(demand.AmbientCelsius)}, its insulation is made for {demand.InsulationCelsius} °C",
            RungFailure.Load =>
                $"carries {Say.Amps(rung.AmpacityAmps)} here, {Say.Amps(limits.WireAmpsForLoad(demand.DesignAmps))} needed "
                + $"({Say.Amps(demand.DesignAmps)} and {Say.Percent(limits.MarginFraction)})",
            RungFailure.Fuse =>
                $"carries {Say.Amps(rung.AmpacityAmps)} here, {Say.Amps(Limits.WireAmpsForFuse(sizing.Fuse!))} needed "
                + $"for the {sizing.Fuse} fuse",
            RungFailure.Drop =>
                $"loses {Say.Percent(rung.DropFraction(demand.SystemVolts))}, {Say.Percent(limits.DropFraction)} allowed "
                + $"({Say.Percent(NotWireFraction(demand, rung.Point!))} is in fuse and contacts)",
            RungFailure.BrownOut => "the lamps could not run on it",
            RungFailure.FarShort => "a short at its far end hurts it before the fuse opens",
            _ => "no standard fuse carries the load",
        };
    }

    private static double NotWireFraction(Demand demand, OperatingPoint point) =>
        NotWireVolts(point) / demand.SystemVolts;

    private static double NotWireVolts(OperatingPoint point) => point.Amps * NotWireParts(point).Sum(part => part.Ohms);

    private static IEnumerable<Part> NotWireParts(OperatingPoint point) =>
        point.Parts.Where(part => part.Kind != PartKind.Wire);
}
