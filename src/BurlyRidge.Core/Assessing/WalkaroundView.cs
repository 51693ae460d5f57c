using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Pictures;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Assessing;

/// <summary>The vehicle as one walks round it: its picture, what lies where, and whether what is placed goes there.</summary>
/// <param name="Picture">Its four views; null where no vehicle is chosen.</param>
/// <param name="Lanes">Every lane with what lies in it.</param>
/// <param name="Routes">Everything that has a lay.</param>
/// <param name="Mounts">Fit cards of mounts with lamps on them.</param>
/// <param name="Spaces">Fit cards of spaces with parts of known size in them.</param>
/// <param name="ComesOff">Trim and covers that come off for all routes, mounts, locations and pick-ups together, each once.</param>
/// <param name="CopperKilograms">Copper of all runs, kg.</param>
/// <param name="TieMetres">At least a tie in so much, m.</param>
public sealed record WalkaroundView(
    VehiclePicture? Picture,
    IReadOnlyList<LaneView> Lanes,
    IReadOnlyList<RouteView> Routes,
    IReadOnlyList<FitCard> Mounts,
    IReadOnlyList<FitCard> Spaces,
    IReadOnlyList<ComesOff> ComesOff,
    double CopperKilograms,
    double TieMetres)
{
    /// <summary>Walks round a valid rig.</summary>
    public static WalkaroundView Of(Rig rig) => Of(rig, RoutedRig.Of(rig));

    /// <summary>The same of a rig that was laid already.</summary>
    public static WalkaroundView Of(Rig rig, RoutedRig laid)
    {
        var (body, names) = (rig.Body, PartNames.Of(rig));
        return new WalkaroundView(
            VehiclePicture.Of(rig),
            [.. (body?.Lanes ?? []).Select(lane => new LaneView(
                lane.Id, LaneCost.Metres(body!, lane), LaneCost.Celsius(rig.HouseRules, lane), laid.Room.LaneMillimetres(lane.Id), laid.Room.Loaded(lane.Id)))],
            [.. laid.Routes.Select(route => RouteView.Of(rig, route, route.NameIn(names)))],
            Cards.OfMounts(rig),
            Cards.OfSpaces(rig),
            Assessing.ComesOff.Of(rig, laid, names),
            Reroute.Copper(laid.Rig),
            RouteView.Tie);
    }
}

/// <summary>A lane with what lies in it.</summary>
/// <param name="AcrossMillimetres">Across all that lies in it, mm.</param>
/// <param name="Loaded">Loaded conductors in it.</param>
public sealed record LaneView(string Id, double Metres, double Celsius, double AcrossMillimetres, int Loaded);

/// <summary>How something lies, for the screen and the person who lays it.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Ties">How many ties hold it.</param>
/// <param name="SleeveMetres">Conduit or sleeve in the engine bay, underneath and outside, m.</param>
/// <param name="Stages">Lane by lane.</param>
public sealed record RouteView(
    string Id, bool IsLine, string Name, double? Metres, double? RoutedMetres, double? MeasuredMetres,
    IReadOnlyList<string> Stations, IReadOnlyList<RouteStage> Stages, int Ties, double SleeveMetres)
{
    /// <summary>A tie at least every so much, m (common practice, no source).</summary>
    public const double Tie = 0.3;

    internal static int TiesOf(Body body, Lane lane) => (int)Math.Ceiling(LaneCost.Metres(body, lane) / Tie);

    /// <summary>Reads a way of <paramref name="rig"/>.</summary>
    internal static RouteView Of(Rig rig, Routed laid, string name)
    {
        var stages = (laid.Route?.Lanes ?? []).Select(lane => new RouteStage(
            lane.Id, lane.Zone, LaneCost.Metres(rig.Body!, lane), LaneCost.Celsius(rig.HouseRules, lane),
            TiesOf(rig.Body!, lane), lane.Hazards, [.. lane.Covers.Select(cover => cover.What)], lane.Shows, lane.TieTo == TieTo.Nothing)).ToList();
        return new RouteView(
            laid.Id, laid.IsLine, name, laid.Metres, laid.RoutedMetres, laid.MeasuredMetres, laid.Route?.Stations ?? [], stages,
            stages.Sum(stage => stage.Ties), stages.Where(stage => stage.Zone != Zone.Cabin).Sum(stage => stage.Metres));
    }
}

