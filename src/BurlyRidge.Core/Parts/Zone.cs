namespace BurlyRidge.Core.Parts;

/// <summary>A part of the vehicle with its own surroundings.</summary>
public enum Zone
{
    /// <summary>Under the bonnet.</summary>
    EngineBay,

    /// <summary>Inside the cabin.</summary>
    Cabin,

    /// <summary>Outside the body.</summary>
    Exterior,

    /// <summary>Along the chassis.</summary>
    Underbody,
}

/// <summary>Surroundings of each zone, °C, to start from (common practice, no source).</summary>
public sealed record ZoneTemperatures
{
    /// <summary>Outside the body, in the air.</summary>
    public double Exterior { get; init; } = 30;

    /// <summary>Inside the cabin, under trim.</summary>
    public double Cabin { get; init; } = 40;

    /// <summary>Along the chassis.</summary>
    public double Underbody { get; init; } = 50;

    /// <summary>Under the bonnet.</summary>
    public double EngineBay { get; init; } = 70;

    /// <summary>The temperature of one zone, °C.</summary>
    public double Of(Zone zone) => zone switch
    {
        Zone.Exterior => Exterior,
        Zone.Cabin => Cabin,
        Zone.Underbody => Underbody,
        Zone.EngineBay => EngineBay,
        _ => throw new ArgumentOutOfRangeException(nameof(zone), zone, "unknown zone"),
    };
}

internal static class ZoneWords
{
    /// <summary>As it stands in a sentence, after "the".</summary>
    public static string Word(this Zone zone) => zone switch
    {
        Zone.EngineBay => PartWords.EngineBay,
        Zone.Cabin => "cabin",
        Zone.Exterior => "exterior",
        _ => "underbody",
    };
}
