using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>When there is enough of a light: so much on a wall across the way to a point.</summary>
/// <param name="Metres">From the lamp to the point, m.</param>
/// <param name="AsideDegrees">How far beside the lamp's axis it is seen, degrees.</param>
/// <param name="Lux">On a surface square to the way there, lx.</param>
public sealed record LightTarget(double Metres, double AsideDegrees, double Lux)
{
    /// <summary>The target of a wish; null: the light is to be seen, not to see by.</summary>
    /// <remarks>
    /// Ahead: the 1 lx by which lamps' reach is usually told. Else the steps between finding one's way and working with tools (common
    /// practice, no source).
    /// </remarks>
    public static LightTarget? Of(Wish wish)
    {
        double Step(double little, double usual, double much) => wish.Amount switch { HowMuchLight.Little => little, HowMuchLight.Usual => usual, _ => much };
        return wish.Light switch
        {
            LightWanted.FarAhead => new(Step(120, 200, 320), 0, 1),
            LightWanted.WideAhead => new(25, 20, Step(5, 15, 40)),
            LightWanted.Verge => new(20, 0, Step(5, 15, 40)),
            LightWanted.Cornering => new(15, 0, Step(5, 15, 40)),
            LightWanted.BackingUp => new(10, 0, Step(5, 15, 40)),
            LightWanted.RoundTheBed or LightWanted.LoadingSide => new(3, 0, Step(30, 100, 250)),
            LightWanted.AtTheHitch => new(2, 0, Step(30, 100, 250)),
            LightWanted.Inside => new(1, 0, Step(30, 80, 200)),
            _ => null,
        };
    }

    /// <summary>What lamps side by side give there, lx: by the law of the inverse square, from so far that they are one point.</summary>
    public double Given(LightShape shape, int lamps, double share = 1)
    {
        var aside = Degrees.ToRadians(AsideDegrees);
        return lamps * share * shape.Candela(Math.Cos(aside), Math.Sin(aside), 0) / (Metres * Metres);
    }
}
