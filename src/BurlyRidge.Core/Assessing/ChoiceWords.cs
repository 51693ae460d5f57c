using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Assessing;

/// <summary>Wire, fuse and relay with the sentence that says why.</summary>
internal static class ChoiceWords
{
    public static WireChoice Wire(QuickAsk ask, QuickSizing sizing)
    {
        var (rules, drop) = (ask.Rules, sizing.DropFraction);
        var volts = ask.Vehicle.SystemVolts;
        var byHand = ask.Plan.ChosenWire is not null;
        var rung = sizing.Ladder.FirstOrDefault(rung => rung.Wire == sizing.Wire);
        var why = rung is null ? $"carries {Format.Amps(sizing.WireAmps)}, loses {Format.Percent(drop)}" : RungWords.Why(rules, sizing.Main, rung, sizing.DropLimit);
        return new WireChoice(
            sizing.Wire.Name,
            sizing.Wire.AreaSquareMillimetres,
            sizing.Wire.CopperSquareMillimetres,
            sizing.WireAmps,
            sizing.LoopOhms,
            volts - sizing.LampVolts,
            drop,
            sizing.ConductorCelsius,
            byHand,
            sizing.ProposedWire?.Name,
            $"{Opening(sizing, byHand)} {why}{NotWire(sizing)}.",
            Margin(sizing, drop));
    }

    public static FuseChoice Fuse(QuickAsk ask, QuickSizing sizing)
    {
        var byHand = ask.Plan.ChosenFuse is not null;
        var fraction = ask.Rules.FuseLoadFraction;
        var why = $"{Format.Amps(sizing.DesignAmps)} at no more than {Format.Percent(fraction)} of the rating asks for {Format.Amps(sizing.DesignAmps / fraction)}";
        return new FuseChoice(
            sizing.Fuse.RatingAmps,
            sizing.Fuse.Family,
            byHand,
            sizing.ProposedFuse,
            byHand
                ? $"Taken by hand; {why}, the proposal is {(sizing.ProposedFuse is { } proposed ? $"a {proposed}" : "to split the line")}."
                : $"{why}; {sizing.Fuse} is the next standard rating.",
            $"Loaded to {Format.Percent(sizing.DesignAmps / sizing.Fuse.RatingAmps)}");
    }

    public static RelayChoice Relay(QuickAsk ask, QuickSizing sizing)
    {
        var (design, volts) = (sizing.DesignAmps, ask.Vehicle.SystemVolts);
        var most = QuickTemplate.SwitchAmps(volts);
        if (!QuickTemplate.NeedsRelay(ask.Bare(), ask.Plan))
        {
            return new RelayChoice(false, null,
                $"Not needed: the switch alone triggers it and {Format.Amps(design)} is within the {Format.RatedAmps(most)} of a dash switch.",
                $"Switch loaded to {Format.Percent(design / most)}");
        }
        var why = ask.Plan.Trigger switch
        {
            Trigger.HighBeam => "the high beam triggers it and must not carry lamp current",
            Trigger.Reverse => "the reversing lamp triggers it and must not carry lamp current",
            _ => $"{Format.Amps(design)} behind a {sizing.Fuse.RatingAmps} A fuse is more than the {Format.RatedAmps(most)} that a dash switch takes",
        };
        if (sizing.RelayAmps is not { } rating)
            return new RelayChoice(true, null, $"Needed: {why}; none sold is large enough, so split the line.", "None");
        var good = RelayTable.AmpsAt(rating, volts);
        return new RelayChoice(true, rating,
            $"Needed: {why}; a {rating} A contact is the smallest that carries it at {Format.Percent(Limits.RelayLoadFraction)}"
                + (volts == 24 ? $" of the {Format.Amps(good)} that it is good for at 24 V." : "."),
            $"Contact loaded to {Format.Percent(design / good)}");
    }

    private static string Opening(QuickSizing sizing, bool byHand)
    {
        if (!byHand) return $"The smallest that passes: {sizing.Wire}";
        return sizing.ProposedWire is { } proposed && proposed != sizing.Wire
            ? $"Taken by hand, the proposal is {proposed}: {sizing.Wire}"
            : $"Taken by hand: {sizing.Wire}";
    }

    /// <summary>What is lost in fuse and contacts, which no thicker wire cures.</summary>
    private static string NotWire(QuickSizing sizing)
    {
        var others = sizing.Losses.Where(loss => loss.Group is LossGroup.Fuse or LossGroup.Contacts).ToList();
        return others.Count == 0 ? "" : $"; {Format.Volts(others.Sum(loss => loss.Volts))} of that is not wire ({string.Join(", ", others.Select(loss => loss.Name))})";
    }

    private static string Margin(QuickSizing sizing, double drop) =>
        $"{Signed(sizing.WireAmps / sizing.DesignAmps - 1)} over the load, "
        + (drop <= sizing.DropLimit
            ? $"{Format.Percent(sizing.DropLimit - drop)} of drop to spare"
            : $"{Format.Percent(drop - sizing.DropLimit)} of drop too much");

    private static string Signed(double fraction) => fraction < 0 ? $"−{Format.Percent(-fraction)}" : $"+{Format.Percent(fraction)}";
}
