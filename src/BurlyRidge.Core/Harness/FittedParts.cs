using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>What is fitted to the vehicle as elements, each part by itself; runs join them.</summary>
internal static class FittedParts
{
    private const double DimPullUpOhms = 10_000;
    private const double SenseOhms = 1_200;
    private const double ConverterOhms = 0.010;
    private const double SolarOhms = 0.050;

    public static void Add(HarnessBuilder harness)
    {
        var rig = harness.Rig;
        foreach (var fixture in rig.Fixtures)
            foreach (var function in fixture.Functions)
                Lamp(harness, fixture, function);
        foreach (var device in rig.Protection)
        {
            harness.Resistor(device.Id, $"{device.Id}.in", $"{device.Id}.out",
                device.Breaker ? TypicalOhms.Breaker : FuseTable.WarmOhms(device.Fuse) + TypicalOhms.Holder);
        }
        foreach (var relay in rig.Relays) Relay(harness, relay);
        foreach (var part in rig.Switches) Switch(harness, part);
        foreach (var box in rig.PowerBoxes) Box(harness, box);
        foreach (var earth in rig.Earths) Earth(harness, earth);
        foreach (var load in rig.Loads.Where(load => load.On))
            harness.Resistor(load.Id, $"{load.Id}.plus", $"{load.Id}.minus", harness.SystemVolts / load.Amps);
        foreach (var converter in rig.Converters) Convert(harness, converter);
        foreach (var panel in rig.SolarPanels)
        {
            harness.Circuit.Add(new RegulatedSource(
                panel.Id, harness.Node($"{panel.Id}.plus"), harness.Node($"{panel.Id}.minus"), panel.RegulatedVolts, SolarOhms, panel.Amps));
        }
        Joints(harness);
    }

    private static void Lamp(HarnessBuilder harness, Fixture fixture, LampFunction function)
    {
        var id = $"{fixture.Id}.{function.Id}";
        var plus = harness.Node($"{fixture.Id}.{function.Plus}");
        var minus = harness.Node($"{fixture.Id}.{function.Minus}");
        switch (function.Kind)
        {
            case LampKind.RegulatedLed:
                var lamp = harness.Circuit.Add(new RegulatedLamp(
                    id, plus, minus, function.Watts, function.TurnsOnAt(), function.DropsOutAt()));
                if (function.DimPin is { } pin) Dim(harness, fixture, function, lamp, $"{fixture.Id}.{pin}");
                break;
            case LampKind.ResistorLed:
                harness.Circuit.Add(new Resistor(id, plus, minus, function.RatedVolts * function.RatedVolts / function.Watts));
                break;
            default:
                harness.Circuit.Add(new FilamentLamp(id, plus, minus, function.Watts, function.RatedVolts));
                break;
        }
    }

    /// <summary>The dim lead is held up inside the lamp; drawn down to earth, it dims.</summary>
    private static void Dim(HarnessBuilder harness, Fixture fixture, LampFunction function, RegulatedLamp lamp, string dim)
    {
        harness.Resistor($"{lamp.Id}.pull-up", $"{fixture.Id}.{function.Plus}", dim, DimPullUpOhms);
        var controller = harness.Circuit.Add(new Controller($"{lamp.Id}.dim", harness.Node(dim), lamp.To, 4, 2, EitherWay: false));
        harness.Circuit.Dim(lamp, controller, function.DimFraction);
    }

    /// <summary>
    /// A relay of ISO 7588 kind (typical): 12 V coil 88 Ω, sure to pull in at 8 V and to drop out at 1 V; 24 V coil 340 Ω, 16
    /// and 2.4 V; resistance and pull-in rise with the copper's temperature.
    /// </summary>
    private static void Relay(HarnessBuilder harness, Relay relay)
    {
        var of24 = (relay.CoilVolts ?? harness.Rig.Vehicle.SystemVolts) == 24;
        var warm = Copper.ResistanceFactor(relay.CoilCelsius);
        var pins = relay.Pinout;
        string Pin(string pin) => $"{relay.Id}.{pin}";
        harness.Resistor($"{relay.Id}.coil", Pin(pins.CoilPlus), Pin(pins.CoilMinus), (relay.CoilOhms ?? (of24 ? 340 : 88)) * warm);
        if (relay.CoilDiode)
            harness.Circuit.Add(new Diode($"{relay.Id}.diode", harness.Node(Pin(pins.CoilMinus)), harness.Node(Pin(pins.CoilPlus))));
        var coil = harness.Circuit.Add(new Controller(relay.Id,
            harness.Node(Pin(pins.CoilPlus)), harness.Node(Pin(pins.CoilMinus)),
            (of24 ? 16 : 8) * warm, of24 ? 2.4 : 1, EitherWay: true));
        var open = harness.Contact($"{relay.Id}.contact", Pin(pins.Common), Pin(pins.Open), TypicalOhms.RelayContact);
        harness.Circuit.Close(open, true, (coil, true));
        if (pins.Rest is not { } rest) return;
        harness.Circuit.Close(harness.Contact($"{relay.Id}.rest", Pin(pins.Common), Pin(rest), TypicalOhms.RelayContact), true, (coil, false));
    }

