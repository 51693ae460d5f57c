using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>What the driver sees of the light on the vehicle itself.</summary>
/// <param name="RoadLuminance">Of the road 30 m ahead, cd/m².</param>
/// <param name="Veil">Veiling luminance at the eye from the lit bonnet, cd/m².</param>
/// <param name="VeilShare">The same over the road's; null where the road is dark.</param>
/// <param name="LitShare">Of the bonnet that the eye sees, as it sees it, with 1 lx and more, 0 to 1.</param>
/// <param name="MostLux">On the bonnet where the eye sees it, lx.</param>
/// <param name="MostLuminance">The same, cd/m².</param>
/// <param name="FrameLux">The most on the frame of the windscreen, lx.</param>
/// <param name="Disturbs">Lit, and more than a tenth of the road's.</param>
public sealed record GlareFigures(double RoadLuminance, double Veil, double? VeilShare, double LitShare, double MostLux, double MostLuminance, double FrameLux, bool Disturbs);

/// <summary>
/// Light on the bonnet as the driver's eye has it. Veiling luminance after Stiles and Holladay, 10·ΣE/θ² from 1° to 30° off the line
/// of sight (CIE 146, from memory); the bonnet as patches of at most 1°, throwing light back evenly. The line of sight is to the road
/// 30 m ahead.
/// </summary>
internal sealed class Glare
{
    public const double RoadMetres = 30;

    /// <summary>More of the road's luminance than this disturbs (assumed, no source).</summary>
    public const double MostVeilShare = 0.1;

    /// <summary>Less than this on a surface is as good as dark, lx.</summary>
    private const double LitLux = 1;

    private const double HolladayFactor = 10, LeastDegrees = 1, MostDegrees = 30;

    /// <summary>Dry tarmac as the driver sees it by the own lamps (typical, no source).</summary>
    private const double RoadReflectance = 0.1;

    private readonly double reflectance;
    private readonly List<Patch> bonnet = [];
    private readonly List<Patch> frame = [];

    /// <param name="Weight">Illuminance at the eye for each cd/m² of it, sr.</param>
    /// <param name="Angle">Off the line of sight, degrees.</param>
    private readonly record struct Patch(Vec At, Vec Normal, double Weight, double Angle);

    /// <param name="degrees">Of a patch as the eye sees it, at most.</param>
    public Glare(Body body, BeamPlan beams, Shade shade, Attitude attitude, Ground ground, double degrees = 1)
    {
        reflectance = ReflectanceOf(beams.Bonnet);
        var eye = attitude.Of(Viewpoints.Eye(body, beams));
        var sight = (ground.At(RoadMetres, 0) - eye).Unit;
        var seen = shade.From(eye);
        var (front, rear, half) = Shade.BonnetTop(body);
        Vec low = new(-front.Back, 0, front.Up), high = new(-rear.Back, 0, rear.Up);
        var normal = attitude.Turned(new Vec(high.Up - low.Up, 0, low.Ahead - high.Ahead).Unit);
        var (along, angle) = (high - low, Math.Tan(Degrees.ToRadians(degrees)));
        for (var part = 0.0; part < 1;)
        {
            var row = attitude.Of(low + along * part);
            var distance = (row with { Right = eye.Right } - eye).Length;
            var grazing = Math.Max(0.05, Math.Abs(normal.Dot((row with { Right = eye.Right } - eye).Unit)));
            var deep = Math.Min(1 - part, Math.Clamp(distance * angle / grazing, 0.01, 0.25) / along.Length);
            var columns = (int)Math.Ceiling(2 * half / (distance * angle));
            for (var column = 0; column < columns; column++)
            {
                var at = attitude.Of((low + along * (part + deep / 2)) with { Right = (column + 0.5) * 2 * half / columns - half });
                Add(bonnet, at, normal, deep * along.Length * 2 * half / columns);
            }
            part += deep;
        }
        Frame(body, attitude);

        void Add(List<Patch> to, Vec at, Vec normal, double area)
        {
            var way = at - eye;
            var distance = way.Length;
            var faces = -normal.Dot(way) / distance;
            if (faces <= 0 || seen.Blocks(eye, at)) return;
            var cosine = Math.Clamp(sight.Dot(way) / distance, -1, 1);
            to.Add(new Patch(at, normal, area * faces / (distance * distance) * Math.Max(0, cosine), Degrees.Of(Math.Acos(cosine))));
        }
    }

