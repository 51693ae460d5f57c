using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Server.Catalogue;

/// <summary>The made-up catalogue that ships with it.</summary>
internal static class ShippedCatalogue
{
    public static IReadOnlyList<CatalogueLamp> Lamps { get; } =
    [
        Bar("ridge-bar-50", "Ridge bar 50, feet", 1280, 78, 88, 7.9, 240, 21_000, 310, Feet(760, 1100)),
        Bar("ridge-bar-40", "Ridge bar 40, feet", 1035, 78, 88, 6.2, 180, 16_500, 260, Feet(640, 900)),
        Bar("ridge-bar-40-ears", "Ridge bar 40, ears", 1090, 78, 88, 6.4, 180, 16_500, 255, Ears(1040, 1080)),
        Bar("slim-bar-30", "Slim bar 30, feet", 790, 48, 62, 3.4, 120, 10_800, 190, Feet(420, 700)),
        Bar("slim-bar-20", "Slim bar 20, feet", 536, 48, 62, 2.3, 80, 7_200, 140, Feet(260, 480)),
        Bar("slim-bar-20-ears", "Slim bar 20, ears", 580, 48, 62, 2.4, 80, 7_200, 138, Ears(545, 570)),
        Bar("slim-bar-20-curved", "Slim bar 20, curved", 530, 48, 66, 2.4, 80, 7_000, 165, Feet(260, 480), radius: 1700),
        Pod("square-pod", "Square pod", 84, 98, 78, 0.7, 22, 2_100, 48),
        Pod("round-pod", "Round pod", 118, 126, 84, 1.1, 36, 3_600, 76),
        Pod("flush-pod", "Flush pod", 92, 74, 52, 0.5, 16, 1_300, 55),
        Pod("work-pod-24", "Work pod, 10 to 32 V", 108, 118, 72, 0.9, 28, 2_600, 64, most: 32),
        Bar("work-bar-24", "Work bar, 10 to 32 V", 420, 64, 70, 2.1, 60, 5_400, 130, Feet(200, 380), most: 32),
        new CatalogueLamp(new Fixture("two-light-bar", "Bar with amber backlight",
            [new LampFunction("main", LampKind.RegulatedLed, 90, Plus: "white", Minus: "black"), new LampFunction("backlight", LampKind.ResistorLed, 8, Plus: "amber", Minus: "black") { Colour = LightColour.Amber }])
        {
            Body = new LampDimensions(560, 62, 70, 2.6) { Holds = [Feet(260, 500)], TailMillimetres = 300 },
        }, 8_200, 185),
        new CatalogueLamp(new Fixture("reverse-pod", "Backing-up pod with a dim lead",
            [new LampFunction("main", LampKind.RegulatedLed, 24, DimPin: "dim")])
        {
            Body = new LampDimensions(96, 78, 60, 0.6) { Holds = [new Holder(HolderKind.Stud, 8, 8)], TailMillimetres = 150 },
        }, 2_200, 58),
        new CatalogueLamp(new Fixture("grille-marker", "Grille marker", [new LampFunction("main", LampKind.ResistorLed, 1.8)])
        {
            Body = new LampDimensions(70, 22, 24, 0.1) { Holds = [new Holder(HolderKind.Stud, 6, 6)], TailMillimetres = 300 },
        }, 60, 14),
        new CatalogueLamp(new Fixture("driving-round", "Round driving lamp, filament", [new LampFunction("main", LampKind.Filament, 100)])
        {
            Covered = true,
            Body = new LampDimensions(180, 190, 110, 1.6) { Holds = [new Holder(HolderKind.Stud, 10, 10)], TailMillimetres = 200 },
        }, 1_700, 66),
        Bar("opening-strip", "Opening strip", 480, 22, 14, 0.2, 9, 700, 28, Feet(120, 460)),
        new CatalogueLamp(Lamp("receiver-lamp", "Receiver lamp", 40, null) with
        {
            Body = new LampDimensions(115, 90, 96, 2.8) { Holds = [new Holder(HolderKind.Receiver, 50, 50)], TailMillimetres = 900 },
        }, 3_900, 120),
        new CatalogueLamp(Lamp("clamp-pod", "Clamp pod", 30, null) with
        {
            Body = new LampDimensions(110, 120, 82, 1.2) { Holds = [new Holder(HolderKind.Clamp, 42, 60)], TailMillimetres = 400, TiltDegrees = 15 },
        }, 2_900, 82),
    ];

    /// <summary>Wire by the metre: so much for the insulation and the drum, and so much for each mm² of copper.</summary>
    public static WirePrices Wire { get; } = new(Enum.GetValues<GaugeSystem>().SelectMany(WireTable.Of).DistinctBy(wire => wire.Name)
        .ToDictionary(wire => wire.Name, wire => Math.Round(0.28 + 0.24 * wire.CopperSquareMillimetres, 2), StringComparer.Ordinal));

    /// <summary>The same as it is bought: off the drum, and on reels of 10 and 30 m that are cheaper by the metre.</summary>
    public static IReadOnlyDictionary<string, WireForSale> WireForSale { get; } = Wire.PerMetre.ToDictionary(price => price.Key, price =>
    {
        var perMetre = (decimal)price.Value;
        return new WireForSale(perMetre, [new ReelForSale(10, decimal.Round(8.5m * perMetre, 2)), new ReelForSale(30, decimal.Round(22 * perMetre, 2))]);
    }, StringComparer.Ordinal);

    private static Holder Feet(double from, double to) => new(HolderKind.Feet, from, to);

    private static Holder Ears(double from, double to) => new(HolderKind.Ears, from, to);

    private static Fixture Lamp(string id, string name, double watts, double? most) =>
        new(id, name, [new LampFunction("main", LampKind.RegulatedLed, watts) { MaxVolts = most }]);

    private static CatalogueLamp Bar(
        string id, string name, double width, double height, double depth, double kilograms, double watts, double lumens, double price, Holder hold, double? radius = null, double? most = null) =>
        new(Lamp(id, name, watts, most) with
        {
            Sealed = true,
            Body = new LampDimensions(width, height, depth, kilograms) { Holds = [hold], RadiusMillimetres = radius, TailMillimetres = 300, Lead = Side.Left },
        }, lumens, price);

    private static CatalogueLamp Pod(
        string id, string name, double width, double height, double depth, double kilograms, double watts, double lumens, double price, double? most = null) =>
        new(Lamp(id, name, watts, most) with
        {
            Sealed = true,
            Body = new LampDimensions(width, height, depth, kilograms) { Holds = [new Holder(HolderKind.Stud, 8, 8)], TailMillimetres = 150 },
        }, lumens, price);
}
