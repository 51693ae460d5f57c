namespace BurlyRidge.Core.Conductors;

/// <summary>What a conductor may carry for good, and how hot it then is.</summary>
/// <remarks>
/// Sources: ABYC E-11, conductors below 50 V outside engine spaces at 30 °C (from memory); ambient factor in the
/// form of IEC 60364-5-52 (from memory); bundle factors of E-11 for higher voltage (from memory), applied here by
/// prudence. E-11's own factors for engine spaces are a check of the ambient factor and are not multiplied in.
/// </remarks>
public static class Ampacity
{
    /// <summary>Ambient temperature of the table, °C.</summary>
    public const double TableCelsius = 30;

    private static readonly (int Gauge, double Amps105, double Amps75)[] E11 =
    [
        (18, 20, 10), (16, 25, 15), (14, 35, 20), (12, 45, 25), (10, 60, 40),
        (8, 80, 65), (6, 120, 95), (4, 160, 125), (2, 210, 170),
    ];

    private static readonly (int AtMost, double Factor)[] BundleFactors =
        [(2, 1.0), (3, 0.70), (6, 0.60), (24, 0.50), (int.MaxValue, 0.40)];

    private static readonly double[] RowAreas = [.. E11.Select(row => AmericanWireGauge.AreaSquareMillimetres(row.Gauge))];
    private static readonly double[] Row105 = [.. E11.Select(row => row.Amps105)];
    private static readonly double[] Row75 = [.. E11.Select(row => row.Amps75)];

    /// <summary>Insulation temperatures that the table knows, °C.</summary>
    public static IReadOnlyList<int> InsulationClasses { get; } = [75, 105];

    /// <summary>
    /// Ampacity in A at 30 °C, unbundled, of <paramref name="copperSquareMillimetres"/>: straight in log–log between
    /// the rows, constant current density below the first row, the last row's value above it.
    /// </summary>
    /// <exception cref="ArgumentOutOfRangeException">The insulation is neither 75 nor 105 °C.</exception>
    public static double Table(double copperSquareMillimetres, int insulationCelsius)
    {
        var amps = insulationCelsius switch
        {
            75 => Row75,
            105 => Row105,
            _ => throw new ArgumentOutOfRangeException(nameof(insulationCelsius), insulationCelsius, "75 or 105"),
        };
        if (copperSquareMillimetres <= RowAreas[0]) return amps[0] * copperSquareMillimetres / RowAreas[0];
        if (copperSquareMillimetres >= RowAreas[^1]) return amps[^1];
        var upper = Array.FindIndex(RowAreas, area => area >= copperSquareMillimetres);
        if (RowAreas[upper] == copperSquareMillimetres) return amps[upper];
        return LogLog.Between(
            RowAreas[upper - 1], amps[upper - 1], RowAreas[upper], amps[upper], copperSquareMillimetres);
    }

    /// <summary>sqrt((T_ins − T_amb)/(T_ins − 30)), or zero where the surroundings are as hot as the insulation may be.</summary>
    public static double AmbientFactor(int insulationCelsius, double ambientCelsius) =>
        ambientCelsius >= insulationCelsius
            ? 0
            : Math.Sqrt((insulationCelsius - ambientCelsius) / (insulationCelsius - TableCelsius));

    /// <summary>Factor for <paramref name="loadedConductors"/> loaded conductors in one loom, this line's own among them.</summary>
    public static double BundleFactor(int loadedConductors) =>
        BundleFactors.First(row => loadedConductors <= row.AtMost).Factor;

    /// <summary>Ampacity in A of a wire where it lies.</summary>
    public static double Of(WireSize wire, int insulationCelsius, double ambientCelsius, int loadedConductors) =>
        Table(wire.CopperSquareMillimetres, insulationCelsius)
        * AmbientFactor(insulationCelsius, ambientCelsius)
        * BundleFactor(loadedConductors);

    /// <summary>
    /// Conductor temperature in °C: T_amb + (T_ins − T_amb)·min(1, (I/Iz)²); the ambient where that is above the insulation's.
    /// </summary>
    public static double ConductorCelsius(double amps, double ampacityAmps, int insulationCelsius, double ambientCelsius)
    {
        if (ampacityAmps <= 0) return Math.Max(insulationCelsius, ambientCelsius);
        var loading = amps / ampacityAmps;
        return ambientCelsius + (insulationCelsius - ambientCelsius) * Math.Min(1, loading * loading);
    }
}
