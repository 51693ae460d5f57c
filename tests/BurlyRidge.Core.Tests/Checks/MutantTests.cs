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

    [Fact]
    public void What_leaves_a_lamp_dark_burns_it_or_feeds_a_signal_backwards_is_a_Stop() => TryFunction(Few / 2);

    [Fact(Explicit = true)]
    public void The_same_of_a_thousand() => TryFunction(Whole / 2);

    private void TryFunction(int count)
    {
        var held = new List<string>();
        var caught = 0;
        for (var seed = 1; seed <= count; seed++)
        {
            var (sound, rig, what) = Miswired(seed);
            if (RigValidation.Validate(rig).Count > 0 || FunctionOracle.Wrong(sound, rig) is not { } why) continue;
            var assessment = Assessor.Assess(rig);
            if (assessment.Checks.Concat(assessment.Lines.SelectMany(line => line.Checks)).Any(check => check.Verdict == Verdict.Stop)) caught++;
            else held.Add($"seed {seed}, {what}: {why}");
        }
        output.WriteLine($"{count} miswired rigs, {caught + held.Count} of them wrong, {caught} stopped");
        foreach (var one in held) output.WriteLine(one);
        Assert.Empty(held);
        Assert.True(caught > count / 5, $"only {caught} were wrong");
    }

    /// <summary>Turned round, open, joined, welded, to the body, for other volts.</summary>
    private static (Rig Sound, Rig Rig, string What) Miswired(int seed)
    {
        var random = new Random(seed);
        var lined = AllShapes.Competent.Where(shape => shape.Rig.Lines.Count > 0).ToList();
        var shape = lined[random.Next(lined.Count)];
        var rig = shape.Rig;
        T Any<T>(IReadOnlyList<T> list) => list[random.Next(list.Count)];
        switch (random.Next(6))
        {
            case 0:
                var lamp = Any(rig.Fixtures);
                var (plus, minus) = ($"{lamp.Id}.{lamp.Functions[0].Plus}", $"{lamp.Id}.{lamp.Functions[0].Minus}");
                string Turned(string end) => end == plus ? minus : end == minus ? plus : end;
                return (rig, rig with { Runs = [.. rig.Runs.Select(run => run with { From = Turned(run.From), To = Turned(run.To) })] }, $"{shape.Name}, {lamp.Id} the wrong way round");
            case 1:
                var gone = Any(rig.Runs);
                return (rig, rig with { Runs = [.. rig.Runs.Where(run => run != gone)] }, $"{shape.Name}, {gone.Id} left off");
            case 2:
                var (one, other) = (Any(rig.Runs).From, Any(rig.Runs).To);
                return (rig, Joined(rig, one, other), $"{shape.Name}, {one} joined to {other}");
            case 3 when rig.Relays.Count > 0:
                var relay = Any(rig.Relays);
                return (rig, Joined(rig, $"{relay.Id}.{relay.Pinout.Common}", $"{relay.Id}.{relay.Pinout.Open}"), $"{shape.Name}, {relay.Id} welded");
            case 4 when rig.Relays.Count > 0:
                var coil = Any(rig.Relays);
                return (rig, rig with { Relays = [.. rig.Relays.Select(part => part == coil ? part with { CoilVolts = rig.Vehicle.SystemVolts == 12 ? 24 : 12 } : part)] }, $"{shape.Name}, {coil.Id} for other volts");
            default:
                var changed = Any(rig.Fixtures);
                return (rig, rig with
                {
                    Fixtures = [.. rig.Fixtures.Select(part => part == changed ? part with { Functions = [.. part.Functions.Select(function => function with { RatedVolts = function.RatedVolts == 12 ? 24 : 12, MaxVolts = null, DropOutVolts = null, TurnOnVolts = null })] } : part)],
                }, $"{shape.Name}, {changed.Id} for other volts");
        }
    }

    private static Rig Joined(Rig rig, string one, string other) => rig with { Runs = [.. rig.Runs, new Run("joined", one, other, "12 AWG", 0.1, [Zone.EngineBay]) { Colour = "red" }] };
}
