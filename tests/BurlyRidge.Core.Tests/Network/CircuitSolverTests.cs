using BurlyRidge.Core.Network;

namespace BurlyRidge.Core.Tests.Network;

/// <summary>Circuits worked by hand.</summary>
public class CircuitSolverTests
{
    private static (Circuit Circuit, int Source) Fed(double volts)
    {
        var circuit = new Circuit();
        var source = circuit.AddNode();
        circuit.Fix(source, volts);
        return (circuit, source);
    }

    // 12 V over 1 Ω and 3 Ω: 9 V and 3 A.
    [Fact]
    public void A_divider()
    {
        var (circuit, source) = Fed(12);
        var middle = circuit.AddNode();
        circuit.Add(new Resistor("a", source, middle, 1));
        circuit.Add(new Resistor("b", middle, Circuit.Reference, 3));
        var state = Assert.IsType<Solution.Converged>(CircuitSolver.Solve(circuit)).State;
        Assert.Equal(9, state.Volts[middle], 9);
        Assert.Equal(3, state.Amps[0], 9);
    }

    // Millman: (12.6/0.01 + 12.2/0.02)/(1/0.01 + 1/0.02 + 1/0.5) = 12.3026… V with 0.5 Ω across both; both give.
    [Fact]
    public void Two_batteries_in_parallel()
    {
        var circuit = new Circuit();
        var plus = circuit.AddNode();
        circuit.Add(new BatteryElement("a", plus, Circuit.Reference, 12.6, 0.01, 0.2));
        circuit.Add(new BatteryElement("b", plus, Circuit.Reference, 12.5, 0.02, 0.2));
        circuit.Add(new Resistor("load", plus, Circuit.Reference, 0.5));
        var volts = CircuitSolver.Solve(circuit).State.Volts[plus];
        Assert.Equal((12.6 / 0.01 + 12.5 / 0.02) / (1 / 0.01 + 1 / 0.02 + 1 / 0.5), volts, 9);
    }

    // The fuller battery charges the other through what the other accepts: (12.6 − 12.0)/(0.01 + 0.2) A.
    [Fact]
    public void A_battery_accepts_a_limited_current()
    {
        var circuit = new Circuit();
        var plus = circuit.AddNode();
        circuit.Add(new BatteryElement("full", plus, Circuit.Reference, 12.6, 0.01, 0.2));
        var low = circuit.Add(new BatteryElement("low", plus, Circuit.Reference, 12.0, 0.01, 0.2));
        var state = CircuitSolver.Solve(circuit).State;
        Assert.Equal(0.6 / 0.21, low.Amps(state.Across(low), out _), 9);
    }

    // A regulated source gives up to its limit, then the battery helps: 60 A of an alternator and the rest.
    [Fact]
    public void An_alternator_at_its_limit_is_helped_by_the_battery()
    {
        var circuit = new Circuit();
        var plus = circuit.AddNode();
        var alternator = circuit.Add(new RegulatedSource("alternator", plus, Circuit.Reference, 14.2, 0.005, 60));
        circuit.Add(new BatteryElement("battery", plus, Circuit.Reference, 12.6, 0.006, 0.1));
        circuit.Add(new Resistor("load", plus, Circuit.Reference, 0.12));
        var state = CircuitSolver.Solve(circuit).State;
        Assert.Equal(-60, alternator.Amps(state.Volts[plus], out _), 1e-5);
        Assert.Equal((60 + 12.6 / 0.006) / (1 / 0.006 + 1 / 0.12), state.Volts[plus], 1e-6);
    }

    [Fact]
    public void Reverse_current_into_a_regulated_source_is_none()
    {
        var source = new RegulatedSource("s", 1, 0, 13, 0.01, 10);
        Assert.Equal(0, source.Amps(14, out _), 1e-5);
    }

