using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Checks;

/// <summary>A careful rig and what is done to one thing of it.</summary>
/// <param name="Check">The check that must object to it.</param>
/// <param name="What">What was done, and what fitters call it.</param>
internal sealed record Spoilt(string Check, Verdict Verdict, string What, Rig Good, Func<Rig, Rig> Spoil)
{
    public Rig Bad => Spoil(Good);

    public override string ToString() => $"{Check}: {What}";

    public static IReadOnlyList<Spoilt> All { get; } =
    [
        new("high-voltage", Verdict.Stop, "a hybrid", GoodRigs.Bar, rig => rig with { Vehicle = rig.Vehicle with { HighVoltageDrive = true } }),
        new("line-lights", Verdict.Stop, "the earth left off", GoodRigs.Bar, rig => Without(rig, "bar-minus--e")),
        new("line-lights", Verdict.Stop, "a harness for the other kind of beam", GoodRigs.Beam, rig => rig with
        {
            Vehicle = rig.Vehicle with { HighBeam = new SignalLamp { Switched = SwitchedSide.Minus } },
            Runs = [.. rig.Runs.Select(run => run.From == "highBeam.plus" ? run with { From = "highBeam.minus" } : run)],
        }),
        new("line-lights", Verdict.Stop, "the usual pins on a relay that is printed otherwise", GoodRigs.Bar, rig =>
            Relay(rig, relay => relay with { Pinout = new RelayPinout(CoilPlus: "30", CoilMinus: "87", Common: "86", Open: "85") })),
        new("line-lights", Verdict.Stop, "a lamp the wrong way round", Lamp(GoodRigs.Bar, lamp => lamp with { Kind = LampKind.ResistorLed }), rig =>
            Run(Run(rig, "plug-b--bar-plus", run => run with { To = "bar.minus" }), "bar-minus--e", run => run with { From = "bar.plus" })),
        new("line-off", Verdict.Stop, "a relay that holds itself in", GoodRigs.Bar, rig => rig with { Runs = [.. rig.Runs, Sketch.Run("k.87", "k.86", 0.1, "16 AWG") with { Colour = "red" }] }),
        new("contact-bypassed", Verdict.Stop, "a wire past the relay", GoodRigs.Bar, rig => rig with { Runs = [.. rig.Runs, Sketch.Run("f.out", "plug.a", 1, "12 AWG") with { Colour = "red" }] }),
        new("wire-found", Verdict.Stop, "a quick plan far too long", Core.Rigs.Rig.Empty(12, UnitSystem.Metric) with { Lines = [new Line("bar", "Bar", Support.Make.Line(60, 3))] },
            rig => rig with { Lines = [rig.Lines[0] with { Plan = rig.Lines[0].Plan! with { OneWayMetres = 99, Lamps = [new LampSet(LampKind.RegulatedLed, 1, 450)] } }] }),
        new("wire-load", Verdict.Stop, "thin wire to the lamp", Hot(GoodRigs.Bar), rig => Wire(rig, "k-87--plug-a", "20 AWG")),
        new("wire-fuse", Verdict.Stop, "a thin lead before the main fuse", GoodRigs.Box, rig => Wire(rig, "battery-plus--main-in", "18 AWG")),
        new("wire-fuse", Verdict.Stop, "a thin branch on a thick circuit's fuse", GoodRigs.Beam, rig => Wire(rig, "left-plus--right-plus", "20 AWG")),
        new("wire-fuse", Verdict.Stop, "a thin lead of the vehicle's own", PassThrough(GoodRigs.Bar), rig => rig with
        {
            Vehicle = rig.Vehicle with { PassThroughs = [rig.Vehicle.PassThroughs[0] with { Wire = "20 AWG" }] },
        }),
        new("wire-fuse", Verdict.Stop, "two fuses side by side", GoodRigs.Bar, rig => Fuse(rig, "f", 20) with
        {
            Protection = [.. Fuse(rig, "f", 20).Protection, Sketch.Fuse("f2", 20)],
            Runs = [.. rig.Runs, Sketch.Run("battery.plus", "f2.in", 0.15, "12 AWG") with { Colour = "red" }, Sketch.Run("f2.out", "f.out", 0.1, "12 AWG") with { Colour = "red" }],
        }),
        new("fed-backwards", Verdict.Stop, "a live wire on the beam's side of the switch", GoodRigs.Beam, rig => rig with
        {
            Runs = [.. rig.Runs, Sketch.Run("f.out", "s.in", 1, "12 AWG") with { Colour = "red" }],
        }),
        new("lamps-in-series", Verdict.Stop, "two regulated lamps one after the other", GoodRigs.Beam, rig =>
            Run(Without(rig, "left-minus--e"), "left-plus--right-plus", run => run with { From = "left.minus" })),
        new("sources-joined", Verdict.Watch, "the charger left out", GoodRigs.Camp, rig => rig with
        {
            Converters = [],
            Runs = [.. rig.Runs.Where(run => !run.From.StartsWith("dc.", StringComparison.Ordinal) && !run.To.StartsWith("dc.", StringComparison.Ordinal)), Sketch.Run("cf1.out", "cf2.in", 3, "4 AWG") with { Colour = "red" }],
        }),
        new("return", Verdict.Stop, "a thin return", GoodRigs.Bar, rig => Wire(rig, "bar-minus--e", "20 AWG")),
        new("zone-heat", Verdict.Stop, "75 °C insulation beside the exhaust", Exhaust(GoodRigs.Bar), rig => Run(rig, "k-87--plug-a", run => run with { InsulationCelsius = 75 })),
        new("fuse-load", Verdict.Watch, "a fuse near its load", GoodRigs.Bar, rig => Fuse(rig, "f", 10)),
        new("fuse-heat", Verdict.Watch, "a fuse beside something hot", Full(GoodRigs.Bar), rig => rig with { HouseRules = rig.HouseRules with { ZoneCelsius = rig.HouseRules.ZoneCelsius with { EngineBay = 104 } } }),
        new("fuse-family", Verdict.Stop, "a blade under a charger", GoodRigs.Camp, rig => Device(rig, "cf2", device => device with { Fuse = new Fuse(40, FuseFamily.Blade) })),
        new("fuse-volts", Verdict.Stop, "a fuse for 12 V on a truck", GoodRigs.Truck, rig => Device(rig, "f", device => device with { RatedVolts = 16 })),
        new("far-short", Verdict.Stop, "thin PVC far from a large fuse", GoodRigs.Box, rig => Run(rig, "main-out--box-plus", run => run with { Wire = "16 AWG", LengthMetres = 6, Insulation = InsulationMaterial.Pvc })),
        new("breaking", Verdict.Watch, "a blade beside a strong battery", GoodRigs.Bar, rig => Battery(rig, battery => battery with { InternalMilliohms = 2 })),
        new("selectivity", Verdict.Watch, "a main fuse no larger than its branch", GoodRigs.Box, rig => Fuse(rig, "main", 20)),
        new("unfused-lead", Verdict.Stop, "a long unfused lead", GoodRigs.Bar, rig => Run(rig, "battery-plus--f-in", run => run with { LengthMetres = 1.5 })),
        new("two-sources", Verdict.Stop, "no fuse at the second battery's end", GoodRigs.Camp, rig => Run(rig, "cf2-out--camp-plus", run => run with { LengthMetres = 2 })),
        new("one-feed-out", Verdict.Watch, "a row that either feed alone cannot carry", GoodRigs.BothEnds, rig => Box(rig, box => box with { Outputs = [.. box.Outputs.Select(output => output with { RatingAmps = 7.5 })] })),
        new("back-feed", Verdict.Watch, "both ends on slots of their own", GoodRigs.BothEnds, rig => Box(rig, box => box with { Outputs = [.. box.Outputs.Select(output => output with { WorkedBy = WorkedBy.Slot })] }) with
        {
            Runs = [.. rig.Runs.Where(run => !run.To.StartsWith("box.in", StringComparison.Ordinal))],
        }),
        new("drop", Verdict.Watch, "a long thin run to the rear", GoodRigs.Box, rig => Run(rig, "box-o3--work-plus", run => run with { LengthMetres = 22, Wire = "18 AWG" })),
        new("far-lamp", Verdict.Watch, "the far lamp of a chain dim", GoodRigs.Beam, rig => Run(rig, "left-plus--right-plus", run => run with { LengthMetres = 14 })),
        new("lamp-runs", Verdict.Stop, "a lamp below its drop-out voltage", GoodRigs.Bar, rig => Lamp(rig, lamp => lamp with { DropOutVolts = 11.62 })),
        new("lamp-volts", Verdict.Stop, "a lamp for 12 V on 24 V", GoodRigs.Truck, rig => rig with { Converters = [rig.Converters[0] with { OutputVolts = 24 }] }),
        new("part-volts", Verdict.Stop, "a socket's load for 6 V", Socket(GoodRigs.Bar), rig => rig with { Loads = [rig.Loads[0] with { MaxVolts = 8 }] }),
        new("half-tap", Verdict.Stop, "a 12 V part on one of two batteries", GoodRigs.Truck, rig => Run(rig, "battery-2-plus--f-in", run => run with { From = "battery-1.plus" })),
        new("relay-contact", Verdict.Watch, "a relay near its rating", GoodRigs.Bar, rig => Relay(rig, relay => relay with { ContactAmps = 10 })),
        new("relay-contact", Verdict.Watch, "filament lamps where LED lamps were", Relay(GoodRigs.Bar, relay => relay with { ContactAmps = 15 }), rig => Lamp(rig, lamp => lamp with { Kind = LampKind.Filament })),
        new("contact-fuse", Verdict.Watch, "a fuse above the relay's contact", GoodRigs.Bar, rig => Fuse(rig, "f", 35)),
        new("contact-fuse", Verdict.Watch, "the switch fed from behind the main fuse", GoodRigs.Bar, rig => Run(rig, "cf-out--s-in", run => run with { From = "f.out", Wire = "12 AWG" })),
        new("contact-fuse", Verdict.Watch, "a fuse above the plug", Rated(GoodRigs.Bar, 25), rig => Rated(rig, 12)),
        new("joint-current", Verdict.Stop, "a plug made for less", Rated(GoodRigs.Bar, 25), rig => Rated(rig, 5)),
        new("fuse-load", Verdict.Watch, "a small breaker in the wire", Broken(GoodRigs.Bar, 25), rig => rig with { InlineBreakers = [rig.InlineBreakers[0] with { RatingAmps = 10 }] }),
        new("fuse-heat", Verdict.Watch, "a breaker beside something hot", Broken(GoodRigs.Bar, 12), rig => rig with { HouseRules = rig.HouseRules with { ZoneCelsius = rig.HouseRules.ZoneCelsius with { EngineBay = 80 } } }),
        new("fuse-volts", Verdict.Stop, "a breaker for 12 V on 24 V", Broken(GoodRigs.Bar, 25), rig => rig with { InlineBreakers = [rig.InlineBreakers[0] with { RatedVolts = 14 }] }),
        new("terminal-heat", Verdict.Watch, "a hot wire in a plug for 80 °C", Rated(GoodRigs.Bar, 25), rig => Joint(rig, "plug", joint => joint with { MaxCelsius = 70 })),
        new("harness-style", Verdict.Stop, "a harness for positive-switched lamps on a negative-switched vehicle", GoodRigs.Beam, rig => Negative(rig)),
        new("harness-style", Verdict.Stop, "a harness for negative-switched lamps on a positive-switched vehicle", GoodRigs.NegativeBeam, rig => rig with { Vehicle = rig.Vehicle with { HighBeam = new SignalLamp() } }),
        new("harness-style", Verdict.Stop, "lamps straight on the wire that is always live", Straight(GoodRigs.Beam), rig => Negative(rig)),
        new("unfused-lead", Verdict.Stop, "the sheath left off", Sheathed(GoodRigs.Bar, true), rig => Sheathed(rig, false)),
        new("key-off-drain", Verdict.Watch, "a relay that holds itself in", GoodRigs.Bar, rig => rig with { Runs = [.. rig.Runs, Sketch.Run("k.87", "k.86", 0.1, "16 AWG") with { Colour = "red" }] }),
        new("coil-volts", Verdict.Stop, "a 24 V relay on 12 V", GoodRigs.Bar, rig => Relay(rig, relay => relay with { CoilVolts = 24 })),
        new("coil-pull", Verdict.Stop, "a filament switch lamp earthed beside the coil", Lamplit(GoodRigs.NegativeBeam), rig => rig with
        {
            Runs = [.. rig.Runs, Sketch.Run("s.lamp", "e", 1, "16 AWG") with { Colour = "black" }],
        }),
        new("coil-diode", Verdict.Stop, "the coil's diode turned round", GoodRigs.Beam, rig => Relay(rig, relay => relay with { Pinout = new RelayPinout(CoilPlus: "85", CoilMinus: "86") })),
        new("suppression", Verdict.Watch, "a plain coil on a module's wire", Module(GoodRigs.Beam), rig => Relay(rig, relay => relay with { CoilDiode = false })),
        new("switch-current", Verdict.Stop, "the dash switch in the lamp current", GoodRigs.Camp, rig => rig with { Switches = [rig.Switches[0] with { RatingAmps = 2 }] }),
        new("output-rating", Verdict.Stop, "an output too small for its lamp, a big one wasted", GoodRigs.Box, rig => Run(Run(rig, "box-o1--bar-plus", run => run with { From = "box.o3" }), "box-o3--work-plus", run => run with { From = "box.o1" })),
        new("box-total", Verdict.Stop, "more than the box is made for", GoodRigs.Box, rig => Box(rig, box => box with { TotalAmps = 9 })),
        new("box-main", Verdict.Watch, "a main fuse above the box", GoodRigs.Box, rig => Box(rig, box => box with { TotalAmps = 40 })),
        new("box-minus", Verdict.Stop, "a box's minus on the body", GoodRigs.Box, rig => Run(rig, "box-minus--post", run => run with { To = "e" })),
        new("sense-wired", Verdict.Stop, "the sense lead left off", GoodRigs.Box, rig => Without(rig, "tapfuse-out--box-sense")),
        new("slot-tap", Verdict.Stop, "a tap on a slot that is full", GoodRigs.Box, rig => Slot(rig, slot => slot with { LoadAmps = 5 })),
        new("slot-key", Verdict.Watch, "a tap that is live with the key off", GoodRigs.Box, rig => Slot(rig, slot => slot with { Feed = Feed.Battery })),
        new("converter-load", Verdict.Stop, "a converter too small", GoodRigs.Truck, rig => rig with { Converters = [rig.Converters[0] with { LimitAmps = 2 }] }),
        new("current-sensor", Verdict.Watch, "a return on the post behind a current sensor", Sensor(GoodRigs.Bar), rig => rig with { Earths = [.. rig.Earths.Select(earth => earth with { Kind = EarthKind.Post })] }),
        new("earth-practice", Verdict.Watch, "a body earth in a house that wants the post", GoodRigs.Bar, rig => rig with { HouseRules = rig.HouseRules with { Earths = EarthSchool.Post } }),
        new("trigger-style", Verdict.Watch, "light ahead on a switch alone", Lit(GoodRigs.Bar, LineUse.Unsaid), rig => Lit(rig, LineUse.Forward)),
        new("marker-key", Verdict.Watch, "markers that burn whenever the key is on", Markers("sideLight.plus"), _ => Markers("ignition.out")),
        new("signal-follows", Verdict.Stop, "a tell-tale lamp between plus and the coil", GoodRigs.Beam, rig => rig with
        {
            Fixtures = [.. rig.Fixtures, new Fixture("tell", "Tell-tale", [new LampFunction("main", LampKind.Filament, 21)])],
            Runs = [.. rig.Runs, Sketch.Run("f.out", "tell.plus", 0.3, "12 AWG") with { Colour = "red" }, Sketch.Run("tell.minus", "k.86", 0.3, "12 AWG") with { Colour = "red" }],
        }),
        new("signal-load", Verdict.Stop, "lamp current from a module's wire", Module(GoodRigs.Beam), rig => Run(rig, "k-87--left-plus", run => run with { From = "highBeam.plus" })),
        new("signal-pulsed", Verdict.Watch, "a pulsed signal", GoodRigs.Beam, rig => rig with { Vehicle = rig.Vehicle with { HighBeam = rig.Vehicle.HighBeam with { Pulsed = true } } }),
        new("switch-lamp-earth", Verdict.Stop, "the switch's earth connected on a negative-switched vehicle", GoodRigs.NegativeBeam, rig => rig with
        {
            Runs = [.. rig.Runs, Sketch.Run("s.lamp", "e", 1, "16 AWG") with { Colour = "black" }],
        }),
        new("minus-switched", Verdict.Watch, "lamps switched in the negative lead", GoodRigs.Camp, rig => rig with
        {
            Runs = [.. rig.Runs.Select(run => run.Id switch
            {
                "lf-out--s-in" => run with { To = "left.plus" },
                "s-out--left-plus" => run with { To = "campPost" },
                "left-minus--campPost" or "right-minus--campPost" => run with { To = "s.in" },
                _ => run,
            })],
        }),
        new("joint-kind", Verdict.Stop, "a tap in a power circuit", GoodRigs.Bar, rig => Joint(rig, "sp", joint => joint with { Kind = JointKind.Tap })),
        new("joint-range", Verdict.Stop, "a wire too thick for its plug", GoodRigs.Bar, rig => Wire(rig, "k-87--plug-a", "8 AWG")),
        new("terminal-share", Verdict.Watch, "a third wire in one terminal", GoodRigs.NegativeBeam, rig => Wire(rig, "f-out--k-86", "10 AWG")),
        new("terminal-share", Verdict.Watch, "one wire too thick for a blade", GoodRigs.Bar, rig => Wire(rig, "sp-b--k-30", "6 AWG")),
        new("terminal-heat", Verdict.Watch, "a hot wire in a holder", Lamp(GoodRigs.Bar, lamp => lamp with { Watts = 150 }), rig => Wire(rig, "battery-plus--f-in", "18 AWG")),
        new("spare-lead", Verdict.Watch, "a dim lead hanging loose", Dimmable(GoodRigs.Bar), rig => Without(rig, "bar-dim--cap-a")),
        new("live-end", Verdict.Stop, "a positive left dangling at the back", Ended(GoodRigs.Bar), rig => Joint(rig, "later", joint => joint with { Kind = JointKind.Crimp })),
        new("register", Verdict.Watch, "a pass-through lead of no known colour", PassThrough(GoodRigs.Bar), rig => rig with
        {
            Vehicle = rig.Vehicle with { PassThroughs = [rig.Vehicle.PassThroughs[0] with { Colour = "" }] },
        }),
        new("register", Verdict.Watch, "a wire without its colour", GoodRigs.Bar, rig => Run(rig, "k-87--plug-a", run => run with { Colour = "" })),
        new("alternator-idle", Verdict.Watch, "a small alternator at idle", GoodRigs.Bar, rig => rig with { Vehicle = rig.Vehicle with { Alternator = new Alternator(14.2, 15, 120) } }),
        new("alternator-cruise", Verdict.Watch, "a small alternator", GoodRigs.Bar, rig => rig with { Vehicle = rig.Vehicle with { Alternator = new Alternator(14.2, 12, 20) } }),
        new("left-on", Verdict.Watch, "left on overnight", GoodRigs.Bar, rig => rig with { HouseRules = rig.HouseRules with { LeftOnHours = 12 } }),
        new("key-off-drain", Verdict.Watch, "a parked vehicle that draws", GoodRigs.Bar, rig => rig with { Vehicle = rig.Vehicle with { KeyOffDrainAmps = 0.3 } }),
        new("settles", Verdict.Stop, "a coil fed through its own rest contact", Resting(GoodRigs.Bar), rig => Run(rig, "s-out--k-86", run => run with { From = "k.87a" })),
        new("isolation", Verdict.Watch, "two batteries, one of them forgotten", GoodRigs.Bar, rig => rig with
        {
            Vehicle = rig.Vehicle with { Batteries = [.. rig.Vehicle.Batteries, new Battery("second", 80, 0.9, 12)], BatteryLink = BatteryLink.Parallel },
        }),
        new("way-found", Verdict.Stop, "a plug too big for every hole", PlacedRigs.Bar, rig => Run(rig, "cf-out--s-in", run => run with { Lay = new Lay { PlugMillimetres = 40 } })),
        new("way-found", Verdict.Stop, "a plug too big for every hole, measured by hand", PlacedRigs.Bar, rig => Run(rig, "cf-out--s-in", run => run with { Lay = new Lay { PlugMillimetres = 40, MeasuredMetres = 2 } })),
        new("way-measured", Verdict.Watch, "a slip of the tape", Taped(PlacedRigs.Bar, 3), rig => Taped(rig, 12)),
        new("hazard", Verdict.Watch, "a wire past the exhaust", PlacedRigs.Bar, rig => Run(rig, "k-87--plug-a", run => run with { Lay = new Lay { Through = ["battery--fuse-box"] } })),
        new("hole-room", Verdict.Stop, "a thick cable pinned into a thin lane", PlacedRigs.Bar, rig =>
            Run(Run(rig, "k-87--plug-a", run => run with { Wire = "2 AWG" }), "bar-minus--e", run => run with { Lay = new Lay { Through = ["hinge-right--roof-front"] } })),
        new("lamp-fit", Verdict.Stop, "a bar wider than the awning leaves", PlacedRigs.Bar, rig => rig with { Body = Mount(rig.Body!, "roof-bar", mount => mount with { WidthMillimetres = 880 }) }),
        new("part-fit", Verdict.Stop, "no room to pull the relay", PlacedRigs.Bar, rig => rig with { PartBodies = [rig.PartBodies[0] with { OpenMillimetres = 100 }] }),
        new("pair", Verdict.Watch, "one side of a pair", PlacedRigs.Bar, rig => PlacedRigs.Move(rig, "bar", "rear-left")),
        new("arrival", Verdict.Watch, "a lamp that is wider than it was sold", Arrived(PlacedRigs.Bar, 900), rig => Arrived(rig, 930)),
        new("lamp-fit", Verdict.Stop, "a bracket that does not take the lamp", Bracketed(PlacedRigs.Bar, HolderKind.Feet), rig => Bracketed(rig, HolderKind.Stud)),
        new("joint-kind", Verdict.Watch, "a crimp where the house solders", PlacedRigs.Bar, rig => rig with { HouseRules = rig.HouseRules with { Joints = JointSchool.SolderAlone } }),
        new("slot-tap", Verdict.Stop, "a slot that was tapped before", GoodRigs.Box, rig => Slot(rig, slot => slot with { TappedAmps = 4, TappedFor = "dash camera" })),
        new("outlet-fuse", Verdict.Stop, "a socket behind a larger fuse", Outlet(GoodRigs.Bar, 20), rig => rig with { Loads = [rig.Loads[0] with { OutletAmps = 10 }] }),
        new("hole-edge", Verdict.Watch, "a hole without a grommet", Hole(PlacedRigs.Bar, HoleEdge.Grommet), rig => Hole(rig, HoleEdge.Bare)),
        new("tied", Verdict.Watch, "a lane with nothing to tie to", PlacedRigs.Bar, rig => rig with { Body = rig.Body! with { Lanes = [.. rig.Body.Lanes.Select(lane => lane with { TieTo = TieTo.Nothing })] } }),
        new("panel-lead", Verdict.Stop, "a panel lead that is too short", Panel(3.5, 12), _ => Panel(0.5, 12)),
        new("panel-lead", Verdict.Stop, "a plug that passes no grommet", Panel(3.5, 12), _ => Panel(3.5, 40)),
        new("water", Verdict.Watch, "an open plug on the roof", Joint(PlacedRigs.Bar, "plug", joint => joint with { Sealed = true }), rig => Joint(rig, "plug", joint => joint with { Sealed = false })),
        new("water", Verdict.Watch, "an open relay upside down", Relay(PlacedRigs.Bar, relay => relay with { Sealed = false }), rig =>
            rig with { Places = [.. rig.Places.Select(place => place.Part == "k" ? place with { Terminals = Points.Up } : place)] }),
        new("held", Verdict.Watch, "a relay on a tapping screw", Held(PlacedRigs.Bar, Fastening.BoltAndNut), rig => Held(rig, Fastening.TappingScrew)),
        new("held", Verdict.Watch, "an earth screwed into sheet", Screwed(GoodRigs.Bar, EarthFixing.StructureBolt), rig => Screwed(rig, EarthFixing.SheetScrew)),
        new("panel-in-reach", Verdict.Watch, "a switch in the line of sight", Seen(false), _ => Seen(true)),
    ];

