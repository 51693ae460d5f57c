using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>What one line asks for, before any wire is chosen.</summary>
/// <param name="Watts">The lamps' power at system volts.</param>
/// <param name="OneWayMetres">Source to lamps, m.</param>
/// <param name="HottestZone">The zone that governs.</param>
/// <param name="AmbientCelsius">How hot that zone is taken to be.</param>
/// <param name="Bundled">Loaded conductors in the loom, its own among them.</param>
/// <param name="ChosenFuse">The fuse fixed by hand, or null.</param>
public sealed record Demand(
    int SystemVolts,
    LampWatts Watts,
    double OneWayMetres,
    ReturnPath Return,
    Zone HottestZone,
    double AmbientCelsius,
    int Bundled,
    int InsulationCelsius,
    Trigger Trigger,
    GaugeSystem Gauges,
    UnitSystem Units,
    Limits Limits,
    Fuse? ChosenFuse)
{
    /// <summary>What <paramref name="plan"/> asks for on that vehicle under those house rules.</summary>
    public static Demand Of(Vehicle vehicle, HouseRules rules, LinePlan plan)
    {
        var watts = LampWatts.Of(plan.Lamps, vehicle.SystemVolts);
        var hottest = plan.Zones.MaxBy(rules.ZoneCelsius.Of);
        return new Demand(
            vehicle.SystemVolts,
            watts,
            plan.OneWayMetres,
            plan.Return,
            hottest,
            Math.Max(rules.ZoneCelsius.Of(hottest), plan.LaneCelsius ?? double.NegativeInfinity),
            plan.Bundled ?? LinePlan.OwnConductors(plan.Return),
            plan.InsulationCelsius,
            plan.Trigger,
            rules.Gauges,
            rules.Units,
            Limits.Of(rules, watts),
            plan.ChosenFuse);
    }

    /// <summary>Watts over system volts, A.</summary>
    public double LoadAmps => Watts.LoadAmps(SystemVolts);

    /// <summary>The most that the lamps draw, A.</summary>
    public double DesignAmps => Watts.DesignAmps(SystemVolts, Limits.DropFraction);

    /// <summary>Whether a relay carries the lamp current instead of the switch.</summary>
    public bool NeedsRelay => Trigger != Trigger.SwitchAlone || DesignAmps > Limits.SwitchAmps;

    /// <summary>Ampacity in A of <paramref name="wire"/> where this line lies.</summary>
    public double AmpacityOf(WireSize wire) => Ampacity.Of(wire, InsulationCelsius, AmbientCelsius, Bundled);
}
