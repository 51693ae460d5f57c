namespace BurlyRidge.Core.Beams;

/// <summary>The ground: flat, and from some distance ahead rising or falling.</summary>
/// <param name="Percent">It rises so many per cent; below nothing: falls.</param>
/// <param name="FromMetres">Ahead of the front it begins to, m.</param>
public sealed record Ground(double Percent, double FromMetres)
{
    /// <summary>Flat everywhere.</summary>
    public static Ground Flat { get; } = new(0, 0);

    private double Slope => Percent / 100;

    /// <summary>How high it is there, m.</summary>
    public double Up(double ahead) => ahead <= FromMetres ? 0 : (ahead - FromMetres) * Slope;

    /// <summary>A point of it.</summary>
    public Vec At(double ahead, double right) => new(ahead, right, Up(ahead));

    /// <summary>Its upright there, one long.</summary>
    public Vec Normal(double ahead) => ahead <= FromMetres || Percent == 0 ? new Vec(0, 0, 1) : new Vec(-Slope, 0, 1).Unit;

    /// <summary>Whether a crest stands between a point above the ground and one on or above it.</summary>
    public bool Hides(Vec from, Vec to)
    {
        if (Slope >= 0 || to.Ahead <= FromMetres || from.Ahead >= FromMetres) return false;
        var part = (FromMetres - from.Ahead) / (to.Ahead - from.Ahead);
        return from.Up + part * (to.Up - from.Up) < 0;
    }

    /// <summary>How far along a ray it is met, in lengths of the direction; null: never.</summary>
    public double? Meets(Vec from, Vec way)
    {
        if (way.Up < 0 && from.Up / -way.Up is var flat && from.Ahead + flat * way.Ahead <= FromMetres) return flat;
        var towards = way.Up - way.Ahead * Slope;
        if (towards >= 0) return null;
        var at = (from.Up - (from.Ahead - FromMetres) * Slope) / -towards;
        return at > 0 && from.Ahead + at * way.Ahead >= FromMetres ? at : null;
    }
}
