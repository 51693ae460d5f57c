using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>Gathers nodes and elements under the names of the rig.</summary>
internal sealed class HarnessBuilder(Rig rig, RigState state)
{
    private readonly Dictionary<string, int> nodes = new(StringComparer.Ordinal) { [PartBook.Body] = Circuit.Reference };

    public Circuit Circuit { get; } = new();

    public Rig Rig { get; } = rig;

    public RigState State { get; } = state;

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

    /// <summary>A contact that state alone closes.</summary>
    public void SwitchedBy(bool closed, string id, string from, string to, double ohms) =>
        Circuit.Close(Contact(id, from, to, ohms), closed);

    /// <summary>A length of wire with a crimp at each end.</summary>
    public void Wire(string id, string from, string to, WireSize wire, double metres, int insulation, double ambient, int bundled) =>
        Circuit.Add(new WireElement(
            id, Node(from), Node(to), wire, metres, 2 * TypicalOhms.Crimp,
            Ampacity.Of(wire, insulation, ambient, bundled), insulation, ambient));

    /// <summary>A lead of the vehicle's own, in the cabin, with nothing beside it.</summary>
    public void FactoryLead(string id, string from, string to, string wire, double metres) =>
        Wire(id, from, to, WireTable.Find(wire)!, metres, 105, Rig.HouseRules.ZoneCelsius.Cabin, 1);

    public CompiledHarness Done() => new(Circuit, nodes);
}
