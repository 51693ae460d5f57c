using System.Globalization;
using System.Text.RegularExpressions;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Pictures;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Pictures;

/// <summary>The vehicle as drawn: to scale, its lamps as large as they are and where they are, worked by hand.</summary>
public partial class VehiclePictureTests
{
    private static readonly LampDimensions Bar = new(600, 80, 70, 3) { Holds = [new Holder(HolderKind.Feet, 300, 400)] };

    private static Rig On(BodyKind kind, string mount, LampDimensions lamp, int count = 1) => Rig.Empty(12, UnitSystem.Metric) with
    {
        Body = GenericBody.Of(kind),
        Fixtures = [.. Enumerable.Range(1, count).Select(i => new Fixture($"lamp-{i}", "Lamp", [new LampFunction("main", LampKind.RegulatedLed, 40)]) { Body = lamp })],
        Places = [.. Enumerable.Range(1, count).Select(i => new Place($"lamp-{i}", mount))],
    };

    private static PictureView View(Rig rig, ViewSide side) => VehiclePicture.Of(rig)!.Views.Single(view => view.Side == side);

    /// <summary>The corners of a path: every pair of numbers, the offsets of arcs left out.</summary>
    private static List<(double X, double Y)> Corners(string path) =>
        [.. Pairs().Matches(Arcs().Replace(path, "")).Select(pair => (Of(pair.Groups[1].Value), Of(pair.Groups[2].Value)))];

    private static (double Left, double Top, double Right, double Bottom) Bounds(string path)
    {
        var corners = Corners(path);
        return (corners.Min(at => at.X), corners.Min(at => at.Y), corners.Max(at => at.X), corners.Max(at => at.Y));
    }

