using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Assessing;

/// <summary>What follows for one line.</summary>
/// <param name="LoadAmps">Watts over system volts, A.</param>
/// <param name="DesignAmps">The most that it draws, A.</param>
/// <param name="Wire">The wire taken, or null where none will do.</param>
/// <param name="Fuse">The fuse taken, or null where none carries the load.</param>
/// <param name="Relay">Whether a relay is needed, and which.</param>
/// <param name="LampVolts">What is left at the lamps, V; 0 where they could not run, null without a wire.</param>
/// <param name="Losses">Where the volts are lost, along the way.</param>
/// <param name="Ladder">Every size, thin to thick.</param>
/// <param name="FuseWindow">Load, ratings and wire on one scale of amps.</param>
/// <param name="Checks">Every judgement.</param>
/// <param name="Verdict">The worst of them.</param>
public sealed record LineAssessment(
    double LoadAmps,
    double DesignAmps,
    WireChoice? Wire,
    FuseChoice? Fuse,
    RelayChoice Relay,
    double? LampVolts,
    IReadOnlyList<Loss> Losses,
    IReadOnlyList<LadderEntry> Ladder,
    FuseWindow FuseWindow,
    IReadOnlyList<Check> Checks,
    Verdict Verdict)
{
    /// <summary>Puts the sizes of a quick plan into words.</summary>
    internal static LineAssessment Of(QuickAsk ask, QuickSizing sizing, WirePrices prices, IReadOnlyList<Check> checks)
    {
        var (found, metres) = (sizing.ProposedWire is not null || ask.Plan.ChosenWire is not null, ask.Plan.OneWayMetres * LinePlan.OwnConductors(ask.Plan.Return));
        return new LineAssessment(
            sizing.LoadAmps,
            sizing.DesignAmps,
            found ? ChoiceWords.Wire(ask, sizing) : null,
            ask.Plan.ChosenFuse is null && sizing.ProposedFuse is null ? null : ChoiceWords.Fuse(ask, sizing),
            ChoiceWords.Relay(ask, sizing),
            found ? sizing.LampVolts : null,
            found ? sizing.Losses : [],
            [.. sizing.Ladder.Select(rung => LadderEntry.Of(ask.Rules, sizing.Main, rung, rung.Wire == sizing.Wire && found, rung.Wire == sizing.ProposedWire, sizing.DropLimit, metres, prices))],
            new FuseWindows(
                sizing.DesignAmps, sizing.DesignAmps / ask.Rules.FuseLoadFraction, found ? (sizing.Wire, sizing.WireAmps) : null,
                ask.Plan.ChosenFuse ?? sizing.ProposedFuse, [.. sizing.Ladder.Select(rung => (rung.Wire, rung.AmpacityAmps))]).Build(),
            checks,
            checks.Select(check => check.Verdict).DefaultIfEmpty(Verdict.Holds).Max());
    }
}

/// <summary>The wire taken.</summary>
/// <param name="LoopResistanceOhms">The hot wire alone, out and back; out alone for body return.</param>
/// <param name="DropVolts">All that is lost between source and lamp and back, contacts included, V.</param>
/// <param name="DropFraction">The same of the system volts, 0 to 1.</param>
/// <param name="ByHand">Taken by the fitter instead of the proposal.</param>
/// <param name="ProposedName">What is proposed; null where none will do.</param>
public sealed record WireChoice(
    string Name,
    double AreaSquareMillimetres,
    double CopperSquareMillimetres,
    double AmpacityAmps,
    double LoopResistanceOhms,
    double DropVolts,
    double DropFraction,
    double ConductorCelsius,
    bool ByHand,
    string? ProposedName,
    string Reason,
    string Margin);

/// <summary>The fuse taken.</summary>
/// <param name="Proposed">What is proposed; null where no standard fuse carries the load.</param>
public sealed record FuseChoice(
    double RatingAmps, FuseFamily Family, bool ByHand, Fuse? Proposed, string Reason, string Margin);

/// <summary>Whether a relay is needed; the rating is null where none is, or none is large enough.</summary>
public sealed record RelayChoice(bool Needed, double? RatingAmps, string Reason, string Margin);

/// <summary>One size of wire on the ladder.</summary>
/// <param name="Taken">Whether it is the wire of the line.</param>
/// <param name="Proposed">Whether it is what is proposed.</param>
/// <param name="Usual">Whether it is what a fitter usually takes for that current and length (common practice, no source).</param>
/// <param name="DropFraction">1 where the lamps could not run on it.</param>
/// <param name="Fails">Short names of what it fails on; empty where it holds.</param>
/// <param name="SpareFraction">What its ampacity has above what is asked of it, of that; below 0 where it has too little.</param>
/// <param name="Kilograms">Copper of all that is to be laid of it, kg.</param>
/// <param name="Cost">The same in the workshop's money; null where the catalogue does not have it.</param>
public sealed record LadderEntry(
    string Name,
    double AreaSquareMillimetres,
    double CopperSquareMillimetres,
    double AmpacityAmps,
    double DropFraction,
    double? ConductorCelsius,
    bool Holds,
    bool Taken,
    bool Proposed,
    bool Usual,
    IReadOnlyList<RungFailure> Fails,
    string Why,
    double SpareFraction,
    double Kilograms,
    double? Cost)
{
    private const double MinAmps = 1e-3;

    /// <summary>Puts a rung into words.</summary>
    /// <param name="figures">The run that it is judged for, or the one of several that speaks for them.</param>
    /// <param name="metres">Of wire to be laid of it.</param>
    internal static LadderEntry Of(HouseRules rules, RunFigures figures, WireRung rung, bool taken, bool proposed, double? dropLimit, double metres, WirePrices prices) => new(
        rung.Wire.Name,
        rung.Wire.AreaSquareMillimetres,
        rung.Wire.CopperSquareMillimetres,
        rung.AmpacityAmps,
        rung.DropFraction,
        rung.ConductorCelsius,
        rung.Holds,
        taken,
        proposed,
        UsualWire.Is(rung.Wire, figures.DesignAmps, figures.Run.LengthMetres),
        rung.Failures,
        RungWords.Why(rules, figures, rung, dropLimit),
        rung.AmpacityAmps / Math.Max(figures.NeededAmps(rules), MinAmps) - 1,
        Copper.Kilograms(rung.Wire, metres),
        prices.Cost(rung.Wire, metres));
}

/// <summary>Load, standard ratings and wire on one scale of amps.</summary>
/// <param name="DesignAmps">Design current, A.</param>
/// <param name="FromAmps">The smallest rating that the load allows, A.</param>
/// <param name="WireAmps">Ampacity of the wire, A; null without one.</param>
/// <param name="ScaleAmps">Upper end of a scale that shows all of it, A.</param>
/// <param name="Empty">No standard rating stands between load and wire.</param>
/// <param name="OpenedBy">The thinnest wire, with its copper, that would open an empty window; null where it is open or none would.</param>
/// <param name="Sentence">What the window says.</param>
public sealed record FuseWindow(
    double DesignAmps,
    double FromAmps,
    double? WireAmps,
    double ScaleAmps,
    IReadOnlyList<FuseMark> Ratings,
    bool Empty,
    string? OpenedBy,
    string Sentence);

/// <summary>One standard rating in the window.</summary>
/// <param name="Inside">Between load and wire.</param>
/// <param name="Taken">The fuse of the line.</param>
public sealed record FuseMark(double RatingAmps, FuseFamily Family, bool Inside, bool Taken);
