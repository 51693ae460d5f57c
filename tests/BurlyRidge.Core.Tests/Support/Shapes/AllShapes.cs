using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Support.Shapes;

/// <summary>Every shape of wiring that fitters build, from parts and runs alone.</summary>
internal static class AllShapes
{
    public static IReadOnlyList<Shape> All { get; } =
    [
        .. FrontShapes.All, .. NegativeShapes.All, .. RearShapes.All, .. BoxShapes.All, .. FactoryShapes.All, .. ChainShapes.All, .. SupplyShapes.All,
    ];

    /// <summary>The shapes that somebody would hand over; the others show a mistake.</summary>
    public static IReadOnlyList<Shape> Competent { get; } =
    [
        .. All.Where(shape => !shape.Name.Contains("as if", StringComparison.Ordinal) && !shape.Name.Contains("lamp earthed", StringComparison.Ordinal)
            && !shape.Name.Contains("left off", StringComparison.Ordinal)).Select(shape => shape with { Rig = WithLine(shape.Rig) }),
    ];

    /// <summary>With a line of all its lamps, and wires and fuses as the house rules ask.</summary>
    private static Rig WithLine(Rig rig) => AutoSizer.Propose(rig with
    {
        Lines = [new Line("line", "Line") { Lights = [.. rig.Fixtures.SelectMany(fixture => fixture.Functions.Select(function => $"{fixture.Id}.{function.Id}"))] }],
    }).Rig;
}

/// <summary>Bars and pairs ahead.</summary>
internal static class FrontShapes
{
    private static readonly RigState[] OffAndOn =
    [
        Rest, Rest.Set("s", "on"), Driving.Set("s", "on"), Driving,
    ];

    private static readonly RigState[] Stalk =
    [
        KeyOn.Set("s", "on"), (KeyOn with { HighBeam = true }).Set("s", "on"), KeyOn with { HighBeam = true },
        (Driving with { HighBeam = true }).Set("s", "on"), Driving.Set("s", "on"),
    ];

    public static IReadOnlyList<Shape> All { get; } =
    [
        new("one bar on its own harness, earth on the body", Bar(Stud("e")), OffAndOn),
        new("one bar on its own harness, earth on the post", Bar(Post("e")), OffAndOn),
        new("pair armed by a switch, high beam by a joint, coil by the body", Pair(BeamByJoint), Stalk),
        new("pair, coil by the lamp's own second wire", Pair(CoilByLamp), Stalk),
        new("pair with its switch left on", Pair(BeamByJoint) with { Switches = [OnOff("s") with { Positions = [new("on", [new("in", "out")])] }] },
            [KeyOn, KeyOn with { HighBeam = true }, KeyOn]),
        new("pair and a second relay on the same pick-up", SecondRelay(), Stalk),
        new("two bars on a Y lead, coil across both beam wires", YLead(), [KeyOn, KeyOn with { HighBeam = true }, Driving with { HighBeam = true }, KeyOn]),
        new("bar with backlight and main on two switches", TwoFunctions(),
            [Rest, Rest.Set("s", "on"), Rest.Set("t", "on"), Rest.Set("s", "on").Set("t", "on"), Driving.Set("s", "on").Set("t", "on")]),
    ];

    private static Rig Bar(Earth earth) => Rig(12,
        Run("battery.plus", "f.in", 0.15, "12 AWG"), Run("f.out", "k.30", 0.3, "12 AWG"), Run("k.87", "plug.a", 2.5, "12 AWG"),
        Run("plug.b", "bar.plus", 0.15), Run("bar.minus", "e", 1, "12 AWG"),
        Run("f.out", "s.in", 2, "18 AWG"), Run("s.out", "k.86", 2, "18 AWG"), Run("k.85", "ec", 0.3, "18 AWG")) with
    {
        Fixtures = [Led("bar", 180)],
        Protection = [Fuse("f", 20)],
        Relays = [new Relay("k", 40)],
        Switches = [OnOff("s")],
        Joints = [new Joint("plug", JointKind.Plug)],
        Earths = [earth, Stud("ec")],
    };

    private static Run[] BeamByJoint =>
        [Run("highBeam.plus", "tap.a", 0.2, "18 AWG"), Run("tap.b", "s.in", 2, "18 AWG"), Run("s.out", "k.86", 2, "18 AWG"), Run("k.85", "ec", 0.3, "18 AWG")];

