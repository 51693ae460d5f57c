namespace BurlyRidge.Core.Parts;

/// <summary>A pin of the trailer socket.</summary>
/// <param name="Carries">The signal on it; null for the earth pin.</param>
public sealed record TrailerPin(string Id, Signal? Carries, string LeadWire, double LeadMetres) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>A new one: the side light.</summary>
    public static TrailerPin Usual(NewPart part) => new(part.Id, Signal.SideLight, part.Wire(1.5), 5) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["pin"];

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
    [
        new PartElement(Id, Carries is { } carried ? VehicleSignal.Of(around.Vehicle, carried).Plus : Vehicle.Body, $"{Id}.pin", Law.Wire.OfVehicle(LeadWire, LeadMetres, around)),
    ];

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Lead, Id, PartWords.FormatToTheSocket(LeadWire), Carries is { } carries ? carries.Word() : PartWords.Earth, LeadMetres);

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Wire($"{path}.leadWire", LeadWire);
        problems.Above($"{path}.leadMetres", LeadMetres, 0, 100, "m");
    }
}
