namespace BurlyRidge.Core.Conductors;

/// <summary>What a copper conductor withstands in a short, all heat staying in it: I²·t = k²·S².</summary>
/// <remarks>Source: IEC 60364-5-54 annex A (from memory): k = 226 · sqrt(ln(1 + (θf − θi)/(234.5 + θi))) for copper.</remarks>
public static class Adiabatic
{
    private const double CopperFactor = 226;
    private const double CopperOffsetCelsius = 234.5;

    /// <summary>k in A·s^½/mm² from <paramref name="startCelsius"/> to <paramref name="endCelsius"/>; 0 where the end is no higher than the start.</summary>
    public static double K(double startCelsius, double endCelsius) =>
        endCelsius <= startCelsius
            ? 0
            : CopperFactor * Math.Sqrt(Math.Log(1 + (endCelsius - startCelsius) / (CopperOffsetCelsius + startCelsius)));

    /// <summary>How long <paramref name="copperSquareMillimetres"/> withstand <paramref name="amps"/>, s; without end at no current.</summary>
    public static double WithstandSeconds(double k, double copperSquareMillimetres, double amps)
    {
        if (amps <= 0) return double.PositiveInfinity;
        var root = k * copperSquareMillimetres / amps;
        return root * root;
    }
}