    // Behind 0.4 Ω at 12 V: V = (12 + √(144 − 4·0.4·P))/2 for a lamp of constant power.
    [Theory]
    [InlineData(20)]
    [InlineData(60)]
    [InlineData(66)]
    public void A_lamp_of_constant_power_settles_at_the_higher_root(double watts)
    {
        var (circuit, source) = Fed(12);
        var plus = circuit.AddNode();
        circuit.Add(new Resistor("wire", source, plus, 0.4));
        circuit.Add(new RegulatedLamp("lamp", plus, Circuit.Reference, watts, 6, 9));
        var state = Assert.IsType<Solution.Converged>(CircuitSolver.Solve(circuit)).State;
        Assert.Equal((12 + Math.Sqrt(144 - 4 * 0.4 * watts)) / 2, state.Volts[plus], 9);
    }

    // With drop-out at half the source, the limit is the analytic one: P = Vs²/(4R) = 144/(4·0.4) = 90 W.
    [Theory]
    [InlineData(89.99, true)]
    [InlineData(90.01, false)]
    public void Brown_out_comes_at_the_analytic_limit(double watts, bool holds)
    {
        var (circuit, source) = Fed(12);
        var plus = circuit.AddNode();
        circuit.Add(new Resistor("wire", source, plus, 0.4));
        circuit.Add(new RegulatedLamp("lamp", plus, Circuit.Reference, watts, 2, 5.5));
        var solution = CircuitSolver.Solve(circuit);
        if (holds) Assert.IsType<Solution.Converged>(solution);
        else Assert.Equal(["lamp"], Assert.IsType<Solution.BrownOut>(solution).Lamps);
    }

    // Three lamps of 24 W along a chain of 0.2 Ω pieces, worked from the far end back: choose V3 = 10, then
    // I3 = 2.4, V2 = 10.48, I2 = 24/10.48, V1 = V2 + 0.2·(I2 + I3), I1 = 24/V1, Vs = V1 + 0.2·(I1 + I2 + I3).
    [Fact]
    public void A_chain_of_constant_power_lamps()
    {
        const double ohms = 0.2;
        var (v3, i3) = (10.0, 2.4);
        var v2 = v3 + ohms * i3;
        var i2 = 24 / v2;
        var v1 = v2 + ohms * (i2 + i3);
        var i1 = 24 / v1;
        var (circuit, from) = Fed(v1 + ohms * (i1 + i2 + i3));
        var nodes = new int[3];
        for (var i = 0; i < 3; i++)
        {
            nodes[i] = circuit.AddNode();
            circuit.Add(new Resistor($"r{i}", from, nodes[i], ohms));
            circuit.Add(new RegulatedLamp($"lamp{i}", nodes[i], Circuit.Reference, 24, 6, 9));
            from = nodes[i];
        }
        var state = Assert.IsType<Solution.Converged>(CircuitSolver.Solve(circuit)).State;
        Assert.Equal(v1, state.Volts[nodes[0]], 8);
        Assert.Equal(v2, state.Volts[nodes[1]], 8);
        Assert.Equal(v3, state.Volts[nodes[2]], 8);
    }

    /// <summary>A coil of 88 Ω fed through <paramref name="ohms"/>: 12 V, pull-in 8, drop-out 1.</summary>
    private static (Circuit Circuit, int Coil) Relay(double ohms, bool throughOwnRest)
    {
        var (circuit, source) = Fed(12);
        var coil = circuit.AddNode();
        circuit.Add(new Resistor("coil", coil, Circuit.Reference, 88));
        var controller = circuit.Add(new Controller("k", coil, Circuit.Reference, 8, 1, EitherWay: true));
        var feed = circuit.AddNode();
        circuit.Add(new Resistor("feed", source, feed, ohms));
        var contact = circuit.Add(new Contact("contact", feed, coil, 0.003));
        circuit.Close(contact, true, throughOwnRest ? [(controller, false)] : []);
        return (circuit, coil);
    }

