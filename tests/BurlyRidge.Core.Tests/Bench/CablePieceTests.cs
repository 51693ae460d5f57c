using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Bench;

/// <summary>Cores of one cable are one length; what of it is used and what is cut off.</summary>
public class CablePieceTests
{
    private static BenchView Cabled(int cores)
    {
        var rig = PlacedRigs.Bar;
        var ids = rig.Runs.Where(run => !run.Given).Take(cores).Select(run => run.Id).ToHashSet();
        return BenchView.Of(AssessedRig.Of(rig with { Runs = [.. rig.Runs.Select(run => ids.Contains(run.Id) ? run with { Cable = "switch cable" } : run)] }), new Dictionary<string, WireForSale>());
    }

    /// <summary>By hand: three cores come out of a three-core cable, or out of two two-core cables with one core cut off.</summary>
    [Theory]
    [InlineData(1, 2, 1, 1, 1)]
    [InlineData(2, 2, 0, 1, 0)]
    [InlineData(3, 3, 0, 2, 1)]
    [InlineData(4, 4, 0, 2, 0)]
    [InlineData(6, 7, 1, 3, 0)]
    public void Cores_are_used_and_cut_off(int cores, int sold, int off, int twins, int twinsOff)
    {
        var view = Cabled(cores);
        var cable = Assert.Single(view.Cables);
        Assert.Equal((cores, sold, off, twins, twinsOff), (cable.Used, cable.Sold, cable.CutOff, cable.Twins, cable.TwinsCutOff));
        Assert.Equal(view.Pieces.Where(piece => cable.Pieces.Contains(piece.Id)).Max(piece => piece.CutMetres), cable.CutMetres);
    }

    [Fact]
    public void The_printed_list_has_the_cable_with_what_is_cut_off()
    {
        var row = CutSheet.Page("Job", "", Cabled(3), UnitSystem.Metric).Split('\n').Single(line => line.Contains("data-cable", StringComparison.Ordinal));
        Assert.Contains("3 of 3 used, cut off: 0", row, StringComparison.Ordinal);
        Assert.Contains("2 lengths, cores cut off: 1", row, StringComparison.Ordinal);
    }

    [Fact]
    public void A_cable_is_one_length_on_its_reel_and_its_cores_are_on_no_other()
    {
        var (whole, cabled) = (Cabled(0), Cabled(3));
        var cable = Assert.Single(cabled.Cables);
        var reel = Assert.Single(cabled.Reels, group => group.Pieces.Contains(cable.Pieces[0]));
        Assert.Equal(cable.CutMetres, reel.PieceMetres);
        Assert.DoesNotContain(cabled.Reels.Where(group => group != reel), group => group.Pieces.Any(cable.Pieces.Contains));
        var inCable = cabled.Pieces.Where(piece => cable.Pieces.Contains(piece.Id)).Sum(piece => piece.CutMetres);
        Assert.Equal(whole.WireMetres - inCable + cable.CutMetres, cabled.WireMetres, 9);
    }
}
