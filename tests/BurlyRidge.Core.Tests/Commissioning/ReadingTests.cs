using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Running;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Commissioning;

/// <summary>What a line should read, and what a reading tells.</summary>
public class ReadingTests
{
    private const double Measured = 12.6;
    private const string Line = "line";

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    private static CommissioningPlan Plan(Rig rig) => new(RigStudy.Of(rig));

    private static CommissioningPlan Plan(string shape) => Plan(AllShapes.Competent.Single(one => one.Name == shape).Rig);

    private static (CommissioningPlan Plan, LineReadings Readings) Beam
    {
        get
        {
            var plan = Plan(GoodRigs.Beam);
            return (plan, ReadingBands.Of(plan, plan.Study.Lines[0].Line.Id, Measured)!);
        }
    }

    /// <summary>Sound rigs drawn anew, not those that the bands were made of: 1,000 of all shapes together.</summary>
    [Fact]
    public void Of_a_thousand_sound_rigs_95_of_100_readings_lie_in_their_bands_and_lines_pass()
    {
        var (inside, all, lines, passed) = (0, 0, 0, 0);
        var perShape = (int)Math.Ceiling(1000.0 / AllShapes.Competent.Count);
        foreach (var shape in AllShapes.Competent)
        {
            var plan = Plan(shape.Rig);
            var expected = ReadingBands.Of(plan, Line, Measured)!.Groups.SelectMany(group => group.Readings).ToList();
            foreach (var read in ReadingBands.OfSoundRigs(plan, Line, Measured, 7, perShape))
            {
                Assert.Equal(expected.Count, read.Count);
                inside += expected.Zip(read).Count(pair => ReadingJudge.Verdict(pair.First, pair.Second) == ReadingVerdict.AsExpected);
                all += expected.Count;
                // As many as a line of the trade has.
                lines++;
                if (expected.Zip(read).Take(20).All(pair => ReadingJudge.Verdict(pair.First, pair.Second) != ReadingVerdict.NotPassed)) passed++;
            }
        }
        Assert.InRange((double)inside / all, 0.94, 0.96);
        Assert.True(passed >= 0.97 * lines, $"{passed} of {lines}");
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_rig_as_it_is_planned_reads_inside_every_band(string shape)
    {
        var plan = Plan(shape);
        var study = plan.Study;
        var readings = ReadingBands.Of(plan, Line, null)!;
        Assert.NotEmpty(readings.Groups);
        Assert.Distinct(readings.Groups.SelectMany(group => group.Readings).Select(reading => reading.Key));
        foreach (var group in readings.Groups.Where(group => !group.OnBench))
            foreach (var reading in group.Readings)
            {
                var state = RigRun.Of(study.Wired, study.Names, [new RunEvent.Breaks(0, group.Out), new RunEvent.Turns(0, group.State)], 0.01).End;
                var shown = Meter.Read(study.Wired, state, reading.Probing)!;
                Assert.True(shown.Value is { } value && value >= reading.Low - 0.1 && value <= reading.High + 0.1, $"{group.Words}, {reading.Words}: {shown.Words}, {reading.Low} to {reading.High}");
            }
    }

    /// <summary>A lamp on the bench draws its watts within a tenth, evenly spread: 95 of 100 within 9.5 per cent, and the meter's own two.</summary>
    [Fact]
    public void A_lamp_on_the_bench_draws_its_watts_within_a_tenth()
    {
        var plan = Plan(Runs.Box(new BoxOutput("o1", 15, Slot: 1)));
        var bench = ReadingBands.Of(plan, Line, 12.0)!.Groups.Single(group => group.OnBench).Readings.Single();
        var amps = 12.0 / (12 * 12 / 60.0 + 0.012);
        Assert.InRange(bench.Value, amps * 0.985, amps * 1.005);
        Assert.InRange(bench.Low / bench.Value, 0.88, 0.92);
        Assert.InRange(bench.High / bench.Value, 1.08, 1.12);
    }

    [Fact]
    public void The_same_plan_reads_the_same_and_a_renamed_one_too()
    {
        var (_, readings) = Beam;
        var renamed = GoodRigs.Beam with { Lines = [.. GoodRigs.Beam.Lines.Select(line => line with { Name = "Another name" })], Fixtures = [.. GoodRigs.Beam.Fixtures.Select(lamp => lamp with { Name = "Another lamp" })] };
        var again = ReadingBands.Of(Plan(renamed), readings.Line, Measured)!;
        Assert.Equal(readings.Print, again.Print);
        Assert.Equal(readings.Groups.SelectMany(group => group.Readings).Select(reading => (reading.Key, reading.Low, reading.High)), again.Groups.SelectMany(group => group.Readings).Select(reading => (reading.Key, reading.Low, reading.High)));
    }

    [Fact]
    public void A_longer_wire_of_the_line_is_another_print_and_one_elsewhere_is_not()
    {
        var (plan, readings) = Beam;
        var study = plan.Study;
        string Print(Rig rig) => ReadingBands.Of(Plan(rig), readings.Line, Measured)!.Print;
        var feed = study.Runs.First(run => run.Run.To.StartsWith("k.", StringComparison.Ordinal)).Run.Id;
        Assert.NotEqual(readings.Print, Print(study.Wired with { Runs = [.. study.Wired.Runs.Select(run => run.Id == feed ? run with { LengthMetres = run.LengthMetres + 1 } : run)] }));
        Assert.Equal(readings.Print, Print(study.Wired with { Fixtures = [.. study.Wired.Fixtures, new Fixture("spare", "Spare", [new LampFunction("main", LampKind.Filament, 10)])] }));
    }

    [Theory]
    [InlineData(50, "V", false)]
    [InlineData(14.4, "V", true)]
    [InlineData(-12.6, "V", true)]
    [InlineData(500, "A", false)]
    [InlineData(8, "A", true)]
    [InlineData(-0.2, "Ω", false)]
    [InlineData(0.2, "Ω", true)]
    [InlineData(double.NaN, "V", false)]
    public void What_cannot_be_is_refused(double value, string unit, bool taken)
    {
        var reading = new ExpectedReading("one", "", new Probing(TesterSetting.Volts, "a", "b"), unit, 1, 0, 2);
        Assert.Equal(taken, ReadingJudge.Refuse(GoodRigs.Beam, reading, value).Length == 0);
    }

    [Theory]
    [InlineData(12.0, ReadingVerdict.AsExpected)]
    [InlineData(12.3, ReadingVerdict.AsExpected)]
    [InlineData(12.45, ReadingVerdict.MeasureAgain)]
    [InlineData(12.52, ReadingVerdict.NotPassed)]
    [InlineData(11.45, ReadingVerdict.NotPassed)]
    public void A_reading_is_judged_by_half_widths_of_its_band(double value, ReadingVerdict verdict) =>
        Assert.Equal(verdict, ReadingJudge.Verdict(new ExpectedReading("one", "", new Probing(TesterSetting.Volts, "a", "b"), "V", 12, 11.7, 12.3), value));

    /// <summary>What the faulty rig reads is not passed, and the fault is among what would read so.</summary>
    [Theory]
    [InlineData("earth-on-paint", "minus>battery.minus")]
    [InlineData("fuse-out", "left.plus>left.minus")]
    [InlineData("wire-pinched", "left.plus>left.minus")]
    [InlineData("lamp-half-dead", "clamp")]
    public void A_fault_is_among_what_would_read_so(string kind, string at)
    {
        var (plan, readings) = Beam;
        var study = plan.Study;
        var fault = FaultLibrary.Of(study.Wired, study.Names).First(fault => fault.Kind == kind && (kind != "wire-pinched" || fault.Part.Contains("left", StringComparison.Ordinal)));
        var group = readings.Groups.Single(group => group.Id == "on");
        var reading = group.Readings.First(reading => reading.Key.EndsWith(at, StringComparison.Ordinal));
        var state = RigRun.Of(study.Wired, study.Names, [new RunEvent.Breaks(0, [fault.Key]), new RunEvent.Turns(0, group.State)], 0.01).End;
        var judged = ReadingJudge.Judge(plan, readings, reading.Key, Meter.Read(study.Wired, state, reading.Probing)!.Value!.Value)!;
        Assert.Equal(ReadingVerdict.NotPassed, judged.Verdict);
        Assert.NotEmpty(judged.By);
        Assert.Contains(judged.Suspects, suspect => suspect.Key.StartsWith($"{kind}:", StringComparison.Ordinal));
    }

    /// <summary>Twenty things leave both lamps dark; the one that is found most is looked at first.</summary>
    [Fact]
    public void Where_many_faults_read_alike_the_most_frequent_is_first()
    {
        var (plan, readings) = Beam;
        var reading = readings.Groups.Single(group => group.Id == "on").Readings[0];
        Assert.Equal("fuse-out:f", ReadingJudge.Judge(plan, readings, reading.Key, 0.12)!.Suspects[0].Key);
    }

    /// <summary>Before anything is fitted: dead with every negative off, signals live with their switch alone, earths that carry.</summary>
    [Fact]
    public void The_vehicle_itself_has_its_hold_points()
    {
        var readings = ReadingBands.Of(Plan(GoodRigs.Beam), "vehicle", Measured)!;
        ExpectedReading At(string group) => readings.Groups.Single(one => one.Id == group).Readings[0];
        Assert.InRange(At("rest").Value, 12.5, 12.7);
        Assert.InRange(At("isolated").Value, -0.2, 0.2);
        Assert.InRange(At("HighBeam-off").Value, -0.2, 0.2);
        Assert.InRange(At("HighBeam-on").Value, 11.5, 12.7);
        Assert.All(readings.Groups.Single(one => one.Id == "earths").Readings, reading => Assert.InRange(reading.Value, -0.1, 0.1));
    }
}
