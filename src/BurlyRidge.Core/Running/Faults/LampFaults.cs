using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Lamps.</summary>
internal static class LampFaults
{
    public static IReadOnlyList<FaultKind> Kinds { get; } =
    [
        new("lamp-dead", part => FaultWords.FormatLampDead(part), rig => Lights(rig).Select(one => new FaultSite(one.Id, new Fault.Open(one.Id)))),
        new("lamp-half-dead", part => FaultWords.FormatLampHalfDead(part), rig => Lights(rig).Where(one => one.Light.Kind != LampKind.Filament).Select(one => new FaultSite(one.Id) { Alter = before => With(before, one.Lamp, one.Light with { Watts = one.Light.Power / 2, Amps = null }) })),
        new("lamp-turned-round", part => FaultWords.FormatLampTurnedRound(part), rig => Lights(rig).Where(one => Rewiring.Wired(rig, $"{one.Lamp.Id}.{one.Light.Plus}") && Rewiring.Wired(rig, $"{one.Lamp.Id}.{one.Light.Minus}")).Select(one => new FaultSite(one.Id) { Alter = before => Rewiring.Swap(before, $"{one.Lamp.Id}.{one.Light.Plus}", $"{one.Lamp.Id}.{one.Light.Minus}") })),
        new("dim-wire-earthed", part => FaultWords.FormatDimWireEarthed(part), rig => Lights(rig).Where(one => one.Light is { Kind: LampKind.RegulatedLed, DimPin: not null }).Select(one => new FaultSite(one.Id, new Fault.ShortToEarth($"{one.Lamp.Id}.{one.Light.DimPin}")))),
        new("wrong-lead-joined", part => FaultWords.FormatWrongLeadJoined(part), rig => Lights(rig).Where(one => one.Lamp.SparePins.Count > 0 && Rewiring.Wired(rig, $"{one.Lamp.Id}.{one.Light.Plus}")).Select(one => new FaultSite(one.Id) { Alter = before => Rewiring.Move(before, $"{one.Lamp.Id}.{one.Light.Plus}", $"{one.Lamp.Id}.{one.Lamp.SparePins[0]}") })),
    ];

    private static IEnumerable<(string Id, Fixture Lamp, LampFunction Light)> Lights(Rig rig) => rig.Fixtures.SelectMany(lamp => lamp.Functions.Select(light => ($"{lamp.Id}.{light.Id}", lamp, light)));

    private static Rig With(Rig rig, Fixture lamp, LampFunction light) => rig with
    {
        Fixtures = [.. rig.Fixtures.Select(other => other.Id != lamp.Id ? other : other with { Functions = [.. other.Functions.Select(own => own.Id == light.Id ? light : own)] })],
    };
}
