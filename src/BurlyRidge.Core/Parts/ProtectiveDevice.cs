using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Parts;

/// <summary>A fuse or breaker in its holder. Terminals: "id.in", "id.out".</summary>
public sealed record ProtectiveDevice(string Id, Fuse Fuse, Zone Place = Zone.EngineBay, bool Breaker = false) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>The voltage that it is made to break, V; common blades 32 (typical).</summary>
    public double RatedVolts { get; init; } = 32;

    /// <summary>Closed against water; null: not specified.</summary>
    public bool? Sealed { get; init; }

    /// <summary>Taken by hand: sizing leaves it as it is.</summary>
    public bool Fixed { get; init; }

    /// <inheritdoc/>
    string? IPart.KindName => Breaker ? "breaker" : null;

    /// <summary>A new one: a blade fuse of 15 A.</summary>
    public static ProtectiveDevice Usual(NewPart part) => new(part.Id, new Fuse(15, FuseFamily.Blade)) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["in", "out"];

    /// <summary>A blade fuse's holder comes with its own leads; what is bolted down has studs.</summary>
    WireEnd IPart.EndAt(string pin) => Breaker || Fuse.Family == FuseFamily.BoltDown ? WireEnd.Ring : WireEnd.OntoLead;

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
        [new PartElement(Id, $"{Id}.in", $"{Id}.out", Breaker ? new Law.Fuse(Fuse with { Family = FuseFamily.BoltDown }, TypicalOhms.Breaker) : Law.Fuse.InHolder(Fuse))];

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Fuse, Id, Breaker ? PartWords.FormatABreaker(Fuse.RatingAmps) : Fuse.ToString(), name);

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.StandardFuse($"{path}.fuse", Fuse);
        problems.Within($"{path}.ratedVolts", RatedVolts, 6, 1000, "V");
    }
}
