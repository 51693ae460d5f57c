using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Tests.Conductors;

public class WireTableTests
{
    // ISO 6722-1 greatest resistance at 20 °C, plain copper, mΩ/m (from memory).
    [Theory]
    [InlineData("0.5 mm²", 37.1)]
    [InlineData("0.75 mm²", 24.7)]
    [InlineData("1 mm²", 18.5)]
    [InlineData("1.5 mm²", 12.7)]
    [InlineData("2.5 mm²", 7.60)]
    [InlineData("4 mm²", 4.71)]
    [InlineData("6 mm²", 3.14)]
    [InlineData("10 mm²", 1.82)]
    [InlineData("35 mm²", 0.527)]
    public void Metric_wire_has_the_resistance_of_ISO_6722(string name, double milliohmsPerMetre)
    {
        var wire = WireTable.Find(name)!;
        Assert.Equal(milliohmsPerMetre / 1000, wire.OhmsPerMetreAt20, 9);
        Assert.True(wire.OhmsPerMetreAt20 > Copper.OhmSquareMillimetresPerMetreAt20 / wire.AreaSquareMillimetres,
            "the standard's greatest resistance is above ρ/S of the nominal area");
    }

    [Fact]
    public void Five_square_millimetres_hold_4_38_of_copper() =>
        Assert.Equal(4.38, WireTable.Find("5 mm²")!.CopperSquareMillimetres, 0.005);

    // SAE J1128 minimum areas (from memory).
    [Theory]
    [InlineData(20, 0.508)]
    [InlineData(14, 1.85)]
    [InlineData(8, 7.23)]
    public void SAE_wire_holds_less_copper_than_AWG_of_the_same_number(int gauge, double area)
    {
        var sae = WireTable.Find($"SAE {gauge}")!;
        Assert.Equal(area, sae.CopperSquareMillimetres);
        Assert.True(sae.CopperSquareMillimetres < WireTable.Find($"{gauge} AWG")!.CopperSquareMillimetres);
    }

    // Common practice, no source: "6 mm" by outside diameter is 4.59 mm² of copper.
    [Fact]
    public void Six_millimetre_cable_is_not_six_square_millimetres()
    {
        var cable = WireTable.Find("6 mm cable")!;
        Assert.Equal(4.59, cable.AreaSquareMillimetres);
        Assert.Equal(4.59, cable.CopperSquareMillimetres);
    }

    // IEC 60028 (from memory): 0.393 % per kelvin.
    [Fact]
    public void Copper_at_75_degrees_has_1_216_times_its_resistance_at_20() =>
        Assert.Equal(1.216, Copper.ResistanceFactor(75), 0.0005);

    [Fact]
    public void Stranding_adds_two_per_cent_to_the_solid_wire() =>
        Assert.Equal(8.286e-3 * 1.02, WireTable.Find("14 AWG")!.OhmsPerMetreAt20, 5e-6);

    [Theory]
    [InlineData(GaugeSystem.Awg, 10, "20 AWG", "2 AWG")]
    [InlineData(GaugeSystem.Sae, 10, "SAE 20", "2 AWG")]
    [InlineData(GaugeSystem.Metric, 14, "0.5 mm²", "35 mm²")]
    [InlineData(GaugeSystem.Diameter, 7, "2.5 mm cable", "13.6 mm² battery cable")]
    public void Each_system_runs_from_thin_to_thick(GaugeSystem system, int count, string thinnest, string thickest)
    {
        var sizes = WireTable.Of(system);
        Assert.Equal(count, sizes.Count);
        Assert.Equal(thinnest, sizes[0].Name);
        Assert.Equal(thickest, sizes[^1].Name);
        Assert.Equal(sizes.OrderBy(size => size.CopperSquareMillimetres), sizes);
        Assert.Equal(sizes.OrderByDescending(size => size.OhmsPerMetreAt20), sizes);
    }
}
