using BurlyRidge.Core.Network;

namespace BurlyRidge.Core.Harness;

/// <summary>A rig in one state as a circuit, with the names of both sides.</summary>
public sealed class CompiledHarness
{
    private readonly Dictionary<string, int> nodes;
    private readonly Dictionary<string, Element> elements;

    internal CompiledHarness(Circuit circuit, Dictionary<string, int> nodes)
    {
        Circuit = circuit;
        this.nodes = nodes;
        elements = new Dictionary<string, Element>(circuit.Elements.Count, StringComparer.Ordinal);
        foreach (var element in circuit.Elements) elements.TryAdd(element.Id, element);
        NodeNames = new string[circuit.NodeCount];
        foreach (var (name, node) in nodes) NodeNames[node] = name;
    }

    /// <summary>The circuit.</summary>
    public Circuit Circuit { get; }

    /// <summary>Terminals by node.</summary>
    public string[] NodeNames { get; }

    /// <summary>Terminals, and what stands for them inside parts.</summary>
    public IReadOnlyDictionary<string, int> Nodes => nodes;

    /// <summary>Elements by id: "part" or "part.something" for what is inside a part, a run's own id; the first of a name.</summary>
    public IReadOnlyDictionary<string, Element> Elements => elements;
}
