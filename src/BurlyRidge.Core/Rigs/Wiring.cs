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

    /// <summary>How it lies along the lanes, from which its length, zones and loom follow; null: as said by hand.</summary>
    public Lay? Lay { get; init; }

    /// <summary>The hottest lane on its way, °C; null: no hotter than its zones.</summary>
    public double? LaneCelsius { get; init; }

    /// <summary>How hot it is around it at its hottest, °C.</summary>
    public double Ambient(ZoneTemperatures zones) => Math.Max(Zones.Max(zones.Of), LaneCelsius ?? double.NegativeInfinity);
}

/// <summary>What an insulation is made of; it sets what a conductor stands in a short.</summary>
public enum InsulationMaterial
{
    /// <summary>Cross-linked polyethylene.</summary>
    CrossLinked,

    /// <summary>PVC.</summary>
    Pvc,
}

/// <summary>
/// Where runs meet. Terminals: "id.name" with any name, each joined to the middle through half the joint's resistance; a
/// joint with one run alone is an end, capped where its kind says so.
/// </summary>
/// <param name="Milliohms">From one terminal to another; null: as usual for its kind.</param>
/// <param name="Place">Where it lies.</param>
public sealed record Joint(string Id, JointKind Kind, Zone Place = Zone.EngineBay, double? Milliohms = null)
{
    /// <summary>Copper that one of its terminals takes; null where nobody said.</summary>
    public CopperRange? Takes { get; init; }
}

/// <summary>From so much to so much copper in one terminal, mm².</summary>
public sealed record CopperRange(double FromSquareMillimetres, double ToSquareMillimetres);

/// <summary>Kinds of joint.</summary>
public enum JointKind
{
    /// <summary>Crimped butt joint or splice.</summary>
    Crimp,

    /// <summary>Soldered.</summary>
    Solder,

    /// <summary>One pole of a mated plug.</summary>
    Plug,

    /// <summary>Insulation-displacement tap.</summary>
    Tap,

    /// <summary>Ring or blade on a terminal.</summary>
    Terminal,

    /// <summary>Fitted end that nothing is joined to.</summary>
    Cap,
}

/// <summary>Where currents return. Terminal: "id".</summary>
/// <param name="Kind">Stud on the body, battery post, or the minus of a module.</param>
/// <param name="On">For a post, the battery; null: the vehicle's own.</param>
/// <param name="StudMilliohms">Ring on the stud, mΩ.</param>
/// <param name="BodyMilliohms">From a stud through the body to the battery's minus, mΩ.</param>
public sealed record Earth(
    string Id, EarthKind Kind, string? On = null, double StudMilliohms = 0.5, double BodyMilliohms = 5, Zone Place = Zone.EngineBay);

/// <summary>Kinds of earth.</summary>
public enum EarthKind
{
    /// <summary>A stud on the body.</summary>
    Stud,

    /// <summary>The minus post of a battery.</summary>
    Post,
}

/// <summary>Another load. Terminals: "id.plus", "id.minus".</summary>
/// <param name="Amps">At system volts; ohmic.</param>
/// <param name="On">Whether it draws unless switched off by what feeds it.</param>
public sealed record Load(string Id, string Name, double Amps, bool On = true)
{
    /// <summary>The most that it stands, V; null: 1.3 times the system's volts.</summary>
    public double? MaxVolts { get; init; }
}

/// <summary>A converter or charger. Terminals: "id.in-plus", "id.in-minus", "id.out-plus", "id.out-minus".</summary>
/// <param name="OutputVolts">Regulated, V.</param>
/// <param name="LimitAmps">The most that it gives, A.</param>
/// <param name="LowestInputVolts">Below this it stops, V.</param>
/// <param name="Efficiency">Part of its input that comes out.</param>
public sealed record Converter(
    string Id, string Name, double OutputVolts, double LimitAmps, double LowestInputVolts, double Efficiency = 0.9);

/// <summary>A solar panel behind its regulator. Terminals: "id.plus", "id.minus".</summary>
public sealed record SolarPanel(string Id, double RegulatedVolts, double Amps);
