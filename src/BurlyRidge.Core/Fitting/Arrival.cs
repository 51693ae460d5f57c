using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Fitting;

/// <summary>A size that differs from what was sold.</summary>
public sealed record SizeDifference(string Size, double SoldMillimetres, double MeasuredMillimetres);

/// <summary>What arrived against what was ordered, before anything is taken apart.</summary>
public static class Arrival
{
    /// <summary>A tape is read to this, mm.</summary>
    public const double TapeMillimetres = 1;

    /// <summary>Every size that differs by more than a tape can be misread.</summary>
    public static IReadOnlyList<SizeDifference> Differences(LampDimensions sold, LampDimensions measured) =>
    [
        .. new[]
        {
            new SizeDifference("width", sold.WidthMillimetres, measured.WidthMillimetres),
            new SizeDifference("height", sold.HeightMillimetres, measured.HeightMillimetres),
            new SizeDifference("depth", sold.DepthMillimetres, measured.DepthMillimetres),
            new SizeDifference("tail", sold.TailMillimetres, measured.TailMillimetres),
        }.Where(size => Math.Abs(size.SoldMillimetres - size.MeasuredMillimetres) > TapeMillimetres),
    ];
}
