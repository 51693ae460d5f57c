using System.Globalization;
using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>Shorts that are fed from two ends, fuse by fuse as they open.</summary>
public class SharedShortTests
{
    /// <summary>Two fuses whose wires meet at a splice, and one wire on to the lamp.</summary>
    private static Rig TwoFuses(string wire, double one = 10, double other = 20) => Rig(12,
        Run("battery.plus", "f1.in", 0.15, "10 AWG"), Run("battery.plus", "f2.in", 0.15, "10 AWG"),
        Run("f1.out", "sp.a", 2, "12 AWG"), Run("f2.out", "sp.b", 3, "12 AWG"), Run("sp.c", "lamp.plus", 4, wire), Run("lamp.minus", "e", 0.5, "12 AWG")) with
    {
        Fixtures = [Led("lamp", 60)],
        Protection = [Fuse("f1", one), Fuse("f2", other)],
        Joints = [new Joint("sp", JointKind.Crimp)],
        Earths = [Stud("e")],
        Lines = [new Line("line", "Line") { Lights = ["lamp.main"] }],
    };

    private static (RigStudy Study, RunFigures Run, SharedShort Short) Of(Rig rig)
    {
        var study = RigStudy.Of(rig);
        var run = study.Runs.Single(figures => figures.Run.Id == "sp-c--lamp-plus");
        return (study, run, run.Shared!(run.Wire));
    }

    [Fact]
    public void The_fuse_with_the_larger_share_of_its_rating_opens_first_and_the_rest_flows_through_the_other()
    {
        var (study, run, found) = Of(TwoFuses("14 AWG"));
        Assert.Equal(["f1", "f2"], found.Openings.Select(opening => opening.Device.Id));

        // The network by hand: battery, then both branches side by side, then the common wire and the body.
        double Hot(string id) => study.Map.Find(id)!.HotOhms;
        var source = study.Faults.Starts(FaultCurrents.ColdBatteryFactor).Single().Ohms;
        double Branch(string fuse) => Hot($"battery-plus--{fuse}-in") + Hot(fuse) + Hot($"{fuse}-out--sp-{(fuse == "f1" ? "a" : "b")}") + TypicalOhms.Of(JointKind.Crimp) / 2;
        var common = TypicalOhms.Of(JointKind.Crimp) / 2 + Hot("sp-c--lamp-plus") + study.Faults.Back("lamp.plus");
        var volts = FaultCurrents.MinVolts(study.Wired.Vehicle);
        var both = volts / (source + common + 1 / (1 / Branch("f1") + 1 / Branch("f2")));
        Assert.Equal(both, found.Amps, both * 1e-4);
        Assert.Equal(volts / (source + common + Branch("f2")), found.Openings[1].Amps, 0.01);
        // More than either fuse alone would let through it, and each fuse less than alone.
        Assert.True(found.Amps > run.Faults.Max(fault => fault.FarAmps));
        Assert.True(found.Openings[0].Seconds > FuseTime.SlowestSeconds(study.Map.Find("f1")!.Fuse!, run.Faults.First(fault => fault.Device!.Id == "f1").FarAmps));
    }

    /// <summary>What a size would do is what it does once it is in, its crimps with it.</summary>
    [Theory]
    [InlineData("18 AWG", "12 AWG")]
    [InlineData("12 AWG", "18 AWG")]
    public void Another_size_is_judged_as_it_is_once_it_is_taken(string today, string other)
    {
        var (_, run, _) = Of(TwoFuses(today));
        var (_, _, taken) = Of(TwoFuses(other));
        var asked = run.Shared!(WireTable.Find(other)!);
        Assert.Equal(taken.Amps, asked.Amps, 1e-9 * taken.Amps);
        Assert.Equal(taken.HeatFraction, asked.HeatFraction, 1e-9 * taken.HeatFraction);
    }

    /// <summary>The simulator's transient of the same wiring, its switches opening when the fuses do: ∫ I² dt through the wire.</summary>
    [Theory]
    [InlineData("14 AWG", 10, 20)]
    [InlineData("16 AWG", 15, 15)]
    [InlineData("18 AWG", 5, 10)]
    public void The_heat_is_that_of_the_simulators_transient(string wire, double one, double other)
    {
        var (study, run, found) = Of(TwoFuses(wire, one, other));
        double Hot(string id) => study.Map.Find(id)!.HotOhms;
        var half = TypicalOhms.Of(JointKind.Crimp) / 2;
        double Opens(string fuse) => found.Openings.Single(opening => opening.Device.Id == fuse).Seconds;
        var end = found.Openings[^1].Seconds * 1.1;
        var deck = string.Create(CultureInfo.InvariantCulture, $"""
            two fuses on one short
            vb b 0 dc {FaultCurrents.MinVolts(study.Wired.Vehicle)}
            rb b p {study.Faults.Starts(FaultCurrents.ColdBatteryFactor).Single().Ohms}
            r1 p a1 {Hot("battery-plus--f1-in") + Hot("f1-out--sp-a") + half}
            s1 a1 m c1 0 f1
            vc1 c1 0 pwl(0 1 {Opens("f1")} 1 {Opens("f1") + 1e-6} 0)
            .model f1 sw(vt=0.5 ron={Hot("f1")} roff=1e9)
            r2 p a2 {Hot("battery-plus--f2-in") + Hot("f2-out--sp-b") + half}
            s2 a2 m c2 0 f2
            vc2 c2 0 pwl(0 1 {Opens("f2")} 1 {Opens("f2") + 1e-6} 0)
            .model f2 sw(vt=0.5 ron={Hot("f2")} roff=1e9)
            rm m w {half + Hot("sp-c--lamp-plus")}
            vw w x dc 0
            rx x 0 {study.Faults.Back("lamp.plus")}
            bh 0 heat i=i(vw)^2
            ch heat 0 1

            """);
        var theirs = Ngspice.AfterTransient(deck, "heat", end / 2000, end);
        var k = Adiabatic.K(run.Run.InsulationCelsius, Limits.ShortTimeCelsius(run.Run.Insulation)) * run.Wire.CopperSquareMillimetres;
        Assert.Equal(theirs, found.HeatFraction * k * k, theirs * 0.01);
    }

    [Fact]
    public void A_wire_that_does_not_survive_what_both_let_through_is_a_Stop()
    {
        static List<Check> Short(Rig rig) => [.. RigChecks.Judge(RigSubject.Of(rig)).Where(check => check is { Id: "far-short", About: "sp-c--lamp-plus", Verdict: Verdict.Stop })];
        var thin = TwoFuses("20 AWG", 25, 25);
        var found = Of(thin).Short;
        Assert.False(found.Clears);
        Assert.NotEmpty(Short(thin));
        Assert.Empty(Short(TwoFuses("10 AWG", 25, 25)));
    }
}
