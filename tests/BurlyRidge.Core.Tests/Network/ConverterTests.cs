using BurlyRidge.Core.Network;

namespace BurlyRidge.Core.Tests.Network;

/// <summary>A converter of 24 V to 13.2 V, worked by hand.</summary>
public class ConverterTests
{
    private const double Feed = 25.2, Out = 13.2, Droop = 0.01, Load = 2, Efficiency = 0.9, Lowest = 18;

    private static (Solution Solution, RegulatedSource Output, ConverterInput Input) Solve(double feed = Feed, double returnOhms = 1e-3, double load = Load, double limit = 20)
    {
        var circuit = new Circuit();
        var (plus, minus, fed) = (circuit.AddNode(), circuit.AddNode(), circuit.AddNode());
        circuit.Fix(plus, feed);
        circuit.Add(new Resistor("return", minus, Circuit.Reference, returnOhms));
        var output = circuit.Add(new RegulatedSource("out", fed, minus, Out, Droop, limit));
        var input = circuit.Add(new ConverterInput("in", plus, minus, output, Efficiency, Lowest));
        circuit.Run(output, circuit.Add(new Controller("in", plus, minus, 1.05 * Lowest, Lowest, false)));
        circuit.Add(new Resistor("load", fed, minus, load));
        return (CircuitSolver.Solve(circuit), output, input);
    }

    // 13.2 V behind 10 mΩ over 2 Ω: 6.5672 A; 86.2565 W over 0.9 is 95.841 W, at 25.2 V 3.803 A.
    [Fact]
    public void It_draws_what_it_gives_over_its_efficiency()
    {
        var (solution, output, input) = Solve();
        var state = Assert.IsType<Solution.Converged>(solution).State;
        var amps = Out / (Load + Droop);
        Assert.Equal(amps, -output.Amps(state.Across(output), out _), 6);
        Assert.Equal(amps * amps * Load / Efficiency / state.Across(input), input.Amps(state.Across(input), out _), 6);
    }

    // 20 A and no more: 20 A over 0.2 Ω are 4 V.
    [Fact]
    public void It_gives_no_more_than_its_limit()
    {
        var (solution, output, _) = Solve(load: 0.2);
        Assert.Equal(4, Assert.IsType<Solution.Converged>(solution).State.Across(output), 6);
    }

    [Theory]
    [InlineData(Feed, true)]
    [InlineData(19, true)]
    [InlineData(17.9, false)]
    [InlineData(2, false)]
    public void Below_its_lowest_input_it_stands_still(double feed, bool runs)
    {
        var (solution, output, _) = Solve(feed);
        Assert.Equal(runs, solution.State.Across(output) > 1);
    }

    /// <summary>Its minus is off: nothing comes back from it, so nothing is across its input, and no volts are made of nothing.</summary>
    [Fact]
    public void Without_its_minus_it_stands_still()
    {
        var (solution, output, input) = Solve(returnOhms: 1 / Contact.LeakSiemens);
        var state = Assert.IsType<Solution.Converged>(solution).State;
        Assert.False(output.Running);
        Assert.InRange(state.Across(input), 0, 0.1);
        Assert.All(state.Volts, volts => Assert.InRange(volts, 0, Feed));
    }
}
