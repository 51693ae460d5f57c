using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>What came of all that happened at a vehicle.</summary>
public class RecordTests
{
    private static readonly DateTimeOffset Eight = new(2026, 11, 2, 8, 0, 0, TimeSpan.FromHours(1));

    private static SheetRecord Fold(params (double Minute, SheetEvent What)[] happened) =>
        SheetRecord.Of(happened.Select((one, i) => new Logged(i + 1, Eight.AddMinutes(one.Minute), "Fitter", one.What)));

    [Fact]
    public void A_step_takes_as_long_as_it_was_worked_on_pauses_left_out()
    {
        var record = Fold((0, new SheetEvent.Started("a")), (10, new SheetEvent.Paused("rain")), (200, new SheetEvent.Resumed()), (205, new SheetEvent.Started("b")), (215, new SheetEvent.Started("a")), (220, new SheetEvent.Done("a")), (230, new SheetEvent.Done("c")), (900, new SheetEvent.Done("d")), (910, new SheetEvent.Paused()), (915, new SheetEvent.Done("e")));
        Assert.Equal(20, record.Done["a"].Minutes!.Value, 9);
        Assert.Equal(10, record.Done["c"].Minutes!.Value, 9);
        Assert.Null(record.Done["d"].Minutes); // overnight, the pause forgotten
        Assert.Null(record.Done["e"].Minutes);
        Assert.Null(record.Paused);
    }

    [Fact]
    public void A_pause_stays_until_the_work_goes_on()
    {
        var record = Fold((0, new SheetEvent.Started("a")), (5, new SheetEvent.Paused("part on order")));
        Assert.Equal(("a", "part on order"), (record.Now, record.Paused));
        Assert.Equal(Eight.AddMinutes(5), record.Last);
    }

    /// <summary>What was done out of reach of the server counts from when it was done; a clock that cannot be right does not.</summary>
    [Theory]
    [InlineData(-90, 30)]
    [InlineData(500, 120)]
    [InlineData(-500, 120)]
    public void A_clock_that_cannot_be_right_is_not_believed(int offset, double minutes)
    {
        var record = Fold((0, new SheetEvent.Started("a")), (120, new SheetEvent.Done("a") { When = Eight.AddMinutes(120 + offset) }));
        Assert.Equal(minutes, record.Done["a"].Minutes!.Value, 9);
    }

    /// <summary>Who goes to lunch with a cover half on sees that when they come back; before it can be begun nothing hangs.</summary>
    [Fact]
    public void A_cover_that_was_begun_hangs_on_some_of_its_fasteners_until_it_is_done()
    {
        const string cover = "cover-on-glove-box";
        var steps = Work.Steps(PlacedRigs.Bar);
        var work = new Work();
        work.Add(new SheetEvent.Started(cover));
        Assert.DoesNotContain(Progress.Of(steps, work.Record).Open, open => open.Kind == StandingKind.OneBolt);
        foreach (var step in steps.TakeWhile(step => step.Id != cover)) work.Do(step);
        Assert.Equal(cover, Assert.Single(Progress.Of(steps, work.Record).Open, open => open.Kind == StandingKind.OneBolt).At);
        work.Do(steps.First(step => step.Id == cover));
        Assert.DoesNotContain(Progress.Of(steps, work.Record).Open, open => open.Kind == StandingKind.OneBolt);
    }

    [Fact]
    public void A_photo_of_a_finding_is_kept_with_it()
    {
        var record = Fold((0, new SheetEvent.Photographed("a", "lamp-1", "p1")), (1, new SheetEvent.Found(new Finding(FindingKind.EarlierWork, "Old tap"))), (2, new SheetEvent.Photographed("", "Old tap", "p2")));
        Assert.Equal(["p2"], Assert.Single(record.Findings).Photos);
        Assert.Equal("p1", Assert.Single(record.Notes["a"]).Photo);
    }

