using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Commissioning.Diagnosing;

/// <summary>What is wrong with a line, found by the readings that tell most. Whole proofs: DiagnosisProofs.</summary>
public class DiagnosisTests
{
    private const string Line = "line";

    /// <summary>Every so many faults of a shape are looked for; all of them in the whole proof.</summary>
    private const int Every = 9;

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    private static (CommissioningPlan Plan, DiagnosisTables Tables) Of(string name)
    {
        var plan = new CommissioningPlan(RigStudy.Of(AllShapes.Competent.Single(shape => shape.Name == name).Rig));
        return (plan, DiagnosisTables.Of(plan, Line)!);
    }

    private static readonly Lazy<(CommissioningPlan Plan, DiagnosisTables Tables)> KnownBar = new(() => Of("one bar on its own harness, earth on the body"));

    private static (CommissioningPlan Plan, DiagnosisTables Tables) Bar => KnownBar.Value;

    /// <summary>Common practice, no source, but for the bounds, which the whole proof holds of all faults together.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void What_is_wrong_stays_among_what_is_left(string shape)
    {
        var (plan, tables) = Of(shape);
        var hunts = tables.FaultKeys.Where((_, i) => i % Every == 0).Select((key, i) => Finder.Of(plan, tables, key, (ulong)(500 + i))).ToList();
        Assert.True(hunts.Count(hunt => !hunt.Kept) <= 1, string.Join(", ", hunts.Where(hunt => !hunt.Kept).Select(hunt => $"{hunt.Fault} {hunt.View.Words}")));
        Assert.InRange(hunts.Select(hunt => hunt.Readings).Order().ElementAt(hunts.Count / 2), 0, 8);
    }

    /// <summary>The tables solve a piece of the rig for each fault; the vehicle, all of it: a short anywhere takes from the battery of all.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void Looks_alone_rule_out_no_fault_that_is_there(string shape)
    {
        var (plan, tables) = Of(shape);
        var stands = Finder.Report(tables, Evidence.Nothing).Stands;
        Assert.Empty(tables.FaultKeys.Where((key, i) => !Diagnosis.Of(tables, Evidence.Nothing with { Seen = Finder.Looks(new DrawnVehicle(plan, [key], (ulong)(i + 1)), stands) }).Keeps(key)));
    }

    /// <summary>What a fault moves most, read on a vehicle that is solved whole: what is read speaks hardly ever against the fault that makes it.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void Readings_alone_rule_out_no_fault_that_is_there(string shape)
    {
        var (plan, tables) = Of(shape);
        var stands = Finder.Report(tables, Evidence.Nothing).Stands;
        // By the volts of a flat battery a relay may stand either way; a short before any fuse is as strong as the earths allow.
        var lost = tables.FaultKeys.Where((key, i) =>
        {
            var vehicle = new DrawnVehicle(plan, [key], (ulong)(i + 1));
            Finder.Looks(vehicle, stands);
            var read = tables.Moved(key).Take(MostRead).Select(place =>
            {
                vehicle.Stand(place.Standing.State, place.Standing.Out);
                return new ReadHere(place.Standing.Id, place.Probing, vehicle.Read(place.Probing)!.Value);
            });
            return !Diagnosis.Of(tables, Evidence.Nothing with { Read = [.. read] }).Keeps(key);
        }).ToList();
        Assert.True(lost.Count <= 1, string.Join(", ", lost));
    }

    private const int MostRead = 8;

    [Theory]
    [MemberData(nameof(Shapes))]
    public void What_stands_alike_is_one_way_of_standing(string shape)
    {
        var stands = Of(shape).Tables.Standings;
        Assert.Distinct(stands.Select(stand => $"{stand.Words}, {string.Join(' ', stand.Out)}"));
        Assert.All(stands, stand => Assert.Distinct(stand.Probes.Select(probe => probe.Probing)));
    }

    /// <summary>Off, and on but for the switch, stand alike: what was read in either is known.</summary>
    [Fact]
    public void Readings_of_every_group_of_the_plan_are_known()
    {
        var groups = ReadingBands.Of(Bar.Plan, Line, null)!.Groups.Where(group => !group.OnBench && group.Id != "unplugged").ToList();
        Assert.True(groups.Count > Bar.Tables.Standings.Count);
        var taken = groups.SelectMany(group => group.Readings).Select(reading => new TakenReading(reading.Key, reading.Words, 1, reading.Unit, DateTimeOffset.UnixEpoch, "")).ToList();
        Assert.Equal(taken.Count, Bar.Tables.Commissioned(taken).Count());
    }

    [Theory]
    [InlineData("fuse-out:f")]
    [InlineData("plug-open:plug")]
    [InlineData("relay-stuck-open:k")]
    [InlineData("earth-off:e")]
    [InlineData("wire-open:plug-b--bar-plus")]
    public void A_fault_is_found_by_the_advice_alone(string fault)
    {
        var hunt = Finder.Of(Bar.Plan, Bar.Tables, fault, 3);
        Assert.Equal((DiagnosisStage.Found, 1), (hunt.View.Stage, hunt.Place));
        Assert.InRange(hunt.Readings, 1, 8);
        Assert.NotEmpty(hunt.View.Left[0].LookAt);
    }

