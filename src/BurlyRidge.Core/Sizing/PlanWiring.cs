using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>Wires a line planned in short part by part, as it would usually be built, so that it is solved like any other.</summary>
public static class PlanWiring
{
    private const double BesideBatteryMetres = 0.15;
    private const double TailMetres = 0.1;
    private const double ControlMetres = 2;
    private const string ControlWire = "18 AWG";

    /// <summary>The thin wire to a switch and coil has a fuse of its own, right behind the line's.</summary>
    private static readonly Fuse ControlFuse = new(3, FuseFamily.Blade);

    /// <summary>The same rig with every line wired; a line that no wire will do for is left dead.</summary>
    public static Rig WireAll(Rig rig) => WireAll(rig, Sizings(rig));

    /// <summary>The same with lines that are sized already, by line id.</summary>
    public static Rig WireAll(Rig rig, IReadOnlyDictionary<string, LineSizing> sizings)
    {
        if (rig.Lines.All(line => line.Plan is null)) return rig;
        var wired = new Parts();
        List<Line> lines = [.. rig.Lines.Select(line => line.Plan is { } plan ? line with { Plan = null, Lights = Wire(rig, line, plan, sizings[line.Id], wired) } : line)];
        return rig with
        {
            Lines = lines,
            Fixtures = [.. rig.Fixtures, .. wired.Fixtures],
            Protection = [.. rig.Protection, .. wired.Protection],
            Relays = [.. rig.Relays, .. wired.Relays],
            Switches = [.. rig.Switches, .. wired.Switches],
            Joints = [.. rig.Joints, .. wired.Joints],
            Earths = [.. rig.Earths, .. wired.Earths],
            Runs = [.. rig.Runs, .. wired.Runs],
        };
    }

    /// <summary>Every line planned in short sized by itself, by line id.</summary>
    public static IReadOnlyDictionary<string, LineSizing> Sizings(Rig rig) => rig.Lines.Where(line => line.Plan is not null)
        .ToDictionary(line => line.Id, line => LineSizer.Size(rig.Vehicle, rig.HouseRules, line.Plan!), StringComparer.Ordinal);

    /// <summary>Puts the parts of one line in; gives its lamps.</summary>
    private static IReadOnlyList<string> Wire(Rig rig, Line line, LinePlan plan, LineSizing sizing, Parts wired)
    {
        if (sizing is not { Wire: { } rung, Fuse: { } fuse }) return [];

        var part = new Namer(line.Id);
        var beside = Math.Min(BesideBatteryMetres, plan.OneWayMetres / 8);
        var tail = Math.Min(TailMetres, plan.OneWayMetres / 8);
        Run Power(string id, string from, string to, double metres) => new(part.Of(id), from, to, rung.Wire.Name, metres, plan.Zones)
        {
            Bundled = sizing.Demand.Bundled,
            InsulationCelsius = plan.InsulationCelsius,
            LaneCelsius = plan.LaneCelsius,
        };
        var plus = rig.Vehicle.SystemPlus;
        var runs = wired.Runs;
        runs.Add(Power("feed", plus, part.Pin("fuse", "in"), beside));

        wired.Protection.Add(new(part.Of("fuse"), fuse));
        var power = rig.Vehicle.SystemVolts == 24 ? 24 : 12;
        string load;
        if (sizing.Demand.NeedsRelay)
        {
            wired.Relays.Add(new Relay(part.Of("relay"), sizing.RelayAmps ?? RelayTable.ContactAmps[^1]) { CoilVolts = power });
            runs.Add(Power("to-relay", part.Pin("fuse", "out"), part.Pin("relay", "30"), beside));
            load = part.Pin("relay", "87");
            var ownFuse = Control(rig, plan, part, wired);
            if (ownFuse)
            {
                runs.Add(Power("to-control", part.Pin("fuse", "out"), part.Pin("control-fuse", "in"), beside));
                wired.Protection.Add(new ProtectiveDevice(part.Of("control-fuse"), ControlFuse));
            }
        }
        else
        {
            runs.Add(Power("to-switch", part.Pin("fuse", "out"), part.Pin("switch", "in"), beside));
            load = part.Pin("switch", "out");
        }

        runs.Add(Power("out", load, part.Pin("plug-out", "a"), plan.OneWayMetres - 2 * beside - tail));
        runs.Add(Power("back", part.Pin("plug-back", "a"), part.Of("earth"), plan.Return == ReturnPath.Wire ? plan.OneWayMetres - tail : tail));
        wired.Earths.Add(plan.Return == ReturnPath.Wire
            ? new Earth(part.Of("earth"), EarthKind.Post)
            : new Earth(part.Of("earth"), EarthKind.Stud, BodyMilliohms: SeriesParts.BodyOhms(plan.OneWayMetres) * 1000));

        var fixtures = plan.Lamps.Select((lamp, i) => new Fixture(part.Of($"lamps-{i + 1}"), line.Name,
            [new LampFunction("main", lamp.Kind, lamp.Count * lamp.WattsAt(rig.Vehicle.SystemVolts), rig.Vehicle.SystemVolts)])).ToList();
        foreach (var fixture in fixtures)
        {
            runs.Add(Power($"{fixture.Id[(line.Id.Length + 1)..]}-plus", part.Pin("plug-out", "b"), $"{fixture.Id}.plus", tail));
            runs.Add(Power($"{fixture.Id[(line.Id.Length + 1)..]}-minus", $"{fixture.Id}.minus", part.Pin("plug-back", "b"), tail));
        }
        wired.Fixtures.AddRange(fixtures);
        wired.Switches.Add(Switch(plan, part));
        wired.Joints.AddRange([new Joint(part.Of("plug-out"), JointKind.Plug), new Joint(part.Of("plug-back"), JointKind.Plug)]);
        return [.. fixtures.Select(fixture => $"{fixture.Id}.main")];
    }

