using System.Diagnostics;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Benchmarks;

/// <summary>How long light on the ground takes, beside a plain loop over the whole plan in the finest squares.</summary>
internal static class BeamLight
{
    private const double FineWanted = 0.250;
    private const double CoarseWanted = 0.050;

    public static void Print()
    {
        var body = GenericBody.Of(BodyKind.LongWagon);
        var level = new Attitude(body, 0);
        var scene = new LitScene(Lamps(level), Shade.Of(body, new BeamPlan(), level), Ground.Flat);
        var rear = -body.Size.LengthMetres;
        var fine = Clock.Median(15, TimeSpan.FromSeconds(10), () => GroundLight.Of(scene, rear, coarse: false));
        var coarse = Clock.Median(41, TimeSpan.FromSeconds(5), () => GroundLight.Of(scene, rear, coarse: true));
        var clock = Stopwatch.StartNew();
        var plain = GroundLight.Plain(scene, rear);
        var seconds = clock.Elapsed.TotalSeconds;
        var adaptive = GroundLight.Of(scene, rear, coarse: false);
        Console.WriteLine($"12 lamps with shade: fine {fine * 1000:0} ms (at most {FineWanted * 1000:0}), coarse {coarse * 1000:0} ms (at most {CoarseWanted * 1000:0})");
        Console.WriteLine($"plain loop over 0.25 m, lamps split everywhere: {seconds * 1000:0} ms, {seconds / fine:0} times the fine one; sums differ by {adaptive.Lumens.Zip(plain.Lumens, (one, other) => Math.Abs(one / other - 1)).Max():P2} at most (at most 2 %)");
    }

    /// <summary>A bar on the roof and one in the bumper, pods at hinges and corners, lamps to every side.</summary>
    private static List<BeamLamp> Lamps(Attitude level)
    {
        (double Back, double Right, double Up, double Heading, double Pitch, double Wide, double Spread, double Throw)[] set =
        [
            (2.0, 0, 2.0, 0, -3, 1.2, 40, 12), (0.02, 0, 0.55, 0, -1, 0.8, 30, 10), (-0.08, -0.3, 0.9, 0, -1, 0.2, 16, 16), (-0.08, 0.3, 0.9, 0, -1, 0.2, 16, 16),
            (1.2, -0.9, 1.15, -25, -4, 0.1, 60, 30), (1.2, 0.9, 1.15, 25, -4, 0.1, 60, 30), (4.9, -0.7, 0.6, 165, -8, 0.1, 80, 60), (4.9, 0.7, 0.6, 195, -8, 0.1, 80, 60),
            (4.8, 0, 1.98, 180, -20, 0.6, 80, 60), (2.5, -0.95, 1.9, -90, -25, 0.2, 90, 70), (2.5, 0.95, 1.9, 90, -25, 0.2, 90, 70), (0.1, 0, 0.85, 0, 0, 0.4, 12, 12),
        ];
        return [.. set.Select((lamp, i) => new BeamLamp(
            $"lamp-{i}.main", $"lamp-{i}", "mount", "Lamp", [], Facing.Ahead, level.Of(new Point(lamp.Back, lamp.Right, lamp.Up)), Frame.Of(lamp.Heading, lamp.Pitch, 0), lamp.Wide, 0.08,
            new CosineLight(4_000, lamp.Spread, lamp.Throw), 1, false, 50, 4))];
    }
}
