using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>How far the work is, and what a later plan makes of what was done.</summary>
public class ProgressTests
{
    private const string Last = "hand-over";
    private static readonly Rig Bar = PlacedRigs.Bar;

    /// <summary>Whatever the rig, steps can be done in the order in which they are offered; then all is done and nothing stands open.</summary>
    [Theory]
    [MemberData(nameof(SheetTests.Shapes), MemberType = typeof(SheetTests))]
    public void Work_done_in_the_order_offered_comes_to_its_end(string shape, IsolationSchool school)
    {
        var rig = SheetRigs.Named(shape);
        rig = rig with { HouseRules = rig.HouseRules with { Isolation = school } };
        var work = new Work();
        var did = work.Finish(rig);
        Assert.Equal(Work.Steps(rig).Select(step => step.Id).Order(), did.Order());
        var progress = work.On(rig);
        Assert.All(progress.Steps, step => Assert.Equal(StepState.Done, step.State));
        Assert.Empty(progress.Open);
        Assert.Equal("", progress.Window);
    }

    [Fact]
    public void What_stands_open_is_said_until_it_is_closed()
    {
        var work = Work.UpTo(Bar, "lay-line-battery-roof-front");
        var open = work.On(Bar).Open.Select(standing => standing.Kind).ToList();
        Assert.Contains(StandingKind.BatteryOff, open);
        Assert.Contains(StandingKind.LooseEnds, open);
        Assert.DoesNotContain(StandingKind.FingerTight, open);
        Assert.Contains(StandingKind.FingerTight, Work.UpTo(Bar, "mount-line-roof-bar").On(Bar).Open.Select(standing => standing.Kind));
        Assert.Contains(StandingKind.NotFixed, Work.UpTo(Bar, "hold-battery").On(Bar).Open.Select(standing => standing.Kind));
    }

    /// <summary>While it is live for a while no other step can be begun.</summary>
    [Fact]
    public void In_a_time_in_which_it_is_live_no_other_step_is_begun()
    {
        var open = Work.UpTo(Bar, "window-try-open").On(Bar);
        Assert.Equal("try", open.Window);
        Assert.Equal(StandingKind.Live, open.Open[0].Kind);
        Assert.All(open.Steps.Where(step => step.Ready), step => Assert.Equal("try", step.Step.Window));
        var closed = Work.UpTo(Bar, "window-try-close").On(Bar);
        Assert.Equal("", closed.Window);
        Assert.DoesNotContain(closed.Open, standing => standing.Kind is StandingKind.Live or StandingKind.LiveEnd);
    }

    private static readonly string[] DeadAgain = ["off-battery", "caps", "on-battery"];

    /// <summary>What a change of the plan makes to be done again or taken back; what it does not touch stays done.</summary>
    private static void Changed(Rig before, Rig after, string[] again, string[] undo, string[] untouched, string upTo = Last)
    {
        var work = Work.UpTo(before, upTo);
        var progress = work.On(after);
        var state = progress.Steps.ToDictionary(step => step.Step.Id);
        Assert.All(again, id => Assert.True(state[id].State == StepState.Again, $"{id} is {state[id].State}; again: {string.Join(", ", state.Values.Where(step => step.State != StepState.Done).Select(step => $"{step.Step.Id} {step.State}"))}"));
        Assert.Equal(undo.Order(), state.Values.Where(step => step.State == StepState.Undo).Select(step => step.Step.Id).Order());
        Assert.All(untouched, id => Assert.True(state[id].State == StepState.Done, $"{id} is {state[id].State}"));
        Assert.All(state.Values.Where(step => step.State == StepState.Undo), step => Assert.NotEmpty(step.Changes));
        work.Finish(after);
        var end = work.On(after);
        Assert.All(end.Steps, step => Assert.Equal(StepState.Done, step.State));
        Assert.Empty(end.Open);
    }

    [Fact]
    public void A_lamp_exchanged_after_it_was_mounted_is_mounted_again() => Changed(
        Bar, Bar with { Fixtures = [Bar.Fixtures[0] with { Functions = [Bar.Fixtures[0].Functions[0] with { Watts = 90 }] }] },
        ["bench-line", "mount-line-roof-bar", "offer-up", "tighten-line-roof-bar", "aim-line-roof-bar", "test-line", "dark-line", .. DeadAgain], [],
        ["fix-k", "fix-f", "bare-e", "reach", "lay-line-battery-roof-front", "join-k", "water-grommet-right"]);

