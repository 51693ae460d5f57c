using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>A customer, and what a good fitter would do (common practice, no source).</summary>
/// <param name="Rig">The vehicle as it comes, with the wishes.</param>
/// <param name="Lines">What the fitter does for each wish.</param>
public sealed record Customer(string Name, Rig Rig, params IReadOnlyList<Fitted> Lines)
{
    public override string ToString() => Name;
}

/// <summary>A line as a good fitter makes it.</summary>
/// <param name="Feed">Where the current comes from.</param>
/// <param name="Trigger">What turns it on.</param>
/// <param name="From">The thinnest wire to the lamps that he takes, mm².</param>
/// <param name="To">The thickest.</param>
/// <param name="Why">Why so.</param>
public sealed record Fitted(LightWanted Light, FedFrom Feed, TurnedOnBy Trigger, double From, double To, string Why);

/// <summary>Where a line's current comes from.</summary>
public enum FedFrom
{
    Battery,
    Box,
    Output,
    Socket,
    SideLight,
    FuseTap,
}

/// <summary>What turns a line on.</summary>
public enum TurnedOnBy
{
    Switch,
    Slot,
    FactorySwitch,
    BeamAndSwitch,
    BeamAndFactorySwitch,
    Beam,
    Reverse,
    ReverseOrSwitch,
    SideLight,
    Key,
}
