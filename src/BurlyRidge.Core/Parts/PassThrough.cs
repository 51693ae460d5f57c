namespace BurlyRidge.Core.Parts;

/// <summary>A spare factory lead.</summary>
public sealed record PassThrough(string Id, string Wire, double LengthMetres, string Colour, string FromPlace, string ToPlace) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>Its colour at the far end, where it is another.</summary>
    public string FarColour { get; init; } = "";

    /// <summary>Where it passes between its ends and can be reached, in order.</summary>
    public IReadOnlyList<LeadStop> Passes { get; init; } = [];

    private const int MostLetters = 40;
    private const int MostStops = 8;

    /// <summary>Every place that it can be reached at, from one end to the other, with its colour there.</summary>
    public IEnumerable<LeadStop> Stops() => [new(FromPlace, Colour), .. Passes, new(ToPlace, FarColour.Length > 0 ? FarColour : Colour)];

    /// <summary>A new one: 2.5 mm², 4 m, of a colour nobody has looked at.</summary>
    public static PassThrough Usual(NewPart part) => new(part.Id, part.Wire(2.5), 4, "", "", "") { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["a", "b"];

    /// <inheritdoc/>
    WireEnd IPart.EndAt(string pin) => WireEnd.OntoLead;

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
        [new PartElement(Id, $"{Id}.a", $"{Id}.b", Law.Wire.OfVehicle(Wire, LengthMetres, around))];

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Lead, Id, PartWords.FormatPassThrough(Wire), Colour, LengthMetres);

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Wire($"{path}.wire", Wire);
        problems.Above($"{path}.lengthMetres", LengthMetres, 0, 100, "m");
        problems.Letters($"{path}.farColour", FarColour, MostLetters);
        problems.Count($"{path}.passes", Passes.Count, 0, MostStops, PartWords.Places);
        problems.Each($"{path}.passes", Passes, (at, stop) =>
        {
            problems.Text($"{at}.place", stop.Place, MostLetters);
            problems.Letters($"{at}.colour", stop.Colour, MostLetters);
        });
    }
}

/// <summary>A place that a lead of the vehicle's own can be reached at, with its colour there.</summary>
public sealed record LeadStop(string Place, string Colour = "");
