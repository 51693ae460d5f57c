using BurlyRidge.Core.Network;

namespace BurlyRidge.Core.Harness;

/// <summary>Where the most current comes from and goes to, node by node, lamps left out.</summary>
internal sealed class Flow
{
    /// <summary>Less than this is no way that the current takes, A.</summary>
    public const double MinAmps = 1e-5;

    private Flow(int nodes) => (Into, OutOf) = (new (Element?, double)[nodes], new (Element?, double)[nodes]);

    /// <summary>By node: what brings it most, and how much, A.</summary>
    public (Element? Element, double Amps)[] Into { get; }

    /// <summary>By node: what takes most from it, and how much, A.</summary>
    public (Element? Element, double Amps)[] OutOf { get; }

    /// <summary>Reads a solution.</summary>
    public static Flow Of(SolvedHarness solved)
    {
        var elements = solved.Harness.Circuit.Elements;
        var flow = new Flow(solved.Harness.Circuit.NodeCount);
        for (var i = 0; i < elements.Count; i++)
        {
            var (element, carried) = (elements[i], solved.Solution.State.Amps[i]);
            var amps = Math.Abs(carried);
            if (amps <= MinAmps || element is RegulatedLamp) continue;
            var (from, to) = carried > 0 ? (element.From, element.To) : (element.To, element.From);
            if (amps > flow.Into[to].Amps) flow.Into[to] = (element, amps);
            if (amps > flow.OutOf[from].Amps) flow.OutOf[from] = (element, amps);
        }
        return flow;
    }
}
