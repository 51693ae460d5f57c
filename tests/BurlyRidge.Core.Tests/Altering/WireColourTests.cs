using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Altering;

public class WireColourTests
{
    private static readonly Rig Box = AllShapes.Competent.First(shape => shape.Name.StartsWith("power box with panel", StringComparison.Ordinal)).Rig;

    [Fact]
    public void What_comes_back_is_black_what_several_use_red_and_each_line_has_its_own()
    {
        var rig = WireColours.Give(Box with { Lines = [new Line("bar", "Bar") { Lights = ["bar.main"] }, new Line("rear", "Rear") { Lights = ["rear.main"] }] });
        string Of(string from) => rig.Runs.First(run => run.From == from).Colour;
        Assert.Equal("black", Of("bar.minus"));
        Assert.Equal("red", Of("main.out"));
        Assert.NotEqual(Of("box.o1"), Of("box.o3"));
        Assert.False(Of("box.o1") is "black" or "red" or "");
    }

    [Fact]
    public void A_colour_that_is_written_down_stays()
    {
        var rig = WireColours.Give(Box.WithRun(Box.Runs[0].Id, run => run with { Colour = "pink" }));
        Assert.Equal("pink", rig.Runs[0].Colour);
        Assert.All(rig.Runs, run => Assert.NotEqual("", run.Colour));
    }

    [Fact]
    public void New_wires_get_colours_only_where_all_had_one()
    {
        var coloured = WireColours.Give(Box);
        Rig More(Rig rig) => rig with { Runs = [.. rig.Runs, new Run("new", "box.o6", "rear.plus", "14 AWG", 2, [Zone.EngineBay])] };
        Assert.NotEqual("", WireColours.After(coloured, More(coloured)).Runs[^1].Colour);
        Assert.Equal("", WireColours.After(Box, More(Box)).Runs[^1].Colour);
    }

    [Fact]
    public void A_free_name_is_the_one_wanted_or_the_first_number_behind_it()
    {
        Assert.Equal("lamp", FreeName.In(Box, "lamp"));
        Assert.Equal("bar-2", FreeName.In(Box, "bar"));
        Assert.Equal("body-2", FreeName.In(Box, "body"));
        var twice = Box with { Fixtures = [.. Box.Fixtures, Box.Fixtures[0] with { Id = "bar-2" }] };
        Assert.Equal("bar-3", FreeName.In(twice, "bar"));
    }
}
