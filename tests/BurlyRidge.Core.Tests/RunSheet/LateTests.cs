using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>A lamp on order does not keep the rest waiting where it can go in afterwards.</summary>
public class LateTests
{
    private const string Mount = "mount-line-roof-bar";
    private static readonly Rig Bar = PlacedRigs.Bar;

    private static SheetView Look(Rig rig, Work work) => SheetView.Of(AssessedRig.Of(rig), work.Record);

    private static void Finish(Rig rig, Work work)
    {
        var steps = SheetView.StepsOf(AssessedRig.Of(rig), work.Record).ToDictionary(step => step.Id);
        for (var i = 0; i < 3 * steps.Count && Look(rig, work) is { Next.Length: > 0 } view; i++) work.Do(steps[view.Next]);
    }

    [Fact]
    public void Covers_go_back_and_the_lamp_is_fitted_when_it_comes()
    {
        var work = new Work();
        work.Add(new SheetEvent.Waits(Mount, WaitFor.Part, "2026-12-09"));
        Finish(Bar, work);
        var view = Look(Bar, work);
        Assert.All(view.Steps.Where(card => card.Step.Stage is Stage.Refit or Stage.Live), card => Assert.Equal(StepState.Done, card.State));
        var late = view.Steps.Single(card => card.Step.Stage == Stage.Late);
        Assert.Equal("2026-12-09", late.Wait?.Until);
        Assert.Equal(StepState.ToDo, view.Steps.Single(card => card.Step.Id == "hand-over").State);
        Assert.Contains(view.Steps.Single(card => card.Step.Id == "caps").Step.How, words => words.Contains("Bar", StringComparison.Ordinal));
        work.Add(new SheetEvent.Came(Mount));
        var here = Look(Bar, work).Steps.ToDictionary(card => card.Step.Id);
        Assert.Equal(StepState.ToDo, here[Mount].State);
        Assert.Equal(StepState.Again, here["off-battery"].State);
        Assert.Equal(StepState.Done, here["fix-k"].State);
        Assert.Equal(StepState.Done, here["water-grommet-right"].State);
        Finish(Bar, work);
        Assert.All(Look(Bar, work).Steps, card => Assert.Equal(StepState.Done, card.State));
    }

    /// <summary>A lamp behind a cover keeps that off.</summary>
    [Fact]
    public void A_lamp_behind_a_cover_is_waited_for()
    {
        var behind = Bar with { Body = Bar.Body! with { Mounts = [.. Bar.Body.Mounts.Select(mount => mount.Id == "roof-bar" ? mount with { Covers = [new Cover("Roof trim")] } : mount)] } };
        var work = new Work();
        work.Add(new SheetEvent.Waits(Mount, WaitFor.Part));
        Finish(behind, work);
        var view = Look(behind, work);
        Assert.DoesNotContain(view.Steps, card => card.Step.Stage == Stage.Late);
        Assert.Equal(StepState.ToDo, view.Steps.Single(card => card.Step.Id == "cover-on-roof-trim").State);
        Assert.Contains(view.Open, open => open.Kind == StandingKind.CoverOff);
    }

    /// <summary>Something else can be done while one waits, by a second person as well.</summary>
    [Fact]
    public void What_can_be_done_now_is_offered()
    {
        var work = Work.UpTo(Bar, "reach");
        var view = Look(Bar, work);
        Assert.NotEqual("", view.Next);
        Assert.NotEqual("", view.Beside);
        Assert.NotEqual(view.Next, view.Beside);
        work.Add(new SheetEvent.Waits(view.Next, WaitFor.Curing));
        Assert.NotEqual(view.Next, Look(Bar, work).Next);
        Assert.InRange(view.ByTwo, 0.5, 1);
    }
}