    private static Run[] CoilByLamp =>
        [Run("highBeam.plus", "s.in", 2, "18 AWG"), Run("s.out", "k.86", 2, "18 AWG"), Run("k.85", "highBeam.minus", 1, "18 AWG")];

    private static Rig Pair(Run[] control) => Rig(12,
        [
            Run("battery.plus", "f.in", 0.15, "12 AWG"), Run("f.out", "k.30", 0.3, "12 AWG"), Run("k.87", "star.a", 1.5, "12 AWG"),
            Run("star.b", "left.plus", 0.5), Run("star.c", "right.plus", 1.2), Run("left.minus", "e", 0.3), Run("right.minus", "e", 0.4), .. control,
        ]) with
    {
        Fixtures = [Led("left", 90), new Fixture("right", "right", [new LampFunction("main", LampKind.Filament, 100)])],
        Protection = [Fuse("f", 25)],
        Relays = [new Relay("k", 40)],
        Switches = [OnOff("s")],
        Joints = [new Joint("star", JointKind.Crimp), new Joint("tap", JointKind.Solder)],
        Earths = [Stud("e"), Stud("ec", 8)],
    };

    private static Rig SecondRelay()
    {
        var pair = Pair(BeamByJoint);
        return pair with
        {
            Runs =
            [
                .. pair.Runs, Run("battery.plus", "f2.in", 0.15), Run("f2.out", "k2.30", 0.3), Run("k2.87", "ditch.plus", 2), Run("ditch.minus", "e", 2),
                Run("tap.c", "k2.86", 1, "18 AWG"), Run("k2.85", "ec", 1, "18 AWG"),
            ],
            Fixtures = [.. pair.Fixtures, Led("ditch", 40)],
            Protection = [.. pair.Protection, Fuse("f2", 7.5)],
            Relays = [.. pair.Relays, new Relay("k2", 30) { CoilCelsius = 80 }],
        };
    }

    private static Rig YLead() => Rig(12,
        Run("battery.plus", "f.in", 0.15, "10 AWG"), Run("f.out", "k.30", 0.2, "10 AWG"), Run("k.87", "y.a", 1, "10 AWG"),
        Run("y.b", "one.plus", 0.4), Run("y.c", "two.plus", 0.6), Run("one.minus", "yb.a", 0.4), Run("two.minus", "yb.b", 0.6), Run("yb.c", "e", 1, "10 AWG"),
        Run("highBeam.plus", "k.86", 1, "18 AWG"), Run("k.85", "highBeam.minus", 1, "18 AWG")) with
    {
        Fixtures = [Led("one", 120), Led("two", 120)],
        Protection = [Fuse("f", 30)],
        Relays = [new Relay("k", 40)],
        Joints = [new Joint("y", JointKind.Crimp), new Joint("yb", JointKind.Crimp)],
        Earths = [Post("e")],
    };

    private static Rig TwoFunctions() => Rig(12,
        Run("battery.plus", "f.in", 0.15), Run("f.out", "k.30", 0.2), Run("k.87", "bar.white", 2.2), Run("bar.black", "e", 2.2),
        Run("f.out", "s.in", 2, "18 AWG"), Run("s.out", "k.86", 2, "18 AWG"), Run("k.85", "e", 0.4, "18 AWG"),
        Run("f.out", "t.in", 2, "18 AWG"), Run("t.out", "bar.amber", 3.5, "18 AWG")) with
    {
        Fixtures =
        [
            new Fixture("bar", "bar",
            [
                new LampFunction("main", LampKind.RegulatedLed, 110, Plus: "white", Minus: "black"),
                new LampFunction("backlight", LampKind.ResistorLed, 9, Plus: "amber", Minus: "black"),
            ]),
        ],
        Protection = [Fuse("f", 15)],
        Relays = [new Relay("k", 30)],
        Switches = [OnOff("s"), OnOff("t")],
        Earths = [Post("e")],
    };
}

/// <summary>Vehicles whose high beam is switched in its minus.</summary>
internal static class NegativeShapes
{
    private static readonly RigState[] Stalk =
    [
        KeyOn, KeyOn.Set("s", "on"), (KeyOn with { HighBeam = true }).Set("s", "on"), KeyOn.Set("s", "on"), KeyOn with { HighBeam = true },
    ];

