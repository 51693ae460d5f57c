using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>No fuse opens before a lead at the battery carries what the fuse behind it lets through, however little hangs on it today (common practice, no source).</summary>
public class UnfusedLeadTests
{
    private static readonly Rig Main = Sketch.Rig(12,
        Run("battery.plus", "main.in", 0.15, "18 AWG"), Run("main.out", "f.in", 0.5, "6 AWG"), Run("f.out", "pod.plus", 2, "16 AWG"), Run("pod.minus", "e", 0.3, "16 AWG")) with
    {
        Protection = [Fuse("main", 60) with { Fixed = true }, Fuse("f", 5)],
        Fixtures = [Led("pod", 12)],
        Earths = [Stud("e")],
        Lines = [new Line("line", "Pod") { Lights = ["pod.main"] }],
    };

    private static readonly Rig Fork = Main with
    {
        Runs = [.. Main.Runs.Skip(1), Run("battery.plus", "fork.a", 0.1, "10 AWG"), Run("fork.b", "main.in", 0.1, "6 AWG"), Run("fork.c", "second.in", 0.1, "8 AWG"), Run("second.out", "load.plus", 0.5, "8 AWG"), Run("load.minus", "e", 0.3, "8 AWG")],
        Protection = [.. Main.Protection, Fuse("second", 40)],
        Joints = [new Joint("fork", JointKind.Terminal)],
        Loads = [new Load("load", "Locker", 2)],
    };

    private static IEnumerable<string> Stops(Rig rig) => RigChecks.Judge(RigSubject.Of(rig)).Where(check => check.Verdict == Verdict.Stop && check.Id == "wire-fuse").Select(check => check.About);

    [Fact]
    public void Eighteen_gauge_before_a_60_A_fuse_is_a_Stop_at_1_A() => Assert.Equal(["battery-plus--main-in"], Stops(Main));

    [Fact]
    public void Where_two_fuses_hang_on_one_lead_it_is_good_for_both() => Assert.Equal(["battery-plus--fork-a"], Stops(Fork));

    [Theory]
    [InlineData(GaugeSystem.Awg)]
    [InlineData(GaugeSystem.Metric)]
    public void Sizing_makes_it_good_for_the_fuses_behind_it(GaugeSystem gauges)
    {
        foreach (var rig in new[] { Main, Fork })
        {
            var sized = AutoSizer.Propose(rig with { HouseRules = rig.HouseRules with { Gauges = gauges } }).Rig;
            Assert.Empty(Stops(sized));
            var lead = RigStudy.Of(sized).Runs.Single(figures => figures.Run.From == "battery.plus");
            Assert.True(lead.AmpacityAmps >= sized.Protection.Single(device => device.Id == "main").Fuse.RatingAmps);
        }
    }

    [Fact]
    public void The_ladder_refuses_what_the_check_refuses()
    {
        var study = RigStudy.Of(Main);
        var lead = study.Runs[0];
        Assert.All(WireLadder.Of(study, [lead]), rung => Assert.Equal(rung.AmpacityAmps < Limits.WireAmpsForFuse(new Fuse(60, FuseFamily.BoltDown)) - 1e-9, rung.Failures.Contains(RungFailure.Fuse)));
    }
}
