using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Tests.Conductors;

/// <summary>IEC 60364-5-54 annex A (from memory).</summary>
public class AdiabaticTests
{
    /// <summary>PVC 70 to 160 and cross-linked 90 to 250 °C as the standard prints them, the others from its formula.</summary>
    [Theory]
    [InlineData(70, 160, 115)]
    [InlineData(90, 250, 143)]
    [InlineData(105, 160, 87.6)]
    [InlineData(105, 250, 134.8)]
    public void K_is_as_printed(double start, double end, double k) => Assert.Equal(k, Adiabatic.K(start, end), 0.15);

    /// <summary>By hand: 2.081 mm² cross-linked at 105 °C stand 200 A for (134.8 · 2.081 / 200)² = 1.967 s.</summary>
    [Fact]
    public void A_wire_withstands_as_long_as_by_hand()
    {
        Assert.Equal(1.967, Adiabatic.WithstandSeconds(134.8, 2.081, 200), 0.001);
        Assert.Equal(Adiabatic.WithstandSeconds(115, 4, 100) / 4, Adiabatic.WithstandSeconds(115, 4, 200), 1e-9);
        Assert.Equal(double.PositiveInfinity, Adiabatic.WithstandSeconds(115, 4, 0));
        Assert.Equal(0, Adiabatic.K(160, 160));
    }
}
