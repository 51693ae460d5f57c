using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>How far an arc stands out over its chord.</summary>
public static class Sagitta
{
    /// <summary>Of a chord on a circle: s = R − √(R² − c²/4), in the unit of both; infinite where the chord is longer than the circle is wide.</summary>
    public static double Of(double radius, double chord) =>
        chord > 2 * radius ? double.PositiveInfinity : radius - Math.Sqrt(radius * radius - chord * chord / 4);

    /// <summary>The radius of a face that a straight edge of such length stands off by so much at its middle: R = c²/8s + s/2.</summary>
    public static double Radius(double chord, double sagitta) => chord * chord / (8 * sagitta) + sagitta / 2;

    /// <summary>The radius of a mount's face, mm, as it is known or as a straight edge found it; null where neither is.</summary>
    public static double? OfFace(Mount mount) => mount.RadiusMillimetres ?? (mount.Edge is { } edge ? Radius(edge.LengthMillimetres, edge.OffMillimetres) : null);

    /// <summary>The longest straight edge whose ends stand out no more than that: c = 2√(2Rs − s²).</summary>
    public static double Chord(double radius, double sagitta) =>
        sagitta >= radius ? 2 * radius : 2 * Math.Sqrt(2 * radius * sagitta - sagitta * sagitta);
}
