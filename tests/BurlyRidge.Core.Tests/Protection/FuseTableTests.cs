using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Tests.Protection;

public class FuseTableTests
{
    // ISO 8820-3 and 8820-5 kinds (from memory).
    [Fact]
    public void Blades_are_proposed_to_40_A_and_bolt_down_above()
    {
        Assert.Equal(
            [1, 2, 3, 4, 5, 7.5, 10, 15, 20, 25, 30, 35, 40],
            FuseTable.Proposable.Where(fuse => fuse.Family == FuseFamily.Blade).Select(fuse => fuse.RatingAmps));
        Assert.Equal(
            [50, 60, 70, 80, 100, 125, 150, 175, 200],
            FuseTable.Proposable.Where(fuse => fuse.Family == FuseFamily.BoltDown).Select(fuse => fuse.RatingAmps));
        Assert.Contains(new Fuse(30, FuseFamily.BoltDown), FuseTable.All);
    }

    // Typical cold resistances (common practice, no source).
    [Theory]
    [InlineData(1, FuseFamily.Blade, 120)]
    [InlineData(10, FuseFamily.Blade, 7.5)]
    [InlineData(25, FuseFamily.Blade, 2.4)]
    [InlineData(40, FuseFamily.Blade, 1.3)]
    [InlineData(50, FuseFamily.BoltDown, 1.2)]
    [InlineData(100, FuseFamily.BoltDown, 0.5)]
    [InlineData(200, FuseFamily.BoltDown, 0.25)]
    public void A_cold_fuse_has_its_typical_resistance(double amps, FuseFamily family, double milliohms) =>
        Assert.Equal(milliohms, FuseTable.ColdOhms(new Fuse(amps, family)) * 1000, 9);

    [Fact]
    public void Larger_fuses_of_a_family_lose_less()
    {
        foreach (var family in FuseTable.All.GroupBy(fuse => fuse.Family))
            Assert.Equal(family.OrderByDescending(FuseTable.WarmOhms), family);
    }
}
