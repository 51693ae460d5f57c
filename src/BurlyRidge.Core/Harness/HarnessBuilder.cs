using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>Makes a circuit of what parts are made of.</summary>
internal sealed class HarnessBuilder
{
    private const double NominalVolts = 12;
    private const double StiffOhms = 1e-4;

    private readonly List<Action<RigState>> puts = [];
    private readonly List<Action<bool>> supplies = [];
    private readonly Dictionary<string, int> nodes = new(StringComparer.Ordinal) { [Vehicle.Body] = Circuit.Reference };
    private readonly Dictionary<ControlInput, int> inputs = [];
    private readonly Dictionary<string, RegulatedSource> sources = new(StringComparer.Ordinal);

    public Circuit Circuit { get; } = new();

    /// <summary>Fuses and breakers by element.</summary>
    public Dictionary<string, Fuse> Fuses { get; } = new(StringComparer.Ordinal);

    /// <summary>What each element was made by.</summary>
    public List<(Element Element, Law Law)> Laws { get; } = [];

    public CompiledHarness Done() => new(Circuit, nodes, puts, supplies, Fuses, Laws);

    /// <summary>Puts everything in that a part is made of.</summary>
    public void Add(IPart part, Surroundings around)
    {
        foreach (var input in part.Inputs(around)) inputs[input] = Circuit.Add(new Controller(input.Id, Node(input.Plus), Node(input.Minus), input.PullInVolts, input.DropOutVolts, input.EitherWay));
        foreach (var element in part.Elements(around).Where(element => !element.Off)) Add(element);
    }

    public void Resistor(string id, string from, string to, double ohms) => Circuit.Add(new Resistor(id, Node(from), Node(to), ohms));

    public void Add(PartElement element)
    {
        var (id, from, to) = (element.Id, Node(element.From), Node(element.To));
        Make(element, id, from, to);
        Laws.Add((Circuit.Elements[^1], element.Law));
    }

    private void Make(PartElement element, string id, int from, int to)
    {
        switch (element.Law)
        {
            case Law.Wire wire:
                Circuit.Add(new WireElement(id, from, to, wire.Size, wire.Metres, 2 * TypicalOhms.Crimp,
                    Ampacity.Of(wire.Size, wire.InsulationCelsius, wire.AmbientCelsius, wire.Bundled), wire.InsulationCelsius, wire.AmbientCelsius));
                break;
            case Law.Joint joint:
                Circuit.Add(new Resistor(id, from, to, joint.Ohms));
                break;
            case Law.Fuse fuse:
                Circuit.Add(new Fusible(id, from, to, fuse.Ohms));
                Fuses.TryAdd(id, fuse.Stands);
                break;
            case Law.Load { OneWay: true } lamp:
                Circuit.Add(new ResistorLed(id, from, to, lamp.Ohms));
                break;
            case Law.Load load:
                Circuit.Add(new Resistor(id, from, to, load.Ohms));
                break;
            case Law.Filament filament:
                Circuit.Add(new FilamentLamp(id, from, to, filament.Watts, filament.RatedVolts));
                break;
            case Law.RegulatedLamp lamp:
                var made = Circuit.Add(new RegulatedLamp(id, from, to, lamp.Watts, lamp.TurnOnVolts, lamp.DropOutVolts));
                if (lamp.DimmedBy is { } dimmer) Circuit.Dim(made, inputs[dimmer], lamp.DimFraction);
                break;
            case Law.Diode:
                Circuit.Add(new Diode(id, from, to));
                break;
            case Law.Contact contact:
                Close(Circuit.Add(new Contact(id, from, to, contact.Ohms)), element.Needs);
                break;
            case Law.Battery battery:
                Battery(Circuit.Add(new BatteryElement(id, from, to, battery.OpenVolts, battery.Ohms, battery.ChargeOhms)), battery);
                break;
            case Law.Alternator alternator:
                Alternator(Circuit.Add(new RegulatedSource(id, from, to, alternator.Volts, alternator.Ohms, alternator.CruiseAmps)), alternator);
                break;
            case Law.Source source:
                sources[id] = Circuit.Add(new RegulatedSource(id, from, to, source.Volts, source.Ohms, source.LimitAmps));
                if (source.RunBy is { } fed) Circuit.Run(sources[id], inputs[fed]);
                break;
            case Law.Input input:
                Circuit.Add(new ConverterInput(id, from, to, sources[input.Output], input.Efficiency, input.LowestVolts));
                break;
        }
    }

    private int Node(string name)
    {
        if (!nodes.TryGetValue(name, out var node)) nodes[name] = node = Circuit.AddNode();
        return node;
    }

    /// <summary>A contact that the state asks for and inputs of parts allow.</summary>
    private void Close(Contact contact, IReadOnlyList<Need> needs)
    {
        (int, bool)[] when = [.. needs.OfType<Need.OnInput>().Select(need => (inputs[need.Input], need is not Need.AtRest))];
        List<Need> asks = [.. needs.Where(need => need is not Need.OnInput)];
        Circuit.Close(contact, asks.Count == 0, when);
        if (asks.Count > 0) puts.Add(state => contact.Asked = asks.TrueForAll(need => need.IsMet(state)));
    }

    /// <summary>The supply may be held at the system's volts.</summary>
    private void Battery(BatteryElement element, Law.Battery battery) => supplies.Add(nominal => (element.OpenVolts, element.Ohms, element.ChargeOhms) =
        nominal ? (NominalVolts, StiffOhms, StiffOhms) : (battery.OpenVolts, battery.Ohms, battery.ChargeOhms));

    private void Alternator(RegulatedSource source, Law.Alternator alternator) => puts.Add(state =>
    {
        source.Running = state.Engine != Engine.Off;
        source.LimitAmps = state.Engine == Engine.Idle ? alternator.IdleAmps : alternator.CruiseAmps;
    });
}
