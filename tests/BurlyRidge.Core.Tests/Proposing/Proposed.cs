using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>A small made-up catalogue: a bar, a pod for 12 and 24 V, a marker, a strip, a lamp for the tow receiver.</summary>
internal static class Proposed
{
    private static CatalogueLamp Lamp(string id, double watts, LampDimensions body, double price, double? most = null) =>
        new(new Fixture(id, id, [new LampFunction("main", LampKind.RegulatedLed, watts) { MaxVolts = most }]) { Body = body }, 70 * watts, price);

    private static LampDimensions Sized(double width, double height, Holder hold) => new(width, height, 60, 1) { Holds = [hold], TailMillimetres = 300 };

    public static IReadOnlyList<CatalogueLamp> Catalogue { get; } =
    [
        Lamp("bar", 80, Sized(540, 48, new Holder(HolderKind.Feet, 260, 480)), 140),
        Lamp("pod", 22, Sized(84, 90, new Holder(HolderKind.Stud, 8, 8)), 48, most: 32),
        Lamp("marker", 2, Sized(70, 22, new Holder(HolderKind.Stud, 6, 6)), 14),
        Lamp("strip", 9, new LampDimensions(480, 22, 14, 0.2) { Holds = [new Holder(HolderKind.Feet, 120, 460)], TailMillimetres = 300, BehindMillimetres = 10 }, 28),
        Lamp("receiver", 40, Sized(115, 90, new Holder(HolderKind.Receiver, 50, 50)), 120),
    ];
}
