using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>A kind of part: where a rig has them, and what they are called.</summary>
public sealed class PartList
{
    private readonly Func<Rig, IReadOnlyList<int>, Rig>? pick;

    private PartList(string path, string one, string many, Func<Rig, IReadOnlyList<IPart?>> of, Func<Rig, IReadOnlyList<int>, Rig>? pick) =>
        (Path, One, Many, Of, this.pick) = (path, one, many, of, pick);

    /// <summary>The list in the document, as "vehicle.batteries"; empty where the parts have no list there.</summary>
    public string Path { get; }

    /// <summary>Whether they are fitted, and not the vehicle's own.</summary>
    public bool Fitted => pick is not null;

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
    public Rig Pick(Rig rig, IReadOnlyList<int> places) => pick is null ? rig : pick(rig, places);

    /// <summary>The rig with those parts of this kind that are to be kept; what is the vehicle's own stays.</summary>
    public Rig Keep(Rig rig, Func<string, bool> kept)
    {
        var parts = Of(rig);
        return Pick(rig, [.. Enumerable.Range(0, parts.Count).Where(i => kept(parts[i]!.Id))]);
    }

    internal static PartList OfVehicle(string path, string one, string many, Func<Vehicle, IReadOnlyList<IPart?>> of) => new(path, one, many, rig => of(rig.Vehicle), null);

    internal static PartList OfRig<T>(string path, string one, string many, Func<Rig, IReadOnlyList<T>> of, Func<Rig, IReadOnlyList<T>, Rig> put) where T : class, IPart =>
        new(path, one, many, of, (rig, places) => put(rig, [.. places.Select(place => of(rig)[place])]));
}
