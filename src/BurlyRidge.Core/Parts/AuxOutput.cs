using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Parts;

/// <summary>A factory auxiliary output with its switch.</summary>
/// <param name="RatingAmps">Of its fuse, A.</param>
/// <param name="LeadWire">Size of its lead, by name.</param>
public sealed record AuxOutput(string Id, double RatingAmps, string LeadWire, Feed Feed, double LeadMetres = 1, bool Latching = true) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>What stands on its switch.</summary>
    public string Legend { get; init; } = "";

    /// <summary>Colour of its lead at the switch.</summary>
    public string Colour { get; init; } = "";

    /// <summary>Colour of its lead at the end that is free.</summary>
    public string FarColour { get; init; } = "";

    /// <summary>Where that end is.</summary>
    public string EndsAt { get; init; } = "";

    private const int MostLetters = 40;

    /// <summary>A new one: 10 A with the key.</summary>
    public static AuxOutput Usual(NewPart part) => new(part.Id, 10, part.Wire(1.5), Feed.Ignition) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["out"];

    /// <inheritdoc/>
    WireEnd IPart.EndAt(string pin) => WireEnd.OntoLead;

    /// <summary>On the battery through its own fuse; one that follows the key is pulled in by it, and the key carries no lamp current.</summary>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
    [
        new PartElement($"{Id}.fuse", around.Vehicle.SystemPlus, $"{Id}.fused", Law.Fuse.InHolder(FuseTable.AtLeast(RatingAmps))),
        new PartElement($"{Id}.switch", $"{Id}.fused", $"{Id}.switched", new Law.Contact(TypicalOhms.RelayContact)) { Needs = Feed == Feed.Ignition ? [new Need.Press(Id), new Need.KeyOn()] : [new Need.Press(Id)] },
        new PartElement(Id, $"{Id}.switched", $"{Id}.out", Law.Wire.OfVehicle(LeadWire, LeadMetres, around)),
    ];

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => inside switch
    {
        "fuse" => new(StripKind.Fuse, Id, PartWords.FormatAFuse(RatingAmps), PartWords.FormatOf(name)),
        "switch" => new(StripKind.Output, Id, name, PartWords.Pressed),
        _ => new(StripKind.Lead, Id, PartWords.FormatLead(LeadWire), PartWords.FormatOf(name), LeadMetres),
    };

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.ratingAmps", RatingAmps, 1, 100, "A");
        problems.Wire($"{path}.leadWire", LeadWire);
        problems.Above($"{path}.leadMetres", LeadMetres, 0, 100, "m");
        problems.Letters($"{path}.legend", Legend, MostLetters);
        problems.Letters($"{path}.colour", Colour, MostLetters);
        problems.Letters($"{path}.farColour", FarColour, MostLetters);
        problems.Letters($"{path}.endsAt", EndsAt, MostLetters);
    }
}
