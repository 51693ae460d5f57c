using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Kits;

/// <summary>How a kit is to work on a vehicle.</summary>
/// <param name="Trigger">The signal that pulls it in; null: its switch alone.</param>
/// <param name="Cab">What becomes of its switch.</param>
public sealed record KitWish(Signal? Trigger = null, KitCab Cab = KitCab.InDash)
{
    /// <summary>Where the lamps return; null: as the kit has it.</summary>
    public EarthKind? Earth { get; init; }

    /// <summary>Fuse slot that feeds it through a tap, by id; null: the battery.</summary>
    public string? FeedSlot { get; init; }

    /// <summary>The signal is taken at the pick-up of an earlier line, where there is one.</summary>
    public bool SharePickUp { get; init; } = true;

    /// <summary>A small fuse right at the pick-up, where the vehicle's own would let the kit's thin lead burn.</summary>
    public bool FusePickUp { get; init; } = true;

    /// <summary>Station or space of the relay; null: as the line has it, or by the battery.</summary>
    public string? RelayAt { get; init; }

    /// <summary>What could not be asked of a rig.</summary>
    public IEnumerable<Problem> Problems(Rigs.Rig rig)
    {
        if (FeedSlot is { } slot && rig.Vehicle.FuseSlots.All(other => other.Id != slot)) yield return new Problem("feedSlot", KitWords.NoSuchSlot);
        if (RelayAt is { } at && rig.Body is { } body && Routing.PartLocations.Station(body, at) is null) yield return new Problem("relayAt", KitWords.NoSuchStation);
    }
}

/// <summary>What becomes of a kit's switch.</summary>
public enum KitCab
{
    /// <summary>It goes into the dash.</summary>
    InDash,

    /// <summary>It is left on for good and tied away beside the relay.</summary>
    LeftOn,

    /// <summary>It is left out; its two wires are joined.</summary>
    LeftOut,
}
