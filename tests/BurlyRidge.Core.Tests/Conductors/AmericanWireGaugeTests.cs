using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Tests.Conductors;

public class AmericanWireGaugeTests
{
    private const double FeetPerMetre = 1 / 0.3048;

    // ASTM B258 areas and NBS Handbook 100 resistances at 20 °C, Ω per 1000 ft (both from memory).
    [Theory]
    [InlineData(20, 0.518, 10.15)]
    [InlineData(18, 0.823, 6.385)]
    [InlineData(16, 1.309, 4.016)]
    [InlineData(14, 2.081, 2.525)]
    [InlineData(12, 3.309, 1.588)]
    [InlineData(10, 5.261, 0.9989)]
    [InlineData(8, 8.366, 0.6282)]
    [InlineData(6, 13.30, 0.3951)]
    [InlineData(4, 21.15, 0.2485)]
    [InlineData(2, 33.63, 0.1563)]
    public void Solid_wire_has_the_published_area_and_resistance(int gauge, double area, double ohmsPer1000Feet)
    {
        Assert.Equal(area, AmericanWireGauge.AreaSquareMillimetres(gauge), area * 1e-3);
        var ohmsPerMetre = Copper.OhmSquareMillimetresPerMetreAt20 / AmericanWireGauge.AreaSquareMillimetres(gauge);
        Assert.Equal(ohmsPer1000Feet, ohmsPerMetre / FeetPerMetre * 1000, ohmsPer1000Feet * 1e-3);
    }

    // ABYC E-11 area formula (from memory): CM = 10.75 · I · L / E with 1 CM = 5.067e-4 mm²; it stands for slightly warm,
    // stranded copper and so for the resistance of our sizes at 20 to 25 °C.
    [Fact]
    public void Stranded_sizes_agree_with_the_area_formula_of_E11()
    {
        const double ohmSquareMillimetresPerMetre = 10.75 * 5.067e-4 * FeetPerMetre;
        foreach (var wire in WireTable.Of(GaugeSystem.Awg))
        {
            var formula = ohmSquareMillimetresPerMetre / wire.CopperSquareMillimetres;
            Assert.InRange(formula, wire.Ohms(1, 20), wire.Ohms(1, 25));
        }
    }
}
