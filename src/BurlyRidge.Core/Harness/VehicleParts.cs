using BurlyRidge.Core.Network;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>The vehicle's own electrics as elements.</summary>
internal static class VehicleParts
{
    private const double AlternatorOhms = 0.005;
    private const double NominalVolts = 12;
    private const double StiffOhms = 1e-4;

    public static void Add(HarnessBuilder harness)
    {
        var vehicle = harness.Rig.Vehicle;
        Batteries(harness, vehicle);
        if (vehicle.Alternator is { } alternator)
        {
            var source = harness.Circuit.Add(new RegulatedSource("alternator", harness.Node(harness.SystemPlus), Circuit.Reference,
                alternator.RegulatedVolts, AlternatorOhms * harness.Cells, alternator.CruiseAmps));
            harness.Put(state =>
            {
                source.Running = state.Engine != Engine.Off;
                source.LimitAmps = state.Engine == Engine.Idle ? alternator.IdleAmps : alternator.CruiseAmps;
            });
        }
        harness.SwitchedBy(state => state.Key, "ignition", harness.SystemPlus, "ignition.out", TypicalOhms.SwitchContact);
        if (vehicle.HouseLoadAmps > 0)
            harness.Resistor("house", "ignition.out", PartBook.Body, harness.SystemVolts / vehicle.HouseLoadAmps);
        if (vehicle.KeyOffDrainAmps > 0)
            harness.Resistor("drain", harness.SystemPlus, PartBook.Body, harness.SystemVolts / vehicle.KeyOffDrainAmps);
        foreach (var signal in VehicleSignal.All(vehicle)) Lamps(harness, signal);
        foreach (var output in vehicle.AuxOutputs) Output(harness, output);
        foreach (var lead in vehicle.PassThroughs)
            harness.FactoryLead(lead.Id, $"{lead.Id}.a", $"{lead.Id}.b", lead.Wire, lead.LengthMetres);
        foreach (var pin in vehicle.TrailerPins)
            harness.FactoryLead(pin.Id, pin.Carries is { } carried ? VehicleSignal.Of(vehicle, carried).Plus : PartBook.Body, $"{pin.Id}.pin", pin.LeadWire, pin.LeadMetres);
        foreach (var slot in vehicle.FuseSlots) Slot(harness, slot);
    }

    /// <summary>
    /// Open-circuit voltage at rest, 25 °C, of a 12 V lead-acid battery (common practice, no source): 11.8 V flat, 12.0, 12.2
    /// and 12.4 V by quarters, 12.7 V full; straight between.
    /// </summary>
    public static double OpenVolts(double stateOfCharge)
    {
        double[] volts = [11.8, 12.0, 12.2, 12.4, 12.7];
        var quarter = Math.Clamp(stateOfCharge, 0, 1) * 4;
        var below = Math.Min(3, (int)quarter);
        return volts[below] + (quarter - below) * (volts[below + 1] - volts[below]);
    }

    private static void Batteries(HarnessBuilder harness, Vehicle vehicle)
    {
        const double chargingVolts = 14.4;
        const double acceptedHours = 5;
        for (var i = 0; i < vehicle.Batteries.Count; i++)
        {
            var battery = vehicle.Batteries[i];
            var (plus, minus) = ($"{battery.Id}.plus", $"{battery.Id}.minus");
            var open = OpenVolts(battery.StateOfCharge);
            var ohms = battery.InternalMilliohms / 1000;
            var accepting = (chargingVolts - open) / (battery.CapacityAmpHours / acceptedHours);
            var charging = Math.Max(ohms, accepting);
            var element = harness.Circuit.Add(new BatteryElement(battery.Id, harness.Node(plus), harness.Node(minus), open, ohms, charging));
            harness.Supply(nominal => (element.OpenVolts, element.Ohms, element.ChargeOhms) =
                nominal ? (NominalVolts, StiffOhms, StiffOhms) : (open, ohms, charging));
            var inSeries = vehicle.BatteryLink == BatteryLink.Series;
            harness.Resistor($"{battery.Id}.strap", minus,
                inSeries && i > 0 ? $"{vehicle.Batteries[i - 1].Id}.plus" : PartBook.Body, TypicalOhms.BatteryCable);
            if (vehicle.BatteryLink == BatteryLink.Parallel && i > 0)
                harness.Resistor($"{battery.Id}.link", $"{vehicle.Batteries[0].Id}.plus", plus, TypicalOhms.BatteryCable);
        }
    }

    /// <summary>Lamps between their two wires, one of them switched: so either style behaves as it does on the vehicle.</summary>
    private static void Lamps(HarnessBuilder harness, VehicleSignal of)
    {
        var (signal, name, lamp) = of;
        var (plus, minus) = (of.Plus, of.Minus);
        harness.Circuit.Add(new FilamentLamp(name, harness.Node(plus), harness.Node(minus), lamp.Watts, harness.SystemVolts));
        if (lamp.Switched == SwitchedSide.Plus)
        {
            harness.SwitchedBy(state => state.Has(signal), $"{name}.switch", harness.SystemPlus, plus, TypicalOhms.FactoryWiring);
            harness.Resistor($"{name}.return", minus, PartBook.Body, TypicalOhms.NearBody);
        }
        else
        {
            harness.Resistor($"{name}.feed", harness.SystemPlus, plus, TypicalOhms.FactoryWiring);
            harness.SwitchedBy(state => state.Has(signal), $"{name}.switch", minus, PartBook.Body, TypicalOhms.NearBody);
        }
    }

    private static void Output(HarnessBuilder harness, AuxOutput output)
    {
        var feed = output.Feed == Feed.Battery ? harness.SystemPlus : "ignition.out";
        harness.Resistor($"{output.Id}.fuse", feed, $"{output.Id}.fused", FuseTable.WarmOhms(output.RatingAmps) + TypicalOhms.Holder);
        harness.SwitchedBy(state => state.Pressed.Contains(output.Id),
            $"{output.Id}.switch", $"{output.Id}.fused", $"{output.Id}.switched", TypicalOhms.RelayContact);
        harness.FactoryLead(output.Id, $"{output.Id}.switched", $"{output.Id}.out", output.LeadWire, output.LeadMetres);
    }

    private static void Slot(HarnessBuilder harness, FuseSlot slot)
    {
        var feed = slot.Feed == Feed.Battery ? harness.SystemPlus : "ignition.out";
        harness.Resistor($"{slot.Id}.feed", feed, $"{slot.Id}.tap", TypicalOhms.NearBody);
        if (slot.LoadAmps <= 0) return;
        harness.Resistor($"{slot.Id}.fuse", $"{slot.Id}.tap", $"{slot.Id}.fused", FuseTable.WarmOhms(slot.RatingAmps) + TypicalOhms.Holder);
        harness.Resistor($"{slot.Id}.load", $"{slot.Id}.fused", PartBook.Body, harness.SystemVolts / slot.LoadAmps);
    }
}
