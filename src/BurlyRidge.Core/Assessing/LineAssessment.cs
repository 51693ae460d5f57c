using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Protection;

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
    Verdict Verdict);

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

/// <summary>Which of the four places volts are lost in.</summary>
public enum LossGroup
{
    /// <summary>Wire from the source to the lamps.</summary>
    Out,

    /// <summary>Wire or body from the lamps back.</summary>
    Back,

    /// <summary>The fuse itself.</summary>
    Fuse,

    /// <summary>Holder, relay contact, plugs, terminals, stud.</summary>
    Contacts,
}

/// <summary>Volts lost in one part.</summary>
/// <param name="ShareOfLoss">Its part of all that is lost, 0 to 1.</param>
public sealed record Loss(string Name, LossGroup Group, double Milliohms, double Volts, double ShareOfLoss);

/// <summary>One size of wire on the ladder.</summary>
/// <param name="Taken">Whether it is the wire of the line.</param>
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
    IReadOnlyList<Sizing.RungFailure> Fails,
    string Why,
    double SpareFraction,
    double Kilograms,
    double? Cost);

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
