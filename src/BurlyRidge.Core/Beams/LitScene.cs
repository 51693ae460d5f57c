namespace BurlyRidge.Core.Beams;

/// <summary>Lamps that are lit, what stands in their way, and the ground.</summary>
public sealed class LitScene
{
    private readonly (BeamLamp Lamp, Shade Shade)[] lamps;

    /// <param name="lit">Lamps; dark ones are left out.</param>
    public LitScene(IReadOnlyList<BeamLamp> lit, Shade shade, Ground ground)
    {
        lamps = [.. lit.Where(lamp => lamp.Share > 0).Select(lamp => (lamp, shade.From(lamp.At)))];
        (Shade, Ground, Lamps) = (shade, ground, [.. lamps.Select(pair => pair.Lamp)]);
    }

    /// <summary>Those that are lit.</summary>
    public IReadOnlyList<BeamLamp> Lamps { get; }

    /// <summary>What stands in the way.</summary>
    public Shade Shade { get; }

    /// <summary>The ground.</summary>
    public Ground Ground { get; }

    /// <summary>How many are lit.</summary>
    public int Count => lamps.Length;

    /// <summary>Illuminance from one lamp, lx.</summary>
    public double Lux(int lamp, Vec point, Vec? normal, bool whole = false)
    {
        var (one, shade) = lamps[lamp];
        return one.IsBehind(point) || Ground.Hides(one.At, point) ? 0 : one.Lux(point, normal, shade, whole);
    }

    /// <summary>The same from all, lx.</summary>
    /// <param name="normal">Of the surface; null: it faces each lamp.</param>
    public double Lux(Vec point, Vec? normal)
    {
        var sum = 0.0;
        for (var i = 0; i < lamps.Length; i++) sum += Lux(i, point, normal);
        return sum;
    }

    /// <summary>On the ground, lx.</summary>
    public double OnGround(double ahead, double right) => Lux(Ground.At(ahead, right), Ground.Normal(ahead));
}