/// <summary>One lane of a way.</summary>
public sealed record RouteStage(
    string Lane, Zone Zone, double Metres, double Celsius, int Ties, IReadOnlyList<Hazard> Hazards, IReadOnlyList<string> Covers, Shows? Shows, bool NothingToTieTo);

/// <summary>Another way that something could lie.</summary>
/// <param name="Through">Its lanes, in order: to be asked for as they stand.</param>
/// <param name="Metres">Length of wire, m.</param>
/// <param name="Why">How it differs from the best way.</param>
/// <param name="Chosen">Whether it lies so now.</param>
public sealed record RouteChoice(IReadOnlyList<string> Through, IReadOnlyList<string> Stations, double Metres, string Why, bool Chosen)
{
    /// <summary>The best way for a run or line, and others; empty where it has no lay or no way leads there.</summary>
    public static IReadOnlyList<RouteChoice> Of(Rig rig, string id)
    {
        var laid = RoutedRig.Of(rig);
        if (rig.Body is not { } body || laid.Routes.FirstOrDefault(route => route.Id == id) is not { From: { } from, To: { } to } now) return [];
        var room = RoutedRig.Of(Without(rig, id)).Room;
        var router = new Router(rig.HouseRules, body, room);
        if (router.Best(from, to, now.Laying) is not { } best) return [];
        var lies = Names(now.Route);
        List<RouteChoice> choices =
        [
            new RouteChoice([], best.Stations, RoutedRig.Metres(rig.HouseRules, best), LineWords.TheBestShortestHeatAnd, Names(best).SequenceEqual(lies)),
            .. router.Others(from, to, now.Laying, best).Select(route => new RouteChoice(
                Names(route), route.Stations, RoutedRig.Metres(rig.HouseRules, route), Differs(rig, best, route), Names(route).SequenceEqual(lies))),
        ];
        if (now.Route is { } present && !choices.Exists(choice => choice.Chosen))
            choices.Add(new RouteChoice(lies, present.Stations, RoutedRig.Metres(rig.HouseRules, present), LineWords.FormatAsItLiesNow(Differs(rig, best, present)), true));
        return choices;
    }

    private static List<string> Names(Route? route) => [.. (route?.Lanes ?? []).Select(lane => lane.Id)];

    private static Rig Without(Rig rig, string id) => rig with
    {
        Runs = [.. rig.Runs.Select(run => run.Id == id ? run with { Lay = null } : run)],
        Lines = [.. rig.Lines.Select(line => line.Id == id && line.Plan is { } plan ? line with { Plan = plan with { Lay = null } } : line)],
    };

    private static string Differs(Rig rig, Route best, Route route)
    {
        var more = RoutedRig.Metres(rig.HouseRules, route) - RoutedRig.Metres(rig.HouseRules, best);
        var met = route.Lanes.SelectMany(lane => lane.Hazards).Distinct().Except(best.Lanes.SelectMany(lane => lane.Hazards)).ToList();
        var spared = best.Lanes.SelectMany(lane => lane.Hazards).Distinct().Except(route.Lanes.SelectMany(lane => lane.Hazards)).ToList();
        List<string> words = [more >= 0 ? LineWords.FormatLonger(Format.Metres(more, rig.HouseRules.Units)) : LineWords.FormatShorter(Format.Metres(-more, rig.HouseRules.Units))];
        if (met.Count > 0) words.Add(LineWords.FormatPasses(Format.And(met.Select(HazardWords.Word))));
        if (spared.Count > 0) words.Add(LineWords.FormatSpares(Format.And(spared.Select(HazardWords.Word))));
        var (ties, hotter) = (Ties(rig, route) - Ties(rig, best), Hottest(rig, route) - Hottest(rig, best));
        if (ties != 0) words.Add(Format.Count(Math.Abs(ties), LineWords.Tie, LineWords.Ties) is var counted && ties > 0 ? LineWords.FormatTiesMore(counted) : LineWords.FormatTiesFewer(counted));
        if (Math.Abs(hotter) >= 1) words.Add(hotter > 0 ? LineWords.FormatHotterAtItsHottest(Format.Celsius(hotter)) : LineWords.FormatCoolerAtItsHottest(Format.Celsius(-hotter)));
        return $"{Format.Capital(string.Join("; ", words))}.";
    }

    private static int Ties(Rig rig, Route route) => route.Lanes.Sum(lane => RouteView.TiesOf(rig.Body!, lane));

    private static double Hottest(Rig rig, Route route) => route.Lanes.Select(lane => LaneCost.Celsius(rig.HouseRules, lane)).DefaultIfEmpty().Max();
}