    /// <summary>
    /// The coil: from a fuse of its own or the signal through the switch, and back; the other way round on a lamp switched in
    /// its minus. Gives whether it has that fuse.
    /// </summary>
    private static bool Control(Rig rig, LinePlan plan, Namer part, Parts wired)
    {
        Run Thin(string id, string from, string to) => new(part.Of(id), from, to, ControlWire, ControlMetres, [Zone.Cabin]);
        var signal = VehicleSignal.Of(rig.Vehicle, plan.Trigger == Trigger.HighBeam ? Signal.HighBeam : Signal.Reverse);
        var fromFuse = plan.Trigger == Trigger.SwitchAlone || signal.Lamp.Switched == SwitchedSide.Minus;
        wired.Runs.Add(Thin("control", fromFuse ? part.Pin("control-fuse", "out") : signal.Plus, part.Pin("switch", "in")));
        wired.Runs.Add(Thin("coil", part.Pin("switch", "out"), part.Pin("relay", "86")));
        if (plan.Trigger != Trigger.SwitchAlone && fromFuse)
        {
            wired.Runs.Add(Thin("coil-back", part.Pin("relay", "85"), signal.Minus));
            return true;
        }
        wired.Runs.Add(Thin("coil-back", part.Pin("relay", "85"), part.Of("coil-earth")));
        wired.Earths.Add(new Earth(part.Of("coil-earth"), EarthKind.Stud));
        return fromFuse;
    }

    /// <summary>A switch alone is found off; one that arms a signal is found on.</summary>
    private static Switch Switch(LinePlan plan, Namer part)
    {
        SwitchPosition off = new("off", []);
        SwitchPosition on = new("on", [new PinPair("in", "out")]);
        return new Switch(part.Of("switch"), Limits.SwitchAmps, plan.Trigger == Trigger.SwitchAlone ? [off, on] : [on, off]);
    }

    /// <summary>Parts that come to those of the rig.</summary>
    private sealed class Parts
    {
        public List<Fixture> Fixtures { get; } = [];

        public List<ProtectiveDevice> Protection { get; } = [];

        public List<Relay> Relays { get; } = [];

        public List<Switch> Switches { get; } = [];

        public List<Joint> Joints { get; } = [];

        public List<Earth> Earths { get; } = [];

        public List<Run> Runs { get; } = [];
    }

    /// <summary>Names of the parts of one line.</summary>
    private sealed record Namer(string LineId)
    {
        public string Of(string part) => $"{LineId}{RigStates.OfPlan}{part}";

        public string Pin(string part, string pin) => $"{LineId}{RigStates.OfPlan}{part}.{pin}";
    }
}
