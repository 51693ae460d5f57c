using BurlyRidge.Core.Tests.Support;
using CsCheck;

namespace BurlyRidge.Core.Tests.Assessing;

public class FuseWindowTests
{
    [Fact]
    public void Ratings_between_load_and_wire_are_inside()
    {
        // 5.26 A at 80 % asks for 6.6 A; 16 AWG carries 25 A at 30 °C.
        var window = Make.Assess(Make.Line(60, 1) with { ChosenWire = "16 AWG" }).FuseWindow;
        Assert.Equal([7.5, 10, 15, 20, 25], window.Ratings.Where(mark => mark.Inside).Select(mark => mark.RatingAmps));
        Assert.False(window.Empty);
        Assert.Equal(7.5, window.Ratings.Single(mark => mark.Taken).RatingAmps);
    }

    [Fact]
    public void An_empty_window_names_the_wire_that_opens_it()
    {
        // 20 A load is 21.1 A design and asks for 26.3 A; 16 AWG carries 25 A, and a 30 A fuse asks for the 35 A of 14 AWG.
        var window = Make.Assess(Make.Line(240, 1) with { ChosenWire = "16 AWG" }).FuseWindow;
        Assert.True(window.Empty);
        Assert.Equal("14 AWG (2.08 mm² copper)", window.OpenedBy);
        Assert.Contains("14 AWG (2.08 mm² copper) opens it", window.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void The_proposed_fuse_stands_inside_whenever_a_wire_is_proposed() => AnyLine.OnVehicle.Sample(any =>
    {
        var answer = Make.Assess(any.Line, any.Volts, any.Rules);
        if (answer.Wire is null) return;
        Assert.True(answer.FuseWindow.Ratings.Single(mark => mark.Taken).Inside);
        Assert.InRange(answer.Wire.AmpacityAmps, 0, answer.FuseWindow.ScaleAmps);
    });
}
