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
        var why = rung is null ? LineWords.FormatCarriesLoses(Format.Amps(sizing.WireAmps), Format.Percent(drop)) : RungWords.Why(rules, sizing.Main, rung, sizing.DropLimit);
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
        var why = LineWords.FormatAtNoMoreThanOf(Format.Amps(sizing.DesignAmps), Format.Percent(fraction), Format.Amps(sizing.DesignAmps / fraction));
        return new FuseChoice(
            sizing.Fuse.RatingAmps,
            sizing.Fuse.Family,
            byHand,
            sizing.ProposedFuse,
            byHand
                ? LineWords.FormatTakenByHandTheProposal(why, sizing.ProposedFuse is { } proposed ? $"a {proposed}" : LineWords.ToSplitTheLine)
                : LineWords.FormatIsTheNextStandardRating(why, sizing.Fuse),
            LineWords.FormatLoadedTo(Format.Percent(sizing.DesignAmps / sizing.Fuse.RatingAmps)));
    }

    public static RelayChoice Relay(QuickAsk ask, QuickSizing sizing)
    {
        var (design, volts) = (sizing.DesignAmps, ask.Vehicle.SystemVolts);
        var most = QuickTemplate.SwitchAmps(volts);
        if (!QuickTemplate.NeedsRelay(ask.Bare(), ask.Plan))
        {
            return new RelayChoice(false, null,
                LineWords.FormatNotNeededTheSwitchAlone(Format.Amps(design), Format.RatedAmps(most)),
                LineWords.FormatSwitchLoadedTo(Format.Percent(design / most)));
        }
        var why = ask.Plan.Trigger switch
        {
            Trigger.HighBeam => LineWords.TheHighBeamTriggersIt,
            Trigger.Reverse => LineWords.TheReversingLampTriggersIt,
            _ => LineWords.FormatBehindAAFuseIs(Format.Amps(design), sizing.Fuse.RatingAmps, Format.RatedAmps(most)),
        };
        if (sizing.RelayAmps is not { } rating)
            return new RelayChoice(true, null, LineWords.FormatNeededNoneSoldIsLarge(why), LineWords.None);
        var good = RelayTable.AmpsAt(rating, volts);
        return new RelayChoice(true, rating,
            LineWords.FormatNeededAAContactIs(why, rating, Format.Percent(Limits.RelayLoadFraction))
                + (volts == 24 ? " " + LineWords.FormatOfTheThatItIs(Format.Amps(good)) : "."),
            LineWords.FormatContactLoadedTo(Format.Percent(design / good)));
    }

    private static string Opening(QuickSizing sizing, bool byHand)
    {
        if (!byHand) return LineWords.FormatTheSmallestThatPasses(sizing.Wire);
        return sizing.ProposedWire is { } proposed && proposed != sizing.Wire
            ? LineWords.FormatTakenByHandTheProposalIs(proposed, sizing.Wire)
            : LineWords.FormatTakenByHand(sizing.Wire);
    }

    /// <summary>What is lost in fuse and contacts, which no thicker wire cures.</summary>
    private static string NotWire(QuickSizing sizing)
    {
        var others = sizing.Losses.Where(loss => loss.Group is LossGroup.Fuse or LossGroup.Contacts).ToList();
        return others.Count == 0 ? "" : LineWords.FormatOfThatIsNotWire(Format.Volts(others.Sum(loss => loss.Volts)), string.Join(", ", others.Select(loss => loss.Name)));
    }

    private static string Margin(QuickSizing sizing, double drop) =>
        LineWords.FormatOverTheLoad(Signed(sizing.WireAmps / sizing.DesignAmps - 1)) + " "
        + (drop <= sizing.DropLimit
            ? LineWords.FormatOfDropToSpare(Format.Percent(sizing.DropLimit - drop))
            : LineWords.FormatOfDropTooMuch(Format.Percent(drop - sizing.DropLimit)));

    private static string Signed(double fraction) => fraction < 0 ? $"−{Format.Percent(-fraction)}" : $"+{Format.Percent(fraction)}";
}
