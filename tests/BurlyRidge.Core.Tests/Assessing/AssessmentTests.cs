using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;
using CsCheck;
using Check = BurlyRidge.Core.Checks.Check;

namespace BurlyRidge.Core.Tests.Assessing;

/// <summary>What the one function at the centre says of whole rigs.</summary>
public class AssessmentTests
{
    [Fact]
    public void What_is_lost_part_by_part_is_what_the_lamp_misses()
    {
        foreach (var rig in new[] { GoodRigs.Bar, GoodRigs.Beam, GoodRigs.Box, GoodRigs.NegativeBeam })
        {
            foreach (var line in Assessor.Assess(rig).Lines)
            {
                var worst = line.Figures!.Lamps.MaxBy(lamp => lamp.DropFraction / lamp.DropLimit)!;
                Assert.Equal(worst.DropVolts, line.Figures.Drop.Sum(part => part.Volts), 2e-3);
                Assert.Contains(line.Figures.Drop, part => part.Leg == Leg.Back);
                Assert.All(line.Figures.Lamps.Zip(line.Figures.Lamps.Skip(1)), pair => Assert.True(pair.First.OffVolts >= pair.Second.OffVolts));
            }
        }
    }

    [Fact]
    public void A_gauge_by_hand_on_a_planned_line_is_cured_by_the_proposal()
    {
        var rig = Rig.Empty(12, UnitSystem.Metric) with { Lines = [new Line("bar", "Bar", Make.Line(120, 3) with { ChosenWire = "20 AWG" })] };
        var before = Assessor.Assess(rig);
        var stops = before.Lines[0].Checks.Where(check => check.Verdict == Verdict.Stop).ToList();
        Assert.Contains(stops, check => check.Id == "wire-fuse" && check.Remedy!.Label == "Use the proposal");
        var after = Assessor.Assess(stops.First(check => check.Remedy is not null).Remedy!.Apply(rig));
        Assert.Equal(Verdict.Holds, after.Lines[0].Checks.Where(check => stops.Any(stop => stop.Id == check.Id)).Max(check => check.Verdict));
        Assert.Equal(Verdict.Stop, before.Lines[0].Verdict);
    }

    [Fact]
    public void Planned_lines_hold_on_the_network_where_they_hold_by_themselves()
    {
        AnyLine.Line.Array[1, 3].Select(Gen.OneOf(12, 24)).Sample((plans, volts) =>
        {
            var rig = Rig.Empty(volts, UnitSystem.Metric) with { Lines = [.. plans.Select((plan, i) => new Line($"l{i}", $"Line {i}", plan))] };
            foreach (var line in Assessor.Assess(rig).Lines.Where(line => line.Assessment!.Verdict == Verdict.Holds))
                Assert.DoesNotContain(line.Checks, check => check.Verdict == Verdict.Stop);
        }, iter: 150);
    }

    /// <summary>No exception, no figure that is none, on any rig that validates, miswired ones among them.</summary>
    [Fact]
    public void Any_rig_is_assessed()
    {
        for (var seed = 1; seed <= 150; seed++)
        {
            var rig = (seed % 2 == 0 ? AnyRig.Miswired(seed) : AnyRig.Of(seed)).Rig;
            if (RigValidation.Validate(rig).Count > 0) continue;
            var assessment = Assessor.Assess(rig);
            Assert.All(assessment.Checks.Concat(assessment.Lines.SelectMany(line => line.Checks)), check =>
                Assert.True(double.IsFinite(check.Figure) && double.IsFinite(check.Limit) && check.Reason.Length > 0, check.Id));
            Assert.All(assessment.Runs, run => Assert.True(double.IsFinite(run.DesignAmps) && double.IsFinite(run.ConductorCelsius) && (run.FarAmps is null || double.IsFinite(run.FarAmps.Value))));
            Assert.All(assessment.Supply, state => Assert.True(double.IsFinite(state.Figures.LoadAmps) && double.IsFinite(state.Figures.PostVolts)));
        }
    }

