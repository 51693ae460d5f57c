namespace BurlyRidge.Core.Beams;

/// <summary>How much light a source sends each way.</summary>
public abstract class LightShape
{
    /// <summary>Luminous intensity towards a direction of the lamp, each at most one long together, cd.</summary>
    public abstract double Candela(double forward, double right, double up);

    /// <summary>Light all round, lm.</summary>
    public abstract double Lumens { get; }

    /// <summary>Nothing of it goes behind its face.</summary>
    public abstract bool FrontOnly { get; }

    /// <summary>Intensity along its axis, cd.</summary>
    public double Axial => Candela(1, 0, 0);

    /// <summary>Angle above its axis at which a share of the axial intensity is left, degrees; 90 where it never falls so far.</summary>
    public double AngleUp(double share) => Angle(angle => Candela(Math.Cos(angle), 0, Math.Sin(angle)), share);

    /// <summary>The same to the right.</summary>
    public double AngleRight(double share) => Angle(angle => Candela(Math.Cos(angle), Math.Sin(angle), 0), share);

    private double Angle(Func<double, double> candela, double share)
    {
        var limit = Axial * share;
        for (var tenth = 1; tenth < 900; tenth++)
            if (candela(Degrees.ToRadians(tenth / 10.0)) < limit) return tenth / 10.0;
        return 90;
    }
}

/// <summary>
/// A stand-in: I = I0 · cos^m γ to the front, with m = m1·cos²φ + m2·sin²φ between the exponents of its spread and of its throw,
/// which leave half at half of each angle. One exponent is the cosine-power source of the textbooks, and 1 an ideal matt disc.
/// </summary>
public sealed class CosineLight : LightShape
{
    private readonly double axial, wide, high;

    /// <param name="lumens">All round, lm.</param>
    /// <param name="spreadDegrees">From half to half across, above 0 and below 180.</param>
    /// <param name="throwDegrees">The same up and down.</param>
    public CosineLight(double lumens, double spreadDegrees, double throwDegrees)
    {
        (Lumens, wide, high) = (lumens, Exponent(spreadDegrees), Exponent(throwDegrees));
        // The integral over the half sphere has a closed form: 2π·I0 / sqrt((m1 + 1)(m2 + 1)).
        axial = lumens * Math.Sqrt((wide + 1) * (high + 1)) / (2 * Math.PI);
    }

    /// <inheritdoc/>
    public override double Lumens { get; }

    /// <inheritdoc/>
    public override bool FrontOnly => true;

    /// <inheritdoc/>
    public override double Candela(double forward, double right, double up)
    {
        if (forward <= 0) return 0;
        var (across, along) = (right * right, up * up);
        var off = across + along;
        var exponent = off < 1e-18 ? wide : (wide * across + high * along) / off;
        return axial * Math.Pow(Math.Min(1, forward), exponent);
    }

    /// <summary>The exponent that leaves half at half of an angle.</summary>
    public static double Exponent(double degrees) => Math.Log(0.5) / Math.Log(Math.Cos(Degrees.ToRadians(degrees / 2)));
}
