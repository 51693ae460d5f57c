using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Kits;

/// <summary>A kit laid over a line of the plan.</summary>
/// <param name="WhyNot">Why it cannot serve, and what would; empty where it can.</param>
/// <param name="Works">Whether it does what is wanted in every state, converted.</param>
/// <param name="WorksAsBought">Whether it does so as its leaflet says.</param>
/// <param name="RelayReachMetres">How far along the lanes from the battery its relay can sit, m; null: not fed from the battery, or no relay.</param>
/// <param name="RelayPlaces">Stations within that.</param>
/// <param name="Lamps">How its lamps are turned, so that their leads leave on the battery's side.</param>
/// <param name="Checks">What our own figures say of the line with it: Stop and Watch.</param>
public sealed record KitView(
    IReadOnlyList<string> WhyNot, bool Works, bool WorksAsBought, IReadOnlyList<KitReach> Legs, double? RelayReachMetres, IReadOnlyList<string> RelayPlaces, IReadOnlyList<string> Lamps,
    IReadOnlyList<KitChange> Changes, IReadOnlyList<PinTable> Pins, IReadOnlyList<KitTruth> Truth, IReadOnlyList<string> Over, IReadOnlyList<Check> Checks)
{
    /// <summary>Lays it over; pure and total for a valid rig and kit.</summary>
    public static KitView Of(Rig rig, string lineId, Kit kit, KitWish wish, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        var wired = WholeRig.Of(rig, sizes, cancellation).Expanded(lineId);
        var made = KitConversion.Of(wired, lineId, kit, wish);
        if (made is not { Converted: { } converted, AsBought: { } fitting }) return new KitView(made.WhyNot, false, false, [], null, [], [], [], [], [], [], []);
        var truth = KitTruth.Of(fitting, converted);
        var (reach, places) = Radius(fitting, converted);
        var checks = AssessedRig.Of(converted, sizes: sizes, cancellation: cancellation).Assessment.Lines.FirstOrDefault(line => line.Id == lineId)?.Checks ?? [];
        return new KitView(
            [], KitTruth.Does(truth, row => row.Converted), KitTruth.Does(truth, row => row.AsBought), KitReach.Of(fitting, converted, made.Changes), reach, places, Turned(converted, lineId),
            made.Changes, made.Pins, truth, made.Over, [.. checks.Where(check => check.Counts != Verdict.Holds)]);
    }

    /// <summary>The legs from the battery to the relay, and the stations that they reach.</summary>
    private static (double? Metres, IReadOnlyList<string> Places) Radius(KitFitting fitting, Rig rig)
    {
        if (fitting.Kit.Relays is not [var relay, ..] || fitting.Wish.FeedSlot is not null || ToRelay(fitting.Kit, $"{relay.Id}.") is not { } legs) return (null, []);
        var metres = Math.Max(0, (legs - 2 * rig.HouseRules.LoopMetres) / (1 + rig.HouseRules.SlackFraction));
        if (rig.Body is not { } body || PartLocations.Of(rig).Of(rig.Vehicle.Batteries[0].Id) is not { } battery) return (metres, []);
        var router = new Router(rig.HouseRules, body, new LaneRoom());
        return (metres, [.. body.Stations.Where(station => station.Id == battery || router.Best(battery, station.Id, new Laying(1, 1, 105))?.LaneMetres <= metres).Select(station => station.Name)]);
    }

    /// <summary>Metres of legs from the plus post to the relay, through the fuse; null where none leads there.</summary>
    private static double? ToRelay(Kit kit, string relay)
    {
        var (at, metres, passed) = (KitEnds.Plus, 0.0, new HashSet<string>(StringComparer.Ordinal));
        while (passed.Add(at))
        {
            var next = kit.Legs.SelectMany(leg => leg.Cores.Select(core => (leg, core))).FirstOrDefault(pair => pair.core.From == at || pair.core.To == at);
            if (next.core is null) return null;
            metres += next.leg.Metres;
            at = next.core.From == at ? next.core.To : next.core.From;
            if (at.StartsWith(relay, StringComparison.Ordinal)) return metres;
            var (part, pin) = TerminalIndex.Split(at);
            if (kit.Fuses.Any(fuse => fuse.Id == part)) at = $"{part}.{(pin == "in" ? "out" : "in")}";
        }
        return null;
    }

    private static IReadOnlyList<string> Turned(Rig rig, string lineId)
    {
        if (rig.Body is not { } body || PartLocations.Of(rig).Of(rig.Vehicle.Batteries[0].Id) is not { } at || body.StationOf(at) is not { } battery) return [];
        return
        [
            .. from id in rig.Lines.First(line => line.Id == lineId).Lamps()
               let lamp = rig.Fixtures.First(fixture => fixture.Id == id)
               let mount = body.Mounts.FirstOrDefault(mount => mount.Id == rig.Places.FirstOrDefault(place => place.Part == id)?.At)
               where mount is not null && lamp.Body?.Lead is Side.Left or Side.Right
               let side = battery.At.Right < 0 ? Side.Left : Side.Right
               select lamp.Body!.Lead == side
                   ? KitWords.FormatLeadOnBatterySide(PartNames.Of(rig)[id])
                   : KitWords.FormatTurnLamp(PartNames.Of(rig)[id], side == Side.Left ? KitWords.Left : KitWords.Right),
        ];
    }
}
