using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Support.Shapes;

/// <summary>Rigs as a careful fitter would build them; tests spoil one thing at a time.</summary>
internal static class GoodRigs
{
    /// <summary>One bar on its own harness, relay, dash switch with a fuse of its own; earth on the body.</summary>
    public static Rig Bar => Lined(
        Rig(12,
            Run("battery.plus", "f.in", 0.15, "12 AWG"), Run("f.out", "sp.a", 0.1, "12 AWG"), Run("sp.b", "k.30", 0.3, "12 AWG"), Run("k.87", "plug.a", 2.2, "12 AWG"),
            Run("plug.b", "bar.plus", 0.15, "12 AWG"), Run("bar.minus", "e", 0.4, "12 AWG"),
            Run("sp.c", "cf.in", 0.1, "12 AWG"), Run("cf.out", "s.in", 1.5, "18 AWG", Zone.Cabin), Run("s.out", "k.86", 1.5, "18 AWG", Zone.Cabin), Run("k.85", "ec", 0.3, "18 AWG")) with
        {
            Vehicle = Quiet,
            Fixtures = [Led("bar", 100)],
            Protection = [Fuse("f", 15), Fuse("cf", 3)],
            Relays = [new Relay("k", 30)],
            Switches = [OnOff("s")],
            Joints = [new Joint("plug", JointKind.Plug, Zone.Exterior) { Takes = new CopperRange(2, 4) }, new Joint("sp", JointKind.Crimp)],
            Earths = [Stud("e"), Stud("ec")],
        });

    /// <summary>A pair pulled in by the high beam, armed by a dash switch, lamps in a row.</summary>
    public static Rig Beam => Lined(
        Rig(12,
            Run("battery.plus", "f.in", 0.15, "10 AWG"), Run("f.out", "k.30", 0.3, "12 AWG"), Run("k.87", "left.plus", 1.5, "12 AWG"), Run("left.plus", "right.plus", 1, "12 AWG"),
            Run("left.minus", "e", 0.3, "12 AWG"), Run("right.minus", "e", 0.4, "12 AWG"),
            Run("highBeam.plus", "s.in", 1.5, "16 AWG"), Run("s.out", "k.86", 1.5, "16 AWG"), Run("k.85", "ec", 0.3, "16 AWG")) with
        {
            Vehicle = Quiet,
            Fixtures = [Led("left", 50), Led("right", 50)],
            Protection = [Fuse("f", 15)],
            Relays = [new Relay("k", 30) { CoilDiode = true }],
            Switches = [OnOff("s") with { Lamps = [new SwitchLamp("light", "in", "lamp")] }],
            Earths = [Stud("e"), Stud("ec")],
        },
        LineUse.Forward);

    /// <summary>The same on a vehicle whose beam is switched in its minus.</summary>
    public static Rig NegativeBeam
    {
        get
        {
            var beam = Beam;
            return beam with
            {
                Vehicle = beam.Vehicle with { HighBeam = new SignalLamp { Switched = SwitchedSide.Minus } },
                Runs =
                [
                    .. beam.Runs.Where(run => !run.From.StartsWith("highBeam", StringComparison.Ordinal) && !run.From.StartsWith("s.", StringComparison.Ordinal) && run.From != "k.85"),
                    .. Coloured(Run("f.out", "k.86", 0.3, "16 AWG"), Run("k.85", "s.in", 1.5, "16 AWG"), Run("s.out", "highBeam.minus", 1.5, "16 AWG")),
                ],
            };
        }
    }

    /// <summary>A power box with a panel, ignition sense from a fuse tap, minus on the post, two lines and an empty slot.</summary>
    public static Rig Box
    {
        get
        {
            var rig = Rig(12,
                Run("battery.plus", "main.in", 0.15, "6 AWG"), Run("main.out", "box.plus", 0.5, "6 AWG"), Run("box.minus", "post", 0.5, "8 AWG"),
                Run("radio.tap", "tapfuse.in", 0.1, "20 AWG", Zone.Cabin), Run("tapfuse.out", "box.sense", 1.5, "20 AWG", Zone.Cabin),
                Run("box.o1", "bar.plus", 2, "10 AWG"), Run("bar.minus", "e", 0.5, "10 AWG"),
                Run("box.o3", "work.plus", 4.5, "14 AWG", Zone.Underbody), Run("work.minus", "er", 0.5, "14 AWG", Zone.Exterior)) with
            {
                Vehicle = Quiet with { FuseSlots = [new FuseSlot("radio", 5, Feed.Ignition, 2, "radio")] },
                Fixtures = [Led("bar", 140), Led("work", 30)],
                Protection = [Fuse("main", 60), Fuse("tapfuse", 2) with { Place = Zone.Cabin }],
                PowerBoxes =
                [
                    new PowerBox("box", 60,
                    [
                        new BoxOutput("o1", 20, Feed.Ignition, Slot: 1, Legend: "Bar"), new BoxOutput("o2", 30, Feed.Ignition, Slot: 2, Legend: "Later"),
                        new BoxOutput("o3", 10, Feed.Ignition, Slot: 3, Legend: "Work"),
                    ]) { MinusOnPost = true },
                ],
                Earths = [Post("post"), Stud("e"), Stud("er", 10)],
            };
            return rig with
            {
                Runs = Coloured([.. rig.Runs]),
                Lines = [new Line("bar", "Bar") { Lights = ["bar.main"], MetresFromFront = 0.5 }, new Line("work", "Work lamp") { Lights = ["work.main"], MetresFromFront = 4 }],
            };
        }
    }

