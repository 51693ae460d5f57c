using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Sizing;

public class DemandTests
{
    // By hand: 120 W at 12 V is 10 A; a regulated lamp draws 10/0.95 at the 5 % limit, a filament lamp 10·1.2^0.55 and a
    // resistor strip 12 A at 14.4 V.
    [Theory]
    [InlineData(LampKind.RegulatedLed, 10 / 0.95)]
    [InlineData(LampKind.Filament, 11.0548)]
    [InlineData(LampKind.ResistorLed, 12)]
    public void Design_current_is_the_most_that_the_lamp_draws(LampKind kind, double amps)
    {
        var demand = Make.Demand(Make.Line(120, 1, kind));
        Assert.Equal(10, demand.LoadAmps, 9);
        Assert.Equal(amps, demand.DesignAmps, 0.0001);
    }

    // IES rerating (from memory): 55 W stated at 13.2 V is 55·(12/13.2)^1.55 at 12 V.
    [Theory]
    [InlineData(LampKind.RegulatedLed, 55)]
    [InlineData(LampKind.ResistorLed, 45.4545)]
    [InlineData(LampKind.Filament, 47.4465)]
    public void A_rating_stated_at_another_voltage_is_rerated(LampKind kind, double watts) =>
        Assert.Equal(watts, new LampSet(kind, 1, 55, AtVolts: 13.2).WattsAt(12), 0.0001);

    [Fact]
    public void Amps_and_watts_at_one_voltage_are_the_same_lamp() =>
        Assert.Equal(
            new LampSet(LampKind.Filament, 1, Watts: 60, AtVolts: 13.5).WattsAt(12),
            new LampSet(LampKind.Filament, 1, Amps: 60 / 13.5, AtVolts: 13.5).WattsAt(12), 9);

    [Fact]
    public void The_hottest_zone_governs()
    {
        var line = Make.Line(60, 3) with { Zones = [Zone.Cabin, Zone.EngineBay, Zone.Exterior] };
        var demand = Make.Demand(line);
        Assert.Equal(Zone.EngineBay, demand.HottestZone);
        Assert.Equal(70, demand.AmbientCelsius);
    }

    [Fact]
    public void A_line_with_any_other_lamp_takes_the_stricter_drop_limit()
    {
        var mixed = Make.Line(60, 3) with { Lamps = [new(LampKind.RegulatedLed, 1, 60), new(LampKind.Filament, 1, 5)] };
        Assert.Equal(0.03, Make.Demand(mixed).Limits.DropFraction);
        Assert.Equal(0.05, Make.Demand(Make.Line(60, 3)).Limits.DropFraction);
    }

    [Theory]
    [InlineData(ReturnPath.Wire, 2)]
    [InlineData(ReturnPath.Body, 1)]
    public void A_loom_that_nobody_counted_holds_the_line_alone(ReturnPath path, int conductors) =>
        Assert.Equal(conductors, Make.Demand(Make.Line(60, 3, path: path)).Bundled);

    [Theory]
    [InlineData(56, Trigger.SwitchAlone, false)]
    [InlineData(58, Trigger.SwitchAlone, true)]
    [InlineData(5, Trigger.HighBeam, true)]
    [InlineData(5, Trigger.Reverse, true)]
    public void A_relay_is_needed_above_5_A_or_for_a_signal(double watts, Trigger trigger, bool needed) =>
        Assert.Equal(needed, Make.Demand(Make.Line(watts, 1, trigger: trigger)).NeedsRelay);
}
