namespace BurlyRidge.Core.Parts;

/// <summary>Where currents return. Terminal: "id".</summary>
/// <param name="Kind">Stud on the body, battery post, or the minus of a module.</param>
/// <param name="On">For a post, the battery; null: the vehicle's own.</param>
/// <param name="StudMilliohms">Ring on the stud, mΩ.</param>
/// <param name="BodyMilliohms">From a stud through the body to the battery's minus, mΩ.</param>
public sealed record Earth(
    string Id, EarthKind Kind, string? On = null, double StudMilliohms = 0.5, double BodyMilliohms = 5, Zone Place = Zone.EngineBay) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>What the ring is bolted with; null: not specified.</summary>
    public EarthFixing? Fixing { get; init; }

    /// <summary>A new one: a stud.</summary>
    public static Earth Usual(NewPart part) => new(part.Id, EarthKind.Stud) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => [""];

    /// <inheritdoc/>
    WireEnd IPart.EndAt(string pin) => WireEnd.Ring;

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) => [Kind == EarthKind.Stud
        ? new PartElement(Id, Id, Vehicle.Body, new Law.Joint((StudMilliohms + BodyMilliohms) / 1000)
        {
            AgedOhms = (StudMilliohms + TypicalOhms.AgedBodyFactor * BodyMilliohms) / 1000,
            BodyOhms = BodyMilliohms / 1000,
        })
        : new PartElement(Id, Id, $"{On ?? around.Vehicle.Batteries[0].Id}.minus", new Law.Joint(StudMilliohms / 1000))];

    /// <inheritdoc/>
    string? IPart.KindName => Kind == EarthKind.Stud ? PartWords.EarthStud : PartWords.BatteryPost;

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Earth, Id, Kind == EarthKind.Stud ? PartWords.Stud : PartWords.PostOfBattery, name)
    {
        Symbol = Kind == EarthKind.Stud ? PartSymbol.Stud : PartSymbol.Post,
    };

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.studMilliohms", StudMilliohms, 0, 10_000, "mΩ");
        problems.Within($"{path}.bodyMilliohms", BodyMilliohms, 0, 10_000, "mΩ");
        if (On is { } on && around.Vehicle.Batteries.All(battery => battery?.Id != on)) problems.Add($"{path}.on", PartWords.FormatThereIsNoBatteryCalled(on));
    }
}

/// <summary>What an earth is bolted with.</summary>
public enum EarthFixing
{
    /// <summary>A bolt in the vehicle's structure, as it was found.</summary>
    StructureBolt,

    /// <summary>An earth stud of the vehicle's own.</summary>
    FactoryStud,

    /// <summary>A bolt and nut through a drilled hole.</summary>
    BoltAndNut,

    /// <summary>A screw in sheet metal.</summary>
    SheetScrew,
}

/// <summary>Kinds of earth.</summary>
public enum EarthKind
{
    /// <summary>A stud on the body.</summary>
    Stud,

    /// <summary>The minus post of a battery.</summary>
    Post,
}
