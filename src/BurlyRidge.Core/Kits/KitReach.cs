using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Kits;

/// <summary>Whether a leg of a kit reaches.</summary>
/// <param name="Leg">As the kit calls it.</param>
/// <param name="Metres">What it has, m.</param>
/// <param name="NeedsMetres">Along the lanes, with slack and loops, m; null: not known where its ends are.</param>
/// <param name="OverMetres">What is left over, m; negative: short by so much.</param>
/// <param name="CoilAt">Where the rest is coiled, clear of heat and of what moves; empty: nothing is over.</param>
/// <param name="Extension">What makes it long enough; empty where it is.</param>
public sealed record KitReach(string Leg, string Wire, double Metres, int Cores, double? NeedsMetres, double? OverMetres, string CoilAt, string Extension)
{
    /// <summary>Less than this is no rest to be coiled, m.</summary>
    private const double WorthCoiling = 0.2;

    /// <summary>Of every leg, in the kit's order.</summary>
    internal static IReadOnlyList<KitReach> Of(KitFitting fitting, Rig after, IReadOnlyList<KitChange> changes)
    {
        var routes = Needs(after);
        var names = PartNames.Of(after);
        return
        [
            .. fitting.Cores.GroupBy(wire => wire.Leg).Select(leg =>
            {
                var laid = leg.Select(wire => routes.GetValueOrDefault(wire.Run)).OfType<Routed>().MaxBy(route => route.RoutedMetres);
                double? over = laid?.RoutedMetres is { } need ? leg.Key.Metres - need : null;
                var extension = changes.FirstOrDefault(change => change.Act == KitAct.Extend && change.Lead == leg.Key.Name);
                return new KitReach(leg.Key.Name, leg.Key.Wire, leg.Key.Metres, leg.Key.Cores.Count, laid?.RoutedMetres, over,
                    over >= WorthCoiling && laid?.Route is { } route ? Coil(after, names, route) : "", extension?.Words ?? "");
            }),
        ];
    }

    /// <summary>How the wires of kits would be laid if they were cut for it, by wire.</summary>
    internal static Dictionary<string, Routed> Needs(Rig rig) =>
        RoutedRig.Of(rig with { Runs = [.. rig.Runs.Select(run => run is { Kit: not null, Lay: { } lay } ? run with { Lay = lay with { MeasuredMetres = null } } : run)] })
            .Routes.Where(route => !route.IsLine).ToDictionary(route => route.Id, StringComparer.Ordinal);

    /// <summary>At the end of the coolest lane on its way that passes nothing that moves; in the cabin best.</summary>
    private static string Coil(Rig rig, PartNames names, Route route)
    {
        var station = route.Lanes.OrderBy(lane => lane.Hazards.Count).ThenBy(lane => lane.Zone == Zone.Cabin ? 0 : 1).ThenBy(lane => LaneCost.Celsius(rig.HouseRules, lane))
            .SelectMany(lane => new[] { lane.From, lane.To }).FirstOrDefault() ?? route.Stations[0];
        return names.Place(station);
    }
}
