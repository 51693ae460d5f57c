using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>A kind of part: where a rig has them, and what they are called.</summary>
public sealed class PartList
{
    private readonly Func<Rig, Func<string, bool>, Rig> keep;

    private PartList(string path, string one, string many, Func<Rig, IReadOnlyList<IPart?>> of, Func<Rig, Func<string, bool>, Rig> keep) =>
        (Path, One, Many, Of, this.keep) = (path, one, many, of, keep);

    /// <summary>Every kind, those of the vehicle first; the circuit and the wiring map are put together in this order.</summary>
    public static IReadOnlyList<PartList> All { get; } =
    [
        OfVehicle("vehicle.batteries", "battery", "batteries", vehicle => vehicle.Batteries),
        OfVehicle("", "alternator", "alternators", vehicle => vehicle.Alternator is { } alternator ? [alternator] : []),
        OfVehicle("", "key", "keys", _ => [new IgnitionFeed()]),
        OfVehicle("", "signal", "signals", VehicleSignal.All),
        OfVehicle("vehicle.auxOutputs", "output", "outputs", vehicle => vehicle.AuxOutputs),
        OfVehicle("vehicle.passThroughs", "lead", "leads", vehicle => vehicle.PassThroughs),
        OfVehicle("vehicle.trailerPins", "pin", "pins", vehicle => vehicle.TrailerPins),
        OfVehicle("vehicle.fuseSlots", "slot", "slots", vehicle => vehicle.FuseSlots),
        FittedParts("fixtures", "lamp", "lamps", rig => rig.Fixtures, (rig, parts) => rig with { Fixtures = parts }),
        FittedParts("protection", "fuse", "fuses", rig => rig.Protection, (rig, parts) => rig with { Protection = parts }),
        FittedParts("relays", "relay", "relays", rig => rig.Relays, (rig, parts) => rig with { Relays = parts }),
        FittedParts("switches", "switch", "switches", rig => rig.Switches, (rig, parts) => rig with { Switches = parts }),
        FittedParts("powerBoxes", "power box", "power boxes", rig => rig.PowerBoxes, (rig, parts) => rig with { PowerBoxes = parts }),
        FittedParts("earths", "earth", "earths", rig => rig.Earths, (rig, parts) => rig with { Earths = parts }),
        FittedParts("loads", "load", "loads", rig => rig.Loads, (rig, parts) => rig with { Loads = parts }),
        FittedParts("converters", "converter", "converters", rig => rig.Converters, (rig, parts) => rig with { Converters = parts }),
        FittedParts("solarPanels", "panel", "panels", rig => rig.SolarPanels, (rig, parts) => rig with { SolarPanels = parts }),
        FittedParts("joints", "joint", "joints", rig => rig.Joints, (rig, parts) => rig with { Joints = parts }),
    ];

    /// <summary>The list in the document, as "vehicle.batteries"; empty where the parts have no list there.</summary>
    public string Path { get; }

    /// <summary>Whether they are fitted, and not the vehicle's own.</summary>
    public bool Fitted => Path.Length > 0 && !Path.Contains('.', StringComparison.Ordinal);

    /// <summary>What one is called.</summary>
    public string One { get; }

    /// <summary>What one is called that has no name that may stand.</summary>
    public string Fallback => One.Split(' ')[^1];

    /// <summary>What several are called.</summary>
    public string Many { get; }

    /// <summary>Those of a rig; an empty entry is one that a document has so.</summary>
    public Func<Rig, IReadOnlyList<IPart?>> Of { get; }

    /// <summary>The rig with those parts of this kind that are to be kept; what is the vehicle's own stays.</summary>
    public Rig Keep(Rig rig, Func<string, bool> kept) => keep(rig, kept);

    private static PartList OfVehicle(string path, string one, string many, Func<Vehicle, IReadOnlyList<IPart?>> of) => new(path, one, many, rig => of(rig.Vehicle), (rig, _) => rig);

    private static PartList FittedParts<T>(string path, string one, string many, Func<Rig, IReadOnlyList<T>> of, Func<Rig, IReadOnlyList<T>, Rig> put) where T : class, IPart =>
        new(path, one, many, of, (rig, kept) => put(rig, [.. of(rig).Where(part => kept(part.Id))]));
}
