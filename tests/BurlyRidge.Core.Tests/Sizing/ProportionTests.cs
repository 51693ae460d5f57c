using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>
/// What fitters and makers of harnesses really use for a line alone on its route (common practice, no source): a proposal
/// of the usual school stays within it.
/// </summary>
public class ProportionTests
{
    private static double Copper(string wire) => WireTable.Find(wire)!.AreaSquareMillimetres;

    /// <summary>Quick size, and the same job from the template for it: wire to the lamps in mm², fuse in A.</summary>
    [Theory]
    [InlineData(1, 120, LampKind.RegulatedLed, 2, ReturnPath.Wire, 1.3, 3.31, 15, 15)]
    [InlineData(1, 120, LampKind.RegulatedLed, 3, ReturnPath.Wire, 1.3, 3.31, 15, 15)]
    [InlineData(1, 120, LampKind.RegulatedLed, 3, ReturnPath.Body, 1.3, 3.31, 15, 15)]
    [InlineData(1, 200, LampKind.RegulatedLed, 3, ReturnPath.Wire, 3, 6, 25, 25)]
    [InlineData(1, 200, LampKind.RegulatedLed, 4, ReturnPath.Wire, 3, 6, 25, 25)]
    [InlineData(1, 200, LampKind.RegulatedLed, 3.5, ReturnPath.Body, 2.08, 6, 25, 25)]
    [InlineData(1, 300, LampKind.RegulatedLed, 3.5, ReturnPath.Wire, 5, 10, 30, 40)]
    [InlineData(1, 300, LampKind.RegulatedLed, 3.5, ReturnPath.Body, 3.3, 10, 30, 40)]
    [InlineData(2, 100, LampKind.Filament, 2, ReturnPath.Body, 2, 6, 25, 25)]
    [InlineData(2, 43.2, LampKind.RegulatedLed, 4.6, ReturnPath.Wire, 1.3, 2.5, 10, 10)]
    [InlineData(2, 43.2, LampKind.RegulatedLed, 4.6, ReturnPath.Body, 0.8, 2.5, 10, 10)]
    [InlineData(2, 18, LampKind.RegulatedLed, 6, ReturnPath.Wire, 0.75, 1.5, 5, 5)]
    public void A_line_alone_gets_what_fitters_use(int count, double watts, LampKind kind, double metres, ReturnPath back, double from, double to, double leastFuse, double mostFuse)
    {
        foreach (var gauges in new[] { GaugeSystem.Awg, GaugeSystem.Metric })
        {
            var rules = new HouseRules { Gauges = gauges };
            var quick = Make.Size(Make.Line(watts, metres, kind, count, back, Zone.EngineBay), rules: rules);
            Assert.NotNull(quick.ProposedWire);
            var built = LineTemplates.Build(
                Rig.Empty(12, UnitSystem.Metric) with { HouseRules = rules },
                new TemplateAnswers("own-harness", "Line", new Fixture("lamp", "Lamp", [new LampFunction("main", kind, watts, 12)]), count, metres) { Return = back }).Rig;
            var feed = built.Runs.Single(run => run.From.EndsWith(".87", StringComparison.Ordinal));
            (string What, string Wire, double Fuse)[] both = [($"quick {gauges}", quick.Wire.Name, quick.Fuse.RatingAmps), ($"template {gauges}", feed.Wire, built.Protection[0].Fuse.RatingAmps)];
            Assert.All(both, found =>
            {
                Assert.True(Copper(found.Wire) >= from - 0.01 && Copper(found.Wire) <= to + 0.01, $"{found.What}: {found.Wire}, {found.Fuse} A");
                Assert.True(found.Fuse >= leastFuse && found.Fuse <= mostFuse, $"{found.What}: {found.Wire}, {found.Fuse} A {string.Join(" ", BurlyRidge.Core.Assessing.Assessor.Assess(built).Lines[0].Checks.Where(check => check.Id is "fuse-load" or "drop").Select(check => check.Reason))}");
            });
            // Coil and switch wires: 0.5 to 1 mm² behind a fuse of their own.
            var control = built.Protection.Single(device => device.Id.Contains("control", StringComparison.Ordinal));
            Assert.InRange(control.Fuse.RatingAmps, 2, 5);
            Assert.All(built.Runs.Where(run => run.From.Contains("switch", StringComparison.Ordinal) || run.To.Contains("relay.86", StringComparison.Ordinal)), run => Assert.InRange(Copper(run.Wire), 0.5, 1.01));
        }
    }

