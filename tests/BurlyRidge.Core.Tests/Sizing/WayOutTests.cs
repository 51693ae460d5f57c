using System.Globalization;
using System.Text.RegularExpressions;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support;
using CsCheck;

namespace BurlyRidge.Core.Tests.Sizing;

public class WayOutTests
{
    [Fact]
    public void A_line_too_long_for_any_wire_is_told_how_long_it_may_be()
    {
        var demand = Make.Demand(Make.Line(60, 80));
        Assert.Null(LineSizer.Size(demand).Wire);
        var said = WayOut.Of(demand, 1).Single(way => way.StartsWith("shorter", StringComparison.Ordinal));
        var metres = double.Parse(Regex.Match(said, @"[\d.]+").Value, CultureInfo.InvariantCulture);
        Assert.NotNull(LineSizer.Size(demand with { OneWayMetres = metres }).Wire);
        Assert.Null(LineSizer.Size(demand with { OneWayMetres = metres + 0.1 }).Wire);
    }

    [Fact]
    public void Lengths_are_said_in_the_units_of_the_house()
    {
        var demand = Make.Demand(Make.Line(60, 80), rules: new HouseRules { Units = UnitSystem.Imperial });
        Assert.Contains(WayOut.Of(demand, 1), way => way.Contains(" ft one way", StringComparison.Ordinal));
    }

    [Fact]
    public void Two_lamps_too_many_for_one_line_are_split()
    {
        // 480 W at 12 V lose more in fuse and contacts than any copper can make good; half of it does not.
        var ways = WayOut.Of(Make.Demand(Make.Line(240, 3, count: 2)), 2);
        Assert.Contains(ways, way => way.StartsWith("split in two lines of 20.0 A", StringComparison.Ordinal));
        Assert.Contains(ways, way => way.StartsWith("24 V", StringComparison.Ordinal));
    }

    [Fact]
    public void One_lamp_cannot_be_split() =>
        Assert.DoesNotContain(WayOut.Of(Make.Demand(Make.Line(480, 3)), 1), way => way.StartsWith("split", StringComparison.Ordinal));

    [Fact]
    public void Copper_both_ways_is_offered_where_the_body_path_is_what_loses()
    {
        var rules = new HouseRules { Gauges = GaugeSystem.Awg };
        var ways = WayOut.Of(Make.Demand(Make.Line(300, 2.1, path: ReturnPath.Body), rules: rules), 1);
        Assert.Contains(ways, way => way.StartsWith("both-way copper", StringComparison.Ordinal));
    }

    [Fact]
    public void A_line_with_no_wire_always_has_its_reason_and_every_way_out_names_a_wire_or_a_length() =>
        AnyLine.OnVehicle.Sample(any =>
        {
            var sizing = LineSizer.Size(Make.Demand(any.Line, any.Volts, any.Rules));
            if (sizing.Wire is not null) return;
            var found = Make.Assess(any.Line, any.Volts, any.Rules).Checks.Single(check => check.Id == "wire-found");
            Assert.Equal(Core.Verdict.Stop, found.Verdict);
        });
}
