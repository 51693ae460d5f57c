using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>The order of the work, for every shape of wiring and both ways of isolation.</summary>
public class SheetTests
{
    public static TheoryData<string, IsolationSchool> Shapes
    {
        get
        {
            var rows = new TheoryData<string, IsolationSchool>();
            foreach (var name in SheetRigs.Names)
                foreach (var school in Enum.GetValues<IsolationSchool>()) rows.Add(name, school);
            return rows;
        }
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_step_comes_after_all_that_it_depends_on(string shape, IsolationSchool school)
    {
        var (_, steps) = SheetRigs.Of(shape, school);
        var at = steps.Select((step, i) => (step.Id, i)).ToDictionary(pair => pair.Id, pair => pair.i);
        Assert.All(steps, step => Assert.All(step.After, before => Assert.True(at.TryGetValue(before, out var there) && there < at[step.Id], $"{before} before {step.Id}")));
        Assert.All(steps, step => Assert.False(step.Title.Length == 0 || step.Why.Length == 0));
        Assert.All(steps.SelectMany(step => step.Leaves), open => Assert.All(open.Until, end => Assert.Contains(end, at.Keys)));
        Assert.All(steps, step => Assert.True(step.EndedBy.Length == 0 || at[step.EndedBy] > at[step.Id], step.Id));
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_cover_comes_off_once_and_goes_back_once_in_the_reverse_order(string shape, IsolationSchool school)
    {
        var (_, steps) = SheetRigs.Of(shape, school);
        string[] Way(string way) => [.. steps.Where(step => step.Id.StartsWith($"cover-{way}-", StringComparison.Ordinal)).Select(step => step.Id[$"cover-{way}-".Length..])];
        Assert.Equal(Way("off"), Way("on").Reverse());
        Assert.Distinct(Way("off"));
        foreach (var cover in Way("off"))
        {
            var back = steps.ToList().FindIndex(step => step.Id == $"cover-on-{cover}");
            Assert.DoesNotContain(steps.Skip(back), step => step.After.Contains($"cover-off-{cover}") && step.Id != $"cover-on-{cover}" && step.Stage != Stage.HandOver);
        }
    }

    /// <summary>Isolated before a tool is taken up; live after the last joint, and nothing is made off after it.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void The_act_that_makes_it_live_comes_after_every_joint(string shape, IsolationSchool school)
    {
        var (rig, steps) = SheetRigs.Of(shape, school);
        var order = steps.ToList();
        Stage[] work = [Stage.Fix, Stage.Earth, Stage.Lay, Stage.Join, Stage.Feed, Stage.JoinInside, Stage.Settings];
        var live = order.FindIndex(step => step.Id.StartsWith("on-", StringComparison.Ordinal) || step.Id.StartsWith("in-", StringComparison.Ordinal));
        Assert.True(live >= 0);
        Assert.True(order.FindLastIndex(step => work.Contains(step.Stage) || step.Id.StartsWith("join-", StringComparison.Ordinal)) < live);
        Assert.True(order.FindLastIndex(step => step.Stage == Stage.Isolate) < order.FindIndex(step => work.Contains(step.Stage)));
        Assert.True(order.FindIndex(step => step.Stage == Stage.Test) is var test && (test < 0 || test > live));
        // The earth of a line goes on before its plus.
        var plus = order.FindIndex(step => step.Stage == Stage.Live && step.Id.StartsWith("join-", StringComparison.Ordinal));
        if (plus >= 0) Assert.True(order.FindLastIndex(step => rig.Earths.Any(earth => step.Id == $"join-{earth.Id}")) < plus);
        if (school == IsolationSchool.FuseOut)
        {
            Assert.DoesNotContain(steps, step => step.Hold == Hold.BatteryIsolated);
            Assert.Contains(steps, step => step.Hold == Hold.FuseOut);
            return;
        }
        Assert.Equal(rig.Vehicle.Batteries.Select(battery => $"off-{battery.Id}"), steps.Where(step => step.Stage == Stage.Isolate).Select(step => step.Id));
        Assert.Equal(rig.Vehicle.Batteries.Reverse().Select(battery => $"on-{battery.Id}"), steps.Where(step => step.Id.StartsWith("on-", StringComparison.Ordinal)).Select(step => step.Id));
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void All_that_the_plan_has_is_done_once(string shape, IsolationSchool school)
    {
        var (rig, steps) = SheetRigs.Of(shape, school);
        Assert.Distinct(steps.Select(step => step.Id));
        foreach (var run in rig.Runs.Where(run => !run.Given || run.Kit is not null)) Assert.Single(steps, step => step.Stage == Stage.Lay && step.About.Contains(run.Id));
        foreach (var lamp in rig.Fixtures)
            foreach (var way in new[] { "bench-", "mount-", "tighten-", "aim-" }) Assert.Single(steps, step => step.Id.StartsWith(way, StringComparison.Ordinal) && step.Stage != Stage.Try && step.About.Contains(lamp.Id));
        foreach (var earth in rig.Earths.Where(earth => earth.Kind == EarthKind.Stud)) Assert.Single(steps, step => step.Id == $"bare-{earth.Id}" && step.Hold == Hold.EarthBared);
        foreach (var joint in rig.Joints.Where(joint => joint.PickUp is not null)) Assert.Single(steps, step => step.About.Contains(joint.Id) && step.Hold == Hold.SignalProven);
        foreach (var box in rig.PowerBoxes) Assert.Single(steps, step => step.Id == $"set-{box.Id}");
        foreach (var line in rig.Lines.Where(line => line.Lights.Count > 0)) Assert.Single(steps, step => step.Id == $"test-{line.Id}" && step.Hold == Hold.DarkWithoutTrigger);
        var ends = CutList.Of(AssessedRig.Of(rig)).Endings.SelectMany(end => end.Wires.Select(wire => $"{end.At}/{wire}")).Order();
        Assert.Equal(ends, steps.Where(step => step.Id.StartsWith("join-", StringComparison.Ordinal)).SelectMany(step => step.Facts).Select(fact => fact.Key).Order());
    }

    /// <summary>The register has a row for each end of each wire that is laid, and for nothing else.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void Each_end_of_each_wire_is_in_the_register_once(string shape, IsolationSchool school)
    {
        var (rig, steps) = SheetRigs.Of(shape, school);
        var ends = steps.SelectMany(step => step.Ends).Select(end => (end.At, end.Wire)).ToList();
        Assert.Distinct(ends);
        var runs = rig.Runs.ToDictionary(run => run.Id, run => run.Ends().ToList());
        Assert.All(ends, end => Assert.Contains(end.At, runs[end.Wire]));
        var laid = steps.Where(step => step.Stage == Stage.Lay).SelectMany(step => step.About).Distinct();
        Assert.All(laid, wire => Assert.Contains(ends, end => end.Wire == wire));
    }

    /// <summary>A signal is proven before its wire is opened, with what the network has it at.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_wire_of_the_vehicle_is_proven_before_anything_is_joined_to_it(string shape, IsolationSchool school)
    {
        var (rig, steps) = SheetRigs.Of(shape, school);
        var at = steps.Select((step, i) => (step.Id, i)).ToDictionary(pair => pair.Id, pair => pair.i);
        var signals = VehicleSignal.All(rig.Vehicle).ToDictionary(signal => signal.Name);
        foreach (var run in rig.Runs)
            foreach (var (end, other) in new[] { (run.From, run.To), (run.To, run.From) })
            {
                if (!signals.TryGetValue(TerminalIndex.Split(end).Part, out var signal)) continue;
                var joint = TerminalIndex.Split(other).Part;
                var proof = Assert.Single(steps, step => step.Hold == Hold.SignalProven && step.About.Contains(rig.Joints.Any(one => one.Id == joint && one.PickUp is not null) ? joint : signal.Name));
                if (at.TryGetValue($"join-{joint}", out var made)) Assert.True(at[proof.Id] < made);
                Assert.Equal(2, proof.Asks.Count(ask => ask is { Kind: AskKind.Reading, Expected: not null }));
                Assert.NotEqual("", proof.Window);
            }
        Assert.All(steps.Where(step => step.Window.Length > 0 && step.Hold == Hold.WindowOpens), open =>
            Assert.Contains(open.Leaves, standing => standing.Kind == StandingKind.Live && standing.Until.Contains(open.EndedBy)));
    }

    /// <summary>Every hold point is there where the shape needs it, with something to be answered, and nowhere else.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void Hold_points_stand_where_they_are_needed(string shape, IsolationSchool school)
    {
        var (rig, steps) = SheetRigs.Of(shape, school);
        bool Has(Hold hold) => steps.Any(step => step.Hold == hold);
        var vehicle = rig.AllParts().Where(part => part is VehicleSignal or FuseSlot or IgnitionFeed or TrailerPin { Carries: not null }).Select(part => part.Id).ToHashSet();
        var crossing = steps.Any(step => step.Id.StartsWith("feed-", StringComparison.Ordinal));
        var expected = new Dictionary<Hold, bool>
        {
            [Hold.BatteryIsolated] = school == IsolationSchool.BatteryOff,
            [Hold.FuseOut] = school == IsolationSchool.FuseOut,
            [Hold.SignalProven] = rig.Runs.SelectMany(run => run.Ends()).Any(end => vehicle.Contains(TerminalIndex.Split(end).Part)),
            [Hold.EarthBared] = rig.Earths.Any(earth => earth.Kind == EarthKind.Stud),
            [Hold.OfferedUp] = rig.Fixtures.Count > 0,
            [Hold.JointsProven] = true,
            [Hold.NothingLiveUncapped] = true,
            [Hold.DarkWithoutTrigger] = true,
            [Hold.SlotsPressed] = rig.PowerBoxes.Any(box => box.Outputs.Any(output => output.WorkedBy == WorkedBy.Slot)),
            [Hold.SlackOutside] = crossing,
            [Hold.HoleWatertight] = crossing,
            [Hold.AllBack] = steps.Any(step => step.Stage == Stage.StripDown),
            [Hold.BonnetCloses] = rig.Body is not null,
        };
        Assert.All(expected, pair => Assert.True(pair.Value == Has(pair.Key), $"{pair.Key}"));
        Assert.All(steps.Where(step => step.Hold is not null), step => Assert.NotEmpty(step.Asks));
    }

    /// <summary>Together they take what the task table says, whatever the plan; a cover that is off for five lines costs what it costs for one.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void They_take_as_long_as_the_task_table_says(string shape, IsolationSchool school)
    {
        var (rig, steps) = SheetRigs.Of(shape, school);
        var assessed = AssessedRig.Of(rig);
        Assert.Equal(WorkMinutes.Of(assessed, CutList.Of(assessed)).Sum(work => work.Minutes), steps.Sum(step => step.Minutes), 6);
    }

    /// <summary>Stripping down for all lines at once takes no longer than for each by itself.</summary>
    [Fact]
    public void Strip_down_takes_no_longer_than_line_by_line()
    {
        var both = PlacedRigs.WithPlan(PlacedRigs.WithPlan(PlacedRigs.Bar, "left-pods", "grille"), "right-pods", "bumper");
        static double Covers(Rig rig) => Sheet.Of(AssessedRig.Of(rig)).Where(step => step.Stage is Stage.StripDown or Stage.Refit && step.Task is WorkTask.Cover or WorkTask.LooseCover).Sum(step => step.Minutes);
        var apart = both.Lines.Sum(line => Covers(both with { Lines = [line], Fixtures = line.Plan is null ? both.Fixtures : [], Runs = line.Plan is null ? both.Runs : [] }));
        Assert.InRange(Covers(both), 0, apart);
    }

    [Fact]
    public void A_rig_without_lines_has_no_steps() => Assert.Empty(Sheet.Of(AssessedRig.Of(Rig.Empty(12, Core.Wording.UnitSystem.Metric))));

    /// <summary>In a recess nobody gets at a plug once the lamp is set; elsewhere lamps are tight before wires are laid.</summary>
    [Theory]
    [InlineData(null, false)]
    [InlineData(120.0, true)]
    public void A_plug_that_is_out_of_reach_afterwards_is_joined_before_the_lamp_is_tight(double? depth, bool joinedFirst)
    {
        var rig = PlacedRigs.Bar;
        rig = rig with { Body = rig.Body! with { Mounts = [.. rig.Body.Mounts.Select(mount => mount.Id == "roof-bar" ? mount with { DepthMillimetres = depth } : mount)] } };
        var ids = Work.Steps(rig).Select(step => step.Id).ToList();
        var tight = ids.FindIndex(id => id.StartsWith("tighten-", StringComparison.Ordinal));
        Assert.Equal(joinedFirst, ids.IndexOf("join-plug") < tight);
        Assert.Equal(joinedFirst, ids.FindIndex(id => id.StartsWith("lay-", StringComparison.Ordinal)) < tight);
        Assert.True(ids.FindIndex(id => id.StartsWith("mount-", StringComparison.Ordinal)) < ids.IndexOf("join-plug"));
    }

    /// <summary>What goes through the bulkhead is fed after the rest was tried, and joined in the cabin after that.</summary>
    [Fact]
    public void Lamps_and_joints_are_tried_before_a_lead_goes_through_the_bulkhead()
    {
        var (_, steps) = SheetRigs.Of("placed", IsolationSchool.BatteryOff);
        var ids = steps.Select(step => step.Id).ToList();
        Assert.Contains("window-try-open", ids);
        var feed = ids.FindIndex(id => id.StartsWith("feed-", StringComparison.Ordinal));
        Assert.True(ids.IndexOf("window-try-close") < feed);
        Assert.True(feed < ids.IndexOf("join-s"));
        Assert.True(ids.IndexOf("join-k") < ids.IndexOf("window-try-open"));
        Assert.Contains(steps, step => step.Hold == Hold.HoleWatertight);
        Assert.All(steps.Where(step => step.Window == "try"), step => Assert.InRange(ids.IndexOf(step.Id), ids.IndexOf("window-try-open"), ids.IndexOf("window-try-close")));
    }
}
