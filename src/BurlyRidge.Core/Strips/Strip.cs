using System.Text.Json.Serialization;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Strips;

/// <summary>One station of a strip: a part that the current passes, or the source that it starts from.</summary>
/// <param name="Id">Its name on the strip, unique: the part's or the run's own where it has one.</param>
/// <param name="Element">The element of the network that its current goes through; empty at a source.</param>
/// <param name="Part">Id of the rig's part; empty for what is the vehicle's own.</param>
/// <param name="Name">What a fitter calls it.</param>
/// <param name="Detail">What he wants to know at a glance: colour and length, pins, slot.</param>
/// <param name="From">Terminal that the current comes in at; empty at a source.</param>
/// <param name="To">Terminal that it goes out at.</param>
/// <param name="Metres">Length of wire from the source to its end, m.</param>
/// <param name="LengthMetres">Of a run or lead, m; 0 for all else.</param>
/// <param name="Passes">Holes that a run goes through.</param>
public sealed record StripStation(
    string Id,
    string Element,
    StripKind Kind,
    string Part,
    string Name,
    string Detail,
    string From,
    string To,
    Leg Leg,
    double Metres,
    double LengthMetres,
    IReadOnlyList<string> Passes)
{
    /// <summary>The list of the document that its part stands in, as "relays" or "vehicle.auxOutputs"; empty where it stands in none.</summary>
    public string List { get; init; } = "";

    /// <summary>Whether a quick plan stands for it: its size and fuse are the plan's, all else makes full wiring of it.</summary>
    public bool Quick { get; init; }

    /// <summary>What stands beside it in a wiring diagram; null: the detail.</summary>
    [JsonIgnore]
    public string? Rated { get; init; }

    /// <summary>How it is drawn in a wiring diagram.</summary>
    [JsonIgnore]
    public PartSymbol Symbol { get; init; }
}

/// <summary>A place on a strip: which strand, and which station of it.</summary>
public sealed record StripPlace(int Strand, int Station);

/// <summary>Stations one behind another without a branch being taken.</summary>
/// <param name="Control">Whether it only works a coil.</param>
/// <param name="Leaves">Where it leaves an earlier strand, behind that station; null where it starts at a source.</param>
/// <param name="Joins">Where it meets an earlier strand again, behind that station; null where it ends by itself.</param>
public sealed record Strand(bool Control, StripPlace? Leaves, StripPlace? Joins, IReadOnlyList<StripStation> Stations);

/// <summary>A line from source to earth.</summary>
/// <param name="Strands">The way of the lamp that loses most first; then what branches off it; then the coils that its contacts hang on.</param>
/// <param name="Asks">What has to be pressed, turned or pulled for it to light.</param>
/// <param name="Loose">What hangs on its lamps where the way to a source or to earth is broken; empty where it is whole.</param>
public sealed record Strip(IReadOnlyList<Strand> Strands, IReadOnlyList<string> Asks, IReadOnlyList<StripStation> Loose);
