namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses a vehicle that cannot be, field by field.</summary>
internal static class VehicleValidation
{
    public static void Check(Problems problems, Vehicle vehicle)
    {
        const string path = "vehicle";
        problems.Count($"{path}.batteries", vehicle.Batteries.Count, 1, 8, "batteries");
        problems.Each($"{path}.batteries", vehicle.Batteries, (at, battery) =>
        {
            problems.Within($"{at}.capacityAmpHours", battery.CapacityAmpHours, 1, 2000, "Ah");
            problems.Within($"{at}.stateOfCharge", battery.StateOfCharge, 0, 1);
            problems.Within($"{at}.internalMilliohms", battery.InternalMilliohms, 0.1, 1000, "mΩ");
            problems.Within($"{at}.peukertExponent", battery.PeukertExponent, 1, 1.6);
        });
        var series = vehicle.BatteryLink == BatteryLink.Series ? vehicle.Batteries.Count : 1;
        var known = RigValidation.SystemVolts.Contains(vehicle.SystemVolts);
        if (known && series * 12 != vehicle.SystemVolts && vehicle.Batteries.Count > 0)
            problems.Add($"{path}.batteryLink", $"Batteries of 12 V so joined give {series * 12} V, the system has {vehicle.SystemVolts} V.");
        if (known && vehicle.Alternator is { } alternator)
        {
            var cells = vehicle.SystemVolts / 12.0;
            problems.Within($"{path}.alternator.regulatedVolts", alternator.RegulatedVolts, 13 * cells, 15.5 * cells, "V");
            problems.Within($"{path}.alternator.idleAmps", alternator.IdleAmps, 1, 1000, "A");
            problems.Within($"{path}.alternator.cruiseAmps", alternator.CruiseAmps, 1, 1000, "A");
        }
        problems.Within($"{path}.houseLoadAmps", vehicle.HouseLoadAmps, 0, 500, "A");
        problems.Within($"{path}.keyOffDrainAmps", vehicle.KeyOffDrainAmps, 0, 10, "A");
        foreach (var (_, name, lamp) in VehicleSignal.All(vehicle))
        {
            problems.Within($"{path}.{name}.watts", lamp.Watts, 1, 1000, "W");
            problems.Within($"{path}.{name}.fuseAmps", lamp.FuseAmps, 1, 100, "A");
        }
        problems.Each($"{path}.auxOutputs", vehicle.AuxOutputs, (at, output) =>
        {
            problems.Within($"{at}.ratingAmps", output.RatingAmps, 1, 100, "A");
            problems.Wire($"{at}.leadWire", output.LeadWire);
            problems.Above($"{at}.leadMetres", output.LeadMetres, 0, 100, "m");
        });
        problems.Each($"{path}.passThroughs", vehicle.PassThroughs, (at, lead) =>
        {
            problems.Wire($"{at}.wire", lead.Wire);
            problems.Above($"{at}.lengthMetres", lead.LengthMetres, 0, 100, "m");
        });
        problems.Each($"{path}.trailerPins", vehicle.TrailerPins, (at, pin) =>
        {
            problems.Wire($"{at}.leadWire", pin.LeadWire);
            problems.Above($"{at}.leadMetres", pin.LeadMetres, 0, 100, "m");
        });
        problems.Each($"{path}.fuseSlots", vehicle.FuseSlots, (at, slot) =>
        {
            problems.Within($"{at}.ratingAmps", slot.RatingAmps, 1, 200, "A");
            problems.Within($"{at}.loadAmps", slot.LoadAmps, 0, 200, "A");
        });
    }
}
