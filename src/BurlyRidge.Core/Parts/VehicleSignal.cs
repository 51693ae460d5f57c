using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Parts;

/// <summary>Lamps of the vehicle that a signal is taken from.</summary>
public sealed record SignalLamp
{
    /// <summary>All lamps of this signal together, W at system volts.</summary>
    public double Watts { get; init; } = 60;

    /// <summary>Which wire is switched: the plus, or the minus with plus always live.</summary>
    public SwitchedSide Switched { get; init; } = SwitchedSide.Plus;

    /// <summary>Whether a control module drives it, from which no more than coil current may be taken.</summary>
    public bool ModuleDriven { get; init; }

    /// <summary>Whether it is pulsed, or watched for its lamp; a coil across it may hum or set a warning.</summary>
    public bool Pulsed { get; init; }

    /// <summary>The vehicle's own fuse before it, A.</summary>
    public double FuseAmps { get; init; } = 15;
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
    public string Turning => Lamp.Switched == SwitchedSide.Plus ? Plus : Minus;

    /// <summary>Every signal of <paramref name="vehicle"/>.</summary>
    public static IReadOnlyList<VehicleSignal> All(Vehicle vehicle) => [.. Enum.GetValues<Signal>().Select(signal => Of(vehicle, signal))];

    /// <summary>One signal of <paramref name="vehicle"/>.</summary>
    public static VehicleSignal Of(Vehicle vehicle, Signal signal) => new(signal, NameOf(signal), signal switch
    {
        Signal.HighBeam => vehicle.HighBeam,
        Signal.Reverse => vehicle.Reverse,
        _ => vehicle.SideLight,
    });

    /// <summary>The part of that name in terminals and in the document.</summary>
    public static string NameOf(Signal signal) => signal switch
    {
        Signal.HighBeam => "highBeam",
        Signal.Reverse => "reverse",
        _ => "sideLight",
    };

    /// <inheritdoc/>
    string IPart.Id => Name;

    /// <inheritdoc/>
    string IPart.Name => Signal.Word();

    /// <inheritdoc/>
    public string PinName(string pin) => pin == "minus" ? "earth side" : "wire";

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["plus", "minus"];

    /// <summary>Lamps between their two wires, one of them switched: so either style behaves as it does on the vehicle.</summary>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        var live = around.Vehicle.SystemPlus;
        var fuse = Law.Fuse.InHolder(FuseTable.AtLeast(Lamp.FuseAmps)) with { HolderOhms = 0 };
        // The vehicle's own wiring as a whole is known; its fuse is a part of that.
        var rest = Math.Max(TypicalOhms.FactoryWiring - fuse.Ohms, TypicalOhms.FactoryWiring / 10);
        IReadOnlyList<Need> on = [new Need.SignalOn(Signal)];
        yield return new PartElement(Name, Plus, Minus, new Law.Filament(Lamp.Watts, around.SystemVolts));
        yield return new PartElement($"{Name}.fuse", live, $"{Name}.fused", fuse);
        if (Lamp.Switched == SwitchedSide.Plus)
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
        "switch" => new(StripKind.Signal, "", Signal.Word(), Lamp.Switched == SwitchedSide.Plus ? "on" : "on, to earth"),
        "fuse" => new(StripKind.Fuse, "", $"{Format.RatedAmps(Lamp.FuseAmps)} fuse", Signal.Word()),
        "" => new(StripKind.Lamp, "", $"{Signal.Word()} lamps", Format.Watts(Lamp.Watts)),
        _ => new(StripKind.Lead, "", "the vehicle's own wire", Signal.Word()),
    };

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.watts", Lamp.Watts, 1, 1000, "W");
        problems.Within($"{path}.fuseAmps", Lamp.FuseAmps, 1, 100, "A");
    }
}
