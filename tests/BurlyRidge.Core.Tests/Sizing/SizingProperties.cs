using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support;
using CsCheck;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>What must hold for any line at all.</summary>
public class SizingProperties
{
    private static int Rung(LineSizing sizing) =>
        sizing.ProposedWire is { } rung ? sizing.Ladder.ToList().IndexOf(rung) : sizing.Ladder.Count;

    private static LineSizing Size(LinePlan line, HouseRules rules, int volts) => LineSizer.Size(Make.Demand(line, volts, rules));

    [Fact]
    public void Design_current_is_below_the_fuse_and_the_fuse_within_the_wire() => AnyLine.OnVehicle.Sample(any =>
    {
        var sizing = Size(any.Line, any.Rules, any.Volts);
        if (sizing.Wire is not { } rung) return;
        var fuse = sizing.Fuse!;
        Assert.True(sizing.Demand.DesignAmps <= fuse.RatingAmps * any.Rules.FuseLoadFraction * (1 + 1e-8));
        Assert.True(fuse.RatingAmps <= rung.AmpacityAmps * (1 + 1e-8));
        if (fuse.Family == FuseFamily.BoltDown) Assert.True(1.04 * fuse.RatingAmps <= rung.AmpacityAmps * (1 + 1e-8));
        Assert.True(rung.AmpacityAmps >= sizing.Demand.DesignAmps * (1 + any.Rules.MarginFraction) * (1 - 1e-8));
        Assert.InRange(rung.DropFraction(any.Volts), 0, any.Rules.DropLimitRegulatedLed * (1 + 1e-8));
    });

    [Fact]
    public void Longer_is_never_thinner() => Gen.Select(AnyLine.OnVehicle, Gen.Double[1, 3]).Sample((any, factor) =>
        Rung(Size(any.Line, any.Rules, any.Volts))
        <= Rung(Size(any.Line with { OneWayMetres = any.Line.OneWayMetres * factor }, any.Rules, any.Volts)));

    [Fact]
    public void A_larger_margin_is_never_thinner() => Gen.Select(AnyLine.OnVehicle, Gen.Double[0, 1]).Sample((any, more) =>
        Rung(Size(any.Line, any.Rules, any.Volts))
        <= Rung(Size(any.Line, any.Rules with { MarginFraction = any.Rules.MarginFraction + more }, any.Volts)));

    [Fact]
    public void More_wires_in_the_loom_are_never_thinner() => Gen.Select(AnyLine.OnVehicle, Gen.Int[0, 40]).Sample((any, more) =>
        Rung(Size(any.Line, any.Rules, any.Volts))
        <= Rung(Size(any.Line with { Bundled = any.Line.Bundled + more }, any.Rules, any.Volts)));

    [Fact]
    public void Every_rung_that_fails_fails_for_the_reason_it_states() => AnyLine.OnVehicle.Sample(any =>
    {
        var sizing = Size(any.Line, any.Rules, any.Volts);
        var demand = sizing.Demand;
        foreach (var rung in sizing.Ladder)
        {
            if (sizing.Fuse is not { } fuse)
            {
                Assert.Equal([RungFailure.NoFuse], rung.Failures);
                continue;
            }
            var drop = rung.DropFraction(any.Volts);
            Assert.InRange(drop, 0, 1);
            var forFuse = fuse.Family == FuseFamily.BoltDown ? 1.04 * fuse.RatingAmps : fuse.RatingAmps;
            Assert.Equal(rung.AmpacityAmps < demand.DesignAmps * (1 + any.Rules.MarginFraction) * (1 - 1e-9), rung.Failures.Contains(RungFailure.Load));
            Assert.Equal(rung.AmpacityAmps < forFuse * (1 - 1e-9), rung.Failures.Contains(RungFailure.Fuse));
            Assert.Equal(
                drop > demand.Limits.DropFraction * (1 + 1e-9),
                rung.Failures.Contains(RungFailure.Drop) || rung.Failures.Contains(RungFailure.BrownOut));
        }
    });

    [Fact]
    public void Volts_lost_add_up_to_what_does_not_arrive() => AnyLine.OnVehicle.Sample(any =>
    {
        foreach (var rung in Size(any.Line, any.Rules, any.Volts).Ladder)
        {
            if (rung.Point is not { } point) continue;
            Assert.Equal(any.Volts - point.LampVolts, point.Amps * point.Parts.Sum(part => part.Ohms), 1e-6);
        }
    });

    [Fact]
    public void Any_line_is_assessed_the_same_way_twice_with_no_figure_out_of_bounds() => AnyLine.OnVehicle.Sample(any =>
    {
        var once = Make.Assess(any.Line, any.Volts, any.Rules);
        var twice = Make.Assess(any.Line, any.Volts, any.Rules);
        Assert.Equal(once.Wire, twice.Wire);
        Assert.Equal(once.Checks, twice.Checks);
        Assert.All(once.Ladder, entry => Assert.InRange(entry.DropFraction, 0, 1));
        Assert.All(once.Checks, check => Assert.True(double.IsFinite(check.Figure) && double.IsFinite(check.Limit)));
        if (once.Wire is { } wire) Assert.Equal(any.Volts, once.LampVolts!.Value + wire.DropVolts, 9);
    });
}
