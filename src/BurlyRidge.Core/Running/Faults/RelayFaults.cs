using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Relays.</summary>
internal static class RelayFaults
{
    public static IReadOnlyList<FaultKind> Kinds { get; } =
    [
        new("relay-dead-coil", part => FaultWords.FormatRelayDeadCoil(part), rig => rig.Relays.Select(relay => new FaultSite(relay.Id, [new Fault.Open($"{relay.Id}.coil"), .. AtRest(relay)]))),
        new("relay-stuck-open", part => FaultWords.FormatRelayStuckOpen(part), rig => rig.Relays.Select(relay => new FaultSite(relay.Id, [.. AtRest(relay)]))),
        new("relay-welded", part => FaultWords.FormatRelayWelded(part), rig => rig.Relays.Select(relay => new FaultSite(relay.Id, new Fault.Stuck($"{relay.Id}.contact", Closed: true)))),
        new("coil-turned", part => FaultWords.FormatCoilTurned(part), rig => rig.Relays.Select(relay => Swap(relay, relay.Pinout.CoilPlus, relay.Pinout.CoilMinus))),
        new("relay-throws-swapped", part => FaultWords.FormatRelayThrowsSwapped(part), rig => rig.Relays.Where(relay => relay.Pinout.Rest is not null).Select(relay => Swap(relay, relay.Pinout.Open, relay.Pinout.Rest!))),
    ];

    /// <summary>Whatever is at its coil, nothing moves.</summary>
    private static IEnumerable<Fault> AtRest(Relay relay) =>
        relay.Pinout.Rest is null ? [new Fault.Stuck($"{relay.Id}.contact", Closed: false)] : [new Fault.Stuck($"{relay.Id}.contact", Closed: false), new Fault.Stuck($"{relay.Id}.rest", Closed: true)];

    private static FaultSite Swap(Relay relay, string one, string other) => new(relay.Id) { Alter = rig => Rewiring.Swap(rig, $"{relay.Id}.{one}", $"{relay.Id}.{other}") };
}
