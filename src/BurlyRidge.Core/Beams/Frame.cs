namespace BurlyRidge.Core.Beams;

/// <summary>How a lamp stands in the world: three directions at right angles, each one long.</summary>
/// <param name="Forward">Where its axis points.</param>
/// <param name="Right">Its right, as seen from behind it.</param>
/// <param name="Up">Its top.</param>
public readonly record struct Frame(Vec Forward, Vec Right, Vec Up)
{
    /// <summary>A lamp that is turned to a heading, then tilted, then rolled.</summary>
    /// <param name="headingDegrees">From straight ahead to the right.</param>
    /// <param name="pitchDegrees">Up.</param>
    /// <param name="rollDegrees">Clockwise as seen from behind.</param>
    public static Frame Of(double headingDegrees, double pitchDegrees, double rollDegrees)
    {
        var (sinHeading, cosHeading) = Math.SinCos(Degrees.ToRadians(headingDegrees));
        var (sinPitch, cosPitch) = Math.SinCos(Degrees.ToRadians(pitchDegrees));
        var (sinRoll, cosRoll) = Math.SinCos(Degrees.ToRadians(rollDegrees));
        Vec level = new(cosHeading, sinHeading, 0), side = new(-sinHeading, cosHeading, 0), top = new(0, 0, 1);
        var forward = level * cosPitch + top * sinPitch;
        var up = top * cosPitch - level * sinPitch;
        return new Frame(forward, side * cosRoll - up * sinRoll, up * cosRoll + side * sinRoll);
    }

    /// <summary>The same on a vehicle that stands so.</summary>
    public Frame On(Attitude attitude) => new(attitude.Turned(Forward), attitude.Turned(Right), attitude.Turned(Up));
}

/// <summary>Degrees and radians.</summary>
internal static class Degrees
{
    public static double ToRadians(double degrees) => degrees * Math.PI / 180;

    public static double Of(double radians) => radians * 180 / Math.PI;
}
