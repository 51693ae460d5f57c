using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Kits;

/// <summary>Makes legs of a kit longer that do not reach.</summary>
internal static class KitExtension
{
    /// <summary>Joins an extension to every short leg, at the last station that it reaches; a lead before its fuse is never one of them.</summary>
    public static void Extend(KitWork work)
    {
        if (work.Rig.Body is not { } body) return;
        var needs = KitReach.Needs(work.Rig);
        foreach (var leg in work.Fitting.Cores.GroupBy(wire => wire.Leg))
        {
            var shorts = leg.Where(wire => needs.GetValueOrDefault(wire.Run)?.RoutedMetres > leg.Key.Metres).ToList();
            if (shorts.Count == 0) continue;
            var by = shorts.Max(wire => needs[wire.Run].RoutedMetres!.Value) - leg.Key.Metres;
            var said = Format.Metres(by, work.Rig.HouseRules.Units);
            if (shorts.Any(wire => Unfused(work, wire)))
            {
                work.Changes.Add(new KitChange(KitAct.Extend, KitWords.FormatNeverExtend(said), leg.Key.Name));
                continue;
            }
            var names = PartNames.Of(work.Rig);
            var at = "";
            foreach (var wire in shorts) at = Join(work, body, wire, needs[wire.Run]);
            var words = leg.Key.Cores.Count == 1
                ? KitWords.FormatExtendWire(said, leg.Key.Wire, names.Place(at))
                : leg.Key.Cores.Count % 2 == 0
                    ? KitWords.FormatExtendCable(said, leg.Key.Cores.Count, leg.Key.Wire, names.Place(at))
                    : KitWords.FormatExtendCableOdd(said, leg.Key.Cores.Count, leg.Key.Wire, names.Place(at), (leg.Key.Cores.Count + 1) / 2);
            work.Changes.Add(new KitChange(KitAct.Extend, words, leg.Key.Name));
        }
    }

    /// <summary>Between a battery's post and the first fuse.</summary>
    private static bool Unfused(KitWork work, KitWire wire) => work.Rig.Runs.First(run => run.Id == wire.Run).Ends().Contains(work.Rig.Vehicle.SystemPlus);

    private static string Join(KitWork work, Body body, KitWire wire, Routed laid)
    {
        var run = work.Rig.Runs.First(run => run.Id == wire.Run);
        var at = LastReached(work.Rig.HouseRules, body, laid, wire.Leg.Metres);
        var joint = work.Joint(KitWords.ExtensionJoint, JointKind.Crimp, at);
        work.Rig = work.Rig.WithRun(run.Id, old => old with { To = $"{joint}.a", Kit = old.Kit! with { CutTo = true } });
        work.Rig = work.Rig with
        {
            Runs = [.. work.Rig.Runs, new Run(work.Free(KitWords.ExtensionWire), $"{joint}.b", run.To, run.Wire, Math.Max(LeastMetres, laid.RoutedMetres!.Value - wire.Leg.Metres), run.Zones)
            {
                Colour = run.Colour, Sheathed = run.Sheathed, Lay = new Lay(),
            }],
        };
        return at;
    }

    private const double LeastMetres = 0.1;

    private static string LastReached(HouseRules rules, Body body, Routed laid, double metres)
    {
        var route = laid.Route!;
        var (at, along) = (route.Stations[0], 0.0);
        for (var i = 0; i < route.Lanes.Count - 1; i++)
        {
            along += LaneCost.Metres(body, route.Lanes[i]);
            if (along * (1 + rules.SlackFraction) + rules.LoopMetres > metres) break;
            at = route.Stations[i + 1];
        }
        return at;
    }
}
