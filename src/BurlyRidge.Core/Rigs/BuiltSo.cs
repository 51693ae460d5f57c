namespace BurlyRidge.Core.Rigs;

/// <summary>How a wire or a part is on the vehicle.</summary>
/// <param name="About">Id of the wire or part.</param>
public sealed record BuiltSo(string About)
{
    /// <summary>Length of a wire, m; null: as planned.</summary>
    public double? Metres { get; init; }

    /// <summary>Colour of a wire; null: as planned.</summary>
    public string? Colour { get; init; }

    /// <summary>Place of a part; null: as planned.</summary>
    public string? At { get; init; }
}