    [Fact]
    public void A_count_at_refit_that_differs_holds_the_step()
    {
        var rig = PlacedRigs.Bar;
        var steps = Work.Steps(rig);
        var work = new Work();
        foreach (var step in steps.TakeWhile(step => step.Id != "cover-on-glove-box"))
            work.Add(new SheetEvent.Done(step.Id) { Answers = step.Id == "cover-off-glove-box" ? [new Answer("fasteners", Number: 9)] : [] }.Of(step));
        IReadOnlyList<Problem> Judge(params Answer[] answers) => SheetView.Judge(steps, work.Record, new SheetEvent.Done("cover-on-glove-box") { Answers = answers }, "Fitter", secondName: false);
        Assert.Contains("answers[0].number", Judge(new Answer("fasteners", Number: 8)).Select(problem => problem.Path));
        Assert.Empty(Judge(new Answer("fasteners", Number: 9)));
        Assert.Empty(Judge(new Answer("fasteners", Number: 8, Because: "one broke, none in stock")));
        Assert.Contains("answers.fasteners.number", Judge().Select(problem => problem.Path));
        Assert.Contains("answers[1].key", Judge(new Answer("fasteners", Number: 9), new Answer("clips", Number: 1)).Select(problem => problem.Path));
    }

    /// <summary>What is logged kind by kind is the count: at strip-down and at refit.</summary>
    [Fact]
    public void Fasteners_that_were_logged_have_to_come_back()
    {
        var steps = Work.Steps(PlacedRigs.Bar);
        var work = Work.UpTo(PlacedRigs.Bar, "off-battery");
        work.Add(new SheetEvent.Fasteners("cover-off-glove-box", 5, "screws"));
        work.Add(new SheetEvent.Fasteners("cover-off-glove-box", 2, "clips") { Broke = 1, Plastic = true });
        IReadOnlyList<Problem> Judge(string step, double count) => SheetView.Judge(steps, work.Record, new SheetEvent.Done(step) { Answers = [new Answer("fasteners", Number: count)] }, "Fitter", secondName: false);
        Assert.NotEmpty(Judge("cover-off-glove-box", 6));
        Assert.Empty(Judge("cover-off-glove-box", 7));
        foreach (var step in steps.Where(step => step.Id != "cover-off-glove-box" && work.Record.Done.ContainsKey(step.Id) == false).TakeWhile(step => step.Id != "cover-on-glove-box").Prepend(steps.First(step => step.Id == "cover-off-glove-box"))) work.Do(step);
        Assert.Equal(["answers[0].number"], Judge("cover-on-glove-box", 6).Select(problem => problem.Path));
        Assert.Empty(Judge("cover-on-glove-box", 7));
    }

    [Fact]
    public void A_step_is_not_ticked_before_those_that_it_needs()
    {
        var steps = Work.Steps(PlacedRigs.Bar);
        var found = SheetView.Judge(steps, SheetRecord.Nothing, new SheetEvent.Done("join-k") { Answers = [new Answer("pulled", Number: 4), new Answer("pins", Yes: true)] }, "Fitter", secondName: false);
        Assert.Equal("step", Assert.Single(found).Path);
    }

    /// <summary>One pair of eyes is not two.</summary>
    [Theory]
    [InlineData("", false)]
    [InlineData(" fitter ", false)]
    [InlineData("Apprentice", true)]
    public void Where_the_shop_asks_for_a_second_name_a_hold_needs_one(string second, bool passes)
    {
        var steps = Work.Steps(PlacedRigs.Bar);
        var work = Work.UpTo(PlacedRigs.Bar, "bench-line");
        var found = SheetView.Judge(steps, work.Record, new SheetEvent.Done("off-battery") { Answers = [new Answer("volts", Number: 0.1), new Answer("tied", Yes: true)], Second = second }, "Fitter", secondName: true);
        Assert.Equal(passes, found.Count == 0);
    }

    [Fact]
    public void The_register_keeps_the_last_that_was_said_of_an_end()
    {
        var record = Fold((0, new SheetEvent.Registered("k.87", "red")), (1, new SheetEvent.Registered("k.87", "orange") { Note = "left of two in the tap" }), (2, new SheetEvent.Registered("plug.a", "red")));
        Assert.Equal([("plug.a", "red"), ("k.87", "orange")], record.Register.Select(wire => (wire.At, wire.Colour)).OrderByDescending(wire => wire.At));
    }

    [Fact]
    public void Work_that_was_not_begun_has_a_first_step_and_a_forecast()
    {
        var view = SheetView.Of(AssessedRig.Of(PlacedRigs.Bar), SheetRecord.Nothing);
        Assert.Equal("bench-line", view.Next);
        Assert.Null(view.Last);
        Assert.True(view.Forecast.From < view.Forecast.Likely && view.Forecast.Likely < view.Forecast.To);
        Assert.Equal(view.Steps.Count, view.Stages.Sum(stage => stage.All));
    }
}
