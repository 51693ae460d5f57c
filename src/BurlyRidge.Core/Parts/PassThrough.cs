namespace BurlyRidge.Core.Parts;

/// <summary>A spare factory lead.</summary>
public sealed record PassThrough(string Id, string Wire, double LengthMetres, string Colour, string FromPlace, string ToPlace) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>A new one: 2.5 mm², 4 m, of a colour nobody has looked at.</summary>
    public static PassThrough Usual(NewPart part) => new(part.Id, part.Wire(2.5), 4, "", "", "") { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["a", "b"];

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
        [new PartElement(Id, $"{Id}.a", $"{Id}.b", Law.Wire.OfVehicle(Wire, LengthMetres, around))];

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Lead, Id, $"{Wire} pass-through", Colour, LengthMetres);

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Wire($"{path}.wire", Wire);
        problems.Above($"{path}.lengthMetres", LengthMetres, 0, 100, "m");
    }
}
