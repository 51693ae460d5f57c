using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Tests.Harness;

/// <summary>What holds in any network.</summary>
internal static class Laws
{
    public static void Hold(SolvedHarness solved)
    {
        var circuit = solved.Harness.Circuit;
        var state = solved.Solution.State;
        Assert.All(state.Volts, volts => Assert.True(double.IsFinite(volts)));
        var sums = new double[circuit.NodeCount];
        var power = 0.0;
        var largest = 0.0;
        for (var i = 0; i < circuit.Elements.Count; i++)
        {
            var element = circuit.Elements[i];
            sums[element.From] += state.Amps[i];
            sums[element.To] -= state.Amps[i];
            power += state.Amps[i] * state.Across(element);
            largest = Math.Max(largest, Math.Abs(state.Amps[i]));
        }
        var tolerance = 1e-9 * largest + 1e-9;
        for (var node = 0; node < sums.Length; node++)
            Assert.True(Math.Abs(sums[node]) <= tolerance, $"{solved.Harness.NodeNames[node]}: {sums[node]:e2} A of {largest:0.0}");
        Assert.True(Math.Abs(power) <= 1e-6 * (1 + largest * 30), $"power in is power out: {power:e2} W");
    }
}
