using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Sizing;

public class RigStudyTests
{
    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    /// <summary>What is found by following the wires lights the lamps when it is solved.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void The_least_that_lights_a_line_lights_it(string name)
    {
        var study = RigStudy.Of(AllShapes.Competent.Single(shape => shape.Name == name).Rig);
        var line = Assert.Single(study.Lines);
        Assert.NotNull(line.Trigger.On);
        Assert.All(line.Lamps, lamp => Assert.True(Math.Abs(line.Off.Amps(lamp.Id)) > 0.05, $"{lamp.Id} is dark"));
    }

    [Fact]
    public void A_line_by_itself_is_solved_as_in_the_whole_rig()
    {
        for (var seed = 1; seed <= 60; seed++)
        {
            var rig = AnyRig.Of(seed).Rig;
            foreach (var line in RigStudy.Of(rig).Lines.Where(line => line.Trigger.On is not null))
            {
                var whole = HarnessCompiler.Compile(rig).Solve(line.Trigger.On! with { Engine = Engine.Off }, atNominalVolts: true);
                if (whole.Solution is not Solution.Converged || line.Off.Solution is not Solution.Converged) continue;
                Assert.All(line.Lamps, lamp => Assert.Equal(whole.Across(lamp.Id), lamp.OffVolts, 5e-3));
            }
        }
    }

    /// <summary>The same rig, compiled once and put through states, or compiled for each: one answer.</summary>
    [Fact]
    public void A_harness_that_was_in_another_state_before_answers_the_same()
    {
        for (var seed = 1; seed <= 60; seed++)
        {
            var shape = AnyRig.Of(seed);
            var reused = HarnessCompiler.Compile(shape.Rig);
            foreach (var state in shape.States)
            {
                var (fresh, again) = (HarnessCompiler.Solve(shape.Rig, state), reused.Solve(state));
                Assert.Equal(fresh.Solution.GetType(), again.Solution.GetType());
                Assert.All(fresh.Solution.State.Volts.Zip(again.Solution.State.Volts), pair => Assert.Equal(pair.First, pair.Second, 1e-6));
            }
        }
    }

    [Fact]
    public void What_is_drawn_is_what_alternator_and_batteries_give()
    {
        for (var seed = 1; seed <= 40; seed++)
        {
            var rig = AnyRig.Of(seed).Rig;
            var study = RigStudy.Of(rig);
            foreach (var whole in study.Whole.Where(whole => whole.Solved.Solution is Solution.Converged))
            {
                var supply = SupplyFigures.Of(rig, whole);
                if (whole.Named.State.Engine == Engine.Off) Assert.Equal(0, supply.AlternatorAmps);
                Assert.Equal(supply.LoadAmps, supply.AlternatorAmps + supply.BatteryAmps, 1e-9);
                Assert.True(supply.AlternatorAmps <= (whole.Named.State.Engine == Engine.Idle ? rig.Vehicle.Alternator!.AtIdleAmps : rig.Vehicle.Alternator!.RatedAmps) + 1e-6);
            }
        }
    }

    [Fact]
    public void Night_takes_the_lines_of_the_beam_and_backing_up_those_of_the_gear()
    {
        var rig = GoodRigs.Beam;
        var study = RigStudy.Of(rig);
        double Lamp(string state) => Math.Abs(study.State(state).Solved.Amps("left.main"));
        Assert.True(Lamp("night") > 1 && Lamp("everything") > 1);
        Assert.True(Lamp("reversing") < 0.01 && Lamp("parked") < 0.01 && Lamp("camp") < 0.01);
        Assert.Equal([Signal.HighBeam], study.Lines.Single().Trigger.BySignal.Keys);
    }

    [Fact]
    public void A_run_is_judged_on_every_gauge_by_the_network()
    {
        var judged = RunAssessment.Of(AssessedRig.Of(GoodRigs.Bar), "k-87--plug-a")!;
        Assert.Null(RunAssessment.Of(AssessedRig.Of(GoodRigs.Bar), "nothing"));
        Assert.True(judged.Ladder.Single(rung => rung.Taken) is { Name: "12 AWG", Holds: true });
        Assert.False(judged.Ladder[0].Holds);
        Assert.True(judged.Ladder.Zip(judged.Ladder.Skip(1)).All(pair => pair.First.DropFraction > pair.Second.DropFraction && pair.First.AmpacityAmps < pair.Second.AmpacityAmps));
        Assert.Contains(judged.FuseWindow.Ratings, mark => mark is { Taken: true, RatingAmps: 15, Inside: true });
    }
}
