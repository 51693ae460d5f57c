using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using CsCheck;

namespace BurlyRidge.Core.Tests.Templates;

/// <summary>What must hold for any line at all.</summary>
public class QuickSizingProperties
{
    private const int Lines = 60;
    private const double CoilAmps = 0.4;

    private static int Rung(QuickSizing sizing) =>
        sizing.ProposedWire is { } wire ? sizing.Ladder.Select(rung => rung.Wire).ToList().IndexOf(wire) : sizing.Ladder.Count;

    [Fact]
    public void Design_current_is_below_the_fuse_and_the_fuse_within_the_wire() => AnyLine.OnVehicle.Sample(any =>
    {
        var sizing = Make.Size(any.Line, any.Volts, any.Rules);
        if (sizing.ProposedWire is null) return;
        var fuse = sizing.Fuse;
        // What flows is known to 2.5 %.
        Assert.True(sizing.DesignAmps <= fuse.RatingAmps * any.Rules.FuseLoadFraction * 1.025 * (1 + 1e-8));
        Assert.True(fuse.RatingAmps <= sizing.WireAmps * (1 + 1e-8));
        if (fuse.Family == FuseFamily.BoltDown) Assert.True(1.04 * fuse.RatingAmps <= sizing.WireAmps * (1 + 1e-8));
        Assert.True(sizing.WireAmps >= sizing.Main.DesignAmps * (1 + any.Rules.MarginFraction) * (1 - 1e-8));
        Assert.InRange(sizing.DropFraction, 0, any.Rules.DropLimitRegulatedLed!.Value * (1 + 1e-8));
    }, iter: Lines);

    /// <summary>What sizing takes is the thinnest size on the ladder that holds.</summary>
    [Fact]
    public void The_proposal_is_the_first_rung_that_holds() => AnyLine.OnVehicle.Sample(any =>
    {
        var sizing = Make.Size(any.Line, any.Volts, any.Rules);
        Assert.Equal(sizing.Ladder.FirstOrDefault(rung => rung.Holds)?.Wire, sizing.ProposedWire);
    }, iter: Lines);

    /// <summary>Its shorts flow through two wires in a row; with one of them left thick a size too thin would seem to clear them.</summary>
    [Fact]
    public void A_size_is_judged_with_every_wire_of_the_line_on_it()
    {
        var line = new LinePlan([new LampSet(LampKind.RegulatedLed, 3, 279.4), new LampSet(LampKind.RegulatedLed, 2, 126), new LampSet(LampKind.Filament, 3, 289.3)], 12, ReturnPath.Body, [Zone.Exterior], 105, Trigger.SwitchAlone, 1);
        var rules = new HouseRules { Gauges = GaugeSystem.Metric, MarginFraction = 0.5593, FuseLoadFraction = 0.6598, DropLimitRegulatedLed = 0.1818, DropLimitOther = 0.1818 };
        foreach (var rung in Make.Size(line, 24, rules).Ladder)
        {
            var taken = Make.Size(line with { ChosenWire = rung.Wire.Name }, 24, rules);
            Assert.Equal(taken.Ladder.Single(other => other.Wire == rung.Wire).Failures, rung.Failures);
        }
    }

    [Fact]
    public void Longer_is_never_thinner() => Gen.Select(AnyLine.OnVehicle, Gen.Double[1, 3]).Sample((any, factor) =>
        Rung(Make.Size(any.Line, any.Volts, any.Rules))
        <= Rung(Make.Size(any.Line with { OneWayMetres = any.Line.OneWayMetres * factor }, any.Volts, any.Rules)), iter: Lines);

    [Fact]
    public void A_larger_margin_is_never_thinner() => Gen.Select(AnyLine.OnVehicle, Gen.Double[0, 1]).Sample((any, more) =>
        Rung(Make.Size(any.Line, any.Volts, any.Rules))
        <= Rung(Make.Size(any.Line, any.Volts, any.Rules with { MarginFraction = any.Rules.MarginFraction + more })), iter: Lines);

    [Fact]
    public void More_wires_in_the_harness_are_never_thinner() => Gen.Select(AnyLine.OnVehicle, Gen.Int[0, 40]).Sample((any, more) =>
        Rung(Make.Size(any.Line, any.Volts, any.Rules))
        <= Rung(Make.Size(any.Line with { Bundled = any.Line.Bundled + more }, any.Volts, any.Rules)), iter: Lines);

    [Fact]
    public void Every_rung_that_fails_fails_for_the_reason_it_states() => AnyLine.OnVehicle.Sample(any =>
    {
        var sizing = Make.Size(any.Line, any.Volts, any.Rules);
        foreach (var rung in sizing.Ladder)
        {
            if (sizing.ProposedFuse is null)
            {
                Assert.Equal([RungFailure.NoFuse], rung.Failures);
                continue;
            }
            Assert.InRange(rung.DropFraction, 0, 1);
            var forFuse = sizing.Fuse.Family == FuseFamily.BoltDown ? 1.04 * sizing.Fuse.RatingAmps : sizing.Fuse.RatingAmps;
            var heavy = rung.Failures.Contains(RungFailure.Load) || rung.AmpacityAmps <= 0;
            if (rung.AmpacityAmps < sizing.Main.DesignAmps * (1 + any.Rules.MarginFraction) * (1 - 1e-9)) Assert.True(heavy);
            // The first wires carry the coil's current as well.
            if (rung.AmpacityAmps > (sizing.Main.LoadAmps + CoilAmps) * (1 + any.Rules.MarginFraction)) Assert.False(heavy);
            Assert.Equal(rung.AmpacityAmps < forFuse * (1 - 1e-9), rung.Failures.Contains(RungFailure.Fuse) || rung.AmpacityAmps <= 0);
            Assert.Equal(
                rung.DropFraction > sizing.DropLimit * (1 + 1e-9),
                rung.Failures.Contains(RungFailure.Drop) || rung.Failures.Contains(RungFailure.BrownOut));
        }
    }, iter: Lines);

    [Fact]
    public void Any_line_is_assessed_the_same_way_twice_with_no_figure_out_of_bounds() => AnyLine.OnVehicle.Sample(any =>
    {
        var once = Make.Assess(any.Line, any.Volts, any.Rules);
        var twice = Make.Assess(any.Line, any.Volts, any.Rules);
        Assert.Equal(once.Wire, twice.Wire);
        Assert.Equal(once.Checks.Select(check => check with { Remedy = null, RestsOn = [] }), twice.Checks.Select(check => check with { Remedy = null, RestsOn = [] }));
        Assert.Equal(once.Checks.SelectMany(check => check.RestsOn), twice.Checks.SelectMany(check => check.RestsOn));
        Assert.All(once.Ladder, entry => Assert.InRange(entry.DropFraction, 0, 1));
        Assert.All(once.Checks, check => Assert.True(double.IsFinite(check.Figure) && double.IsFinite(check.Limit)));
        if (once.Wire is not { } wire) return;
        Assert.Equal(any.Volts, once.LampVolts!.Value + wire.DropVolts, 9);
        if (once.LampVolts > 0) Assert.Equal(wire.DropVolts, once.Losses.Sum(loss => loss.Volts), Math.Max(2e-3, 2e-3 * wire.DropVolts) + 2e-4 * once.DesignAmps);
    }, iter: Lines);
}