    public static IReadOnlyList<Shape> All { get; } =
    [
        new("negative-switched, coil turned round, switch lamp unearthed", Right(LampKind.ResistorLed, earthed: false), Stalk),
        new("negative-switched, wired as if positive-switched", WiredAsPositive, Stalk),
        new("negative-switched, filament switch lamp earthed", Right(LampKind.Filament, earthed: true), Stalk),
    ];

    public static Rig WiredAsPositive => Pair(
        Run("highBeam.minus", "s.in", 1.5, "18 AWG"), Run("s.out", "k.86", 1.5, "18 AWG"), Run("k.85", "e", 0.5, "18 AWG"));

    /// <summary>The coil between fused plus, behind the dash switch, and the wire that turns to earth; plus end of its diode at the plus.</summary>
    public static Rig Right(LampKind lamp, bool earthed)
    {
        var rig = Pair(
        [
            Run("f.out", "k.86", 0.5, "18 AWG"), Run("k.85", "s.in", 1.5, "18 AWG"), Run("s.out", "highBeam.minus", 1.5, "18 AWG"),
            .. earthed ? [Run("s.lamp", "e", 1, "18 AWG")] : Array.Empty<Run>(),
        ]);
        return rig with
        {
            Relays = [new Relay("k", 40) { CoilDiode = true }],
            Switches = [OnOff("s") with { Lamps = [new SwitchLamp("light", "in", "lamp", lamp, lamp == LampKind.Filament ? 1.2 : 0.12)] }],
        };
    }

    private static Rig Pair(params Run[] control) => Rig(12,
        [
            Run("battery.plus", "f.in", 0.15), Run("f.out", "k.30", 0.3), Run("k.87", "left.plus", 1.5), Run("left.plus", "right.plus", 1),
            Run("left.minus", "e", 0.5), Run("right.minus", "e", 0.5), .. control,
        ]) with
    {
        Vehicle = Vehicle.Usual(12) with { HighBeam = new SignalLamp { Watts = 110, Switched = SwitchedSide.Minus } },
        Fixtures = [Led("left", 60), Led("right", 60)],
        Protection = [Fuse("f", 15)],
        Relays = [new Relay("k", 40)],
        Switches = [OnOff("s")],
        Earths = [Stud("e")],
    };
}

/// <summary>Light behind.</summary>
internal static class RearShapes
{
    private static readonly RigState[] Gear = [KeyOn, KeyOn with { Reverse = true }, Driving with { Reverse = true }, KeyOn];

    public static IReadOnlyList<Shape> All { get; } =
    [
        new("rear pair, relay at the rear printed the other way round, dim leads capped", RearRelay(), Gear),
        new("rear pair straight from the trailer socket", Trailer(), Gear),
        new("rear pair on, off or automatic, red on the side lights", ThreeWay(),
        [
            KeyOn, KeyOn.Set("s", "on"), KeyOn.Set("s", "auto"), (KeyOn with { Reverse = true }).Set("s", "auto"),
            KeyOn with { Reverse = true }, (KeyOn with { SideLight = true }).Set("s", "on"), KeyOn with { SideLight = true },
        ]),
        new("one dim lead earthed", Dimmed(), Gear),
    ];

    private static Rig RearRelay() => Rig(12,
        Run("battery.plus", "f.in", 0.15, "10 AWG"), Run("f.out", "k.87", 5.2, "10 AWG", Zone.Underbody),
        Run("k.30", "left.plus", 0.6, "14 AWG", Zone.Underbody), Run("k.30", "right.plus", 1.1, "14 AWG", Zone.Underbody),
        Run("left.minus", "e", 0.5), Run("right.minus", "e", 0.5), Run("reverse.plus", "k.86", 0.8, "18 AWG"), Run("k.85", "e", 0.3, "18 AWG"),
        Run("left.dim", "cap1.a", 0.1, "20 AWG"), Run("right.dim", "cap2.a", 0.1, "20 AWG")) with
    {
        Fixtures = [Pod("left"), Pod("right")],
        Protection = [Fuse("f", 10)],
        Relays = [new Relay("k", 30) { Pinout = new RelayPinout(Common: "87", Open: "30"), CoilDiode = true }],
        Joints = [new Joint("cap1", JointKind.Cap), new Joint("cap2", JointKind.Cap)],
        Earths = [Stud("e", 12)],
    };

