using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses a vehicle that cannot be, field by field.</summary>
internal static class VehicleValidation
{
    public static void Check(Problems problems, Vehicle vehicle, Surroundings around)
    {
        const string path = "vehicle";
        problems.Count($"{path}.batteries", vehicle.Batteries.Count, 1, 8, PartWords.Batteries);
        var series = vehicle.BatteryLink == BatteryLink.Series ? vehicle.Batteries.Count : 1;
        var known = Vehicle.Voltages.Contains(vehicle.SystemVolts);
        if (known && series * 12 != vehicle.SystemVolts && vehicle.Batteries.Count > 0)
            problems.Add($"{path}.batteryLink", PartWords.FormatBatteriesOf12VSo(series * 12, vehicle.SystemVolts));
        if (known && vehicle.Alternator is IPart alternator) alternator.Check(problems, $"{path}.alternator", around);
        if (vehicle.HouseLoadAmps is { } house) problems.Within($"{path}.houseLoadAmps", house, 0, 500, "A");
        if (vehicle.KeyOffDrainAmps is { } drain) problems.Within($"{path}.keyOffDrainAmps", drain, 0, 10, "A");
        problems.Each($"{path}.ignitionWires", vehicle.IgnitionWires, (at, wire) => wire.Check(problems, at));
        foreach (IPart signal in VehicleSignal.All(vehicle)) signal.Check(problems, $"{path}.{signal.Id}", around);
    }
}
