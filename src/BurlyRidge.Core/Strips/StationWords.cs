using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Strips;

/// <summary>What an element of the network is to a fitter.</summary>
/// <param name="Part">Id of the rig's part; empty for what is the vehicle's own and cannot be chosen.</param>
internal sealed record StationWord(StripKind Kind, string Part, string Name, string Detail, double LengthMetres = 0);

/// <summary>Finds the words for elements by their ids.</summary>
internal sealed class StationWords
{
    private readonly Rig rig;
    private readonly Dictionary<string, Func<string, StationWord>> byPart = new(StringComparer.Ordinal);
    private readonly Dictionary<string, Run> runs;

    /// <summary>Reads a rig whose lines are all wired.</summary>
    public StationWords(Rig rig)
    {
        this.rig = rig;
        runs = rig.Runs.ToDictionary(run => run.Id, StringComparer.Ordinal);
        foreach (var battery in rig.Vehicle.Batteries)
            byPart[battery.Id] = pin => new(pin is "plus" or "minus" ? StripKind.Source : StripKind.Lead, battery.Id, pin is "plus" or "minus" ? battery.Id : "battery cable", pin is "plus" or "minus" ? $"{pin} post" : "");
        byPart["ignition"] = _ => new(StripKind.Signal, "", "key", "on");
        foreach (var signal in VehicleSignal.All(rig.Vehicle)) byPart[signal.Name] = inside => Signal(signal, inside);
        foreach (var output in rig.Vehicle.AuxOutputs) byPart[output.Id] = inside => Output(output, inside);
        foreach (var lead in rig.Vehicle.PassThroughs) byPart[lead.Id] = _ => new(StripKind.Lead, lead.Id, $"{lead.Wire} pass-through", lead.Colour, lead.LengthMetres);
        foreach (var pin in rig.Vehicle.TrailerPins) byPart[pin.Id] = _ => new(StripKind.Lead, pin.Id, $"{pin.LeadWire} to the socket", pin.Carries is { } carries ? Say.Kind(carries) : "earth", pin.LeadMetres);
        foreach (var slot in rig.Vehicle.FuseSlots) byPart[slot.Id] = _ => new(StripKind.Lead, slot.Id, $"fuse slot {slot.Id}", slot.Serves);
        foreach (var device in rig.Protection) byPart[device.Id] = _ => new(StripKind.Fuse, device.Id, device.Breaker ? $"{device.Fuse.RatingAmps} A breaker" : device.Fuse.ToString(), device.Id);
        foreach (var relay in rig.Relays) byPart[relay.Id] = inside => Relay(relay, inside);
        foreach (var part in rig.Switches) byPart[part.Id] = inside => new(StripKind.Switch, part.Id, part.Id, inside.Replace("-", " to ", StringComparison.Ordinal));
        foreach (var box in rig.PowerBoxes) byPart[box.Id] = inside => Box(box, inside);
        foreach (var joint in rig.Joints) byPart[joint.Id] = _ => new(StripKind.Joint, joint.Id, Name(joint.Kind), joint.Id);
        foreach (var earth in rig.Earths) byPart[earth.Id] = _ => new(StripKind.Earth, earth.Id, earth.Kind == EarthKind.Stud ? "stud" : "post", earth.Id);
        foreach (var fixture in rig.Fixtures) byPart[fixture.Id] = inside => Lamp(fixture, inside);
        foreach (var load in rig.Loads) byPart[load.Id] = _ => new(StripKind.Lamp, load.Id, load.Name, $"{load.Amps:0.#} A");
        foreach (var converter in rig.Converters) byPart[converter.Id] = _ => new(StripKind.Source, converter.Id, converter.Name, $"{converter.OutputVolts:0.#} V");
        foreach (var panel in rig.SolarPanels) byPart[panel.Id] = _ => new(StripKind.Source, panel.Id, panel.Id, "solar");
    }

    /// <summary>A run of the rig; null where the element is none.</summary>
    public Run? RunOf(string element) => runs.GetValueOrDefault(element);