    private static Rig Bracketed(Rig rig, HolderKind takes) => rig with
    {
        Fixtures =
        [
            rig.Fixtures[0] with
            {
                Bracket = new Bracket("Cross bar") { GoesOn = [new Holder(HolderKind.Feet, 400, 900)], Takes = [new Holder(takes, 500, 850)], Kilograms = 1.5 },
            },
        ],
    };

    private static Rig Outlet(Rig rig, double amps) => rig with
    {
        Loads = [new Load("outlet", "Socket", 2) { OutletAmps = amps }],
        Runs = [.. rig.Runs, Sketch.Run("f.out", "outlet.plus", 0.5, "12 AWG") with { Colour = "red" }, Sketch.Run("outlet.minus", "e", 0.5, "12 AWG") with { Colour = "black" }],
    };

    private static Rig Hole(Rig rig, HoleEdge edge) => rig with
    {
        Body = rig.Body! with { Stations = [.. rig.Body.Stations.Select(station => station.Kind == StationKind.Grommet ? station with { Edge = edge, Sealed = true } : station)] },
    };

    /// <summary>A box beside the battery and its panel in the dash.</summary>
    private static Rig Panel(double lead, double plug) => GoodRigs.Box with
    {
        Body = PlacedRigs.Bar.Body,
        Places = [new Place("box", "battery"), new Place("box.panel", "dash")],
        PowerBoxes = [GoodRigs.Box.PowerBoxes[0] with { Panel = new PanelFace { LeadMetres = lead, PlugMillimetres = plug } }],
    };