    /// <summary>Six pods in a row fed from both ends by two relays on one slot.</summary>
    public static Rig BothEnds
    {
        get
        {
            var rig = ChainShapes.Chain(bothEnds: true);
            return Lined(rig with
            {
                Vehicle = Quiet with { AuxOutputs = [new AuxOutput("aux1", 10, "16 AWG", Feed.Ignition)] },
                Fixtures = [.. rig.Fixtures.Select(pod => Led(pod.Id, 8))],
                Runs = [.. rig.Runs.Select(run => run with { Wire = run.From == "battery.plus" || run.From == "main.out" ? "6 AWG" : run.From.StartsWith("aux1", StringComparison.Ordinal) ? "16 AWG" : "10 AWG" })],
            });
        }
    }

    /// <summary>A second battery behind a charger, a socket and a pair of lamps.</summary>
    public static Rig Camp => Lined(
        Rig(12,
            Run("battery.plus", "cf1.in", 0.15, "4 AWG"), Run("cf1.out", "dc.in-plus", 3, "4 AWG"), Run("dc.in-minus", "e", 0.3, "4 AWG"),
            Run("dc.out-plus", "cf2.in", 0.6, "6 AWG"), Run("cf2.out", "camp.plus", 0.15, "6 AWG"), Run("dc.out-minus", "campPost", 0.6, "6 AWG"),
            Run("camp.plus", "lf.in", 0.15, "14 AWG", Zone.Exterior), Run("lf.out", "s.in", 1, "14 AWG", Zone.Exterior), Run("s.out", "left.plus", 0.8, "14 AWG", Zone.Exterior),
            Run("left.plus", "right.plus", 1, "14 AWG", Zone.Exterior), Run("left.minus", "campPost", 1, "14 AWG", Zone.Exterior), Run("right.minus", "campPost", 1.5, "14 AWG", Zone.Exterior)) with
        {
            Vehicle = Quiet with { Batteries = [new Battery("battery"), new Battery("camp", 100, 0.9, 5, Zone.Exterior)], BatteryLink = BatteryLink.Separate },
            Fixtures = [Led("left", 20), Led("right", 20)],
            Protection = [Fuse("cf1", 50), Fuse("cf2", 50), Fuse("lf", 7.5) with { Place = Zone.Exterior }],
            Switches = [OnOff("s")],
            Converters = [new Converter("dc", "Charger", 14.4, 25, 13, 0.92)],
            Earths = [Stud("e"), Post("campPost", "camp")],
        });

    /// <summary>Two 12 V lamps on a 24 V truck through a converter.</summary>
    public static Rig Truck => Lined(
        Rig(24,
            Run("battery-2.plus", "f.in", 0.15, "4 mm²"), Run("f.out", "dc.in-plus", 1.5, "4 mm²"), Run("dc.in-minus", "e", 0.3, "4 mm²"),
            Run("dc.out-plus", "lf.in", 0.1, "4 mm²"), Run("lf.out", "s.in", 1, "4 mm²"), Run("s.out", "one.plus", 2, "4 mm²"), Run("one.plus", "two.plus", 0.8, "4 mm²"),
            Run("one.minus", "e", 0.8, "4 mm²"), Run("two.minus", "e", 0.8, "4 mm²"), Run("dc.out-minus", "e", 0.3, "4 mm²")) with
        {
            Vehicle = Vehicle.Usual(24) with { Batteries = [new Battery("battery-1", 80, 0.9, 12), new Battery("battery-2", 80, 0.9, 12)], HouseLoadAmps = 10 },
            Fixtures = [Led("one", 18), Led("two", 18)],
            Protection = [Fuse("f", 10), Fuse("lf", 5)],
            Switches = [OnOff("s")],
            Converters = [new Converter("dc", "Converter 24 to 12", 13.2, 12, 20)],
            Earths = [Stud("e")],
        });

    /// <summary>A usual vehicle with a battery behind a little more resistance, so that a blade breaks a short close behind it.</summary>
    private static Vehicle Quiet => Vehicle.Usual(12) with { Batteries = [new Battery("battery", 80, 0.9, 12)], HouseLoadAmps = 10 };

    private static Run[] Coloured(params Run[] runs) => [.. runs.Select(run => run with { Colour = "red" })];

    private static Rig Lined(Rig rig, LineUse use = LineUse.Unsaid) => rig with
    {
        Runs = Coloured([.. rig.Runs]),
        Lines = [new Line("line", "Line") { Lights = [.. rig.Fixtures.SelectMany(fixture => fixture.Functions.Select(function => $"{fixture.Id}.{function.Id}"))], Use = use }],
    };
}
