using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Routing;

/// <summary>How thick leads and looms are, mm.</summary>
public static class Thickness
{
    /// <summary>Copper in the round of a stranded conductor (typical, no source).</summary>
    private const double StrandFill = 0.75;

    /// <summary>Round of a bundle over the sum of its leads' rounds (common practice, no source).</summary>
    private const double BundleFill = 0.7;

    private const double ThinWall = 0.4;
    private const double WallOfRadius = 0.15;

    /// <summary>Over the insulation of a lead, mm: copper, air between strands, and a wall that grows with it (typical, no source).</summary>
    public static double Lead(WireSize wire)
    {
        var copper = Math.Sqrt(4 * wire.CopperSquareMillimetres / Math.PI / StrandFill);
        return copper + 2 * (ThinWall + WallOfRadius * copper / 2);
    }

    /// <summary>Across a bundle of such leads, mm; one lead is as thick as it is.</summary>
    public static double Loom(IReadOnlyCollection<double> leads) => leads.Count switch
    {
        0 => 0,
        1 => leads.First(),
        _ => Math.Sqrt(leads.Sum(lead => lead * lead) / BundleFill),
    };
}
