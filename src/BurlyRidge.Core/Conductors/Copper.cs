namespace BurlyRidge.Core.Conductors;

/// <summary>Annealed copper as a conductor.</summary>
/// <remarks>Source: IEC 60028 (from memory).</remarks>
public static class Copper
{
    /// <summary>Resistivity at 20 °C, Ω·mm²/m.</summary>
    public const double OhmSquareMillimetresPerMetreAt20 = 1.0 / 58.0;

    /// <summary>Temperature coefficient of resistance at 20 °C, 1/K.</summary>
    public const double PerKelvin = 0.00393;

    /// <summary>R(T)/R(20 °C) = 1 + 0.00393 · (T − 20); temperature in °C.</summary>
    public static double ResistanceFactor(double celsius) => 1 + PerKelvin * (celsius - 20);

    /// <summary>Density at 20 °C, kg/m³ (IEC 60028, from memory: 8.89 g/cm³).</summary>
    public const double KilogramsPerCubicMetre = 8890;

    /// <summary>Copper in so many metres of a wire, kg.</summary>
    public static double Kilograms(WireSize wire, double metres) => wire.CopperSquareMillimetres * 1e-6 * metres * KilogramsPerCubicMetre;
}
