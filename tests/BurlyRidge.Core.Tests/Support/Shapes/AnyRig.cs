using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Support.Shapes;

/// <summary>Random rigs: circuits of every kind on one vehicle, in random states, the same for the same seed.</summary>
internal static class AnyRig
{
    private static readonly string[] Wires12 = ["18 AWG", "16 AWG", "14 AWG", "12 AWG", "10 AWG", "2.5 mm²", "4 mm²", "SAE 14", "5 mm cable"];

    private static readonly string[] Outputs = ["aux1", "aux2"];
    private static readonly int[] Ratings = [5, 10, 15, 20, 30, 40];

    public static Shape Of(int seed)
    {
        var random = new Random(seed);
        var volts = random.Next(4) == 0 ? 24 : 12;
        var rig = Rig(volts) with { Vehicle = Vehicle(random, volts), Earths = [Stud("stud", random.Next(2, 15)), Post("post")] };
        var circuits = random.Next(1, 6);
        for (var i = 0; i < circuits; i++) rig = Circuit(random, rig, $"c{i}", volts);
        return new Shape($"random rig {seed}", rig, [.. Enumerable.Range(0, 3).Select(_ => State(random, rig))]);
    }

    /// <summary>The same with a few runs from anywhere to anywhere: shorts, sneak paths, coils across lamps.</summary>
    public static Shape Miswired(int seed)
    {
        var shape = Of(seed);
        var random = new Random(seed);
        var ends = shape.Rig.Runs.SelectMany(run => new[] { run.From, run.To }).Append("body").Append("ignition.out").Distinct().ToList();
        var wild = Enumerable.Range(0, random.Next(1, 4))
            .Select(i => (From: ends[random.Next(ends.Count)], To: ends[random.Next(ends.Count)], Id: $"wild{i}"))
            .Where(run => run.From != run.To)
            .Select(run => new Run(run.Id, run.From, run.To, "14 AWG", 0.2 + 3 * random.NextDouble(), [Zone.Cabin]));
        return shape with { Rig = shape.Rig with { Runs = [.. shape.Rig.Runs, .. wild] } };
    }

    private static Vehicle Vehicle(Random random, int volts)
    {
        var usual = Core.Parts.Vehicle.Usual(volts);
        SignalLamp Lamp() => new() { Watts = random.Next(10, 120), Switched = random.Next(3) == 0 ? SwitchedSide.Minus : SwitchedSide.Plus };
        return usual with
        {
            Batteries = [.. usual.Batteries.Select(battery => battery with
            {
                StateOfCharge = random.NextDouble(),
                InternalMilliohms = 3 + 6 * random.NextDouble(),
            })],
            HouseLoadAmps = random.Next(0, 30),
            HighBeam = Lamp(),
            Reverse = Lamp(),
            AuxOutputs = [new("aux1", 30, "12 AWG", Feed.Battery), new("aux2", 15, "16 AWG", Feed.Ignition)],
            FuseSlots = [new FuseSlot("slot", 10, Feed.Ignition, 3)],
        };
    }

    private static Rig Circuit(Random random, Rig rig, string id, int volts)
    {
        string Wire() => Wires12[random.Next(Wires12.Length)];
        Run R(string from, string to, double longest) => new($"{id}-{from}--{to}".Replace('.', '-'), from, to, Wire(), 0.1 + longest * random.NextDouble(), [(Zone)random.Next(4)])
        {
            Bundled = random.Next(1, 9),
        };
        var runs = new List<Run>();
        var relays = new List<Relay>();
        var switches = new List<Switch>();
        var fuse = Fuse($"{id}-fuse", Ratings[random.Next(Ratings.Length)]);
        var plus = volts == 24 ? "battery-2.plus" : "battery.plus";
        var source = random.Next(5) switch { 0 => "aux1.out", 1 => "aux2.out", 2 => "slot.tap", _ => plus };
        runs.Add(R(source, $"{fuse.Id}.in", 0.3));
        var live = $"{fuse.Id}.out";
        switches.Add(OnOff($"{id}-switch"));
        if (random.Next(3) > 0)
        {
            relays.Add(new Relay($"{id}-relay", 40)
            {
                CoilCelsius = random.Next(2) == 0 ? 20 : 80,
                CoilDiode = random.Next(3) == 0,
                Pinout = random.Next(4) == 0 ? new RelayPinout(Rest: "87a") : new RelayPinout(),
            });
            var trigger = random.Next(4) switch { 0 => "highBeam.plus", 1 => "reverse.plus", _ => live };
            runs.Add(R(trigger, $"{id}-switch.in", 2));
            runs.Add(R($"{id}-switch.out", $"{id}-relay.86", 2));
            runs.Add(R($"{id}-relay.85", random.Next(5) == 0 ? "highBeam.minus" : "stud", 1));
            runs.Add(R(live, $"{id}-relay.30", 0.5));
            live = $"{id}-relay.87";
        }
        else
        {
            runs.Add(R(live, $"{id}-switch.in", 2));
            live = $"{id}-switch.out";
        }

        var lamps = random.Next(1, 5);
        var fixtures = new List<Fixture>();
        var earth = random.Next(2) == 0 ? "stud" : "post";
        var chain = random.Next(2) == 0;
        var joint = new Joint($"{id}-joint", JointKind.Plug);
        runs.Add(R(live, $"{joint.Id}.in", 6));
        var from = $"{joint.Id}.out";
        for (var i = 0; i < lamps; i++)
        {
            var lamp = $"{id}-lamp{i}";
            var kind = (LampKind)random.Next(3);
            fixtures.Add(new Fixture(lamp, lamp, [new LampFunction("main", kind, 2 + 50 * random.NextDouble(), volts, DimPin: kind == LampKind.RegulatedLed && random.Next(4) == 0 ? "dim" : null)]));
            runs.Add(R(from, $"{lamp}.plus", 1.5));
            runs.Add(R($"{lamp}.minus", earth, 2));
            if (chain) from = $"{lamp}.plus";
        }
        if (random.Next(5) == 0 && fixtures[0].Functions[0].DimPin is not null) runs.Add(R($"{id}-lamp0.dim", "stud", 1));
        return rig with
        {
            Fixtures = [.. rig.Fixtures, .. fixtures],
            Protection = [.. rig.Protection, fuse],
            Relays = [.. rig.Relays, .. relays],
            Switches = [.. rig.Switches, .. switches],
            Joints = [.. rig.Joints, joint],
            Runs = [.. rig.Runs, .. runs],
            Lines = [.. rig.Lines, new Line(id, id) { Lights = [.. fixtures.Select(fixture => $"{fixture.Id}.main")] }],
        };
    }

    private static RigState State(Random random, Rig rig)
    {
        bool Coin() => random.Next(2) == 0;
        return new RigState
        {
            Key = Coin(),
            Engine = (Engine)random.Next(3),
            HighBeam = Coin(),
            Reverse = Coin(),
            SideLight = Coin(),
            Pressed = [.. Outputs.Where(_ => Coin())],
            Switches = rig.Switches.ToDictionary(part => part.Id, _ => random.Next(4) == 0 ? "off" : "on"),
        };
    }
}
