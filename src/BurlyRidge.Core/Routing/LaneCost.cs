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

    /// <summary>What following <paramref name="lane"/> counts as, m: its length by heat and hazards, and a detour for each cover that comes off.</summary>
    public static double Of(HouseRules rules, Body body, Lane lane) => Metres(body, lane) * Factor(rules, lane) + CoverMetres * lane.Covers.Count;

    /// <summary>To go round a cover that would come off, a fitter takes so much more wire, m (house rule).</summary>
    private const double CoverMetres = 0.5;

    /// <summary>What its length is multiplied by for heat and hazards; 1 without any. Our own weights: what a fitter would go round for.</summary>
    public static double Factor(HouseRules rules, Lane lane) =>
        1 + Math.Max(0, Celsius(rules, lane) - WarmCelsius) / DoublingKelvin
        + (lane.Shows is null or Shows.Hidden ? 0 : rules.LooksFraction)
        + lane.Hazards.Distinct().Sum(hazard => Weight(hazard) * (lane.FactoryHarness && hazard is (Hazard.Steering or Hazard.FuelLine) ? BesideHarness : 1));

    /// <summary>Steering and fuel lines count so much where the vehicle's own harness passes them: it is tied clear of them there (house rule).</summary>
    private const double BesideHarness = 0.25;

    /// <summary>Lengths that passing a hazard counts as. Hinge and edge of the windscreen are for what sits on the roof (house rule).</summary>
    public static double Weight(Hazard hazard) => hazard switch
    {
        Hazard.Exhaust => 3,
        Hazard.Moving => 2,
        Hazard.Steering => 2,
        Hazard.Airbag => 2,
        Hazard.FuelLine => 1,
        Hazard.Hinge => 2,
        Hazard.SharpEdge => 1.5,
        _ => throw new ArgumentOutOfRangeException(nameof(hazard), hazard, "unknown hazard"),
    };
}
