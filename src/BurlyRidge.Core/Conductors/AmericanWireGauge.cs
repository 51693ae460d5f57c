namespace BurlyRidge.Core.Conductors;

/// <summary>The American wire gauge as a formula.</summary>
/// <remarks>Source: ASTM B258 (from memory): d = 0.127 mm · 92^((36 − n)/39).</remarks>
public static class AmericanWireGauge
{
    /// <summary>Diameter of the solid wire, mm, for gauge number <paramref name="gauge"/>.</summary>
    public static double DiameterMillimetres(int gauge) => 0.127 * Math.Pow(92, (36 - gauge) / 39.0);

    /// <summary>Solid-equivalent area, mm².</summary>
    public static double AreaSquareMillimetres(int gauge)
    {
        var diameter = DiameterMillimetres(gauge);
        return Math.PI / 4 * diameter * diameter;
    }
}
