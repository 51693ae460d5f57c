using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Bench;

/// <summary>What covers and holds the wires along one lane.</summary>
/// <param name="Lane">Id of the lane.</param>
/// <param name="Name">From one station to the other.</param>
/// <param name="Metres">Along it, m.</param>
/// <param name="AcrossMillimetres">Across the wires in it, mm.</param>
/// <param name="Celsius">How hot it is there, °C.</param>
/// <param name="Wires">How many wires of the rig lie in it.</param>
/// <param name="Sleeve">Null: none is needed, or every wire has a sheath of its own.</param>
/// <param name="SleeveMillimetres">Its inner width, mm; null: wider than any in the table.</param>
/// <param name="Ties">How many.</param>
/// <param name="TieMillimetres">How long each is at least, mm.</param>
public sealed record Covering(
    string Lane, string Name, Zone Zone, double Metres, double AcrossMillimetres, double Celsius, int Wires,
    SleeveKind? Sleeve, double? SleeveMillimetres, int Ties, TieKind Tie, double? TieMillimetres)
{
    /// <summary>Inner widths of sleeve that are sold, mm (typical, no source).</summary>
    private static readonly double[] Widths = [5, 7, 10, 13, 16, 20, 25, 32];

    /// <summary>Lengths of ties that are sold, mm (typical, no source).</summary>
    private static readonly double[] TieLengths = [100, 150, 200, 300, 370];

    /// <summary>Beside exhaust or turbo, °C: only with a sleeve made for it (common practice, no source).</summary>
    private const double HotCelsius = 105;

    /// <summary>Braided sleeve looks better than conduit where it is seen, and is for cool places alone (common practice, no source), °C.</summary>
    private const double CoolCelsius = 50;

    /// <summary>A harness of the vehicle's own and a bare rail, across (typical, no source), mm.</summary>
    private const double HarnessMillimetres = 20, RailMillimetres = 30;

    /// <summary>The head of a tie and what is pulled through it, mm (typical, no source).</summary>
    private const double TieHeadMillimetres = 40;

    /// <summary>Every lane that wires of an assessed rig lie in, in the order of the vehicle.</summary>
    public static IReadOnlyList<Covering> Of(AssessedRig assessed)
    {
        var rig = assessed.Whole.Saved;
        if (rig.Body is not { } body) return [];
        var (names, routes) = (assessed.Study.Names, assessed.Whole.Routed.Routes);
        var sheathed = rig.Runs.Where(run => run.Sheathed).Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        var inLane = routes.SelectMany(route => (route.Route?.Lanes ?? []).Select(lane => (lane.Id, Route: route))).ToLookup(pair => pair.Id, pair => pair.Route, StringComparer.Ordinal);
        return [.. body.Lanes.Where(lane => inLane.Contains(lane.Id)).Select(lane => Along(lane, [.. inLane[lane.Id]]))];

        Covering Along(Lane lane, IReadOnlyList<Routed> there)
        {
            var (metres, celsius) = (LaneCost.Metres(body, lane), LaneCost.Celsius(rig.HouseRules, lane));
            var across = assessed.Whole.Routed.Room.LaneMillimetres(lane.Id);
            SleeveKind? sleeve = lane.Zone == Zone.Cabin || there.All(route => sheathed.Contains(route.Id)) ? null : celsius >= HotCelsius ? SleeveKind.Heat
                : celsius <= CoolCelsius && lane.Shows is not (null or Shows.Hidden) ? SleeveKind.Braided : SleeveKind.Conduit;
            return new Covering(
                lane.Id, BenchWords.FormatFromTo(Format.Capital(names.Place(lane.From)), names.Place(lane.To)), lane.Zone, metres, across, celsius, there.Sum(route => Math.Max(1, route.Conductors)),
                sleeve, sleeve is null ? null : Fits(Widths, across),
                RouteView.TiesOf(body, lane), TieOf(lane), Fits(TieLengths, Round(across, Beside(lane)) + TieHeadMillimetres));
        }
    }

    private static TieKind TieOf(Lane lane) => lane.TieTo switch
    {
        TieTo.Nothing => TieKind.StickOn,
        TieTo.Rail => TieKind.RoundRail,
        TieTo.Holes => TieKind.PushIn,
        _ => TieKind.Round,
    };

    private static double Beside(Lane lane) => lane.TieTo switch
    {
        TieTo.Rail => RailMillimetres,
        TieTo.Harness => HarnessMillimetres,
        null when lane.FactoryHarness => HarnessMillimetres,
        _ => 0,
    };

    /// <summary>Round two that lie against each other, of so many mm across: the open belt of two pulleys that touch.</summary>
    public static double Round(double one, double other) =>
        Math.PI * (one + other) / 2 + 2 * Math.Sqrt(one * other) + (one + other > 0 ? (one - other) * Math.Asin((one - other) / (one + other)) : 0);

    private static double? Fits(double[] sold, double wanted) => sold.Where(size => size >= wanted).Select(size => (double?)size).FirstOrDefault();
}

/// <summary>What wires are covered with.</summary>
public enum SleeveKind
{
    /// <summary>Split conduit.</summary>
    Conduit,

    /// <summary>A sleeve made for heat.</summary>
    Heat,

    /// <summary>Braided sleeve.</summary>
    Braided,
}

/// <summary>What wires are tied with.</summary>
public enum TieKind
{
    /// <summary>A tie round the harness and what it follows.</summary>
    Round,

    /// <summary>A tie on a stick-on mount, where there is nothing to tie to.</summary>
    StickOn,

    /// <summary>A long tie round a bare rail.</summary>
    RoundRail,

    /// <summary>A tie with a foot for a hole of the vehicle's own.</summary>
    PushIn,
}
