namespace BurlyRidge.Core.Conductors;

/// <summary>What a catalogue asks for wire.</summary>
/// <param name="PerMetre">By name of the size, in the workshop's money.</param>
public sealed record WirePrices(IReadOnlyDictionary<string, double> PerMetre)
{
    /// <summary>No catalogue at hand.</summary>
    public static WirePrices None { get; } = new(new Dictionary<string, double>());

    /// <summary>So many metres of a size; null where the catalogue does not have it.</summary>
    public double? Cost(WireSize wire, double metres) => PerMetre.TryGetValue(wire.Name, out var price) ? price * metres : null;
}