    private static Rig Dimmed()
    {
        var rig = RearRelay();
        return rig with { Runs = [.. rig.Runs.Where(run => run.From != "left.dim"), Run("left.dim", "e", 0.3, "20 AWG")] };
    }

    private static Fixture Pod(string id) => new(id, id, [new LampFunction("main", LampKind.RegulatedLed, 30, DimPin: "dim")]);

    private static Rig Trailer() => Rig(12,
        Run("tow7.pin", "left.plus", 0.7, "16 AWG"), Run("left.plus", "right.plus", 1, "16 AWG"),
        Run("left.minus", "tow3.pin", 0.7, "16 AWG"), Run("right.minus", "left.minus", 1, "16 AWG")) with
    {
        Vehicle = Vehicle.Usual(12) with
        {
            TrailerPins = [new TrailerPin("tow7", Signal.Reverse, "1 mm²", 5.5), new TrailerPin("tow3", null, "1.5 mm²", 5.5)],
        },
        Fixtures = [Led("left", 18), Led("right", 18)],
    };

    private static Rig ThreeWay() => Rig(12,
        Run("battery.plus", "f.in", 0.15), Run("f.out", "k.30", 0.2), Run("k.87", "left.plus", 5.5), Run("left.plus", "right.plus", 1),
        Run("left.minus", "e", 0.4), Run("right.minus", "e", 0.6), Run("f.out", "s.live", 2, "18 AWG"), Run("reverse.plus", "s.signal", 5, "18 AWG"),
        Run("s.out", "k.86", 2, "18 AWG"), Run("k.85", "ec", 0.3, "18 AWG"), Run("sideLight.plus", "left.red", 0.5, "20 AWG"), Run("left.red", "right.red", 1, "20 AWG")) with
    {
        Fixtures = [TwoColour("left"), TwoColour("right")],
        Protection = [Fuse("f", 10)],
        Relays = [new Relay("k", 30)],
        Switches = [Auto("s")],
        Earths = [Stud("e", 10), Stud("ec")],
    };

    private static Fixture TwoColour(string id) => new(id, id,
    [
        new LampFunction("main", LampKind.RegulatedLed, 24), new LampFunction("red", LampKind.ResistorLed, 4, Plus: "red"),
    ]);
}

/// <summary>Power boxes.</summary>
internal static class BoxShapes
{
    public static IReadOnlyList<Shape> All { get; } =
    [
        new("power box with panel, ignition sense, lamps, locker and compressor", Box(),
        [
            Rest, Rest.Press("box.o1", "box.o2"), KeyOn.Press("box.o1", "box.o2", "box.o3"),
            Driving.Press("box.o1", "box.o2", "box.o3", "box.o4", "box.o5"), Rest.Press("box.o1"),
        ]),
        new("power box with its minus left off", Box() with { Runs = [.. Box().Runs.Where(run => run.From != "box.minus")] },
            [KeyOn.Press("box.o1", "box.o2")]),
    ];

    private static Rig Box() => Rig(12,
        Run("battery.plus", "main.in", 0.15, "6 AWG"), Run("main.out", "box.plus", 0.5, "6 AWG"), Run("box.minus", "post", 0.5, "8 AWG"),
        Run("radio.tap", "tapfuse.in", 0.1, "20 AWG"), Run("tapfuse.out", "box.sense", 1.5, "20 AWG"),
        Run("box.o1", "bar.plus", 3, "10 AWG"), Run("bar.minus", "e", 0.6, "10 AWG"), Run("box.o2", "left.plus", 2.4), Run("left.plus", "right.plus", 1.4),
        Run("left.minus", "e", 0.6), Run("right.minus", "e", 0.8), Run("box.o3", "rear.plus", 5.5), Run("rear.minus", "er", 0.4),
        Run("box.o4", "locker.plus", 3), Run("locker.minus", "er", 0.5), Run("box.o5", "air.plus", 1.2, "8 AWG"), Run("air.minus", "post", 1.2, "8 AWG")) with
    {
        Vehicle = Vehicle.Usual(12) with { FuseSlots = [new FuseSlot("radio", 5, Feed.Ignition, 2, "radio")], KeyOffDrainAmps = 0.03 },
        Fixtures = [Led("bar", 200), Led("left", 35), Led("right", 35), Led("rear", 30)],
        Protection = [Fuse("main", 80), Fuse("tapfuse", 2)],
        PowerBoxes =
        [
            new PowerBox("box", 60,
            [
                new BoxOutput("o1", 30, Feed.Ignition, Slot: 1, Legend: "Bar"), new BoxOutput("o2", 10, Slot: 2, Legend: "Ditch"),
                new BoxOutput("o3", 10, Feed.Ignition, Slot: 3, Legend: "Rear"), new BoxOutput("o4", 10, Slot: 4, Legend: "Locker"),
                new BoxOutput("o5", 40, Slot: 5, Legend: "Air"), new BoxOutput("o6", 10, Slot: 6, Legend: "Later"),
            ]) { MinusOnPost = true },
        ],
        Loads = [new Load("locker", "Locker", 4), new Load("air", "Compressor", 28)],
        Earths = [Post("post"), Stud("e"), Stud("er", 12)],
    };
}

