using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Parts;

/// <summary>What every part says of itself hangs together.</summary>
public class PartTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(0, 40)];

    private static IEnumerable<Rig> Rigs(int seed) => [AnyRig.Of(seed).Rig, AllShapes.All[seed % AllShapes.All.Count].Rig];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Every_pin_leads_somewhere(int seed)
    {
        foreach (var rig in Rigs(seed))
        {
            var around = rig.Around();
            var ends = rig.AllParts().SelectMany(part => part.Elements(around)).SelectMany(element => new[] { element.From, element.To }).ToHashSet(StringComparer.Ordinal);
            foreach (var part in rig.AllParts())
                foreach (var pin in (part.Pins() ?? []).Where(pin => part is not Fixture lamp || !lamp.SparePins.Contains(pin)))
                    Assert.Contains(pin.Length == 0 ? part.Id : $"{part.Id}.{pin}", ends);
        }
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Every_element_has_a_name_of_its_own_that_its_part_has_words_for(int seed)
    {
        foreach (var rig in Rigs(seed))
        {
            var around = rig.Around();
            var elements = rig.AllParts().SelectMany(part => part.Elements(around).Select(element => (Part: part, Element: element))).ToList();
            Assert.Equal(elements.Count, elements.Select(pair => pair.Element.Id).Distinct(StringComparer.Ordinal).Count());
            Assert.All(elements, pair => Assert.NotEqual("", pair.Part.Word(TerminalIndex.Split(pair.Element.Id).Pin, "A name").Name));
        }
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void What_a_contact_needs_is_an_input_that_some_part_has(int seed)
    {
        foreach (var rig in Rigs(seed))
        {
            var around = rig.Around();
            var inputs = rig.AllParts().SelectMany(part => part.Inputs(around)).ToHashSet();
            foreach (var need in rig.AllParts().SelectMany(part => part.Elements(around)).SelectMany(element => element.Needs).OfType<Need.OnInput>())
                Assert.Contains(need.Input, inputs);
        }
    }

    [Fact]
    public void A_breaker_in_the_wire_feeds_is_judged_and_is_one_thing_on_the_strip()
    {
        var rig = GoodRigs.Bar;
        var (from, to) = ($"{rig.Protection[0].Id}.in", $"{rig.Protection[0].Id}.out");
        string End(string end) => end == from ? "breaker.in" : end == to ? "breaker.out" : end;
        var broken = rig with
        {
            Protection = [.. rig.Protection.Skip(1)],
            InlineBreakers = [new InlineBreaker("breaker", 30, BreakerReset.Automatic)],
            Runs = [.. rig.Runs.Select(run => run with { From = End(run.From), To = End(run.To) })],
        };
        Assert.Empty(RigValidation.Validate(broken));
        var line = broken.Lines[0].Id;
        var stations = Core.Assessing.LineView.Of(broken, line)!.Strip.Strands.SelectMany(strand => strand.Stations).ToList();
        var station = stations.Single(station => station.Part == "breaker");
        Assert.Equal(("30 A breaker", "Breaker, resets itself", "inlineBreakers", PartSymbol.Fuse), (station.Name, station.Detail, station.List, station.Symbol));
        var assessment = Core.Assessing.Assessor.Assess(broken);
        Assert.Contains(assessment.Devices, device => device.Id == "breaker" && device.DesignAmps > 1);
        Assert.Contains(assessment.Runs, run => run.Fuses.Contains("breaker"));
        Assert.Equal(["inlineBreakers[0].ratingAmps"], RigValidation.Validate(broken with { InlineBreakers = [new InlineBreaker("breaker", 900)] }).Select(problem => problem.Path));
    }
}
