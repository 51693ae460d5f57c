using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>Kits as they are sold: by their switch alone, by a beam, by an adaptor on both wires of it, and bare.</summary>
internal static class SampleKits
{
    private static readonly KitRelay Plain = new("relay", 40, new RelayPinout());

    private static readonly KitSwitch Lit = new("switch", 5, "in", "out", "out", "lamp");

    private static KitLeg[] Power(int lamps) =>
    [
        new("battery lead", "12 AWG", 0.15, [new KitCore(KitEnds.Plus, "fuse.in", "red")]),
        new("relay lead", "12 AWG", 0.4, [new KitCore("fuse.out", "relay.30", "red")]),
        .. Enumerable.Range(1, lamps).Select(i => new KitLeg($"lamp lead {i}", "14 AWG", 2.6, [new KitCore("relay.87", KitEnds.Lamp(i, true), "red"), new KitCore(KitEnds.Lamp(i, false), KitEnds.Minus, "black")])),
    ];

    /// <summary>Its switch is fed from relay pin 30, and its coil earthed at the battery.</summary>
    public static Kit BySwitch(bool diode = false, int lamps = 2) => new("by-switch", "Trail harness", 12,
    [
        .. Power(lamps),
        new("coil earth", "18 AWG", 0.5, [new KitCore("relay.85", KitEnds.Minus, "black")]),
        new("switch lead", "18 AWG", 3, [new KitCore("relay.30", "switch.in", "yellow"), new KitCore("switch.out", "relay.86", "white"), new KitCore("switch.lamp", KitEnds.Minus, "black")]),
    ])
    {
        Price = 39.50m,
        Fuses = [new KitFuse("fuse", 25)],
        Relays = [Plain with { CoilDiode = diode }],
        Switches = [Lit],
        Spares = ["fuse 25 A"],
    };

    /// <summary>A beam wire feeds its switch, and its coil is earthed on the body.</summary>
    public static Kit ByBeam(bool diode = false, int lamps = 2) => new("by-beam", "Beam harness", 12,
    [
        .. Power(lamps),
        new("coil earth", "18 AWG", 0.5, [new KitCore("relay.85", KitEnds.Earth, "black")]),
        new("trigger lead", "18 AWG", 2.4, [new KitCore(KitEnds.Signal, "switch.in", "blue")]),
        new("switch lead", "18 AWG", 3, [new KitCore("switch.out", "relay.86", "white"), new KitCore("switch.lamp", KitEnds.Earth, "black")]),
    ])
    {
        Price = 44,
        Fuses = [new KitFuse("fuse", 25)],
        Relays = [Plain with { CoilDiode = diode }],
        Switches = [Lit],
    };

    /// <summary>An adaptor takes both wires of the beam.</summary>
    public static Kit ByAdaptor(bool diode = false, int lamps = 2) => ByBeam(diode, lamps) with
    {
        Id = "by-adaptor",
        Name = "Adaptor harness",
        Legs = [.. ByBeam(diode, lamps).Legs.Select(leg => leg.Name == "coil earth" ? new KitLeg("return lead", "18 AWG", 2.4, [new KitCore("relay.85", KitEnds.SignalBack, "grey")]) : leg)],
        Adaptor = new KitAdaptor("three cavities", 3, 1, 1, 3),
    };

    /// <summary>Two leads with a small fuse, for a fuse tap.</summary>
    public static Kit Bare(int lamps = 2) => new("bare", "Marker harness", 12,
    [
        new("plus lead", "18 AWG", 2, [new KitCore(KitEnds.Feed, "fuse.in", "red")]),
        .. Enumerable.Range(1, lamps).Select(i => new KitLeg($"lamp lead {i}", "18 AWG", 1, [new KitCore("fuse.out", KitEnds.Lamp(i, true), "red"), new KitCore(KitEnds.Lamp(i, false), KitEnds.Earth, "black")])),
    ])
    {
        Fuses = [new KitFuse("fuse", 3)],
    };

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Kit> All { get; } = [BySwitch(), BySwitch(true), ByBeam(), ByBeam(true), ByAdaptor(), ByAdaptor(true), Bare()];
}
