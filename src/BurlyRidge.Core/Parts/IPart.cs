namespace BurlyRidge.Core.Parts;

/// <summary>
/// A part of the vehicle or of what is fitted to it, described once: what the solver, the wiring map, the strip, the diagram
/// and the checks of a document know of it is read from here.
/// </summary>
public interface IPart
{
    /// <summary>Stable name within the rig.</summary>
    string Id { get; }

    /// <summary>What it counts towards the size of a rig.</summary>
    int Size => 1;

    /// <summary>Its pins, each a terminal "id.pin"; an empty one is the part itself; null: any pin that a wire names.</summary>
    IReadOnlyCollection<string>? Pins();

    /// <summary>What current passes in it, from terminal to terminal.</summary>
    IEnumerable<PartElement> Elements(Surroundings around);

    /// <summary>What in it goes over and back with the voltage.</summary>
    IEnumerable<ControlInput> Inputs(Surroundings around) => [];

    /// <summary>What the element "id.inside" of it is to a fitter.</summary>
    StationWord Word(string inside);

    /// <summary>Notes what cannot be taken of it as a document has it; <paramref name="path"/> is its place there.</summary>
    void Check(Problems problems, string path, Surroundings around);
}
