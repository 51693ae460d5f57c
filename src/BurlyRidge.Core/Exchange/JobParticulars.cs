namespace BurlyRidge.Core.Exchange;

/// <summary>Where the work on a vehicle stands.</summary>
public enum WorkState
{
    /// <summary>It is being planned.</summary>
    Planned,

    /// <summary>Parts are on order.</summary>
    WaitingForParts,

    /// <summary>The vehicle is in the shop.</summary>
    InTheShop,

    /// <summary>The work is done, the vehicle not collected yet.</summary>
    Done,

    /// <summary>The customer has it.</summary>
    HandedOver,
}

/// <summary>Whose vehicle it is, and by when it is wanted.</summary>
/// <param name="Customer">Empty: not specified.</param>
/// <param name="Plate">Its number plate; empty: not specified.</param>
/// <param name="Due">The day that it is promised for; null: none.</param>
/// <param name="Work">Where the work stands.</param>
public sealed record JobParticulars(string Customer = "", string Plate = "", DateOnly? Due = null, WorkState Work = WorkState.Planned);
