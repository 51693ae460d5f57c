namespace BurlyRidge.Core.Parts;

/// <summary>A solar panel behind its regulator. Terminals: "id.plus", "id.minus".</summary>
public sealed record SolarPanel(string Id, double RegulatedVolts, double Amps) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    private const double RegulatorOhms = 0.050;

    /// <summary>A new one: 8 A.</summary>
    public static SolarPanel Usual(NewPart part) => new(part.Id, 14.4 * part.SystemVolts / 12, 8) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["plus", "minus"];

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
        [new PartElement(Id, $"{Id}.plus", $"{Id}.minus", new Law.Source(RegulatedVolts, RegulatorOhms, Amps))];

    /// <inheritdoc/>
    public string PinName(string pin) => PinWords.Of(pin);

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Source, Id, name, PartWords.Solar);

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.regulatedVolts", RegulatedVolts, 5, 60, "V");
        problems.Above($"{path}.amps", Amps, 0, 100, "A");
    }
}
