using System.Text.Json.Serialization;

namespace BurlyRidge.Core.Parts;

/// <summary>The alternator.</summary>
/// <param name="RegulatedVolts">Without load, V (13.8 to 14.4, or twice that); null: not specified, 14.2 V or 28.4 V are taken.</param>
/// <param name="IdleAmps">The most at idle, A; null: not specified, half its rating is taken.</param>
/// <param name="CruiseAmps">Its rating, A: the most at cruise; null: not specified, <see cref="UsualAmps"/> are taken.</param>
public sealed record Alternator(double? RegulatedVolts = null, double? IdleAmps = null, double? CruiseAmps = null) : IPart
{
    private const double DroopOhmsPerCell = 0.005;
    private const double UsualVolts = 14.2;
    private const double IdleShare = 0.5;

    /// <summary>Rating that is taken where nobody said, A (typical, no source).</summary>
    public const double UsualAmps = 120;

    /// <summary>The rating that it is judged by, A.</summary>
    [JsonIgnore]
    public double RatedAmps => CruiseAmps ?? UsualAmps;

    /// <summary>What it is taken to give at idle, A: half its rating where nobody said (common practice, no source).</summary>
    [JsonIgnore]
    public double AtIdleAmps => IdleAmps ?? IdleShare * RatedAmps;

    /// <inheritdoc/>
    string IPart.Id => "alternator";

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => [];

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
        [new PartElement("alternator", around.Vehicle.SystemPlus, Vehicle.Body, new Law.Alternator(RegulatedVolts ?? UsualVolts * around.Cells, DroopOhmsPerCell * around.Cells, AtIdleAmps, RatedAmps)) { Unjudged = true }];

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Lead, "", "alternator", "");

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        if (RegulatedVolts is { } volts) problems.Within($"{path}.regulatedVolts", volts, 13 * around.Cells, 15.5 * around.Cells, "V");
        if (IdleAmps is { } idle) problems.Within($"{path}.idleAmps", idle, 1, 1000, "A");
        if (CruiseAmps is { } cruise) problems.Within($"{path}.cruiseAmps", cruise, 1, 1000, "A");
    }
}