/// <summary>The vehicle's own outputs, slots and leads.</summary>
internal static class FactoryShapes
{
    public static IReadOnlyList<Shape> All { get; } =
    [
        new("factory outputs through a pass-through lead and a jumper", PassThrough(),
            [Rest.Press("aux1"), KeyOn.Press("aux1", "aux2"), Driving.Press("aux1", "aux2"), KeyOn.Press("aux2")]),
        new("contact fed by a factory output, coil by the high beam", BothMustBeOn(),
            [KeyOn, KeyOn.Press("aux1"), KeyOn with { HighBeam = true }, (KeyOn with { HighBeam = true }).Press("aux1")]),
        new("grille markers from a fuse tap", Markers("slot.tap"), [Rest, KeyOn, Rest]),
        new("grille markers from the parking-light wire", Markers("sideLight.plus"), [KeyOn, KeyOn with { SideLight = true }, Rest with { SideLight = true }]),
    ];

    private static AuxOutput[] Outputs =>
        [new("aux1", 30, "12 AWG", Feed.Battery), new("aux2", 15, "16 AWG", Feed.Ignition), new("aux3", 10, "18 AWG", Feed.Ignition)];

    private static Rig PassThrough() => Rig(12,
        Run("aux1.out", "p.a", 0.5, "12 AWG"), Run("p.b", "bar.plus", 1.2, "12 AWG"), Run("bar.minus", "e", 0.8, "12 AWG"),
        Run("aux2.out", "lead.a", 0.3, "16 AWG"), Run("lead.b", "q.a", 1.5, "16 AWG"), Run("q.b", "rear.plus", 0.15, "16 AWG"), Run("rear.minus", "er", 0.4, "16 AWG")) with
    {
        Vehicle = Vehicle.Usual(12) with
        {
            AuxOutputs = Outputs,
            PassThroughs = [new PassThrough("lead", "16 AWG", 4.2, "violet", "engine bay", "rear quarter")],
        },
        Fixtures = [Led("bar", 220), Led("rear", 50)],
        Joints = [new Joint("p", JointKind.Plug), new Joint("q", JointKind.Plug)],
        Earths = [Stud("e"), Stud("er", 14)],
    };

    private static Rig BothMustBeOn() => Rig(12,
        Run("aux1.out", "k.30", 0.4, "12 AWG"), Run("k.87", "bar.plus", 1.5, "12 AWG"), Run("bar.minus", "e", 1, "12 AWG"),
        Run("highBeam.plus", "k.86", 1, "18 AWG"), Run("k.85", "e", 0.5, "18 AWG")) with
    {
        Vehicle = Vehicle.Usual(12) with { AuxOutputs = Outputs },
        Fixtures = [Led("bar", 200)],
        Relays = [new Relay("k", 40)],
        Earths = [Stud("e")],
    };

    private static Rig Markers(string from) => Rig(12,
        Run(from, "f.in", 0.15, "20 AWG"), Run("f.out", "one.plus", 1.5, "20 AWG"), Run("one.plus", "two.plus", 0.3, "20 AWG"), Run("two.plus", "three.plus", 0.3, "20 AWG"),
        Run("one.minus", "two.minus", 0.3, "20 AWG"), Run("two.minus", "three.minus", 0.3, "20 AWG"), Run("three.minus", "e", 0.5, "20 AWG")) with
    {
        Vehicle = Vehicle.Usual(12) with { FuseSlots = [new FuseSlot("slot", 5, Feed.Ignition, 1.5, "mirrors")] },
        Fixtures = [Marker("one"), Marker("two"), Marker("three")],
        Protection = [Fuse("f", 2)],
        Earths = [Stud("e")],
    };

