using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Templates;

/// <summary>A line being put together: parts with names of its own, runs between them, and where they sit.</summary>
internal sealed class LineBuilder
{
    /// <summary>From a post to the fuse beside it, m: within what may be unfused.</summary>
    public const double BesideMetres = 0.15;

    /// <summary>Relay beside its fuse, earth beside its lamp, m.</summary>
    public const double NearMetres = 0.3;

    /// <summary>From the engine bay to the dash, m, until the lanes say better.</summary>
    public const double DashMetres = 2;

    private const double MinMetres = 1e-3;
    private const double MaxMetres = 100;
    private const double PowerSquareMillimetres = 2;
    private static readonly Zone[] DashZones = [Zone.EngineBay, Zone.Cabin];

    private readonly HashSet<string> taken;
    private readonly HashSet<string> newRuns = new(StringComparer.Ordinal);
    private readonly List<string> lampWires = [];
    private readonly List<string> lights = [];

    /// <summary>Of a new line.</summary>
    public LineBuilder(Rig rig, LineWanted wanted)
        : this(rig, null, wanted, FreeName.Taken(rig))
    {
    }

    /// <summary>Of a line that is there; names that are taken, and from now on those of its parts, are in <paramref name="taken"/>.</summary>
    public LineBuilder(Rig rig, string? lineId, LineWanted wanted, HashSet<string> taken)
    {
        (Wanted, this.taken) = (wanted, taken);
        if (lineId is null)
        {
            lineId = Free(Slug(wanted.Name));
            rig = rig with { Lines = [.. rig.Lines, new Line(lineId, wanted.Name)] };
        }
        (LineId, Rig) = (lineId, rig);
        Return = wanted.Return ?? (rig.HouseRules.Earths == EarthSchool.Post ? ReturnPath.Wire : ReturnPath.Body);
        At = rig.Body is { } body && wanted.At is { } at && PartLocations.Station(body, at) is not null ? at : null;
        Battery = rig.Vehicle.BatteryLink == BatteryLink.Series ? rig.Vehicle.Batteries[^1].Id : rig.Vehicle.Batteries[0].Id;
        Metres = Math.Clamp(wanted.Metres, MinMetres, MaxMetres);
        Lengths = LineLengths.Usual(Metres);
    }

    public LineWanted Wanted { get; }

    public string LineId { get; }

    public Rig Rig { get; set; }

    public ReturnPath Return { get; }

    /// <summary>What was done and why, a sentence each.</summary>
    public List<string> Notes { get; } = [];

    /// <summary>What the light is for.</summary>
    public LineUse Use { get; set; } = LineUse.Unsaid;

    /// <summary>How long its pieces are.</summary>
    public LineLengths Lengths { get; init; }

    /// <summary>How the wires that carry lamp current lie and what they are.</summary>
    public Func<Run, Run> Lies { get; init; } = run => run;

    /// <summary>Where the wires to the lamps lie; null: as the lamps' use and the length suggest.</summary>
    public IReadOnlyList<Zone>? Zones { get; init; }

    /// <summary>Ids of the wires that carry all of the lamp current, or a lamp's.</summary>
    public IReadOnlyList<string> LampWires => lampWires;

    /// <summary>The lamps that it lights, as "fixture.function".</summary>
    public IReadOnlyList<string> LampsLit => lights;

    public double Metres { get; }

    /// <summary>The first of its lamps.</summary>
    public Fixture Lamp => Wanted.Lamps[0];

    private string? At { get; }

    private string Battery { get; }

    /// <summary>Plus post of the vehicle's system.</summary>
    public string Plus => Rig.Vehicle.SystemPlus;

    /// <summary>Where the lamps sit, as zones of their wires.</summary>
    public IReadOnlyList<Zone> LampZones => Zones ?? (Use is LineUse.Inside ? [Zone.Cabin] : Metres > 2.5 ? [Zone.EngineBay, Zone.Exterior] : [Zone.EngineBay]);

    public double Watts => Wanted.Lamps.Sum(lamp => lamp.Functions[0].Power);

