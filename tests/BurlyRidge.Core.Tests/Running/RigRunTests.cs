using System.Text.Json;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Running;

/// <summary>Rigs run through time.</summary>
public class RigRunTests
{
    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    private static Shape Named(string name) => AllShapes.Competent.Single(shape => shape.Name == name);

    private const double Hour = 3600;

    /// <summary>So long in each state every wire has come to its temperature, s.</summary>
    private const double Long = 1500;

    /// <summary>After a while in each state it is as the static solver has it, with the charge that the batteries have by then.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void In_the_end_it_stands_as_the_static_solver_has_it(string name)
    {
        var shape = Named(name);
        var names = PartNames.Of(shape.Rig);
        RunState? end = null;
        IReadOnlyDictionary<string, bool>? contacts = null;
        for (var i = 0; i < shape.States.Count; i++)
        {
            SolvedHarness? last = null;
            var run = RigRun.Of(shape.Rig, names, [Runs.At((end?.Seconds ?? 0) + 1, shape.States[i])], (i + 1) * Long, end, observe: (_, parts) => last = parts[^1].Solved);
            end = run.End;
            var rig = shape.Rig with { Vehicle = shape.Rig.Vehicle with { Batteries = [.. shape.Rig.Vehicle.Batteries.Select(battery => battery with { StateOfCharge = end.Charge[battery.Id] })] } };
            var still = HarnessCompiler.Solve(rig, shape.States[i], contacts);
            contacts = still.Contacts;
            Assert.Equal(still.Contacts, last!.Contacts);
            foreach (var terminal in shape.Rig.Runs.SelectMany(run => run.Ends()).Distinct()) Assert.Equal(still.Volts(terminal), last.Volts(terminal), 0.003);
            Assert.DoesNotContain(run.Moment.Fuses, fuse => fuse.Blown);
        }
    }

    /// <summary>What the sources gave is what every other element took, over a run with a start from cold, a battery that empties and a stop.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void The_energy_drawn_is_what_every_element_took(string name)
    {
        var shape = Named(name);
        var (given, taken, battery) = (0.0, 0.0, new Dictionary<string, double>());
        RunEvent[] events = [.. shape.States.Select((state, i) => Runs.At(1 + 120 * i, state))];
        RigRun.Of(shape.Rig, PartNames.Of(shape.Rig), events, 120 * events.Length, observe: (seconds, parts) =>
        {
            foreach (var (share, solved) in parts)
                foreach (var (element, amps) in solved.Harness.Circuit.Elements.Zip(solved.Solution.State.Amps))
                {
                    var joules = seconds * share * amps * solved.Solution.State.Across(element);
                    if (joules < 0) given -= joules;
                    else taken += joules;
                }
        });
        Assert.True(given > 0);
        Assert.Equal(given, taken, 0.001 * given);
    }

    [Fact]
    public void The_same_events_give_the_same_to_the_last_bit()
    {
        var shape = Named(AllShapes.Competent.First(shape => shape.Rig.PowerBoxes.Count > 0).Name);
        RunEvent[] events = [.. shape.States.Select((state, i) => Runs.At(1 + 7 * i, state))];
        string Text() => JsonSerializer.Serialize(RigRun.Of(shape.Rig, PartNames.Of(shape.Rig), events, 100), JsonRules.Stored);
        Assert.Equal(Text(), Text());
    }

