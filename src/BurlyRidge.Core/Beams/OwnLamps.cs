using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>A pair of lamps that the vehicle came with.</summary>
public enum OwnLamp
{
    /// <summary>Low beam.</summary>
    Low,

    /// <summary>High beam.</summary>
    High,

    /// <summary>Fog lamps.</summary>
    Fog,

    /// <summary>Reversing lamps.</summary>
    Reverse,
}

/// <summary>
/// Stand-ins for lamps that the vehicle came with, so that what is fitted is seen beside them. All figures are guesses within the
/// usual, no source; none of them is the vehicle's.
/// </summary>
internal static class OwnLamps
{
    private const double Lens = 0.12;

    /// <summary>Those that are lit.</summary>
    public static IEnumerable<BeamLamp> Of(Body body, IReadOnlyList<OwnLamp> lit, Attitude attitude)
    {
        var plan = new BodyPlan(body.Size);
        var (head, rear) = (plan.BonnetTop - 0.15, plan.Sill + 0.25);
        var lamps = new List<(string Id, string Name, Facing Facing, double Back, double Right, double Up, double Lumens, double Spread, double Throw, double Pitch)>();
        if (lit.Contains(OwnLamp.Low)) lamps.Add(("own-low", BeamWords.OwnLow, Facing.Ahead, 0.06, 0.72, head, 700, 50, 7, -2.2));
        if (lit.Contains(OwnLamp.High)) lamps.Add(("own-high", BeamWords.OwnHigh, Facing.Ahead, 0.06, 0.6, head, 900, 16, 7, -0.3));
        if (lit.Contains(OwnLamp.Fog)) lamps.Add(("own-fog", BeamWords.OwnFog, Facing.Ahead, -0.01, 0.7, plan.Sill, 500, 70, 8, -4));
        if (lit.Contains(OwnLamp.Reverse)) lamps.Add(("own-reverse", BeamWords.OwnReverse, Facing.Astern, plan.Length + 0.01, 0.8, rear, 250, 90, 60, -10));
        foreach (var lamp in lamps)
            foreach (var (side, name) in new[] { (-1, BeamWords.FormatOwnLeft(lamp.Name)), (1, BeamWords.FormatOwnRight(lamp.Name)) })
                yield return new BeamLamp(
                    $"{lamp.Id}-{(side < 0 ? "left" : "right")}", "", "", name, [], lamp.Facing, attitude.Of(plan.At(lamp.Back, side * lamp.Right, lamp.Up)),
                    Frame.Of(lamp.Facing == Facing.Ahead ? 0 : 180, lamp.Pitch, 0).On(attitude), Lens, Lens, new CosineLight(lamp.Lumens, lamp.Spread, lamp.Throw), 1, true, 0, 0);
    }
}
