using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Fitting;

/// <summary>Parts that are no lamps, and what arrives.</summary>
public class PartFitTests
{
    private static readonly Space Shelf = new("shelf", "Shelf", "battery", 200, 100, 80) { ReachMillimetres = 30 };

    private static Verdict Of(Space space, PartDimensions part, string id) => PartFit.Of(space, part).Findings.Single(finding => finding.Id == id).Verdict;

    [Theory]
    [InlineData(200, 100, 80, Verdict.Holds)]
    [InlineData(100, 200, 80, Verdict.Holds)]
    [InlineData(150, 150, 80, Verdict.Stop)]
    [InlineData(200, 100, 80.1, Verdict.Stop)]
    public void A_box_goes_upright_or_turned(double width, double height, double depth, Verdict verdict) =>
        Assert.Equal(verdict, PartFit.Of(Shelf, new PartDimensions("box", width, height, depth)).Verdict);

    [Fact]
    public void Its_lid_has_to_open_and_a_spanner_to_turn()
    {
        Assert.Equal(Verdict.Stop, Of(Shelf, new PartDimensions("box", 100, 50, 50) { OpenMillimetres = 31 }, "depth"));
        Assert.Equal(Verdict.Holds, Of(Shelf, new PartDimensions("box", 100, 50, 50) { OpenMillimetres = 30, ReachMillimetres = 30 }, "reach"));
        Assert.Equal(Verdict.Stop, Of(Shelf, new PartDimensions("box", 100, 50, 50) { ReachMillimetres = 31 }, "reach"));
    }

    [Theory]
    [InlineData(22.0, Verdict.Holds)]
    [InlineData(20.0, Verdict.Watch)]
    [InlineData(24.0, Verdict.Stop)]
    [InlineData(null, Verdict.Watch)]
    public void A_switch_wants_its_hole(double? hole, Verdict verdict) =>
        Assert.Equal(verdict, Of(Shelf with { HoleMillimetres = hole }, new PartDimensions("s", 20, 20, 30) { HoleMillimetres = 22 }, "hole"));

    [Theory]
    [InlineData(100, 100, Verdict.Holds)]
    [InlineData(101, 100, Verdict.Stop)]
    public void Two_parts_in_one_space_are_judged_together(double first, double second, Verdict verdict)
    {
        Assert.Equal(verdict, PartFit.Together(Shelf, [new PartDimensions("a", first, 100, 50), new PartDimensions("b", second, 100, 50)], UnitSystem.Metric).Verdict);
        Assert.Equal(verdict, PartFit.Together(Shelf with { WidthMillimetres = 100, HeightMillimetres = 200 }, [new PartDimensions("a", 100, first, 50), new PartDimensions("b", 100, second, 50)], UnitSystem.Metric).Verdict);
        Assert.All(new[] { first, second }.Where(width => width <= 200), width => Assert.Equal(Verdict.Holds, PartFit.Of(Shelf, new PartDimensions("a", width, 100, 50)).Verdict));
    }

    [Fact]
    public void One_hole_takes_one_switch()
    {
        var hole = Shelf with { HoleMillimetres = 22 };
        List<PartDimensions> switches = [new PartDimensions("a", 24, 24, 30) { HoleMillimetres = 22 }, new PartDimensions("b", 24, 24, 30) { HoleMillimetres = 22 }];
        Assert.Equal(Verdict.Stop, PartFit.Together(hole, switches, UnitSystem.Metric).Verdict);
        Assert.Equal(Verdict.Holds, PartFit.Together(hole, [switches[0], switches[1] with { HoleMillimetres = null }], UnitSystem.Metric).Verdict);
    }

    [Fact]
    public void What_arrives_is_measured_before_anything_comes_off()
    {
        var sold = new LampDimensions(500, 60, 70, 3);
        Assert.Empty(Arrival.Differences(sold, sold with { WidthMillimetres = 501 }));
        Assert.Equal(["width"], Arrival.Differences(sold, sold with { WidthMillimetres = 504, DepthMillimetres = 70.5 }).Select(size => size.Size));
    }

    [Fact]
    public void Of_a_catalogue_those_that_go_come_first_and_the_others_say_why()
    {
        var mount = new Mount("m", "Mount", "s", new Point(0, 0, 1)) { WidthMillimetres = 512, Holds = [new Holder(HolderKind.Stud, 8, 10)] };
        CatalogueLamp Lamp(string id, double width, double lumens, double price, double volts = 12) => new(
            new Fixture(id, id, [new LampFunction("main", LampKind.RegulatedLed, 20, volts)]) { Body = new LampDimensions(width, 60, 70, 1) { Holds = [new Holder(HolderKind.Stud, 8, 8)] } }, lumens, price);
        var all = new[] { Lamp("wide", 600, 9000, 10), Lamp("dim", 300, 1000, 20), Lamp("bright", 400, 4000, 90), Lamp("truck", 300, 8000, 50, 24) };
        var truck = Candidates.For(mount, all, Vehicle.Usual(24), UnitSystem.Metric, RankBy.Light);
        Assert.Equal("truck", truck[0].Lamp.Fixture.Id);
        Assert.All(truck.Skip(1), candidate => Assert.Contains("15.6 V", candidate.Why, StringComparison.Ordinal));
        Assert.Equal(["truck", "bright", "dim", "wide"], Candidates.For(mount, all, Vehicle.Usual(12), UnitSystem.Metric, RankBy.Light).Select(candidate => candidate.Lamp.Fixture.Id));
        Assert.Equal(["dim", "truck", "bright", "wide"], Candidates.For(mount, all, Vehicle.Usual(12), UnitSystem.Metric, RankBy.Price).Select(candidate => candidate.Lamp.Fixture.Id));
        Assert.Contains("At most 512 mm", Candidates.For(mount, all, Vehicle.Usual(12), UnitSystem.Metric, RankBy.Price)[^1].Why, StringComparison.Ordinal);
    }
}
