using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Harness;

public class ShapesTests
{
    public static TheoryData<string> Names => [.. AllShapes.All.Select(shape => shape.Name)];

    private static Shape Shape(string name) => AllShapes.All.Single(shape => shape.Name == name);

    [Theory]
    [MemberData(nameof(Names))]
    public void Every_shape_hangs_together(string name) => Assert.Empty(RigValidation.Validate(Shape(name).Rig));

    [Theory]
    [MemberData(nameof(Names))]
    public void Every_shape_keeps_Kirchhoff_and_power(string name)
    {
        var shape = Shape(name);
        foreach (var solved in HarnessCompiler.Sequence(shape.Rig, shape.States)) Laws.Hold(solved);
    }

    private static string Lit(string name)
    {
        var shape = Shape(name);
        return string.Join(" | ", HarnessCompiler.Sequence(shape.Rig, shape.States).Select(solved => string.Join(' ', shape.Rig.Fixtures
            .SelectMany(fixture => fixture.Functions.Select(function => $"{fixture.Id}.{function.Id}"))
            .Where(lamp => Math.Abs(solved.Amps(lamp)) > 0.01)
            .Select(lamp => lamp.Replace(".main", "", StringComparison.Ordinal)))));
    }

    // What lights in which state, as the fitter expects it.
    [Theory]
    [InlineData("one bar on its own harness, earth on the body", " | bar | bar | ")]
    [InlineData("one bar on its own harness, earth on the post", " | bar | bar | ")]
    [InlineData("pair armed by a switch, high beam by a joint, coil by the body", " | left right |  | left right | ")]
    [InlineData("pair, coil by the lamp's own second wire", " | left right |  | left right | ")]
    [InlineData("pair with its switch left on", " | left right | ")]
    [InlineData("pair and a second relay on the same pick-up", " | left right ditch | ditch | left right ditch | ")]
    [InlineData("two bars on a Y lead, coil across both beam wires", " | one two | one two | ")]
    [InlineData("bar with backlight and main on two switches", " | bar | bar.backlight | bar bar.backlight | bar bar.backlight")]
    [InlineData("negative-switched, coil turned round, switch lamp unearthed", " |  | left right |  | ")]
    [InlineData("negative-switched, wired as if positive-switched", " | left right |  | left right | ")]
    [InlineData("rear pair, relay at the rear printed the other way round, dim leads capped", " | left right | left right | ")]
    [InlineData("rear pair straight from the trailer socket", " | left right | left right | ")]
    [InlineData("rear pair on, off or automatic, red on the side lights", " | left right |  | left right |  | left left.red right right.red | left.red right.red")]
    [InlineData("power box with panel, ignition sense, lamps, locker and compressor", " | left right | bar left right rear | bar left right rear | ")]
    [InlineData("power box with its minus left off", "")]
    [InlineData("factory outputs through a pass-through lead and a jumper", "bar | bar rear | bar rear | rear")]
    [InlineData("contact fed by a factory output, coil by the high beam", " |  |  | bar")]
    [InlineData("grille markers from a fuse tap", " | one two three | ")]
    [InlineData("grille markers from the parking-light wire", " | one two three | one two three")]
    [InlineData("second battery with charger, solar, sockets and lamps switched in the minus", " | left right |  | left right")]
    [InlineData("24 V truck with bar, pods, work lamps and beacons", " | bar | ditch work beacon | bar ditch")]
    [InlineData("three 12 V lamps on 24 V through a converter", " | one two three | one two three")]
    public void Lights_as_it_should(string name, string lit) => Assert.Equal(lit, Lit(name));

    // Typical relay: sure to pull in at 8 V, sure to drop out at 1 V. By hand, 12.5 V over 88 Ω and a 1.2 W filament lamp whose
    // current goes with V^0.55 leave about 6 V over the coil: not sure to pull in, and held once it is in.
    [Fact]
    public void A_filament_switch_lamp_earthed_on_a_negative_switched_beam_holds_the_relay_in()
    {
        var rig = NegativeShapes.Right(LampKind.Filament, earthed: true);
        var beam = Sketch.KeyOn with { HighBeam = true };
        var solved = HarnessCompiler.Sequence(rig, [beam, beam.Set("s", "on"), beam]);
        Assert.Contains("k", Assert.IsType<Solution.Ambiguous>(solved[0].Solution).Controllers);
        Assert.Equal(6, solved[0].Across("k.coil"), 0.6);
        Assert.False(solved[0].Contacts["k"]);
        Assert.IsType<Solution.Converged>(solved[1].Solution);
        Assert.True(solved[1].Contacts["k"]);
        Assert.Contains("k", Assert.IsType<Solution.Ambiguous>(solved[2].Solution).Controllers);
        Assert.True(solved[2].Contacts["k"], "the switch is off and the lamps stay lit");
    }

