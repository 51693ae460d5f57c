using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Checks;

/// <summary>A Watch taken as it is: it stays listed, counts no more, and comes back when its figures change.</summary>
public class AcceptanceTests
{
    private static readonly Rig Hot = Spoilt.All.First(spoilt => spoilt.Check == "terminal-heat").Bad;

    private static IEnumerable<Check> All(Rig rig)
    {
        var assessment = Assessor.Assess(rig);
        return assessment.Lines.SelectMany(line => line.Checks).Concat(assessment.Checks);
    }

    private static Check Watch(Rig rig) => All(rig).First(check => check.Id == "terminal-heat" && check.Verdict == Verdict.Watch);

    private static Rig Accepted(Rig rig, Check check) =>
        Assert.IsType<EditOutcome.Done>(new AcceptWatch(check.Id, "Spare, seldom on", "Ana", check.About, check.LineId).Run(new EditContext(rig))).Rig;

    [Fact]
    public void It_stays_listed_with_reason_and_name_and_counts_no_more()
    {
        var check = Watch(Hot);
        var rig = Accepted(Hot, check);
        Assert.Empty(RigValidation.Validate(rig));
        var again = Watch(rig);
        Assert.Equal(new Acceptance("Spare, seldom on", "Ana"), again.Accepted);
        var (before, after) = (Assessor.Assess(Hot), Assessor.Assess(rig));
        Assert.Equal(before.Tally with { Watch = before.Tally.Watch - 1 }, after.Tally);
        var done = Assert.IsType<EditOutcome.Done>(new WithdrawAcceptance(check.Id, check.About, check.LineId).Run(new EditContext(rig)));
        Assert.Equal(before.Tally, Assessor.Assess(done.Rig).Tally);
        Assert.IsType<EditOutcome.NotPossible>(new WithdrawAcceptance(check.Id, check.About, check.LineId).Run(new EditContext(Hot)));
    }

    [Fact]
    public void A_line_whose_only_Watch_is_accepted_holds()
    {
        var rig = All(Hot).Where(check => check is { Verdict: Verdict.Watch }).Aggregate(Hot, Accepted);
        Assert.All(Assessor.Assess(rig).Lines, line => Assert.Equal(Verdict.Holds, line.Verdict));
    }

    [Fact]
    public void It_comes_back_when_its_figure_is_another_and_not_when_the_job_counts_in_feet()
    {
        var check = Watch(Hot);
        var rig = Accepted(Hot, check);
        var feet = rig with { HouseRules = rig.HouseRules with { Units = BurlyRidge.Core.Wording.UnitSystem.Imperial } };
        Assert.NotNull(Watch(feet).Accepted);
        var hotter = rig with { HouseRules = rig.HouseRules with { ZoneCelsius = rig.HouseRules.ZoneCelsius with { EngineBay = rig.HouseRules.ZoneCelsius.EngineBay + 2 } } };
        Assert.Null(Watch(hotter).Accepted);
        // What is accepted anew drops what has changed: the old figure is not accepted when it returns.
        var anew = Accepted(hotter, Watch(hotter));
        Assert.Single(anew.Accepted);
    }

    [Fact]
    public void A_Stop_what_holds_and_what_has_no_reason_is_not_accepted()
    {
        var stop = Spoilt.All.First(spoilt => spoilt.Verdict == Verdict.Stop);
        var check = All(stop.Bad).First(check => check.Verdict == Verdict.Stop);
        Assert.IsType<EditOutcome.NotPossible>(new AcceptWatch(check.Id, "Why not", "Ana", check.About, check.LineId).Run(new EditContext(stop.Bad)));
        Assert.IsType<EditOutcome.NotPossible>(new AcceptWatch("drop", "Why not", "Ana", "nobody").Run(new EditContext(Hot)));
        var problems = Assert.IsType<EditOutcome.Refused>(new AcceptWatch("terminal-heat", " ", "").Run(new EditContext(Hot))).Problems;
        Assert.Equal(["reason", "by"], problems.Select(problem => problem.Path));
    }
}
