namespace BurlyRidge.Core.Beams;

/// <summary>A point or a direction of the world: ahead of the front of the vehicle, right of its middle, above the ground, m.</summary>
public readonly record struct Vec(double Ahead, double Right, double Up)
{
    /// <summary>Its length, m.</summary>
    public double Length => Math.Sqrt(Dot(this));

    /// <summary>The same direction, one long.</summary>
    public Vec Unit => this * (1 / Length);

    /// <summary>Scalar product.</summary>
    public double Dot(Vec other) => Ahead * other.Ahead + Right * other.Right + Up * other.Up;

    /// <summary>One after the other.</summary>
    public static Vec operator +(Vec one, Vec other) => new(one.Ahead + other.Ahead, one.Right + other.Right, one.Up + other.Up);

    /// <summary>From the other to the one.</summary>
    public static Vec operator -(Vec one, Vec other) => new(one.Ahead - other.Ahead, one.Right - other.Right, one.Up - other.Up);

    /// <summary>So many times as long.</summary>
    public static Vec operator *(Vec one, double times) => new(one.Ahead * times, one.Right * times, one.Up * times);
}
