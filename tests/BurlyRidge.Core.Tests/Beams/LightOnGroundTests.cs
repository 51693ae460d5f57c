using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Core.Tests.Beams;

/// <summary>Light on the ground against closed forms and against what has to hold for any lamp.</summary>
public class LightOnGroundTests
{
    private static readonly Shade Open = new([]);

    private static BeamLamp Lamp(Vec at, Frame frame, LightShape shape, double wide = 0.01, double high = 0.01, string id = "lamp.main") =>
        new(id, "lamp", "mount", "Lamp", [], Facing.Ahead, at, frame, wide, high, shape, 1, false, 40, 3);

    private static LitScene Scene(params IReadOnlyList<BeamLamp> lamps) => new(lamps, Open, Ground.Flat);

    private static readonly Frame Down = Frame.Of(0, -90, 0);

    private static GroundLight Light(LitScene scene, bool coarse = false) => GroundLight.Of(scene, -5, coarse);

    /// <summary>Of a source of a cosine power over a plane: E = I0·cos^(m+3) γ / h² (from the inverse square and the cosine law).</summary>
    [Theory]
    [InlineData(120, 2.0)]
    [InlineData(60, 3.5)]
    [InlineData(30, 6.0)]
    public void A_cosine_power_over_a_plane_is_as_its_formula(double degrees, double height)
    {
        var light = new CosineLight(2000, degrees, degrees);
        var grid = Light(Scene(Lamp(new Vec(4, 1, height), Down, light))).Near;
        var power = CosineLight.Exponent(degrees) + 3;
        for (var row = 0; row < grid.Rows; row += 3)
            for (var column = 0; column < grid.Columns; column += 3)
            {
                var (ahead, right) = grid.Middle(row, column);
                var gamma = Math.Atan2(Math.Sqrt((ahead - 4) * (ahead - 4) + (right - 1) * (right - 1)), height);
                var formula = light.Axial * Math.Pow(Math.Cos(gamma), power) / (height * height);
                Assert.True(Math.Abs(grid.At(row, column) - formula) <= 0.005 * formula + 1e-9, $"{ahead} {right}: {grid.At(row, column)} {formula}");
            }
    }

    /// <summary>
    /// An even matt disc over a plane parallel to it, exactly (the view factor of a disc to a parallel element, from heat transfer
    /// handbooks, from memory): E = πL/2 · (1 − (r² + h² − R²) / sqrt((r² + h² + R²)² − 4R²r²)).
    /// </summary>
    [Fact]
    public void A_matt_disc_from_fifteen_radii_on_is_as_its_formula()
    {
        const double radius = 0.1, height = 1.5, luminance = 10_000;
        var axial = luminance * Math.PI * radius * radius;
        var grid = Light(Scene(Lamp(new Vec(0, 0, height), Down, new CosineLight(axial * Math.PI, 120, 120), 2 * radius, 2 * radius))).Near;
        for (var row = 0; row < grid.Rows; row++)
        {
            var (ahead, right) = grid.Middle(row, grid.Columns / 2);
            var square = ahead * ahead + right * right;
            double h = height * height, disc = radius * radius;
            var formula = Math.PI * luminance / 2 * (1 - (square + h - disc) / Math.Sqrt(Math.Pow(square + h + disc, 2) - 4 * disc * square));
            Assert.True(Math.Abs(grid.At(row, grid.Columns / 2) - formula) <= 0.005 * formula, $"{ahead}: {grid.At(row, grid.Columns / 2)} {formula}");
        }
    }

    /// <summary>A bar of 1.27 m taken as one point is 83 % too bright at 0.5 m and 25 % at 1 m (worked out from Lambert's law along a line).</summary>
    [Theory]
    [InlineData(0.5, 1.83)]
    [InlineData(1.0, 1.25)]
    public void A_bar_is_no_point_where_it_is_near(double metres, double tooBright)
    {
        var light = new CosineLight(1000, 120, 120);
        var bar = Lamp(new Vec(0, 0, 1), Frame.Of(0, 0, 0), light, wide: 1.27);
        Assert.Equal(tooBright, light.Axial / (metres * metres) / bar.Lux(new Vec(metres, 0, 1), new Vec(-1, 0, 0), Open), 0.015);
    }

