using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Support.Shapes;

/// <summary>Wiring that nobody should build, with the states in which it shows.</summary>
internal static class FaultyShapes
{
    private static readonly RigState Armed = Driving.Set("s", "on");

    public static IReadOnlyList<Shape> All { get; } =
    [
        new("a beam fed backwards through its switch", BackFed, [Driving, Armed, Armed with { HighBeam = true }]),
        new("two resistor lamps in series", Series(LampKind.ResistorLed), [Rest.Set("s", "on"), Armed]),
        new("two filament lamps in series", Series(LampKind.Filament), [Rest.Set("s", "on"), Armed]),
        new("a lamp the wrong way round beside a right one", Turned, [Rest.Set("s", "on"), Armed]),
        new("a short in a row that two fuses feed", ShortBetween, [Rest]),
    ];

    private static Rig BackFed => GoodRigs.Beam with { Runs = [.. GoodRigs.Beam.Runs, Run("f.out", "s.in", 1, "12 AWG")] };

    private static Rig Series(LampKind kind) => Rig(24,
        Run("battery.plus", "f.in", 0.15), Run("f.out", "s.in"), Run("s.out", "one.plus", 2), Run("one.minus", "two.plus", 0.5), Run("two.minus", "e", 0.5)) with
    {
        Fixtures = [Lamp("one", kind, 20), Lamp("two", kind, 35)],
        Protection = [Fuse("f", 10)],
        Switches = [OnOff("s")],
        Earths = [Stud("e")],
    };

    private static Rig Turned => Rig(12,
        Run("battery.plus", "f.in", 0.15), Run("f.out", "s.in"), Run("s.out", "one.plus", 2), Run("s.out", "two.minus", 2), Run("one.minus", "e", 0.5), Run("two.plus", "e", 0.5)) with
    {
        Fixtures = [Lamp("one", LampKind.ResistorLed, 20), Lamp("two", LampKind.ResistorLed, 35)],
        Protection = [Fuse("f", 10)],
        Switches = [OnOff("s")],
        Earths = [Stud("e")],
    };

    /// <summary>A dead short to a stud at the middle of a row; both fuses still whole.</summary>
    private static Rig ShortBetween => Rig(12,
        Run("battery.plus", "f1.in", 0.15, "10 AWG"), Run("battery.plus", "f2.in", 0.15, "10 AWG"), Run("f1.out", "one.plus", 3), Run("f2.out", "three.plus", 4),
        Run("one.plus", "two.plus"), Run("two.plus", "three.plus"), Run("two.plus", "short", 0.1),
        Run("one.minus", "e", 0.5), Run("two.minus", "e", 0.5), Run("three.minus", "e", 0.5)) with
    {
        Fixtures = [Lamp("one", LampKind.ResistorLed, 10), Lamp("two", LampKind.Filament, 10), Lamp("three", LampKind.ResistorLed, 10)],
        Protection = [Fuse("f1", 15), Fuse("f2", 15)],
        Earths = [Stud("e"), Stud("short")],
    };

    private static Fixture Lamp(string id, LampKind kind, double watts) => new(id, id, [new LampFunction("main", kind, watts)]);
}
