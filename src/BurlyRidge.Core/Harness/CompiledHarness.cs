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
        elements = circuit.Elements.ToDictionary(element => element.Id, StringComparer.Ordinal);
        NodeNames = new string[circuit.NodeCount];
        foreach (var (name, node) in nodes) NodeNames[node] = name;
    }

    /// <summary>The circuit.</summary>
    public Circuit Circuit { get; }

    /// <summary>Terminals by node.</summary>
    public string[] NodeNames { get; }

    /// <summary>Terminals, and what stands for them inside parts.</summary>
    public IReadOnlyDictionary<string, int> Nodes => nodes;

    /// <summary>Elements by id: a run's own id, "part" or "part.something" for what is inside a part.</summary>
    public IReadOnlyDictionary<string, Element> Elements => elements;
}
