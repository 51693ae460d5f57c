using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Sizing;

public class FaultCurrentsTests
{
    /// <summary>
    /// The least current of a short is that of the network itself, solved with the short in it: battery a quarter full with
    /// twice its resistance, engine off, wires as hot as they may get, 30 mΩ of aged body.
    /// </summary>
    [Theory]
    [InlineData("battery-plus--f-in", "f.in")]
    [InlineData("f-out--sp-a", "sp.a")]
    [InlineData("k-87--plug-a", "plug.a")]
    public void The_least_current_is_that_of_the_network_with_a_short_in_it(string run, string terminal)
    {
        var rig = GoodRigs.Bar;
        var study = RigStudy.Of(rig);
        var cold = rig with
        {
            Vehicle = rig.Vehicle with
            {
                Batteries = [rig.Vehicle.Batteries[0] with { StateOfCharge = 0.25, InternalMilliohms = 2 * rig.Vehicle.Batteries[0].InternalMilliohms }],
                HouseLoadAmps = 0,
            },
        };
        const double strap = 0.0005;
        var on = new RigState { Switches = new Dictionary<string, string> { ["s"] = "on" } };
        var pulledIn = HarnessCompiler.Solve(cold, on).Contacts;
        var shorted = HarnessCompiler.Solve(cold, on, pulledIn, [new Fault.ShortToEarth(terminal, 0.030 - strap)]);
        Assert.Equal(shorted.Amps(run), study.Faults.ByRun[run].Single().FarAmps, 0.004 * shorted.Amps(run));
    }

    /// <summary>By hand: 12.7 V over 12 mΩ of battery, 0.5 of strap and, to the fuse, 0.15 m of 12 AWG (0.81 mΩ) and two crimps; 120 A of the alternator hold the battery up by what they lose in it.</summary>
    [Fact]
    public void The_greatest_current_is_as_by_hand()
    {
        var study = RigStudy.Of(GoodRigs.Bar);
        var wire = 0.15 * 1.02 * (1 / 58.0) / 3.309;
        Assert.Equal((12.7 + 120 * 0.012) / (0.012 + 0.0005), study.Faults.ByRun["battery-plus--f-in"].Single().NearAmps, 1);
        var fuse = 0.0048 + 0.0015;
        Assert.Equal((12.7 + 120 * 0.012) / (0.012 + 0.0005 + wire + 0.001 + fuse), study.Faults.AtDevice(study.Map.Find("f")!), 1);
    }

    /// <summary>A thicker wire, a shorter one or a better battery never makes a short weaker.</summary>
    [Fact]
    public void Better_copper_never_weakens_a_short()
    {
        for (var seed = 1; seed <= 40; seed++)
        {
            var rig = AnyRig.Of(seed).Rig;
            var before = RigStudy.Of(rig);
            var after = RigStudy.Of(rig with { Runs = [.. rig.Runs.Select(run => run with { Wire = "4 AWG", LengthMetres = run.LengthMetres / 2 })] });
            foreach (var run in before.Runs.SelectMany(figures => figures.Faults).Zip(after.Runs.SelectMany(figures => figures.Faults)))
                Assert.True(run.Second.FarAmps >= run.First.FarAmps * (1 - 1e-9), $"seed {seed}: {run.First}");
        }
    }
}
