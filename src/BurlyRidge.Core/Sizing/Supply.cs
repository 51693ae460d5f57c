using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>What a state asks of batteries and alternator.</summary>
/// <param name="LoadAmps">Everything together, the vehicle's own load included, A.</param>
/// <param name="AlternatorAmps">Given by the alternator, A.</param>
/// <param name="BatteryAmps">Given by the batteries, A; below zero they are charged.</param>
/// <param name="PostVolts">At the post that feeds the vehicle, V.</param>
/// <param name="HoursToHalf">Until the first battery is half empty, h; null where none is drawn from.</param>
public sealed record SupplyFigures(string Id, string Name, double LoadAmps, double AlternatorAmps, double BatteryAmps, double PostVolts, double? HoursToHalf)
{
    /// <summary>Reads a solved state of the whole rig.</summary>
    public static SupplyFigures Of(Rig rig, WholeStudy whole)
    {
        var solved = whole.Solved;
        var vehicle = rig.Vehicle;
        var given = vehicle.Alternator is not null && whole.Named.State.Engine != Engine.Off ? Math.Max(0, -solved.Amps("alternator")) : 0;
        var batteries = vehicle.Batteries.Select(battery => (Battery: battery, Amps: -solved.Amps(battery.Id))).ToList();
        // Over hours a load that comes and goes counts as what it draws on average, shared by the batteries as they share the rest.
        var resting = rig.Loads.Where(load => load.DutyFraction < 1).Sum(load => (1 - load.DutyFraction) * Math.Abs(solved.Amps(load.Id)));
        var discharged = batteries.Where(pair => pair.Amps > 0).Sum(pair => pair.Amps);
        var mean = discharged > 0 ? Math.Max(0, 1 - resting / discharged) : 1;
        var drawn = vehicle.BatteryLink == BatteryLink.Series ? batteries.Average(pair => pair.Amps) : batteries.Sum(pair => pair.Amps);
        var hours = batteries.Where(pair => pair.Amps > 0)
            .Select(pair => Peukert.HoursToHalf(pair.Battery, pair.Amps * mean))
            .DefaultIfEmpty(double.PositiveInfinity).Min();
        return new SupplyFigures(
            whole.Named.Id, whole.Named.Name, given + drawn, given, drawn,
            solved.Volts(vehicle.SystemPlus), double.IsPositiveInfinity(hours) ? null : hours);
    }
}

/// <summary>How long a lead-acid battery lasts.</summary>
/// <remarks>Peukert's law (common practice): t = H · (C/(I·H))^n with the capacity C rated at H = 20 h, never above C/I.</remarks>
public static class Peukert
{
    private const double RatedHours = 20;
    private const double Half = 0.5;

    /// <summary>Hours from full to empty at <paramref name="amps"/>.</summary>
    public static double Hours(double capacityAmpHours, double exponent, double amps)
    {
        if (amps <= 0) return double.PositiveInfinity;
        var hours = RatedHours * Math.Pow(capacityAmpHours / (amps * RatedHours), exponent);
        return Math.Min(hours, capacityAmpHours / amps);
    }

    /// <summary>Hours until <paramref name="battery"/> is half empty.</summary>
    public static double HoursToHalf(Battery battery, double amps)
    {
        var above = Math.Max(0, battery.Charge - Half);
        return above == 0 ? 0 : above * Hours(battery.AmpHours, battery.Exponent, amps);
    }
}
