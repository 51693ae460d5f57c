namespace BurlyRidge.Core.Parts;

/// <summary>Another load. Terminals: "id.plus", "id.minus".</summary>
/// <param name="Amps">At system volts; ohmic.</param>
/// <param name="On">Whether it draws unless switched off by what feeds it.</param>
public sealed record Load(string Id, string Name, double Amps, bool On = true) : IPart
{
    /// <summary>The most that it stands, V; null: 1.3 times the system's volts.</summary>
    public double? MaxVolts { get; init; }

    /// <summary>How much of the time it draws, 0 to 1: a compressor, a fridge.</summary>
    public double DutyFraction { get; init; } = 1;

    /// <summary>Meant to run while the vehicle is parked.</summary>
    public bool RunsParked { get; init; }

    /// <summary>Of an outlet: what it is made for, A; null: it is none.</summary>
    public double? OutletAmps { get; init; }

    /// <summary>A new one: 5 A.</summary>
    public static Load Usual(NewPart part) => new(part.Id, part.Called(PartWords.Load), 5);

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["plus", "minus"];

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
        [new PartElement(Id, $"{Id}.plus", $"{Id}.minus", new Law.Load(around.SystemVolts / Amps)) { Off = !On }];

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Lamp, Id, name, $"{Format.RatedAmps(Amps)}");

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Above($"{path}.amps", Amps, 0, 500, "A");
        problems.Within($"{path}.dutyFraction", DutyFraction, 0.01, 1);
        if (OutletAmps is { } outlet) problems.Within($"{path}.outletAmps", outlet, 1, 200, "A");
        if (MaxVolts is { } most) problems.Within($"{path}.maxVolts", most, 6, 60, "V");
    }
}
