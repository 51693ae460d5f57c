using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Sizing;

/// <summary>Why a size of wire will not do.</summary>
public enum RungFailure
{
    /// <summary>The zone is as hot as the insulation may be.</summary>
    Heat,

    /// <summary>Its ampacity is below the load with its margin.</summary>
    Load,

    /// <summary>Its ampacity is below the fuse.</summary>
    Fuse,

    /// <summary>More volts are lost than the limit allows.</summary>
    Drop,

    /// <summary>The lamps could not run on it at all.</summary>
    BrownOut,

    /// <summary>No standard fuse carries the load.</summary>
    NoFuse,

    /// <summary>A short at its far end hurts it before the fuse opens.</summary>
    FarShort,
}

/// <summary>One size of wire judged for a line.</summary>
/// <param name="Wire">The size.</param>
/// <param name="AmpacityAmps">What it may carry where it lies, A.</param>
/// <param name="Point">The line in service on it, or null where the lamps could not run.</param>
/// <param name="Failures">Empty where it holds.</param>
public sealed record WireRung(WireSize Wire, double AmpacityAmps, OperatingPoint? Point, IReadOnlyList<RungFailure> Failures)
{
    /// <summary>Whether it carries load and fuse and loses no more than allowed.</summary>
    public bool Holds => Failures.Count == 0;

    /// <summary>All that is lost between source and lamp and back, of the system volts; 1 where the lamps could not run.</summary>
    public double DropFraction(int systemVolts) => Point is null ? 1 : (systemVolts - Point.LampVolts) / systemVolts;

    /// <summary>Judges <paramref name="wire"/> for a line protected by <paramref name="fuse"/>.</summary>
    public static WireRung Judge(Demand demand, WireSize wire, Fuse? fuse)
    {
        var ampacity = demand.AmpacityOf(wire);
        if (fuse is null) return new WireRung(wire, ampacity, null, [RungFailure.NoFuse]);

        var rung = new WireRung(wire, ampacity, OperatingPoint.Solve(demand, wire, fuse), []);
        var failures = new List<RungFailure>();
        if (ampacity <= 0) failures.Add(RungFailure.Heat);
        else if (!Limits.AtLeast(ampacity, demand.Limits.WireAmpsForLoad(demand.DesignAmps))) failures.Add(RungFailure.Load);
        if (ampacity > 0 && !Limits.AtLeast(ampacity, Limits.WireAmpsForFuse(fuse))) failures.Add(RungFailure.Fuse);
        if (rung.Point is null) failures.Add(RungFailure.BrownOut);
        else if (!demand.Limits.DropHolds(rung.DropFraction(demand.SystemVolts))) failures.Add(RungFailure.Drop);
        return rung with { Failures = failures };
    }
}
