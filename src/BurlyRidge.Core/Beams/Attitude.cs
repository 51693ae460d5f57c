using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>How the vehicle stands on the ground: it tilts about the ground below the middle between its axles.</summary>
public sealed class Attitude
{
    private readonly double sin, cos;
    private readonly Vec pivot;

    /// <param name="noseUpDegrees">By its rake and its load.</param>
    public Attitude(Body body, double noseUpDegrees)
    {
        (sin, cos) = Math.SinCos(Degrees.ToRadians(noseUpDegrees));
        pivot = new Vec(-new BodyPlan(body.Size).Axles.Average(), 0, 0);
    }

    /// <summary>A point of the vehicle in the world.</summary>
    public Vec Of(Point point) => Of(new Vec(-point.Back, point.Right, point.Up));

    /// <summary>The same of a point told as of the world on a level vehicle.</summary>
    public Vec Of(Vec level) => pivot + Turned(level - pivot);

    /// <summary>A direction of the vehicle in the world.</summary>
    public Vec Turned(Vec level) => new(level.Ahead * cos - level.Up * sin, level.Right, level.Ahead * sin + level.Up * cos);

    /// <summary>A direction of the world as the vehicle has it.</summary>
    public Vec Back(Vec direction) => new(direction.Ahead * cos + direction.Up * sin, direction.Right, direction.Up * cos - direction.Ahead * sin);
}