    private static Rig Held(Rig rig, Fastening by) => rig with { Places = [.. rig.Places.Select(place => place.Part == "k" ? place with { HeldBy = by } : place)] };

    private static Rig Screwed(Rig rig, EarthFixing fixing) => rig with { Earths = [.. rig.Earths.Select(earth => earth with { Fixing = fixing })] };

    private static Rig Seen(bool inSight)
    {
        var rig = PlacedRigs.Move(PlacedRigs.Bar, "s", "dash-blank");
        return rig with { Body = rig.Body! with { Spaces = [.. rig.Body.Spaces.Select(space => space.Id == "dash-blank" ? space with { InReach = true, InSight = inSight } : space)] } };
    }

    private static Rig Run(Rig rig, string id, Func<Run, Run> change) => rig with { Runs = [.. rig.Runs.Select(run => run.Id == id ? change(run) : run)] };

    private static Rig Wire(Rig rig, string id, string wire) => Run(rig, id, run => run with { Wire = wire });

    private static Rig Without(Rig rig, string id) => rig with { Runs = [.. rig.Runs.Where(run => run.Id != id)] };

    private static Rig Device(Rig rig, string id, Func<ProtectiveDevice, ProtectiveDevice> change) =>
        rig with { Protection = [.. rig.Protection.Select(device => device.Id == id ? change(device) : device)] };

