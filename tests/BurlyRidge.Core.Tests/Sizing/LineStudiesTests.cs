using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;
using CsCheck;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>A line is solved in a slice of its rig, and must come out as if the whole rig had been solved.</summary>
public class LineStudiesTests
{
    private const double Alike = 2e-3;

    private static Rig Planned(params (string Id, Trigger Trigger)[] lines) => Rig.Empty(12, UnitSystem.Metric) with
    {
        Lines = [.. lines.Select(line => new Line(line.Id, line.Id) { Plan = Make.Line(60, 3) with { Trigger = line.Trigger } })],
    };

    /// <summary>However small they are, lines are cut from what is off beside them.</summary>
    private const int AlwaysCut = 0;

    private static Dictionary<string, LineStudy> Study(Rig rig)
    {
        var wired = WholeRig.Of(rig).Wired;
        var studies = new LineStudies(wired, WiringMap.Of(wired), AlwaysCut);
        return wired.Lines.ToDictionary(line => line.Id, studies.Of);
    }

    [Theory]
    [InlineData(AlwaysCut)]
    [InlineData(250)]
    public void Lamps_get_the_same_volts_in_a_slice_as_in_the_whole(int small)
    {
        var judged = 0;
        Gen.OneOf(Gen.Int[1000, 1_000_000].Select(AnyRig.Of), Gen.Int[1000, 1_000_000].Select(AnyRig.Miswired)).Sample(shape =>
        {
            var whole = HarnessCompiler.Compile(shape.Rig);
            var studies = new LineStudies(shape.Rig, WiringMap.Of(shape.Rig), small);
            foreach (var line in shape.Rig.Lines.Where(line => line.Lights.Count > 0))
            {
                var study = studies.Of(line);
                var solved = whole.Solve((study.Trigger.On ?? RigStates.EverythingOn(shape.Rig)) with { Engine = Engine.Off }, atNominalVolts: true);
                if (solved.Solution is not Solution.Converged || study.Off.Solution is not Solution.Converged) continue;
                // What is on whatever is pressed raises an earth that the line shares with it.
                if (solved.Currents.Any(other => Math.Abs(other.Value) > 0.05 && !study.Off.Harness.Has(other.Key))) continue;
                Interlocked.Increment(ref judged);
                foreach (var lamp in line.Lights) Assert.Equal(solved.Across(lamp), study.Off.Across(lamp), Alike);
            }
        });
        Assert.True(judged > 100, $"only {judged} lines could be compared");
    }

    [Fact]
    public void A_line_by_itself_leaves_out_what_stands_behind_open_switches()
    {
        var studies = Study(Planned(("one", Trigger.SwitchAlone), ("two", Trigger.SwitchAlone)));
        Assert.Equal(["one-relay"], studies["one"].Slice.Relays.Select(relay => relay.Id));
        Assert.Equal(["two-relay"], studies["two"].Slice.Relays.Select(relay => relay.Id));
    }

    [Fact]
    public void Lines_that_one_beam_turns_on_are_solved_once_and_together()
    {
        var studies = Study(Planned(("one", Trigger.HighBeam), ("two", Trigger.HighBeam), ("three", Trigger.Reverse)));
        Assert.Same(studies["one"].Off, studies["two"].Off);
        Assert.Equal(2, studies["one"].Slice.Relays.Count);
        Assert.NotSame(studies["one"].Off, studies["three"].Off);
        Assert.All(studies.Values.SelectMany(study => study.Lamps), lamp => Assert.InRange(lamp.OffVolts, 11, 12));
    }

    [Theory]
    [InlineData(Trigger.SwitchAlone)]
    [InlineData(Trigger.HighBeam)]
    [InlineData(Trigger.Reverse)]
    public void With_everything_on_a_quick_plan_is_on(Trigger trigger)
    {
        var study = WholeRig.Of(Planned(("one", trigger))).Study();
        Assert.All(study.Lines[0].Lamps, lamp => Assert.True(Math.Abs(study.State("everything").Solved.Amps(lamp.Id)) > 3));
        Assert.All(study.Lines[0].Lamps, lamp => Assert.True(Math.Abs(study.State("parked").Solved.Amps(lamp.Id)) < 0.05));
    }

    [Fact]
    public void A_line_whose_wires_lead_nowhere_is_studied_all_the_same()
    {
        var rig = WholeRig.Of(Planned(("one", Trigger.SwitchAlone))).Wired;
        rig = rig with { Runs = [.. rig.Runs.Where(run => run.From != "battery.plus")] };
        var study = new LineStudies(rig, WiringMap.Of(rig)).Of(rig.Lines[0]);
        Assert.Null(study.Source);
        Assert.All(study.Lamps, lamp => Assert.Equal(0, lamp.OffVolts, 1e-3));
    }
}