    private static void Switch(HarnessBuilder harness, Switch part)
    {
        var positions = part.Positions.Select(position => (position.Name, Joined: position.Joins.Select(pair => pair.Ordered()).ToHashSet())).ToList();
        bool Joins(RigState state, PinPair pair)
        {
            var name = state.Switches.GetValueOrDefault(part.Id);
            var now = positions.FindIndex(position => position.Name == name);
            return positions[Math.Max(now, 0)].Joined.Contains(pair);
        }
        foreach (var pair in positions.SelectMany(position => position.Joined).Distinct())
            harness.SwitchedBy(state => Joins(state, pair), $"{part.Id}.{pair.A}-{pair.B}", $"{part.Id}.{pair.A}", $"{part.Id}.{pair.B}", TypicalOhms.SwitchContact);
        foreach (var lamp in part.Lamps)
        {
            var id = $"{part.Id}.{lamp.Id}";
            var (plus, minus) = ($"{part.Id}.{lamp.Plus}", $"{part.Id}.{lamp.Minus}");
            if (lamp.Kind == LampKind.Filament)
                harness.Circuit.Add(new FilamentLamp(id, harness.Node(plus), harness.Node(minus), lamp.Watts, harness.SystemVolts));
            else
                harness.Resistor(id, plus, minus, harness.SystemVolts * harness.SystemVolts / lamp.Watts);
        }
    }

    private static void Box(HarnessBuilder harness, PowerBox box)
    {
        string Pin(string pin) => $"{box.Id}.{pin}";
        var (plus, minus) = (harness.Node(Pin("plus")), harness.Node(Pin("minus")));
        harness.Resistor(Pin("electronics"), Pin("plus"), Pin("minus"), harness.SystemVolts / box.SleepAmps);
        harness.Resistor(Pin("sense-input"), Pin("sense"), Pin("minus"), SenseOhms);
        var awake = harness.Circuit.Add(new Controller(box.Id, plus, minus, 6 * harness.Cells, 5 * harness.Cells, EitherWay: false));
        var sensed = harness.Circuit.Add(new Controller(Pin("sense"), harness.Node(Pin("sense")), minus, 7 * harness.Cells, 3 * harness.Cells, EitherWay: false));
        foreach (var output in box.Outputs)
        {
            harness.Resistor(Pin($"{output.Id}-fuse"), Pin("plus"), Pin($"{output.Id}-fused"), FuseTable.WarmOhms(output.RatingAmps) + TypicalOhms.Holder);
            var contact = harness.Contact(Pin($"{output.Id}-contact"), Pin($"{output.Id}-fused"), Pin(output.Id), TypicalOhms.RelayContact);
            var when = new List<(int, bool)> { (awake, true) };
            if (output.Follows == Feed.Ignition) when.Add((sensed, true));
            if (output.WorkedBy == WorkedBy.Input)
            {
                var input = Pin($"in-{output.Id}");
                harness.Resistor(Pin($"coil-{output.Id}"), input, Pin("minus"), harness.Cells > 1 ? 340 : 88);
                when.Add((harness.Circuit.Add(new Controller(input, harness.Node(input), minus, 8 * harness.Cells, harness.Cells > 1 ? 2.4 : 1, EitherWay: true)), true));
            }
            var slot = Pin(output.Id);
            harness.AskedBy(state => output.WorkedBy == WorkedBy.Input || state.Pressed.Contains(slot), contact, [.. when]);
        }
    }

    private static void Earth(HarnessBuilder harness, Earth earth)
    {
        if (earth.Kind == EarthKind.Stud)
        {
            harness.Resistor(earth.Id, earth.Id, PartBook.Body, (earth.StudMilliohms + earth.BodyMilliohms) / 1000);
            return;
        }
        var battery = earth.On ?? harness.Rig.Vehicle.Batteries[0].Id;
        harness.Resistor(earth.Id, earth.Id, $"{battery}.minus", earth.StudMilliohms / 1000);
    }

    private static void Convert(HarnessBuilder harness, Converter converter)
    {
        int Pin(string pin) => harness.Node($"{converter.Id}.{pin}");
        var output = harness.Circuit.Add(new RegulatedSource(
            converter.Id, Pin("out-plus"), Pin("out-minus"), converter.OutputVolts, ConverterOhms, converter.LimitAmps));
        harness.Circuit.Add(new ConverterInput(
            $"{converter.Id}.input", Pin("in-plus"), Pin("in-minus"), output, converter.Efficiency, converter.LowestInputVolts));
        var fed = harness.Circuit.Add(new Controller(
            converter.Id, Pin("in-plus"), Pin("in-minus"), converter.LowestInputVolts * 1.05, converter.LowestInputVolts, EitherWay: false));
        harness.Circuit.Run(output, fed);
    }

    private static void Joints(HarnessBuilder harness)
    {
        var ends = harness.Rig.Runs.SelectMany(run => new[] { run.From, run.To }).Distinct().ToLookup(end => PartBook.Split(end).Part, StringComparer.Ordinal);
        foreach (var joint in harness.Rig.Joints)
        {
            var half = (joint.Milliohms / 1000 ?? TypicalOhms.Of(joint.Kind)) / 2;
            foreach (var end in ends[joint.Id]) harness.Resistor($"{end}.half", end, joint.Id, half);
        }
    }
}
