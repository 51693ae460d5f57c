using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;

namespace BurlyRidge.Server.Tests;

/// <summary>The memory is shared by all servers of a process: nothing here counts on what it holds from before.</summary>
[Collection(nameof(AssessmentCacheTests)), CollectionDefinition(nameof(AssessmentCacheTests), DisableParallelization = true)]
public class AssessmentCacheTests
{
    private static Rig WithLine(string name, double watts = 60) => Rig.Empty(12, UnitSystem.Metric) with
    {
        Lines = [new Line("one", name) { Plan = new LinePlan([new LampSet(LampKind.RegulatedLed, 1, watts)], 3, ReturnPath.Wire, [Zone.Exterior], 105, Trigger.SwitchAlone) }],
    };

    private static Task<AssessedRig> OfAsync(Rig rig) => AssessmentCache.OfAsync(rig, TestContext.Current.CancellationToken);

    [Fact]
    public async Task The_same_rig_written_anew_is_not_assessed_again() =>
        Assert.Same(await OfAsync(WithLine("Same")), await OfAsync(WithLine("Same")));

    [Fact]
    public async Task Who_leaves_takes_nothing_from_who_stays()
    {
        using var leaving = new CancellationTokenSource();
        var rig = LargeRig.Row();
        var (first, second) = (AssessmentCache.OfAsync(rig, leaving.Token), OfAsync(rig));
        await leaving.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => first);
        Assert.Equal(rig.Lines.Count, (await second).Assessment.Lines.Count);
    }

    [Fact]
    public async Task What_nobody_waits_for_any_more_is_worked_out_anew_for_the_next()
    {
        using var leaving = new CancellationTokenSource();
        var rig = LargeRig.Row();
        var left = AssessmentCache.OfAsync(rig with { HouseRules = new HouseRules { LeftOnHours = 7 } }, leaving.Token);
        await leaving.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => left);
        Assert.Equal(rig.Lines.Count, (await OfAsync(rig with { HouseRules = new HouseRules { LeftOnHours = 7 } })).Assessment.Lines.Count);
    }

    [Fact]
    public async Task What_was_begun_is_what_is_asked_about_next()
    {
        AssessmentCache.Begin(WithLine("Begun"));
        var first = await OfAsync(WithLine("Begun"));
        Assert.Same(first, await OfAsync(WithLine("Begun")));
        AssessmentCache.Begin(WithLine("Begun"));
        Assert.Same(first, await OfAsync(WithLine("Begun")));
    }

    [Fact]
    public async Task A_rig_that_differs_in_one_figure_is_another()
    {
        var (less, more) = (await OfAsync(WithLine("Figure")), await OfAsync(WithLine("Figure", 61)));
        Assert.True(more.Assessment.Lines[0].Summary!.Amps > less.Assessment.Lines[0].Summary!.Amps);
    }

    [Fact]
    public async Task It_gives_what_assessing_gives_and_forgets_the_oldest()
    {
        var first = await OfAsync(WithLine("First"));
        for (var i = 0; i < 8; i++) await OfAsync(WithLine($"Other {i}"));
        var again = await OfAsync(WithLine("First"));
        Assert.NotSame(first, again);
        Assert.Equal(Assessor.Assess(WithLine("First")).Tally, again.Assessment.Tally);
        Assert.Contains(again.Assessment.Lines[0].Assessment!.Ladder, rung => rung.Cost > 0);
    }

    [Fact]
    public async Task Who_asks_at_the_same_time_gets_the_same_answer()
    {
        var rig = WithLine("Together");
        var answers = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => OfAsync(rig)));
        Assert.Single(answers.Distinct(ReferenceEqualityComparer.Instance));
    }
}
