using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running;

/// <summary>A rig as it stands at one moment of a run; a run goes on from it as if it had never stopped.</summary>
/// <param name="Seconds">From the start, s.</param>
/// <param name="Dash">How vehicle, switches and slots stand as they were worked.</param>
public sealed record RunState(double Seconds, RigState Dash)
{
    /// <summary>Contacts by controller; all back where left out.</summary>
    public IReadOnlyDictionary<string, bool> Contacts { get; init; } = new Dictionary<string, bool>();

    /// <summary>How far each fuse is to opening, 0 to 1, by element; cold where left out.</summary>
    public IReadOnlyDictionary<string, double> FuseHeat { get; init; } = new Dictionary<string, double>();

    /// <summary>Fuses that have opened, by element.</summary>
    public IReadOnlyList<string> Blown { get; init; } = [];

    /// <summary>Charge of batteries, 0 to 1; as the rig has it where left out.</summary>
    public IReadOnlyDictionary<string, double> Charge { get; init; } = new Dictionary<string, double>();

    /// <summary>Temperature of conductors, °C, by wire; as their surroundings where left out.</summary>
    public IReadOnlyDictionary<string, double> Celsius { get; init; } = new Dictionary<string, double>();

    /// <summary>When each slot was pressed, s.</summary>
    public IReadOnlyDictionary<string, double> PressedAt { get; init; } = new Dictionary<string, double>();

    /// <summary>Since when the supply of a slot that drops with a low battery is low, s.</summary>
    public IReadOnlyDictionary<string, double> LowSince { get; init; } = new Dictionary<string, double>();

    /// <summary>Slots that their box has let go by itself: they come back when they are pressed anew.</summary>
    public IReadOnlyList<string> LetGo { get; init; } = [];

    /// <summary>Keys of the faults that are in it.</summary>
    public IReadOnlyList<string> Faults { get; init; } = [];

    /// <summary>Everything off, cold, with its batteries as the rig has them.</summary>
    public static RunState AtRest { get; } = new(0, new RigState());
}
