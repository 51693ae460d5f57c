namespace BurlyRidge.Core.Rigs;

/// <summary>Which parts a rig has, and which terminals they have.</summary>
public sealed class PartBook
{
    /// <summary>The vehicle's body as a terminal.</summary>
    public const string Body = "body";

    private readonly Dictionary<string, HashSet<string>?> pins = new(StringComparer.Ordinal);
    private readonly HashSet<string> functions = new(StringComparer.Ordinal);
    private readonly List<(string Path, string Id)> ids = [];

    private PartBook() { }

    /// <summary>Every part with the path of its id, in the order of the document; a part named twice stands twice.</summary>
    public IReadOnlyList<(string Path, string Id)> Ids => ids;

    /// <summary>Names of parts that the vehicle itself has.</summary>
    public static IReadOnlyList<string> Reserved { get; } = [Body, .. VehicleSignal.Names, "ignition"];

    /// <summary>Reads the parts of <paramref name="rig"/>.</summary>
    public static PartBook Of(Rig rig)
    {
        var book = new PartBook();
        var vehicle = rig.Vehicle;
        foreach (var signal in VehicleSignal.Names) book.pins[signal] = ["plus", "minus"];
        book.pins["ignition"] = ["out"];
        book.pins[Body] = [""];
        book.Add("vehicle.batteries", vehicle.Batteries, part => part.Id, _ => ["plus", "minus"]);
        book.Add("vehicle.auxOutputs", vehicle.AuxOutputs, part => part.Id, _ => ["out"]);
        book.Add("vehicle.passThroughs", vehicle.PassThroughs, part => part.Id, _ => ["a", "b"]);
        book.Add("vehicle.trailerPins", vehicle.TrailerPins, part => part.Id, _ => ["pin"]);
        book.Add("vehicle.fuseSlots", vehicle.FuseSlots, part => part.Id, _ => ["tap"]);
        book.Add("fixtures", rig.Fixtures, part => part.Id, FixturePins);
        book.Add("protection", rig.Protection, part => part.Id, _ => ["in", "out"]);
        book.Add("relays", rig.Relays, part => part.Id, RelayPins);
        book.Add("switches", rig.Switches, part => part.Id, SwitchPins);
        book.Add("powerBoxes", rig.PowerBoxes, part => part.Id, BoxPins);
        book.Add("joints", rig.Joints, part => part.Id, _ => null);
        book.Add("earths", rig.Earths, part => part.Id, _ => [""]);
        book.Add("loads", rig.Loads, part => part.Id, _ => ["plus", "minus"]);
        book.Add("converters", rig.Converters, part => part.Id, _ => ["in-plus", "in-minus", "out-plus", "out-minus"]);
        book.Add("solarPanels", rig.SolarPanels, part => part.Id, _ => ["plus", "minus"]);
        foreach (var fixture in rig.Fixtures.Where(fixture => fixture is not null))
            foreach (var function in fixture.Functions.Where(function => function is not null))
                book.functions.Add($"{fixture.Id}.{function.Id}");
        return book;
    }

    /// <summary>Whether a run may end at <paramref name="terminal"/>.</summary>
    public bool HasTerminal(string terminal)
    {
        var (part, pin) = Split(terminal);
        return pins.TryGetValue(part, out var known) && (known is null ? pin.Length > 0 : known.Contains(pin));
    }

    /// <summary>Whether there is a lamp called "fixture.function".</summary>
    public bool HasFunction(string name) => functions.Contains(name);

    /// <summary>Part and pin of a terminal; the pin of "body" or of an earth is empty.</summary>
    public static (string Part, string Pin) Split(string terminal)
    {
        var dot = terminal.IndexOf('.', StringComparison.Ordinal);
        return dot < 0 ? (terminal, "") : (terminal[..dot], terminal[(dot + 1)..]);
    }

    private void Add<T>(string path, IReadOnlyList<T> parts, Func<T, string> id, Func<T, HashSet<string>?> pinsOf) where T : class
    {
        for (var i = 0; i < parts.Count; i++)
        {
            if (parts[i] is not { } part) continue;
            ids.Add(($"{path}[{i}].id", id(part)));
            pins[id(part)] = pinsOf(part);
        }
    }

    private static HashSet<string> FixturePins(Fixture fixture) =>
    [
        .. fixture.Functions.Where(function => function is not null).SelectMany(function =>
            function.DimPin is null ? [function.Plus, function.Minus] : new[] { function.Plus, function.Minus, function.DimPin }),
        .. fixture.SparePins,
    ];

    private static HashSet<string> RelayPins(Relay relay)
    {
        var pinout = relay.Pinout;
        HashSet<string> pins = [pinout.CoilPlus, pinout.CoilMinus, pinout.Common, pinout.Open];
        if (pinout.Rest is not null) pins.Add(pinout.Rest);
        return pins;
    }

    private static HashSet<string> SwitchPins(Switch part) =>
    [
        .. part.Positions.Where(position => position is not null)
            .SelectMany(position => position.Joins).Where(pair => pair is not null).SelectMany(pair => new[] { pair.A, pair.B }),
        .. part.Lamps.Where(lamp => lamp is not null).SelectMany(lamp => new[] { lamp.Plus, lamp.Minus }),
    ];

    private static HashSet<string> BoxPins(PowerBox box) =>
    [
        "plus", "minus", "sense",
        .. box.Outputs.Where(output => output is not null).SelectMany(output =>
            output.WorkedBy == WorkedBy.Input ? [output.Id, $"in-{output.Id}"] : new[] { output.Id }),
    ];
}
