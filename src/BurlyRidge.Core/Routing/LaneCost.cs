using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>How long a lane is, and what following it counts as.</summary>
public static class LaneCost
{
    /// <summary>A lane that nobody measured is a tenth longer than the straight distance (common practice, no source).</summary>
    public const double Winding = 1.1;

    /// <summary>Above this every 25 K count as the length again, °C.</summary>
    private const double WarmCelsius = 70;
    private const double DoublingKelvin = 25;

    /// <summary>Length along <paramref name="lane"/>, m.</summary>
    public static double Metres(Body body, Lane lane) =>
        lane.MeasuredMetres ?? Winding * body.StationOf(lane.From)!.At.To(body.StationOf(lane.To)!.At);

    /// <summary>How hot it is along <paramref name="lane"/>, °C.</summary>
    public static double Celsius(HouseRules rules, Lane lane) => lane.AmbientCelsius ?? rules.ZoneCelsius.Of(lane.Zone);

    /// <summary>What its length is multiplied by for heat and hazards; 1 without any. Our own weights: what a fitter would go round for.</summary>
    public static double Factor(HouseRules rules, Lane lane) =>
        1 + Math.Max(0, Celsius(rules, lane) - WarmCelsius) / DoublingKelvin + lane.Hazards.Distinct().Sum(Weight);

    /// <summary>Lengths that passing a hazard counts as.</summary>
    public static double Weight(Hazard hazard) => hazard switch
    {
        Hazard.Exhaust => 3,
        Hazard.Moving => 2,
        Hazard.Steering => 2,
        Hazard.Airbag => 2,
        Hazard.FuelLine => 1,
        Hazard.Hinge => 0.5,
        Hazard.SharpEdge => 0.5,
        _ => throw new ArgumentOutOfRangeException(nameof(hazard), hazard, "unknown hazard"),
    };
}
