using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>How a lamp looks.</summary>
public enum LampSeen
{
    /// <summary>It gives no light.</summary>
    Dark,

    /// <summary>It gives less than it should.</summary>
    Dim,

    /// <summary>It is lit.</summary>
    Lit,
}

/// <summary>What an eye makes of light.</summary>
internal static class LampSight
{
    /// <summary>With less of its light than this a lamp is dim to somebody who knows it (assumed, no source).</summary>
    private const double Dimmed = 0.6;

    /// <summary>An eye is wrong, or the wrong lamp was looked at, so often (assumed, no source).</summary>
    private const double Slip = 0.02;

    /// <summary>How a lamp looks that gives so much of its light.</summary>
    public static LampSeen Of(double light) => light < SolvedHarness.DarkFraction ? LampSeen.Dark : light < Dimmed ? LampSeen.Dim : LampSeen.Lit;

    /// <summary>How likely it is that somebody says so of a lamp that gives so much light.</summary>
    public static double Likelihood(double light, LampSeen seen) => (Of(light), seen) switch
    {
        var (is_, said) when is_ == said => is_ == LampSeen.Dim ? 0.6 : 1 - Slip,
        // What is dim is easily taken for lit, and what glows for dark.
        (LampSeen.Dim, LampSeen.Lit) => 0.3,
        (LampSeen.Dim, LampSeen.Dark) => light < 0.05 ? 0.3 : 0.1,
        (_, LampSeen.Dim) => 0.06,
        _ => Slip / 2,
    };
}