    private static double Of(string text) => double.Parse(text, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"(-?[\d.]+) (-?[\d.]+)")]
    private static partial Regex Pairs();

    [GeneratedRegex("[aA][^MLQaAZ]*")]
    private static partial Regex Arcs();

    public static TheoryData<BodyKind> Kinds => [.. Enum.GetValues<BodyKind>()];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_body_fills_its_views_and_leaves_them_by_a_mirror_at_most(BodyKind kind)
    {
        var size = GenericBody.UsualSize(kind);
        var rig = Rig.Empty(12, UnitSystem.Metric) with { Body = GenericBody.Of(kind) };
        foreach (var view in VehiclePicture.Of(rig)!.Views)
        {
            var bounds = view.Shapes.Select(shape => Bounds(shape.Path)).ToList();
            var (across, down) = view.Side is ViewSide.Left ? (size.LengthMetres, size.HeightMetres) : view.Side is ViewSide.Above ? (size.LengthMetres, size.WidthMetres) : (size.WidthMetres, size.HeightMetres);
            Assert.Equal((across, down), (view.WidthMetres, view.HeightMetres));
            Assert.All(bounds, box =>
            {
                Assert.InRange(box.Left, -0.15, across);
                Assert.InRange(box.Right, 0, across + 0.15);
                Assert.InRange(box.Top, -0.15, down);
                Assert.InRange(box.Bottom, -0.1, down + 0.15);
            });
            Assert.Equal(across, bounds.Max(box => box.Right) - bounds.Min(box => box.Left), 0.25);
        }
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void The_wheels_stand_a_wheelbase_apart_and_on_the_ground(BodyKind kind)
    {
        var rig = Rig.Empty(12, UnitSystem.Metric) with { Body = GenericBody.Of(kind) };
        var tyres = View(rig, ViewSide.Left).Shapes.Where(shape => shape.Kind == ShapeKind.Tyre).ToList();
        var at = tyres.Select(tyre => Corners(tyre.Path)[0]).ToList();
        Assert.Equal(GenericBody.UsualSize(kind).WheelbaseMetres, at[1].X - at[0].X, 1e-9);
        var radius = Of(Regex.Match(tyres[0].Path, @"a([\d.]+)").Groups[1].Value);
        Assert.Equal(GenericBody.UsualSize(kind).HeightMetres, at[0].Y + radius, 2e-3);
    }

    /// <summary>A bar of 600 x 80 x 70 mm on the roof of a long wagon of 1.92 m: 600 mm across from the front, 70 deep and 600 wide from above, its middle in the middle.</summary>
    [Fact]
    public void A_bar_is_as_large_as_it_is_in_every_view()
    {
        var rig = On(BodyKind.LongWagon, "roof-bar", Bar);
        var front = Bounds(Assert.Single(View(rig, ViewSide.Front).Lamps).Case);
        Assert.Equal((0.6, 0.08), (front.Right - front.Left, front.Bottom - front.Top), Near);
        Assert.Equal(0.96, (front.Left + front.Right) / 2, 1e-3);
        var above = Bounds(Assert.Single(View(rig, ViewSide.Above).Lamps).Case);
        Assert.Equal((0.07, 0.6), (above.Right - above.Left, above.Bottom - above.Top), Near);
        var left = Bounds(Assert.Single(View(rig, ViewSide.Left).Lamps).Case);
        Assert.Equal((0.07, 0.08), (left.Right - left.Left, left.Bottom - left.Top), Near);
        Assert.Empty(View(rig, ViewSide.Rear).Lamps);
        // Its face is seen from the front alone: 600 / 80 = 7.5, so eight round lenses.
        Assert.Equal(8, View(rig, ViewSide.Front).Lamps[0].Lenses.Count(letter => letter == 'M'));
        Assert.Empty(View(rig, ViewSide.Left).Lamps[0].Lenses);
    }

    /// <summary>Four pods of 100 mm in a slot of 880 mm: gaps of (880 − 400) / 5 = 96 mm, so 196 mm from middle to middle.</summary>
    [Fact]
    public void A_row_stands_as_its_gaps_have_it()
    {
        var rig = On(BodyKind.LongWagon, "bumper-slot", new LampDimensions(100, 60, 70, 1) { Holds = [new Holder(HolderKind.Feet, 300, 400)] }, 4);
        var wide = rig.Body!.Mounts.Single(mount => mount.Id == "bumper-slot").WidthMillimetres!.Value;
        var middles = View(rig, ViewSide.Front).Lamps.Select(lamp => Bounds(lamp.Case)).Select(box => (box.Left + box.Right) / 2).Order().ToList();
        var pitch = (100 + (wide - 400) / 5) / 1000;
        Assert.Equal(4, middles.Count);
        Assert.All(middles.Zip(middles.Skip(1)), pair => Assert.Equal(pitch, pair.Second - pair.First, 2e-3));
        // On a face of 1800 mm radius the outer ones sit back by 1.8 − √(1.8² − 0.294²) for 1.5 pitches.
        var above = View(rig, ViewSide.Above).Lamps.Select(lamp => Bounds(lamp.Case)).OrderBy(box => box.Top).ToList();
        double Falls(double off) => 1.8 - Math.Sqrt(1.8 * 1.8 - off * off);
        Assert.Equal(Falls(1.5 * pitch) - Falls(0.5 * pitch), above[0].Left - above[1].Left, 2e-3);
    }

    /// <summary>A bar curved to 1300 mm, 1000 mm wide: its ends sit back by 100 mm, so that it takes 170 mm from face to back.</summary>
    [Fact]
    public void A_curved_bar_is_curved_from_above()
    {
        var box = Bounds(Assert.Single(View(On(BodyKind.LongWagon, "roof-bar", Bar with { WidthMillimetres = 1000, RadiusMillimetres = 1300 }), ViewSide.Above).Lamps).Case);
        Assert.Equal((0.17, 1.0), (box.Right - box.Left, box.Bottom - box.Top), Near);
    }

    [Fact]
    public void A_lamp_at_the_flank_of_a_tray_looks_out_and_one_at_the_rear_astern()
    {
        Assert.NotEmpty(View(On(BodyKind.DualCab, "tray-rail", Bar with { WidthMillimetres = 200 }), ViewSide.Left).Lamps.Single().Lenses);
        Assert.NotEmpty(View(On(BodyKind.DualCab, "rear-left", Bar with { WidthMillimetres = 100 }), ViewSide.Rear).Lamps.Single().Lenses);
    }

    [Fact]
    public void A_line_that_is_planned_to_a_mount_has_its_lamps_there_marked_as_planned()
    {
        var plan = Make.Line(40, 3, count: 2) with { Lay = new PlanLay("roof-bar", new Lay()) };
        var lamps = View(Rig.Empty(12, UnitSystem.Metric) with { Body = GenericBody.Of(BodyKind.Van), Lines = [new Line("far", "Far", plan)] }, ViewSide.Front).Lamps;
        Assert.Equal(2, lamps.Count);
        Assert.All(lamps, lamp => Assert.True(lamp is { Planned: true, At: "roof-bar", Lines: ["far"] }));
    }

    [Fact]
    public void The_tape_takes_a_mount_that_is_near_and_the_air_where_none_is()
    {
        var rig = On(BodyKind.LongWagon, "roof-bar", Bar);
        var view = View(rig, ViewSide.Left);
        Spot At(string mount, double off) => rig.Body!.Mounts.Single(one => one.Id == mount).At is var at ? new Spot(view.Across.Of(at) + off, view.Down.Of(at)) : new Spot(0, 0);
        var found = Measurement.Between(rig, ViewSide.Left, At("roof-bar", 0.05), At("opening-head", 0.03))!;
        var (one, other) = (rig.Body!.Mounts.Single(mount => mount.Id == "roof-bar").At, rig.Body.Mounts.Single(mount => mount.Id == "opening-head").At);
        Assert.Equal(("Roof bar, front", "Over the rear opening"), (found.From.Name, found.To.Name));
        Assert.Equal(one.To(other), found.StraightMetres, 1e-9);
        Assert.True(found.LaneMetres > found.StraightMetres);
        var air = Measurement.Between(rig, ViewSide.Left, new Spot(3, -0.5), new Spot(3, -2))!;
        Assert.Equal((null, 1.5, null), (air.From.Name, air.StraightMetres, air.LaneMetres));
    }

    private static readonly IEqualityComparer<(double, double)> Near = EqualityComparer<(double, double)>.Create(
        (one, other) => Math.Abs(one.Item1 - other.Item1) < 2e-3 && Math.Abs(one.Item2 - other.Item2) < 2e-3, pair => 0);
}
