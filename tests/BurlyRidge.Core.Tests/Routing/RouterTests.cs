using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using CsCheck;

namespace BurlyRidge.Core.Tests.Routing;

/// <summary>Routes over lanes, against trying every route there is.</summary>
public class RouterTests
{
    private static readonly HouseRules Rules = new();
    private static readonly Laying Bare = new(4, 4, 105);

    private static readonly Gen<Body> SmallBodies = Gen.Select(
        Gen.Int[3, 6],
        Gen.Select(Gen.Int[0, 5], Gen.Int[0, 5], Gen.Enum<Zone>(), Gen.Double[0.2, 3], Gen.Int[0, 6]).Array[3, 10],
        Gen.Bool.Array[6],
        (count, lanes, grommets) => new Body(BodyKind.Van, GenericBody.UsualSize(BodyKind.Van))
        {
            Stations = [.. Enumerable.Range(0, count).Select(i => new Station($"s{i}", $"s{i}", new Point(i, 0, 0), grommets[i] ? StationKind.Grommet : StationKind.Plain))],
            Lanes =
            [
                .. lanes.Select((lane, i) => (Lane: lane, Id: $"l{i}")).Where(pair => pair.Lane.Item1 % count != pair.Lane.Item2 % count)
                    .Select(pair => new Lane(pair.Id, $"s{pair.Lane.Item1 % count}", $"s{pair.Lane.Item2 % count}", pair.Lane.Item3)
                    {
                        MeasuredMetres = pair.Lane.Item4,
                        Hazards = pair.Lane.Item5 < 3 ? [(Hazard)pair.Lane.Item5] : [],
                    }),
            ],
        });

    /// <summary>Cheapest of all routes that meet no station twice from the same side; infinite where there is none.</summary>
    private static double Cheapest(Body body, string at, bool? inside, string to, HashSet<(string, bool?)> met)
    {
        var best = at == to ? 0 : double.PositiveInfinity;
        foreach (var lane in body.Lanes.Where(lane => lane.From == at || lane.To == at))
        {
            var within = lane.Zone == Zone.Cabin;
            if (inside is { } side && side != within && body.StationOf(at)!.Kind != StationKind.Grommet) continue;
            var next = lane.From == at ? lane.To : lane.From;
            if (!met.Add((next, within))) continue;
            best = Math.Min(best, lane.MeasuredMetres!.Value * LaneCost.Factor(Rules, lane) + Cheapest(body, next, within, to, met));
            met.Remove((next, within));
        }
        return best;
    }

    [Fact]
    public void No_other_way_costs_less() => SmallBodies.Sample(body =>
    {
        var route = new Router(Rules, body, new LaneRoom()).Best("s0", "s2", Bare);
        var cheapest = Cheapest(body, "s0", null, "s2", []);
        return route is null ? double.IsPositiveInfinity(cheapest) : Math.Abs(route.Cost - cheapest) < 1e-9;
    }, iter: 2000);

    public static TheoryData<BodyKind> Kinds => [.. Enum.GetValues<BodyKind>()];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Into_the_cabin_it_goes_at_grommets_alone_and_its_length_is_that_of_its_lanes(BodyKind kind)
    {
        var body = GenericBody.Of(kind);
        var router = new Router(Rules, body, new LaneRoom());
        foreach (var from in body.Stations)
        {
            foreach (var to in body.Stations)
            {
                var route = router.Best(from.Id, to.Id, Bare);
                Assert.NotNull(route);
                Assert.Equal((from.Id, to.Id), (route.Stations[0], route.Stations[^1]));
                for (var i = 1; i < route.Lanes.Count; i++)
                    if (route.Lanes[i].Zone == Zone.Cabin != (route.Lanes[i - 1].Zone == Zone.Cabin))
                        Assert.Equal(StationKind.Grommet, body.StationOf(route.Stations[i])!.Kind);
                for (var i = 0; i < route.Lanes.Count; i++)
                    Assert.Contains(route.Stations[i], new[] { route.Lanes[i].From, route.Lanes[i].To });
                Assert.Equal(route.Lanes.Sum(lane => LaneCost.Metres(body, lane)), route.LaneMetres, 1e-9);
                Assert.Equal(Math.Max(0.05, route.LaneMetres * 1.05 + 0.3), RoutedRig.Metres(Rules, route), 1e-9);
            }
        }
    }

