using System.Globalization;
using System.Text;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Running;

/// <summary>Runs beside transients of the circuit simulator (ngspice), contacts and fuses as switches that go when the run says so, everything else by its whole law.</summary>
public class TransientTests
{
    public static TheoryData<string, double> Moments => new()
    {
        { "bar", 0.5 }, { "bar", 1.5 }, { "bar", 2.5 },
        { "beam", 1.5 }, { "beam", 2.5 }, { "beam", 3.5 },
        { "box", 1.5 }, { "box", 2.5 },
        { "overload", 0.1 }, { "overload", 2 },
    };

    private static (Rig Rig, RunEvent[] Events, string Terminal) Named(string name) => name switch
    {
        "bar" => (GoodRigs.Bar, [Runs.At(1, KeyOn.Set("s", "on")), Runs.At(2, KeyOn)], "bar.plus"),
        "beam" => (GoodRigs.Beam, [Runs.At(1, KeyOn.Set("s", "on")), Runs.At(2, (KeyOn with { HighBeam = true }).Set("s", "on")), Runs.At(3, KeyOn.Set("s", "on"))], "right.plus"),
        "box" => (Runs.Box(new BoxOutput("o1", 15, Slot: 1)), [Runs.At(1, KeyOn.Press("box.o1")), Runs.At(2, KeyOn)], "lamp.plus"),
        _ => (Runs.Overloaded(2.5), [], "lamp.plus"),
    };

    [Theory]
    [MemberData(nameof(Moments))]
    public void Volts_at_a_moment_are_those_of_a_transient(string name, double seconds)
    {
        var (rig, events, terminal) = Named(name);
        var goes = new Goes();
        SolvedHarness? last = null;
        RigRun.Of(rig, PartNames.Of(rig), events, seconds, observe: (span, parts) => goes.Note(span, (last = parts[0].Solved).Harness.Circuit));
        var circuit = last!.Harness.Circuit;
        var theirs = Ngspice.AfterTransient(Deck(circuit, goes), $"n{last.Harness.Nodes[terminal]}", seconds / 200, seconds, uncharged: false);
        var ours = last.Volts(terminal);
        Assert.True(Math.Abs(ours - theirs) <= 0.01 * Math.Max(1, Math.Abs(ours)), $"{ours} V, simulator {theirs} V");
    }

    /// <summary>When what is a switch went, by its place in the circuit.</summary>
    private sealed class Goes
    {
        private double now;

        public List<(double Seconds, Dictionary<int, double> Siemens)> Steps { get; } = [];

        public void Note(double span, Circuit circuit)
        {
            var siemens = new Dictionary<int, double>();
            for (var i = 0; i < circuit.Elements.Count; i++)
            {
                if (circuit.Elements[i] is Contact contact) siemens[i] = contact.Closed ? 1 / contact.ClosedOhms : Contact.LeakSiemens;
                // It opened at the end of a step: until then it was whole.
                if (circuit.Elements[i] is Fusible fuse) siemens[i] = Steps.Count > 0 && Blown.Contains(i) ? Contact.LeakSiemens : 1 / fuse.Ohms;
                if (circuit.Elements[i] is Fusible { Blown: true }) Blown.Add(i);
            }
            Steps.Add((now, siemens));
            now += span;
        }

        private HashSet<int> Blown { get; } = [];
    }

    private static string Deck(Circuit circuit, Goes goes)
    {
        var text = new StringBuilder("run\n");
        string Node(int node) => node == Circuit.Reference ? "0" : $"n{node}";
        for (var i = 0; i < circuit.Elements.Count; i++)
        {
            var element = circuit.Elements[i];
            var (from, to) = (Node(element.From), Node(element.To));
            var v = $"(v({from})-v({to}))".Replace("v(0)", "0", StringComparison.Ordinal);
            if (element is Contact or Fusible)
            {
                text.Append(N($"vc{i} c{i} 0 pwl("));
                var before = double.NaN;
                foreach (var (at, siemens) in goes.Steps)
                {
                    if (!double.IsNaN(before)) text.Append(N($" {at:r} {before:r}"));
                    text.Append(N($" {(at == 0 ? 0 : at + 1e-6):r} {siemens[i]:r}"));
                    before = siemens[i];
                }
                text.Append(N($")\nb{i} {from} {to} i={v}*v(c{i})\n"));
                continue;
            }
            text.Append(element switch
            {
                Resistor resistor => N($"r{i} {from} {to} {resistor.Ohms:r}\n"),
                WireElement wire => N($"r{i} {from} {to} {wire.OhmsWarm(wire.AmbientCelsius):r}\n"),
                BatteryElement battery => N($"b{i} {from} {to} i={v}>{battery.OpenVolts:r}?({v}-{battery.OpenVolts:r})/{battery.ChargeOhms:r}:({v}-{battery.OpenVolts:r})/{battery.Ohms:r}\n"),
                FilamentLamp lamp => N($"b{i} {from} {to} i={lamp.RatedAmps / lamp.RatedVolts:r}*{v}*exp({-FilamentLamp.Bend:r}*ln(({v}/{lamp.RatedVolts:r})^2+{FilamentLamp.Cold * FilamentLamp.Cold:r}))\n"),
                ResistorLed led => N($"b{i} {from} {to} i={v}>0?{v}/{led.Ohms:r}:{v}*{RegulatedLamp.LeakSiemens:r}\n"),
                Diode => N($"b{i} {from} {to} i={v}>{Diode.ForwardVolts:r}?({v}-{Diode.ForwardVolts:r})/{Diode.ForwardOhms:r}:{v}*{Contact.LeakSiemens:r}\n"),
                RegulatedLamp lamp => Lamp(i, from, to, v, lamp),
                RegulatedSource { Running: false } => N($"r{i} {from} {to} {1 / Contact.LeakSiemens:r}\n"),
                _ => throw new NotSupportedException(element.Id),
            });
        }
        return text.ToString();
    }

    private static string Lamp(int i, string from, string to, string v, RegulatedLamp lamp)
    {
        var (leak, most) = (lamp.TurnOnVolts * RegulatedLamp.LeakSiemens, lamp.Watts / lamp.DropOutVolts);
        return N($"b{i} {from} {to} i={v}>{lamp.DropOutVolts:r}?{lamp.Watts:r}/{v}:({v}>{lamp.TurnOnVolts:r}?{leak:r}+({v}-{lamp.TurnOnVolts:r})*{(most - leak) / (lamp.DropOutVolts - lamp.TurnOnVolts):r}:{v}*{RegulatedLamp.LeakSiemens:r})\n");
    }

    private static string N(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
