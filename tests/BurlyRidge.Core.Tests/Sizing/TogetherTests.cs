using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>Lines that keep their drop one by one and lose it together.</summary>
public class TogetherTests
{
    private const int Lines = 5;

    /// <summary>Five lamps, each its own line, on one feed.</summary>
    private static Rig OneFeed(double metres, LampKind kind = LampKind.RegulatedLed)
    {
        var lines = Enumerable.Range(0, Lines).ToList();
        return Rig(12,
        [
            Run("battery.plus", "f.in", 0.15, "12 AWG"), Run("f.out", "bus.in", metres, "12 AWG"),
            .. lines.Select(i => Run("bus.out", $"s{i}.in", 0.5, "14 AWG")), .. lines.Select(i => Run($"s{i}.out", $"lamp{i}.plus", 0.5, "14 AWG")),
            .. lines.Select(i => Run($"lamp{i}.minus", "e", 0.3, "14 AWG")),
        ]) with
        {
            Protection = [Fuse("f", 20)],
            Joints = [new Joint("bus", JointKind.Crimp)],
            Switches = [.. lines.Select(i => OnOff($"s{i}"))],
            Fixtures = [.. lines.Select(i => Led($"lamp{i}", 36) with { Functions = [new LampFunction("main", kind, 36)] })],
            Earths = [Stud("e")],
            Lines = [.. lines.Select(i => new Line($"line{i}", $"Line {i}") { Lights = [$"lamp{i}.main"] })],
        };
    }

    private static List<Check> Drops(Rig rig) => [.. Assessor.Assess(rig).Lines.SelectMany(line => line.Checks).Where(check => check.Id == "drop")];

    [Fact]
    public void The_drop_is_judged_with_everything_on()
    {
        var rig = OneFeed(7);
        var alone = Drops(rig with { Lines = [rig.Lines[0]] });
        Assert.Equal(Verdict.Holds, Assert.Single(alone).Verdict);
        Assert.InRange(alone[0].Figure, 0.02, 0.05);

        // 7 m of 12 AWG carry five times 3 A: R = 7 · 5.211 mΩ/m · 1.02 (ASTM B258, from memory), drop 15 A · 37 mΩ = 0.56 V and more as it warms and the lamps draw more.
        var together = Drops(rig);
        Assert.All(together, check => Assert.InRange(check.Figure, 0.56 / 12, 0.15));
        Assert.All(together, check => Assert.Contains("everything on", check.Reason, StringComparison.Ordinal));
    }

    [Fact]
    public void Resizing_gives_the_shared_feed_the_copper_for_all_of_them()
    {
        var rig = OneFeed(7, LampKind.ResistorLed);
        var named = rig with { HouseRules = rig.HouseRules with { DropLimitOther = 0.05 } };
        Assert.Contains(Drops(named), check => check.Verdict != Verdict.Holds);
        var sized = WholeRig.Of(named).Resize();
        Assert.All(Drops(sized.Rig), check => Assert.True(check.Figure <= 0.05, check.Reason));
        Assert.Empty(WholeRig.Of(sized.Rig).Resize().Changes);
        Assert.Contains(sized.Changes, change => change.Part == "f-out--bus-in" && change.Why.Contains("everything on", StringComparison.Ordinal));
    }

    /// <summary>Every size of the shared feed says what the rig would lose on it, all lamps on; that of a branch what its line loses.</summary>
    [Fact]
    public void The_ladder_of_a_shared_run_judges_its_lines_together()
    {
        var rig = OneFeed(7, LampKind.ResistorLed);
        var study = RigStudy.Of(rig);
        var ladder = WireLadder.Of(study, [study.Runs.Single(run => run.Run.Id == "f-out--bus-in")]);
        foreach (var wire in new[] { "14 AWG", "12 AWG", "8 AWG" })
        {
            var taken = RigStudy.Of(rig with { Runs = [.. rig.Runs.Select(run => run.Id == "f-out--bus-in" ? run with { Wire = wire } : run)] });
            var rung = ladder.Single(rung => rung.Wire.Name == wire);
            Assert.Equal(taken.Lines.Max(line => line.Worst!.MostFraction), rung.DropFraction, 1e-6);
            Assert.Equal(taken.Lines.Any(line => !line.Worst!.DropHolds), rung.Failures.Contains(RungFailure.Drop));
        }
        Assert.Contains(RungFailure.Drop, ladder.Single(rung => rung.Wire.Name == "12 AWG").Failures);
        Assert.DoesNotContain(RungFailure.Drop, WireLadder.Of(RigStudy.Of(rig with { Lines = [rig.Lines[0]] }), [study.Runs[1]]).Single(rung => rung.Wire.Name == "12 AWG").Failures);
    }

    [Fact]
    public void The_far_lamp_is_judged_with_everything_on()
    {
        var rig = OneFeed(0.5);
        var pair = rig with
        {
            // One line of two lamps, the second behind a link that three other lines hang on as well.
            Runs = [.. rig.Runs.Where(run => !run.To.StartsWith("lamp", StringComparison.Ordinal) && run.From != "bus.out"),
                Run("bus.out", "s0.in", 0.5), Run("s0.out", "lamp0.plus", 0.5), Run("lamp0.plus", "lamp1.plus", 4, "16 AWG"),
                .. Enumerable.Range(2, 3).SelectMany(i => new[] { Run("lamp1.plus", $"s{i}.in", 0.5), Run($"s{i}.out", $"lamp{i}.plus", 0.5) })],
            Lines = [rig.Lines[0] with { Lights = ["lamp0.main", "lamp1.main"] }, .. rig.Lines.Skip(2)],
        };
        Check Far(Rig of) => Assessor.Assess(of).Lines[0].Checks.First(check => check.Id == "far-lamp");
        Assert.Equal(Verdict.Holds, Far(pair with { Lines = [pair.Lines[0]] }).Verdict);
        Assert.Equal(Verdict.Watch, Far(pair).Verdict);
    }
}
