using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>What a line is made of and where.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Lamps">Its lamps, under the ids wanted for them.</param>
/// <param name="At">Station or mount of the lamps; null where nobody said.</param>
/// <param name="Return">How the current comes back; null: as the house rules have it.</param>
/// <param name="Metres">One way, m.</param>
internal sealed record LineWanted(string Name, IReadOnlyList<Fixture> Lamps, string? At, ReturnPath? Return, double Metres)
{
    /// <summary>Ids of those lamps that the rig has already.</summary>
    public IReadOnlyCollection<string> There { get; init; } = [];

    /// <summary>The output to be taken, as "box.output" or by its own id; null: the smallest that will do.</summary>
    public string? Output { get; init; }

    /// <summary>Signals are picked up by an adaptor in the lamp's plug, and no wire of the vehicle is cut.</summary>
    public bool ByAdaptor { get; init; }

    /// <summary>Slots are given once all lines are there: nothing is said of the one that it has until then.</summary>
    public bool SlotLater { get; init; }
}
