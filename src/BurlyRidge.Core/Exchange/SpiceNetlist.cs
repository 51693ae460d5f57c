using System.Globalization;
using System.Text;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;

namespace BurlyRidge.Core.Exchange;

/// <summary>
/// A solved harness as a netlist for general-purpose circuit simulators: lamps and warm wire as behavioural sources by their
/// own laws, contacts as they stand, elements of straight pieces on the piece that they stand on, every node set to the
/// solution that is meant.
/// </summary>
public static class SpiceNetlist
{
    /// <summary>The netlist, its operating point asked for.</summary>
    /// <param name="straight">
    /// Whether every element stands as what it is at the solution: plain resistors, with sources of volts and amps. The answer
    /// is the same; it takes a simulator one round.
    /// </param>
    public static string Write(string title, SolvedHarness solved, bool straight = false)
    {
        var text = new StringBuilder();
        text.Append(CultureInfo.InvariantCulture, $"{title.ReplaceLineEndings(" ")}\n");
        Body(text, solved, "", straight);
        text.Append(".options reltol=1e-7 abstol=1e-11 vntol=1e-9\n.op\n.end\n");
        return text.ToString();
    }

    /// <summary>The elements and the voltages to start from, every name ending in <paramref name="suffix"/>.</summary>
    public static void Body(StringBuilder text, SolvedHarness solved, string suffix, bool straight = false)
    {
        var circuit = solved.Harness.Circuit;
        var state = solved.Solution.State;
        string Node(int node) => node == Circuit.Reference ? "0" : $"n{node}{suffix}";
        for (var i = 0; i < circuit.Elements.Count; i++)
        {
            var element = circuit.Elements[i];
            text.Append("* ").Append(element.Id).Append('\n');
            text.Append(straight ? AsItStands(element, state.Across(element), $"{i}{suffix}", Node) : Card(element, state.Across(element), $"{i}{suffix}", Node)).Append('\n');
        }
        for (var node = 1; node < circuit.NodeCount; node++)
            text.Append(CultureInfo.InvariantCulture, $".nodeset v({Node(node)})={state.Volts[node]:r}\n");
        foreach (var node in Islands(circuit))
            text.Append(CultureInfo.InvariantCulture, $"rleak{node}{suffix} {Node(node)} 0 1e12\n");
        foreach (var (node, volts) in circuit.FixedVolts.Where(pair => pair.Key != Circuit.Reference))
            text.Append(CultureInfo.InvariantCulture, $"vfix{node}{suffix} {Node(node)} 0 dc {volts:r}\n");
    }

    private static string Card(Element element, double at, string name, Func<int, string> node)
    {
        var (from, to) = (node(element.From), node(element.To));
        var v = Across(from, to);
        return element switch
        {
            Resistor resistor => N($"r{name} {from} {to} {resistor.Ohms:r}"),
            Fusible fuse => N($"r{name} {from} {to} {(fuse.Blown ? 1 / Contact.LeakSiemens : fuse.Ohms):r}"),
            Contact contact => N($"r{name} {from} {to} {(contact.Closed ? contact.ClosedOhms : 1 / Contact.LeakSiemens):r}"),
            WireElement wire when wire.AmpacityAmps > 0 => N($"v{name} {from} w{name} dc 0\n")
                + N($"bh{name} h{name} 0 v=min(1,(i(v{name})/{wire.AmpacityAmps:r})^2)\n")
                + N($"b{name} w{name} {to} i={Across($"w{name}", to)}/({wire.ColdOhms:r}+{wire.RisingOhms:r}*v(h{name}))"),
            WireElement wire => N($"r{name} {from} {to} {wire.ColdOhms:r}"),
            FilamentLamp lamp => N($"b{name} {from} {to} i={lamp.RatedAmps / lamp.RatedVolts:r}*{v}*exp({-FilamentLamp.Bend:r}*ln(({v}/{lamp.RatedVolts:r})^2+{FilamentLamp.Cold * FilamentLamp.Cold:r}))"),
            RegulatedLamp lamp when at >= lamp.DropOutVolts => N($"b{name} {from} {to} i={lamp.Watts:r}/max({v},{lamp.DropOutVolts:r})"),
            ConverterInput { Output.Running: true } input when at > input.LowestVolts =>
                N($"b{name} {from} {to} i={OutputWatts(input, node)}/{input.Efficiency:r}/max({v},{input.LowestVolts:r})"),
            _ => Straight(element, at, name, from, to),
        };
    }

    /// <summary>A resistance where current and volts go the same way, what an element of straight pieces is where they do not.</summary>
    private static string AsItStands(Element element, double at, string name, Func<int, string> node)
    {
        var amps = element.Amps(at, out var slope);
        return element is Contact or Resistor ? Card(element, at, name, node)
            : at * amps > 0 ? N($"r{name} {node(element.From)} {node(element.To)} {at / amps:r}")
            : slope != 0 || amps != 0 ? Straight(element, at, name, node(element.From), node(element.To))
            : "* nothing";
    }

    /// <summary>An element of straight pieces, on the piece that it stands on: a resistance and a voltage, or a current.</summary>
    private static string Straight(Element element, double at, string name, string from, string to)
    {
        var amps = element.Amps(at, out var slope);
        return slope == 0
            ? N($"i{name} {from} {to} dc {amps:r}")
            : N($"r{name} {from} s{name} {1 / slope:r}\nv{name} s{name} {to} dc {at - amps / slope:r}");
    }

    private static string OutputWatts(ConverterInput input, Func<int, string> node)
    {
        var v = Across(node(input.Output.From), node(input.Output.To));
        return N($"max(0,{v}*min(max(({input.Output.Volts:r}-{v})/{input.Output.Ohms:r},0),{input.Output.LimitAmps:r}))");
    }

    /// <summary>One node of every part of the circuit that nothing joins to the reference.</summary>
    private static List<int> Islands(Circuit circuit)
    {
        var leader = Enumerable.Range(0, circuit.NodeCount).ToArray();
        int Leader(int node)
        {
            while (leader[node] != node) node = leader[node] = leader[leader[node]];
            return node;
        }
        foreach (var element in circuit.Elements)
        {
            var (a, b) = (Leader(element.From), Leader(element.To));
            leader[Math.Max(a, b)] = Math.Min(a, b);
        }
        return [.. Enumerable.Range(1, circuit.NodeCount - 1).Where(node => leader[node] == node && !circuit.FixedVolts.ContainsKey(node))];
    }

    private static string Across(string from, string to) =>
        (from, to) switch
        {
            ("0", "0") => "0",
            ("0", _) => $"(-v({to}))",
            (_, "0") => $"v({from})",
            _ => $"v({from},{to})",
        };

    private static string N(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
