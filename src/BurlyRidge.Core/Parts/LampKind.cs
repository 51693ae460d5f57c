namespace BurlyRidge.Core.Parts;

/// <summary>Colours of light.</summary>
public enum LightColour
{
    /// <summary>White.</summary>
    White,

    /// <summary>Selective yellow.</summary>
    Yellow,

    /// <summary>Amber.</summary>
    Amber,

    /// <summary>Red.</summary>
    Red,

    /// <summary>Green.</summary>
    Green,

    /// <summary>Blue.</summary>
    Blue,
}

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
