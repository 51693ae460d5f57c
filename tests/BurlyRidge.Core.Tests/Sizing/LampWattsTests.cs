using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Tests.Sizing;

public class LampWattsTests
{
    // By hand: 120 W at 12 V is 10 A; a regulated lamp draws 10/0.95 at the 5 % limit, a filament lamp 10·1.2^0.55 and a
    // resistor strip 12 A at 14.4 V.
    [Theory]
    [InlineData(LampKind.RegulatedLed, 10 / 0.95)]
    [InlineData(LampKind.Filament, 11.0548)]
    [InlineData(LampKind.ResistorLed, 12)]
    public void Design_current_is_the_most_that_the_lamp_draws(LampKind kind, double amps)
    {
        var watts = LampWatts.Of([new LampSet(kind, 1, 120)], 12);
        Assert.Equal(10, watts.LoadAmps(12), 9);
        Assert.Equal(amps, watts.DesignAmps(12, 0.05), 0.0001);
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

    // ABYC E-11: 3 % for critical, 10 % for other circuits (from memory); 5 % for lamps that go dim is a house rule.
    [Theory]
    [InlineData(SizingSchool.Usual, LampKind.RegulatedLed, null, 0.10)]
    [InlineData(SizingSchool.Usual, LampKind.Filament, null, 0.05)]
    [InlineData(SizingSchool.Usual, LampKind.ResistorLed, null, 0.05)]
    [InlineData(SizingSchool.LightFirst, LampKind.RegulatedLed, null, 0.03)]
    [InlineData(SizingSchool.LightFirst, LampKind.RegulatedLed, 0.08, 0.08)]
    public void A_lamp_may_lose_what_its_school_says_or_a_person_named(SizingSchool school, LampKind kind, double? named, double limit) =>
        Assert.Equal(limit, new HouseRules { Sizing = school, DropLimitRegulatedLed = named }.DropLimit(kind));
}
