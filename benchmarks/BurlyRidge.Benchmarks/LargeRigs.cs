using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Benchmarks;

/// <summary>Rigs as large as may be worked out, each large in another way.</summary>
internal static class LargeRigs
{
    public static IReadOnlyList<(string Name, Rig Rig)> All =>
    [
        ($"{RigSize.MaxRelays} lines, wired", ManyLines.Of(RigSize.MaxRelays)),
        ($"{RigSize.MaxRelays} lines, placed", ManyLines.Placed(RigSize.MaxRelays)),
        ("60 lines, placed", ManyLines.Placed(60)),
        ($"{PlannedLines} lines, quick plans", Planned(PlannedLines)),
        ("joints in a row", Chain(RigSize.MaxParts - 6)),
        ("lamps in a row on 20 lines", Row(RigSize.MaxLamps, lines: 20)),
        ("lamps in a row on 300 lines", Row(RigSize.MaxLamps, lines: RigSize.MaxLines)),
        ("lamps side by side on 20 lines", Star(RigSize.MaxLamps, lines: 20)),
        ("wires side by side", Parallel(RigSize.MaxWires - 4)),
        ("a mesh of joints", Mesh(40)),
        ("fuses in a row", Fuses(RigSize.MaxFuses)),
        ("relays that pull each other in", Relays(RigSize.MaxRelays)),
        ("power boxes", Boxes(88)),
    ];

    /// <summary>As many as their lamps let in.</summary>
    private const int PlannedLines = RigSize.MaxLines;

    private static readonly Rig Bare = Rig.Empty(12, UnitSystem.Metric) with
    {
        Protection = [new ProtectiveDevice("f", new Fuse(15, FuseFamily.Blade))],
        Earths = [new Earth("e", EarthKind.Stud)],
        Fixtures = [new Fixture("lamp", "Lamp", [new LampFunction("main", LampKind.RegulatedLed, 20)])],
        Lines = [new Line("line", "Line") { Lights = ["lamp.main"] }],
    };

    private static Run Run(int number, string from, string to) => new($"w-{number}", from, to, "12 AWG", 0.1, [Zone.EngineBay]);

    private static Rig Planned(int lines) => Rig.Empty(12, UnitSystem.Metric) with
    {
        Lines = [.. Enumerable.Range(0, lines).Select(i => new Line($"line-{i}", $"Line {i}",
            new LinePlan([new LampSet(LampKind.RegulatedLed, 2, 5 + i % 20)], 1 + i % 7, i % 2 == 0 ? ReturnPath.Wire : ReturnPath.Body, [Zone.EngineBay], 105, (Trigger)(i % 3))))],
    };

    private static Rig Chain(int joints)
    {
        var runs = new List<Run> { Run(0, "battery.plus", "f.in"), Run(1, "f.out", "j-0.a") };
        for (var i = 1; i < joints; i++) runs.Add(Run(runs.Count, $"j-{i - 1}.b", $"j-{i}.a"));
        runs.Add(Run(runs.Count, $"j-{joints - 1}.b", "lamp.plus"));
        runs.Add(Run(runs.Count, "lamp.minus", "e"));
        return Bare with { Joints = [.. Enumerable.Range(0, joints).Select(i => new Joint($"j-{i}", JointKind.Crimp))], Runs = runs };
    }

    private static Rig Row(int lamps, int lines)
    {
        var runs = new List<Run> { Run(0, "battery.plus", "f.in"), Run(1, "f.out", "l-0.plus"), Run(2, "l-0.minus", "e") };
        for (var i = 1; i < lamps && runs.Count + 2 <= RigSize.MaxWires; i++)
        {
            runs.Add(Run(runs.Count, $"l-{i - 1}.plus", $"l-{i}.plus"));
            runs.Add(Run(runs.Count, $"l-{i - 1}.minus", $"l-{i}.minus"));
        }
        var fitted = (runs.Count - 1) / 2;
        return Bare with
        {
            Fixtures = [.. Enumerable.Range(0, fitted).Select(i => new Fixture($"l-{i}", "Lamp", [new LampFunction("main", LampKind.ResistorLed, 0.02)]))],
            Lines = [.. Enumerable.Range(0, lines).Select(k => new Line($"line-{k}", $"Line {k}") { Lights = [.. Enumerable.Range(0, fitted).Where(i => i % lines == k).Select(i => $"l-{i}.main")] })],
            Runs = runs,
        };
    }