    /// <summary>The element of that id.</summary>
    public StationWord Of(string element)
    {
        if (runs.TryGetValue(element, out var run))
            return new(StripKind.Run, run.Id, run.Wire, run.Colour.Length > 0 ? $"{Say.Metres(run.LengthMetres, rig.HouseRules.Units)} {run.Colour}" : Say.Metres(run.LengthMetres, rig.HouseRules.Units), run.LengthMetres);
        var (part, inside) = PartBook.Split(element);
        return byPart.TryGetValue(part, out var word) ? word(inside) : new(StripKind.Lead, "", element, "");
    }

    /// <summary>Grommets that a run goes through.</summary>
    public IReadOnlyList<string> Passes(string element) =>
        runs.GetValueOrDefault(element) is { } run && run.Zones.Contains(Zone.Cabin) && run.Zones.Count > 1 ? ["through the bulkhead"] : [];

    /// <summary>What a joint is called.</summary>
    public static string Name(JointKind kind) => kind switch
    {
        JointKind.Crimp => "crimp",
        JointKind.Solder => "solder joint",
        JointKind.Plug => "plug",
        JointKind.Tap => "tap",
        JointKind.Terminal => "terminal",
        _ => "cap",
    };

    private static StationWord Signal(VehicleSignal of, string inside) => inside switch
    {
        "switch" => new(StripKind.Signal, "", Say.Kind(of.Signal), of.Lamp.Switched == SwitchedSide.Plus ? "on" : "on, to earth"),
        "" => new(StripKind.Lamp, "", $"{Say.Kind(of.Signal)} lamps", $"{of.Lamp.Watts:0} W"),
        _ => new(StripKind.Lead, "", "the vehicle's own wire", Say.Kind(of.Signal)),
    };

    private static StationWord Output(AuxOutput output, string inside) => inside switch
    {
        "fuse" => new(StripKind.Fuse, output.Id, $"{output.RatingAmps} A fuse", $"of {output.Id}"),
        "switch" => new(StripKind.Output, output.Id, output.Id, "pressed"),
        _ => new(StripKind.Lead, output.Id, $"{output.LeadWire} lead", $"of {output.Id}", output.LeadMetres),
    };

    private static StationWord Relay(Relay relay, string inside) => inside switch
    {
        "contact" => new(StripKind.Relay, relay.Id, relay.Id, $"{relay.Pinout.Common} to {relay.Pinout.Open}"),
        "rest" => new(StripKind.Relay, relay.Id, relay.Id, $"{relay.Pinout.Common} to {relay.Pinout.Rest}, at rest"),
        _ => new(StripKind.Coil, relay.Id, $"coil of {relay.Id}", $"{relay.Pinout.CoilPlus} to {relay.Pinout.CoilMinus}"),
    };

    private static StationWord Box(PowerBox box, string inside)
    {
        foreach (var output in box.Outputs)
        {
            var slot = output.Slot is { } at ? $"slot {at}{(output.Legend.Length > 0 ? $", {output.Legend}" : "")}" : "";
            if (inside == $"{output.Id}-fuse") return new(StripKind.Fuse, box.Id, $"{output.RatingAmps} A fuse", $"of {box.Id} {output.Id}");
            if (inside == $"{output.Id}-contact") return new(StripKind.Output, box.Id, $"{box.Id} {output.Id}", output.WorkedBy == WorkedBy.Input ? $"worked by in-{output.Id}" : slot);
            if (inside == $"coil-{output.Id}") return new(StripKind.Coil, box.Id, $"input of {output.Id}", $"in-{output.Id} to minus");
        }
        return new(StripKind.Coil, box.Id, inside == "sense-input" ? $"sense of {box.Id}" : $"inside {box.Id}", inside == "sense-input" ? "key on" : inside);
    }

    private static StationWord Lamp(Fixture fixture, string inside)
    {
        var function = fixture.Functions.FirstOrDefault(function => function.Id == inside);
        return new(StripKind.Lamp, fixture.Id, fixture.Name, function is null ? fixture.Id : fixture.Functions.Count > 1 ? $"{fixture.Id}, {function.Id}" : $"{fixture.Id}, {function.Watts:0.#} W");
    }
}
