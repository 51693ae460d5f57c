namespace BurlyRidge.Core.Parts;

/// <summary>Light of a filament: it goes with V^3.4 (IES Lighting Handbook, from memory).</summary>
public static class FilamentLight
{
    private const double Exponent = 3.4;

    /// <summary>As a share of that at its rated volts.</summary>
    /// <param name="share">Of its rated volts.</param>
    public static double Of(double share) => Math.Pow(Math.Max(0, share), Exponent);
}