    private static Rig Fuse(Rig rig, string id, double amps) => Device(rig, id, device => device with { Fuse = Sketch.Fuse(id, amps).Fuse });

    private static Rig Relay(Rig rig, Func<Relay, Relay> change) => rig with { Relays = [change(rig.Relays[0]), .. rig.Relays.Skip(1)] };

    private static Rig Joint(Rig rig, string id, Func<Joint, Joint> change) => rig with { Joints = [.. rig.Joints.Select(joint => joint.Id == id ? change(joint) : joint)] };

    private static Rig Box(Rig rig, Func<PowerBox, PowerBox> change) => rig with { PowerBoxes = [change(rig.PowerBoxes[0])] };

    private static Rig Slot(Rig rig, Func<FuseSlot, FuseSlot> change) => rig with { Vehicle = rig.Vehicle with { FuseSlots = [change(rig.Vehicle.FuseSlots[0])] } };

    private static Rig Battery(Rig rig, Func<Battery, Battery> change) => rig with { Vehicle = rig.Vehicle with { Batteries = [.. rig.Vehicle.Batteries.Select(change)] } };

    private static Rig Lamp(Rig rig, Func<LampFunction, LampFunction> change) =>
        rig with { Fixtures = [.. rig.Fixtures.Select(fixture => fixture with { Functions = [.. fixture.Functions.Select(change)] })] };

