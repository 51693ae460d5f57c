using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Tests.Protection;

public class FuseTimeTests
{
    /// <summary>Points of ISO 8820-3 and of the ISO 8820-5 kind (from memory): multiple of the rating, fastest and slowest time, s.</summary>
    [Theory]
    [InlineData(FuseFamily.Blade, 10, 1.35, 0.75, 600)]
    [InlineData(FuseFamily.Blade, 10, 1.60, 0.25, 50)]
    [InlineData(FuseFamily.Blade, 25, 2.00, 0.15, 5)]
    [InlineData(FuseFamily.Blade, 40, 3.50, 0.04, 0.5)]
    [InlineData(FuseFamily.BoltDown, 60, 1.50, 90, 3600)]
    [InlineData(FuseFamily.BoltDown, 60, 2.00, 3, 100)]
    [InlineData(FuseFamily.BoltDown, 100, 3.00, 0.3, 3)]
    [InlineData(FuseFamily.BoltDown, 200, 5.00, 0.1, 1)]
    public void Opens_within_its_band(FuseFamily family, double rating, double multiple, double fastest, double slowest)
    {
        var fuse = new Fuse(rating, family);
        Assert.Equal(fastest, FuseTime.FastestSeconds(fuse, multiple * rating), fastest * 1e-9);
        Assert.Equal(slowest, FuseTime.SlowestSeconds(fuse, multiple * rating), slowest * 1e-9);
    }

    [Fact]
    public void Holds_110_percent_for_a_hundred_hours_and_opens_at_600_within_a_tenth()
    {
        var blade = new Fuse(20, FuseFamily.Blade);
        Assert.Equal(360_000, FuseTime.FastestSeconds(blade, 22), 1);
        Assert.Equal(double.PositiveInfinity, FuseTime.FastestSeconds(blade, 21.9));
        Assert.Equal(double.PositiveInfinity, FuseTime.SlowestSeconds(blade, 26.9));
        Assert.Equal(0.1, FuseTime.SlowestSeconds(blade, 120), 1e-9);
        Assert.Equal(14_400, FuseTime.FastestSeconds(new Fuse(50, FuseFamily.BoltDown), 55), 1);
    }

    [Fact]
    public void More_current_never_takes_longer_and_beyond_the_last_point_the_energy_stays()
    {
        foreach (var fuse in FuseTable.All)
        {
            var (slow, fast) = (double.PositiveInfinity, double.PositiveInfinity);
            for (var multiple = 1.0; multiple < 30; multiple *= 1.05)
            {
                var amps = multiple * fuse.RatingAmps;
                var (slower, faster) = (FuseTime.SlowestSeconds(fuse, amps), FuseTime.FastestSeconds(fuse, amps));
                Assert.True(slower <= slow && faster <= fast && faster <= slower, $"{fuse} at {amps} A");
                (slow, fast) = (slower, faster);
            }
            Assert.Equal(FuseTime.SlowestSeconds(fuse, 10 * fuse.RatingAmps), 4 * FuseTime.SlowestSeconds(fuse, 20 * fuse.RatingAmps), 1e-9);
        }
    }
}