    /// <summary>A run that is broken off and gone on with, by way of a document, comes out as one that was not.</summary>
    [Fact]
    public void It_goes_on_from_where_it_ended()
    {
        var rig = Runs.Box(new BoxOutput("o1", 15, Slot: 1, Legend: "Work"));
        RunEvent[] events = [Runs.At(1, KeyOn.Press("box.o1")), Runs.At(50, KeyOn), Runs.At(60, KeyOn.Press("box.o1"))];
        var whole = rig.Through(100, events);
        var half = rig.Through(50, events);
        var state = JsonSerializer.Deserialize<RunState>(JsonSerializer.Serialize(half.End, JsonRules.Stored), JsonRules.Stored)!;
        var rest = rig.On(state, 100, false, events);
        Assert.Equal(whole.Notes.Select(note => (note.Seconds, note.Words)), half.Notes.Concat(rest.Notes).Select(note => (note.Seconds, note.Words)));
        Assert.Equal(whole.End.Charge["battery"], rest.End.Charge["battery"], 1e-9);
        foreach (var (wire, celsius) in whole.End.Celsius) Assert.Equal(celsius, rest.End.Celsius[wire], 0.05);
    }

    /// <summary>Peukert's law (common practice): eight hours of camp take what the law has for the mean current.</summary>
    [Fact]
    public void A_battery_empties_by_peukert()
    {
        var rig = Runs.Box(new BoxOutput("o1", 15, Slot: 1), charge: 1, watts: 72);
        var run = rig.Through(8 * Hour, Runs.At(0, new RigState().Press("box.o1")));
        var amps = run.Samples.Skip(1).Zip(run.Samples, (now, before) => (now.Seconds - before.Seconds) * before.Batteries[0].Amps).Sum() / (8 * Hour);
        Assert.InRange(amps, 4, 7);
        Assert.Equal(8 / Peukert.Hours(80, rig.Vehicle.Batteries[0].Exponent, amps), 1 - run.End.Charge["battery"], 0.005);
    }

    [Fact]
    public void The_alternator_fills_it_again()
    {
        var rig = GoodRigs.Bar with { Vehicle = GoodRigs.Bar.Vehicle with { Batteries = [new Battery("battery", 80, 0.5, 6)], Alternator = new Alternator() } };
        var charged = rig.Through(2 * Hour, Runs.At(0, Driving)).End.Charge["battery"];
        Assert.InRange(charged, 0.6, 0.95);
    }

    /// <summary>A conductor is warm by 63 % after its lag: copper alone holds 3.45 MJ/(m³·K) (IEC 60287, from memory).</summary>
    [Fact]
    public void A_wire_warms_with_a_lag()
    {
        var rig = Runs.Overloaded(1, 40) with { Protection = [Fuse("f", 100)] };
        rig = rig with { Runs = [.. rig.Runs.Select(run => run with { Wire = "12 AWG", LengthMetres = 0.5 })] };
        double At(double seconds) => rig.Through(seconds).Moment.Wires[0].Celsius;
        var (start, last) = (At(0), At(5000));
        // 3.309 mm², 105 °C in a 70 °C bay: ampacity 45·sqrt(35/75) = 30.7 A; 11.42 J/(m·K) · 35 K over 30.7² · 5.211 mΩ/m · 1.334 · 1.02.
        var lag = 3.45 * 3.309 * 35 / (30.74 * 30.74 * 0.005211 * 1.334 * 1.02);
        Assert.Equal(70, start, 6);
        Assert.Equal(0.632, (At(lag) - start) / (last - start), 0.05);
    }

    [Theory]
    [InlineData(OutputMode.FlashSlow)]
    [InlineData(OutputMode.FlashFast)]
    [InlineData(OutputMode.Strobe)]
    public void Much_quicker_than_life_what_flashes_draws_its_mean(OutputMode mode)
    {
        var rig = Runs.Box(new BoxOutput("o1", 15, Slot: 1, Mode: mode));
        double Drawn(bool steady) => 0.9 - rig.On(null, 60, steady, Runs.At(0, new RigState().Press("box.o1"))).End.Charge["battery"];
        Assert.True(Drawn(true) > 0);
        Assert.Equal(Drawn(false), Drawn(true), 0.01 * Drawn(false));
        Assert.True(rig.On(null, 60, true, Runs.At(0, new RigState().Press("box.o1"))).Moment.Flashing);
    }

