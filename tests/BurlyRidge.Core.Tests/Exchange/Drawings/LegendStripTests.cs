using BurlyRidge.Core.Wording;
using System.Globalization;
using System.Xml.Linq;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Exchange.Drawings;

public class LegendStripTests
{
    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    private static PowerBox Box(params (int Slot, string Legend)[] slots) => new("box", 60,
        [.. slots.Select((slot, i) => new BoxOutput($"o{i + 1}", 10, Slot: slot.Slot, Legend: slot.Legend))])
    { Panel = new PanelFace(Backlight.Amber, 30, 12) };

    [Fact]
    public void Legends_stand_in_the_order_of_the_slots_and_are_as_large_as_they_are_said_to_be()
    {
        var svg = XElement.Parse(LegendStrip.Draw(Box((4, "Rear"), (1, "Bar"), (2, "Ditch & <side>")), "Box")!);
        Assert.Equal("128mm", svg.Attribute("width")!.Value);
        Assert.Equal("0 0 128 20", svg.Attribute("viewBox")!.Value);
        var groups = svg.Elements(Svg + "g").ToList();
        Assert.Equal(["1", "2", "3", "4"], groups.Select(group => group.Attribute("data-slot")!.Value));
        Assert.Equal(["Bar", "Ditch & <side>", "", "Rear"], groups.Select(group => group.Elements(Svg + "text").Where(text => text.Attribute("font-weight")!.Value == "bold").Select(text => text.Value).FirstOrDefault("")));
        Assert.All(groups, group => Assert.Equal("30", group.Element(Svg + "rect")!.Attribute("width")!.Value));
    }

    [Fact]
    public void A_long_legend_is_written_smaller_so_that_it_stays_inside()
    {
        double Size(string legend) => double.Parse(XElement.Parse(LegendStrip.Draw(Box((1, legend)), "Box")!).Descendants(Svg + "text").First(text => text.Value == legend).Attribute("font-size")!.Value, CultureInfo.InvariantCulture);
        Assert.True(Size("A legend of many letters, too many") < Size("Bar"));
    }

    [Fact]
    public void A_box_without_a_panel_has_no_strip_and_the_page_says_so()
    {
        Assert.Null(LegendStrip.Draw(new PowerBox("box", 60, [new BoxOutput("o1", 10, WorkedBy: WorkedBy.Input)]), "Box"));
        Assert.Contains("No power box", LegendStrip.Page("Job", "Revision 3", Rig.Empty(12, UnitSystem.Metric)), StringComparison.Ordinal);
    }
}