    public double Amps => Watts / Rig.Vehicle.SystemVolts;

    /// <summary>The most that its lamps draw, A.</summary>
    public double DesignAmps => Wanted.Lamps.Sum(lamp => LampLoads.DesignAmps(lamp.Functions[0], Rig.Vehicle.SystemVolts, Rig.HouseRules.DesignDrop()));

    // Parts -----------------------------------------------------------------------------------------------------------

    public string Name(string part) => Free($"{LineId}-{part}");

    /// <summary>What people call a part, or an output as "box.output".</summary>
    public string Called(string id) => PartNames.Of(Rig)[id];

    /// <summary>What a part of the line is called in the shop's words.</summary>
    private string Named(string part) => TemplateWords.FormatPartOfALine(Wanted.Name, part switch
    {
        "fuse" => TemplateWords.Fuse,
        "control-fuse" => TemplateWords.ControlFuse,
        "backlight-fuse" => TemplateWords.BacklightFuse,
        "lamp-fuse" => TemplateWords.LampFuse,
        "main-fuse" => TemplateWords.MainFuse,
        "sense-fuse" => TemplateWords.SenseFuse,
        "signal-fuse" => TemplateWords.SignalFuse,
        "relay" => TemplateWords.Relay,
        "switch" => TemplateWords.Switch,
        "backlight-switch" => TemplateWords.BacklightSwitch,
        "plug" => TemplateWords.Plug,
        "plug-back" => TemplateWords.ReturnPlug,
        "lead-plug" => TemplateWords.LeadPlug,
        "splice" => TemplateWords.Splice,
        "y" => TemplateWords.YLead,
        "y-back" => TemplateWords.ReturnYLead,
        "earth" => TemplateWords.EarthStud,
        "coil-earth" => TemplateWords.CoilEarthStud,
        _ => part.Replace('-', ' '),
    });

    private string Free(string wanted)
    {
        var name = FreeName.Among(taken, Problems.IsName(wanted) ? wanted : FreeName.Plain(wanted, FreeName.Longest), FreeName.Longest);
        taken.Add(name);
        return name;
    }

    public string Fuse(string part, double amps, Zone place = Zone.EngineBay, string? near = null)
    {
        var id = Name(part);
        Rig = Rig with { Protection = [.. Rig.Protection, new ProtectiveDevice(id, FuseTable.AtLeast(amps), place) { Name = Named(part) }] };
        Place(id, near ?? Battery);
        return id;
    }

    public string Relay(RelayPinout? pinout = null, bool atLamps = false)
    {
        var id = Name("relay");
        Rig = Rig with { Relays = [.. Rig.Relays, new Relay(id, 40) { Name = Named("relay"), Pinout = pinout ?? new RelayPinout(), Sealed = atLamps && LampZones[^1] != Zone.Cabin ? true : null }] };
        if (atLamps) PlaceAtLamps(id);
        else Place(id, Battery);
        return id;
    }

    /// <param name="foundOn">Whether it is left on, as one is that only arms a signal.</param>
    /// <param name="atLamps">Whether it sits at the lamps, and not in the dash.</param>
    public string Switch(string part = "switch", bool threeWay = false, bool foundOn = false, bool atLamps = false)
    {
        var id = Name(part);
        var (off, on) = (new SwitchPosition("off", []), new SwitchPosition("on", [new PinPair(threeWay ? "live" : "in", "out")]));
        SwitchPosition[] positions = threeWay ? [off, on, new("auto", [new PinPair("signal", "out")])] : foundOn ? [on, off] : [off, on];
        Rig = Rig with { Switches = [.. Rig.Switches, new Switch(id, 5, positions) { Name = Named(part), Lamps = [new SwitchLamp("light", threeWay ? "live" : "in", "lamp")] }] };
        if (atLamps) PlaceAtLamps(id);
        return id;
    }

