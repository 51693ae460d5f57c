using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using static BurlyRidge.Server.Demo.DemoWords;

namespace BurlyRidge.Server.Demo;

/// <summary>A 12 V wagon with a power box: five lines planned in short, seven wired to the box.</summary>
internal static class RescueWagon
{
    public static DemoJob Job() => new(
        "Snow-road rescue wagon",
        "Mountain hut run. Far light ahead, ditch light for drifts, light for backing up to a stretcher.",
        new JobParticulars("Hollow Pass hut", "HP 402", new DateOnly(2027, 1, 15), WorkState.InTheShop),
        Rig.Empty(12, UnitSystem.Metric) with
        {
            Vehicle = Vehicle.Usual(12) with
            {
                Batteries = [new Battery("battery", 95, 0.9, 5) { Kind = BatteryKind.Agm, Side = Side.Right }],
                Alternator = new Alternator(14.2, 60, 140),
                HouseLoadAmps = 15,
                KeyOffDrainAmps = 0.03,
                FuseSlots = [new FuseSlot("slot-wipers", 10, Feed.Ignition, 4, "rear wiper") { TappedFor = "dash camera", TappedAmps = 0.5 }],
                HighBeam = new SignalLamp
                {
                    Watts = 110,
                    Switched = SwitchedSide.Plus,
                    ModuleDriven = false,
                    Pulsed = false,
                    FuseAmps = 15,
                    Wires = [new FoundWire { End = VehicleEnd.Front, Side = Side.Left, Colour = "blue/white", Plug = "three cavities", Reached = "behind the headlamp", Covers = [Grille] }],
                },
                Reverse = new SignalLamp
                {
                    Watts = 42,
                    Switched = SwitchedSide.Plus,
                    ModuleDriven = false,
                    Pulsed = false,
                    FuseAmps = 10,
                    Wires =
                    [
                        new FoundWire
                        {
                            End = VehicleEnd.Rear, Side = Side.Left, Colour = "green/black", Reached = "behind the rear lamp", ProvenOn = "2026-11-12",
                            Covers = [new Cover("Lamp cover, rear left") { Fasteners = 3, FastenerKind = "10 mm nuts", Unplugged = ["Tail lamp"] }],
                        },
                    ],
                },
                LowBeam = new SignalLamp { Watts = 70 },
                BrakeLamp = new SignalLamp { Pulsed = true },
                IgnitionWires = [new FoundWire { End = VehicleEnd.Front, Colour = "yellow", Reached = "fuse box, slot of the rear wiper", ProvenOn = "2026-11-12" }],
                PassThroughs = [new PassThrough("spare-roof", "1.5 mm²", 3.2, "grey", "engine bay", "roof console") { FarColour = "grey/red", Passes = [new LeadStop("left kick panel", "grey"), new LeadStop("left pillar", "grey/red")] }],
            },
            Body = Found(GenericBody.Of(BodyKind.LongWagon)),
            Places =
            [
                .. Places("battery", "main-fuse", "minus-post"), new Place("box", "bay-shelf") { HeldBy = Fastening.BoltAndNut, Terminals = Points.Down }, new Place("box.panel", "console") { HeldBy = Fastening.Clips }, .. Places("fuse-box", "sense-fuse"),
                .. Places("roof-front", "stud-roof", "beacon-f"), .. Places("roof-rear", "beacon-r"), .. Places("roof-front", "scene-l", "scene-r"),
                .. Places("quarter-left", "stud-rear", "plug-work"), new Place("work-l", "rear-left"), new Place("work-r", "rear-right"), new Place("sled-lamp", "chassis-rear"),
                .. Places("grille", "stud-front"), new Place("plough-l", "bumper-slot"), new Place("plough-r", "bumper-slot"), new Place("winch-lamp", "plate"),
            ],
            PartBodies = [new PartDimensions("box", 210, 140, 70) { OpenMillimetres = 35, ReachMillimetres = 30 }, new PartDimensions("box.panel", 120, 62, 32)],
            Beams = DemoBeams.Of(
                noseUp: 0.6,
                [new LampAim("bar") { PitchDegrees = -2.2, FootMillimetres = 80 }, new LampAim("grille") { PitchDegrees = -0.6 }, new LampAim("work-l") { YawDegrees = 15, PitchDegrees = -8 }, new LampAim("work-r") { YawDegrees = -15, PitchDegrees = -8 }],
                ("As delivered", []),
                ("Snow road", [new LampAim("bar") { PitchDegrees = -3.4, FootMillimetres = 80 }, new LampAim("grille") { PitchDegrees = -1.2 }, new LampAim("work-l") { YawDegrees = 22, PitchDegrees = -10 }, new LampAim("work-r") { YawDegrees = -22, PitchDegrees = -10 }])),
            Lines =
            [
                Planned("bar", "Roof bar", LampKind.RegulatedLed, 1, 180, 4.6, ReturnPath.Wire, Trigger.HighBeam, Zone.EngineBay, Zone.Exterior).At("roof-bar") with { Use = LineUse.Forward, MetresFromFront = 1.9 },
                Planned("ditch", "Ditch pods", LampKind.RegulatedLed, 2, 27, 3.1, ReturnPath.Wire, Trigger.SwitchAlone, Zone.EngineBay).At("hinge-mount-left") with { Use = LineUse.Side, MetresFromFront = 1.5 },
                Planned("grille", "Grille driving lamps", LampKind.Filament, 2, 55, 1.8, ReturnPath.Body, Trigger.HighBeam, Zone.EngineBay).At("grille-slot") with { Use = LineUse.Forward, MetresFromFront = 0.1 },
                Planned("back-up", "Back-up pods", LampKind.RegulatedLed, 2, 22, 5.4, ReturnPath.Body, Trigger.Reverse, Zone.EngineBay, Zone.Underbody).At("rear-left") with { Use = LineUse.Rear, MetresFromFront = 4.7 },
                Planned("stretcher", "Stretcher bay strip", LampKind.ResistorLed, 3, 6, 4.2, ReturnPath.Wire, Trigger.SwitchAlone, Zone.Cabin).At("opening-head") with { Use = LineUse.Inside, MetresFromFront = 3.4 },
                Wired("scene-left", "Scene light, left", "scene-l") with { Use = LineUse.Work, MetresFromFront = 2.4 },
                Wired("scene-right", "Scene light, right", "scene-r") with { Use = LineUse.Work, MetresFromFront = 2.4 },
                Wired("rear-work", "Rear work lamps", "work-l", "work-r") with { Use = LineUse.Work, MetresFromFront = 4.6 },
                Wired("beacons", "Beacons", "beacon-f", "beacon-r") with { Use = LineUse.Unsaid, MetresFromFront = 3.0 },
                Wired("sled", "Sled loading lamp", "sled-lamp") with { Use = LineUse.Work, MetresFromFront = 4.3 },
                Wired("plough", "Plough lamps", "plough-l", "plough-r") with { Use = LineUse.Work, MetresFromFront = 0.0 },
                Wired("winch", "Winch lamp", "winch-lamp") with { Use = LineUse.Work, MetresFromFront = 0.2 },
            ],
            Fixtures =
            [
                Lamp("scene-l", "Scene lamp", 36), Lamp("scene-r", "Scene lamp", 36),
                Lamp("work-l", "Work lamp", 28).Shining("work-flood").Sized(104, 110, 62, 0.8, HolderKind.Stud, 8, 8), Lamp("work-r", "Work lamp", 28).Shining("work-flood").Sized(104, 110, 62, 0.8, HolderKind.Stud, 8, 8),
                Lamp("beacon-f", "Beacon", 18).Of(LightColour.Amber), Lamp("beacon-r", "Beacon", 18).Of(LightColour.Amber), Lamp("sled-lamp", "Tray strip", 12, kind: LampKind.ResistorLed),
                Lamp("plough-l", "Plough lamp", 55, kind: LampKind.Filament).Shining("plough-wide").Sized(210, 66, 78, 1.4, HolderKind.Feet, 160, 220) with { Bracket = Carrier, Sealed = true },
                Lamp("plough-r", "Plough lamp", 55, kind: LampKind.Filament).Shining("plough-wide").Sized(210, 66, 78, 1.4, HolderKind.Feet, 160, 220) with { Bracket = Carrier, Sealed = true },
                Lamp("winch-lamp", "Pod", 18).Shining("winch-spot").Sized(160, 60, 58, 0.7, HolderKind.Feet, 120, 170) with { Bracket = Riser },
            ],
            Protection = [BoltDown("main-fuse", 60), Blade("sense-fuse", 2)],
            PowerBoxes =
            [
                new PowerBox("box", 60,
                [
                    new BoxOutput("o1", 10, Slot: 1, Legend: "Scene L"), new BoxOutput("o2", 10, Slot: 2, Legend: "Scene R"),
                    new BoxOutput("o3", 15, Feed.Ignition, Slot: 3, Legend: "Rear work"), new BoxOutput("o4", 10, Slot: 4, Legend: "Beacons", Mode: OutputMode.FlashSlow),
                    new BoxOutput("o5", 5, Slot: 5, Legend: "Sled"), new BoxOutput("o6", 20, Feed.Ignition, Slot: 6, Legend: "Plough"),
                    new BoxOutput("o7", 5, Slot: 7, Legend: "Winch"), new BoxOutput("o8", 10, Slot: 8, Legend: "Later"),
                ]) { MinusOnPost = true, Sealed = true, Panel = new PanelFace { LeadMetres = 3.5, PlugMillimetres = 13 } },
            ],
            Earths =
            [
                new Earth("minus-post", EarthKind.Post), new Earth("stud-front", EarthKind.Stud) { Fixing = EarthFixing.StructureBolt }, new Earth("stud-roof", EarthKind.Stud, BodyMilliohms: 9),
                new Earth("stud-rear", EarthKind.Stud, BodyMilliohms: 12),
            ],
            Joints = [new Joint("plug-work", JointKind.Plug, Zone.Exterior) { Sealed = true, Housing = "rear work", Cavities = 2, Cavity = 1, LampHalf = PlugHalf.Pins, Wedge = true }],
            Runs =
            [
                .. new[]
                {
                Run("battery.plus", "main-fuse.in", 0.15, "6 AWG"), Run("main-fuse.out", "box.plus", 0.6, "6 AWG"), Run("box.minus", "minus-post", 0.5, "8 AWG"),
                Run("slot-wipers.tap", "sense-fuse.in", 0.1, "20 AWG", Zone.Cabin), Run("sense-fuse.out", "box.sense", 1.8, "20 AWG", Zone.Cabin, Zone.EngineBay),
                Run("box.o1", "scene-l.plus", 3.2, "14 AWG", Zone.EngineBay, Zone.Exterior), Run("scene-l.minus", "stud-roof", 0.6, "14 AWG", Zone.Exterior),
                Run("box.o2", "scene-r.plus", 4.1, "14 AWG", Zone.EngineBay, Zone.Exterior), Run("scene-r.minus", "stud-roof", 0.8, "14 AWG", Zone.Exterior),
                Run("box.o3", "plug-work.a", 5.2, "12 AWG", Zone.EngineBay, Zone.Underbody), Run("plug-work.b", "work-l.plus", 0.4, "14 AWG", Zone.Exterior),
                Run("plug-work.b", "work-r.plus", 1.3, "14 AWG", Zone.Exterior), Run("work-l.minus", "stud-rear", 0.4, "14 AWG", Zone.Exterior),
                Run("work-r.minus", "stud-rear", 1.1, "14 AWG", Zone.Exterior), Run("box.o4", "beacon-f.plus", 3.4, "14 AWG", Zone.EngineBay, Zone.Exterior),
                Run("beacon-f.plus", "beacon-r.plus", 2.1, "14 AWG", Zone.Exterior), Run("beacon-f.minus", "stud-roof", 0.4, "16 AWG", Zone.Exterior),
                Run("beacon-r.minus", "stud-roof", 1.9, "16 AWG", Zone.Exterior), Run("box.o5", "sled-lamp.plus", 5.5, "16 AWG", Zone.EngineBay, Zone.Underbody),
                Run("sled-lamp.minus", "stud-rear", 0.8, "16 AWG", Zone.Underbody), Run("box.o6", "plough-l.plus", 2.2, "10 AWG"),
                Run("plough-l.plus", "plough-r.plus", 1.2, "12 AWG", Zone.Exterior), Run("plough-l.minus", "stud-front", 0.5, "12 AWG", Zone.Exterior),
                Run("plough-r.minus", "stud-front", 0.9, "12 AWG", Zone.Exterior), Run("box.o7", "winch-lamp.plus", 2.4, "16 AWG"), Run("winch-lamp.minus", "stud-front", 0.7, "16 AWG"),
                }.Select(run => run with { Lay = new Lay() }),
            ],
        })
    {
        AtTheBench =
        [
            new BenchEvent.Ordered("power-box-8-outputs-60-a-in-all", 1, "Counter"),
            new BenchEvent.Ordered("relay-30-a", 4, "Counter"),
            new BenchEvent.Ordered("lamp-55-w-210-mm-wide", 2, "Lamp maker"),
            new BenchEvent.Ordered("split-conduit-inside-7-mm", 10, "Counter"),
            new BenchEvent.Arrived("power-box-8-outputs-60-a-in-all", 1) { SetAside = "spare legends, second bracket" },
            new BenchEvent.Arrived("relay-30-a", 2),
            new BenchEvent.Arrived("lamp-55-w-210-mm-wide", 2) { Wrong = [ArrivalPoint.PlugHalf], Missing = "lock nuts" },
            new BenchEvent.Reserved("tie-100-mm", 62),
            new BenchEvent.CardPrinted("Rear work lamps"),
        ],
        Measures = new DemoMeasures(["bar", "ditch", "grille", "back-up", "stretcher"], "scene-left", "scene-l.minus>battery.minus", 12),
        AtTheVehicle = new DemoWork(Hold.EarthBared, "Scene lamp on order, went home")
        {
            Vehicle = new VehicleKind("Long wagon, mountain series", "2025", "Hut", "second alternator bracket"),
            Beside =
            [
                ("cover-off-grille", new SheetEvent.Fasteners("cover-off-grille", 6, "clips") { Size = "8 mm", Tool = "trim lever", Bag = "A", Plastic = true, Broke = 1, Marked = true }),
                ("cover-off-glove-box", new SheetEvent.Fasteners("cover-off-glove-box", 4, "screws") { Size = "5 mm", Head = "cross", Tool = "screwdriver", Bag = "B" }),
                ("cover-off-grille", new SheetEvent.Noted("cover-off-grille", "One clip broke, cold. Spare ones are in the drawer.")),
                ("prove-bar-pick-up", new SheetEvent.Found(new Finding(FindingKind.Wire, "High beam signal, positive-switched") { Place = "behind the left headlamp", Colour = "blue/white", Pin = "2 of 3" }, "prove-bar-pick-up")),
                ("reach", new SheetEvent.Found(new Finding(FindingKind.EarlierWork, "Dash camera on a tap at the rear wiper fuse") { Place = "fuse box" }, "reach")),
                ("reach", new SheetEvent.Registered("Spare lead to the roof, engine bay", "grey") { Note = "grey/red from the left pillar on" }),
                ("reach", new SheetEvent.Levelled("winch-lamp", false) { AcrossDegrees = 0.8, LeftMillimetres = 772, RightMillimetres = 774 }),
                ("reach", new SheetEvent.Levelled("winch-lamp", true) { AcrossDegrees = 0.2, AlongDegrees = -1, LeftMillimetres = 773, RightMillimetres = 773 }),
                ("reach", new SheetEvent.Waits("mount-scene-left", WaitFor.Part, "2026-12-11")),
            ],
        },
    };

