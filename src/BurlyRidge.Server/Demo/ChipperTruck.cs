using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using static BurlyRidge.Server.Demo.DemoWords;

namespace BurlyRidge.Server.Demo;

/// <summary>A 24 V truck with two batteries in series, and 12 V lamps behind a converter.</summary>
internal static class ChipperTruck
{
    public static DemoJob Job() => new(
        "Tree-crew chipper truck",
        "24 V, two batteries in series. Storm call-outs: flood light over the chipper and along the boom.",
        new JobParticulars("Windfall tree crew", "WT 308", new DateOnly(2027, 2, 12), WorkState.Planned),
        Rig.Empty(24, UnitSystem.Metric) with
        {
            Vehicle = Vehicle.Usual(24) with
            {
                Batteries = [new Battery("battery-1", 140) { Kind = BatteryKind.Flooded, Side = Side.Left }, new Battery("battery-2", 140) { Kind = BatteryKind.Flooded, Side = Side.Left }],
                IndicatorLeft = new SignalLamp { Watts = 46, Pulsed = true },
                IndicatorRight = new SignalLamp { Watts = 46, Pulsed = true },
            },
            HouseRules = new HouseRules { Gauges = GaugeSystem.Metric },
            Lines =
            [
                Planned("headboard", "Headboard bar", LampKind.RegulatedLed, 1, 240, 6.5, ReturnPath.Wire, Trigger.SwitchAlone, Zone.EngineBay, Zone.Exterior),
                Planned("chipper", "Chipper floods", LampKind.RegulatedLed, 4, 48, 9.8, ReturnPath.Wire, Trigger.SwitchAlone, Zone.Underbody),
                Planned("reverse-lamps", "Reversing lamps", LampKind.RegulatedLed, 2, 30, 11.5, ReturnPath.Wire, Trigger.Reverse, Zone.Underbody),
                Wired("boom", "Boom lamps behind the converter", "boom-1", "boom-2", "boom-3"),
                Wired("beacon", "Cab beacon", "cab-beacon"),
            ],
            Fixtures = [Lamp("boom-1", "Pod", 18), Lamp("boom-2", "Pod", 18), Lamp("boom-3", "Pod", 18), Lamp("cab-beacon", "Beacon", 60, 24, LampKind.Filament).Of(LightColour.Amber)],
            Protection = [Blade("boom-fuse", 10), Blade("pod-fuse", 7.5), Blade("beacon-fuse", 5)],
            Switches = [OnOff("boom-switch"), OnOff("beacon-switch")],
            Converters = [new Converter("step-down", "Converter 24 to 12", 13.2, 12, 20)],
            Earths = [new Earth("stud-cab", EarthKind.Stud, BodyMilliohms: 7)],
            Runs =
            [
                Run("battery-2.plus", "boom-fuse.in", 0.15, "2.5 mm²"), Run("boom-fuse.out", "step-down.in-plus", 2.2, "2.5 mm²"), Run("step-down.in-minus", "stud-cab", 0.4, "2.5 mm²"),
                Run("step-down.out-plus", "pod-fuse.in", 0.2, "2.5 mm²", Zone.Cabin), Run("pod-fuse.out", "boom-switch.in", 0.8, "2.5 mm²", Zone.Cabin),
                Run("boom-switch.out", "boom-1.plus", 4.5, "4 mm²", Zone.Exterior), Run("boom-1.plus", "boom-2.plus", 1.2, "4 mm²", Zone.Exterior), Run("boom-2.plus", "boom-3.plus", 1.2, "4 mm²", Zone.Exterior),
                Run("boom-1.minus", "step-down.out-minus", 4.5, "4 mm²", Zone.Exterior), Run("boom-2.minus", "boom-1.minus", 1.2, "4 mm²", Zone.Exterior), Run("boom-3.minus", "boom-2.minus", 1.2, "4 mm²", Zone.Exterior),
                Run("step-down.out-minus", "stud-cab", 0.4, "2.5 mm²", Zone.Cabin),
                Run("battery-2.plus", "beacon-fuse.in", 0.15, "1.5 mm²"), Run("beacon-fuse.out", "beacon-switch.in", 2.4, "1.5 mm²", Zone.Cabin),
                Run("beacon-switch.out", "cab-beacon.plus", 2.8, "1.5 mm²", Zone.Exterior), Run("cab-beacon.minus", "stud-cab", 1.1, "1.5 mm²", Zone.Exterior),
            ],
        });
}