    public string Joint(string part, JointKind kind, Zone place, bool atLamps = true)
    {
        var id = Name(part);
        Rig = Rig with { Joints = [.. Rig.Joints, new Joint(id, Made(kind), place) { Name = Named(part), Sealed = kind == JointKind.Plug && place != Zone.Cabin ? true : null }] };
        if (atLamps) PlaceAtLamps(id);
        return id;
    }

    /// <summary>A crimp is soldered where the house has it so.</summary>
    private JointKind Made(JointKind kind) => kind == JointKind.Crimp && Rig.HouseRules.Joints == JointSchool.SolderAlone ? JointKind.Solder : kind;

    public string Stud(string part, bool atLamps, double metres = 0)
    {
        var id = Name(part);
        Rig = Rig with { Earths = [.. Rig.Earths, new Earth(id, EarthKind.Stud, BodyMilliohms: TypicalOhms.Body(metres) * 1000) { Name = Named(part) }] };
        if (atLamps) PlaceAtLamps(id);
        else Place(id, Battery);
        return id;
    }

    /// <summary>An earth on the post of a battery; the one that is there already, where there is one.</summary>
    public string Post(string? battery = null)
    {
        if (Rig.Earths.FirstOrDefault(earth => earth.Kind == EarthKind.Post && earth.On == battery) is { } there) return there.Id;
        var id = Name("post");
        Rig = Rig with { Earths = [.. Rig.Earths, new Earth(id, EarthKind.Post, battery)] };
        return id;
    }

    /// <summary>The lamps asked for; gives their ids. One that the rig has already stays as and where it is.</summary>
    public IReadOnlyList<string> Lamps(int function = 0)
    {
        var ids = new List<string>();
        var mount = Rig.Body?.Mounts.FirstOrDefault(mount => mount.Id == At);
        for (var i = 0; i < Wanted.Lamps.Count; i++)
        {
            var lamp = Wanted.Lamps[i];
            var id = lamp.Id;
            if (!Wanted.There.Contains(id))
            {
                id = Free(lamp.Id);
                Rig = Rig with { Fixtures = [.. Rig.Fixtures, lamp with { Id = id, Measured = null }] };
                // The second of a pair goes on the mount's other half.
                if (Wanted.Lamps.Count == 2 && i == 1 && mount?.PairOf is { } pair) PlaceAt(id, pair);
                else PlaceAtLamps(id);
            }
            ids.Add(id);
            lights.Add($"{id}.{lamp.Functions[function].Id}");
        }
        return ids;
    }

    /// <summary>Another function of the same lamps belongs to the line too.</summary>
    public void Lights(IEnumerable<string> lamps, LampFunction function) => lights.AddRange(lamps.Select(lamp => $"{lamp}.{function.Id}"));

    // Wires -----------------------------------------------------------------------------------------------------------

    public void Power(string from, string to, double metres, params IReadOnlyList<Zone> zones)
    {
        Run(from, to, metres, PowerSquareMillimetres, zones);
        lampWires.Add(Rig.Runs[^1].Id);
        Rig = Rig with { Runs = [.. Rig.Runs.SkipLast(1), Lies(Rig.Runs[^1])] };
    }

    /// <summary>A lamp's tail or a link of a row, as lamps come with them, good for so many amps where it lies.</summary>
    private void Tail(string from, string to, double metres, double amps, params IReadOnlyList<Zone> zones)
    {
        Power(from, to, metres, zones);
        if (!TailsGiven) return;
        var run = Rig.Runs[^1];
        var wire = WireTable.Of(Rig.HouseRules.Gauges).First(size => size.AreaSquareMillimetres >= TailSquareMillimetres);
        if (SizeChoice.Wire(Rig, run with { Bundled = TailBundle }, amps * (1 + Rig.HouseRules.MarginFraction)) is { } carries && carries.CopperSquareMillimetres > wire.CopperSquareMillimetres) wire = carries;
        Rig = Rig.WithRun(run.Id, old => old with { Wire = wire.Name, Given = true });
    }

    /// <summary>Whether tails come with the lamps; else they are wires like any other.</summary>
    public bool TailsGiven { get; init; } = true;

