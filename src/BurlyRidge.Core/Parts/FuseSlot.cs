using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Parts;

/// <summary>A fuse slot that can be tapped.</summary>
/// <param name="RatingAmps">Of its own fuse, A.</param>
/// <param name="Feed">When it is live.</param>
/// <param name="LoadAmps">What hangs on it already, A at system volts.</param>
/// <param name="Serves">What that is.</param>
public sealed record FuseSlot(string Id, double RatingAmps, Feed Feed, double LoadAmps, string Serves = "") : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>What was tapped into it before, A at system volts, before the slot's own fuse.</summary>
    public double TappedAmps { get; init; }

    /// <summary>What that is; empty: nothing.</summary>
    public string TappedFor { get; init; } = "";

    /// <summary>A new one: 10 A with the key, nothing known to hang on it.</summary>
    public static FuseSlot Usual(NewPart part) => new(part.Id, 10, Feed.Ignition, 0) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["tap"];

    /// <summary>The lead of the fuse tap in it.</summary>
    WireEnd IPart.EndAt(string pin) => WireEnd.OntoLead;

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        yield return new PartElement($"{Id}.feed", around.Live(Feed), $"{Id}.tap", new Law.Joint(TypicalOhms.NearBody));
        if (TappedAmps > 0) yield return new PartElement($"{Id}.tapped", $"{Id}.tap", Vehicle.Body, new Law.Load(around.SystemVolts / TappedAmps)) { Unjudged = true };
        if (LoadAmps <= 0) yield break;
        yield return new PartElement($"{Id}.fuse", $"{Id}.tap", $"{Id}.fused", Law.Fuse.InHolder(FuseTable.AtLeast(RatingAmps)));
        yield return new PartElement($"{Id}.load", $"{Id}.fused", Vehicle.Body, new Law.Load(around.SystemVolts / LoadAmps));
    }

    private const int MostLetters = 80;

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Lead, Id, name, Serves);

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.ratingAmps", RatingAmps, 1, 200, "A");
        problems.Within($"{path}.loadAmps", LoadAmps, 0, 200, "A");
        problems.Within($"{path}.tappedAmps", TappedAmps, 0, 200, "A");
        problems.Letters($"{path}.serves", Serves, MostLetters);
        problems.Letters($"{path}.tappedFor", TappedFor, MostLetters);
    }
}
