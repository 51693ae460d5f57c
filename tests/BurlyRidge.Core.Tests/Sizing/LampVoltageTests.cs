using BurlyRidge.Core.Sizing;
using CsCheck;

namespace BurlyRidge.Core.Tests.Sizing;

public class LampVoltageTests
{
    // Constant power behind a resistance, by hand: V² − Vs·V + R·P = 0.
    [Fact]
    public void A_regulated_lamp_settles_at_the_higher_root()
    {
        var volts = LampVoltage.Solve(12, new LampWatts(60, 0, 0), 0.4);
        Assert.Equal((12 + Math.Sqrt(144 - 4 * 0.4 * 60)) / 2, volts!.Value, 10);
    }

    // A resistor against a resistor: 12 V · 2.4/(2.4 + 0.6) for 60 W at 12 V, which is 2.4 Ω.
    [Fact]
    public void A_resistor_lamp_is_a_divider() =>
        Assert.Equal(9.6, LampVoltage.Solve(12, new LampWatts(0, 60, 0), 0.6)!.Value, 10);

    // IES rerating (from memory): current with V^0.55, so at half the volts 0.683 of the current.
    [Fact]
    public void A_filament_lamp_draws_less_at_low_volts() =>
        Assert.Equal(5 * 0.683, LampVoltage.Amps(12, new LampWatts(0, 0, 60), 6), 0.001);

    // Drop-out at 9 V comes before the theoretical limit P = Vs²/(4R): at 9 V, 3 V are lost, so R·P = 27.
    [Theory]
    [InlineData(26.9, true)]
    [InlineData(27.1, false)]
    [InlineData(36.1, false)]
    [InlineData(1000, false)]
    public void Below_drop_out_there_is_no_solution(double watts, bool runs) =>
        Assert.Equal(runs, LampVoltage.Solve(12, new LampWatts(watts, 0, 0), 1) is not null);

    [Fact]
    public void A_solution_obeys_Ohm_and_Kirchhoff() =>
        Gen.Select(Gen.OneOf(12, 24), Gen.Double[0, 200], Gen.Double[0, 200], Gen.Double[0, 200], Gen.Double[0.0001, 2])
            .Where((_, led, resistor, filament, _) => led + resistor + filament > 0.1)
            .Sample((source, led, resistor, filament, ohms) =>
            {
                var watts = new LampWatts(led, resistor, filament);
                if (LampVoltage.Solve(source, watts, ohms) is not { } volts) return led > 0;
                return Math.Abs(source - volts - ohms * LampVoltage.Amps(source, watts, volts)) < 1e-9 * source;
            });
}