    /// <summary>Each school of the house speaks up where the rig goes another way, and is named.</summary>
    [Fact]
    public void House_rules_decide_and_are_named()
    {
        var rules = new HouseRules();
        Check Judged(Rig rig, string id) => Assessor.Assess(rig) is var found
            ? found.Checks.Concat(found.Lines.SelectMany(line => line.Checks)).Where(check => check.Id == id).MaxBy(check => check.Verdict)!
            : null!;
        Rig With(Rig rig, HouseRules house) => rig with { HouseRules = house };

        var linked = With(GoodRigs.Bar with { Lines = [GoodRigs.Bar.Lines[0] with { Use = LineUse.Forward }] }, rules);
        Assert.Equal(Verdict.Watch, Judged(linked, "trigger-style").Verdict);
        Assert.Equal(Verdict.Holds, Judged(With(linked, rules with { ForwardTrigger = TriggerSchool.OwnSwitch }), "trigger-style").Verdict);
        Assert.Contains("high beam", Judged(linked, "trigger-style").Rule!, StringComparison.Ordinal);

        var soldered = GoodRigs.Bar with { Joints = [.. GoodRigs.Bar.Joints.Select(joint => joint with { Kind = joint.Id == "sp" ? JointKind.Solder : joint.Kind })] };
        Assert.Equal(Verdict.Watch, Judged(soldered, "joint-kind").Verdict);
        Assert.Equal(Verdict.Holds, Judged(With(soldered, rules with { Joints = JointSchool.SolderToo }), "joint-kind").Verdict);

        Assert.Equal(Verdict.Watch, Judged(With(GoodRigs.Beam, rules with { Earths = EarthSchool.Post }), "earth-practice").Verdict);
        Assert.Equal(Verdict.Holds, Judged(With(GoodRigs.Box, rules with { Earths = EarthSchool.Body }), "earth-practice").Verdict);
        Assert.Contains("50 %", Judged(With(GoodRigs.Bar, rules with { MarginFraction = 0.5 }), "wire-load").Rule!, StringComparison.Ordinal);
        Assert.Contains("last thing in", Judged(With(GoodRigs.Bar, rules with { Isolation = IsolationSchool.FuseOut }), "isolation").Rule!, StringComparison.Ordinal);
    }

    /// <summary>By hand: 20 A blade at 115 A is at 5.75 times, slowest about 0.11 s; a 50 A bolt-down is there at 2.3 times, fastest about 1.5 s.</summary>
    [Fact]
    public void A_branch_opens_before_its_main_fuse_where_the_bands_part()
    {
        var study = RigStudy.Of(GoodRigs.Box);
        var branch = new BranchFuse(study.Map.Find("box.o1-fuse")!, 115, 115);
        Assert.True(branch.Before(new Fuse(50, FuseFamily.BoltDown)));
        // Right behind it, at 800 A, I²t is constant: 0.1 s · 120² = 1,440 A²s against 0.1 s · 250² = 6,250 of the bolt-down, and 0.04 s · 140² = 784 of a 40 A blade.
        Assert.True((branch with { NearAmps = 800 }).Before(new Fuse(50, FuseFamily.BoltDown)));
        Assert.False((branch with { NearAmps = 800 }).Before(new Fuse(40, FuseFamily.Blade)));
        Assert.False(branch.Before(new Fuse(25, FuseFamily.Blade)));
        Assert.Equal(["box.o1-fuse", "box.o2-fuse", "box.o3-fuse"],
            Selectivity.Branches(study, study.Map.Find("main")!).Select(found => found.Device.Id).Order(StringComparer.Ordinal));
    }

    [Fact]
    public void Terminals_go_with_the_wires_that_they_fitted()
    {
        var rig = GoodRigs.Bar;
        var thick = rig with { Runs = [.. rig.Runs.Select(run => run with { Wire = "8 AWG" })] };
        var takes = TerminalFit.After(rig, thick).Joints[0].Takes!;
        // 8.37 mm²: the terminals that are sold for 6 to 10.
        Assert.Equal(new CopperRange(6, 10), takes);
        Assert.Equal(rig.Joints[0].Takes, TerminalFit.After(rig, rig).Joints[0].Takes);
        Assert.Equal(rig.Joints[0].Takes, TerminalFit.After(thick, thick).Joints[0].Takes);
    }

    [Fact]
    public void What_several_lines_share_counts_for_each_of_them_and_once_in_the_tally()
    {
        var box = GoodRigs.Box;
        var small = box with { Protection = [.. box.Protection.Select(device => device.Id == "main" ? device with { Fuse = Sketch.Fuse("main", 15).Fuse } : device)] };
        var assessment = Assessor.Assess(small);
        var shared = Assert.Single(assessment.Checks, check => check is { Id: "fuse-load", About: "main" });
        Assert.NotEqual(Verdict.Holds, shared.Verdict);
        Assert.Equal(small.Lines.Select(line => line.Id).Order(StringComparer.Ordinal), shared.Lines.Order(StringComparer.Ordinal));
        Assert.All(assessment.Lines, line => Assert.True(line.Verdict >= shared.Verdict));
        Assert.Equal(assessment.Checks.Count + assessment.Lines.Sum(line => line.Checks.Count), assessment.Tally.Stop + assessment.Tally.Watch + assessment.Tally.Holds);
    }
}