    /// <summary>Copper that lamps' tails usually have at least, mm² (common practice, no source).</summary>
    private const double TailSquareMillimetres = 1.3;

    private const int TailBundle = 2;

    /// <summary>A joint in a wire of the vehicle's own, or the one of its kind that is in it already; gives the terminal that goes on from it.</summary>
    public string PickUp(string terminal, Zone zone, JointKind kind = JointKind.Crimp)
    {
        if (Wanted.ByAdaptor) kind = JointKind.Plug;
        if (SharedPickUp.On(Rig, terminal, Made(kind)) is { } there)
        {
            Notes.Add(TemplateWords.FormatItSharesThePickUp(Called(TerminalIndex.Split(there).Part)));
            return there;
        }
        var joint = Joint(kind == JointKind.Plug ? "adaptor" : "pick-up", kind, zone, atLamps: false);
        var end = zone == Zone.EngineBay ? VehicleEnd.Front : VehicleEnd.Rear;
        Rig = Rig with { Joints = [.. Rig.Joints.SkipLast(1), Rig.Joints[^1] with { PickUp = new PickUp { End = end } }] };
        if (Rig.Body is { } body && PartLocations.Of(Rig).Toward(TerminalIndex.Split(terminal).Part, At is null ? null : PartLocations.Station(body, At)) is { } met) PlaceAt(joint, met);
        Thin(terminal, $"{joint}.a", PickUpMetres, zone);
        return $"{joint}.b";
    }

    /// <summary>From a vehicle's wire to the joint on it, m.</summary>
    private const double PickUpMetres = 0.2;

    /// <summary>A wire to a coil, a switch or a lamp of a switch.</summary>
    public void Thin(string from, string to, double metres, params IReadOnlyList<Zone> zones) => Run(from, to, metres, Limits.ControlSquareMillimetres, zones);

    /// <summary>The same, through the bulkhead to the dash.</summary>
    public void ToDash(string from, string to) => Thin(from, to, DashMetres, DashZones);

    /// <summary>A wire that no lamp's current goes through, good for so many amps where it lies.</summary>
    public void Heavy(string from, string to, double metres, double amps, params IReadOnlyList<Zone> zones)
    {
        Power(from, to, metres, zones);
        var run = Rig.Runs[^1];
        var need = Limits.WireAmpsForFuse(new Fuse(amps, FuseFamily.BoltDown)) * (1 + HeavyMargin);
        if (SizeChoice.Wire(Rig, run with { Bundled = HeavyBundle }, need) is { } wire) Rig = Rig.WithRun(run.Id, old => old with { Wire = wire.Name });
    }

    /// <summary>Room for a loom that gets fuller later.</summary>
    private const double HeavyMargin = 0.1;

    private const int HeavyBundle = 3;

    private void Run(string from, string to, double metres, double square, IReadOnlyList<Zone> zones)
    {
        var id = Name(Slug(TerminalIndex.Split(to).Part.Replace($"{LineId}-", "", StringComparison.Ordinal)));
        var wire = WireTable.Of(Rig.HouseRules.Gauges).First(size => size.CopperSquareMillimetres >= square);
        newRuns.Add(id);
        Rig = Rig with { Runs = [.. Rig.Runs, new Run(id, from, to, wire.Name, Math.Clamp(metres, MinMetres, MaxMetres), zones.Count == 0 ? [Zone.EngineBay] : zones)] };
    }

    // Usual pieces ----------------------------------------------------------------------------------------------------

    /// <summary>From the battery's post through the line's own fuse; gives the terminal behind it.</summary>
    public string FromBattery()
    {
        var fuse = Fuse("fuse", Amps / 0.8);
        Power(Plus, $"{fuse}.in", Lengths.Beside);
        Notes.Add(TemplateWords.ItsOwnFuseBesideThe);
        return $"{fuse}.out";
    }

    /// <summary>A relay fed from there; gives the relay.</summary>
    public string RelayFrom(string live)
    {
        var relay = Relay();
        Power(live, $"{relay}.30", Lengths.Near);
        Notes.Add(TemplateWords.ARelayNearTheFuse);
        return relay;
    }

