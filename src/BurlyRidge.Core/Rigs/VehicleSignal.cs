namespace BurlyRidge.Core.Rigs;

/// <summary>A signal of the vehicle with its lamps.</summary>
/// <param name="Name">The part that its terminals are named by.</param>
public sealed record VehicleSignal(Signal Signal, string Name, SignalLamp Lamp)
{
    /// <summary>Every signal's name, in the order of <see cref="Rigs.Signal"/>.</summary>
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
}
