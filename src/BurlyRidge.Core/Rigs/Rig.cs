using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>
/// Everything that is planned for one vehicle: one immutable value, saved as one document. Parts have terminals, named
/// "part.pin"; runs of wire join terminals; any shape of wiring is parts and runs.
/// </summary>
/// <param name="SchemaVersion">Version of the document's shape; <see cref="CurrentSchema"/> when it is written.</param>
public sealed record Rig(int SchemaVersion, Vehicle Vehicle, HouseRules HouseRules, IReadOnlyList<Line> Lines)
{
    /// <summary>The shape that this build writes.</summary>
    public const int CurrentSchema = 5;

    /// <summary>Lamps as bought.</summary>
    public IReadOnlyList<Fixture> Fixtures { get; init; } = [];

    /// <summary>Fuses and breakers in holders of their own.</summary>
    public IReadOnlyList<ProtectiveDevice> Protection { get; init; } = [];

    /// <summary>Loose relays.</summary>
    public IReadOnlyList<Relay> Relays { get; init; } = [];

    /// <summary>Switches.</summary>
    public IReadOnlyList<Switch> Switches { get; init; } = [];

    /// <summary>Relays and fuses in one enclosure.</summary>
    public IReadOnlyList<PowerBox> PowerBoxes { get; init; } = [];

    /// <summary>Crimps, solder joints, plugs, taps and splices where runs meet.</summary>
    public IReadOnlyList<Joint> Joints { get; init; } = [];

    /// <summary>Where currents return.</summary>
    public IReadOnlyList<Earth> Earths { get; init; } = [];

    /// <summary>Other loads: sockets, compressor, locker.</summary>
    public IReadOnlyList<Load> Loads { get; init; } = [];

    /// <summary>Chargers and converters.</summary>
    public IReadOnlyList<Converter> Converters { get; init; } = [];

    /// <summary>Solar panels behind their regulators.</summary>
    public IReadOnlyList<SolarPanel> SolarPanels { get; init; } = [];

    /// <summary>Lengths of one conductor.</summary>
    public IReadOnlyList<Run> Runs { get; init; } = [];

    /// <summary>Where things are on the vehicle; null where nobody said, and every length is given by hand.</summary>
    public Body? Body { get; init; }

    /// <summary>Where parts sit; a part of the vehicle's own that is left out is at the station of its kind.</summary>
    public IReadOnlyList<Place> Places { get; init; } = [];

    /// <summary>What parts that are no lamps take.</summary>
    public IReadOnlyList<PartBody> PartBodies { get; init; } = [];

    /// <summary>The same rig with one run changed; as it is where there is none of that id.</summary>
    public Rig WithRun(string id, Func<Run, Run> change) => this with { Runs = [.. Runs.Select(run => run.Id == id ? change(run) : run)] };

    /// <summary>Every part, those of the vehicle first.</summary>
    public IEnumerable<IPart> AllParts() => PartList.All.SelectMany(kind => kind.Of(this)).OfType<IPart>();

    /// <summary>What its parts need to know of the vehicle and of the wires at them.</summary>
    public Surroundings Around() => new(Vehicle, HouseRules.ZoneCelsius,
        () => Runs.SelectMany(run => new[] { run.From, run.To }).Distinct().ToLookup(end => PartBook.Split(end).Part, StringComparer.Ordinal));

    /// <summary>A usual vehicle with nothing on it yet.</summary>
    public static Rig Empty(int systemVolts, UnitSystem units) =>
        new(CurrentSchema, Vehicle.Usual(systemVolts), new HouseRules { Units = units }, []);
}
