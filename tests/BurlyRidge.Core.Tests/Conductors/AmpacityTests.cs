using BurlyRidge.Core.Conductors;
using CsCheck;

namespace BurlyRidge.Core.Tests.Conductors;

public class AmpacityTests
{
    // ABYC E-11, below 50 V, outside engine spaces, 30 °C (from memory).
    [Theory]
    [InlineData(18, 20, 10)]
    [InlineData(16, 25, 15)]
    [InlineData(14, 35, 20)]
    [InlineData(12, 45, 25)]
    [InlineData(10, 60, 40)]
    [InlineData(8, 80, 65)]
    [InlineData(6, 120, 95)]
    [InlineData(4, 160, 125)]
    [InlineData(2, 210, 170)]
    public void AWG_sizes_carry_what_E11_says(int gauge, double at105, double at75)
    {
        var wire = WireTable.Find($"{gauge} AWG")!;
        Assert.Equal(at105, Ampacity.Of(wire, 105, 30, 2), 9);
        Assert.Equal(at75, Ampacity.Of(wire, 75, 30, 2), 9);
    }

    // E-11's own factors for engine spaces at 50 °C, 0.85 and 0.75 (from memory), as a check of the formula.
    [Theory]
    [InlineData(105, 0.85)]
    [InlineData(75, 0.75)]
    public void The_ambient_factor_agrees_with_the_engine_space_factors(int insulation, double published) =>
        Assert.Equal(published, Ampacity.AmbientFactor(insulation, 50), 0.007);

    [Theory]
    [InlineData(75, 75)]
    [InlineData(75, 105)]
    [InlineData(105, 105)]
    public void Nothing_is_carried_where_it_is_as_hot_as_the_insulation_may_be(int insulation, double ambient) =>
        Assert.Equal(0, Ampacity.Of(WireTable.Find("2 AWG")!, insulation, ambient, 1));

    // E-11 bundle factors (from memory).
    [Theory]
    [InlineData(1, 1.0)]
    [InlineData(2, 1.0)]
    [InlineData(3, 0.7)]
    [InlineData(4, 0.6)]
    [InlineData(6, 0.6)]
    [InlineData(7, 0.5)]
    [InlineData(24, 0.5)]
    [InlineData(25, 0.4)]
    [InlineData(100, 0.4)]
    public void A_loom_takes_its_share(int conductors, double factor) => Assert.Equal(factor, Ampacity.BundleFactor(conductors));

    [Fact]
    public void Below_18_AWG_the_current_density_of_18_AWG_holds()
    {
        var area = WireTable.Find("20 AWG")!.CopperSquareMillimetres;
        Assert.Equal(20 * area / AmericanWireGauge.AreaSquareMillimetres(18), Ampacity.Table(area, 105), 9);
    }

    [Fact]
    public void Above_2_AWG_the_last_row_holds() => Assert.Equal(210, Ampacity.Table(35, 105));

    // Geometric means of two rows lie on the straight line of log–log paper.
    [Fact]
    public void Between_the_rows_it_is_straight_in_log_log()
    {
        var area = Math.Sqrt(AmericanWireGauge.AreaSquareMillimetres(14) * AmericanWireGauge.AreaSquareMillimetres(12));
        Assert.Equal(Math.Sqrt(35.0 * 45.0), Ampacity.Table(area, 105), 9);
    }

    [Fact]
    public void More_copper_never_carries_less() =>
        Gen.Select(Gen.Double[0.1, 60], Gen.Double[0.1, 60], Gen.OneOf(75, 105))
            .Sample((one, other, insulation) =>
                Ampacity.Table(Math.Min(one, other), insulation) <= Ampacity.Table(Math.Max(one, other), insulation) + 1e-9);

    [Fact]
    public void At_its_ampacity_a_conductor_is_as_hot_as_its_insulation_may_be()
    {
        Assert.Equal(105, Ampacity.ConductorCelsius(30, 30, 105, 70));
        Assert.Equal(70, Ampacity.ConductorCelsius(0, 30, 105, 70));
        Assert.Equal(70 + 35 * 0.25, Ampacity.ConductorCelsius(15, 30, 105, 70), 9);
        Assert.Equal(105, Ampacity.ConductorCelsius(90, 30, 105, 70));
    }
}
