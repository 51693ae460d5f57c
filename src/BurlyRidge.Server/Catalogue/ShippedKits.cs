using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Server.Catalogue;

/// <summary>The made-up harnesses that ship with it.</summary>
internal static class ShippedKits
{
    public static IReadOnlyList<Kit> All { get; } =
    [
        new("trail-pair", "Trail harness, pair", 12,
        [
            .. Power(2, 3.2, "12 AWG", "12 AWG"),
            Leg("coil earth", "18 AWG", 0.5, ("relay.85", KitEnds.Minus, "black")),
            Leg("switch lead", "18 AWG", 2.2, ("relay.30", "switch.in", "yellow"), ("switch.out", "relay.86", "white"), ("switch.lamp", KitEnds.Minus, "black")),
        ])
        {
            Price = 46.90m, Fuses = [new KitFuse("fuse", 15)], Relays = [new KitRelay("relay", 40, new RelayPinout(), CoilDiode: true)], Switches = [Lit], Spares = ["fuse 15 A", "ties, 10"],
        },
        new("beam-pair", "Beam harness, pair", 12,
        [
            .. Power(2, 2.6, "12 AWG", "12 AWG"),
            Leg("return lead", "18 AWG", 1.6, ("relay.85", KitEnds.SignalBack, "grey")),
            Leg("trigger lead", "18 AWG", 1.6, (KitEnds.Signal, "switch.in", "blue")),
            Leg("switch lead", "18 AWG", 2.2, ("switch.out", "relay.86", "white"), ("switch.lamp", KitEnds.Earth, "black")),
        ])
        {
            Price = 58.50m, Fuses = [new KitFuse("fuse", 15)], Relays = [new KitRelay("relay", 40, new RelayPinout(), CoilDiode: true)], Switches = [Lit],
            Adaptor = new KitAdaptor("three cavities", 3, 1, 1, 3), Spares = ["seal for the adaptor"],
        },
        new("bar-single", "Bar harness", 12,
        [
            .. Power(1, 3.5, "10 AWG", "10 AWG"),
            Leg("coil earth", "18 AWG", 0.4, ("relay.85", KitEnds.Minus, "black")),
            Leg("switch lead", "18 AWG", 2.2, ("relay.30", "switch.in", "yellow"), ("switch.out", "relay.86", "white"), ("switch.lamp", KitEnds.Minus, "black")),
        ])
        {
            Price = 41.20m, Fuses = [new KitFuse("fuse", 30)], Relays = [new KitRelay("relay", 40, new RelayPinout("85", "86", "87", "30"))], Switches = [Lit], Spares = ["fuse 30 A"],
        },
        new("marker-bare", "Marker harness, bare", 12,
        [
            Leg("plus lead", "18 AWG", 1.8, (KitEnds.Feed, "fuse.in", "red")),
            .. Enumerable.Range(1, 3).Select(i => Leg($"marker {i}", "18 AWG", 0.6 + 0.3 * i, ("fuse.out", KitEnds.Lamp(i, true), "red"), (KitEnds.Lamp(i, false), KitEnds.Earth, "black"))),
        ])
        {
            Price = 14.80m, Fuses = [new KitFuse("fuse", 3)],
        },
    ];

    private static KitSwitch Lit => new("switch", 5, "in", "out", "out", "lamp");

    private static KitLeg Leg(string name, string wire, double metres, params (string From, string To, string Colour)[] cores) =>
        new(name, wire, metres, [.. cores.Select(core => new KitCore(core.From, core.To, core.Colour))]);

    private static IEnumerable<KitLeg> Power(int lamps, double metres, string feed, string lamp) =>
    [
        Leg("battery lead", feed, 0.15, (KitEnds.Plus, "fuse.in", "red")),
        Leg("relay lead", feed, 0.5, ("fuse.out", "relay.30", "red")),
        .. Enumerable.Range(1, lamps).Select(i => Leg($"lamp lead {i}", lamp, metres, ("relay.87", KitEnds.Lamp(i, true), "red"), (KitEnds.Lamp(i, false), KitEnds.Minus, "black"))),
    ];
}
