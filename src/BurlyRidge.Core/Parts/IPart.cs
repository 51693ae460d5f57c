namespace BurlyRidge.Core.Parts;

/// <summary>
/// A part of the vehicle or of what is fitted to it, described once: what the solver, the wiring map, the strip, the diagram
/// and the checks of a document know of it is read from here.
/// </summary>
public interface IPart
{
    /// <summary>Stable within the rig; nobody reads it.</summary>
    string Id { get; }

    /// <summary>What the shop calls it; empty: as its kind or its id suggests.</summary>
    string Name => "";

    /// <summary>What one of its kind is called, where the list that it stands in does not say it closely enough.</summary>
    string? KindName => null;

    /// <summary>A pin as it is printed or called, to be said after the part's name; empty where the name alone says it.</summary>
    string PinName(string pin) => "";

    /// <summary>What it counts towards the size of a rig.</summary>
    int Size => 1;

    /// <summary>Its pins, each a terminal "id.pin"; an empty one is the part itself; null: any pin that a wire names.</summary>
    IReadOnlyCollection<string>? Pins();

    /// <summary>What a wire at one of its pins is made off with; null: not specified.</summary>
    WireEnd? EndAt(string pin) => null;

    /// <summary>The same with one of its pins called otherwise; null where its pins are what they are.</summary>
    IPart? WithPin(string pin, string name) => null;

    /// <summary>What current passes in it, from terminal to terminal.</summary>
    IEnumerable<PartElement> Elements(Surroundings around);

    /// <summary>What in it goes over and back with the voltage.</summary>
    IEnumerable<ControlInput> Inputs(Surroundings around) => [];

    /// <summary>What the element "id.inside" of it is to a fitter, who calls the part <paramref name="name"/>.</summary>
    StationWord Word(string inside, string name);

    /// <summary>Notes what cannot be taken of it as a document has it; <paramref name="path"/> is its place there.</summary>
    void Check(Problems problems, string path, Surroundings around);
}
