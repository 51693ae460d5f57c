using System.Runtime.InteropServices;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>A rig as terminals and what joins them, whatever state it is in: who feeds whom, and through what.</summary>
public sealed class WiringMap
{
    private readonly Rig rig;
    private readonly List<Link> links = [];
    private readonly Dictionary<string, int> numbers = new(StringComparer.Ordinal);
    private readonly List<string> terminals = [];
    private readonly List<List<Link>> at = [];
    private readonly Dictionary<string, Link> byId = new(StringComparer.Ordinal);

    private WiringMap(Rig rig) => this.rig = rig;

    /// <summary>Every link.</summary>
    public IReadOnlyList<Link> Links => links;

    /// <summary>Links that end at a terminal.</summary>
    public IReadOnlyList<Link> At(string terminal) => NumberOf(terminal) is >= 0 and var number ? at[number] : [];

    /// <summary>Wires that end at a terminal, the vehicle's own leads among them.</summary>
    public IEnumerable<Link> WiresAt(string terminal) => At(terminal).Where(link => link.Kind == LinkKind.Wire);

    /// <summary>Runs of the rig that end at a terminal.</summary>
    public IEnumerable<Run> RunsAt(string terminal) => At(terminal).Select(link => link.Run).OfType<Run>();

    /// <summary>Every terminal that anything ends at.</summary>
    public IReadOnlyList<string> Terminals => terminals;

    /// <summary>Place of a terminal among <see cref="Terminals"/>; -1 where nothing ends at it.</summary>
    internal int NumberOf(string terminal) => numbers.TryGetValue(terminal, out var number) ? number : -1;

    /// <summary>Number of the body; -1 where nothing ends at it.</summary>
    internal int Body => NumberOf(PartBook.Body);

    /// <summary>Links that end at a terminal, by number.</summary>
    internal List<Link> At(int number) => at[number];

    /// <summary>The link of that id, or null.</summary>
    public Link? Find(string id) => byId.GetValueOrDefault(id);

    /// <summary>The other end of a link.</summary>
    public static string Other(Link link, string terminal) => link.A == terminal ? link.B : link.A;

    /// <summary>Reads <paramref name="rig"/>, whose lines are all wired part by part.</summary>
    public static WiringMap Of(Rig rig)
    {
        var map = new WiringMap(rig);
        map.Vehicle();
        map.Fitted();
        foreach (var run in rig.Runs)
        {
            var ambient = run.Ambient(rig.HouseRules.ZoneCelsius);
            map.Wire(run.Id, run.From, run.To, run.Wire, run.LengthMetres, Math.Max(ambient, run.InsulationCelsius), run);
        }
        return map;
    }

    private int Number(string terminal)
    {
        ref var number = ref CollectionsMarshal.GetValueRefOrAddDefault(numbers, terminal, out var known);
        if (known) return number;
        number = terminals.Count;
        terminals.Add(terminal);
        at.Add(new List<Link>(4));
        return number;
    }

    private void Add(Link link)
    {
        links.Add(link);
        byId.TryAdd(link.Id, link);
        (link.NumberA, link.NumberB) = (Number(link.A), Number(link.B));
        at[link.NumberA].Add(link);
        at[link.NumberB].Add(link);
    }

    private void Wire(string id, string from, string to, string wire, double metres, double hotCelsius, Run? run = null)
    {
        var size = WireTable.Find(wire)!;
        Add(new Link(id, from, to, LinkKind.Wire)
        {
            Run = run,
            ColdOhms = size.Ohms(metres, 20) + 2 * TypicalOhms.Crimp,
            HotOhms = size.Ohms(metres, hotCelsius) + 2 * TypicalOhms.Crimp,
        });
    }

    private void Joint(string id, string a, string b, double ohms) =>
        Add(new Link(id, a, b, LinkKind.Joint) { ColdOhms = ohms, HotOhms = ohms });

    private void Stud(Earth earth) => Add(new Link(earth.Id, earth.Id, PartBook.Body, LinkKind.Joint)
    {
        ColdOhms = (earth.StudMilliohms + earth.BodyMilliohms) / 1000,
        HotOhms = (earth.StudMilliohms + TypicalOhms.AgedBodyFactor * earth.BodyMilliohms) / 1000,
    });

    private void Contact(string id, string a, string b, double ohms, params Need[] needs) =>
        Add(new Link(id, a, b, LinkKind.Contact) { Needs = needs, ColdOhms = ohms, HotOhms = ohms });

