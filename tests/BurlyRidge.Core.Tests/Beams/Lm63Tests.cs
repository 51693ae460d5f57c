using BurlyRidge.Core.Beams;

namespace BurlyRidge.Core.Tests.Beams;

/// <summary>Photometric files: every header, round there and back, lumens held against the integral, nothing that breaks the reader.</summary>
public class Lm63Tests
{
    private const int Mutants = 500;

    private static string Small(string header = "IESNA:LM-63-2002", string tilt = "TILT=NONE") =>
        (header.Length > 0 ? header + "\n" : "") + "[TEST] made up\n[OTHER] for a test\n" + tilt + "\n1 1000 1 5 1 1 2 0.1 0 0.1\n1 1 20\n0 20 40 60 90\n0\n1000 800.25 300 20.125 0\n";

    private static Lm63File File(string text) => Assert.IsType<Lm63Reading.Read>(Lm63Reader.Read(text)).File;

    [Theory]
    [InlineData("")]
    [InlineData("IESNA91")]
    [InlineData("IESNA:LM-63-1995")]
    [InlineData("IESNA:LM-63-2002")]
    [InlineData("IES:LM-63-2019")]
    public void Every_header_is_read_and_comes_back_as_it_was(string header)
    {
        var file = File(Small(header));
        Assert.Equal((header, 1000.0, 20.0), (file.Header, file.LumensPerLamp, file.Watts));
        Assert.Equal([1000, 800.25, 300, 20.125, 0], file.Candela[0]);
        Assert.Equal(Small(header), Lm63Writer.Write(file));
    }

    [Fact]
    public void Its_tilt_comes_back_too()
    {
        var text = Small(tilt: "TILT=INCLUDE\n1\n3\n0 45 90\n1 0.97 0.9");
        Assert.Equal([1, 0.97, 0.9], File(text).Tilt!.Factors);
        Assert.Equal(text, Lm63Writer.Write(File(text)));
        var light = new TableLight(File(text));
        Assert.Equal([1, 0.985, 0.97, 0.9], new[] { 0.0, 22.5, -45, 120 }.Select(light.TiltFactor).Select(factor => Math.Round(factor, 9)));
    }

    [Theory]
    [InlineData("TILT=NONE", "TILT=other.tlt", 4)]
    [InlineData("TILT=NONE", "TILL=NONE", 10)]
    [InlineData("IESNA:LM-63-2002", "IESNA:LM-63-2077", 1)]
    [InlineData("0 20 40 60 90", "0 20 20 60 90", 7)]
    [InlineData("0 20 40 60 90", "0 20 forty 60 90", 7)]
    [InlineData("0 20 40 60 90", "0 20 40 60 190", 7)]
    [InlineData("1000 800.25", "-1000 800.25", 9)]
    [InlineData("300 20.125 0", "300 20.125", 10)]
    [InlineData("300 20.125 0", "300 20.125 0 7", 9)]
    [InlineData("1 1000 1 5 1 1 2", "1 1000 1 5.5 1 1 2", 5)]
    [InlineData("1 1000 1 5 1 1 2", "1 1000 1 5 1 9 2", 5)]
    [InlineData("1 1000 1 5 1 1 2", "1 1000 1 700 700 1 2", 5)]
    public void A_bad_file_is_refused_with_its_line(string good, string bad, int line)
    {
        var refused = Assert.IsType<Lm63Reading.Refused>(Lm63Reader.Read(Small().Replace(good, bad, StringComparison.Ordinal)));
        Assert.Equal(line, refused.Line);
        Assert.True(refused.Reason.Length > 10, refused.Words);
    }

    [Fact]
    public void Five_hundred_files_spoilt_at_random_are_read_or_refused()
    {
        const string letters = " 0123456789.-eE\n\tTILT=NONE,[]/\0é";
        var random = new Random(20_261_128);
        var refused = 0;
        for (var i = 0; i < Mutants; i++)
        {
            var text = Small().ToList();
            for (var change = random.Next(1, 12); change > 0; change--)
            {
                var at = random.Next(text.Count);
                if (random.Next(3) == 0) text.RemoveAt(at);
                else if (random.Next(2) == 0) text.Insert(at, letters[random.Next(letters.Length)]);
                else text[at] = letters[random.Next(letters.Length)];
            }
            switch (Lm63Reader.Read(string.Concat(text)))
            {
                case Lm63Reading.Refused(var line, var reason):
                    refused++;
                    Assert.True(line >= 1 && reason.Length > 0);
                    break;
                case Lm63Reading.Read(var file):
                    Assert.True(double.IsFinite(new TableLight(file).Lumens));
                    break;
            }
        }
        Assert.InRange(refused, Mutants / 4, Mutants - 1);
    }

