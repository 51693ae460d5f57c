using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Proposing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>A small made-up catalogue, and what a plan of it costs.</summary>
internal static class Proposed
{
    /// <summary>A vehicle that nobody has worked on yet.</summary>
    public static Rig Of(BodyKind kind, int volts = 12) => Rig.Empty(volts, UnitSystem.Metric) with { Body = GenericBody.Of(kind) };

    /// <summary>The same with lights wanted of it.</summary>
    public static Rig Wanting(this Rig rig, params IReadOnlyList<LightWanted> lights) => rig with { Wishes = rig.Wishes with { Lights = [.. lights.Select(light => new Wish(light))] } };

    private static CatalogueLamp Lamp(string id, double watts, LampDimensions body, double price, double? most = null) =>
        new(new Fixture(id, id, [new LampFunction("main", LampKind.RegulatedLed, watts) { MaxVolts = most }]) { Body = body }, 70 * watts, price);

    private static LampDimensions Sized(double width, double height, Holder hold) => new(width, height, 60, 1) { Holds = [hold], TailMillimetres = 300 };

    /// <summary>Bars short and long, a pod for 12 and 24 V, a driving lamp, a marker, a strip, a lamp for the tow receiver.</summary>
    public static IReadOnlyList<CatalogueLamp> Catalogue { get; } =
    [
        Lamp("bar", 80, Sized(540, 48, new Holder(HolderKind.Feet, 260, 480)), 140),
        Lamp("pod", 22, Sized(84, 90, new Holder(HolderKind.Stud, 8, 8)), 48, most: 32),
        Lamp("marker", 2, Sized(70, 22, new Holder(HolderKind.Stud, 6, 6)), 14),
        Lamp("strip", 9, new LampDimensions(480, 22, 14, 0.2) { Holds = [new Holder(HolderKind.Feet, 120, 460)], TailMillimetres = 300, BehindMillimetres = 10 }, 28),
        Lamp("receiver", 40, Sized(115, 90, new Holder(HolderKind.Receiver, 50, 50)), 120),
        Lamp("large-bar", 180, Sized(760, 80, new Holder(HolderKind.Feet, 500, 700)), 320, most: 32),
    ];

    /// <summary>Lamps at their price, everything else at 8 a piece and 1.5 a wire: enough to hold plans against each other.</summary>
    public static Trade Trade { get; } = new(Catalogue, assessed =>
    {
        var rig = assessed.Whole.Wired;
        var parts = Rig.Lists.Where(list => list.Fitted).Sum(list => list.Of(rig).Count);
        var lamps = rig.Fixtures.Sum(lamp => Catalogue.FirstOrDefault(one => one.Fixture.Functions.SequenceEqual(lamp.Functions))?.Price ?? 0);
        return new PlanCost(lamps + 8 * (parts - rig.Fixtures.Count) + 1.5 * rig.Runs.Count, parts);
    });
}
