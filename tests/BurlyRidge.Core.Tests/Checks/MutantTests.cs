using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Checks;

/// <summary>Competent shapes with one thing made worse: what an oracle that knows no check calls unsafe is a Stop.</summary>
public class MutantTests(ITestOutputHelper output)
{
    private const int Few = 600;
    private const int Whole = 2000;

    [Fact]
    public void What_overloads_a_wire_without_opening_a_fuse_is_a_Stop() => Try(Few);

    [Fact(Explicit = true)]
    public void The_same_of_two_thousand() => Try(Whole);

    private void Try(int count)
    {
        var held = new List<string>();
        var caught = 0;
        for (var seed = 1; seed <= count; seed++)
        {
            var (rig, what) = Mutant(seed);
            if (OverloadOracle.Unsafe(rig) is not { } why) continue;
            var assessment = Assessor.Assess(rig);
            if (assessment.Checks.Concat(assessment.Lines.SelectMany(line => line.Checks)).Any(check => check.Verdict == Verdict.Stop)) caught++;
            else held.Add($"seed {seed}, {what}: {why}");
        }
        output.WriteLine($"{count} mutants, {caught + held.Count} of them unsafe, {caught} stopped");
        foreach (var one in held) output.WriteLine(one);
        Assert.Empty(held);
        Assert.True(caught > count / 20, $"only {caught} mutants were unsafe");
    }

    private static (Rig Rig, string What) Mutant(int seed)
    {
        var random = new Random(seed);
        var shape = AllShapes.Competent[random.Next(AllShapes.Competent.Count)];
        var rig = shape.Rig;
        switch (random.Next(4))
        {
            case 0 when rig.Protection.Count > 0:
                var device = rig.Protection[random.Next(rig.Protection.Count)];
                var larger = FuseTable.All.Where(fuse => fuse.RatingAmps > device.Fuse.RatingAmps).Skip(random.Next(4)).FirstOrDefault() ?? FuseTable.All[^1];
                return (rig with { Protection = [.. rig.Protection.Select(other => other == device ? other with { Fuse = larger } : other)] }, $"{shape.Name}, {device.Id} {larger}");
            case 1 when rig.PowerBoxes.Count > 0:
                var box = rig.PowerBoxes[0];
                return (rig with { PowerBoxes = [box with { Outputs = [.. box.Outputs.Select(output => output with { RatingAmps = 40 })] }, .. rig.PowerBoxes.Skip(1)] }, $"{shape.Name}, outputs of 40 A");
            case 2:
                var (from, to) = (rig.Runs[random.Next(rig.Runs.Count)].From, rig.Runs[random.Next(rig.Runs.Count)].To);
                return (rig with
                {
                    Protection = [.. rig.Protection, new ProtectiveDevice("second", new Fuse(30, FuseFamily.Blade))],
                    Runs = [.. rig.Runs, new Run("second-in", rig.Vehicle.SystemPlus, "second.in", "10 AWG", 0.1, [Zone.EngineBay]) { Colour = "red" }, new Run("second-out", "second.out", random.Next(2) == 0 ? from : to, "10 AWG", 1, [Zone.EngineBay]) { Colour = "red" }],
                }, $"{shape.Name}, a second fuse to {from} or {to}");
            default:
                var run = rig.Runs[random.Next(rig.Runs.Count)];
                var sizes = WireTable.Of(WireTable.Find(run.Wire)!.System).OrderBy(size => size.CopperSquareMillimetres).ToList();
                var thinner = sizes[Math.Max(0, sizes.FindIndex(size => size.Name == run.Wire) - 1 - random.Next(4))];
                return (rig.WithRun(run.Id, old => old with { Wire = thinner.Name }), $"{shape.Name}, {run.Id} {thinner.Name}");
        }
    }
}
