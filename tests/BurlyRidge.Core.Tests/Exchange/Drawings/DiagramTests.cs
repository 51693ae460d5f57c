using BurlyRidge.Core.Wording;
using System.Globalization;
using System.Xml.Linq;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Exchange.Drawings;

public class DiagramTests
{
    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    private static Rig Shape(string name) => AllShapes.Competent.First(shape => shape.Name == name).Rig;

    private static List<string> Marked(XElement svg, string attribute) => [.. svg.Descendants().Select(element => element.Attribute(attribute)?.Value).OfType<string>()];

    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_rig_is_drawn_with_every_wire_once_and_every_part(string name)
    {
        var rig = Shape(name);
        Holds_all(rig, XElement.Parse(Diagram.OfRig(rig, name)));
    }

    private static void Holds_all(Rig rig, XElement svg)
    {
        var runs = Marked(svg, "data-run");
        Assert.Equal(rig.Runs.Select(run => run.Id).Order(StringComparer.Ordinal), runs.Order(StringComparer.Ordinal));
        var parts = Marked(svg, "data-part").ToHashSet(StringComparer.Ordinal);
        Assert.All(TerminalIndex.Of(rig).Ids, part => Assert.Contains(part.Id, parts));
    }

    [Fact]
    public void Any_rig_can_be_drawn_and_holds_all()
    {
        for (var seed = 0; seed < 60; seed++)
        {
            foreach (var rig in new[] { AnyRig.Of(seed).Rig, AnyRig.Miswired(seed).Rig }) Holds_all(rig, XElement.Parse(Diagram.OfRig(rig, "any")));
        }
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Wires_are_level_or_upright_and_the_same_rig_is_the_same_drawing(string name)
    {
        var rig = Shape(name);
        var text = Diagram.OfLine(rig, "line")!;
        Assert.Equal(text, Diagram.OfLine(rig with { Lines = [.. rig.Lines] }, "line"));
        foreach (var (a, b) in Stretches(XElement.Parse(text))) Assert.True(Math.Abs(a.X - b.X) < 0.01 || Math.Abs(a.Y - b.Y) < 0.01);
    }

    [Theory]
    [InlineData("one bar on its own harness, earth on the post")]
    [InlineData("pair armed by a switch, high beam by a joint, coil by the body")]
    [InlineData("negative-switched, coil turned round, switch lamp unearthed")]
    [InlineData("rear pair, relay at the rear printed the other way round, dim leads capped")]
    [InlineData("two bars on a Y lead, coil across both beam wires")]
    [InlineData("fifteen pods fed at one end")]
    public void Nothing_crosses_that_need_not(string name)
    {
        var stretches = Stretches(XElement.Parse(Diagram.OfLine(Shape(name), "line")!));
        var crossings = (from level in stretches
                         where Math.Abs(level.A.Y - level.B.Y) < 0.01
                         from upright in stretches
                         where Math.Abs(upright.A.X - upright.B.X) < 0.01 && Math.Abs(upright.A.Y - upright.B.Y) > 0.01
                         where upright.A.X > Math.Min(level.A.X, level.B.X) + 0.01 && upright.A.X < Math.Max(level.A.X, level.B.X) - 0.01
                         where level.A.Y > Math.Min(upright.A.Y, upright.B.Y) + 0.01 && level.A.Y < Math.Max(upright.A.Y, upright.B.Y) - 0.01
                         select (level, upright)).ToList();
        Assert.Empty(crossings);
    }

    /// <summary>Stretches of wires, marks of parts left out.</summary>
    private static List<((double X, double Y) A, (double X, double Y) B)> Stretches(XElement svg)
    {
        var found = new List<((double, double), (double, double))>();
        foreach (var line in svg.Descendants(Svg + "g").Where(group => group.Attribute("data-run") is not null || group.Attribute("data-lead") is not null || group.Attribute("data-touch") is not null).Elements(Svg + "polyline"))
        {
            var points = line.Attribute("points")!.Value.Split(' ').Select(point => point.Split(',').Select(figure => double.Parse(figure, CultureInfo.InvariantCulture)).ToArray()).Select(point => (point[0], point[1])).ToList();
            found.AddRange(points.Zip(points.Skip(1)));
        }
        return found;
    }

    [Fact]
    public void A_relay_shows_the_numbers_that_are_printed_on_it_and_every_wire_its_size_and_length()
    {
        var rig = Shape("rear pair, relay at the rear printed the other way round, dim leads capped");
        var svg = XElement.Parse(Diagram.OfLine(rig, "line")!);
        var relay = svg.Descendants(Svg + "g").Single(group => group.Attribute("data-station")?.Value == "k.contact");
        // Fed at 87, to the lamps from 30: left and right as the current goes.
        Assert.Equal(["87", "30"], relay.Elements(Svg + "text").Take(2).Select(text => text.Value));
        foreach (var run in rig.Runs.Where(run => run.From is "battery.plus" or "f.out"))
        {
            var words = svg.Descendants(Svg + "g").Single(group => group.Attribute("data-run")?.Value == run.Id).Elements(Svg + "text").Select(text => text.Value).ToList();
            Assert.Contains(words, word => word.Contains(run.Wire, StringComparison.Ordinal));
            Assert.Contains(words, word => word.EndsWith(" m", StringComparison.Ordinal));
        }
        var fuse = rig.Protection.Single();
        Assert.Contains(svg.Descendants(Svg + "text"), text => text.Value == fuse.Fuse.ToString());
    }

    [Fact]
    public void Names_with_marks_of_their_own_stay_words()
    {
        var rig = LineTemplates.Build(Rig.Empty(12, UnitSystem.Metric), new TemplateAnswers("own-harness", "Bar <front> & \"rear\"", new Fixture("bar", "Bar <1>", [new LampFunction("main", LampKind.RegulatedLed, 60)]), 1)).Rig;
        Assert.Contains("Bar <front> & \"rear\"", XElement.Parse(Diagram.OfRig(rig, "Job & <more>")).Descendants(Svg + "text").Select(text => text.Value));
        Assert.Contains("&lt;front&gt;", Diagram.Page(rig, "Job & <more>", "Revision 3, 2 May 2026"), StringComparison.Ordinal);
    }

    [Fact]
    public void A_line_that_is_not_there_is_not_drawn() => Assert.Null(Diagram.OfLine(Shape("fifteen pods fed at one end"), "none"));
}
