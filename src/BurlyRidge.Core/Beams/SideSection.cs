using System.Globalization;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>A beam as seen from the left: behind the front across, below the ground down, m.</summary>
/// <param name="Path">What lies between half of its brightness and half, up to what it meets.</param>
/// <param name="Axis">Its axis, the same.</param>
public sealed record BeamFan(string Id, string Name, string Path, string Axis);

/// <summary>The vehicle from its left with its beams.</summary>
/// <param name="EyeLine">From the driver's eye over the bonnet to the first ground that is seen.</param>
/// <param name="FirstGroundMetres">How far ahead of the front that is, m; null: none.</param>
/// <param name="Ground">Line of the ground.</param>
/// <param name="Tilt">The vehicle is turned by so much about <paramref name="PivotMetres"/>, degrees, nose up.</param>
/// <param name="PivotMetres">Behind the front, on the ground, m.</param>
public sealed record SideSection(IReadOnlyList<BeamFan> Fans, string EyeLine, double? FirstGroundMetres, string Ground, double Tilt, double PivotMetres)
{
    private const double MostMetres = 60;
    private const int Rays = 24;

    internal static SideSection Of(LitScene scene, Body body, BeamPlan beams, Attitude attitude)
    {
        var eye = attitude.Of(Viewpoints.Eye(body, beams));
        var first = FirstGround(scene, eye);
        return new SideSection(
            [.. scene.Lamps.Select(lamp => Fan(scene, lamp))],
            first is { } seen ? Line([eye, seen]) : Line([eye, eye + new Vec(MostMetres, 0, 0)]), first?.Ahead,
            Line([.. new[] { -MostMetres, scene.Ground.FromMetres, MostMetres }.Distinct().Order().Select(ahead => scene.Ground.At(ahead, 0))]),
            beams.NoseUpDegrees, new BodyPlan(body.Size).Axles.Average());
    }

    private static BeamFan Fan(LitScene scene, BeamLamp lamp)
    {
        var shade = scene.Shade.From(lamp.At);
        var half = lamp.Shape.AngleUp(0.5);
        List<Vec> ends = [lamp.At];
        for (var ray = 0; ray <= Rays; ray++) ends.Add(End(half * (1 - 2.0 * ray / Rays)));
        return new BeamFan(lamp.Id, lamp.Name, Line(ends) + "Z", Line([lamp.At, End(0)]));

        Vec End(double degrees)
        {
            var (sin, cos) = Math.SinCos(Degrees.ToRadians(degrees));
            var way = lamp.Frame.Forward * cos + lamp.Frame.Up * sin;
            var end = Math.Min(MostMetres, scene.Ground.Meets(lamp.At, way) ?? MostMetres);
            return lamp.At + way * (shade.Meets(lamp.At, way, end) ?? end);
        }
    }

    private static Vec? FirstGround(LitScene scene, Vec eye)
    {
        var seen = scene.Shade.From(eye);
        for (var tenth = 600; tenth > 0; tenth--)
        {
            var (sin, cos) = Math.SinCos(Degrees.ToRadians(tenth / 10.0));
            var way = new Vec(cos, 0, -sin);
            // What the eye is in does not stand in its way: the floor under it is no ground that it sees.
            if (scene.Ground.Meets(eye, way) is { } met && eye.Ahead + way.Ahead * met > 0 && seen.Meets(eye, way, met) is null) return eye + way * met;
        }
        return null;
    }

    private static string Line(IReadOnlyList<Vec> points) => "M" + string.Join('L', points.Select(at => $"{Text(-at.Ahead)} {Text(-at.Up)}"));

    private static string Text(double metres) => Math.Round(metres, 3).ToString(CultureInfo.InvariantCulture);
}