    private static Rig Lit(Rig rig, LineUse use) => rig with { Lines = [rig.Lines[0] with { Use = use }] };

    /// <summary>A bar that uses all that its wires and fuse are good for.</summary>
    private static Rig Full(Rig rig) => Lamp(rig, lamp => lamp with { Watts = 130 });

    private static Rig Hot(Rig rig) => Lamp(rig, lamp => lamp with { Watts = 120 });

    private static Rig Exhaust(Rig rig) => rig with { HouseRules = rig.HouseRules with { ZoneCelsius = rig.HouseRules.ZoneCelsius with { EngineBay = 78 } } };

    private static Rig Module(Rig rig) => rig with { Vehicle = rig.Vehicle with { HighBeam = rig.Vehicle.HighBeam with { ModuleDriven = true } } };

    private static Rig Sensor(Rig rig) => Battery(rig, battery => battery with { CurrentSensor = true });

    /// <summary>The switch's own lamp a filament one, its earth still off.</summary>
    private static Rig Lamplit(Rig rig) => rig with { Switches = [rig.Switches[0] with { Lamps = [new SwitchLamp("light", "in", "lamp", LampKind.Filament, 1.2)] }] };

    private static Rig Socket(Rig rig) => rig with
    {
        Loads = [new Load("socket", "Socket", 3)],
        Runs = [.. rig.Runs, Sketch.Run("k.87", "socket.plus", 1, "12 AWG") with { Colour = "red" }, Sketch.Run("socket.minus", "e", 1, "12 AWG") with { Colour = "black" }],
    };

