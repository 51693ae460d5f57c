namespace BurlyRidge.Core.Parts;

/// <summary>What a lamp's current does as its voltage changes.</summary>
public enum LampKind
{
    /// <summary>Keeps its power: draws more as the voltage falls, down to its drop-out voltage.</summary>
    RegulatedLed,

    /// <summary>LED strip behind resistors: current in proportion to voltage.</summary>
    ResistorLed,

    /// <summary>Filament lamp: current with V^0.55.</summary>
    Filament,
}
