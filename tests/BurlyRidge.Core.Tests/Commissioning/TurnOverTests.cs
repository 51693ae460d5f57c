using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Running;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Commissioning;

/// <summary>What is turned over, which pin is a signal, and what a record of it comes to.</summary>
public class TurnOverTests
{
    private static CommissioningPlan Plan(Rig rig) => new(RigStudy.Of(rig));

    private static IReadOnlyList<TurnCheck> Of(string begins) => Plan(AllShapes.Competent.First(shape => shape.Name.StartsWith(begins, StringComparison.Ordinal)).Rig).Turns;

    [Fact]
    public void An_armed_line_is_lit_with_both_alone()
    {
        var armed = Of("pair armed by a switch, high beam").Where(check => check.For == TurnFor.Armed).ToDictionary(check => check.Key.Split('/')[1], check => check.Lit.Count > 0);
        Assert.Equal(new Dictionary<string, bool> { ["signal-alone"] = false, ["switch-alone"] = false, ["both"] = true, ["stalk-back"] = false }, armed);
    }

    [Fact]
    public void A_slot_is_pressed_with_key_off_and_on_and_an_empty_one_does_nothing()
    {
        var box = Runs.Box(new BoxOutput("o1", 15, Slot: 1));
        var rig = box with { PowerBoxes = [box.PowerBoxes[0] with { Outputs = [.. box.PowerBoxes[0].Outputs, new BoxOutput("o2", 15, Slot: 2)] }] };
        var checks = Plan(rig).Turns.Where(check => check.For == TurnFor.Slot).ToDictionary(check => check.Key, check => check.Lit);
        Assert.Equal(["box.o1/key-off", "box.o1/key-on", "box.o2/key-off", "box.o2/key-on"], checks.Keys.Order(StringComparer.Ordinal));
        Assert.Equal(["line"], checks["box.o1/key-on"]);
        Assert.All(checks.Where(pair => pair.Key.StartsWith("box.o2", StringComparison.Ordinal)), pair => Assert.Empty(pair.Value));
    }

    [Fact]
    public void Every_position_of_a_switch_of_three_is_tried_with_every_signal()
    {
        var positions = Of("rear pair on, off or automatic").Where(check => check.For == TurnFor.Position).ToList();
        Assert.Equal(3, positions.Select(check => check.State.Switches.Values.Single()).Distinct().Count());
        Assert.Contains(positions, check => check.State.Reverse && check.Lit.Count > 0);
        Assert.Contains(positions, check => check.State.Reverse && check.Lit.Count == 0);
    }

    [Fact]
    public void Every_check_says_what_is_done_and_what_is_lit() => Assert.All(AllShapes.Competent.SelectMany(shape => Plan(shape.Rig).Turns), check =>
    {
        Assert.True(check.Words.Length > 3 && check.Expects.Length > 3, check.Key);
        Assert.DoesNotContain('{', check.Words + check.Expects);
    });

    private static PinReading Pin(string pin, double off, double on, double? loaded = null) => new(pin, $"colour {pin}", off, on) { Loaded = loaded };

    public static TheoryData<double, double, double?, SwitchedSide, bool, bool?> Signals => new()
    {
        { 0.02, 12.4, null, SwitchedSide.Plus, false, null },
        { 0.02, 12.4, 12.1, SwitchedSide.Plus, false, false },
        { 0.02, 12.4, 6.0, SwitchedSide.Plus, false, true },
        { 12.5, 0.1, null, SwitchedSide.Minus, false, null },
        { 0.0, 5.5, null, SwitchedSide.Plus, true, null },
        { 12.5, 7.0, null, SwitchedSide.Minus, true, null },
    };

    [Theory]
    [MemberData(nameof(Signals))]
    public void The_pin_that_goes_with_the_signal_is_it(double off, double on, double? loaded, SwitchedSide side, bool pulsed, bool? module)
    {
        var found = WireFinding.Of(GoodRigs.Beam.Vehicle, Signal.HighBeam, 12.6, "left headlamp", [Pin("1", 12.5, 12.5), Pin("2", off, on, loaded), Pin("3", 0, 0)]);
        Assert.Equal("2", found.Found);
        Assert.Equal((side, pulsed), (found.Lamp!.Switched, found.Lamp.Pulsed));
        Assert.Equal(module, found.Lamp.ModuleDriven);
        var wire = found.Lamp.Wires.Single();
        Assert.Equal("colour 2", wire.Colour);
        Assert.Contains("2", wire.Reached, StringComparison.Ordinal);
        Assert.Equal([PinKind.Live, PinKind.Dead], new[] { found.Pins[0].Kind, found.Pins[2].Kind });
    }

    [Fact]
    public void None_or_two_that_go_are_no_answer()
    {
        var vehicle = GoodRigs.Beam.Vehicle;
        Assert.Null(WireFinding.Of(vehicle, Signal.Reverse, 12.6, "", [Pin("1", 0, 0)]).Lamp);
        Assert.Null(WireFinding.Of(vehicle, Signal.Reverse, 12.6, "", [Pin("1", 0, 12.4), Pin("2", 0, 12.4)]).Lamp);
    }

    [Fact]
    public void The_last_reading_of_each_counts_and_a_change_after_passing_is_said()
    {
        var plan = Plan(GoodRigs.Beam);
        var study = plan.Study;
        var line = study.Lines[0].Line.Id;
        var readings = ReadingBands.Of(plan, line, 12.6)!;
        var at = new DateTimeOffset(2026, 3, 4, 10, 0, 0, TimeSpan.Zero);
        var all = readings.Groups.SelectMany(group => group.Readings).ToList();
        var log = new List<(DateTimeOffset, string, CommissioningEvent)> { (at, "One", new CommissioningEvent.BatteryMeasured(12.6)) };
        log.AddRange(all.Select(reading => (at, "One", (CommissioningEvent)new CommissioningEvent.Measured(line, reading.Key, reading.Value))));
        log.Add((at, "Two", new CommissioningEvent.Measured(line, all[0].Key, all[0].High + 5)));
        Assert.NotEmpty(LineCard.Of(plan, readings, CommissioningRecord.Of(log)).Left);
        log.Add((at, "Two", new CommissioningEvent.TakenBack(line, all[0].Key)));
        Assert.Contains("1", LineCard.Of(plan, readings, CommissioningRecord.Of(log)).Left, StringComparison.Ordinal);
        log.Add((at, "One", new CommissioningEvent.Measured(line, all[0].Key, all[0].Value)));
        var record = CommissioningRecord.Of(log);
        Assert.Empty(LineCard.Of(plan, readings, record).Left);
        Assert.Equal(LineStanding.Begun, CommissioningView.Of(plan, record).Lines.Single(one => one.Id == line).Standing);
        log.Add((at, "Two", new CommissioningEvent.Passed(line) { Print = readings.Print, BatteryVolts = 12.6 }));
        Assert.Equal(LineStanding.Passed, CommissioningView.Of(plan, CommissioningRecord.Of(log)).Lines.Single(one => one.Id == line).Standing);
        var changed = Plan(study.Wired with { Runs = [.. study.Wired.Runs.Select(run => run with { LengthMetres = run.LengthMetres + 1 })] });
        Assert.Equal(LineStanding.ChangedSince, CommissioningView.Of(changed, CommissioningRecord.Of(log)).Lines.Single(one => one.Id == line).Standing);
    }
}