    [Fact]
    public void A_wire_thicker_after_it_was_laid_is_laid_again_and_its_ends_made_again()
    {
        var after = Bar.WithRun(Bar.Runs.First(run => run.To == "plug.a").Id, run => run with { Wire = "10 AWG" });
        Changed(Bar, after, ["lay-line-battery-roof-front", "join-k", "join-plug", "tidy", "test-line", .. DeadAgain], [], ["mount-line-roof-bar", "fix-k", "bare-e", "join-ec", "join-s", "water-grommet-right"]);
        var laid = Work.UpTo(Bar, Last).On(after).Steps.First(step => step.Step.Id == "lay-line-battery-roof-front");
        var change = Assert.Single(laid.Changes);
        Assert.Contains("12 AWG", change.Was, StringComparison.Ordinal);
        Assert.Contains("10 AWG", change.Now, StringComparison.Ordinal);
        Assert.NotEqual("", laid.First);
    }

    [Theory]
    [InlineData(IsolationSchool.BatteryOff, "fix-f")]
    [InlineData(IsolationSchool.FuseOut, "in-f")]
    public void A_fuse_smaller_after_it_is_in_is_exchanged(IsolationSchool school, string step)
    {
        var before = Bar with { HouseRules = Bar.HouseRules with { Isolation = school } };
        var after = before with { Protection = [.. before.Protection.Select(device => device.Id == "f" ? device with { Fuse = device.Fuse with { RatingAmps = 10 } } : device)] };
        Changed(before, after, [step], [], ["mount-line-roof-bar", "lay-line-battery-roof-front", "bare-e", "water-grommet-right"]);
    }

    [Fact]
    public void A_line_removed_when_it_is_wired_is_taken_out_and_the_rest_is_left()
    {
        var both = Two("grille-slot");
        var progress = Work.UpTo(both, Last).On(Bar);
        var undo = progress.Steps.Where(step => step.State == StepState.Undo).Select(step => step.Step.Id).ToList();
        Assert.Contains("undo-mount-pods-grille-slot", undo);
        Assert.Contains(undo, id => id.StartsWith("undo-fix-", StringComparison.Ordinal));
        Assert.Contains(undo, id => id.StartsWith("undo-join-", StringComparison.Ordinal));
        // Last in, first out.
        Assert.True(undo.FindIndex(id => id.StartsWith("undo-join-", StringComparison.Ordinal)) < undo.IndexOf("undo-mount-pods-grille-slot"));
        foreach (var id in new[] { "mount-line-roof-bar", "fix-k", "bare-e", "join-e", "join-plug", "test-line", "water-grommet-right" }) Assert.Equal(StepState.Done, progress.Steps.First(step => step.Step.Id == id).State);
        var work = Work.UpTo(both, Last);
        work.Finish(Bar);
        Assert.All(work.On(Bar).Steps, step => Assert.Equal(StepState.Done, step.State));
    }

    private static Rig Two(string mount) => PlacedRigs.WithPlan(Behind(Bar, mount), "pods", mount);

    /// <summary>A mount that lies behind the grille.</summary>
    private static Rig Behind(Rig rig, string mount) => rig with
    {
        Body = rig.Body! with { Mounts = [.. rig.Body.Mounts.Select(one => one.Id == mount ? one with { Covers = [new Cover("Grille") { Fasteners = 8, FastenerKind = "clips", Unplugged = ["Camera"] }] } : one)] },
    };

    [Fact]
    public void A_line_added_behind_a_cover_that_is_back_on_has_it_off_again()
    {
        var (before, after) = (Behind(Bar, "grille-slot"), Two("grille-slot"));
        // The cover comes off for it alone, or was off before for another line as well.
        Assert.DoesNotContain(Work.Steps(before), step => step.Id == "cover-off-grille");
        var early = PlacedRigs.WithPlan(before, "early", "grille-slot");
        var progress = Work.UpTo(early, Last).On(PlacedRigs.WithPlan(early, "late", "grille-slot"));
        foreach (var id in new[] { "cover-off-grille", "cover-on-grille", "off-battery", "on-battery" }) Assert.Equal(StepState.Again, progress.Steps.First(step => step.Step.Id == id).State);
        Assert.Equal(StepState.ToDo, progress.Steps.First(step => step.Step.Id == "bench-late").State);
        foreach (var id in new[] { "fix-k", "bare-e", "test-early", "test-line" }) Assert.Equal(StepState.Done, progress.Steps.First(step => step.Step.Id == id).State);
        Changed(before, after, [.. DeadAgain], [], ["mount-line-roof-bar", "fix-k", "bare-e", "test-line", "water-grommet-right"]);
    }