    /// <summary>A reading of 12.6 V for 0, or the other way round: misread, or the probe on another terminal.</summary>
    [Theory]
    [InlineData("plug-open:plug", 1)]
    [InlineData("plug-open:plug", 2)]
    [InlineData("earth-off:e", 2)]
    [InlineData("relay-stuck-open:k", 1)]
    public void One_wrong_reading_does_not_throw_out_the_truth(string fault, int wrong)
    {
        var hunt = Finder.Of(Bar.Plan, Bar.Tables, fault, 5, (number, value) => number != wrong ? value : Math.Abs(value) > 6 ? 0 : 12.6);
        Assert.True(hunt.Kept, hunt.View.Words);
    }

    [Fact]
    public void A_wrong_reading_taken_back_leaves_what_there_was_before()
    {
        var evidence = Finder.Of(Bar.Plan, Bar.Tables, "plug-open:plug", 5).Evidence;
        var before = Finder.Report(Bar.Tables, evidence with { Read = [.. evidence.Read.SkipLast(1)] });
        var wrong = evidence with { Read = [.. evidence.Read.SkipLast(1), evidence.Read[^1] with { Value = 7 }] };
        CommissioningEvent[] search =
        [
            .. wrong.Read.Select(read => new CommissioningEvent.Probed(Line, read.Stand, read.Probing, read.Value)),
            new CommissioningEvent.Forgotten(Line, wrong.Read[^1].Stand, wrong.Read[^1].Probing),
        ];
        var record = CommissioningRecord.Of(search.Select(what => (DateTimeOffset.UnixEpoch, "", what))).Searches[Line];
        Assert.Equal(before.Left.Select(cause => (cause.Key, cause.Share)), Finder.Report(Bar.Tables, evidence with { Read = record.Read }).Left.Select(cause => (cause.Key, cause.Share)));
    }

    /// <summary>Everything dark and nothing after the main fuse: it is out, nearly always. It is in, and the wire before it is off.</summary>
    [Fact]
    public void What_was_looked_into_and_not_found_is_not_named_again()
    {
        var (plan, tables) = Of("fifteen pods fed at one end");
        const string Fault = "wire-open:battery-plus--main-in";
        var before = Finder.Of(plan, tables, Fault, 4);
        Assert.Equal((DiagnosisStage.Found, "fuse-out:main"), (before.View.Stage, before.View.Left[0].Key));
        var view = Finder.Report(tables, before.Evidence with { LookedInto = before.View.Left[0].Keys });
        Assert.Equal(DiagnosisStage.Open, view.Stage);
        Assert.NotEmpty(view.Next);
        Assert.Equal(before.View.Left[0].Keys, view.LookedInto.Select(one => one.Key));
        var after = Finder.Of(plan, tables, Fault, 4, lookInto: true);
        Assert.Contains(Fault, after.View.Left[0].Keys);
        Assert.InRange(after.Readings, before.Readings + 1, 8);
    }

    [Fact]
    public void What_was_looked_into_can_be_taken_back()
    {
        var log = new CommissioningEvent[] { new CommissioningEvent.LookedInto(Line, ["fuse-out:f", "plug-open:plug"]), new CommissioningEvent.LookedInto(Line, ["fuse-out:f"], Slip: true) };
        IReadOnlyList<string> After(int events) => CommissioningRecord.Of(log.Take(events).Select(what => (DateTimeOffset.UnixEpoch, "", what))).Searches[Line].LookedInto;
        Assert.Equal(["fuse-out:f", "plug-open:plug"], After(1));
        Assert.Equal(["plug-open:plug"], After(2));
        Assert.NotEmpty(new CommissioningEvent.LookedInto(Line, []).Validate());
    }

    /// <summary>Common practice, no source: selectivity, the smaller fuse clears a short behind it.</summary>
    [Fact]
    public void A_short_behind_the_fuse_of_a_lamp_leaves_the_main_fuse_whole()
    {
        var (plan, tables) = Of("power box with panel, ignition sense, lamps, locker and compressor");
        var vehicle = new DrawnVehicle(plan, ["wire-chafed:left-plus--right-plus"], 8);
        var stands = Finder.Report(tables, Evidence.Nothing).Stands;
        Finder.Looks(vehicle, stands);
        var on = stands.First(stand => stand.Id == "on");
        vehicle.Stand(on.State, on.Out);
        Assert.InRange(vehicle.Read(new Probing(TesterSetting.Volts, "main.out", "battery.minus"))!.Value, 11, 13.5);
        Assert.Equal((LampSeen.Lit, LampSeen.Dark), (vehicle.Look("bar.main"), vehicle.Look("left.main")));
    }

