using BurlyRidge.Core.Wording;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Xml.Linq;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Rigs;

/// <summary>What people call things, and that they are called nothing else.</summary>
public class PartNamesTests
{
    /// <summary>Fields that hold ids, for programs; no page shows them.</summary>
    private static readonly HashSet<string> ForPrograms = new(StringComparer.Ordinal)
    {
        "id", "part", "parts", "element", "elements", "from", "to", "about", "lineId", "lineIds", "fuses", "source", "output", "station", "stations", "terminal", "terminals",
        "switches", "pressed", "contacts", "currents", "lit", "boxAmps", "concerns", "lamp", "lines", "through", "names", "at", "mount", "lane", "rig", "state", "box",
    };

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    [Theory]
    [MemberData(nameof(Shapes))]
    public void No_id_is_read_by_people(string name)
    {
        var shape = AllShapes.Competent.First(shape => shape.Name == name);
        foreach (var rig in new[] { shape.Rig, Spoilt(shape.Rig) }.Select(TokenIds.Of))
        {
            var whole = WholeRig.Of(rig);
            Read(Assessor.Assess(rig));
            foreach (var line in rig.Lines) Read(LineView.Of(rig, line.Id));
            Read(PanelView.Of(AssessedRig.Of(rig)));
            Read(WalkaroundView.Of(rig));
            Read(whole.Resize());
            Read(whole.AssignOutputs());
            Read(Reroute.Of(rig));
            Draw(Diagram.OfRig(rig, "Job"));
            Draw(LegendStrip.Page("Job", "Revision 1", rig).Replace("<!doctype html>", "", StringComparison.Ordinal).Replace("<meta charset=\"utf-8\">", "", StringComparison.Ordinal).Replace("print.css\">", "print.css\"/>", StringComparison.Ordinal));
        }
    }

    [Fact]
    public void Quick_plans_and_their_parts_are_called_after_their_line()
    {
        var rig = Rig.Empty(12, UnitSystem.Metric) with { Lines = [new Line("3f0c6a5e-1111-4222-8333-944455556666", "Roof bar", Make.Line(100, 3, count: 2))] };
        var wired = WholeRig.Of(rig).Wired;
        var names = PartNames.Of(wired);
        Assert.Contains("Roof bar relay", wired.Relays.Select(relay => names[relay.Id]));
        Assert.Contains("Roof bar fuse to relay 30", wired.Runs.Select(names.Wire));
        Assert.All(wired.Runs, run => Assert.DoesNotContain("3f0c", names.Wire(run), StringComparison.Ordinal));
    }

    [Fact]
    public void A_name_given_is_the_name_and_no_two_are_alike()
    {
        var rig = GoodRigs.Bar with { Relays = [GoodRigs.Bar.Relays[0] with { Name = "Bar relay" }] };
        Assert.Equal("Bar relay", PartNames.Of(rig)[rig.Relays[0].Id]);
        var twice = rig with { Protection = [.. rig.Protection.Select(device => device with { Name = "Bar relay" })] };
        var names = PartNames.Of(twice);
        Assert.Distinct(Rig.Lists.SelectMany(list => list.Of(twice)).OfType<IPart>().Select(part => names[part.Id]), StringComparer.OrdinalIgnoreCase);
    }

    [Fact]
    public void A_line_may_have_the_id_of_a_part_and_keeps_its_name()
    {
        var rig = GoodRigs.Bar with { Lines = [new Line("bar", "Light bar") { Lights = ["bar.main"] }] };
        var names = PartNames.Of(rig);
        Assert.NotEqual(names["bar"], names.Line("bar"));
        Assert.Equal("Light bar", names.Line("bar"));
    }

    [Theory]
    [InlineData("roof-bar-relay", "roof bar relay")]
    [InlineData("plug-2", "plug 2")]
    [InlineData("highBeam", "high beam")]
    [InlineData("o1", null)]
    [InlineData("3f0c6a5e-1111-4222-8333-944455556666", null)]
    public void An_id_of_words_says_them(string id, string? words) => Assert.Equal(words, SpokenId.Of(id));

    private static Rig Spoilt(Rig rig) => rig with { Runs = [.. rig.Runs.Select(run => run with { Wire = "20 AWG", Colour = "" })] };

    private static void Read<T>(T answer) => Look(JsonSerializer.SerializeToNode(answer, JsonRules.Stored)!, "");

    private static void Look(JsonNode node, string path)
    {
        switch (node)
        {
            case JsonObject some:
                foreach (var (name, value) in some)
                    if (value is not null && (!ForPrograms.Contains(name) || (value is JsonArray { Count: > 0 } list && list[0] is JsonObject))) Look(value, $"{path}.{name}");
                break;
            case JsonArray all:
                foreach (var value in all.OfType<JsonNode>()) Look(value, path);
                break;
            case JsonValue text when text.TryGetValue<string>(out var said):
                Assert.False(said.Contains(TokenIds.Mark, StringComparison.Ordinal), $"{path}: {said}");
                break;
        }
    }

    private static void Draw(string drawing)
    {
        foreach (var text in XDocument.Parse(drawing).Descendants().Where(element => !element.HasElements).Select(element => element.Value).Concat(XDocument.Parse(drawing).Descendants().Attributes("aria-label").Select(label => label.Value)))
            Assert.DoesNotContain(TokenIds.Mark, text, StringComparison.Ordinal);
    }
}
