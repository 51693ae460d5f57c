using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Jobs;

namespace BurlyRidge.Server.Demo;

/// <summary>A job that a fresh database starts with; vehicle, lamps and figures are made up.</summary>
internal sealed record DemoJob(string Name, string Note, Rig Rig);

/// <summary>The demo jobs.</summary>
internal static class DemoJobs
{
    public static IReadOnlyList<DemoJob> All { get; } = [RescueWagon(), OrchardPickup(), ChipperTruck()];

    /// <summary>Stores the demo jobs where there is no job at all.</summary>
    public static async Task PutIntoEmptyAsync(JobStore store)
    {
        if (!await store.IsEmptyAsync()) return;
        foreach (var job in All.Reverse()) await store.CreateAsync(job.Name, job.Note, job.Rig);
    }

    private static DemoJob RescueWagon() => new(
        "Snow-road rescue wagon",
        "Mountain hut run. Far light ahead, ditch light for drifts, light for backing up to a stretcher.",
        Job(12, new HouseRules(),
        [
            Line("bar", "Roof bar", LampKind.RegulatedLed, 1, 180, 4.6, ReturnPath.Wire, [Zone.EngineBay, Zone.Exterior], Trigger.HighBeam),
            Line("ditch", "Ditch pods", LampKind.RegulatedLed, 2, 27, 3.1, ReturnPath.Wire, [Zone.EngineBay], Trigger.SwitchAlone),
            Line("grille", "Grille driving lamps", LampKind.Filament, 2, 55, 1.8, ReturnPath.Body, [Zone.EngineBay], Trigger.HighBeam),
            Line("back-up", "Back-up pods", LampKind.RegulatedLed, 2, 22, 5.4, ReturnPath.Body, [Zone.EngineBay, Zone.Underbody], Trigger.Reverse),
            Line("stretcher", "Stretcher bay strip", LampKind.ResistorLed, 3, 6, 4.2, ReturnPath.Wire, [Zone.Cabin], Trigger.SwitchAlone),
        ]));

    private static DemoJob OrchardPickup() => new(
        "Orchard spray pickup",
        "Night spraying between the rows. Spread light low on both sides, work light over the tank.",
        Job(12, new HouseRules { Gauges = GaugeSystem.Metric, MarginFraction = 0.5 },
        [
            Line("rows", "Row lamps, both sides", LampKind.RegulatedLed, 4, 36, 3.4, ReturnPath.Wire, [Zone.EngineBay, Zone.Underbody], Trigger.SwitchAlone),
            Line("tank", "Tank work lamp", LampKind.RegulatedLed, 1, 40, 5.2, ReturnPath.Body, [Zone.Underbody], Trigger.SwitchAlone)
                with { ChosenWire = "0.5 mm²", ChosenFuse = new Fuse(10, FuseFamily.Blade) },
            Line("nozzle", "Nozzle strip", LampKind.ResistorLed, 6, 4, 6, ReturnPath.Wire, [Zone.Exterior], Trigger.SwitchAlone),
        ]));

    private static DemoJob ChipperTruck() => new(
        "Tree-crew chipper truck",
        "24 V, two batteries in series. Storm call-outs: flood light over the chipper and along the boom.",
        Job(24, new HouseRules { Gauges = GaugeSystem.Metric },
        [
            Line("headboard", "Headboard bar", LampKind.RegulatedLed, 1, 240, 6.5, ReturnPath.Wire, [Zone.EngineBay, Zone.Exterior], Trigger.SwitchAlone),
            Line("chipper", "Chipper floods", LampKind.RegulatedLed, 4, 48, 9.8, ReturnPath.Wire, [Zone.Underbody], Trigger.SwitchAlone),
            Line("reverse", "Reversing lamps", LampKind.RegulatedLed, 2, 30, 11.5, ReturnPath.Wire, [Zone.Underbody], Trigger.Reverse),
        ]));

    private static Rig Job(int systemVolts, HouseRules rules, IReadOnlyList<Line> lines) =>
        new(Rig.CurrentSchema, new Vehicle(systemVolts), rules, lines);

    private static Line Line(
        string id, string name, LampKind kind, int count, double watts, double metres, ReturnPath path, IReadOnlyList<Zone> zones, Trigger trigger) =>
        new(id, name, [new LampSet(kind, count, watts)], metres, path, zones, 105, trigger);
}
