using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Templates;

namespace BurlyRidge.Core.Tests.Altering;

/// <summary>A line a second time.</summary>
public class LineCopyTests
{
    private static Rig Started(string id, bool placed)
    {
        var (rig, request) = LineTemplatesTests.Ask(id, placed);
        return LineTemplates.Build(rig, request).Rig;
    }

    [Theory]
    [MemberData(nameof(LineTemplatesTests.All), MemberType = typeof(LineTemplatesTests))]
    public void It_is_valid_has_lamps_of_its_own_and_goes_again(string id, bool placed)
    {
        var rig = Started(id, placed);
        var copied = LineCopy.Of(rig, rig.Lines[0].Id, "Second")!;
        Assert.Empty(RigValidation.Validate(copied.Rig).Select(problem => $"{problem}"));
        var (line, copy) = (copied.Rig.Lines[0], copied.Rig.Lines[1]);
        Assert.Equal((copied.LineId, "Second", line.Lights.Count), (copy.Id, copy.Name, copy.Lights.Count));
        Assert.Empty(line.Lights.Intersect(copy.Lights));
        Assert.Equal(copied.Rig.AllParts().Select(part => PartNames.Of(copied.Rig)[part.Id]).Distinct().Count(), copied.Rig.AllParts().Select(part => part.Id).Distinct().Count());
        var back = LineRemoval.Of(copied.Rig, copied.LineId)!.Rig;
        Assert.Equal(rig.AllParts().Select(part => part.Id).Order(), back.AllParts().Select(part => part.Id).Order());
        Assert.Equal(rig.Runs.Select(run => run.Id).Order(), back.Runs.Select(run => run.Id).Order());
    }

    /// <summary>A harness of its own shares nothing but the battery: by itself the copy does what the line does.</summary>
    [Theory]
    [InlineData("own-harness")]
    [InlineData("beam-pair")]
    [InlineData("rear-relay")]
    public void By_itself_it_behaves_as_the_line_that_it_was_copied_from(string id)
    {
        var rig = Started(id, placed: false);
        var copied = LineCopy.Of(rig, rig.Lines[0].Id, "Second")!.Rig;
        var (line, copy) = (Assessor.Assess(rig).Lines[0], Assessor.Assess(copied with { Lines = [copied.Lines[1]] }).Lines[0]);
        Assert.Equal(line.Summary!.Amps, copy.Summary!.Amps, 0.02 * line.Summary.Amps);
        Assert.Equal(line.Verdict, copy.Verdict);
    }

    [Fact]
    public void A_quick_plan_is_copied_as_one_and_names_are_free()
    {
        var rig = Rig.Empty(12, Core.Wording.UnitSystem.Metric) with { Lines = [new Line("bar", "Bar", Make.Line(60, 3)) { Note = "Owner's own lamp" }] };
        var once = Assert.IsType<EditOutcome.Done>(new CopyLine("bar").Run(new EditContext(rig)));
        var twice = Assert.IsType<EditOutcome.Done>(new CopyLine("bar").Run(new EditContext(once.Rig)));
        Assert.Equal(["Bar", "Bar 2", "Bar 3"], twice.Rig.Lines.Select(line => line.Name));
        Assert.Equal(rig.Lines[0].Plan, twice.Rig.Lines[2].Plan! with { Fixtures = rig.Lines[0].Plan!.Fixtures });
        Assert.Equal("Owner's own lamp", twice.Rig.Lines[2].Note);
        Assert.Empty(RigValidation.Validate(twice.Rig));
        Assert.IsType<EditOutcome.Refused>(new CopyLine("nobody").Run(new EditContext(rig)));
        Assert.Equal(["lines[0].note"], RigValidation.Validate(rig with { Lines = [rig.Lines[0] with { Note = new string('x', 501) }] }).Select(problem => problem.Path));
    }
}