    private static Fixture Marker(string id) => new(id, id, [new LampFunction("main", LampKind.ResistorLed, 1.8)]);
}

/// <summary>Rows of pods, one after another on the same two wires.</summary>
internal static class ChainShapes
{
    public const int Pods = 15;

    public static IReadOnlyList<Shape> All { get; } =
    [
        new("fifteen pods fed at one end", Chain(bothEnds: false), [Rest, KeyOn.Press("aux1"), Driving.Press("aux1"), Rest]),
        new("fifteen pods fed at both ends by a relay box without a panel", Chain(bothEnds: true), [Rest, KeyOn.Press("aux1"), Driving.Press("aux1"), Rest]),
    ];

    public static Rig Chain(bool bothEnds)
    {
        var runs = new List<Run>
        {
            Run("battery.plus", "main.in", 0.15, "8 AWG"), Run("main.out", "box.plus", 0.5, "8 AWG"), Run("box.minus", "post", 0.5, "12 AWG"),
            Run("aux1.out", "box.in-o1", 1, "18 AWG"), Run("aux1.out", "box.in-o2", 1, "18 AWG"), Run("box.o1", "pod1.plus", 2.6, "14 AWG", Zone.Exterior),
            Run("pod1.minus", "e", 1.2, "12 AWG", Zone.Exterior),
        };
        for (var pod = 1; pod < Pods; pod++)
        {
            runs.Add(Run($"pod{pod}.plus", $"pod{pod + 1}.plus", 0.12, "14 AWG", Zone.Exterior));
            runs.Add(Run($"pod{pod}.minus", $"pod{pod + 1}.minus", 0.12, "14 AWG", Zone.Exterior));
        }
        if (bothEnds) runs.Add(Run("box.o2", $"pod{Pods}.plus", 2.9, "14 AWG", Zone.Exterior));
        return Rig(12, [.. runs]) with
        {
            Vehicle = Vehicle.Usual(12) with { AuxOutputs = [new AuxOutput("aux1", 10, "18 AWG", Feed.Ignition)] },
            Fixtures = [.. Enumerable.Range(1, Pods).Select(pod => Led($"pod{pod}", 14))],
            Protection = [Fuse("main", 50)],
            PowerBoxes =
            [
                new PowerBox("box", 60, [new BoxOutput("o1", 25, WorkedBy: WorkedBy.Input), new BoxOutput("o2", 25, WorkedBy: WorkedBy.Input)]),
            ],
            Earths = [Post("post"), Stud("e", 8)],
        };
    }
}

/// <summary>Second batteries, 24 V, converters.</summary>
internal static class SupplyShapes
{
    public static IReadOnlyList<Shape> All { get; } =
    [
        new("second battery with charger, solar, sockets and lamps switched in the minus", SecondBattery(),
            [Rest, Rest.Set("s", "on"), Driving, Driving.Set("s", "on")]),
        new("24 V truck with bar, pods, work lamps and beacons", Truck(),
            [KeyOn, KeyOn.Set("s", "on"), Driving.Press("box.o1", "box.o2", "box.o3"), (Driving with { HighBeam = true }).Set("s", "on").Press("box.o1")]),
        new("three 12 V lamps on 24 V through a converter", ThroughConverter(), [Rest, Rest.Set("s", "on"), Driving.Set("s", "on")]),
    ];

