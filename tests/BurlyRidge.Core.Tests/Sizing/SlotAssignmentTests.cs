using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Sizing;

public class SlotAssignmentTests
{
    /// <summary>On small cases no way of trying them all finds a better one.</summary>
    [Fact]
    public void Nothing_that_is_tried_by_brute_force_is_better()
    {
        double[] ratings = [5, 10, 10, 15, 20, 30];
        for (var seed = 0; seed < 300; seed++)
        {
            var random = new Random(seed);
            var places = Enumerable.Range(0, random.Next(1, 6)).Select(i => new SlotPlace($"o{i}", ratings[random.Next(ratings.Length)], i)).ToList();
            var wishes = Enumerable.Range(0, random.Next(1, 6)).Select(i => new SlotWish(
                $"l{i}", 1 + 20 * random.NextDouble(), random.Next(4) == 0 ? null : 5 * random.NextDouble(), random.Next(3) == 0 ? null : $"o{random.Next(places.Count)}")).ToList();
            var plan = SlotAssignment.Best(wishes, places, 0.8);
            var ours = Cost(wishes, places, plan.Outputs);
            Assert.Equal(ours.Waste, plan.OverRating, 1e-9);
            Assert.Equal((ours.OutOfOrder, ours.Moved), (plan.OutOfOrder, plan.Moved));
            foreach (var other in All(wishes, places, 0))
            {
                var theirs = Cost(wishes, places, other);
                Assert.True(Compare(ours, theirs) <= 0, $"seed {seed}: {ours} against {theirs}");
            }
        }
    }

    [Fact]
    public void The_big_output_goes_to_the_big_load_and_slots_run_front_to_back()
    {
        SlotPlace[] places = [new("a", 10, 0), new("b", 30, 1), new("c", 10, 2)];
        var plan = SlotAssignment.Best([new("rear", 3, 4.5, "a"), new("bar", 20, 0.2, null), new("ditch", 4, 1, "c")], places, 0.8);
        Assert.Equal("b", plan.Outputs["bar"]);
        Assert.Equal(("a", "c"), (plan.Outputs["ditch"], plan.Outputs["rear"]));
        Assert.Null(SlotAssignment.Best([new("winch", 60, null, null)], places, 0.8).Outputs["winch"]);
    }

    [Fact]
    public void A_good_box_is_left_alone_and_a_muddled_one_is_put_right_with_its_legends()
    {
        Assert.Empty(WholeRig.Of(GoodRigs.Box).AssignOutputs().Moves);
        var muddled = Checks.Spoilt.All.Single(spoilt => spoilt.Check == "output-rating").Bad;
        var proposal = WholeRig.Of(muddled).AssignOutputs();
        Assert.Empty(proposal.Left);
        Assert.Contains(proposal.Moves, move => move is { What: "Bar", From: "Box, slot 3", To: "Box, slot 1" });
        Assert.Contains(proposal.Rig.Runs, run => run is { From: "box.o1", To: "bar.plus" });
        Assert.Equal(["Work", "Later", "Bar"], proposal.Rig.PowerBoxes[0].Outputs.Select(output => output.Legend));
        Assert.Equal(muddled.PowerBoxes[0].Outputs.Select(output => output.RatingAmps), proposal.Rig.PowerBoxes[0].Outputs.Select(output => output.RatingAmps));
    }

    [Fact]
    public void What_no_output_carries_is_said()
    {
        var tooSmall = GoodRigs.Box with { PowerBoxes = [GoodRigs.Box.PowerBoxes[0] with { Outputs = [.. GoodRigs.Box.PowerBoxes[0].Outputs.Select(output => output with { RatingAmps = 10 })] }] };
        var proposal = WholeRig.Of(tooSmall).AssignOutputs();
        Assert.Empty(proposal.Moves);
        Assert.Contains("Bar draws", Assert.Single(proposal.Left), StringComparison.Ordinal);
    }

    private static IEnumerable<Dictionary<string, string?>> All(List<SlotWish> wishes, List<SlotPlace> places, int at)
    {
        if (at == wishes.Count)
        {
            yield return [];
            yield break;
        }
        foreach (var rest in All(wishes, places, at + 1))
        {
            yield return new(rest) { [wishes[at].Id] = null };
            foreach (var place in places.Where(place => 0.8 * place.RatingAmps >= wishes[at].Amps && !rest.ContainsValue(place.Id)))
                yield return new(rest) { [wishes[at].Id] = place.Id };
        }
    }

    private static (int Unplaced, double Waste, int OutOfOrder, int Moved) Cost(List<SlotWish> wishes, List<SlotPlace> places, IReadOnlyDictionary<string, string?> outputs)
    {
        var lines = wishes.OrderBy(wish => wish.MetresFromFront ?? double.PositiveInfinity).ThenBy(wish => wish.Id, StringComparer.Ordinal).ToList();
        var placed = lines.Where(wish => outputs[wish.Id] is not null).Select(wish => (Wish: wish, Place: places.Single(place => place.Id == outputs[wish.Id]))).ToList();
        var waste = 0.0;
        foreach (var (wish, place) in placed) waste += place.RatingAmps - wish.Amps;
        var known = placed.Where(pair => pair.Wish.MetresFromFront is not null).ToList();
        var inversions = known.Select((pair, i) => known.Take(i).Count(before => before.Place.Order > pair.Place.Order)).Sum();
        return (wishes.Count - placed.Count, waste, inversions, placed.Count(pair => pair.Place.Id != pair.Wish.Today));
    }

    private static int Compare((int Unplaced, double Waste, int OutOfOrder, int Moved) one, (int Unplaced, double Waste, int OutOfOrder, int Moved) other)
    {
        if (one.Unplaced != other.Unplaced) return one.Unplaced.CompareTo(other.Unplaced);
        if (Math.Abs(one.Waste - other.Waste) > 1e-9) return one.Waste.CompareTo(other.Waste);
        return (one.OutOfOrder, one.Moved).CompareTo((other.OutOfOrder, other.Moved));
    }
}
