using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Assessing;

public class LineAssessmentTests
{
    [Fact]
    public void By_hand_and_back_to_the_proposal()
    {
        var line = Make.Line(60, 3);
        var proposed = Make.Assess(line);
        var byHand = Make.Assess(line with { ChosenWire = "8 AWG", ChosenFuse = new Fuse(15, FuseFamily.Blade) });
        Assert.True(byHand.Wire!.ByHand && byHand.Fuse!.ByHand);
        Assert.Equal("8 AWG", byHand.Wire.Name);
        Assert.Equal(proposed.Fuse!.RatingAmps, byHand.Fuse!.Proposed!.RatingAmps);
        Assert.False(proposed.Wire!.ByHand || proposed.Fuse.ByHand);
        Assert.Equal(byHand.Wire.Name, byHand.Ladder.Single(entry => entry.Taken).Name);
    }

    [Fact]
    public void A_wire_of_another_system_taken_by_hand_is_judged_beside_the_ladder()
    {
        var answer = Make.Assess(Make.Line(60, 3) with { ChosenWire = "6 mm²" });
        Assert.Equal("6 mm²", answer.Wire!.Name);
        Assert.DoesNotContain(answer.Ladder, entry => entry.Taken);
        Assert.Equal(Verdict.Holds, answer.Verdict);
    }

    [Fact]
    public void Losses_stand_in_four_groups_and_add_up()
    {
        var answer = Make.Assess(Make.Line(100, 4, path: ReturnPath.Body));
        Assert.Equal(Enum.GetValues<LossGroup>(), answer.Losses.Select(loss => loss.Group).Distinct());
        Assert.Equal(answer.Wire!.DropVolts, answer.Losses.Sum(loss => loss.Volts), 1e-3);
        Assert.Equal(1, answer.Losses.Sum(loss => loss.ShareOfLoss), 9);
        Assert.Contains(answer.Losses, loss => loss is { Group: LossGroup.Back, Volts: > 0.05 });
    }

    [Fact]
    public void A_rig_is_tallied_over_its_lines()
    {
        var rig = Rig.Empty(12, UnitSystem.Metric) with
        {
            Lines =
            [
                new Line("a", "Good", Make.Line(60, 3)),
                new Line("b", "Bad", Make.Line(60, 3) with { ChosenFuse = new Fuse(40, FuseFamily.Blade), ChosenWire = "20 AWG" }),
            ],
        };
        var assessment = Assessor.Assess(rig);
        Assert.Equal(["a", "b"], assessment.Lines.Select(line => line.Id));
        Assert.Equal(assessment.Lines.Sum(line => line.Checks.Count) + assessment.Checks.Count, assessment.Tally.Stop + assessment.Tally.Watch + assessment.Tally.Holds);
        Assert.True(assessment.Tally.Stop >= 1);
    }
}
