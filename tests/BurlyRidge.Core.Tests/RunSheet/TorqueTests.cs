using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>Torque of plain bolts, held against the table of VDI 2230 part 1 for a friction of 0.12 (from memory).</summary>
public class TorqueTests
{
    [Theory]
    [InlineData("M5", 5.9, 8.6)]
    [InlineData("M6", 10.1, 14.9)]
    [InlineData("M8", 24.6, 36.1)]
    [InlineData("M10", 48, 71)]
    [InlineData("M12", 84, 123)]
    public void A_bolt_is_tightened_as_the_handbook_says(string size, double of88, double of109)
    {
        var row = Torque.Usual.Single(row => row.Size == size);
        Assert.InRange(row.Of88 / of88, 0.97, 1.03);
        Assert.InRange(row.Of109 / of109, 0.97, 1.03);
    }

    [Theory]
    [InlineData(5.87, 6)]
    [InlineData(24.6, 25)]
    public void A_wrench_is_set_to_what_it_shows(double torque, double shown) => Assert.Equal(shown, Torque.OnTheWrench(torque));
}