    [Fact]
    public void A_relay_that_breaks_its_own_coil_chatters() =>
        Assert.Equal(["k"], Assert.IsType<Solution.Chatter>(CircuitSolver.Solve(Relay(1, throughOwnRest: true).Circuit)).Controllers);

    // 88/(88 + 60)·12 = 7.1 V: between 1 and 8, so it stays as it was, and that is said.
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void A_coil_between_its_limits_stays_as_it_was(bool before)
    {
        var solution = CircuitSolver.Solve(Relay(60, throughOwnRest: false).Circuit, [before]);
        Assert.Equal(["k"], Assert.IsType<Solution.Ambiguous>(solution).Controllers);
        Assert.Equal([before], solution.State.Over);
    }

    // A two-step ladder of relays: the first feeds the second's coil. Both come in, one after the other.
    [Fact]
    public void Contacts_follow_one_another()
    {
        var (circuit, source) = Fed(12);
        var second = circuit.AddNode();
        circuit.Add(new Resistor("coil1", source, Circuit.Reference, 88));
        var first = circuit.Add(new Controller("k1", source, Circuit.Reference, 8, 1, EitherWay: true));
        circuit.Close(circuit.Add(new Contact("c1", source, second, 0.003)), true, (first, true));
        circuit.Add(new Resistor("coil2", second, Circuit.Reference, 88));
        circuit.Add(new Controller("k2", second, Circuit.Reference, 8, 1, EitherWay: true));
        Assert.Equal([true, true], Assert.IsType<Solution.Converged>(CircuitSolver.Solve(circuit)).State.Over);
    }

    [Fact]
    public void Nothing_at_all_is_solved() => Assert.IsType<Solution.Converged>(CircuitSolver.Solve(new Circuit()));

    [Fact]
    public void Nodes_that_nothing_feeds_are_at_nothing()
    {
        var circuit = new Circuit();
        var (a, b) = (circuit.AddNode(), circuit.AddNode());
        circuit.Add(new Resistor("r", a, b, 1));
        Assert.Equal([0.0, 0, 0], CircuitSolver.Solve(circuit).State.Volts);
    }

    // Two lamps of 30 W in series on 24 V balance at 12 V each, and the node between them has the slope −2·30/12² S: a
    // capacitance there runs away from it (dV/dt = 0.42·V/C). Beside resistances the slope is positive and it comes back.
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void Lamps_of_constant_power_in_series_do_not_stay_where_their_currents_balance(bool balanced)
    {
        var (circuit, source) = Fed(24);
        var middle = circuit.AddNode();
        circuit.Add(new RegulatedLamp("upper", source, middle, 30, 6, 9));
        circuit.Add(new RegulatedLamp("lower", middle, Circuit.Reference, 30, 6, 9));
        if (balanced)
        {
            circuit.Add(new Resistor("r1", source, middle, 2));
            circuit.Add(new Resistor("r2", middle, Circuit.Reference, 2));
            Assert.Equal(12, Assert.IsType<Solution.Converged>(CircuitSolver.Solve(circuit)).State.Volts[middle], 6);
            return;
        }
        Assert.Equal(["upper", "lower"], Assert.IsType<Solution.Unstable>(CircuitSolver.Solve(circuit)).Lamps);
    }

    // A diode lets nothing through backwards: a strip of LED and resistors the wrong way round leaks a tenth of a milliampere.
    [Fact]
    public void A_resistor_led_is_dark_the_wrong_way_round()
    {
        var (circuit, source) = Fed(12);
        circuit.Add(new ResistorLed("right", source, Circuit.Reference, 14.4));
        circuit.Add(new ResistorLed("wrong", Circuit.Reference, source, 14.4));
        var amps = CircuitSolver.Solve(circuit).State.Amps;
        Assert.Equal(12 / 14.4, amps[0], 9);
        Assert.InRange(Math.Abs(amps[1]), 0, 2e-4);
    }
}