    [Fact]
    public void Without_that_earth_the_switch_puts_the_lamps_out()
    {
        var rig = NegativeShapes.Right(LampKind.Filament, earthed: false);
        var beam = Sketch.KeyOn with { HighBeam = true };
        var solved = HarnessCompiler.Sequence(rig, [beam, beam.Set("s", "on"), beam, beam.Set("s", "on"), Sketch.KeyOn.Set("s", "on")]);
        Assert.All(solved, state => Assert.IsType<Solution.Converged>(state.Solution));
        Assert.Equal([false, true, false, true, false], solved.Select(state => state.Contacts["k"]));
    }

    [Fact]
    public void A_coil_diode_the_wrong_way_round_shorts_the_signal()
    {
        var right = NegativeShapes.Right(LampKind.ResistorLed, earthed: false);
        var state = (Sketch.KeyOn with { HighBeam = true }).Set("s", "on");
        Assert.True(HarnessCompiler.Solve(right, state).Contacts["k"]);
        var turned = right with
        {
            Runs = [.. right.Runs.Select(run => run.To == "k.86" ? run with { To = "k.85" } : run.From == "k.85" ? run with { From = "k.86" } : run)],
        };
        var solved = HarnessCompiler.Solve(turned, state);
        Assert.False(solved.Contacts["k"]);
        Assert.True(solved.Amps("k.diode") > 20, "the diode carries what the fuse and the wire let through");
    }

    [Fact]
    public void An_earthed_dim_lead_halves_that_lamp_alone()
    {
        var shape = Shape("one dim lead earthed");
        var solved = HarnessCompiler.Sequence(shape.Rig, shape.States)[1];
        Assert.Equal(15, solved.Across("left.main") * solved.Amps("left.main"), 6);
        Assert.Equal(30, solved.Across("right.main") * solved.Amps("right.main"), 6);
    }

    [Fact]
    public void The_far_lamp_of_a_chain_gains_from_a_second_feed_and_loses_with_it()
    {
        var state = Sketch.KeyOn.Press("aux1");
        double Far(SolvedHarness solved, int pod) => solved.Across($"pod{pod}.main");
        var oneEnd = HarnessCompiler.Solve(ChainShapes.Chain(bothEnds: false), state);
        var both = HarnessCompiler.Solve(ChainShapes.Chain(bothEnds: true), state);
        var lost = HarnessCompiler.Solve(ChainShapes.Chain(bothEnds: true), state, null, [new Fault.Open("box.o2-fuse")]);
        Assert.IsType<Solution.Converged>(both.Solution);
        Assert.True(Far(oneEnd, 15) < Far(oneEnd, 1));
        Assert.True(Far(both, 15) > Far(oneEnd, 15) + 0.3, "fed at both ends the far lamp is brighter fed");
        Assert.Equal(Far(oneEnd, 15), Far(lost, 15), 0.02);
        Assert.InRange(Math.Abs(both.Amps("box.o1-fuse") - both.Amps("box.o2-fuse")), 0, 0.15 * both.Amps("box.o1-fuse"));
    }

    [Fact]
    public void Faults_do_what_they_do_on_the_bench()
    {
        var bar = Shape("one bar on its own harness, earth on the body").Rig;
        var on = Sketch.Rest.Set("s", "on");
        SolvedHarness With(params Fault[] faults) => HarnessCompiler.Solve(bar, on, null, faults);
        Assert.Equal(0, With(new Fault.Open("f")).Amps("bar.main"), 1e-3);
        Assert.Equal(0, With(new Fault.Open("s-out--k-86")).Amps("bar.main"), 1e-3);
        Assert.True(With(new Fault.ShortToEarth("bar.plus")).Amps("f") > 200, "a short at the lamp draws far more than its fuse");
        var good = With();
        var rusty = With(new Fault.AddedResistance("e", 0.1));
        Assert.Equal(0.1 * rusty.Amps("bar.main"), rusty.Volts("e") - good.Volts("e") * rusty.Amps("bar.main") / good.Amps("bar.main"), 0.02);
        Assert.Equal(0, With(new Fault.WrongConnection("bar-minus--e", AtItsEnd: true, "bar.plus")).Amps("bar.main"), 1e-3);
    }
}
