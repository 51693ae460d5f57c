using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>Wire, fuse and relay with the sentence that says why.</summary>
internal static class ChoiceWords
{
    public static WireChoice? Wire(LineSizing sizing, bool byHand)
    {
        if (sizing.Wire is not { } rung) return null;
        var demand = sizing.Demand;
        var drop = rung.DropFraction(demand.SystemVolts);
        return new WireChoice(
            rung.Wire.Name,
            rung.Wire.AreaSquareMillimetres,
            rung.Wire.CopperSquareMillimetres,
            rung.AmpacityAmps,
            rung.Point?.WireOhms
                ?? rung.Wire.Ohms(demand.OneWayMetres * LinePlan.OwnConductors(demand.Return), demand.AmbientCelsius),
            drop * demand.SystemVolts,
            drop,
            rung.Point?.ConductorCelsius ?? demand.AmbientCelsius,
            byHand,
            sizing.ProposedWire?.Wire.Name,
            $"{Opening(sizing, rung, byHand)} {RungWords.Why(sizing, rung)}{NotWire(rung)}.",
            Margin(demand, rung, drop));
    }

    public static FuseChoice? Fuse(LineSizing sizing)
    {
        if (sizing.Fuse is not { } fuse) return null;
        var demand = sizing.Demand;
        var byHand = demand.ChosenFuse is not null;
        var need = demand.Limits.FuseAmpsForLoad(demand.DesignAmps);
        var why = $"{Say.Amps(demand.DesignAmps)} at no more than {Say.Percent(demand.Limits.FuseLoadFraction)} of the rating asks for {Say.Amps(need)}";
        return new FuseChoice(
            fuse.RatingAmps,
            fuse.Family,
            byHand,
            sizing.ProposedFuse,
            byHand
                ? $"Taken by hand; {why}, the proposal is {(sizing.ProposedFuse is { } proposed ? $"a {proposed}" : "to split the line")}."
                : $"{why}; {fuse} is the next standard rating.",
            $"Loaded to {Say.Percent(demand.DesignAmps / fuse.RatingAmps)}");
    }

    public static RelayChoice Relay(LineSizing sizing)
    {
        var demand = sizing.Demand;
        if (!demand.NeedsRelay)
        {
            return new RelayChoice(false, null,
                $"Not needed: the switch alone triggers it and {Say.Amps(demand.DesignAmps)} is within the {Limits.SwitchAmps} A of a dash switch.",
                $"Switch loaded to {Say.Percent(demand.DesignAmps / Limits.SwitchAmps)}");
        }
        var why = demand.Trigger switch
        {
            Trigger.HighBeam => "the high beam triggers it and must not carry lamp current",
            Trigger.Reverse => "the reversing lamp triggers it and must not carry lamp current",
            _ => $"{Say.Amps(demand.DesignAmps)} is more than the {Limits.SwitchAmps} A of a dash switch",
        };
        if (sizing.RelayAmps is not { } rating)
            return new RelayChoice(true, null, $"Needed: {why}; none sold is large enough, so split the line.", "None");
        var good = RelayTable.AmpsAt(rating, demand.SystemVolts);
        return new RelayChoice(true, rating,
            $"Needed: {why}; a {rating} A contact is the smallest that carries it at {Say.Percent(Limits.RelayLoadFraction)}"
                + (demand.SystemVolts == 24 ? $" of the {Say.Amps(good)} that it is good for at 24 V." : "."),
            $"Contact loaded to {Say.Percent(demand.DesignAmps / good)}");
    }

    private static string Opening(LineSizing sizing, WireRung rung, bool byHand)
    {
        if (byHand)
            return sizing.ProposedWire is { } proposed && proposed.Wire != rung.Wire
                ? $"Taken by hand, the proposal is {proposed.Wire}: {rung.Wire}"
                : $"Taken by hand: {rung.Wire}";
        return $"The thinnest that does: {rung.Wire}";
    }

    private static string NotWire(WireRung rung) =>
        rung.Point is null ? "" : $"; {RungWords.NotWireInShort(rung.Point)}";

    private static string Margin(Demand demand, WireRung rung, double drop) =>
        $"{Signed(rung.AmpacityAmps / demand.DesignAmps - 1)} over the load, "
        + (drop <= demand.Limits.DropFraction
            ? $"{Say.Percent(demand.Limits.DropFraction - drop)} of drop to spare"
            : $"{Say.Percent(drop - demand.Limits.DropFraction)} of drop too much");

    private static string Signed(double fraction) => fraction < 0 ? $"−{Say.Percent(-fraction)}" : $"+{Say.Percent(fraction)}";
}
