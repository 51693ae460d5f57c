using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>The way back to standard, for every shape of wiring and both ways of isolation.</summary>
public class PuttingBackTests
{
    public static TheoryData<string, IsolationSchool> Shapes => SheetTests.Shapes;

    [Theory]
    [MemberData(nameof(Shapes))]
    public void All_that_was_fitted_comes_off_while_it_is_dead(string shape, IsolationSchool school)
    {
        var rig = JobStart.ToStandard(SheetRigs.Of(shape, school).Rig);
        var assessed = AssessedRig.Of(rig);
        var (steps, wired) = (Sheet.Of(assessed).ToList(), assessed.Study.Wired);
        Assert.Equal(steps.Select(step => step.Id), Sheet.Back(assessed).Select(step => step.Id));
        var taken = steps.Where(step => step.Stage == Stage.TakeOff).SelectMany(step => step.About).ToHashSet();
        Assert.All(wired.Fixtures, lamp => Assert.Contains(lamp.Id, taken));
        Assert.All(wired.Relays, relay => Assert.Contains(relay.Id, taken));
        Assert.All(wired.Earths.Where(earth => earth.Kind == EarthKind.Stud), earth => Assert.Contains(earth.Id, taken));
        Assert.All(wired.Joints.Where(joint => joint.PickUp is not null), joint => Assert.Contains(joint.Id, taken));
        Assert.All(wired.Runs.Where(run => !(run.Given && run.Kit is null)), run => Assert.Contains(run.Id, taken));
        int At(Func<SheetStep, bool> of) => steps.FindIndex(step => of(step));
        var (dead, first, last) = (At(step => step.Stage == Stage.Isolate), At(step => step.Stage == Stage.TakeOff), steps.FindLastIndex(step => step.Stage == Stage.TakeOff));
        Assert.InRange(dead, 0, first - 1);
        Assert.True(At(step => step.Stage == Stage.Live) > last, "live after the last comes off");
        Assert.Equal("try-own", steps[^2].Id);
        // What is opened is closed again.
        Assert.All(steps.Where(step => step.Id.StartsWith("cover-off-", StringComparison.Ordinal)), cover => Assert.Contains(steps, step => step.Id == cover.EndedBy));
    }

    /// <summary>A vehicle that comes back has nothing to be fitted again, and its slots, leads and studs are taken.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_vehicle_that_comes_back_knows_what_is_on_it(string shape, IsolationSchool school)
    {
        var rig = SheetRigs.Of(shape, school).Rig;
        var again = JobStart.Again(rig);
        Assert.DoesNotContain(Sheet.Of(AssessedRig.Of(again)), step => step.Stage is Stage.Mount or Stage.Lay);
        Assert.Equal(rig.Runs, again.Runs);
        Assert.Equal(rig.Earths, again.Earths);
        Assert.All(again.Lines, line => Assert.True(line.Existing));
    }
}
