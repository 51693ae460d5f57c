using System.Diagnostics;
using System.Globalization;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Beams;

/// <summary>Shadows on the ground against those that a general ray tracer draws of the same scene.</summary>
public class ShadowTests
{
    private const double Step = 0.25, From = -2, To = 30, Side = 10;
    private static readonly (Vec One, Vec Other) Bonnet = (new Vec(-1.3, -0.85, 0.4), new Vec(0, 0.85, 1.05));

    [Theory]
    [InlineData(1.3, -1.5)]
    [InlineData(1.9, -2.0)]
    [InlineData(2.6, -3.0)]
    public void Edges_of_the_shadow_of_a_box_agree_within_a_square(double height, double ahead)
    {
        var (rows, columns) = ((int)((To - From) / Step), (int)(2 * Side / Step));
        var level = new Attitude(GenericBody.Of(BodyKind.DualCab), 0);
        var lamp = new BeamLamp("lamp.main", "lamp", "mount", "Lamp", [], Facing.Ahead, new Vec(ahead, 0.1, height), Frame.Of(0, 0, 0), 0.01, 0.01, new CosineLight(5000, 90, 90), 1, false, 40, 3);
        var scene = new LitScene([lamp], new Shade([Solid.Box(Bonnet.One, Bonnet.Other, level)]), Ground.Flat);
        var lit = new bool[rows, columns];
        for (var row = 0; row < rows; row++)
            for (var column = 0; column < columns; column++) lit[row, column] = scene.OnGround(From + (row + 0.5) * Step, (column + 0.5) * Step - Side) > 0;
        var traced = Traced(lamp.At, rows, columns);
        var differ = 0;
        for (var row = 1; row < rows - 1; row++)
            for (var column = 1; column < columns - 1; column++)
            {
                if (lit[row, column] == traced[row, column]) continue;
                differ++;
                Assert.True(AtEdge(row, column), $"{From + (row + 0.5) * Step} ahead, {(column + 0.5) * Step - Side} right: traced {traced[row, column]}");
            }
        // There is a shadow, and it is no accident that it agrees.
        Assert.InRange(traced.Cast<bool>().Count(shines => !shines), 30, rows * columns / 2);
        Assert.True(differ < rows * columns / 50, $"{differ} squares differ");

        bool AtEdge(int row, int column)
        {
            for (var r = -1; r <= 1; r++)
                for (var c = -1; c <= 1; c++)
                    if (lit[row + r, column + c] != lit[row, column]) return true;
            return false;
        }
    }

    /// <summary>Looked at from straight above, a pixel a square: what is lit.</summary>
    private static bool[,] Traced(Vec lamp, int rows, int columns)
    {
        static string Of(double value) => value.ToString("R", CultureInfo.InvariantCulture);
        static string At(Vec at) => $"<{Of(at.Right)},{Of(at.Up)},{Of(at.Ahead)}>";
        // The same law: a spot whose brightness goes with a power of the cosine, here 2; the box throws a shadow and is not seen itself.
        var scene = $$"""
            #version 3.7;
            global_settings { assumed_gamma 1 }
            camera { orthographic location <0,50,{{Of((From + To) / 2)}}> up z*{{Of(To - From)}} right x*{{Of(2 * Side)}} direction -y }
            light_source { {{At(lamp)}} color rgb 1000 spotlight radius 89 falloff 90 tightness 2 point_at {{At(lamp + new Vec(1, 0, 0))}} }
            plane { y, 0 pigment { rgb 1 } finish { ambient 0 diffuse 1 } }
            box { {{At(Bonnet.One)}}, {{At(Bonnet.Other)}} no_image }
            """;
        var name = Path.Combine(Path.GetTempPath(), $"shadow-{Guid.NewGuid():n}");
        File.WriteAllText(name + ".pov", scene);
        try
        {
            using var process = Process.Start(new ProcessStartInfo("povray", [$"+I{name}.pov", $"+O{name}.ppm", $"+W{columns}", $"+H{rows}", "-D", "+FP", "-A", "-V", "+WT1"]) { RedirectStandardError = true, RedirectStandardOutput = true })!;
            var said = process.StandardError.ReadToEndAsync();
            Assert.True(process.WaitForExit(TimeSpan.FromSeconds(60)), "the ray tracer did not end");
            Assert.True(process.ExitCode == 0, said.Result);
            return Read(File.ReadAllBytes(name + ".ppm"), rows, columns);
        }
        finally
        {
            File.Delete(name + ".pov");
            File.Delete(name + ".ppm");
        }
    }

    /// <summary>Its first row is the farthest ahead.</summary>
    private static bool[,] Read(byte[] picture, int rows, int columns)
    {
        var bytes = picture.Length / (rows * columns * 3) >= 2 ? 6 : 3;
        var start = picture.Length - rows * columns * bytes;
        var lit = new bool[rows, columns];
        for (var row = 0; row < rows; row++)
            for (var column = 0; column < columns; column++) lit[rows - 1 - row, column] = picture[start + (row * columns + column) * bytes] > 0;
        return lit;
    }
}