    /// <summary>Two holes of 24 and 14 mm: what does not pass the small one takes the large one, what passes neither stays outside.</summary>
    [Theory]
    [InlineData(5, "grommet-right")]
    [InlineData(14, "grommet-right")]
    [InlineData(14.1, "grommet-left")]
    [InlineData(24, "grommet-left")]
    [InlineData(24.1, null)]
    public void A_plug_takes_the_hole_that_it_passes(double plug, string? hole)
    {
        var route = new Router(Rules, GenericBody.Of(BodyKind.LongWagon), new LaneRoom()).Best("bay-right", "foot-right", new Laying(4, plug, 105));
        Assert.Equal(hole, route?.Stations.FirstOrDefault(station => station.StartsWith("grommet", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_full_lane_is_gone_round_and_a_pinned_one_is_kept()
    {
        var body = GenericBody.Of(BodyKind.LongWagon);
        var room = new LaneRoom();
        var router = new Router(Rules, body, room);
        var free = router.Best("battery", "roof-front", Bare)!;
        Assert.Contains(free.Lanes, lane => lane.Id == "hinge-right--roof-front");
        var pinned = router.Best("battery", "roof-front", Bare, ["hinge-left--roof-front"])!;
        Assert.Contains(pinned.Lanes, lane => lane.Id == "hinge-left--roof-front");
        Assert.True(pinned.Cost > free.Cost);
        room.Put(free, 11.9, 1);
        Assert.DoesNotContain(router.Best("battery", "roof-front", Bare)!.Lanes, lane => lane.Id == "hinge-right--roof-front");
    }

    [Fact]
    public void Other_ways_differ_and_none_is_better()
    {
        var router = new Router(Rules, GenericBody.Of(BodyKind.DualCab), new LaneRoom());
        var best = router.Best("battery", "quarter-left", Bare)!;
        var others = router.Others("battery", "quarter-left", Bare, best);
        Assert.NotEmpty(others);
        Assert.All(others, other => Assert.True(other.Cost >= best.Cost));
        Assert.Distinct(others.Append(best).Select(route => string.Join('|', route.Lanes.Select(lane => lane.Id))));
    }

    [Fact]
    public void A_lane_as_hot_as_the_insulation_is_not_taken_unless_it_is_asked_for()
    {
        var hot = GenericBody.Of(BodyKind.LongWagon);
        hot = hot with { Lanes = [.. hot.Lanes.Select(lane => lane.Id == "battery--grille" ? lane with { AmbientCelsius = 105 } : lane)] };
        var router = new Router(Rules, hot, new LaneRoom());
        Assert.DoesNotContain(router.Best("battery", "grille", Bare)!.Lanes, lane => lane.Id == "battery--grille");
        Assert.Equal(["battery--grille"], router.Best("battery", "grille", Bare, ["battery--grille"])!.Lanes.Select(lane => lane.Id));
    }

    /// <summary>Whatever lanes are asked for, in whatever order.</summary>
    [Fact]
    public void No_station_is_passed_twice() => Gen.Select(SmallBodies, Gen.Int[0, 9].Array[1, 3]).Sample((body, asked) =>
    {
        if (body.Lanes.Count == 0) return;
        List<string> through = [.. asked.Select(i => body.Lanes[i % body.Lanes.Count].Id).Distinct()];
        if (new Router(Rules, body, new LaneRoom()).Best("s0", "s2", Bare, through) is not { } route) return;
        Assert.Distinct(route.Stations);
        Assert.Equal(through, route.Lanes.Select(lane => lane.Id).Where(through.Contains));
    }, iter: 1000);

    [Fact]
    public void A_pinned_lane_that_leads_nowhere_is_no_loop()
    {
        var router = new Router(Rules, GenericBody.Of(BodyKind.LongWagon), new LaneRoom());
        Assert.Null(router.Best("battery", "grille", Bare, ["grille--bumper-front"]));
        Assert.NotNull(router.Best("battery", "bumper-front", Bare, ["grille--bumper-front"]));
    }

    /// <summary>Frame and factory harness to the rear, the hinge for what sits on the roof (common practice, no source).</summary>
    [Theory]
    [MemberData(nameof(Kinds))]
    public void To_the_rear_it_follows_the_frame_and_to_the_roof_the_hinge(BodyKind kind)
    {
        var router = new Router(Rules, GenericBody.Of(kind), new LaneRoom());
        foreach (var rear in new[] { "bumper-rear", "tow-socket", "quarter-left", "rear-lamps" })
        {
            var route = router.Best("battery", rear, Bare)!;
            Assert.Contains(route.Lanes, lane => lane.Id == "chassis-front--chassis-mid");
            Assert.DoesNotContain(route.Lanes, lane => lane.Hazards.Contains(Hazard.Hinge));
        }
        Assert.Contains(router.Best("battery", "roof-front", Bare)!.Lanes, lane => lane.Hazards.Contains(Hazard.Hinge));
    }
}
