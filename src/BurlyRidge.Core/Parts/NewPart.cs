using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Parts;

/// <summary>A part that is to come, and what of the rig its first figures follow.</summary>
/// <param name="Id">Free in the rig.</param>
/// <param name="Name">What it is called; empty: as its kind.</param>
/// <param name="SystemVolts">12 or 24.</param>
/// <param name="Gauges">How wire is sold there.</param>
public sealed record NewPart(string Id, string Name, int SystemVolts, GaugeSystem Gauges)
{
    private const double HairLess = 0.97;

    /// <summary>Its name where it has one, or what its kind is called.</summary>
    public string Called(string kind) => Name.Length > 0 ? Name : kind;

    /// <summary>The thinnest size with so much copper, mm², or a hair less; its name.</summary>
    public string Wire(double squareMillimetres) =>
        WireTable.Of(Gauges).First(wire => wire.CopperSquareMillimetres >= HairLess * squareMillimetres).Name;
}
