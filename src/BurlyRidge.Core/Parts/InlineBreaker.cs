using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Parts;

/// <summary>A breaker between two studs in the wire itself, with a reset of its own. Terminals: "id.in", "id.out".</summary>
/// <param name="RatingAmps">5 to 200 A.</param>
/// <param name="Reset">How it comes back.</param>
/// <param name="Place">Where it sits.</param>
public sealed record InlineBreaker(string Id, double RatingAmps, BreakerReset Reset = BreakerReset.Manual, Zone Place = Zone.EngineBay) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>The voltage that it is made to break, V (typical).</summary>
    public double RatedVolts { get; init; } = 48;

    /// <summary>A new one: 30 A.</summary>
    public static InlineBreaker Usual(NewPart part) => new(part.Id, 30) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["in", "out"];

    /// <inheritdoc/>
    WireEnd IPart.EndAt(string pin) => WireEnd.Ring;

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around) =>
        [new PartElement(Id, $"{Id}.in", $"{Id}.out", new Law.Fuse(Stands, TypicalOhms.Breaker))];

    /// <summary>The bolt-down fuse that it opens like (typical).</summary>
    public Fuse Stands => FuseTable.AtLeast(RatingAmps) with { Family = FuseFamily.BoltDown };

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Fuse, Id, PartWords.FormatABreaker(RatingAmps), $"{name}, {(Reset == BreakerReset.Manual ? PartWords.ResetByHand : PartWords.ResetsItself)}");

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.ratingAmps", RatingAmps, 5, 200, "A");
        problems.Within($"{path}.ratedVolts", RatedVolts, 6, 1000, "V");
    }
}

/// <summary>How a breaker comes back.</summary>
public enum BreakerReset
{
    /// <summary>A button or lever, pressed by hand; it can be opened by hand as well.</summary>
    Manual,

    /// <summary>By itself, once it is cool: it may go to and fro on a short.</summary>
    Automatic,
}
