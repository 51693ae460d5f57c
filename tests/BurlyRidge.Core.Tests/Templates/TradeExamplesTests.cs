using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Templates;

/// <summary>Figures that fitters work by (common practice, no source).</summary>
public class TradeExamplesTests
{
    [Fact]
    public void A_200_W_load_draws_16_7_A_takes_a_20_or_25_A_fuse_and_wire_for_25_A()
    {
        var answer = Make.Assess(Make.Line(200, 3), rules: new HouseRules { MarginFraction = 0.5 });
        Assert.Equal(16.7, answer.LoadAmps, 0.05);
        Assert.True(answer.Fuse!.RatingAmps is 20 or 25);
        Assert.True(answer.Wire!.AmpacityAmps >= 25);
    }

    [Fact]
    public void Two_pods_of_3_6_A_draw_7_2_A_and_take_a_10_A_fuse()
    {
        var line = Make.Line(0, 4.6) with { Lamps = [new LampSet(LampKind.RegulatedLed, 2, Amps: 3.6)] };
        var answer = Make.Assess(line);
        Assert.Equal(7.2, answer.LoadAmps, 9);
        Assert.Equal(10, answer.Fuse!.RatingAmps);
    }

    [Fact]
    public void A_300_W_bar_draws_25_A_and_a_40_A_relay_serves_it()
    {
        var answer = Make.Assess(Make.Line(300, 2));
        Assert.Equal(25, answer.LoadAmps, 9);
        Assert.Equal(40, answer.Relay.RatingAmps);
    }

    [Fact]
    public void Load_is_below_fuse_and_fuse_below_wire()
    {
        var answer = Make.Assess(Make.Line(100, 4, count: 2), rules: new HouseRules { MarginFraction = 0.5 });
        Assert.True(answer.DesignAmps < answer.Fuse!.RatingAmps);
        Assert.True(answer.Fuse.RatingAmps <= answer.Wire!.AmpacityAmps);
    }

    [Fact]
    public void A_4_6_m_run_at_7_2_A_by_the_body_holds_the_drop_in_14_AWG()
    {
        var line = Make.Line(0, 4.6, path: ReturnPath.Body) with
        {
            Lamps = [new LampSet(LampKind.RegulatedLed, 2, Amps: 3.6)],
            ChosenWire = "14 AWG",
        };
        Assert.True(Make.Assess(line).Ladder.Single(entry => entry.Name == "14 AWG").Holds);
    }

    [Fact]
    public void Body_return_halves_the_copper()
    {
        var sizing = Make.Size(Make.Line(60, 3, path: ReturnPath.Body) with { ChosenWire = "12 AWG" });
        var celsius = sizing.Main.AmbientCelsius + (105 - sizing.Main.AmbientCelsius) * Math.Pow(60 / sizing.LampVolts / sizing.WireAmps, 2);
        Assert.Equal(WireTable.Find("12 AWG")!.Ohms(3 + 2 * 0.1, celsius), sizing.LoopOhms, 5);
    }
}