    private static Rig PassThrough(Rig rig) => Run(rig, "k-87--plug-a", run => run with { To = "lead.a" }) with
    {
        Vehicle = rig.Vehicle with { PassThroughs = [new PassThrough("lead", "12 AWG", 1, "violet", "engine bay", "front")] },
        Runs = [.. rig.Runs.Select(run => run.Id == "k-87--plug-a" ? run with { To = "lead.a" } : run), Sketch.Run("lead.b", "plug.a", 0.2, "12 AWG") with { Colour = "white" }],
    };

    private static Rig Dimmable(Rig rig) => Lamp(rig, lamp => lamp with { DimPin = "dim" }) with
    {
        Joints = [.. rig.Joints, new Joint("cap", JointKind.Cap)],
        Runs = [.. rig.Runs, Sketch.Run("bar.dim", "cap.a", 0.1, "20 AWG") with { Colour = "grey" }],
    };

    private static Rig Ended(Rig rig) => rig with
    {
        Joints = [.. rig.Joints, new Joint("later", JointKind.Cap)],
        Runs = [.. rig.Runs, Sketch.Run("cf.out", "later.a", 3, "18 AWG", Zone.Cabin) with { Colour = "red" }],
    };

    /// <summary>The relay has a rest contact that nothing hangs on.</summary>
    private static Rig Resting(Rig rig) => Relay(rig, relay => relay with { Pinout = new RelayPinout(Rest: "87a") });

