using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>
/// Where things are on a vehicle: its size, the stations and the lanes between them that wire can follow, the mounts that
/// lamps go on and the spaces that other parts go in. A document of its own kind as well, so that the next vehicle of the
/// same kind starts from it.
/// </summary>
/// <param name="Kind">What its outline is drawn as.</param>
public sealed record Body(BodyKind Kind, BodySize Size)
{
    /// <summary>Places that wire starts from, ends at and passes.</summary>
    public IReadOnlyList<Station> Stations { get; init; } = [];

    /// <summary>Stretches of vehicle that wire can follow.</summary>
    public IReadOnlyList<Lane> Lanes { get; init; } = [];

    /// <summary>Places that a lamp can go.</summary>
    public IReadOnlyList<Mount> Mounts { get; init; } = [];

    /// <summary>The side that it is driven from; null: not specified.</summary>
    public Side? DriverSide { get; init; }

    /// <summary>Places that a relay, a box, a panel or a switch can go.</summary>
    public IReadOnlyList<Space> Spaces { get; init; } = [];

    /// <summary>Every place that something can be at: stations, mounts and spaces.</summary>
    public IReadOnlySet<string> PlaceNames() =>
        Stations.Select(station => station.Id).Concat(Mounts.Select(mount => mount.Id)).Concat(Spaces.Select(space => space.Id)).ToHashSet(StringComparer.Ordinal);

    /// <summary>What comes off somewhere on it, each once by what it is called, in the order of the alphabet.</summary>
    public IReadOnlyList<string> CoverNames() =>
    [
        .. Lanes.SelectMany(lane => lane.Covers).Concat(Mounts.SelectMany(mount => mount.Covers)).Concat(Spaces.SelectMany(space => space.Covers))
            .Select(cover => cover.What).Distinct(StringComparer.OrdinalIgnoreCase).Order(StringComparer.OrdinalIgnoreCase),
    ];

    /// <summary>The station of that id, or null.</summary>
    public Station? StationOf(string id) => Stations.FirstOrDefault(station => station.Id == id);
}

/// <summary>Kinds of body.</summary>
public enum BodyKind
{
    /// <summary>Pickup with one row of seats.</summary>
    SingleCab,

    /// <summary>Pickup with two rows of seats.</summary>
    DualCab,

    /// <summary>Wagon of three doors.</summary>
    ShortWagon,

    /// <summary>Wagon of five doors.</summary>
    LongWagon,

    /// <summary>Van with the engine in front.</summary>
    Van,

    /// <summary>Truck with a cab and a bare or built-on chassis.</summary>
    CabChassis,
}

/// <summary>Outer size of a body, m.</summary>
/// <param name="BonnetMetres">From the front to the bulkhead.</param>
/// <param name="CabMetres">From the bulkhead to the back of the cab; of a wagon or van to the back.</param>
public sealed record BodySize(
    double LengthMetres, double WidthMetres, double HeightMetres, double WheelbaseMetres, double BonnetMetres, double CabMetres);

/// <summary>A point on the vehicle: behind its front, right of its middle, above the ground, m.</summary>
public sealed record Point(double Back, double Right, double Up)
{
    /// <summary>Straight from one to the other, m.</summary>
    public double To(Point other) => Math.Sqrt(
        (Back - other.Back) * (Back - other.Back) + (Right - other.Right) * (Right - other.Right) + (Up - other.Up) * (Up - other.Up));
}

/// <summary>What stands at a station; parts that nobody placed are looked for at theirs.</summary>
public enum StationKind
{
    /// <summary>Nothing in particular.</summary>
    Plain,

    /// <summary>Post of the vehicle's own battery.</summary>
    BatteryPost,

    /// <summary>Second battery.</summary>
    SecondBattery,

    /// <summary>Fuse box.</summary>
    FuseBox,

    /// <summary>A hole through the bulkhead or floor, with its grommet: the only way into the cabin.</summary>
    Grommet,

    /// <summary>Dash.</summary>
    Dash,

    /// <summary>Lamps at the front.</summary>
    FrontLamps,

    /// <summary>Lamps at the rear.</summary>
    RearLamps,

    /// <summary>Tow socket.</summary>
    TowSocket,
}

/// <summary>A place on the vehicle where lanes meet.</summary>
/// <param name="Name">What a fitter calls it.</param>
public sealed record Station(string Id, string Name, Point At, StationKind Kind = StationKind.Plain)
{
    /// <summary>Of a grommet: the free opening, mm across.</summary>
    public double? HoleMillimetres { get; init; }

