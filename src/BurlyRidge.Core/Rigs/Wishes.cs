namespace BurlyRidge.Core.Rigs;

/// <summary>What a customer wants of a vehicle.</summary>
/// <param name="Lights">The lights, the most important first.</param>
public sealed record Wishes(IReadOnlyList<Wish> Lights)
{
    /// <summary>What the lamps may cost together, in the workshop's money; null: nobody said.</summary>
    public double? Budget { get; init; }

    /// <summary>Covers that are to stay on, by what they are called.</summary>
    public IReadOnlyList<string> CoversStay { get; init; } = [];

    /// <summary>Worked by the vehicle's own switches and by nothing else.</summary>
    public bool FactorySwitchesOnly { get; init; }
}
