using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;
using CsCheck;

namespace BurlyRidge.Core.Tests.Templates;

/// <summary>Each check on a line that holds and on one that does not, differing in that thing alone.</summary>
public class QuickChecksTests
{
    private static readonly LinePlan Good = Make.Line(60, 3);
    private static readonly Fuse TenAmps = new(10, FuseFamily.Blade);

    private static Core.Checks.Check Of(string id, LinePlan line, int volts = 12, HouseRules? rules = null) =>
        Make.Assess(line, volts, rules).Checks.Where(check => check.Id == id).MaxBy(check => check.Verdict)!;

    [Fact]
    public void A_usual_line_holds_in_every_check()
    {
        var answer = Make.Assess(Good);
        Assert.Equal(Verdict.Holds, answer.Verdict);
        Assert.Equal(
            ["wire-found", "wire-load", "wire-fuse", "zone-heat", "fuse-load", "fuse-heat", "far-short", "drop", "lamp-runs", "relay-contact", "switch-current"],
            answer.Checks.Select(check => check.Id));
        Assert.All(answer.Checks, check => Assert.False(string.IsNullOrWhiteSpace(check.Source)));
    }

    // 60 W at 5 % is 5.26 A; 20 AWG carries 12.6 A alone at 30 °C and 6.3 A among seven.
    [Fact]
    public void Wire_without_its_margin_is_to_watch_and_below_the_load_a_Stop()
    {
        var thin = Good with { OneWayMetres = 0.5, ChosenWire = "20 AWG" };
        Assert.Equal(Verdict.Holds, Of("wire-load", thin).Verdict);
        Assert.Equal(Verdict.Watch, Of("wire-load", thin with { Bundled = 7 }).Verdict);
        Assert.Equal(Verdict.Stop, Of("wire-load", thin with { Bundled = 25 }).Verdict);
    }

    [Fact]
    public void A_fuse_above_the_wire_is_a_Stop()
    {
        var thin = Good with { OneWayMetres = 0.5, ChosenWire = "18 AWG" };
        Assert.Equal(Verdict.Holds, Of("wire-fuse", thin with { ChosenFuse = new Fuse(20, FuseFamily.Blade) }).Verdict);
        Assert.Equal(Verdict.Stop, Of("wire-fuse", thin with { ChosenFuse = new Fuse(25, FuseFamily.Blade) }).Verdict);
    }

    // A bolt-down fuse carries half as much again for an hour: 30 A of it ask for 31.2 A of wire.
    [Fact]
    public void A_bolt_down_fuse_asks_for_a_little_more_wire_than_a_blade()
    {
        var line = Good with { ChosenWire = "14 AWG", Bundled = 1 };
        var rules = new HouseRules { ZoneCelsius = new ZoneTemperatures { Exterior = 48 } };
        var ampacity = Make.Assess(line, rules: rules).Wire!.AmpacityAmps;
        Assert.InRange(ampacity, 30, 31.2);
        Assert.Equal(Verdict.Holds, Of("wire-fuse", line with { ChosenFuse = new Fuse(30, FuseFamily.Blade) }, rules: rules).Verdict);
        Assert.Equal(Verdict.Stop, Of("wire-fuse", line with { ChosenFuse = new Fuse(30, FuseFamily.BoltDown) }, rules: rules).Verdict);
    }

    [Fact]
    public void A_fuse_loaded_above_the_rule_is_to_watch_and_above_its_rating_a_Stop()
    {
        Assert.Equal(Verdict.Holds, Of("fuse-load", Good with { ChosenFuse = new Fuse(7.5, FuseFamily.Blade) }).Verdict);
        var heavier = Good with { Lamps = [new(LampKind.RegulatedLed, 1, 100)] };
        Assert.Equal(Verdict.Watch, Of("fuse-load", heavier with { ChosenFuse = TenAmps }).Verdict);
        Assert.Equal(Verdict.Stop, Of("fuse-load", heavier with { ChosenFuse = new Fuse(7.5, FuseFamily.Blade) }).Verdict);
    }

