using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Sizing;

public class LineSizerTests
{
    // Typical contacts (common practice, no source): 80 % of the rating at 12 V, 80 % of half of it at 24 V.
    [Theory]
    [InlineData(12, 22.8, 30)]
    [InlineData(12, 22.9, 40)]
    [InlineData(12, 53, 70)]
    [InlineData(12, 152, 200)]
    [InlineData(12, 153, null)]
    [InlineData(24, 11.3, 30)]
    [InlineData(24, 15, 40)]
    [InlineData(24, 76, 200)]
    [InlineData(24, 77, null)]
    public void The_smallest_contact_that_carries_it_is_taken(int volts, double loadAmps, int? rating)
    {
        var sizing = LineSizer.Size(Make.Demand(Make.Line(loadAmps * volts / 2, 1, count: 2), volts));
        Assert.Equal(rating, sizing.RelayAmps);
    }

    [Fact]
    public void A_fuse_that_is_met_exactly_is_taken()
    {
        // 120 W resistor strip at 12 V: 12 A at 14.4 V, and 12/0.8 is 15 to the last digit.
        var sizing = LineSizer.Size(Make.Demand(Make.Line(120, 1, LampKind.ResistorLed)));
        Assert.Equal(new Fuse(15, FuseFamily.Blade), sizing.ProposedFuse);
    }

    [Fact]
    public void Above_40_A_the_fuse_is_bolted_down_and_the_wire_good_for_1_04_times_it()
    {
        var rules = new HouseRules { MarginFraction = 0, DropLimitRegulatedLed = 0.2 };
        // 35 A load is 43.75 A design: 54.7 A asks for the 60 A bolt-down, and that for 62.4 A of wire; 10 AWG has 60.
        var sizing = LineSizer.Size(Make.Demand(Make.Line(420, 1), rules: rules));
        Assert.Equal(new Fuse(60, FuseFamily.BoltDown), sizing.Fuse);
        var ten = sizing.Ladder.Single(rung => rung.Wire.Name == "10 AWG");
        Assert.Equal(60, ten.AmpacityAmps, 9);
        Assert.Contains(RungFailure.Fuse, ten.Failures);
        Assert.Equal("8 AWG", sizing.Wire!.Wire.Name);
    }

    [Fact]
    public void No_fuse_no_wire()
    {
        var sizing = LineSizer.Size(Make.Demand(Make.Line(5000, 1, count: 100)));
        Assert.Null(sizing.Fuse);
        Assert.Null(sizing.Wire);
        Assert.All(sizing.Ladder, rung => Assert.Equal(1, rung.DropFraction(12)));
    }

    [Fact]
    public void A_gauge_that_the_lamp_cannot_run_on_loses_everything()
    {
        var rung = WireRung.Judge(Make.Demand(Make.Line(60, 60)), WireTable.Find("20 AWG")!, new Fuse(7.5, FuseFamily.Blade));
        Assert.Null(rung.Point);
        Assert.Equal(1, rung.DropFraction(12));
        Assert.Contains(RungFailure.BrownOut, rung.Failures);
    }

    [Fact]
    public void What_is_neither_wire_nor_fuse_is_at_most_30_milliohms()
    {
        foreach (var path in Enum.GetValues<ReturnPath>())
        {
            var demand = Make.Demand(Make.Line(200, 20, path: path, trigger: Trigger.HighBeam));
            var contacts = SeriesParts.Of(demand, new Fuse(25, FuseFamily.Blade)).Where(part => part.Kind != PartKind.Fuse);
            Assert.InRange(contacts.Sum(part => part.Ohms), 0.005, 0.030);
        }
    }

    [Fact]
    public void A_wire_taken_by_hand_is_judged_and_the_proposal_still_known()
    {
        var sizing = LineSizer.Size(Make.Demand(Make.Line(100, 4)), WireTable.Find("20 AWG"));
        Assert.Equal("20 AWG", sizing.Wire!.Wire.Name);
        Assert.False(sizing.Wire.Holds);
        Assert.True(sizing.ProposedWire!.Holds);
    }

    [Fact]
    public void A_fuse_taken_by_hand_moves_the_wire_with_it()
    {
        var line = Make.Line(60, 0.5);
        var usual = LineSizer.Size(Make.Demand(line));
        var forced = LineSizer.Size(Make.Demand(line with { ChosenFuse = new Fuse(40, FuseFamily.Blade) }));
        Assert.True(forced.Wire!.AmpacityAmps >= 40);
        Assert.True(usual.Wire!.AmpacityAmps < 40);
    }
}
