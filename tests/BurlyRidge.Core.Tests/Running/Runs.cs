using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Running;

/// <summary>Rigs to be run, and short ways to run them.</summary>
internal static class Runs
{
    /// <summary>A battery that hardly gives way, and one fuse before one load that draws so much of its rating.</summary>
    public static Rig Overloaded(double multiple, double rating = 10) => Rig(12, Run("battery.plus", "f.in", 0.1, "6 AWG"), Run("f.out", "lamp.plus", 0.1, "6 AWG"), Run("lamp.minus", "e", 0.1, "6 AWG")) with
    {
        Vehicle = new Vehicle(12) { Batteries = [new Battery("battery", 2000, 1, 0.1)], HouseLoadAmps = 0, KeyOffDrainAmps = 0 },
        Fixtures = [new Fixture("lamp", "Lamp", [new LampFunction("main", LampKind.ResistorLed, multiple * rating * 12 * 12 / 12.7)])],
        Protection = [Fuse("f", rating)],
        Earths = [Stud("e", 0.1)],
        Lines = [new Line("line", "Line") { Lights = ["lamp.main"] }],
    };

    /// <summary>A box with one slot that works one lamp.</summary>
    public static Rig Box(BoxOutput output, double charge = 0.9, double watts = 60) => Rig(12, Run("battery.plus", "box.plus", 0.2, "6 AWG"), Run("box.minus", "battery.minus", 0.2, "6 AWG"), Run($"box.{output.Id}", "lamp.plus", 1), Run("lamp.minus", "e", 0.5)) with
    {
        Vehicle = new Vehicle(12) { Batteries = [new Battery("battery", 80, charge, 6)], HouseLoadAmps = 0, KeyOffDrainAmps = 0 },
        Fixtures = [new Fixture("lamp", "Lamp", [new LampFunction("main", LampKind.ResistorLed, watts)])],
        PowerBoxes = [new PowerBox("box", 60, [output])],
        Earths = [Stud("e")],
        Lines = [new Line("line", "Line") { Lights = ["lamp.main"] }],
    };

    public static RunResult Through(this Rig rig, double until, params RunEvent[] events) => rig.On(null, until, false, events);

    public static RunResult On(this Rig rig, RunState? from, double until, bool steady, params RunEvent[] events) => RigRun.Of(rig, PartNames.Of(rig), events, until, from, steady);

    public static bool Lit(this RunResult run, string lamp = "lamp") => run.Moment.Lamps.First(now => now.Lamp == lamp).Light > 0.01;

    public static RunEvent.Turns At(double seconds, RigState dash) => new(seconds, dash);
}
