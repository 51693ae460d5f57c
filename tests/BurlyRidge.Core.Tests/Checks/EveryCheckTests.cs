using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Checks;

/// <summary>Every check on a rig that holds and on one that differs in one thing.</summary>
public class EveryCheckTests
{
    public static TheoryData<string> Cases => [.. Spoilt.All.Select(spoilt => spoilt.ToString())];

    private static Spoilt Find(string name) => Spoilt.All.Single(spoilt => spoilt.ToString() == name);

    private static List<Check> Judge(Rig rig)
    {
        Assert.Empty(RigValidation.Validate(rig));
        return [.. RigChecks.Judge(RigSubject.Of(rig))];
    }

    [Theory]
    [MemberData(nameof(Cases))]
    public void A_careful_rig_holds_and_a_spoilt_one_does_not(string name)
    {
        var spoilt = Find(name);
        Assert.All(Judge(spoilt.Good).Where(check => check.Id == spoilt.Check), check => Assert.True(check.Verdict == Verdict.Holds, check.Reason));
        var objections = Judge(spoilt.Bad).Where(check => check.Id == spoilt.Check && check.Verdict != Verdict.Holds).ToList();
        Assert.NotEmpty(objections);
        Assert.Equal(spoilt.Verdict, objections.Max(check => check.Verdict));
        Assert.All(objections, check =>
        {
            Assert.False(string.IsNullOrWhiteSpace(check.Reason) || string.IsNullOrWhiteSpace(check.Source) || string.IsNullOrWhiteSpace(check.Title));
            Assert.True(double.IsFinite(check.Figure) && double.IsFinite(check.Limit));
            Assert.True(check.Unit == "-" || FigureRules.ByUnit.ContainsKey(check.Unit) || FigureRules.Counted.Contains(check.Unit), check.Unit);
        });
    }

    [Theory]
    [MemberData(nameof(Cases))]
    public void Its_remedy_cures_it_and_breaks_nothing_that_held(string name)
    {
        var spoilt = Find(name);
        var before = Judge(spoilt.Bad);
        foreach (var check in before.Where(check => check.Id == spoilt.Check && check.Remedy is not null))
        {
            var after = Judge(check.Remedy!.Apply(spoilt.Bad));
            Assert.DoesNotContain(after, other => other.Id == check.Id && other.About == check.About && other.Verdict != Verdict.Holds);
            // A check that held everywhere still does.
            foreach (var held in before.GroupBy(other => other.Id).Where(group => group.All(other => other.Verdict == Verdict.Holds)))
                Assert.All(after.Where(other => other.Id == held.Key), other => Assert.True(other.Verdict == Verdict.Holds, $"{other.Id}: {other.Reason}"));
        }
    }

    [Fact]
    public void Every_check_has_a_rig_that_it_catches_and_its_sound_twin_and_stands_in_the_method()
    {
        Assert.Equal(RigChecks.Ids.Order(StringComparer.Ordinal), Spoilt.All.Select(spoilt => spoilt.Check).Distinct().Order(StringComparer.Ordinal));
        Assert.Equal(RigChecks.Ids.Count, RigChecks.Ids.Distinct().Count());
        var table = File.ReadAllText(Path.Combine(Repository.Root, "docs", "method.md")).Split("| id | asks |")[1].Split("\n\n")[0];
        Assert.Equal(RigChecks.Ids, [.. table.Split('\n').Skip(2).Select(row => row.Split('|')[1].Trim())]);
    }

    [Fact]
    public void Some_remedies_can_be_pressed() => Assert.True(Spoilt.All.Count(spoilt => Judge(spoilt.Bad).Any(check => check.Id == spoilt.Check && check.Remedy is not null)) >= 25);

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_shape_built_by_a_competent_fitter_ends_with_no_Stop(string name)
    {
        var shape = AllShapes.Competent.Single(shape => shape.Name == name);
        var assessment = Assessor.Assess(shape.Rig);
        Assert.Empty(assessment.Lines.SelectMany(line => line.Checks).Concat(assessment.Checks).Where(check => check.Verdict == Verdict.Stop).Select(check => $"{check.Id} {check.About}: {check.Reason}"));
        Assert.NotEmpty(assessment.Lines.Single().Checks);
    }
}
