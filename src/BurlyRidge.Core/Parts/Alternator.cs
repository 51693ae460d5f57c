namespace BurlyRidge.Core.Parts;

/// <summary>The alternator.</summary>
/// <param name="RegulatedVolts">Without load, V (13.8 to 14.4, or twice that).</param>
/// <param name="IdleAmps">The most at idle, A.</param>
/// <param name="CruiseAmps">The most at cruise, A.</param>
public sealed record Alternator(double RegulatedVolts, double IdleAmps, double CruiseAmps) : IPart
{
    private const double DroopOhmsPerCell = 0.005;

    /// <inheritdoc/>
    string IPart.Id => "alternator";

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => [];

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
        [new PartElement("alternator", around.Vehicle.SystemPlus, Vehicle.Body, new Law.Alternator(RegulatedVolts, DroopOhmsPerCell * around.Cells, IdleAmps, CruiseAmps)) { Unjudged = true }];

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Lead, "", "alternator", "");

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.regulatedVolts", RegulatedVolts, 13 * around.Cells, 15.5 * around.Cells, "V");
        problems.Within($"{path}.idleAmps", IdleAmps, 1, 1000, "A");
        problems.Within($"{path}.cruiseAmps", CruiseAmps, 1, 1000, "A");
    }
}
