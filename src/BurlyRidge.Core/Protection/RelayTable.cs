namespace BurlyRidge.Core.Protection;

/// <summary>Relay contacts as sold.</summary>
/// <remarks>Typical values (common practice, no source).</remarks>
public static class RelayTable
{
    /// <summary>Contact ratings sold, A at 12 V.</summary>
    public static IReadOnlyList<double> ContactAmps { get; } = [30, 40, 70, 100, 200];

    /// <summary>What a contact of <paramref name="ratingAmps"/> is good for at the system's volts: half of it at 24 V.</summary>
    public static double AmpsAt(double ratingAmps, int systemVolts) => systemVolts == 24 ? ratingAmps / 2 : ratingAmps;
}