    [Fact]
    public void What_was_found_begins_the_next_search_anew()
    {
        var log = new CommissioningEvent[] { new CommissioningEvent.Looked(Line, "on", [new LampLook("bar.main", LampSeen.Dark)]), new CommissioningEvent.CannotReach(Line, "k"), new CommissioningEvent.FaultFound(Line, "fuse-out:f") };
        var after = CommissioningRecord.Of(log.Select(what => (DateTimeOffset.UnixEpoch, "", what))).Searches[Line];
        Assert.Empty(after.Seen);
        Assert.Empty(after.Beyond);
        Assert.Single(CommissioningRecord.Of(log.Take(2).Select(what => (DateTimeOffset.UnixEpoch, "", what))).Searches[Line].Beyond, "k");
    }

    [Fact]
    public void What_cannot_be_reached_is_asked_for_no_more()
    {
        var hunt = Finder.Of(Bar.Plan, Bar.Tables, "plug-open:plug", 4, cannotReach: ["plug"]);
        Assert.DoesNotContain(hunt.Evidence.Read, read => read.Probing.Red.StartsWith("plug.", StringComparison.Ordinal) || read.Probing.Black.StartsWith("plug.", StringComparison.Ordinal));
        Assert.True(hunt.Place > 0);
    }

    /// <summary>Two wires off at once: no single fault makes the coil dead and the lamp's own side open.</summary>
    [Fact]
    public void Two_faults_at_once_are_told_as_two()
    {
        var vehicle = new DrawnVehicle(Bar.Plan, ["wire-open:k-85--ec", "plug-open:plug"], 2);
        var stands = Finder.Report(Bar.Tables, Evidence.Nothing).Stands;
        var on = stands.First(stand => stand.Id == "on");
        var seen = Finder.Looks(vehicle, stands);
        vehicle.Stand(on.State, on.Out);
        ReadHere Read(string red, string black) => new("on", new Probing(TesterSetting.Volts, red, black), vehicle.Read(new Probing(TesterSetting.Volts, red, black))!.Value);
        var view = Finder.Report(Bar.Tables, Evidence.Nothing with { Seen = seen, Read = [Read("k.86", "battery.minus"), Read("k.85", "battery.minus"), Read("k.87", "battery.minus"), Read("ec", "battery.minus"), Read("k.30", "k.87")] });
        Assert.Contains(view.Left, cause => cause.Key.Contains("k-85", StringComparison.Ordinal) || cause.Key.Contains("wire-open", StringComparison.Ordinal));
    }

    [Fact]
    public void What_cannot_be_explained_is_said_with_what_would_explain_it()
    {
        // A lit bar, and volts before it that no wiring of this line makes.
        var seen = Finder.Looks(new DrawnVehicle(Bar.Plan, [], 1), Finder.Report(Bar.Tables, Evidence.Nothing).Stands);
        ReadHere Read(string red, double volts) => new("on", new Probing(TesterSetting.Volts, red, "battery.minus"), volts);
        var view = Finder.Report(Bar.Tables, Evidence.Nothing with { Seen = seen, Read = [Read("k.30", 5.5), Read("f.out", 12.6), Read("k.86", 9), Read("bar.plus", 2.5), Read("f.in", 7)] });
        Assert.Contains(view.Stage, new[] { DiagnosisStage.NothingFits, DiagnosisStage.TwoFaults });
        Assert.Contains(view.Taken, taken => !taken.Fits);
    }

    [Fact]
    public void The_shops_own_counts_take_over()
    {
        var assumed = FaultOdds.Assumed;
        var own = FaultOdds.Of(new Dictionary<string, int> { ["lamp-dead"] = 60, ["no-such-kind"] = 5 });
        Assert.Equal(60, own.Found);
        Assert.True(assumed.Share("fuse-out") > 10 * assumed.Share("lamp-dead"));
        Assert.True(own.Share("lamp-dead") > own.Share("fuse-out"));
        Assert.Equal(1, FaultLibrary.Kinds.Sum(own.Share), 9);
        var (seen, _) = (Finder.Looks(new DrawnVehicle(Bar.Plan, ["lamp-dead:bar.main"], 1), Finder.Report(Bar.Tables, Evidence.Nothing).Stands), 0);
        Assert.Equal("fuse-out:f", Finder.Report(Bar.Tables, Evidence.Nothing with { Seen = seen }).Left[0].Key);
        Assert.Equal("lamp-dead:bar.main", Finder.Report(Bar.Tables, Evidence.Nothing with { Seen = seen, Odds = own }).Left[0].Key);
    }

    [Fact]
    public void A_part_that_the_log_has_as_open_is_likelier()
    {
        double Share(params string[] open) => Finder.Report(Bar.Tables, Evidence.Nothing with { Open = open }).Left.First(cause => cause.Keys.Contains("plug-open:plug")).Share;
        Assert.True(Share("plug") > 3 * Share());
    }

    [Fact]
    public void The_same_evidence_gives_the_same_answer()
    {
        var evidence = Finder.Of(Bar.Plan, Bar.Tables, "earth-off:e", 7).Evidence;
        var again = DiagnosisTables.Of(new CommissioningPlan(RigStudy.Of(AllShapes.Competent[0].Rig)), Line)!;
        Assert.Equal(Finder.Report(Bar.Tables, evidence).Left.Select(cause => (cause.Key, cause.Share)), Finder.Report(again, evidence).Left.Select(cause => (cause.Key, cause.Share)));
    }
}