    private static BuiltLine Build(string id, int count, double watts, double metres, BodyKind? body = null)
    {
        var rig = Rig.Empty(12, UnitSystem.Metric);
        if (body is { } kind) rig = rig with { Body = GenericBody.Of(kind) };
        return LineTemplates.Build(rig, new TemplateAnswers(id, "Line", new Fixture("lamp", "Lamp", [new LampFunction("main", LampKind.RegulatedLed, watts, 12)]), count, metres));
    }

    private static string Sizes(Rig rig) => string.Join("; ", rig.Runs.Select(run => $"{run.From} {run.To} {run.Wire}").Concat(rig.Protection.Select(device => $"{device.Id} {device.Fuse}")));

    [Fact]
    public void Fifteen_pods_fed_at_one_end()
    {
        var rig = Build("row", 15, 10, 3).Rig;
        var feed = rig.Runs.Single(run => run.From.EndsWith(".o1", StringComparison.Ordinal));
        Assert.InRange(Copper(feed.Wire), 2, 5.3);
        Assert.InRange(rig.PowerBoxes[0].Outputs[0].RatingAmps, 15, 20);
        Assert.All(rig.Runs.Where(run => run.Given), link => Assert.InRange(Copper(link.Wire), 1.3, 2.1));
    }

    [Fact]
    public void Fifteen_pods_fed_at_both_ends_have_both_ways_at_both_ends()
    {
        var rig = Build("row-both", 15, 10, 3.5).Rig;
        var feeds = rig.Runs.Where(run => run.From.EndsWith(".o1", StringComparison.Ordinal) || run.From.EndsWith(".o2", StringComparison.Ordinal)).ToList();
        Assert.Equal(2, feeds.Count);
        Assert.All(feeds, feed => Assert.True(Copper(feed.Wire) is >= 2 and <= 3.31, Sizes(rig)));
        Assert.Equal(2, rig.Earths.Count(earth => earth.Kind == EarthKind.Stud));
        Assert.All(rig.PowerBoxes[0].Outputs, output => Assert.Equal(20, output.RatingAmps));
    }

    [Fact]
    public void Two_grille_markers_from_a_fuse_tap()
    {
        var rig = Build("fuse-tap", 2, 5, 1.5).Rig;
        Assert.All(rig.Runs.Where(run => !run.Given), run => Assert.True(Copper(run.Wire) <= 0.83, Sizes(rig)));
        Assert.All(rig.Protection, device => Assert.InRange(device.Fuse.RatingAmps, 2, 5));
    }

    [Fact]
    public void The_feed_of_a_power_box()
    {
        var rig = Build("power-box", 1, 100, 3).Rig;
        var main = rig.Protection.Single(device => device.Fuse.RatingAmps >= 60);
        Assert.Equal(60, main.Fuse.RatingAmps);
        Assert.All(rig.Runs.Where(run => run.From == $"{main.Id}.out" || run.To == $"{main.Id}.in"), run => Assert.True(Copper(run.Wire) is >= 8.3 and <= 16, Sizes(rig)));
    }

    [Fact]
    public void A_charger_between_two_batteries()
    {
        var rig = Build("second-battery", 1, 20, 5).Rig;
        var bolted = rig.Protection.Where(device => device.Fuse.Family == FuseFamily.BoltDown).ToList();
        Assert.Equal(2, bolted.Count);
        Assert.True(bolted.TrueForAll(device => device.Fuse.RatingAmps == 40), string.Join(" ", BurlyRidge.Core.Assessing.Assessor.Assess(rig).Checks.Where(check => check.Id is "fuse-load" or "selectivity" or "fuse-heat").Select(check => check.Reason)));
        Assert.All(rig.Runs.Where(run => rig.Converters.Any(converter => run.From.StartsWith(converter.Id, StringComparison.Ordinal) || run.To == $"{converter.Id}.in-plus")), run => Assert.True(Copper(run.Wire) is >= 8.3 and <= 16, Sizes(rig)));
    }
}
