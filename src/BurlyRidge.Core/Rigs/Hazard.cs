namespace BurlyRidge.Core.Rigs;

/// <summary>What wire has to be kept from, or what makes a lane worse.</summary>
public enum Hazard
{
    /// <summary>Exhaust or turbo.</summary>
    Exhaust,

    /// <summary>Steering.</summary>
    Steering,

    /// <summary>Belts, pedals, seats, anything that moves.</summary>
    Moving,

    /// <summary>A sharp edge.</summary>
    SharpEdge,

    /// <summary>A hinge that bends it.</summary>
    Hinge,

    /// <summary>In front of an airbag: the maker's procedure, and nothing tied across the bag.</summary>
    Airbag,

    /// <summary>A fuel line.</summary>
    FuelLine,
}

internal static class HazardWords
{
    /// <summary>As it stands in a sentence.</summary>
    public static string Word(this Hazard hazard) => hazard switch
    {
        Hazard.Exhaust => PartWords.TheExhaust,
        Hazard.Steering => PartWords.TheSteering,
        Hazard.Moving => PartWords.MovingParts,
        Hazard.SharpEdge => PartWords.ASharpEdge,
        Hazard.Hinge => PartWords.AHinge,
        Hazard.Airbag => PartWords.AnAirbag,
        _ => PartWords.AFuelLine,
    };
}
