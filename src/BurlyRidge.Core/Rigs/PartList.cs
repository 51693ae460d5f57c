using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>A kind of part: where a rig has them, what they are called, and what a new one is like.</summary>
public sealed class PartList
{
    private readonly Func<Rig, IReadOnlyList<IPart>, Rig>? put;
    private readonly Func<NewPart, IPart>? usual;
    private readonly Func<IPart, string, string, IPart>? copied;

    private PartList(string path, string one, string many, bool fitted, Func<Rig, IReadOnlyList<IPart?>> of, Func<Rig, IReadOnlyList<IPart>, Rig>? put, Func<NewPart, IPart>? usual, Func<IPart, string, string, IPart>? copied = null) =>
        (Path, One, Many, Fitted, Of, this.put, this.usual, this.copied) = (path, one, many, fitted, of, put, usual, copied);

    /// <summary>The list in the document, as "vehicle.batteries"; empty where the parts have no list there.</summary>
    public string Path { get; }

    /// <summary>Whether they are fitted, and not the vehicle's own.</summary>
    public bool Fitted { get; }

    /// <summary>What one is called.</summary>
    public string One { get; }

    /// <summary>What one is called that has no name that may stand.</summary>
    public string Fallback => One.Split(' ')[^1];

    /// <summary>What one of these parts is called that has no name of its own.</summary>
    public string KindOf(IPart part) => part.KindName ?? One;

    /// <summary>What several are called.</summary>
    public string Many { get; }

    /// <summary>Those of a rig; an empty entry is one that a document has so.</summary>
    public Func<Rig, IReadOnlyList<IPart?>> Of { get; }

    /// <summary>The rig with those parts of this kind alone, by their places in the list; what is the vehicle's own stays.</summary>
    public Rig Pick(Rig rig, IReadOnlyList<int> places) => Fitted ? Only(rig, places) : rig;

    /// <summary>The rig with those parts of this kind that are to be kept; what is the vehicle's own stays.</summary>
    public Rig Keep(Rig rig, Func<string, bool> kept) => Fitted ? Where(rig, kept) : rig;

    /// <summary>The rig with another part of this kind, as they usually are; null where there are no more than the vehicle has.</summary>
    public Rig? Plus(Rig rig, string id, string name) => put is not null && usual is not null
        ? put(rig, [.. Of(rig).OfType<IPart>(), usual(new NewPart(id, name, rig.Vehicle.SystemVolts, rig.HouseRules.Gauges))])
        : null;

    /// <summary>The rig with copies of some of its parts of this kind.</summary>
    /// <param name="copies">Those parts, each with the id and the name of its copy.</param>
    public Rig PlusCopies(Rig rig, IEnumerable<(IPart Part, string Id, string Name)> copies) => put is null || copied is null ? rig
        : put(rig, [.. Of(rig).OfType<IPart>(), .. copies.Select(copy => copied(copy.Part, copy.Id, copy.Name))]);

    /// <summary>The rig without one part of this kind, the vehicle's own as well; null where they cannot be taken out.</summary>
    public Rig? Without(Rig rig, string id) => put is not null ? Where(rig, other => other != id) : null;

    /// <summary>The rig with another part in the place of one of this kind.</summary>
    public Rig With(Rig rig, IPart part) => put is null ? rig : put(rig, [.. Of(rig).Select(other => other!.Id == part.Id ? part : other)]);

    private Rig Where(Rig rig, Func<string, bool> kept)
    {
        var parts = Of(rig);
        return Only(rig, [.. Enumerable.Range(0, parts.Count).Where(i => kept(parts[i]!.Id))]);
    }

    private Rig Only(Rig rig, IReadOnlyList<int> places)
    {
        var parts = Of(rig);
        return put!(rig, [.. places.Select(place => parts[place]!)]);
    }

    /// <summary>What the vehicle always has.</summary>
    internal static PartList Always(string one, string many, Func<Vehicle, IReadOnlyList<IPart?>> of) => new("", one, many, fitted: false, rig => of(rig.Vehicle), null, null);

    internal static PartList OfVehicle<T>(string path, string one, string many, Func<Vehicle, IReadOnlyList<T>> of, Func<Vehicle, IReadOnlyList<T>, Vehicle> put, Func<NewPart, T> usual) where T : class, IPart =>
        new(path, one, many, fitted: false, rig => of(rig.Vehicle), (rig, parts) => rig with { Vehicle = put(rig.Vehicle, [.. parts.Cast<T>()]) }, usual);

    internal static PartList OfRig<T>(string path, string one, string many, Func<Rig, IReadOnlyList<T>> of, Func<Rig, IReadOnlyList<T>, Rig> put, Func<NewPart, T> usual, Func<T, string, string, T> copied) where T : class, IPart =>
        new(path, one, many, fitted: true, of, (rig, parts) => put(rig, [.. parts.Cast<T>()]), usual, (part, id, name) => copied((T)part, id, name));
}
