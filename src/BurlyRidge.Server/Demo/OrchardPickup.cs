using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using static BurlyRidge.Server.Demo.DemoWords;

namespace BurlyRidge.Server.Demo;

/// <summary>A 12 V pickup with factory outputs and a high beam switched in its minus.</summary>
internal static class OrchardPickup
{
    public static DemoJob Job() => new(
        "Orchard spray pickup",
        "Night spraying between the rows. Spread light low on both sides, work light over the tank.",
        new JobParticulars("Brack Lane orchards", "BL 17 OR", new DateOnly(2027, 1, 22), WorkState.WaitingForParts),
        Rig.Empty(12, UnitSystem.Metric) with
        {
            Vehicle = Vehicle.Usual(12) with
            {
                HighBeam = new SignalLamp
                {
                    Watts = 110,
                    Switched = SwitchedSide.Minus,
                    Wires = [new FoundWire { End = VehicleEnd.Front, Side = Side.Right, Colour = "red/black", Reached = "behind the headlamp", ProvenOn = "2026-11-04" }],
                },
                AuxOutputs =
                [
                    new("aux-1", 25, "4 mm²", Feed.Battery) { Legend = "Boom", Colour = "orange", FarColour = "orange/white", EndsAt = "beside the fuse box" }, new("aux-2", 25, "4 mm²", Feed.Ignition), new("aux-3", 10, "1.5 mm²", Feed.Ignition), new("aux-4", 15, "2.5 mm²", Feed.Ignition),
                ],
                PassThroughs = [new PassThrough("lead-violet", "2.5 mm²", 4.4, "violet", "engine bay", "rear quarter") { FarColour = "brown", Passes = [new LeadStop("left sill", "violet")] }],
            },
            HouseRules = new HouseRules { Gauges = GaugeSystem.Metric, MarginFraction = 0.5 },
            Body = GenericBody.Of(BodyKind.SingleCab),
            Places =
            [
                .. Places("battery", "drive-fuse"), new Place("drive-relay", "bay-shelf") { HeldBy = Fastening.BatteryBracket, Terminals = Points.Down }, .. Places("grille", "drive-pick-up"), .. Places("grille-slot", "drive-l", "drive-r"), .. Places("grille", "stud-front"),
                .. Places("dash-blank", "drive-switch"),
            ],
            PartBodies =
            [
                new PartDimensions("drive-relay", 30, 32, 46) { OpenMillimetres = 40 },
                new PartDimensions("drive-switch", 36, 20, 42) { HoleMillimetres = 22, OpenMillimetres = 10, ReachMillimetres = 0 },
            ],
            Lines =
            [
                Planned("rows", "Row lamps, both sides", LampKind.RegulatedLed, 4, 36, 3.4, ReturnPath.Wire, Trigger.SwitchAlone, Zone.EngineBay, Zone.Underbody),
                Tank(),
                Planned("nozzle", "Nozzle strip", LampKind.ResistorLed, 6, 4, 6, ReturnPath.Wire, Trigger.SwitchAlone, Zone.Exterior),
                Wired("boom", "Spray boom bar", "boom-bar"),
                Wired("tailgate", "Tailgate pods", "tail-l", "tail-r"),
                Wired("beam-pair", "Driving pair on the beam", "drive-l", "drive-r"),
            ],
            Fixtures =
            [
                Lamp("boom-bar", "Bar", 150), Lamp("tail-l", "Pod", 22), Lamp("tail-r", "Pod", 22),
                Lamp("drive-l", "Driving lamp", 50).Sized(152, 72, 74, 1.2, HolderKind.Stud, 8, 10), Lamp("drive-r", "Driving lamp", 50).Sized(152, 72, 74, 1.2, HolderKind.Stud, 8, 10),
            ],
            Protection = [Blade("drive-fuse", 15)],
            Relays = [new Relay("drive-relay", 40) { CoilDiode = true }],
            Switches = [OnOff("drive-switch") with { Lamps = [new SwitchLamp("light", "in", "lamp-earth")] }],
            Joints =
            [
                new Joint("boom-plug", JointKind.Plug, Zone.Exterior) { Sealed = true }, new Joint("tail-plug", JointKind.Plug, Zone.Exterior) { Sealed = true },
                new Joint("drive-pick-up", JointKind.Plug) { Sealed = true, PickUp = new PickUp { End = VehicleEnd.Front, Side = Side.Right, Plug = "three cavities", Columns = 3, Cavity = 1 } },
            ],
            Loads = [new Load("spray-pump", "Spray pump", 5) { DutyFraction = 0.4 }],
            Earths = [new Earth("stud-front", EarthKind.Stud), new Earth("stud-rear", EarthKind.Stud, BodyMilliohms: 12)],
            Runs =
            [
                Run("aux-1.out", "boom-plug.a", 0.8, "4 mm²"), Run("boom-plug.b", "boom-bar.plus", 1.4, "4 mm²", Zone.Exterior), Run("boom-bar.minus", "stud-front", 0.7, "4 mm²", Zone.Exterior),
                Run("aux-4.out", "lead-violet.a", 0.4, "2.5 mm²", Zone.Cabin), Run("lead-violet.b", "tail-plug.a", 1.2, "2.5 mm²", Zone.Underbody),
                Run("tail-plug.b", "tail-l.plus", 0.3, "1.5 mm²", Zone.Exterior), Run("tail-plug.b", "tail-r.plus", 1.3, "1.5 mm²", Zone.Exterior),
                Run("aux-3.out", "spray-pump.plus", 2.4, "1.5 mm²", Zone.Underbody), Run("spray-pump.minus", "stud-rear", 0.8, "1.5 mm²", Zone.Underbody),
                Run("tail-l.minus", "stud-rear", 0.4, "1.5 mm²", Zone.Exterior), Run("tail-r.minus", "stud-rear", 0.9, "1.5 mm²", Zone.Exterior),
                .. new[]
                {
                    Run("battery.plus", "drive-fuse.in", 0.15, "4 mm²"), Run("drive-fuse.out", "drive-relay.30", 0.3, "4 mm²"), Run("drive-relay.87", "drive-l.plus", 1.6, "4 mm²"),
                    Run("drive-l.plus", "drive-r.plus", 1.1, "2.5 mm²", Zone.Exterior), Run("drive-l.minus", "stud-front", 0.4, "2.5 mm²", Zone.Exterior), Run("drive-r.minus", "stud-front", 0.8, "2.5 mm²", Zone.Exterior),
                    Run("drive-fuse.out", "drive-relay.86", 0.4, "1 mm²"), Run("drive-relay.85", "drive-switch.in", 1.9, "1 mm²", Zone.Cabin), Run("drive-switch.out", "drive-pick-up.b", 2.1, "1 mm²", Zone.Cabin), Run("drive-pick-up.a", "highBeam.minus", 0.2, "1 mm²"),
                }.Select(run => run with { Lay = new Lay() }),
            ],
        });

    /// <summary>Fixed by hand, with a wire too thin for its fuse: something for the checks to find.</summary>
    private static Line Tank()
    {
        var line = Planned("tank", "Tank work lamp", LampKind.RegulatedLed, 1, 40, 5.2, ReturnPath.Body, Trigger.SwitchAlone, Zone.Underbody);
        return line with { Plan = line.Plan! with { ChosenWire = "0.5 mm²", ChosenFuse = new Fuse(10, FuseFamily.Blade) } };
    }
}
