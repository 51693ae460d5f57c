namespace BurlyRidge.Core.Beams;

/// <summary>
/// A light as a photometric file has it, straight between its figures. Type C: angles from the axis of the beam, its plane 0 to the
/// top of the lamp and its plane 90 to the left, as a floodlight stands that was measured looking down and is then tilted up to look
/// ahead. Type B turns about the axis from left to right, type A about the upright one.
/// </summary>
public sealed class TableLight : LightShape
{
    private const double Finest = 0.25;

    private readonly PhotometricType type;
    private readonly double[] vertical, horizontal;
    private readonly double[][] candela;
    private readonly Lazy<double> lumens;
    private readonly Lm63Tilt? tilt;

    public TableLight(Lm63File file)
    {
        (type, vertical, horizontal, tilt) = (file.Type, [.. file.Vertical], [.. file.Horizontal], file.Tilt);
        candela = [.. file.Candela.Select(plane => plane.Select(value => value * file.Factor).ToArray())];
        lumens = new(Integral);
    }

    /// <inheritdoc/>
    public override double Lumens => lumens.Value;

    /// <inheritdoc/>
    public override bool FrontOnly => type == PhotometricType.C ? vertical[^1] <= 90 : horizontal[0] >= -90 && horizontal[^1] <= 90;

    /// <inheritdoc/>
    public override double Candela(double forward, double right, double up)
    {
        switch (type)
        {
            case PhotometricType.C:
                return At(Degrees.Of(Math.Acos(Math.Clamp(forward, -1, 1))), Folded(Degrees.Of(Math.Atan2(-right, up))));
            case PhotometricType.B:
                return AtSides(Degrees.Of(Math.Atan2(up, forward)), Degrees.Of(Math.Asin(Math.Clamp(right, -1, 1))));
            default:
                return AtSides(Degrees.Of(Math.Asin(Math.Clamp(up, -1, 1))), Degrees.Of(Math.Atan2(right, forward)));
        }
    }

    /// <summary>Share of its light that is left as it is tilted away from how it was measured, straight between the file's angles.</summary>
    public double TiltFactor(double degrees)
    {
        if (tilt is null) return 1;
        var (index, part) = Place([.. tilt.Angles], Math.Abs(degrees));
        return tilt.Factors[index] + (part == 0 ? 0 : (tilt.Factors[index + 1] - tilt.Factors[index]) * part);
    }

    /// <summary>An angle about the axis within those that the file has: what is left out is alike on both sides.</summary>
    private double Folded(double plane)
    {
        if (plane < 0) plane += 360;
        var (first, last) = (horizontal[0], horizontal[^1]);
        if (horizontal.Length == 1) return first;
        if (first == 90) return plane < 90 ? 180 - plane : plane > 270 ? 540 - plane : plane;
        if (last <= 90) return plane <= 90 ? plane : plane <= 180 ? 180 - plane : plane <= 270 ? plane - 180 : 360 - plane;
        return last <= 180 && plane > 180 ? 360 - plane : plane;
    }

    /// <summary>Up and to the side; a file that begins at nothing is alike on both sides.</summary>
    private double AtSides(double up, double side) => At(vertical[0] >= 0 ? Math.Abs(up) : up, horizontal[0] >= 0 ? Math.Abs(side) : side);

    private double At(double up, double round)
    {
        if (up < vertical[0] || up > vertical[^1]) return 0;
        // Planes of type B and A end where they end; about an axis the last one is the first again.
        if (type != PhotometricType.C && (round < horizontal[0] || round > horizontal[^1])) return 0;
        var (v, along) = Place(vertical, up);
        var (h, across) = Place(horizontal, round);
        var here = candela[h][v] + (candela[h][Math.Min(v + 1, vertical.Length - 1)] - candela[h][v]) * along;
        if (across == 0) return here;
        var next = candela[h + 1];
        return here + (next[v] + (next[Math.Min(v + 1, vertical.Length - 1)] - next[v]) * along - here) * across;
    }

    private static (int Index, double Part) Place(double[] angles, double angle)
    {
        if (angles.Length == 1 || angle <= angles[0]) return (0, 0);
        if (angle >= angles[^1]) return (angles.Length - 1, 0);
        var found = Array.BinarySearch(angles, angle);
        if (found >= 0) return (found, 0);
        var index = ~found - 1;
        return (index, (angle - angles[index]) / (angles[index + 1] - angles[index]));
    }

    /// <summary>Over the sphere, in steps of a quarter of a degree from the axis and one about it.</summary>
    private double Integral()
    {
        var sum = 0.0;
        for (var up = Finest / 2; up < 180; up += Finest)
        {
            var (sin, cos) = Math.SinCos(Degrees.ToRadians(up));
            var ring = 0.0;
            for (var round = 0.5; round < 360; round++)
            {
                var (across, top) = Math.SinCos(Degrees.ToRadians(round));
                ring += Candela(cos, sin * across, sin * top);
            }
            sum += ring * sin;
        }
        return sum * Degrees.ToRadians(Finest) * Degrees.ToRadians(1);
    }
}
