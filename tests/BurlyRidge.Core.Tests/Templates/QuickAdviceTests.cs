using BurlyRidge.Core.Wording;
using System.Globalization;
using System.Text.RegularExpressions;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using CsCheck;

namespace BurlyRidge.Core.Tests.Templates;

public class QuickAdviceTests
{
    [Fact]
    public void A_line_too_long_for_any_wire_is_told_how_long_it_may_be()
    {
        var plan = Make.Line(450, 99);
        Assert.Null(Make.Size(plan).ProposedWire);
        var said = QuickAdvice.Of(Make.Ask(plan)).Single(way => way.StartsWith("shorter", StringComparison.Ordinal));
        var metres = double.Parse(Regex.Match(said, @"[\d.]+").Value, CultureInfo.InvariantCulture);
        Assert.NotNull(Make.Size(plan with { OneWayMetres = metres }).ProposedWire);
        Assert.Null(Make.Size(plan with { OneWayMetres = metres + 0.1 }).ProposedWire);
    }

    [Fact]
    public void Lengths_are_said_in_the_units_of_the_house() =>
        Assert.Contains(QuickAdvice.Of(Make.Ask(Make.Line(450, 99), rules: new HouseRules { Units = UnitSystem.Imperial })), way => way.Contains(" ft one way", StringComparison.Ordinal));

    [Fact]
    public void Two_lamps_too_many_for_one_line_are_split()
    {
        // 480 W at 12 V lose more in fuse and contacts than any copper can make good; half of it does not.
        var ways = QuickAdvice.Of(Make.Ask(Make.Line(240, 3, count: 2)));
        Assert.Contains(ways, way => way.StartsWith("split in two lines of 20.0 A", StringComparison.Ordinal));
        Assert.Contains(ways, way => way.StartsWith("24 V", StringComparison.Ordinal));
    }

    [Fact]
    public void One_lamp_cannot_be_split() =>
        Assert.DoesNotContain(QuickAdvice.Of(Make.Ask(Make.Line(480, 3))), way => way.StartsWith("split", StringComparison.Ordinal));

    [Fact]
    public void Copper_both_ways_is_offered_where_the_body_path_is_what_loses() =>
        Assert.Contains(QuickAdvice.Of(Make.Ask(Make.Line(300, 2.1, path: ReturnPath.Body))), way => way.StartsWith("both-way copper", StringComparison.Ordinal));

    [Fact]
    public void A_line_with_no_wire_always_has_its_reason() => AnyLine.OnVehicle.Sample(any =>
    {
        var found = Make.Assess(any.Line, any.Volts, any.Rules);
        Assert.Equal(found.Wire is null ? Verdict.Stop : Verdict.Holds, found.Checks.Single(check => check.Id == "wire-found").Verdict);
    }, iter: 50);
}
