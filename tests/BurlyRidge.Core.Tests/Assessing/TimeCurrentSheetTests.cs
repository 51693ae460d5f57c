using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Assessing;

public class TimeCurrentSheetTests
{
    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    private static Rig Shape(string name) => AllShapes.Competent.First(shape => shape.Name.StartsWith(name, StringComparison.Ordinal)).Rig;

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_wire_has_a_sheet_that_is_in_order(string name)
    {
        var study = RigStudy.Of(Shape(name));
        foreach (var figures in study.Runs)
        {
            var sheet = TimeCurrentSheet.Of(study, figures);
            foreach (var curve in new[] { sheet.Fastest, sheet.Slowest, sheet.Wire })
            {
                Assert.All(curve, point => Assert.InRange(point.Seconds, TimeCurrentSheet.ShortestSeconds, TimeCurrentSheet.LongestSeconds));
                Assert.All(curve.Zip(curve.Skip(1)), pair => Assert.True(pair.First.Amps < pair.Second.Amps && pair.First.Seconds >= pair.Second.Seconds - 1e-12));
            }
            var fastest = sheet.Fastest.ToDictionary(point => point.Amps, point => point.Seconds);
            Assert.All(sheet.Slowest.Where(point => fastest.ContainsKey(point.Amps)), point => Assert.True(fastest[point.Amps] <= point.Seconds));
            Assert.All(sheet.Inrush.Zip(sheet.Inrush.Skip(1)), pair => Assert.True(pair.First.Seconds < pair.Second.Seconds && pair.First.Amps >= pair.Second.Amps));
        }
    }

    // I²t of an adiabatic short is k²S² (IEC 60364-5-54 annex A, from memory).
    [Fact]
    public void What_the_wire_withstands_keeps_its_energy()
    {
        var study = RigStudy.Of(Shape("one bar on its own harness, earth on the body"));
        var figures = study.Runs.First(run => run.Run.From == "k.87");
        var energy = Math.Pow(Adiabatic.K(figures.Run.InsulationCelsius, Limits.ShortTimeCelsius(figures.Run.Insulation)) * figures.Wire.CopperSquareMillimetres, 2);
        Assert.All(TimeCurrentSheet.Of(study, figures).Wire, point => Assert.Equal(energy, point.Amps * point.Amps * point.Seconds, energy * 1e-9));
    }

    // A 20 A blade opens within 5 s at twice its rating and 0.5 s at 3.5 times (ISO 8820-3, from memory).
    [Fact]
    public void The_fuse_s_band_is_that_of_its_family()
    {
        var rig = Shape("one bar on its own harness, earth on the body");
        rig = rig with { Protection = [.. rig.Protection.Select(device => device with { Fuse = new Fuse(20, FuseFamily.Blade) })] };
        var study = RigStudy.Of(rig);
        var sheet = TimeCurrentSheet.Of(study, study.Runs.First(run => run.Run.From == "k.87"));
        Assert.Equal("f", sheet.Device);
        Assert.All(sheet.Slowest.Where(point => point.Amps >= 40), point => Assert.True(point.Seconds <= 5 + 1e-9));
        Assert.All(sheet.Slowest.Where(point => point.Amps >= 70), point => Assert.True(point.Seconds <= 0.5 + 1e-9));
        Assert.DoesNotContain(sheet.Slowest, point => point.Amps < 27);
    }

    [Theory]
    [InlineData(LampKind.Filament, 10)]
    [InlineData(LampKind.RegulatedLed, 4)]
    [InlineData(LampKind.ResistorLed, 1)]
    public void Inrush_is_that_of_the_kind_of_lamp(LampKind kind, double times)
    {
        var rig = Shape("one bar on its own harness, earth on the body");
        rig = rig with { Fixtures = [new Fixture("bar", "bar", [new LampFunction("main", kind, 60)])] };
        var study = RigStudy.Of(rig);
        var figures = study.Runs.First(run => run.Run.From == "k.87");
        var inrush = TimeCurrentSheet.Of(study, figures).Inrush;
        Assert.Equal(times * figures.DesignAmps, inrush[0].Amps, 1e-6);
        Assert.Equal(figures.DesignAmps, inrush.Where(point => point.Seconds > 0.1).Select(point => point.Amps).FirstOrDefault(figures.DesignAmps), 1e-6);
    }

    [Fact]
    public void A_thin_wire_behind_a_large_fuse_does_not_clear_in_time_and_says_so()
    {
        var rig = Shape("one bar on its own harness, earth on the body");
        rig = rig with
        {
            Protection = [.. rig.Protection.Select(device => device with { Fuse = new Fuse(100, FuseFamily.BoltDown) })],
            Runs = [.. rig.Runs.Select(run => run.From == "k.87" ? run with { Wire = "20 AWG", LengthMetres = 9 } : run)],
        };
        var sheet = RunAssessment.Of(AssessedRig.Of(rig), rig.Runs.First(run => run.From == "k.87").Id)!.Sheet;
        Assert.False(sheet.Holds);
        Assert.Contains("suffers before the fuse blows", sheet.Sentence, StringComparison.Ordinal);
    }
}