    private static Rig Markers(string from) => Rig(12,
        Sketch.Run(from, "f.in", 0.15, "16 AWG"), Sketch.Run("f.out", "one.plus", 1.5, "20 AWG"), Sketch.Run("one.minus", "e", 0.5, "20 AWG")) with
    {
        Vehicle = GoodRigs.Bar.Vehicle,
        Fixtures = [new Fixture("one", "one", [new LampFunction("main", LampKind.ResistorLed, 3)])],
        Protection = [Sketch.Fuse("f", 2)],
        Earths = [Stud("e")],
        Lines = [new Line("line", "Markers") { Lights = ["one.main"], Use = LineUse.Marker }],
    };

    private static Rig Negative(Rig rig) => rig with { Vehicle = rig.Vehicle with { HighBeam = new SignalLamp { Switched = SwitchedSide.Minus } } };

    /// <summary>One lamp straight on the beam's wire.</summary>
    private static Rig Straight(Rig rig) => Lamp(rig, lamp => lamp with { Watts = 20 }) with
    {
        Runs = [.. rig.Runs.Where(run => run.To.EndsWith(".e", StringComparison.Ordinal) || run.To == "e" || run.To == "right.plus"), Sketch.Run("highBeam.plus", "left.plus", 1, "12 AWG") with { Colour = "blue" }],
        Relays = [],
        Switches = [],
        Protection = [],
    };

