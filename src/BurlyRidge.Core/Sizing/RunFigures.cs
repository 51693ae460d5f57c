using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>What a run carries, withstands and is asked for.</summary>
/// <param name="Run">The run.</param>
/// <param name="Wire">Its size.</param>
/// <param name="DesignAmps">The most that it carries in any state judged, A.</param>
/// <param name="DesignState">That state.</param>
/// <param name="DropVolts">Lost in it then, V.</param>
/// <param name="AmbientCelsius">The hottest zone on its way.</param>
/// <param name="AmpacityAmps">What it may carry where it lies, A.</param>
/// <param name="ConductorCelsius">How hot it gets.</param>
/// <param name="Faults">What shorts drive through it.</param>
/// <param name="LimitedAmps">The most that sources without a fuse, but with a limit of their own, give it, A.</param>
/// <param name="Lines">Ids of the lines that use it.</param>
/// <param name="Behind">The fuses behind it where no fuse is before it.</param>
/// <param name="Tail">Whether it is the tail of one lamp, which cannot draw more than it does: it need not carry the fuse (house rule).</param>
public sealed record RunFigures(
    Run Run,
    WireSize Wire,
    double DesignAmps,
    string DesignState,
    double DropVolts,
    double AmbientCelsius,
    double AmpacityAmps,
    double ConductorCelsius,
    IReadOnlyList<RunFault> Faults,
    double LimitedAmps,
    IReadOnlyList<string> Lines,
    IReadOnlyList<Link> Behind,
    bool Tail)
{
    /// <summary>What its lamps are made to draw at the lowest voltage that they may get, in the state that asks most, A.</summary>
    public double LampAmps { get; init; }

    /// <summary>What its load asks of it, A: no less than its lamps are made to draw, so that a longer line, whose lamps get less, is not the thinner one.</summary>
    public double LoadAmps => Math.Max(DesignAmps, LampAmps);

    /// <summary>What feeds either of its ends together, where more than one fuse does.</summary>
    internal IReadOnlyList<FeedSum> Together { get; init; } = [];

    /// <summary>The worst short that several fuses feed together, on a size of wire; null where one fuse at most feeds it.</summary>
    public Func<WireSize, SharedShort>? Shared { get; init; }

    /// <summary>The fuse that it leads to, where it is as short as may be with no fuse and nothing else hangs on its end: it needs to be good for that one.</summary>
    public Link? LeadsTo { get; init; }

    /// <summary>Whether it is a lead of the vehicle's own, whose size nobody chooses.</summary>
    public bool OfVehicle { get; init; }

    /// <summary>The fuses before it, or before what it brings the current back from.</summary>
    public IReadOnlyList<Link> Devices { get; } = [.. Faults.Select(fault => fault.Device).OfType<Link>().Distinct()];

    /// <summary>Whether it brings the current back.</summary>
    public bool Returns { get; } = Faults.Any(fault => fault.Returns);

    /// <summary>Ampacity that its load asks of it, A: with the margin of the house, but for a lamp's own tail, which carries no more than the lamp draws, and a lead that the vehicle's maker chose.</summary>
    public double LoadNeedAmps(HouseRules rules) => LoadAmps * (HasMargin ? 1 + rules.MarginFraction : 1);

    /// <summary>Whether the house's margin is asked of it.</summary>
    public bool HasMargin => !Tail && !OfVehicle;

    /// <summary>Ampacity that load, fuses and sources ask of it, A.</summary>
    public double NeededAmps(HouseRules rules) => Math.Max(Math.Max(LoadNeedAmps(rules), FuseNeedAmps), LimitedAmps);

    /// <summary>Ampacity that the largest fuse before it asks, all that feeds an end of it together, or where none is before it, the fuses behind it, A; 0 without any.</summary>
    public double FuseNeedAmps => FuseNeedWith(device => device.Fuse!);

    /// <summary>The same with other fuses.</summary>
    public double FuseNeedWith(Func<Link, Fuse> fuseOf) => LeadsTo is { } own ? Math.Min(Before(fuseOf), Limits.WireAmpsForFuse(fuseOf(own))) : Before(fuseOf);

    private double Before(Func<Link, Fuse> fuseOf) => Tail ? 0 : Math.Max(
        Math.Max(Devices.Select(device => Limits.WireAmpsForFuse(fuseOf(device))).DefaultIfEmpty(0).Max(), Behind.Sum(device => Limits.WireAmpsForFuse(fuseOf(device)))),
        Together.Select(sum => sum.Amps(fuseOf)).DefaultIfEmpty(0).Max());

    /// <summary>Its ampacity on another size, A.</summary>
    public double AmpacityOf(WireSize wire) => Ampacity.Of(wire, Run.InsulationCelsius, AmbientCelsius, Run.Bundled);

    /// <summary>How long it withstands <paramref name="amps"/> from its class of temperature on, s; without end at what it carries for good.</summary>
    public double WithstandSeconds(double amps) => Withstand(Run, Wire, AmpacityAmps, amps);

    /// <summary>How long <paramref name="run"/> would withstand <paramref name="amps"/> on <paramref name="wire"/>, s.</summary>
    public static double Withstand(Run run, WireSize wire, double ampacityAmps, double amps) => amps <= ampacityAmps
        ? double.PositiveInfinity
        : Adiabatic.WithstandSeconds(Adiabatic.K(run.InsulationCelsius, Limits.ShortTimeCelsius(run.Insulation)), wire.CopperSquareMillimetres, amps);
}
