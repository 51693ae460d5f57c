namespace BurlyRidge.Core.Protection;

/// <summary>How a fuse is built and held.</summary>
public enum FuseFamily
{
    /// <summary>Mini and standard blade, 1 to 40 A.</summary>
    Blade,

    /// <summary>Bolt-down, 30 to 200 A.</summary>
    BoltDown,
}

/// <summary>One fuse as sold.</summary>
/// <param name="RatingAmps">Rated current, A.</param>
/// <param name="Family">How it is built.</param>
public sealed record Fuse(double RatingAmps, FuseFamily Family)
{
    /// <summary>As a fitter says it: "25 A blade".</summary>
    public override string ToString() => Family == FuseFamily.Blade ? SizingWords.FormatBladeFuse(RatingAmps) : SizingWords.FormatBoltDownFuse(RatingAmps);
}
