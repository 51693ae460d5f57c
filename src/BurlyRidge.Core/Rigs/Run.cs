using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>A length of one conductor from terminal to terminal.</summary>
/// <param name="From">Terminal, nearer the source.</param>
/// <param name="To">Terminal.</param>
/// <param name="Wire">Size, by name.</param>
/// <param name="LengthMetres">Above 0 to 100 m.</param>
/// <param name="Zones">The zones that it runs through; the hottest governs.</param>
public sealed record Run(string Id, string From, string To, string Wire, double LengthMetres, IReadOnlyList<Zone> Zones)
{
    /// <summary>All loaded conductors in its loom, itself among them.</summary>
    public int Bundled { get; init; } = 1;

    /// <summary>Temperature class of its insulation, 75 or 105 °C.</summary>
    public int InsulationCelsius { get; init; } = 105;

    /// <summary>What the insulation is made of.</summary>
    public InsulationMaterial Insulation { get; init; } = InsulationMaterial.CrossLinked;

    /// <summary>Colour of the insulation.</summary>
    public string Colour { get; init; } = "";

    /// <summary>Taken by hand: sizing leaves it as it is.</summary>
    public bool Fixed { get; init; }

    /// <summary>Came with a lamp, as its tail or as a link of a row: judged, and never sized.</summary>
    public bool Given { get; init; }

    /// <summary>The cable that it is a core of, by a name that its other cores share; empty: a wire of its own.</summary>
    public string Cable { get; init; } = "";

    /// <summary>The leg of a bought harness that it is a core of; null: it is cut from a reel, or came with a lamp.</summary>
    public KitLegOf? Kit { get; init; }

    /// <summary>In a sheath of its own from end to end: where no fuse is before it, it may be longer.</summary>
    public bool Sheathed { get; init; }

    /// <summary>How it lies along the lanes, from which its length, zones and loom follow; null: as said by hand.</summary>
    public Lay? Lay { get; init; }

    /// <summary>The hottest lane on its way, °C; null: no hotter than its zones.</summary>
    public double? LaneCelsius { get; init; }

    /// <summary>Both its terminals.</summary>
    public IReadOnlyList<string> Ends() => [From, To];

    /// <summary>The run as an element.</summary>
    public PartElement Element(ZoneTemperatures zones) => new(Id, From, To, new Law.Wire(WireTable.Find(Wire)!, LengthMetres, InsulationCelsius, Ambient(zones), Bundled));

    /// <summary>How hot it is around it at its hottest, °C.</summary>
    public double Ambient(ZoneTemperatures zones) => Math.Max(Zones.Max(zones.Of), LaneCelsius ?? double.NegativeInfinity);
}

/// <summary>A leg of a bought harness.</summary>
/// <param name="Set">Tells harnesses of one name apart.</param>
/// <param name="Name">The harness, as it is sold.</param>
/// <param name="Leg">The leg, as the harness calls it.</param>
public sealed record KitLegOf(string Set, string Name, string Leg)
{
    /// <summary>Its terminal was cut off at the first end.</summary>
    public bool CutFrom { get; init; }

    /// <summary>Its terminal was cut off at the other end.</summary>
    public bool CutTo { get; init; }
}

/// <summary>What an insulation is made of; it sets what a conductor stands in a short.</summary>
public enum InsulationMaterial
{
    /// <summary>Cross-linked polyethylene.</summary>
    CrossLinked,

    /// <summary>PVC.</summary>
    Pvc,
}
