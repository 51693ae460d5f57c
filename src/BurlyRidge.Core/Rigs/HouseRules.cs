using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Rigs;

/// <summary>How lengths are said.</summary>
public enum UnitSystem
{
    /// <summary>Metres.</summary>
    Metric,

    /// <summary>Feet.</summary>
    Imperial,
}

/// <summary>The workshop's chosen school.</summary>
public sealed record HouseRules
{
    /// <summary>How lengths are said.</summary>
    public UnitSystem Units { get; init; } = UnitSystem.Metric;

    /// <summary>How the wire on the shelf is sold.</summary>
    public GaugeSystem Gauges { get; init; } = GaugeSystem.Awg;

    /// <summary>What the wire is good for above the design current, as a fraction: 0 to 2.</summary>
    public double MarginFraction { get; init; } = 0.25;

    /// <summary>How far a fuse may be loaded, as a fraction of its rating: 0.5 to 1.</summary>
    public double FuseLoadFraction { get; init; } = 0.8;

    /// <summary>Drop allowed where all lamps are regulated LED, as a fraction of the system volts.</summary>
    public double DropLimitRegulatedLed { get; init; } = 0.05;

    /// <summary>Drop allowed where any lamp is not.</summary>
    public double DropLimitOther { get; init; } = 0.03;

    /// <summary>How hot each zone is taken to be.</summary>
    public ZoneTemperatures ZoneCelsius { get; init; } = new();
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
