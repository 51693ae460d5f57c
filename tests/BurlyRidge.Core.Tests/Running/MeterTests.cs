using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Tests.Support.Shapes;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Running;

/// <summary>What a meter and a test lamp show.</summary>
public class MeterTests
{
    private static readonly RunState On = GoodRigs.Bar.Through(5, Runs.At(0, KeyOn.Set("s", "on"))).End;

    private static TesterReading Read(RunState state, TesterSetting setting, string red, string black = Vehicle.Body, params string[] faults) =>
        Meter.Read(GoodRigs.Bar, state with { Faults = faults }, new Probing(setting, red, black))!;

    [Theory]
    [InlineData("bar.plus", "bar.minus")]
    [InlineData("battery.plus", "battery.minus")]
    [InlineData("k.30", "k.87")]
    public void Volts_are_those_of_the_network_to_the_last_digit_shown(string red, string black)
    {
        var solved = HarnessCompiler.Solve(GoodRigs.Bar, KeyOn.Set("s", "on"));
        Assert.Equal(solved.Volts(red) - solved.Volts(black), Read(On, TesterSetting.Volts, red, black).Value!.Value, 0.02);
    }

    /// <summary>Behind an open contact of 1 GΩ a meter of 10 MΩ shows a ghost of an eighth of a volt; water in the contact makes half the battery of it, and a test lamp neither.</summary>
    [Fact]
    public void An_open_wire_shows_a_ghost_and_a_wet_contact_half_the_battery()
    {
        var rest = RunState.AtRest;
        Assert.Equal(12.5 * 10 / 1010, Free(rest).Value!.Value, 0.02);
        Assert.Equal(12.5 / 2, Free(rest, "wet-contact:k").Value!.Value, 0.2);
        Assert.False(Meter.Read(GoodRigs.Bar, rest with { Faults = ["wet-contact:k", "lamp-dead:bar.main"] }, new Probing(TesterSetting.TestLamp, "k.87"))!.Lit);

        // The lamp itself draws the ghost down: it is out.
        static TesterReading Free(RunState state, params string[] faults) => Read(state, TesterSetting.Volts, "k.87", Vehicle.Body, [.. faults, "wire-open:k-87--plug-a"]);
    }

    /// <summary>A feed that hardly touches reads as a sound one while nothing loads it; the test lamp tells.</summary>
    [Fact]
    public void A_test_lamp_tells_a_wire_that_carries_from_one_that_does_not()
    {
        var rig = GoodRigs.Bar;
        var weak = rig with { Joints = [.. rig.Joints.Select(joint => joint.Id == "sp" ? joint with { Milliohms = 10_000 } : joint)] };
        string Lamp(Rig of) => Meter.Read(of, RunState.AtRest, new Probing(TesterSetting.TestLamp, "k.30"))!.Words;
        double Volts(Rig of) => Meter.Read(of, RunState.AtRest, new Probing(TesterSetting.Volts, "k.30"))!.Value!.Value;
        Assert.Equal(Volts(rig), Volts(weak), 0.02);
        Assert.Equal(("bright", "dim"), (Lamp(rig), Lamp(weak)));
    }

    [Fact]
    public void Ohms_are_refused_while_it_is_live_and_read_when_it_is_dead()
    {
        var live = Read(On, TesterSetting.Ohms, "bar.plus", "bar.minus");
        Assert.True(live.Refused);
        Assert.Contains(" V between the probes", live.Words, StringComparison.Ordinal);
        Assert.InRange(Read(RunState.AtRest, TesterSetting.Ohms, "f.in", "f.out").Value!.Value, 0, 0.1);
        Assert.Null(Read(RunState.AtRest with { Blown = ["f"] }, TesterSetting.Ohms, "f.out", "bar.plus").Value);
        Assert.True(Read(RunState.AtRest, TesterSetting.Continuity, "bar.minus").Lit);
        Assert.False(Read(RunState.AtRest, TesterSetting.Continuity, "bar.minus", Vehicle.Body, "earth-off:e").Lit);
        Assert.Equal(1, Read(RunState.AtRest, TesterSetting.Ohms, "bar.minus", Vehicle.Body, "earth-on-paint:e").Value!.Value, 0.15);
    }

    /// <summary>A coil of 88 Ω at 20 °C (typical) reads so, and one that is dead reads open.</summary>
    [Fact]
    public void A_coil_reads_its_ohms()
    {
        Assert.Equal(88, Read(RunState.AtRest, TesterSetting.Ohms, "k.86", "k.85").Value!.Value, 0.5);
        Assert.Null(Read(RunState.AtRest, TesterSetting.Ohms, "k.86", "k.85", "relay-dead-coil:k").Value);
    }

    [Fact]
    public void A_clamp_reads_the_amps_of_its_wire() =>
        Assert.Equal(HarnessCompiler.Solve(GoodRigs.Bar, KeyOn.Set("s", "on")).Amps("k-87--plug-a"), Read(On, TesterSetting.Clamp, "k-87--plug-a").Value!.Value, 0.05);

    [Fact]
    public void Two_colours_tell_plus_from_minus_from_neither()
    {
        Assert.Equal("joined to plus", Read(RunState.AtRest, TesterSetting.TwoColours, "k.30").Words);
        Assert.Equal("joined to minus", Read(RunState.AtRest, TesterSetting.TwoColours, "bar.minus").Words);
        Assert.Equal("joined to neither", Read(RunState.AtRest, TesterSetting.TwoColours, "bar.minus", Vehicle.Body, "wire-open:bar-minus--e", "lamp-dead:bar.main").Words);
    }

    [Fact]
    public void A_terminal_that_there_is_not_has_no_reading() => Assert.Null(Meter.Read(GoodRigs.Bar, On, new Probing(TesterSetting.Volts, "nothing.in")));
}