    private static Rig SecondBattery() => Rig(12,
        Run("battery.plus", "cf1.in", 0.15, "4 AWG"), Run("cf1.out", "dc.in-plus", 3.5, "4 AWG") with { Fixed = true }, Run("dc.in-minus", "e", 0.3, "4 AWG"),
        Run("dc.out-plus", "cf2.in", 0.6, "8 AWG"), Run("cf2.out", "camp.plus", 0.15, "8 AWG"), Run("dc.out-minus", "campPost", 0.6, "8 AWG"),
        Run("sun.plus", "sunf.in", 2, "10 AWG"), Run("sunf.out", "camp.plus", 0.15, "10 AWG"), Run("sun.minus", "campPost", 2, "10 AWG"),
        Run("camp.plus", "sf.in", 0.15, "10 AWG"), Run("sf.out", "fridge.plus", 1.5, "10 AWG"), Run("fridge.minus", "campPost", 1.5, "10 AWG"),
        Run("camp.plus", "lf.in", 0.15, "16 AWG"), Run("lf.out", "pole.a", 1.5, "16 AWG"), Run("pole.b", "left.plus", 0.8, "16 AWG"), Run("left.plus", "right.plus", 1, "16 AWG"),
        Run("left.minus", "right.minus", 1, "16 AWG"), Run("right.minus", "s.in", 1, "16 AWG"), Run("s.out", "campPost", 1, "16 AWG")) with
    {
        Vehicle = Vehicle.Usual(12) with
        {
            Batteries = [new Battery("battery"), new Battery("camp", 100, 0.6, 5, Zone.Exterior)],
            BatteryLink = BatteryLink.Separate,
        },
        Fixtures = [Led("left", 20), Led("right", 20)],
        Protection = [Fuse("cf1", 60), Fuse("cf2", 60), Fuse("sf", 20), Fuse("lf", 7.5), Fuse("sunf", 15)],
        Switches = [OnOff("s")],
        Joints = [new Joint("pole", JointKind.Plug)],
        Loads = [new Load("fridge", "Fridge socket", 4)],
        Converters = [new Converter("dc", "Charger", 14.4, 25, 12.7, 0.92)],
        SolarPanels = [new SolarPanel("sun", 14.2, 8)],
        Earths = [Stud("e"), Post("campPost", "camp")],
    };

    private static Rig Truck() => Rig(24,
        Run("battery-2.plus", "f.in", 0.15, "4 mm²"), Run("f.out", "k.30", 0.3, "4 mm²"), Run("k.87", "bar.plus", 6, "4 mm²"), Run("bar.minus", "e", 1, "4 mm²"),
        Run("f.out", "s.in", 2, "1 mm²"), Run("s.out", "k.86", 2, "1 mm²"), Run("k.85", "e", 0.3, "1 mm²"),
        Run("battery-2.plus", "main.in", 0.15, "10 mm²"), Run("main.out", "box.plus", 0.8, "10 mm²"), Run("box.minus", "post", 0.8, "10 mm²"),
        Run("box.o1", "ditch.plus", 5, "2.5 mm²"), Run("ditch.minus", "e", 2, "2.5 mm²"), Run("box.o2", "work.plus", 9, "2.5 mm²"), Run("work.minus", "er", 1, "2.5 mm²"),
        Run("box.o3", "beacon.plus", 7, "1.5 mm²"), Run("beacon.minus", "er", 1, "1.5 mm²")) with
    {
        Fixtures =
        [
            Led("bar", 240, 24), Led("ditch", 80, 24), Led("work", 120, 24),
            new Fixture("beacon", "beacon", [new LampFunction("main", LampKind.Filament, 70, 24)]),
        ],
        Protection = [Fuse("f", 15), Fuse("main", 50)],
        Relays = [new Relay("k", 40)],
        Switches = [OnOff("s")],
        PowerBoxes = [new PowerBox("box", 60, [new BoxOutput("o1", 10), new BoxOutput("o2", 10), new BoxOutput("o3", 10)])],
        Earths = [Stud("e", 6), Stud("er", 12), Post("post")],
    };

    private static Rig ThroughConverter() => Rig(24,
        Run("battery-2.plus", "f.in", 0.15, "4 mm²"), Run("f.out", "dc.in-plus", 2, "4 mm²"), Run("dc.in-minus", "e", 0.4, "4 mm²"),
        Run("dc.out-plus", "lf.in", 0.2, "2.5 mm²"), Run("lf.out", "s.in", 1, "2.5 mm²"), Run("s.out", "one.plus", 3, "2.5 mm²"),
        Run("one.plus", "two.plus", 0.8, "2.5 mm²"), Run("two.plus", "three.plus", 0.8, "2.5 mm²"), Run("one.minus", "two.minus", 0.8, "2.5 mm²"),
        Run("two.minus", "three.minus", 0.8, "2.5 mm²"), Run("three.minus", "dc.out-minus", 3, "2.5 mm²"), Run("dc.out-minus", "e", 0.3, "2.5 mm²")) with
    {
        Fixtures = [Led("one", 18), Led("two", 18), Led("three", 18)],
        Protection = [Fuse("f", 10), Fuse("lf", 10)],
        Switches = [OnOff("s")],
        Converters = [new Converter("dc", "Converter 24 to 12", 13.2, 12, 20)],
        Earths = [Stud("e")],
    };
}