    /// <summary>What its edge is covered with; null: not specified.</summary>
    public HoleEdge? Edge { get; init; }

    /// <summary>Closed against water once the wires are through; null: not specified.</summary>
    public bool? Sealed { get; init; }
}

/// <summary>A stretch that wire can follow from one station to another.</summary>
public sealed record Lane(string Id, string From, string To, Zone Zone)
{
    /// <summary>As measured along it by hand, m; null: the straight distance and a tenth.</summary>
    public double? MeasuredMetres { get; init; }

    /// <summary>How hot it is there, °C; null: as its zone.</summary>
    public double? AmbientCelsius { get; init; }

    /// <summary>What has to be kept from.</summary>
    public IReadOnlyList<Hazard> Hazards { get; init; } = [];

    /// <summary>The thickest loom that goes along it, mm across; null: no limit that matters.</summary>
    public double? CapacityMillimetres { get; init; }

    /// <summary>What has to come off to reach it.</summary>
    public IReadOnlyList<Cover> Covers { get; init; } = [];

    /// <summary>Who sees what lies along it; null: not specified.</summary>
    public Shows? Shows { get; init; }

    /// <summary>What wires are tied to along it; null: not specified, they are tied round themselves and what is there.</summary>
    public TieTo? TieTo { get; init; }

    /// <summary>The vehicle's own harness runs along it: there the maker kept clear of what moves and what leaks.</summary>
    public bool FactoryHarness { get; init; }
}

/// <summary>What wires along a lane are tied to.</summary>
public enum TieTo
{
    /// <summary>A harness of the vehicle's own.</summary>
    Harness,

    /// <summary>A bare rail or tube.</summary>
    Rail,

    /// <summary>Holes of the vehicle's own.</summary>
    Holes,

    /// <summary>Nothing: glass, smooth sheet.</summary>
    Nothing,
}

/// <summary>What the edge of a hole is covered with.</summary>
public enum HoleEdge
{
    /// <summary>Bare sheet.</summary>
    Bare,

    /// <summary>A grommet.</summary>
    Grommet,

    /// <summary>A sleeve on the wires alone.</summary>
    Sleeve,
}

/// <summary>Who sees what is there.</summary>
public enum Shows
{
    /// <summary>Nobody.</summary>
    Hidden,

    /// <summary>Who stands beside the vehicle.</summary>
    Outside,

    /// <summary>Who sits in it.</summary>
    Seat,

    /// <summary>Both.</summary>
    Both,
}

/// <summary>Where a part sits.</summary>
/// <param name="Part">Id of the part, as it stands before the dot of its terminals; the panel of a box is "box.panel".</param>
/// <param name="At">Id of a station, a mount or a space.</param>
public sealed record Place(string Part, string At)
{
    /// <summary>What holds it; null: not specified.</summary>
    public Fastening? HeldBy { get; init; }

    /// <summary>Where its terminals or leads point; null: not specified.</summary>
    public Points? Terminals { get; init; }
}

/// <summary>What a part is held by.</summary>
public enum Fastening
{
    /// <summary>A bolt that was there.</summary>
    FactoryBolt,

    /// <summary>A bolt and nut.</summary>
    BoltAndNut,

    /// <summary>A rivet nut.</summary>
    RivetNut,

    /// <summary>The battery's bracket.</summary>
    BatteryBracket,

    /// <summary>Clips of its own.</summary>
    Clips,

    /// <summary>A bolt that holds an earth as well.</summary>
    EarthBolt,

    /// <summary>Ties round a harness.</summary>
    TiedToHarness,

    /// <summary>An adhesive pad.</summary>
    AdhesivePad,

    /// <summary>A tapping screw.</summary>
    TappingScrew,

    /// <summary>Nothing yet.</summary>
    Nothing,
}

/// <summary>Where terminals or leads point.</summary>
public enum Points
{
    /// <summary>Down.</summary>
    Down,

    /// <summary>Sideways.</summary>
    Sideways,

    /// <summary>Up.</summary>
    Up,
}

/// <summary>How a run lies along the lanes; its length and zones follow.</summary>
public sealed record Lay
{
    /// <summary>Lanes that it has to follow, in order; none: the best way.</summary>
    public IReadOnlyList<string> Through { get; init; } = [];

    /// <summary>Measured with a string or by the wire itself, m: counts instead of the length along the lanes, which is shown beside it.</summary>
    public double? MeasuredMetres { get; init; }

    /// <summary>What has to pass holes with it, mm across: a plug that is on already; null: the bare lead.</summary>
    public double? PlugMillimetres { get; init; }
}
