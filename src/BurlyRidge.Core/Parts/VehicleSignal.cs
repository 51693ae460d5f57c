using System.Text.Json;
using System.Text.Json.Serialization;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Parts;

/// <summary>Lamps of the vehicle that a signal is taken from.</summary>
public sealed record SignalLamp
{
    /// <summary>All lamps of this signal together, W at system volts; null: not specified, <see cref="UsualWatts"/> are taken.</summary>
    public double? Watts { get; init; }

    /// <summary>Which wire is switched: the plus, or the minus with plus always live; null: not specified, the plus is taken.</summary>
    public SwitchedSide? Switched { get; init; }

    /// <summary>Whether a control module drives it, from which no more than coil current may be taken; null: not specified, none is taken to.</summary>
    public bool? ModuleDriven { get; init; }

    /// <summary>Whether it is pulsed, or watched for its lamp; a coil across it may hum or set a warning. Null: not specified, it is taken as steady.</summary>
    public bool? Pulsed { get; init; }

    /// <summary>The vehicle's own fuse before it, A; null: not specified, <see cref="UsualFuseAmps"/> is taken.</summary>
    public double? FuseAmps { get; init; }

    /// <summary>Where its wires were found.</summary>
    public IReadOnlyList<FoundWire> Wires { get; init; } = [];

    /// <summary>Lamps of a signal together, W (typical, no source).</summary>
    public const double UsualWatts = 60;

    /// <summary>A vehicle's own fuse before a signal, A (typical, no source).</summary>
    public const double UsualFuseAmps = 15;

    /// <summary>The watts that it is judged by, W.</summary>
    [JsonIgnore]
    public double TakenWatts => Watts ?? UsualWatts;

    /// <summary>The fuse that it is judged by, A.</summary>
    [JsonIgnore]
    public double TakenFuseAmps => FuseAmps ?? UsualFuseAmps;

    /// <summary>Whether the wire to the body is switched.</summary>
    [JsonIgnore]
    public bool ToEarth => Switched == SwitchedSide.Minus;
}

/// <summary>Which wire of a lamp is switched.</summary>
public enum SwitchedSide
{
    /// <summary>The wire from the battery.</summary>
    Plus,

    /// <summary>The wire to the body.</summary>
    Minus,
}

/// <summary>A signal of the vehicle with its lamps.</summary>
/// <param name="Name">The part that its terminals are named by.</param>
public sealed record VehicleSignal(Signal Signal, string Name, SignalLamp Lamp) : IPart
{
    /// <summary>Every signal's name, in the order of <see cref="Parts.Signal"/>.</summary>
    public static IReadOnlyList<string> Names { get; } = [.. Enum.GetValues<Signal>().Select(NameOf)];

    /// <summary>Terminal at the lamps' plus.</summary>
    public string Plus => $"{Name}.plus";

    /// <summary>Terminal at the lamps' minus.</summary>
    public string Minus => $"{Name}.minus";

    /// <summary>Terminal of the wire that goes on and off.</summary>
    public string Turning => Lamp.ToEarth ? Minus : Plus;

    /// <summary>The signals of <paramref name="vehicle"/>: the three that every vehicle has, and those that somebody described or that a pin of its socket carries.</summary>
    public static IReadOnlyList<VehicleSignal> All(Vehicle vehicle) =>
    [
        .. from signal in Enum.GetValues<Signal>()
           let lamp = LampOf(vehicle, signal)
           where lamp is not null || vehicle.TrailerPins.Any(pin => pin?.Carries == signal)
           select new VehicleSignal(signal, NameOf(signal), lamp ?? new SignalLamp()),
    ];

    /// <summary>One signal of <paramref name="vehicle"/>.</summary>
    public static VehicleSignal Of(Vehicle vehicle, Signal signal) => new(signal, NameOf(signal), LampOf(vehicle, signal) ?? new SignalLamp());

    private static SignalLamp? LampOf(Vehicle vehicle, Signal signal) => signal switch
    {
        Signal.HighBeam => vehicle.HighBeam,
        Signal.Reverse => vehicle.Reverse,
        Signal.SideLight => vehicle.SideLight,
        Signal.LowBeam => vehicle.LowBeam,
        Signal.BrakeLamp => vehicle.BrakeLamp,
        Signal.IndicatorLeft => vehicle.IndicatorLeft,
        Signal.IndicatorRight => vehicle.IndicatorRight,
        _ => throw new ArgumentOutOfRangeException(nameof(signal), signal, "unknown signal"),
    };

    /// <summary>The part of that name in terminals and in the document.</summary>
    public static string NameOf(Signal signal) => JsonNamingPolicy.CamelCase.ConvertName($"{signal}");

    /// <inheritdoc/>
    string IPart.Id => Name;

    /// <inheritdoc/>
    string IPart.Name => Signal.Word();

    /// <inheritdoc/>
    public string PinName(string pin) => pin == "minus" ? PartWords.EarthSide : PartWords.Wire;

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["plus", "minus"];

    /// <summary>Lamps between their two wires, one of them switched: so either style behaves as it does on the vehicle.</summary>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        var live = around.Vehicle.SystemPlus;
        var fuse = Law.Fuse.InHolder(FuseTable.AtLeast(Lamp.TakenFuseAmps)) with { HolderOhms = 0 };
        // The vehicle's own wiring as a whole is known; its fuse is a part of that.
        var rest = Math.Max(TypicalOhms.FactoryWiring - fuse.Ohms, TypicalOhms.FactoryWiring / 10);
        IReadOnlyList<Need> on = [new Need.SignalOn(Signal)];
        yield return new PartElement(Name, Plus, Minus, new Law.Filament(Lamp.TakenWatts, around.SystemVolts));
        yield return new PartElement($"{Name}.fuse", live, $"{Name}.fused", fuse);
        if (!Lamp.ToEarth)
        {
            yield return new PartElement($"{Name}.switch", $"{Name}.fused", Plus, new Law.Contact(rest)) { Needs = on };
            yield return new PartElement($"{Name}.return", Minus, Vehicle.Body, new Law.Joint(TypicalOhms.NearBody));
            yield break;
        }
        yield return new PartElement($"{Name}.feed", $"{Name}.fused", Plus, new Law.Joint(rest));
        yield return new PartElement($"{Name}.switch", Minus, Vehicle.Body, new Law.Contact(TypicalOhms.NearBody)) { Needs = on };
    }

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => inside switch
    {
        "switch" => new(StripKind.Signal, "", Signal.Word(), Lamp.ToEarth ? PartWords.OnToEarth : "on"),
        "fuse" => new(StripKind.Fuse, "", PartWords.FormatFuse(Format.RatedAmps(Lamp.TakenFuseAmps)), Signal.Word()),
        "" => new(StripKind.Lamp, "", PartWords.FormatLamps(Signal.Word()), Format.Watts(Lamp.TakenWatts)),
        _ => new(StripKind.Lead, "", PartWords.TheVehicleSOwnWire, Signal.Word()),
    };

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        if (Lamp.Watts is { } watts) problems.Within($"{path}.watts", watts, 1, 1000, "W");
        if (Lamp.FuseAmps is { } amps) problems.Within($"{path}.fuseAmps", amps, 1, 100, "A");
        problems.Each($"{path}.wires", Lamp.Wires, (at, wire) => wire.Check(problems, at));
    }
}
