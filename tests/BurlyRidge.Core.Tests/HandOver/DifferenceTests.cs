using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Tests.RunSheet;

namespace BurlyRidge.Core.Tests.HandOver;

/// <summary>What is otherwise on the vehicle, and how it comes into the plan.</summary>
public class DifferenceTests
{
    private static readonly Rig Plan = SheetRigs.Of("one bar on its own harness, earth on the body", IsolationSchool.BatteryOff).Rig;

    private static readonly Run Wire = Plan.Runs[0] with { Lay = null };

    private static readonly Rig Straight = Plan.WithRun(Wire.Id, _ => Wire with { Colour = "red" });

    private static IReadOnlyList<Difference> Of(Rig rig, IEnumerable<SheetEvent> happened, IEnumerable<HandOverEvent>? written = null) =>
        Difference.Of(AssessedRig.Of(rig), Packs.Record(happened), HandOverRecord.Of((written ?? []).Select((what, i) => (i + 1, DateTimeOffset.UnixEpoch, what))));

    private static Rig Done(Rig rig, params BuiltSo[] built) => Assert.IsType<EditOutcome.Done>(new TakeAsBuilt(built).Run(new EditContext(rig))).Rig;

    [Fact]
    public void Nothing_differs_while_nothing_was_written_down() => Assert.Empty(Of(Straight, []));

    [Fact]
    public void Taken_into_the_plan_each_is_gone()
    {
        SheetEvent[] happened = [new SheetEvent.Otherwise(Wire.Id) { Metres = Wire.LengthMetres + 0.4, Colour = "blue", Note = "round the strut" }];
        var found = Of(Straight, happened);
        Assert.Equal([DifferenceKind.Length, DifferenceKind.Colour], found.Select(one => one.Kind));
        Assert.All(found, one => Assert.True(one.Open && one.Note == "round the strut"));
        var taken = Done(Straight, [.. found.Select(one => one.Take!)]);
        Assert.Equal((Wire.LengthMetres + 0.4, "blue"), (taken.Runs[0].LengthMetres, taken.Runs[0].Colour));
        Assert.Empty(Of(taken, happened));
    }

    /// <summary>A length that follows from lanes stays beside the one that was measured.</summary>
    [Fact]
    public void A_laid_wire_keeps_its_route()
    {
        var rig = Straight.WithRun(Wire.Id, run => run with { Lay = new Lay { Through = [] } });
        Assert.Equal(3.3, Done(rig, new BuiltSo(Wire.Id) { Metres = 3.3 }).Runs[0].Lay!.MeasuredMetres);
    }

    [Fact]
    public void A_colour_of_the_register_is_a_difference_once_no_end_has_the_planned_one()
    {
        SheetEvent.Registered At(string end, string colour) => new(end, colour) { Wire = Wire.Id };
        Assert.Empty(Of(Straight, [At(Wire.From, "red"), At(Wire.To, "grey")]));
        Assert.Equal("grey", Assert.Single(Of(Straight, [At(Wire.From, "grey")])).Built);
    }

    [Fact]
    public void A_reason_settles_it_until_it_is_otherwise_again()
    {
        SheetEvent[] happened = [new SheetEvent.Otherwise(Wire.Id) { Note = "tied to the left" }];
        var key = Assert.Single(Of(Straight, happened)).Key;
        HandOverEvent[] settled = [new HandOverEvent.Settled(key, "away from the exhaust")];
        Assert.False(Assert.Single(Of(Straight, happened, settled)).Open);
        Assert.True(Assert.Single(Of(Straight, [new SheetEvent.Otherwise(Wire.Id) { Note = "tied to the right" }], settled)).Open);
    }

    [Theory]
    [InlineData("no-such", 1.0, "built[0].about")]
    [InlineData(null, 0.0, "built[0].metres")]
    [InlineData(null, 101.0, "built[0].metres")]
    public void What_cannot_be_is_refused_by_its_field(string? about, double metres, string field) =>
        Assert.Contains(field, Assert.IsType<EditOutcome.Refused>(new TakeAsBuilt([new BuiltSo(about ?? Wire.Id) { Metres = metres }]).Run(new EditContext(Straight))).Problems.Select(problem => problem.Path));

    /// <summary>Hold points, lines and differences each keep a vehicle; done, measured and settled, none does.</summary>
    [Fact]
    public void Obstacles_go_as_they_are_cleared()
    {
        var assessed = AssessedRig.Of(Straight);
        var plan = new CommissioningPlan(assessed.Study);
        IReadOnlyList<Obstacle> Left(SheetRecord record, CommissioningRecord measured, IReadOnlyList<Difference> differences) => Obstacle.Of(assessed, SheetView.Of(assessed, record), CommissioningView.LinesOf(plan, measured), differences);
        var first = Left(SheetRecord.Nothing, CommissioningRecord.Nothing, []);
        Assert.Equal(Sheet.Of(assessed).Count(step => step.Hold is not null), first.Count(one => one.Kind == ObstacleKind.HoldPoint));
        Assert.Contains(first, one => one.Kind == ObstacleKind.Line);
        var done = Packs.Record(Sheet.Of(assessed).Select(step => new SheetEvent.Done(step.Id).Of(step)));
        string[] lines = [ReadingPlanLine, .. Straight.Lines.Select(line => line.Id)];
        var measured = CommissioningRecord.Of(lines.Select(line => (DateTimeOffset.UnixEpoch, "Ana", (CommissioningEvent)new CommissioningEvent.Passed(line) { Print = ReadingBands.AsPlanned(plan, line).Print })));
        Assert.DoesNotContain(Left(done, measured, []), one => one.Kind is ObstacleKind.HoldPoint or ObstacleKind.Line);
        var difference = Of(Straight, [new SheetEvent.Otherwise(Wire.Id) { Colour = "blue" }]);
        Assert.Contains(Left(done, measured, difference), one => one.Kind == ObstacleKind.Difference);
        Assert.Contains(Left(done, CommissioningRecord.Of([(DateTimeOffset.UnixEpoch, "Ana", new CommissioningEvent.Passed(lines[1]) { Print = "of another plan" })]), []), one => one.Kind == ObstacleKind.Line && one.Words.Contains("changed since", StringComparison.Ordinal));
    }

    private const string ReadingPlanLine = "vehicle";
}
