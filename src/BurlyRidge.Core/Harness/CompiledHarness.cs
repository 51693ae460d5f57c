using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>A rig in one state as a circuit, with the names of both sides.</summary>
public sealed class CompiledHarness
{
    private readonly Dictionary<string, int> nodes;
    private readonly Dictionary<string, int> places;
    private string[]? nodeNames;
    private Dictionary<string, Element>? elements;
    private readonly List<Action<RigState>> puts;
    private readonly List<Action<bool>> supplies;

    internal CompiledHarness(Circuit circuit, Dictionary<string, int> nodes, List<Action<RigState>> puts, List<Action<bool>> supplies, IReadOnlyDictionary<string, Fuse> fuses, IReadOnlyList<(Element Element, Law Law)> laws)
    {
        Circuit = circuit;
        this.nodes = nodes;
        this.puts = puts;
        this.supplies = supplies;
        Fuses = fuses;
        Laws = laws;
        places = new Dictionary<string, int>(circuit.Elements.Count, StringComparer.Ordinal);
        for (var i = 0; i < circuit.Elements.Count; i++) places.TryAdd(circuit.Elements[i].Id, i);
    }

    /// <summary>The circuit.</summary>
    public Circuit Circuit { get; }

    /// <summary>Terminals by node.</summary>
    public string[] NodeNames
    {
        get
        {
            if (nodeNames is not null) return nodeNames;
            nodeNames = new string[Circuit.NodeCount];
            foreach (var (name, node) in nodes) nodeNames[node] = name;
            return nodeNames;
        }
    }

    /// <summary>Fuses and breakers, by element.</summary>
    public IReadOnlyDictionary<string, Fuse> Fuses { get; }

    /// <summary>What each element of a part was made by.</summary>
    internal IReadOnlyList<(Element Element, Law Law)> Laws { get; }

    /// <summary>Terminals, and what stands for them inside parts.</summary>
    public IReadOnlyDictionary<string, int> Nodes => nodes;

    /// <summary>Place of an element in the circuit, by id.</summary>
    public int PlaceOf(string element) => places[element];

    /// <summary>Puts vehicle, slots and switches as <paramref name="state"/> says, and solves; what was solved before stays as it was.</summary>
    /// <param name="contactsBefore">By controller id; all back where left out.</param>
    /// <param name="atNominalVolts">12.0 or 24.0 V at the posts, whatever is drawn, instead of the batteries as they are.</param>
    public SolvedHarness Solve(RigState state, IReadOnlyDictionary<string, bool>? contactsBefore = null, bool atNominalVolts = false) => Solve(state, contactsBefore, atNominalVolts, null);

    /// <summary>The same with something held otherwise than the rig has it.</summary>
    internal SolvedHarness Solve(RigState state, IReadOnlyDictionary<string, bool>? contactsBefore, bool atNominalVolts, Action? hold)
    {
        foreach (var put in puts) put(state);
        foreach (var supply in supplies) supply(atNominalVolts);
        hold?.Invoke();
        var before = Circuit.Controllers.Select(controller => contactsBefore?.GetValueOrDefault(controller.Id) ?? false).ToList();
        return new SolvedHarness(this, CircuitSolver.Solve(Circuit, before));
    }

    /// <summary>Elements by id: "part" or "part.something" for what is inside a part, a run's own id; the first of a name.</summary>
    public IReadOnlyDictionary<string, Element> Elements => elements ??= places.ToDictionary(pair => pair.Key, pair => Circuit.Elements[pair.Value], StringComparer.Ordinal);

    /// <summary>Whether there is an element of that id.</summary>
    public bool Has(string element) => places.ContainsKey(element);
}