    private static readonly Cover Grille = new("Grille") { Fasteners = 8, FastenerKind = "clips", Unplugged = ["Front camera"] };

    /// <summary>One piece of steel across the bumper slot.</summary>
    private static readonly Bracket Carrier = new("Slot carrier", BracketKind.HomeMade)
    {
        GoesOn = [new Holder(HolderKind.Feet, 300, 800)],
        Takes = [new Holder(HolderKind.Feet, 150, 230)],
        Kilograms = 1.2,
        HoldsRow = true,
        Hole = "second of four",
        UnderFactoryBolt = true,
    };

    private static readonly Bracket Riser = new("Plate riser") { GoesOn = [new Holder(HolderKind.Feet, 180, 460)], Takes = [new Holder(HolderKind.Feet, 100, 300)], RiseMillimetres = 15, Kilograms = 0.5, ShimMillimetres = 2 };

    /// <summary>The body as it was found on this vehicle.</summary>
    private static Body Found(Body body) => body with
    {
        DriverSide = Side.Left,
        Stations = [.. body.Stations.Select(station => station.Kind == StationKind.Grommet ? station with { Edge = HoleEdge.Grommet, Sealed = true } : station)],
        Lanes = [.. body.Lanes.Select(lane => lane.Id is "hinge-left--roof-front" or "hinge-right--roof-front" ? lane with { Shows = Shows.Both } : lane)],
        Mounts =
        [
            .. body.Mounts.Select(mount => mount.Id switch
            {
                "grille-slot" => mount with { Covers = [Grille], Openings = new Openings(9, 82, 70), SlatsFraction = 0.12, ReachMillimetres = 30 },
                "bumper-slot" => mount with { Covers = [new Cover("Bumper") { Fasteners = 6, FastenerKind = "10 mm bolts", LoosenOnly = true }] },
                "roof-bar" => mount with { Shows = Shows.Outside },
                _ => mount,
            }),
        ],
        Spaces = [.. body.Spaces.Select(space => space.Id == "console" ? space with { InReach = true, InSight = false, Covers = [new Cover("Console tray") { Fasteners = 2, FastenerKind = "screws" }] } : space)],
    };
}
