using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using CsCheck;

namespace BurlyRidge.Core.Tests.Fitting;

/// <summary>Lamps on mounts, worked by hand and at the limit itself.</summary>
public class LampFitTests
{
    private static readonly Holder Feet = new(HolderKind.Feet, 200, 600);

    private static Mount Open => new("m", "Mount", "s", new Point(0, 0, 1)) { Holds = [Feet] };

    private static LampDimensions Lamp(double width, double height = 60, double depth = 70) => new(width, height, depth, 3) { Holds = [new Holder(HolderKind.Feet, 300, 400)], BehindMillimetres = 30, TailMillimetres = 300 };

    private static FitFinding Find(Mount mount, LampDimensions lamp, string id) => LampFit.Of(mount, new MountedLamp("lamp", lamp)).Findings.Single(finding => finding.Id == id);

    /// <summary>s = R − √(R² − c²/4). By hand: R 1300, c 1000 gives 1300 − √(1690000 − 250000) = 1300 − 1200 = 100.</summary>
    [Theory]
    [InlineData(1300, 1000, 100)]
    [InlineData(500, 600, 100)]
    [InlineData(500, 1000, 500)]
    [InlineData(1700, 1600, 200)]
    public void Sagitta_by_hand(double radius, double chord, double sagitta)
    {
        Assert.Equal(sagitta, Sagitta.Of(radius, chord), 1e-9);
        Assert.Equal(radius, Sagitta.Radius(chord, sagitta), 1e-9);
        Assert.Equal(chord, Sagitta.Chord(radius, sagitta), 1e-9);
        Assert.True(double.IsPositiveInfinity(Sagitta.Of(radius, 2 * radius + 0.001)));
    }

    [Theory]
    [InlineData(508, Verdict.Holds, 2)]
    [InlineData(509, Verdict.Watch, 1.5)]
    [InlineData(512, Verdict.Watch, 0)]
    [InlineData(512.1, Verdict.Stop, -0.05)]
    public void Width_at_its_limit(double width, Verdict verdict, double gap)
    {
        var card = LampFit.Of(Open with { WidthMillimetres = 512 }, new MountedLamp("lamp", Lamp(width)));
        var finding = card.Findings.Single(finding => finding.Id == "width");
        Assert.Equal(verdict, finding.Verdict);
        Assert.Equal(gap, card.Stance!.GapMillimetres!.Value, 1e-9);
        if (verdict == Verdict.Stop) Assert.Contains("At most 512 mm wide", finding.Remedy, StringComparison.Ordinal);
    }

    /// <summary>A face of 1300 mm radius falls back 100 mm over a straight metre; lamp and plug take 100 mm of the 150 behind it.</summary>
    [Theory]
    [InlineData(50, Verdict.Holds, -50, 50)]
    [InlineData(49.9, Verdict.Stop, -50, 50)]
    [InlineData(100, Verdict.Holds, 0, 100)]
    public void Ends_of_a_straight_lamp_on_a_curved_face(double proud, Verdict verdict, double middle, double ends)
    {
        var mount = Open with { RadiusMillimetres = 1300, ProudMillimetres = proud, DepthMillimetres = 150 };
        var card = LampFit.Of(mount, new MountedLamp("lamp", Lamp(1000)));
        Assert.Equal((middle, ends), (Math.Round(card.Stance!.MiddleProudMillimetres, 6), Math.Round(card.Stance.EndsProudMillimetres, 6)));
        Assert.Equal(verdict, card.Findings.Single(finding => finding.Id == "proud-ends").Verdict);
        Assert.Equal(Verdict.Holds, LampFit.Of(mount, new MountedLamp("lamp", Lamp(1000) with { RadiusMillimetres = 1300 })).Findings.Single(finding => finding.Id == "proud-ends").Verdict);
    }

    /// <summary>A metre of straight edge that stands off by 100 mm has found a radius of 1300 mm.</summary>
    [Fact]
    public void A_straight_edge_finds_the_same_as_the_radius()
    {
        var mount = Open with { ProudMillimetres = 60, DepthMillimetres = 150 };
        var radius = LampFit.Of(mount with { RadiusMillimetres = 1300 }, new MountedLamp("lamp", Lamp(900)));
        var edge = LampFit.Of(mount with { Edge = new StraightEdge(1000, 100) }, new MountedLamp("lamp", Lamp(900)));
        Assert.Equal(radius.Stance!.EndsProudMillimetres, edge.Stance!.EndsProudMillimetres, 1e-9);
        Assert.Equal(radius.Verdict, edge.Verdict);
    }

    [Fact]
    public void What_is_offered_instead_of_a_straight_lamp_does_go()
    {
        var mount = Open with { RadiusMillimetres = 1300, ProudMillimetres = 20, DepthMillimetres = 100 };
        var remedy = Find(mount, Lamp(1000), "proud-ends").Remedy;
        Assert.Contains($"at most {Math.Floor(Sagitta.Chord(1300, 20))} mm", remedy, StringComparison.Ordinal);
        Assert.Contains("curved to 1.1 m to 1.6 m", remedy, StringComparison.Ordinal);
        Assert.Equal(Verdict.Holds, Find(mount, Lamp(Sagitta.Chord(1300, 20)), "proud-ends").Verdict);
        foreach (var radius in new[] { 1150, 1550 })
            Assert.Equal(Verdict.Holds, Find(mount, Lamp(1000) with { RadiusMillimetres = radius }, "proud-ends").Verdict);
    }

    [Theory]
    [InlineData(130, Verdict.Holds)]
    [InlineData(120, Verdict.Holds)]
    [InlineData(99.9, Verdict.Holds)]
    [InlineData(79.9, Verdict.Stop)]
    public void Depth_with_plug_and_tail(double depth, Verdict verdict) =>
        Assert.Equal(verdict, Find(Open with { DepthMillimetres = depth, ProudMillimetres = 20 }, Lamp(400), "proud-middle").Verdict);

