using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Edits;

/// <summary>Left and right changed over.</summary>
public class SideTests
{
    public static TheoryData<BodyKind> Kinds => [.. Enum.GetValues<BodyKind>()];

    private static EditOutcome.Done Do(Rig rig, EditCommand command)
    {
        var done = Assert.IsType<EditOutcome.Done>(command.Run(new EditContext(rig)));
        Assert.Empty(RigValidation.Validate(done.Rig).Select(problem => $"{problem}"));
        return done;
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Mirrored_twice_a_body_is_as_it_was_and_every_way_as_long(BodyKind kind)
    {
        var rig = PlacedRigs.Bar with { Body = GenericBody.Of(kind) with { DriverSide = Side.Left } };
        var once = Do(rig, new MirrorBody()).Rig;
        Assert.Equal(Side.Right, once.Body!.DriverSide);
        Assert.All(rig.Body!.Stations.Zip(once.Body.Stations), pair => Assert.Equal(-pair.First.At.Right, pair.Second.At.Right));
        Assert.Contains(once.Body.Stations, station => station is { Id: "hinge-left", Name: "Bonnet hinge, right" });
        Assert.Equal(RoutedRig.Of(rig).Routes.Select(route => route.RoutedMetres), RoutedRig.Of(once).Routes.Select(route => route.RoutedMetres));
        var twice = Do(once, new MirrorBody()).Rig;
        Assert.Equal(rig.Body.Stations, twice.Body!.Stations);
        Assert.Equal(rig.Body.Mounts.Select(mount => (mount.Name, mount.At)), twice.Body.Mounts.Select(mount => (mount.Name, mount.At)));
    }

    [Fact]
    public void A_mount_of_the_other_side_makes_a_pair()
    {
        var rig = PlacedRigs.Bar;
        var ditch = new Mount("ditch-left", "Ditch light, left", "hinge-left", new Point(1, -0.7, 1.2)) { Supply = Side.Right, Free = [new KeepFree("mirror", FreeWay.Left, 90)] };
        rig = rig with { Body = rig.Body! with { Mounts = [.. rig.Body.Mounts, ditch] } };
        var done = Do(rig, new MirrorMount("ditch-left"));
        var made = done.Rig.Body!.Mounts.Single(mount => mount.Id == done.PartId);
        Assert.Equal(("Ditch light, right", "hinge-right", "ditch-left"), (made.Name, made.Station, made.PairOf));
        Assert.Equal((0.7, Side.Left, FreeWay.Right), (made.At.Right, made.Supply, made.Free[0].Way));
        Assert.Equal(made.Id, done.Rig.Body.Mounts.Single(mount => mount.Id == "ditch-left").PairOf);
        Assert.IsType<EditOutcome.NotPossible>(new MirrorMount("ditch-left").Run(new EditContext(done.Rig)));
    }

    [Fact]
    public void A_battery_takes_its_station_and_lanes_to_its_side()
    {
        var rig = PlacedRigs.Bar;
        Assert.True(rig.Body!.StationOf("battery")!.At.Right > 0);
        var left = Do(rig, new MoveBattery("battery", Side.Left)).Rig;
        Assert.True(left.Body!.StationOf("battery")!.At.Right < 0);
        Assert.Equal(Side.Left, left.Vehicle.Batteries[0].Side);
        Assert.Contains(left.Body.Lanes, lane => lane.Id == "battery--bay-right" && lane.To == "bay-left");
        Assert.Equal(rig.Body.Stations, Do(left, new MoveBattery("battery", Side.Right)).Rig.Body!.Stations);
    }
}