    /// <summary>Luminance for each lux over π: diffuse (typical); of bare metal assumed, its gloss is worse.</summary>
    private static double ReflectanceOf(Finish finish) => finish switch { Finish.MattBlack => 0.04, Finish.White => 0.8, Finish.BareMetal => 0.3, _ => 0.08 };

    private void Frame(Body body, Attitude attitude)
    {
        var plan = new BodyPlan(body.Size);
        var (foot, head) = Shade.Screen(body.Kind, plan);
        Vec low = new(-foot.Back, 0, foot.Up), high = new(-head.Back, 0, head.Up);
        var normal = attitude.Turned(new Vec(high.Up - low.Up, 0, low.Ahead - high.Ahead).Unit);
        var half = plan.Right(0.9);
        for (var step = 0; step <= 10; step++)
        {
            foreach (var side in new[] { -half, half }) frame.Add(new Patch(attitude.Of((low + (high - low) * (step / 10.0)) with { Right = side }), normal, 0, 0));
            frame.Add(new Patch(attitude.Of(high with { Right = half * (step / 5.0 - 1) }), normal, 0, 0));
        }
    }

    /// <summary>Light on every patch that the eye sees, and on the road.</summary>
    public Falls Of(LitScene scene)
    {
        var lux = new double[bonnet.Count];
        Parallel.For(0, bonnet.Count, i => lux[i] = scene.Lux(bonnet[i].At, bonnet[i].Normal));
        return new Falls(lux, scene.OnGround(RoadMetres, 0));
    }

    /// <summary>Light on the patches of the bonnet, and on the road 30 m ahead, lx.</summary>
    public sealed record Falls(double[] Bonnet, double Road)
    {
        public Falls Plus(Falls other) => new([.. Bonnet.Zip(other.Bonnet, (one, more) => one + more)], Road + other.Road);

        public bool Lights => Array.Exists(Bonnet, lux => lux >= LitLux);
    }

    /// <summary>What the eye has of it.</summary>
    public GlareFigures Figures(Falls falls, LitScene scene)
    {
        var (veil, road) = (Veil(falls), Road(falls));
        var all = bonnet.Sum(patch => patch.Weight);
        var most = falls.Bonnet.DefaultIfEmpty().Max();
        return new GlareFigures(
            road, veil, road > 0 ? veil / road : null, all > 0 ? bonnet.Zip(falls.Bonnet).Where(pair => pair.Second >= LitLux).Sum(pair => pair.First.Weight) / all : 0,
            most, Luminance(most), frame.Select(patch => scene.Lux(patch.At, patch.Normal)).DefaultIfEmpty().Max(), Disturbs(falls));
    }

    /// <summary>Whether something that the eye sees is lit, and throws back more than a tenth of what the road does.</summary>
    public bool Disturbs(Falls falls) => falls.Lights && Veil(falls) > MostVeilShare * Road(falls);

    private double Luminance(double lux) => lux * reflectance / Math.PI;

    private static double Road(Falls falls) => falls.Road * RoadReflectance / Math.PI;

    private double Veil(Falls falls)
    {
        var sum = 0.0;
        for (var i = 0; i < bonnet.Count; i++)
            if (bonnet[i].Angle <= MostDegrees)
                sum += HolladayFactor * Luminance(falls.Bonnet[i]) * bonnet[i].Weight / Math.Pow(Math.Max(LeastDegrees, bonnet[i].Angle), 2);
        return sum;
    }
}
