using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Server.Tests;

/// <summary>Rigs that take long to work out, and one that is too large to be.</summary>
internal static class LargeRig
{
    /// <summary>Lamps in one row, shared out over lines: each line hangs on all before it.</summary>
    public static Rig Row(int lamps = RigSize.MaxLamps, int lines = RigSize.MaxLines)
    {
        Run Wire(string id, string from, string to) => new(id, from, to, "12 AWG", 0.1, [Zone.EngineBay]);
        return Rig.Empty(12, UnitSystem.Metric) with
        {
            Protection = [new ProtectiveDevice("f", new Fuse(15, FuseFamily.Blade))],
            Earths = [new Earth("e", EarthKind.Stud)],
            Fixtures = [.. Enumerable.Range(0, lamps).Select(i => new Fixture($"l-{i}", "Lamp", [new LampFunction("main", LampKind.ResistorLed, 0.02)]))],
            Lines = [.. Enumerable.Range(0, lines).Select(k => new Line($"line-{k}", $"Line {k}") { Lights = [.. Enumerable.Range(0, lamps).Where(i => i % lines == k).Select(i => $"l-{i}.main")] })],
            Runs =
            [
                Wire("main", "battery.plus", "f.in"), Wire("out", "f.out", "l-0.plus"), Wire("back", "l-0.minus", "e"),
                .. Enumerable.Range(1, lamps - 1).SelectMany(i => new[] { Wire($"p-{i}", $"l-{i - 1}.plus", $"l-{i}.plus"), Wire($"m-{i}", $"l-{i - 1}.minus", $"l-{i}.minus") }),
            ],
        };
    }
}