    [Fact]
    public void Light_falls_with_the_square_of_the_distance()
    {
        var light = new CosineLight(3000, 20, 20);
        var lamp = Lamp(new Vec(0, 0, 1), Frame.Of(0, 0, 0), light);
        foreach (var metres in new[] { 5.0, 50, 316 })
            Assert.Equal(light.Axial / (metres * metres), lamp.Lux(new Vec(metres, 0, 1), new Vec(-1, 0, 0), Open), 1e-9);
    }

    private static List<BeamLamp> Two => [Lamp(new Vec(0, -0.6, 1), Frame.Of(-8, -2, 0), new CosineLight(2000, 30, 10), 0.6, 0.08, "a.main"), Lamp(new Vec(0, 0.6, 1), Frame.Of(8, -2, 0), new CosineLight(2000, 30, 10), 0.6, 0.08, "b.main")];

    [Fact]
    public void Lamps_together_are_the_sum_of_each()
    {
        var (both, one, other) = (Light(Scene(Two)), Light(Scene(Two[0])), Light(Scene(Two[1])));
        for (var i = 0; i < both.Far.Lux.Count; i++) Assert.Equal(one.Far.Lux[i] + other.Far.Lux[i], both.Far.Lux[i], 1e-9);
        Assert.Equal(both.Lumens[0], one.Lumens[0], 1e-6);
    }

    [Fact]
    public void Left_is_as_right_where_lamps_are()
    {
        var grid = Light(Scene(Two)).Near;
        for (var row = 0; row < grid.Rows; row++)
            for (var column = 0; column < grid.Columns; column++)
                Assert.Equal(grid.At(row, column), grid.At(row, grid.Columns - 1 - column), 1e-9);
    }

    /// <summary>Turned by some angles and back by the same it is what it was; turned all round too.</summary>
    [Theory]
    [InlineData(360, 0, 0)]
    [InlineData(180, 180, 180)]
    [InlineData(0, 0, 360)]
    public void Turned_there_and_back_is_the_same(double heading, double pitch, double roll)
    {
        var light = new CosineLight(2000, 30, 10);
        var (before, after) = (Light(Scene(Lamp(new Vec(0, 0, 1), Frame.Of(0, -2, 0), light))).Far, Light(Scene(Lamp(new Vec(0, 0, 1), Frame.Of(heading, (pitch == 180 ? 180 : 0) + (pitch == 180 ? 2 : -2), roll), light))).Far);
        for (var i = 0; i < before.Lux.Count; i++) Assert.Equal(before.Lux[i], after.Lux[i], 1e-6);
    }

    [Fact]
    public void The_adaptive_sum_is_that_of_the_whole_plan_in_fine_squares()
    {
        var scene = Scene([.. Two, Lamp(new Vec(-1.5, 0, 1.95), Frame.Of(0, -3, 0), new CosineLight(9000, 40, 12), 1.1, 0.08, "c.main")]);
        var (adaptive, plain) = (Light(scene).Lumens, GroundLight.Plain(scene, -5).Lumens);
        for (var lamp = 0; lamp < scene.Count; lamp++) Assert.InRange(adaptive[lamp] / plain[lamp], 0.98, 1.02);
    }

    /// <summary>Of rising ground each square metre faces the light more; behind a crest it is dark.</summary>
    [Fact]
    public void Ground_rises_into_the_beam_and_falls_out_of_it()
    {
        var lamp = Lamp(new Vec(0, 0, 1), Frame.Of(0, 0, 0), new CosineLight(2000, 20, 20));
        double At(Ground ground) => new LitScene([lamp], Open, ground).OnGround(60, 0);
        // 60 m ahead the beam falls on the flat by a sixtieth, and on the slope by a twentieth less what it rises to meet it.
        Assert.Equal((0.05 - 0.5 / 60) * 60, At(new Ground(5, 30)) / At(Ground.Flat), 0.02);
        // The sight line from 1 m over a crest at 30 m falls by a thirtieth.
        Assert.Equal(0, At(new Ground(-5, 30)));
        Assert.True(At(new Ground(-2, 30)) > 0);
    }
}