    private void Device(string id, string a, string b, Fuse fuse) => Add(new Link(id, a, b, LinkKind.Device)
    {
        Fuse = fuse,
        ColdOhms = FuseTable.ColdOhms(fuse) + TypicalOhms.Holder,
        HotOhms = FuseTable.WarmOhms(fuse) + TypicalOhms.Holder,
    });

    private void Load(string id, string plus, string minus, bool weak = false) =>
        Add(new Link(id, plus, minus, LinkKind.Load) { Weak = weak });

    private void Source(string id, string plus, string minus, double limitAmps = double.PositiveInfinity) =>
        Add(new Link(id, plus, minus, LinkKind.Source) { LimitAmps = limitAmps });

    private void Vehicle()
    {
        var vehicle = rig.Vehicle;
        var plus = HarnessCompiler.SystemPlus(vehicle);
        for (var i = 0; i < vehicle.Batteries.Count; i++)
        {
            var id = vehicle.Batteries[i].Id;
            Source(id, $"{id}.plus", $"{id}.minus");
            Joint($"{id}.strap", $"{id}.minus",
                vehicle.BatteryLink == BatteryLink.Series && i > 0 ? $"{vehicle.Batteries[i - 1].Id}.plus" : PartBook.Body, TypicalOhms.BatteryCable);
            if (vehicle.BatteryLink == BatteryLink.Parallel && i > 0)
                Joint($"{id}.link", $"{vehicle.Batteries[0].Id}.plus", $"{id}.plus", TypicalOhms.BatteryCable);
        }
        Contact("ignition", plus, "ignition.out", TypicalOhms.SwitchContact, new Need.KeyOn());
        foreach (var signal in VehicleSignal.All(vehicle)) Signal(signal, plus);
        foreach (var output in vehicle.AuxOutputs)
        {
            Device($"{output.Id}.fuse", output.Feed == Feed.Battery ? plus : "ignition.out", $"{output.Id}.fused", FuseTable.AtLeast(output.RatingAmps));
            Contact($"{output.Id}.switch", $"{output.Id}.fused", $"{output.Id}.switched", TypicalOhms.RelayContact, new Need.Press(output.Id));
            Wire(output.Id, $"{output.Id}.switched", $"{output.Id}.out", output.LeadWire, output.LeadMetres, 105);
        }
        foreach (var lead in vehicle.PassThroughs) Wire(lead.Id, $"{lead.Id}.a", $"{lead.Id}.b", lead.Wire, lead.LengthMetres, 105);
        foreach (var pin in vehicle.TrailerPins)
        {
            var from = pin.Carries is { } carried ? VehicleSignal.Of(vehicle, carried).Plus : PartBook.Body;
            Wire(pin.Id, from, $"{pin.Id}.pin", pin.LeadWire, pin.LeadMetres, 105);
        }
        foreach (var slot in vehicle.FuseSlots)
        {
            Joint($"{slot.Id}.feed", slot.Feed == Feed.Battery ? plus : "ignition.out", $"{slot.Id}.tap", TypicalOhms.NearBody);
            Device($"{slot.Id}.fuse", $"{slot.Id}.tap", $"{slot.Id}.fused", FuseTable.AtLeast(slot.RatingAmps));
            Load($"{slot.Id}.load", $"{slot.Id}.fused", PartBook.Body);
        }
    }

    private void Signal(VehicleSignal of, string systemPlus)
    {
        var (signal, name, lamp) = of;
        var (plus, minus) = (of.Plus, of.Minus);
        Load(name, plus, minus);
        if (lamp.Switched == SwitchedSide.Plus)
        {
            Device($"{name}.fuse", systemPlus, $"{name}.fused", FuseTable.AtLeast(lamp.FuseAmps));
            Contact($"{name}.switch", $"{name}.fused", plus, TypicalOhms.FactoryWiring, new Need.SignalOn(signal));
            Joint($"{name}.return", minus, PartBook.Body, TypicalOhms.NearBody);
            return;
        }
        Device($"{name}.fuse", systemPlus, plus, FuseTable.AtLeast(lamp.FuseAmps));
        Contact($"{name}.switch", minus, PartBook.Body, TypicalOhms.NearBody, new Need.SignalOn(signal));
    }

