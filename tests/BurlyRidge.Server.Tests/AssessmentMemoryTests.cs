using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;

namespace BurlyRidge.Server.Tests;

/// <summary>The memory is shared by all servers of a process: nothing here counts on what it holds from before.</summary>
[Collection(nameof(AssessmentMemoryTests)), CollectionDefinition(nameof(AssessmentMemoryTests), DisableParallelization = true)]
public class AssessmentMemoryTests
{
    private static Rig WithLine(string name, double watts = 60) => Rig.Empty(12, UnitSystem.Metric) with
    {
        Lines = [new Line("one", name) { Plan = new LinePlan([new LampSet(LampKind.RegulatedLed, 1, watts)], 3, ReturnPath.Wire, [Zone.Exterior], 105, Trigger.SwitchAlone) }],
    };

    [Fact]
    public void The_same_rig_written_anew_is_not_assessed_again() =>
        Assert.Same(AssessmentMemory.Of(WithLine("Same")), AssessmentMemory.Of(WithLine("Same")));

    [Fact]
    public void A_rig_that_differs_in_one_figure_is_another()
    {
        var (less, more) = (AssessmentMemory.Of(WithLine("Figure")), AssessmentMemory.Of(WithLine("Figure", 61)));
        Assert.True(more.Assessment.Lines[0].Summary!.Amps > less.Assessment.Lines[0].Summary!.Amps);
    }

    [Fact]
    public void It_gives_what_assessing_gives_and_forgets_the_oldest()
    {
        var first = AssessmentMemory.Of(WithLine("First"));
        for (var i = 0; i < 8; i++) AssessmentMemory.Of(WithLine($"Other {i}"));
        var again = AssessmentMemory.Of(WithLine("First"));
        Assert.NotSame(first, again);
        Assert.Equal(Assessor.Assess(WithLine("First")).Tally, again.Assessment.Tally);
        Assert.Contains(again.Assessment.Lines[0].Assessment!.Ladder, rung => rung.Cost > 0);
    }

    [Fact]
    public async Task Who_asks_at_the_same_time_gets_the_same_answer()
    {
        var rig = WithLine("Together");
        var answers = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => Task.Run(() => AssessmentMemory.Of(rig))));
        Assert.Single(answers.Distinct(ReferenceEqualityComparer.Instance));
    }
}