    /// <summary>A small fuse of its own for switch and coil; gives the terminal behind it.</summary>
    public string ControlFuse(string live)
    {
        var fuse = Fuse("control-fuse", SizeChoice.SmallestFuseAmps(Rig.Vehicle.SystemVolts));
        Run(live, $"{fuse}.in", Lengths.Beside, PowerSquareMillimetres, []);
        return $"{fuse}.out";
    }

    /// <summary>A coil to a stud near it.</summary>
    public void CoilToStud(string pin, bool atLamps = false) => Thin(pin, Stud("coil-earth", atLamps), NearMetres);

    /// <summary>A dash switch behind a small fuse of its own works the coil.</summary>
    public void SwitchedCoil(string live, string relay)
    {
        var control = ControlFuse(live);
        var part = Switch();
        ToDash(control, $"{part}.in");
        ToDash($"{part}.out", $"{relay}.86");
        CoilToStud($"{relay}.85");
        Notes.Add(TemplateWords.FormatTheSwitchCarriesTheCoil(SizeChoice.SmallestFuseAmps(Rig.Vehicle.SystemVolts)));
    }

    /// <summary>The coil on a signal of the vehicle: after its plus, or between fused plus and the wire that turns to earth.</summary>
    /// <param name="armedBy">The switch that it goes through; null: none.</param>
    /// <param name="byLamp">Back by the lamp's own minus, and not by the body.</param>
    public void SignalledCoil(string live, string relay, Signal signal, string? armedBy, bool byLamp = false)
    {
        var lamp = VehicleSignal.Of(Rig.Vehicle, signal);
        if (lamp.Lamp.ToEarth)
        {
            Thin(ControlFuse(live), $"{relay}.86", NearMetres);
            var turning = PickUp(lamp.Minus, Zone.EngineBay);
            if (armedBy is null) Thin($"{relay}.85", turning, 1);
            else
            {
                ToDash($"{relay}.85", $"{armedBy}.in");
                ToDash($"{armedBy}.out", turning);
            }
            Notes.Add(TemplateWords.TheBeamIsSwitchedIn);
            return;
        }
        // Both wires at once are taken by an adaptor in the lamp's own plug, one by a joint in it.
        var pickUp = PickUp(lamp.Plus, Zone.EngineBay, byLamp ? JointKind.Plug : JointKind.Crimp);
        if (armedBy is null) Thin(pickUp, $"{relay}.86", 1);
        else
        {
            ToDash(pickUp, $"{armedBy}.in");
            ToDash($"{armedBy}.out", $"{relay}.86");
        }
        if (byLamp) Thin($"{relay}.85", PickUp(lamp.Minus, Zone.EngineBay, JointKind.Plug), 1);
        else CoilToStud($"{relay}.85");
        Notes.Add(TemplateWords.TheBeamSWireGives);
    }

    /// <summary>From a feed to the lamps, each on its own two tails behind a plug, and back.</summary>
    public IReadOnlyList<string> ToLamps(string from, double metres, int function = 0)
    {
        var lamps = Lamps(function);
        var outside = LampZones[^1];
        var (outPlug, backPlug) = (Joint("plug", JointKind.Plug, outside), Joint("plug-back", JointKind.Plug, outside));
        Power(from, $"{outPlug}.a", metres, LampZones);
        for (var i = 0; i < lamps.Count; i++)
        {
            var light = Wanted.Lamps[i].Functions[function];
            var amps = LampLoads.DesignAmps(light, Rig.Vehicle.SystemVolts, Rig.HouseRules.DesignDrop());
            Tail($"{outPlug}.b", $"{lamps[i]}.{light.Plus}", Lengths.Tail + Lengths.MoreTail * i, amps, outside);
            Tail($"{lamps[i]}.{light.Minus}", $"{backPlug}.a", Lengths.Tail + Lengths.MoreTail * i, amps, outside);
        }
        Back($"{backPlug}.b");
        Notes.Add(lamps.Count == 1 ? TemplateWords.ASealedPlugAtThe : TemplateWords.ASealedPlugBeforeThe);
        return lamps;
    }