    [Fact]
    public void A_flashing_output_goes_on_and_off_as_in_life()
    {
        var rig = Runs.Box(new BoxOutput("o1", 15, Slot: 1, Mode: OutputMode.FlashSlow));
        bool At(double seconds) => rig.Through(seconds, Runs.At(0, new RigState().Press("box.o1"))).Lit();
        Assert.True(At(0.2) && At(3.2));
        Assert.False(At(0.7) || At(3.7));
    }

    [Fact]
    public void A_slot_goes_off_when_its_time_is_over_and_comes_back_when_it_is_pressed_anew()
    {
        var rig = Runs.Box(new BoxOutput("o1", 15, Slot: 1, Legend: "Work") { TimeOutMinutes = 10 });
        var pressed = new RigState().Press("box.o1");
        Assert.True(rig.Through(599, Runs.At(0, pressed)).Lit());
        var over = rig.Through(601, Runs.At(0, pressed));
        Assert.False(over.Lit());
        Assert.Contains("(Work) went off by itself", Assert.Single(over.Notes, note => note.Kind == RunNoteKind.LetGo).Words, StringComparison.Ordinal);
        Assert.False(rig.On(over.End, 5000, false).Lit());
        Assert.True(rig.On(over.End, 700, false, Runs.At(620, new RigState()), Runs.At(630, pressed)).Lit());
    }

    /// <summary>What goes off by itself is not left on over night.</summary>
    [Theory]
    [InlineData(null, true)]
    [InlineData(10.0, false)]
    public void A_slot_with_a_time_is_not_left_on(double? minutes, bool staysOn)
    {
        var slot = PanelView.Of(AssessedRig.Of(Runs.Box(new BoxOutput("o1", 15, Slot: 1) { TimeOutMinutes = minutes }))).Banks[0].Slots[0];
        Assert.Equal(staysOn, slot.StaysOn);
        Assert.Equal(!staysOn, slot.KeyOff.Contains("10 min", StringComparison.Ordinal));
    }

    [Fact]
    public void An_output_drops_with_a_low_battery_and_others_do_not()
    {
        RunResult Of(OutputMode mode) => Runs.Box(new BoxOutput("o1", 15, Slot: 1, Mode: mode), charge: 0.2, watts: 60).Through(5 * Hour, Runs.At(0, new RigState().Press("box.o1")));
        var dropped = Of(OutputMode.LowVoltageCutOff);
        Assert.False(dropped.Lit());
        Assert.Matches(@"by itself: 11\.[345]", Assert.Single(dropped.Notes, note => note.Kind == RunNoteKind.LetGo).Words);
        Assert.True(dropped.End.Charge["battery"] > Of(OutputMode.Latching).End.Charge["battery"]);
    }

    /// <summary>A flat battery gives next to nothing.</summary>
    [Fact]
    public void A_flat_battery_lights_nothing() => Assert.True(Runs.Box(new BoxOutput("o1", 15, Slot: 1), charge: 0, watts: 150).Through(1, Runs.At(0, new RigState().Press("box.o1"))).Moment.Lamps[0].Light < 0.5);

    [Fact]
    public void What_happened_is_told_in_words()
    {
        var rig = GoodRigs.Beam;
        var run = rig.Through(10, Runs.At(1, KeyOn.Set("s", "on")), Runs.At(2, (KeyOn with { HighBeam = true }).Set("s", "on")), Runs.At(3, KeyOn.Set("s", "on")));
        Assert.Collection(
            run.Notes,
            note => Assert.Equal("Key on and s: on: nothing else goes on or off", note.Words),
            note => Assert.StartsWith("High beam on: k pulled in, ", note.Words, StringComparison.OrdinalIgnoreCase),
            note => Assert.EndsWith(" dark", note.Words, StringComparison.Ordinal));
        Assert.Contains("k", run.Notes[1].Parts);
        Assert.Matches(" at 1[12].[0-9]+ V$", run.Notes[1].Words);
    }
}
