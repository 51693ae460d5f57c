using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>Peukert's law (common practice): t = H · (C/(I·H))^n at H = 20 h.</summary>
public class PeukertTests
{
    [Theory]
    [InlineData(100, 1.2, 5, 20)]
    [InlineData(100, 1.0, 10, 10)]
    [InlineData(80, 1.3, 8, 8.123)]
    [InlineData(95, 1.2, 17.5, 4.183)]
    [InlineData(100, 1.2, 1, 100)]
    public void Lasts_as_long_as_by_hand(double capacity, double exponent, double amps, double hours) =>
        Assert.Equal(hours, Peukert.Hours(capacity, exponent, amps), 0.002);

    [Fact]
    public void Half_is_reached_from_where_it_stands()
    {
        var battery = new Battery("b", 100, 0.9) { PeukertExponent = 1.2 };
        Assert.Equal(0.4 * 20, Peukert.HoursToHalf(battery, 5), 1e-9);
        Assert.Equal(0, Peukert.HoursToHalf(battery with { StateOfCharge = 0.5 }, 5));
        Assert.Equal(0, Peukert.HoursToHalf(battery with { StateOfCharge = 0.3 }, 5));
    }
}
