using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>A corner of an outline, m: behind the front, and up or to the right.</summary>
public sealed record Corner(double Back, double Across);

/// <summary>A wheel as seen from the side, m.</summary>
public sealed record Wheel(double Back, double RadiusMetres);

/// <summary>A body as drawn: closed lines from its size.</summary>
/// <param name="Side">From the left, above the ground.</param>
/// <param name="Windows">Glass as seen from the side.</param>
/// <param name="Plan">From above, right of the middle.</param>
/// <param name="Glass">Windscreen and rear glass from above, as lines across.</param>
public sealed record Outline(
    IReadOnlyList<Corner> Side, IReadOnlyList<IReadOnlyList<Corner>> Windows, IReadOnlyList<Wheel> Wheels,
    IReadOnlyList<Corner> Plan, IReadOnlyList<IReadOnlyList<Corner>> Glass)
{
    private const double Clearance = 0.28;

    /// <summary>Draws <paramref name="body"/>.</summary>
    public static Outline Of(Body body)
    {
        var plan = new BodyPlan(body.Size);
        var (size, bonnet, end, top, roof) = (body.Size, plan.Bonnet, plan.CabEnd, plan.BonnetTop, plan.Roof);
        var tray = GenericBody.HasTray(body.Kind);
        var rake = Math.Min(0.75, 0.45 * size.CabMetres);
        var radius = 0.2 * Math.Min(2.1, size.HeightMetres);
        var overhang = Math.Clamp((size.LengthMetres - size.WheelbaseMetres) * 0.4, radius + 0.1, size.LengthMetres);
        var rail = plan.Sill + 0.32;
        List<Corner> side =
        [
            new(0.02, Clearance + 0.12), new(0, plan.Sill), new(0.06, top - 0.06), new(0.2, top - 0.02), new(bonnet - 0.05, top + 0.04),
            new(bonnet + rake, roof - 0.03), new(bonnet + rake + 0.15, roof),
        ];
        side.AddRange(tray
            ? [new(end - 0.12, roof), new(end, roof - 0.06), new(end + 0.04, rail), new(size.LengthMetres, rail), new(size.LengthMetres, Clearance + 0.15)]
            : [new(end - 0.2, roof), new(size.LengthMetres - 0.06, top + 0.08), new(size.LengthMetres, plan.Sill + 0.1), new(size.LengthMetres - 0.03, Clearance + 0.15)]);
        var glassEnd = tray ? end - 0.12 : end - 0.3;
        List<Corner> window = [new(bonnet + 0.18, top + 0.09), new(bonnet + rake + 0.02, roof - 0.1), new(glassEnd, roof - 0.1), new(glassEnd + 0.02, top + 0.09)];
        var half = size.WidthMetres / 2;
        return new Outline(
            side,
            [window],
            [new Wheel(overhang, radius), new Wheel(overhang + size.WheelbaseMetres, radius)],
            [
                new(0, -0.7 * half), new(0.12, -0.92 * half), new(0.5, -half), new(size.LengthMetres - 0.2, -half), new(size.LengthMetres, -0.9 * half),
                new(size.LengthMetres, 0.9 * half), new(size.LengthMetres - 0.2, half), new(0.5, half), new(0.12, 0.92 * half), new(0, 0.7 * half),
            ],
            [
                [new(bonnet, -0.82 * half), new(bonnet - 0.08, 0), new(bonnet, 0.82 * half)],
                [new(bonnet + rake, -0.7 * half), new(bonnet + rake - 0.05, 0), new(bonnet + rake, 0.7 * half)],
                [new(end - 0.1, -0.78 * half), new(end - 0.1, 0.78 * half)],
            ]);
    }
}