    private void Fitted()
    {
        foreach (var fixture in rig.Fixtures)
        {
            foreach (var function in fixture.Functions)
            {
                Load($"{fixture.Id}.{function.Id}", $"{fixture.Id}.{function.Plus}", $"{fixture.Id}.{function.Minus}");
                if (function.DimPin is { } pin) Load($"{fixture.Id}.{function.Id}.pull-up", $"{fixture.Id}.{function.Plus}", $"{fixture.Id}.{pin}", weak: true);
            }
        }
        foreach (var device in rig.Protection)
            Device(device.Id, $"{device.Id}.in", $"{device.Id}.out", device.Breaker ? device.Fuse with { Family = FuseFamily.BoltDown } : device.Fuse);
        foreach (var relay in rig.Relays) Relay(relay);
        foreach (var part in rig.Switches) Switch(part);
        foreach (var box in rig.PowerBoxes) Box(box);
        foreach (var earth in rig.Earths)
        {
            if (earth.Kind == EarthKind.Stud) Stud(earth);
            else Joint(earth.Id, earth.Id, $"{earth.On ?? rig.Vehicle.Batteries[0].Id}.minus", earth.StudMilliohms / 1000);
        }
        foreach (var load in rig.Loads) Load(load.Id, $"{load.Id}.plus", $"{load.Id}.minus");
        foreach (var converter in rig.Converters)
        {
            Load($"{converter.Id}.input", $"{converter.Id}.in-plus", $"{converter.Id}.in-minus");
            Source(converter.Id, $"{converter.Id}.out-plus", $"{converter.Id}.out-minus", converter.LimitAmps);
        }
        foreach (var panel in rig.SolarPanels) Source(panel.Id, $"{panel.Id}.plus", $"{panel.Id}.minus", panel.Amps);
        var ends = rig.Runs.SelectMany(run => new[] { run.From, run.To }).Distinct().ToLookup(end => PartBook.Split(end).Part, StringComparer.Ordinal);
        foreach (var joint in rig.Joints)
            foreach (var end in ends[joint.Id])
                Joint($"{end}.half", end, joint.Id, (joint.Milliohms / 1000 ?? TypicalOhms.Of(joint.Kind)) / 2);
    }

    private void Relay(Relay relay)
    {
        string Pin(string pin) => $"{relay.Id}.{pin}";
        var pins = relay.Pinout;
        Load(Pin("coil"), Pin(pins.CoilPlus), Pin(pins.CoilMinus));
        Contact(Pin("contact"), Pin(pins.Common), Pin(pins.Open), TypicalOhms.RelayContact, new Need.Coil(Pin(pins.CoilPlus), Pin(pins.CoilMinus)));
        if (pins.Rest is { } rest) Contact(Pin("rest"), Pin(pins.Common), Pin(rest), TypicalOhms.RelayContact, new Need.AtRest());
    }

    private void Switch(Switch part)
    {
        var joins = part.Positions
            .SelectMany(position => position.Joins.Select(pair => (Pair: pair.Ordered(), position.Name)))
            .GroupBy(join => join.Pair, join => join.Name);
        foreach (var join in joins)
        {
            var (a, b) = join.Key;
            Contact($"{part.Id}.{a}-{b}", $"{part.Id}.{a}", $"{part.Id}.{b}", TypicalOhms.SwitchContact, new Need.Position(part.Id, [.. join.Distinct()]));
        }
        foreach (var lamp in part.Lamps) Load($"{part.Id}.{lamp.Id}", $"{part.Id}.{lamp.Plus}", $"{part.Id}.{lamp.Minus}", weak: true);
    }

    private void Box(PowerBox box)
    {
        string Pin(string pin) => $"{box.Id}.{pin}";
        Load(Pin("electronics"), Pin("plus"), Pin("minus"), weak: true);
        Load(Pin("sense-input"), Pin("sense"), Pin("minus"), weak: true);
        foreach (var output in box.Outputs)
        {
            Device(Pin($"{output.Id}-fuse"), Pin("plus"), Pin($"{output.Id}-fused"), FuseTable.AtLeast(output.RatingAmps));
            var needs = new List<Need>();
            if (output.Follows == Feed.Ignition) needs.Add(new Need.Live(Pin("sense")));
            if (output.WorkedBy == WorkedBy.Input)
            {
                var input = Pin($"in-{output.Id}");
                Load(Pin($"coil-{output.Id}"), input, Pin("minus"), weak: true);
                needs.Add(new Need.Live(input));
            }
            else
            {
                needs.Add(new Need.Press(Pin(output.Id)));
            }
            Contact(Pin($"{output.Id}-contact"), Pin($"{output.Id}-fused"), Pin(output.Id), TypicalOhms.RelayContact, [.. needs]);
        }
    }
}