    public static TheoryData<double, double> Beams => new() { { 120, 120 }, { 60, 60 }, { 40, 12 }, { 16, 16 } };

    /// <summary>Light all round of a file that says how many lumens it has; the integral is the file's own, by figures alone.</summary>
    [Theory]
    [MemberData(nameof(Beams))]
    public void Lumens_of_the_sphere_are_those_of_the_header(double spread, double high)
    {
        var file = Lm63Writer.Of(new CosineLight(3000, spread, high), "made", "by a formula", 40, 0.3, 0.1);
        Assert.Equal(3000, file.LampLumens!.Value, 0.1);
        Assert.InRange(new TableLight(file).Lumens / file.LampLumens.Value, 0.995, 1.005);
    }

    /// <summary>An ideal matt source gives π times its axial intensity (Lambert).</summary>
    [Fact]
    public void A_matt_source_gives_pi_times_its_axis()
    {
        var light = new CosineLight(1000, 120, 120);
        Assert.Equal(1000 / Math.PI, light.Axial, 1e-6);
        Assert.Equal(light.Axial / 2, light.Candela(0.5, Math.Sqrt(0.75), 0), 1e-6);
    }

    [Fact]
    public void Half_is_left_at_half_of_each_angle()
    {
        var light = new CosineLight(1000, 40, 12);
        Assert.Equal(20, light.AngleRight(0.5), 0.11);
        Assert.Equal(6, light.AngleUp(0.5), 0.11);
    }

    /// <summary>The same light told by planes about three axes is the same light.</summary>
    [Theory]
    [InlineData(PhotometricType.B)]
    [InlineData(PhotometricType.A)]
    public void Types_tell_the_same_light(PhotometricType type)
    {
        var light = new CosineLight(1000, 50, 30);
        var angles = Enumerable.Range(-90, 181).Select(angle => (double)angle).ToList();
        (double Forward, double Right, double Up) Way(double up, double side)
        {
            double v = up * Math.PI / 180, h = side * Math.PI / 180;
            return type == PhotometricType.B ? (Math.Cos(h) * Math.Cos(v), Math.Sin(h), Math.Cos(h) * Math.Sin(v)) : (Math.Cos(v) * Math.Cos(h), Math.Cos(v) * Math.Sin(h), Math.Sin(v));
        }
        var file = new Lm63File("", [], null, 1, -1, 1, type, false, 0, 0, 0, 1, 1, 0, angles, angles,
            [.. angles.Select(side => (IReadOnlyList<double>)[.. angles.Select(up => { var way = Way(up, side); return light.Candela(way.Forward, way.Right, way.Up); })])]);
        var table = new TableLight(File(Lm63Writer.Write(file)));
        var random = new Random(7);
        for (var i = 0; i < 200; i++)
        {
            var way = new Vec(random.NextDouble(), random.NextDouble() - 0.5, random.NextDouble() - 0.5).Unit;
            Assert.Equal(light.Candela(way.Ahead, way.Right, way.Up), table.Candela(way.Ahead, way.Right, way.Up), light.Axial * 0.002);
        }
    }

    /// <summary>A file that has a quarter or a half of the planes is alike on the others.</summary>
    [Theory]
    [InlineData(0, 90)]
    [InlineData(0, 180)]
    [InlineData(0, 360)]
    [InlineData(90, 270)]
    public void Planes_that_are_left_out_are_alike(int from, int to)
    {
        var light = new CosineLight(1000, 50, 20);
        var full = Lm63Writer.Of(light, "made", "", 10, 0, 0);
        var kept = full.Horizontal.Select((plane, i) => (plane, i)).Where(pair => pair.plane >= from && pair.plane <= to).ToList();
        var part = new TableLight(full with { Horizontal = [.. kept.Select(pair => pair.plane)], Candela = [.. kept.Select(pair => full.Candela[pair.i])] });
        foreach (var (right, up) in new[] { (0.1, 0.05), (-0.1, 0.05), (0.1, -0.05), (-0.1, -0.05), (0.0, 0.1), (-0.15, 0.0) })
        {
            var way = new Vec(1, right, up).Unit;
            Assert.Equal(light.Candela(way.Ahead, way.Right, way.Up), part.Candela(way.Ahead, way.Right, way.Up), light.Axial * 0.01);
        }
    }
}