    /// <summary>A plug with a current printed on it.</summary>
    private static Rig Rated(Rig rig, double amps) => Joint(rig, "plug", joint => joint with { RatedAmps = amps });

    /// <summary>A breaker in the wire to the relay.</summary>
    private static Rig Broken(Rig rig, double amps) => rig with
    {
        InlineBreakers = [new InlineBreaker("b", amps)],
        Runs = [.. rig.Runs.Select(run => run.From == "sp.b" && run.To == "k.30" ? run with { To = "b.in" } : run), Sketch.Run("b.out", "k.30", 0.2, "12 AWG") with { Colour = "red" }],
    };

    private static Rig Sheathed(Rig rig, bool sheathed) => Run(rig, "battery-plus--f-in", run => run with { LengthMetres = 1, Sheathed = sheathed });

    private static Rig Taped(Rig rig, double metres) => Run(rig, "k-87--plug-a", run => run with { Lay = new Lay { MeasuredMetres = metres } });

    private static Body Mount(Body body, string id, Func<Mount, Mount> change) => body with { Mounts = [.. body.Mounts.Select(mount => mount.Id == id ? change(mount) : mount)] };

    private static Rig Arrived(Rig rig, double width) => rig with { Fixtures = [.. rig.Fixtures.Select(lamp => lamp with { Measured = lamp.Body! with { WidthMillimetres = width } })] };
}