    [Theory]
    [InlineData(HolderKind.Feet, 600, 700, Verdict.Holds, "")]
    [InlineData(HolderKind.Feet, 645, 700, Verdict.Stop, "Drill a second hole 45 mm further out.")]
    [InlineData(HolderKind.Feet, 100, 150, Verdict.Stop, "Drill a second hole 50 mm further in.")]
    [InlineData(HolderKind.Ears, 300, 400, Verdict.Stop, "The version with feet.")]
    public void How_it_is_held(HolderKind kind, double from, double to, Verdict verdict, string remedy)
    {
        var finding = Find(Open, Lamp(400) with { Holds = [new Holder(kind, from, to)] }, "hold");
        Assert.Equal((verdict, remedy), (finding.Verdict, finding.Remedy));
    }

    [Theory]
    [InlineData(FreeWay.Left, 200, Verdict.Holds)]
    [InlineData(FreeWay.Left, 199, Verdict.Stop)]
    [InlineData(FreeWay.Below, 30, Verdict.Holds)]
    [InlineData(FreeWay.Below, 29, Verdict.Stop)]
    [InlineData(FreeWay.Behind, 100, Verdict.Holds)]
    [InlineData(FreeWay.Behind, 99, Verdict.Stop)]
    public void What_has_to_stay_free(FreeWay way, double millimetres, Verdict verdict) =>
        Assert.Equal(verdict, Find(Open with { Free = [new KeepFree("hitch pin", way, millimetres)] }, Lamp(400), "keep-free").Verdict);

    [Fact]
    public void Weight_tilt_tail_lead_and_what_gives()
    {
        Assert.Equal(Verdict.Holds, Find(Open with { MostKilograms = 3 }, Lamp(400), "load").Verdict);
        Assert.Equal(Verdict.Stop, Find(Open with { MostKilograms = 2.9 }, Lamp(400), "load").Verdict);
        Assert.Equal(Verdict.Stop, Find(Open with { TiltDegrees = 10 }, Lamp(400) with { TiltDegrees = 11 }, "tilt").Verdict);
        // By hand: 60·cos 30° + 70·sin 30° = 52.0 + 35 = 87.0 mm.
        Assert.Equal(86.96, Find(Open with { HeightMillimetres = 70 }, Lamp(400) with { TiltDegrees = 30 }, "tilted-height").Figure, 0.01);
        Assert.Equal(Verdict.Watch, Find(Open, Lamp(400) with { TailMillimetres = 80 }, "tail").Verdict);
        Assert.Equal(Verdict.Watch, Find(Open with { Supply = Side.Left }, Lamp(400) with { Lead = Side.Right }, "lead-side").Verdict);
        Assert.Equal(Verdict.Watch, Find(Open with { Structural = false }, Lamp(400), "structural").Verdict);
    }

    /// <summary>By hand: five pods of 100 mm in 560 leave 60 mm for six gaps.</summary>
    [Fact]
    public void A_row_is_spaced_evenly_and_tightened_from_the_middle()
    {
        var pods = Enumerable.Range(1, 5).Select(i => new MountedLamp($"p{i}", Lamp(100))).ToList();
        var card = LampFit.Of(Open with { WidthMillimetres = 560 }, pods);
        Assert.Equal(10, card.Stance!.GapMillimetres);
        Assert.Equal([-220, -110, 0, 110, 220], card.Stance.CentresMillimetres);
        Assert.Equal(["p3", "p2", "p4", "p1", "p5"], card.TighteningOrder);
        Assert.Equal(Verdict.Stop, LampFit.Of(Open with { WidthMillimetres = 499 }, pods).Findings.Single(finding => finding.Id == "width").Verdict);
    }

    private static readonly Gen<LampDimensions> Lamps = Gen.Select(Gen.Double[40, 1400], Gen.Double[20, 150], Gen.Double[20, 150], Gen.Double[700, 5000], Gen.Bool,
        (width, height, depth, radius, curved) => Lamp(width, height, depth) with { RadiusMillimetres = curved ? radius : null });

    private static readonly Gen<Mount> Mounts = Gen.Select(Gen.Double[50, 1500], Gen.Double[30, 200], Gen.Double[40, 250], Gen.Double[0, 60], Gen.Double[700, 5000], Gen.Bool,
        (width, height, depth, proud, radius, curved) => Open with
        {
            WidthMillimetres = width,
            HeightMillimetres = height,
            DepthMillimetres = depth,
            ProudMillimetres = proud,
            RadiusMillimetres = curved ? radius : null,
            Free = [new KeepFree("chain", FreeWay.Right, width / 2), new KeepFree("door swing", FreeWay.Before, proud)],
        });

    [Fact]
    public void More_room_never_turns_a_lamp_away() => Gen.Select(Mounts, Lamps, Gen.Double[0, 300], Gen.Int[0, 3], Gen.Int[1, 4]).Sample((mount, lamp, more, which, count) =>
    {
        var lamps = Enumerable.Range(0, count).Select(i => new MountedLamp($"l{i}", lamp)).ToList();
        var larger = which switch
        {
            0 => mount with { WidthMillimetres = mount.WidthMillimetres + more },
            1 => mount with { HeightMillimetres = mount.HeightMillimetres + more },
            2 => mount with { DepthMillimetres = mount.DepthMillimetres + more },
            _ => mount with { ProudMillimetres = mount.ProudMillimetres + more },
        };
        return LampFit.Of(mount, lamps).Verdict == Verdict.Stop || LampFit.Of(larger, lamps).Verdict != Verdict.Stop;
    }, iter: 5000);
}
