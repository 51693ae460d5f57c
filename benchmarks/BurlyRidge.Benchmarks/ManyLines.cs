using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Benchmarks;

/// <summary>A rig of as many lines as asked, each with fuse, relay, switch, plug and a pair of lamps, on one battery.</summary>
internal static class ManyLines
{
    public static Rig Of(int lines)
    {
        // One battery feeds them all: beyond a hundred lines each draws less, so that the sum does not brown it out.
        var share = Math.Min(1, 100.0 / lines);
        var watts = 10 * share;
        var coilOhms = 88 / share;
        var fixtures = new List<Fixture>();
        var protection = new List<ProtectiveDevice>();
        var relays = new List<Relay>();
        var switches = new List<Switch>();
        var joints = new List<Joint>();
        var earths = new List<Earth>();
        var runs = new List<Run>();
        for (var i = 0; i < lines; i++)
        {
            string P(string part) => $"l{i}-{part}";
            void Run(string from, string to, double metres, string wire) =>
                runs.Add(new Run(P($"run{runs.Count}"), from, to, wire, metres, [Zone.EngineBay]));
            var kind = (LampKind)(i % 3);
            fixtures.Add(new Fixture(P("a"), "lamp", [new LampFunction("main", kind, watts * (1 + i % 30 / 10.0))]));
            fixtures.Add(new Fixture(P("b"), "lamp", [new LampFunction("main", kind, watts * (1 + i % 30 / 10.0))]));
            protection.Add(new ProtectiveDevice(P("fuse"), new Fuse(15, FuseFamily.Blade)));
            relays.Add(new Relay(P("relay"), 40) { CoilOhms = coilOhms });
            switches.Add(new Switch(P("switch"), 5, [new("off", []), new("on", [new("in", "out")])]));
            joints.Add(new Joint(P("plug"), JointKind.Plug));
            earths.Add(new Earth(P("earth"), EarthKind.Stud));
            Run("battery.plus", P("fuse.in"), 0.15, "12 AWG");
            Run(P("fuse.out"), P("relay.30"), 0.3, "12 AWG");
            Run(P("relay.87"), P("plug.in"), 1 + i % 5, "12 AWG");
            Run(P("plug.out"), P("a.plus"), 0.3, "14 AWG");
            Run(P("a.plus"), P("b.plus"), 1, "14 AWG");
            Run(P("a.minus"), P("earth"), 0.4, "14 AWG");
            Run(P("b.minus"), P("earth"), 0.9, "14 AWG");
            Run(P("fuse.out"), P("switch.in"), 2, "18 AWG");
            Run(P("switch.out"), P("relay.86"), 2, "18 AWG");
            Run(P("relay.85"), P("earth"), 0.3, "18 AWG");
        }
        var usual = Rig.Empty(12, UnitSystem.Metric);
        return usual with
        {
            Vehicle = usual.Vehicle with { Batteries = [new Battery("battery", 2000, 1, 0.5)], Alternator = null },
            Fixtures = fixtures,
            Protection = protection,
            Relays = relays,
            Switches = switches,
            Joints = joints,
            Earths = earths,
            Runs = runs,
            Lines = [.. Enumerable.Range(0, lines).Select(i => new Line($"line-{i}", $"Line {i}") { Lights = [$"l{i}-a.main", $"l{i}-b.main"] })],
        };
    }

    public static RigState AllOn(Rig rig) => new()
    {
        Key = true,
        Switches = rig.Switches.ToDictionary(part => part.Id, _ => "on"),
    };

    /// <summary>The same on a wagon with room for all of it, parts of a line at three stations each.</summary>
    public static Rig Placed(int lines)
    {
        var rig = Of(lines);
        var body = GenericBody.Of(BodyKind.LongWagon);
        body = body with
        {
            Stations = [.. body.Stations.Select(station => station with { HoleMillimetres = null })],
            Lanes = [.. body.Lanes.Select(lane => lane with { CapacityMillimetres = null })],
        };
        string At(int i) => body.Stations[i % body.Stations.Count].Id;
        return rig with
        {
            Body = body,
            Places =
            [
                .. rig.Fixtures.Select((part, i) => new Place(part.Id, At(i / 2))), .. rig.Protection.Select(part => new Place(part.Id, "battery")),
                .. rig.Relays.Select((part, i) => new Place(part.Id, At(7 * i))), .. rig.Switches.Select(part => new Place(part.Id, "dash")),
                .. rig.Joints.Select((part, i) => new Place(part.Id, At(i))), .. rig.Earths.Select((part, i) => new Place(part.Id, At(11 * i))),
            ],
        };
    }
}