    private static Rig Star(int lamps, int lines)
    {
        var fitted = Math.Min(lamps, RigSize.MaxWires / 2 - 2);
        return Bare with
        {
            Fixtures = [.. Enumerable.Range(0, fitted).Select(i => new Fixture($"l-{i}", "Lamp", [new LampFunction("main", LampKind.RegulatedLed, 0.02)]))],
            Lines = [.. Enumerable.Range(0, lines).Select(k => new Line($"line-{k}", $"Line {k}") { Lights = [.. Enumerable.Range(0, fitted).Where(i => i % lines == k).Select(i => $"l-{i}.main")] })],
            Runs = [Run(0, "battery.plus", "f.in"), .. Enumerable.Range(0, fitted).SelectMany(i => new[] { Run(2 * i + 1, "f.out", $"l-{i}.plus"), Run(2 * i + 2, $"l-{i}.minus", "e") })],
        };
    }

    private static Rig Parallel(int wires) => Bare with
    {
        Runs = [Run(0, "battery.plus", "f.in"), .. Enumerable.Range(1, wires).Select(i => Run(i, "f.out", "lamp.plus")), Run(wires + 1, "lamp.minus", "e")],
    };

    private static Rig Mesh(int side)
    {
        var runs = new List<Run> { Run(0, "battery.plus", "f.in"), Run(1, "f.out", "j-0-0.a") };
        for (var i = 0; i < side; i++)
        {
            for (var k = 0; k < side; k++)
            {
                if (i + 1 < side) runs.Add(Run(runs.Count, $"j-{i}-{k}.s", $"j-{i + 1}-{k}.n"));
                if (k + 1 < side) runs.Add(Run(runs.Count, $"j-{i}-{k}.e", $"j-{i}-{k + 1}.w"));
            }
        }
        runs.Add(Run(runs.Count, $"j-{side - 1}-{side - 1}.z", "lamp.plus"));
        runs.Add(Run(runs.Count, "lamp.minus", "e"));
        return Bare with { Joints = [.. Enumerable.Range(0, side * side).Select(i => new Joint($"j-{i / side}-{i % side}", JointKind.Crimp))], Runs = runs };
    }

    private static Rig Fuses(int fuses)
    {
        var runs = new List<Run> { Run(0, "battery.plus", "f-0.in") };
        for (var i = 1; i < fuses; i++) runs.Add(Run(runs.Count, $"f-{i - 1}.out", $"f-{i}.in"));
        runs.Add(Run(runs.Count, $"f-{fuses - 1}.out", "lamp.plus"));
        runs.Add(Run(runs.Count, "lamp.minus", "e"));
        return Bare with { Protection = [.. Enumerable.Range(0, fuses).Select(i => new ProtectiveDevice($"f-{i}", new Fuse(15, FuseFamily.Blade)))], Runs = runs };
    }

    /// <summary>Each contact works the next coil, so that it takes a step for each until they stand still.</summary>
    private static Rig Relays(int relays)
    {
        var runs = new List<Run> { Run(0, "battery.plus", "f.in"), Run(1, "f.out", "s.in"), Run(2, "s.out", "k-0.86") };
        for (var i = 0; i < relays; i++)
        {
            runs.Add(Run(runs.Count, "f.out", $"k-{i}.30"));
            runs.Add(Run(runs.Count, $"k-{i}.85", "e"));
            runs.Add(Run(runs.Count, $"k-{i}.87", i + 1 < relays ? $"k-{i + 1}.86" : "lamp.plus"));
        }
        runs.Add(Run(runs.Count, "lamp.minus", "e"));
        return Bare with
        {
            Relays = [.. Enumerable.Range(0, relays).Select(i => new Relay($"k-{i}", 40) { CoilOhms = 4000 })],
            Switches = [new Switch("s", 5, [new("off", []), new("on", [new("in", "out")])])],
            Runs = runs,
        };
    }

    private static Rig Boxes(int boxes)
    {
        const int outputs = 32;
        var runs = new List<Run> { Run(0, "battery.plus", "f.in") };
        for (var i = 0; i < boxes; i++)
        {
            runs.Add(Run(runs.Count, "f.out", $"b-{i}.plus"));
            runs.Add(Run(runs.Count, $"b-{i}.minus", "e"));
        }
        runs.Add(Run(runs.Count, "b-0.o-0", "lamp.plus"));
        runs.Add(Run(runs.Count, "lamp.minus", "e"));
        return Bare with
        {
            PowerBoxes = [.. Enumerable.Range(0, boxes).Select(i => new PowerBox($"b-{i}", 100, [.. Enumerable.Range(0, outputs).Select(k => new BoxOutput($"o-{k}", 15, Slot: k + 1, Legend: $"Slot {k}"))]))],
            Runs = runs,
        };
    }
}
