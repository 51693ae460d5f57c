using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Rigs;

/// <summary>How the current comes back.</summary>
public enum ReturnPath
{
    /// <summary>A second wire to the battery.</summary>
    Wire,

    /// <summary>A stud near the lamp and the vehicle's body.</summary>
    Body,
}

/// <summary>What turns the line on.</summary>
public enum Trigger
{
    /// <summary>Its own switch and nothing else.</summary>
    SwitchAlone,

    /// <summary>The high beam, armed by a switch.</summary>
    HighBeam,

    /// <summary>The reversing lamp.</summary>
    Reverse,
}

/// <summary>How a line planned in short lies.</summary>
/// <param name="To">Id of the station or mount of its lamps.</param>
public sealed record PlanLay(string To, Lay Lay);

/// <summary>A line in short: its lamps, its length and how the current comes back. Wire, fuse and relay follow from it.</summary>
/// <param name="Lamps">The lamps at its end.</param>
/// <param name="OneWayMetres">Length from the source to the lamps, m.</param>
/// <param name="Return">How the current comes back.</param>
/// <param name="Zones">The zones that it runs through; the hottest governs.</param>
/// <param name="InsulationCelsius">Temperature class of the insulation, 75 or 105 °C.</param>
/// <param name="Trigger">What turns it on.</param>
/// <param name="Bundled">All loaded conductors in the loom, its own among them; null: only its own.</param>
/// <param name="ChosenWire">The size taken by hand instead of the proposal, by name; null: the proposal.</param>
/// <param name="ChosenFuse">The fuse taken by hand instead of the proposal; null: the proposal.</param>
public sealed record LinePlan(
    IReadOnlyList<LampSet> Lamps,
    double OneWayMetres,
    ReturnPath Return,
    IReadOnlyList<Zone> Zones,
    int InsulationCelsius,
    Trigger Trigger,
    int? Bundled = null,
    string? ChosenWire = null,
    Fuse? ChosenFuse = null)
{
    /// <summary>Where its lamps are, a station or a mount, and how its wire lies on the way there from the battery; null: as said by hand.</summary>
    public PlanLay? Lay { get; init; }

    /// <summary>Ids of the fixtures that its lamps are, where they are bought already; they are wired by the plan.</summary>
    public IReadOnlyList<string> Fixtures { get; init; } = [];

    /// <summary>The hottest lane on its way, °C; null: no hotter than its zones.</summary>
    public double? LaneCelsius { get; init; }

    /// <summary>Loaded conductors that the line itself brings: out and back, or out alone.</summary>
    public static int OwnConductors(ReturnPath path) => path == ReturnPath.Wire ? 2 : 1;
}
