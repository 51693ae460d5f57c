using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks;

/// <summary>The vehicle's signals with the wire that turns.</summary>
internal static class Signals
{
    /// <summary>Every signal, its lamp, and the terminal of the wire that goes on and off.</summary>
    public static IEnumerable<(Signal Signal, string Name, SignalLamp Lamp, string Wire)> Of(Vehicle vehicle)
    {
        yield return One(Signal.HighBeam, "highBeam", vehicle.HighBeam);
        yield return One(Signal.Reverse, "reverse", vehicle.Reverse);
        yield return One(Signal.SideLight, "sideLight", vehicle.SideLight);
    }

    /// <summary>As a fitter says it.</summary>
    public static string Say(Signal signal) => signal switch
    {
        Signal.HighBeam => "high beam",
        Signal.Reverse => "reversing lamp",
        _ => "side light",
    };

    private static (Signal, string, SignalLamp, string) One(Signal signal, string name, SignalLamp lamp) =>
        (signal, name, lamp, lamp.Switched == SwitchedSide.Plus ? $"{name}.plus" : $"{name}.minus");
}
