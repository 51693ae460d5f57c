namespace BurlyRidge.Core.Parts;

/// <summary>What the key turns on, and what the vehicle itself draws.</summary>
public sealed record IgnitionFeed : IPart
{
    /// <summary>Its name.</summary>
    public const string Name = "ignition";

    /// <summary>Its terminal, live with the key on.</summary>
    public const string Out = $"{Name}.out";

    /// <inheritdoc/>
    public string Id => Name;

    /// <inheritdoc/>
    string IPart.Name => PartWords.Key;

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["out"];

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        var vehicle = around.Vehicle;
        yield return new PartElement(Name, vehicle.SystemPlus, Out, new Law.Contact(TypicalOhms.SwitchContact)) { Needs = [new Need.KeyOn()] };
        if (vehicle.TakenHouseLoadAmps > 0)
            yield return new PartElement("house", Out, Vehicle.Body, new Law.Load(around.SystemVolts / vehicle.TakenHouseLoadAmps)) { Unjudged = true };
        if (vehicle.TakenKeyOffDrainAmps > 0)
            yield return new PartElement("drain", vehicle.SystemPlus, Vehicle.Body, new Law.Load(around.SystemVolts / vehicle.TakenKeyOffDrainAmps)) { Unjudged = true };
    }

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Signal, "", PartWords.KindOfKey, PartWords.On);

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around) { }
}
