using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Signals of the vehicle, and what takes them.</summary>
internal static class SignalFaults
{
    /// <summary>What somebody's old tap feeds, A (assumed, no source).</summary>
    private const double OldTapAmps = 2;

    public static IReadOnlyList<FaultKind> Kinds { get; } =
    [
        new("other-switching-style", part => FaultWords.FormatOtherSwitchingStyle(part), rig => Taken(rig).Select(signal => new FaultSite(signal.Name) { Alter = before => WithLamp(before, signal, signal.Lamp with { Switched = signal.Lamp.ToEarth ? SwitchedSide.Plus : SwitchedSide.Minus }) })),
        new("beam-wires-crossed", part => FaultWords.FormatBeamWiresCrossed(part), rig => Taken(rig).Where(signal => Rewiring.Wired(rig, signal.Plus) && Rewiring.Wired(rig, signal.Minus)).Select(signal => new FaultSite(signal.Name) { Alter = before => Rewiring.Swap(before, signal.Plus, signal.Minus) })),
        new("wrong-wire", part => FaultWords.FormatWrongWire(part), rig =>
            from signal in Taken(rig)
            let other = VehicleSignal.All(rig.Vehicle).FirstOrDefault(other => other.Name != signal.Name && other.Lamp.ToEarth == signal.Lamp.ToEarth)
            where other is not null
            select new FaultSite(signal.Name) { Alter = before => Rewiring.Move(before, signal.Turning, other.Turning) }),
        new("wrong-side", part => FaultWords.FormatWrongSide(part), rig => Taken(rig).Where(signal => Rewiring.Wired(rig, signal.Turning) && !Rewiring.Wired(rig, signal.Turning == signal.Plus ? signal.Minus : signal.Plus))
            .Select(signal => new FaultSite(signal.Name) { Alter = before => Rewiring.Move(before, signal.Turning, signal.Turning == signal.Plus ? signal.Minus : signal.Plus) })),
        new("old-tap-left", part => FaultWords.FormatOldTapLeft(part), rig => Taken(rig).Select(signal => new FaultSite(signal.Name, new Fault.Bridge(signal.Plus, signal.Lamp.ToEarth ? signal.Minus : Vehicle.Body, rig.Vehicle.SystemVolts / OldTapAmps)))),
    ];

    /// <summary>Signals that something is taken from.</summary>
    private static IEnumerable<VehicleSignal> Taken(Rig rig) => VehicleSignal.All(rig.Vehicle).Where(signal => Rewiring.Wired(rig, signal.Plus) || Rewiring.Wired(rig, signal.Minus));

    private static Rig WithLamp(Rig rig, VehicleSignal signal, SignalLamp lamp) => rig with
    {
        Vehicle = signal.Signal switch
        {
            Signal.HighBeam => rig.Vehicle with { HighBeam = lamp },
            Signal.Reverse => rig.Vehicle with { Reverse = lamp },
            Signal.SideLight => rig.Vehicle with { SideLight = lamp },
            Signal.LowBeam => rig.Vehicle with { LowBeam = lamp },
            Signal.BrakeLamp => rig.Vehicle with { BrakeLamp = lamp },
            Signal.IndicatorLeft => rig.Vehicle with { IndicatorLeft = lamp },
            _ => rig.Vehicle with { IndicatorRight = lamp },
        },
    };
}
