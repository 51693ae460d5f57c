namespace BurlyRidge.Core.Parts;

/// <summary>A converter or charger. Terminals: "id.in-plus", "id.in-minus", "id.out-plus", "id.out-minus".</summary>
/// <param name="OutputVolts">Regulated, V.</param>
/// <param name="LimitAmps">The most that it gives, A.</param>
/// <param name="LowestInputVolts">Below this it stops, V.</param>
/// <param name="Efficiency">Part of its input that comes out.</param>
public sealed record Converter(
    string Id, string Name, double OutputVolts, double LimitAmps, double LowestInputVolts, double Efficiency = 0.9) : IPart
{
    /// <summary>Has a second input, for a solar panel with its regulator. Terminal: "id.solar-plus"; its minus is the output's.</summary>
    public bool SolarInput { get; init; }

    private const double OutputOhms = 0.010;

    /// <summary>So much more than the lowest input it takes to start again (typical, no source).</summary>
    private const double RestartFactor = 1.05;

    /// <summary>A new one of 20 A: a charger on a 12 V system, down to 12 V on a 24 V one.</summary>
    public static Converter Usual(NewPart part) => new(part.Id, part.Called(PartWords.Converter), part.SystemVolts == 24 ? 12.5 : 14.4, 20, part.SystemVolts == 24 ? 21 : 12.8);

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => SolarInput ? ["in-plus", "in-minus", "out-plus", "out-minus", "solar-plus"] : ["in-plus", "in-minus", "out-plus", "out-minus"];

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
    [
        new PartElement(Id, $"{Id}.out-plus", $"{Id}.out-minus", new Law.Source(OutputVolts, OutputOhms, LimitAmps) { RunBy = Fed }),
        new PartElement($"{Id}.input", $"{Id}.in-plus", $"{Id}.in-minus", new Law.Input(Id, Efficiency, LowestInputVolts)),
        .. SolarInput ? [new PartElement($"{Id}.solar", $"{Id}.solar-plus", $"{Id}.out-plus", new Law.Joint(OutputOhms))] : Array.Empty<PartElement>(),
    ];

    /// <inheritdoc/>
    public IEnumerable<ControlInput> Inputs(Surroundings around) => [Fed];

    private ControlInput Fed => new(Id, ControlKind.Supply, $"{Id}.in-plus", $"{Id}.in-minus", LowestInputVolts * RestartFactor, LowestInputVolts, EitherWay: false);

    /// <inheritdoc/>
    public string PinName(string pin) => PinWords.Of(pin);

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Source, Id, name, $"{Format.RatedVolts(OutputVolts)}");

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.outputVolts", OutputVolts, 5, 60, "V");
        problems.Above($"{path}.limitAmps", LimitAmps, 0, 500, "A");
        problems.Within($"{path}.lowestInputVolts", LowestInputVolts, 4, 60, "V");
        problems.Within($"{path}.efficiency", Efficiency, 0.3, 1);
    }
}