    [Fact]
    public void Drop_over_the_limit_is_to_watch_where_that_can_be_cured_and_over_ten_per_cent_a_Stop_for_a_lamp_that_goes_dim()
    {
        var line = Good with { ChosenWire = "16 AWG" };
        Assert.Equal(Verdict.Holds, Of("drop", line with { OneWayMetres = 2 }).Verdict);
        Assert.Equal(Verdict.Watch, Of("drop", line with { OneWayMetres = 11 }).Verdict);
        var dim = line with { Lamps = [new(LampKind.Filament, 1, 60)] };
        Assert.Equal(Verdict.Watch, Of("drop", dim with { OneWayMetres = 6 }).Verdict);
        Assert.Equal(Verdict.Stop, Of("drop", dim with { OneWayMetres = 12 }).Verdict);
        // Nothing thicker helps a long line enough: what is lost is told, and what would help.
        var far = Of("drop", Make.Line(300, 18, path: ReturnPath.Body));
        Assert.Equal(Verdict.Holds, far.Verdict);
        Assert.True(far.Figure > far.Limit);
        Assert.Contains("fuse, contacts, plugs and body", far.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void All_that_is_not_wire_is_named_beside_the_wire()
    {
        var reason = Make.Assess(Good with { Return = ReturnPath.Body }).Wire!.Reason;
        foreach (var part in new[] { "fuse holder", "blade fuse", "relay", "plug", "terminals" })
            Assert.Contains(part, reason, StringComparison.Ordinal);
    }

    [Fact]
    public void Lamps_that_cannot_run_are_a_Stop()
    {
        var line = Good with { ChosenWire = "20 AWG" };
        Assert.Equal(Verdict.Holds, Of("lamp-runs", line).Verdict);
        Assert.Equal(Verdict.Stop, Of("lamp-runs", line with { OneWayMetres = 50 }).Verdict);
    }

    [Fact]
    public void A_zone_as_hot_as_the_insulation_is_a_Stop()
    {
        var rules = new HouseRules { ZoneCelsius = new ZoneTemperatures { Exterior = 105 } };
        Assert.Equal(Verdict.Holds, Of("zone-heat", Good with { Zones = [Zone.EngineBay] }, rules: rules).Verdict);
        var hot = Make.Assess(Good, rules: rules);
        Assert.Equal(Verdict.Stop, hot.Checks.Where(check => check.Id == "zone-heat").Max(check => check.Verdict));
        Assert.Null(hot.Wire);
        Assert.All(hot.Ladder, entry => Assert.Contains(Core.Sizing.RungFailure.Heat, entry.Fails));
    }

    [Fact]
    public void A_load_beyond_every_relay_does_not_hold_and_says_to_split()
    {
        var heavy = Make.Line(1000, 1, count: 2);
        Assert.Equal(Verdict.Holds, Of("relay-contact", Make.Line(200, 1, count: 2)).Verdict);
        var check = Of("relay-contact", heavy);
        Assert.NotEqual(Verdict.Holds, check.Verdict);
        Assert.Contains("Split", check.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void No_standard_fuse_is_a_Stop_that_says_to_split()
    {
        var check = Of("fuse-load", Make.Line(1000, 1, count: 3));
        Assert.Equal(Verdict.Stop, check.Verdict);
        Assert.Contains("Split", check.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void A_proposal_and_the_checks_never_disagree() => AnyLine.OnVehicle.Sample(any =>
    {
        var answer = Make.Assess(any.Line, any.Volts, any.Rules);
        if (answer.Wire is null) Assert.Equal(Verdict.Stop, answer.Verdict);
        else if (answer.Relay.Needed && answer.Relay.RatingAmps is null) Assert.NotEqual(Verdict.Holds, answer.Verdict);
        // A drop that somebody named may leave less than is wanted above drop-out on a flat battery.
        else Assert.All(answer.Checks, check => Assert.True(check.Verdict == Verdict.Holds || check is { Id: "lamp-runs", Verdict: Verdict.Watch }, check.Reason));
    });
}
