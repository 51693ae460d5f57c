using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>Gathers nodes and elements under the names of the rig.</summary>
internal sealed class HarnessBuilder(Rig rig)
{
    private readonly List<Action<RigState>> puts = [];
    private readonly List<Action<bool>> supplies = [];
    private readonly Dictionary<string, int> nodes = new(StringComparer.Ordinal) { [PartBook.Body] = Circuit.Reference };

    public Circuit Circuit { get; } = new();

    public Rig Rig { get; } = rig;

    public double SystemVolts => Rig.Vehicle.SystemVolts;

    /// <summary>How many 12 V the system has.</summary>
    public double Cells => SystemVolts / 12;

    /// <summary>Plus of the battery that feeds the vehicle.</summary>
    public string SystemPlus { get; } = HarnessCompiler.SystemPlus(rig.Vehicle);

    /// <summary>The node of that name, made where there is none yet.</summary>
    public int Node(string name)
    {
        if (!nodes.TryGetValue(name, out var node)) nodes[name] = node = Circuit.AddNode();
        return node;
    }

    public void Resistor(string id, string from, string to, double ohms) =>
        Circuit.Add(new Resistor(id, Node(from), Node(to), ohms));

    public Contact Contact(string id, string from, string to, double ohms) =>
        Circuit.Add(new Contact(id, Node(from), Node(to), ohms));

    /// <summary>A contact that the state asks for and controllers allow.</summary>
    public void AskedBy(Func<RigState, bool> asks, Contact contact, params (int Controller, bool Over)[] when)
    {
        Circuit.Close(contact, false, when);
        Put(state => contact.Asked = asks(state));
    }

    /// <summary>A contact that state alone closes.</summary>
    public void SwitchedBy(Func<RigState, bool> closed, string id, string from, string to, double ohms) =>
        AskedBy(closed, Contact(id, from, to, ohms));

    /// <summary>Something to be done when a state is put.</summary>
    public void Put(Action<RigState> put) => puts.Add(put);

    /// <summary>Something to be done when the supply is held at the system's volts, or is itself again.</summary>
    public void Supply(Action<bool> supply) => supplies.Add(supply);

    /// <summary>A length of wire with a crimp at each end.</summary>
    public void Wire(string id, string from, string to, WireSize wire, double metres, int insulation, double ambient, int bundled) =>
        Circuit.Add(new WireElement(
            id, Node(from), Node(to), wire, metres, 2 * TypicalOhms.Crimp,
            Ampacity.Of(wire, insulation, ambient, bundled), insulation, ambient));

    /// <summary>A lead of the vehicle's own, in the cabin, with nothing beside it.</summary>
    public void FactoryLead(string id, string from, string to, string wire, double metres) =>
        Wire(id, from, to, WireTable.Find(wire)!, metres, 105, Rig.HouseRules.ZoneCelsius.Cabin, 1);

    public CompiledHarness Done() => new(Circuit, nodes, puts, supplies);
}