    [Fact]
    public void A_route_moved_after_its_hole_was_drilled_closes_the_hole_and_makes_the_other()
    {
        var bare = Bar with { Body = Bar.Body! with { Stations = [.. Bar.Body.Stations.Select(station => station.Kind == StationKind.Grommet ? station with { Edge = HoleEdge.Bare } : station)] } };
        var hole = Work.Steps(bare).First(step => step.Id.StartsWith("drill-", StringComparison.Ordinal)).Id["drill-".Length..];
        var other = bare.Body!.Stations.First(station => station.Kind == StationKind.Grommet && station.Id != hole).Id;
        var after = bare with { Body = bare.Body with { Stations = [.. bare.Body.Stations.Select(station => station.Id == hole ? station with { HoleMillimetres = 0.5 } : station)] } };
        Assert.Contains(Work.Steps(after), step => step.Id == $"feed-{other}");
        Changed(bare, after, [.. DeadAgain], [$"undo-drill-{hole}", $"undo-feed-{hole}"], ["mount-line-roof-bar", "fix-k", "bare-e"]);
    }

    [Fact]
    public void A_relay_moved_after_it_was_bolted_is_fixed_again_and_its_wires_laid_again()
    {
        var after = PlacedRigs.Move(Bar, "k", "bay-left");
        var progress = Work.UpTo(Bar, Last).On(after);
        Assert.Equal(StepState.Again, progress.Steps.First(step => step.Step.Id == "fix-k").State);
        var laid = progress.Steps.First(step => step.Step.Id == "lay-line-battery-roof-front");
        Assert.Equal((StepState.Again, ""), (laid.State, Assert.Single(laid.Changes).Now));
        Assert.Equal(StepState.Done, progress.Steps.First(step => step.Step.Id == "mount-line-roof-bar").State);
        Assert.Equal(StepState.Done, progress.Steps.First(step => step.Step.Id == "bare-e").State);
        var work = Work.UpTo(Bar, Last);
        work.Finish(after);
        Assert.All(work.On(after).Steps, step => Assert.Equal(StepState.Done, step.State));
    }

    [Fact]
    public void An_output_changed_after_it_was_labelled_is_set_pressed_and_labelled_again()
    {
        var box = SheetRigs.Named("power box with panel, ignition sense, lamps, locker and compressor");
        var after = box with { PowerBoxes = [box.PowerBoxes[0] with { Outputs = [.. box.PowerBoxes[0].Outputs.Select(output => output.Id == "o2" ? output with { Legend = "Side", Mode = OutputMode.Momentary } : output)] }] };
        Changed(box, after, ["set-box", "labels", "press-box", .. DeadAgain], [], ["fix-box", "join-box", "bare-e", "test-line"]);
    }

    [Fact]
    public void An_earth_moved_after_it_was_bared_has_its_old_spot_sealed()
    {
        var after = PlacedRigs.Move(Bar, "e", "bay-left");
        Assert.NotEqual("", Work.UpTo(Bar, Last).On(after).Steps.First(step => step.Step.Id == "bare-e").First);
        Changed(Bar, after, ["bare-e", "lay-line-battery-roof-front", .. DeadAgain], [], ["mount-line-roof-bar", "fix-k", "bare-ec", "join-plug", "water-grommet-right"]);
    }

    [Fact]
    public void A_trigger_changed_after_its_pick_up_was_made_is_proven_and_made_again()
    {
        var beam = GoodRigs.Beam with
        {
            Joints = [new Joint("tap", JointKind.Solder) { PickUp = new PickUp() }],
            Runs = [.. GoodRigs.Beam.Runs.Where(run => run.From != "highBeam.plus"), Sketch.Run("highBeam.plus", "tap.a", 0.2, "16 AWG"), Sketch.Run("tap.b", "s.in", 1.5, "16 AWG")],
        };
        var signal = beam.Runs.First(run => run.From == "highBeam.plus").Id;
        var after = (beam with { Vehicle = beam.Vehicle with { LowBeam = new SignalLamp { Watts = 110 } } }).WithRun(signal, run => run with { From = "lowBeam.plus" });
        Changed(beam, after, ["prove-tap", "join-tap", "caps", "on-battery"], [], ["mount-line", "fix-k", "fix-f", "bare-e", "join-k"]);
    }

    /// <summary>A tick that is taken back is to be done again, and what was ticked by an earlier plan and is gone is not lost.</summary>
    [Fact]
    public void A_tick_can_be_taken_back()
    {
        var work = Work.UpTo(Bar, "reach");
        work.Add(new SheetEvent.Reopened("reach", "two leads are short"));
        Assert.Equal(StepState.ToDo, work.On(Bar).Steps.First(step => step.Step.Id == "reach").State);
        Assert.Equal("two leads are short", Assert.Single(work.Record.Notes["reach"]).Text);
    }
}
