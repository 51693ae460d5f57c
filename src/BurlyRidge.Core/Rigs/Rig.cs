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
    public const int CurrentSchema = 11;

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

    /// <summary>Breakers between two studs in a wire.</summary>
    public IReadOnlyList<InlineBreaker> InlineBreakers { get; init; } = [];

    /// <summary>Lengths of one conductor.</summary>
    public IReadOnlyList<Run> Runs { get; init; } = [];

    /// <summary>Where things are on the vehicle; null where nobody said, and every length is given by hand.</summary>
    public Body? Body { get; init; }

    /// <summary>Where parts sit; a part of the vehicle's own that is left out is at the station of its kind.</summary>
    public IReadOnlyList<Place> Places { get; init; } = [];

    /// <summary>What parts that are no lamps take.</summary>
    public IReadOnlyList<PartDimensions> PartBodies { get; init; } = [];

    /// <summary>Watches that somebody takes as they are.</summary>
    public IReadOnlyList<AcceptedWatch> Accepted { get; init; } = [];

    /// <summary>Where its light is to go.</summary>
    public BeamPlan Beams { get; init; } = new();

    /// <summary>What light is wanted of it, and what the customer asks beside.</summary>
    public Wishes Wishes { get; init; } = new();

    /// <summary>Ids of wires and parts that an earlier job left on the vehicle: they are not fitted again, whatever line hangs on them.</summary>
    public IReadOnlyList<string> OnVehicle { get; init; } = [];

    /// <summary>It is on the vehicle and is to come off: the run sheet is the way back to standard.</summary>
    public bool ToStandard { get; init; }

    /// <summary>The same rig with one run changed; as it is where there is none of that id.</summary>
    public Rig WithRun(string id, Func<Run, Run> change) => this with { Runs = [.. Runs.Select(run => run.Id == id ? change(run) : run)] };

    /// <summary>Every list of parts, those of the vehicle first: a new kind of part comes in here and nowhere else; the circuit and the wiring map are put together in this order.</summary>
    public static IReadOnlyList<PartList> Lists { get; } =
    [
        PartList.OfVehicle("vehicle.batteries", PartWords.KindOfBattery, PartWords.KindOfBatteries, vehicle => vehicle.Batteries, (vehicle, parts) => vehicle with { Batteries = parts }, Battery.Usual),
        PartList.Always(PartWords.KindOfAlternator, PartWords.KindOfAlternators, vehicle => vehicle.Alternator is { } alternator ? [alternator] : []),
        PartList.Always(PartWords.KindOfKey, PartWords.KindOfKeys, _ => [new IgnitionFeed()]),
        PartList.Always(PartWords.KindOfSignal, PartWords.KindOfSignals, VehicleSignal.All),
        PartList.OfVehicle("vehicle.auxOutputs", PartWords.KindOfOutput, PartWords.KindOfOutputs, vehicle => vehicle.AuxOutputs, (vehicle, parts) => vehicle with { AuxOutputs = parts }, AuxOutput.Usual),
        PartList.OfVehicle("vehicle.passThroughs", PartWords.KindOfLead, PartWords.KindOfLeads, vehicle => vehicle.PassThroughs, (vehicle, parts) => vehicle with { PassThroughs = parts }, PassThrough.Usual),
        PartList.OfVehicle("vehicle.trailerPins", PartWords.KindOfPin, PartWords.KindOfPins, vehicle => vehicle.TrailerPins, (vehicle, parts) => vehicle with { TrailerPins = parts }, TrailerPin.Usual),
        PartList.OfVehicle("vehicle.fuseSlots", PartWords.KindOfSlot, PartWords.KindOfSlots, vehicle => vehicle.FuseSlots, (vehicle, parts) => vehicle with { FuseSlots = parts }, FuseSlot.Usual),
        PartList.OfRig("fixtures", PartWords.KindOfLamp, PartWords.KindOfLamps, rig => rig.Fixtures, (rig, parts) => rig with { Fixtures = parts }, Fixture.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("protection", PartWords.KindOfFuse, PartWords.KindOfFuses, rig => rig.Protection, (rig, parts) => rig with { Protection = parts }, ProtectiveDevice.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("relays", PartWords.KindOfRelay, PartWords.KindOfRelays, rig => rig.Relays, (rig, parts) => rig with { Relays = parts }, Relay.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("switches", PartWords.KindOfSwitch, PartWords.KindOfSwitches, rig => rig.Switches, (rig, parts) => rig with { Switches = parts }, Switch.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("powerBoxes", PartWords.PowerBox, PartWords.PowerBoxes, rig => rig.PowerBoxes, (rig, parts) => rig with { PowerBoxes = parts }, PowerBox.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("earths", PartWords.KindOfEarth, PartWords.KindOfEarths, rig => rig.Earths, (rig, parts) => rig with { Earths = parts }, Earth.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("loads", PartWords.KindOfLoad, PartWords.KindOfLoads, rig => rig.Loads, (rig, parts) => rig with { Loads = parts }, Load.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("converters", PartWords.KindOfConverter, PartWords.KindOfConverters, rig => rig.Converters, (rig, parts) => rig with { Converters = parts }, Converter.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("solarPanels", PartWords.KindOfPanel, PartWords.KindOfPanels, rig => rig.SolarPanels, (rig, parts) => rig with { SolarPanels = parts }, SolarPanel.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("inlineBreakers", PartWords.KindOfBreaker, PartWords.KindOfBreakers, rig => rig.InlineBreakers, (rig, parts) => rig with { InlineBreakers = parts }, InlineBreaker.Usual, (part, id, name) => part with { Id = id, Name = name }),
        PartList.OfRig("joints", PartWords.KindOfJoint, PartWords.KindOfJoints, rig => rig.Joints, (rig, parts) => rig with { Joints = parts }, Joint.Usual, (part, id, name) => part with { Id = id, Name = name }),
    ];

    /// <summary>Every part, those of the vehicle first.</summary>
    public IEnumerable<IPart> AllParts() => Lists.SelectMany(kind => kind.Of(this)).OfType<IPart>();

    /// <summary>What its parts need to know of the vehicle and of the wires at them.</summary>
    public Surroundings Around() => new(Vehicle, HouseRules.ZoneCelsius,
        () => Runs.SelectMany(run => run.Ends()).Distinct().ToLookup(end => TerminalIndex.Split(end).Part, StringComparer.Ordinal));

    /// <summary>A usual vehicle with nothing on it yet.</summary>
    public static Rig Empty(int systemVolts, UnitSystem units) =>
        new(CurrentSchema, Vehicle.Usual(systemVolts), new HouseRules { Units = units }, []);
}