    /// <summary>One after the other on the same two wires, and back; gives the lamps.</summary>
    /// <param name="fuseAmps">The largest fuse that it may stand behind: a link is good for it.</param>
    public IReadOnlyList<string> ToRow(string from, double metres, double linkMetres, double fuseAmps)
    {
        var lamps = Lamps();
        var good = fuseAmps / (1 + Rig.HouseRules.MarginFraction);
        var (plus, minus) = (Pin(0, lamp => lamp.Plus), Pin(0, lamp => lamp.Minus));
        var outside = LampZones[^1];
        Power(from, $"{lamps[0]}.{plus}", metres, LampZones);
        for (var i = 1; i < lamps.Count; i++)
        {
            Tail($"{lamps[i - 1]}.{plus}", $"{lamps[i]}.{plus}", linkMetres, good, outside);
            Tail($"{lamps[i]}.{minus}", $"{lamps[i - 1]}.{minus}", linkMetres, good, outside);
        }
        Back($"{lamps[0]}.{minus}");
        return lamps;
    }

    /// <summary>Home from a terminal near the lamps, by wire or by the body.</summary>
    public void Back(string from, string stud = "earth")
    {
        if (Return == ReturnPath.Wire)
        {
            Power(from, Post(), Lengths.Back, LampZones);
            Notes.Add(TemplateWords.BackByWireToThe);
            return;
        }
        Power(from, Stud(stud, atLamps: true, Metres), Lengths.BodyBack, LampZones[^1]);
        Notes.Add(TemplateWords.EarthedOnTheBodyNear);
    }

    public string Pin(int function, Func<LampFunction, string> pin) => pin(Lamp.Functions[function]);

    /// <summary>Caps every lead of the lamps that nothing is joined to.</summary>
    public void CapSpare(IReadOnlyList<string> lamps)
    {
        foreach (var lamp in lamps)
        {
            var pins = Lamp.Functions.SelectMany(function => new[] { function.Plus, function.DimPin }).OfType<string>().Concat(Lamp.SparePins).Distinct();
            foreach (var pin in pins.Select(pin => $"{lamp}.{pin}").Where(pin => !Rig.Runs.Any(run => run.From == pin || run.To == pin)).ToList())
                Thin(pin, $"{Joint("cap", JointKind.Cap, LampZones[^1])}.a", 0.1, LampZones[^1]);
        }
    }

    /// <summary>The line with its lamps; runs between parts that are placed follow the lanes.</summary>
    public Rig Finish()
    {
        var where = PartLocations.Of(Rig);
        return Rig with
        {
            Runs = [.. Rig.Runs.Select(run => newRuns.Contains(run.Id) && where.OfTerminal(run.From) is not null && where.OfTerminal(run.To) is not null ? run with { Lay = new Lay() } : run)],
            Lines = [.. Rig.Lines.Select(line => line.Id != LineId ? line : line with
            {
                Lights = lights,
                Use = Use,
                MetresFromFront = Rig.Body?.Mounts.FirstOrDefault(mount => mount.Id == At)?.At.Back is { } back ? Math.Max(0, back) : null,
            })],
        };
    }

    private void Place(string part, string near)
    {
        if (Rig.Body is null) return;
        var at = Rig.Places.FirstOrDefault(place => place.Part == near)?.At ?? PartLocations.Of(Rig).Of(near);
        if (at is not null) PlaceAt(part, at);
    }

    private void PlaceAtLamps(string part)
    {
        if (At is not null) PlaceAt(part, At);
    }

    private void PlaceAt(string part, string at) => Rig = Rig with { Places = [.. Rig.Places, new Place(part, at)] };

    private static string Slug(string name) => FreeName.Plain(name, MaxOfName) is { Length: > 0 } plain ? plain : "line";

    private const int MaxOfName = 28;
}
