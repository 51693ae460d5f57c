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
    public static double Loom(IEnumerable<double> leads) => leads.Aggregate(default(Bundle), (bundle, lead) => bundle.With(lead)).Across;

    internal static double Across(int leads, double squares) => leads > 1 ? Math.Sqrt(squares / BundleFill) : Math.Sqrt(squares);
}

/// <summary>So many leads, and the sum of the squares of their thicknesses, mm².</summary>
internal readonly record struct Bundle(int Leads, double Squares)
{
    /// <summary>Across all of them, mm.</summary>
    public double Across => Thickness.Across(Leads, Squares);

    /// <summary>The same with one more.</summary>
    public Bundle With(double leadMillimetres) => new(Leads + 1, Squares + leadMillimetres * leadMillimetres);
}
