using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>Steps shared out between people.</summary>
public class HandsTests
{
    private static SheetStep Step(string id, double minutes, params string[] after) => new(id, Stage.Lay, id, "") { Minutes = minutes, After = after };

    /// <summary>Worked by hand: while one does a, the other does b and begins d; c waits for a.</summary>
    [Fact]
    public void Whoever_is_free_takes_the_first_that_nothing_holds_up() =>
        Assert.Equal(15, Hands.Minutes([Step("a", 10), Step("b", 5), Step("c", 5, "a"), Step("d", 10, "b")], 2), 9);

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void What_comes_one_after_the_other_is_not_shortened(int people) =>
        Assert.Equal(22, Hands.Minutes([Step("a", 10), Step("b", 5, "a"), Step("c", 7, "b", "gone")], people), 9);

    [Fact]
    public void Nothing_left_takes_no_time() => Assert.Equal(0, Hands.Minutes([], 2));

    /// <summary>No list schedule is shorter than its longest chain or its even share, or longer than their weighted sum (Graham, SIAM Journal on Applied Mathematics 17 (1969) 416; from memory).</summary>
    [Theory]
    [InlineData(IsolationSchool.BatteryOff)]
    [InlineData(IsolationSchool.FuseOut)]
    public void Every_sheet_keeps_within_the_bounds_of_list_scheduling(IsolationSchool school)
    {
        foreach (var name in SheetRigs.Names)
        {
            var steps = SheetRigs.Of(name, school).Steps;
            var (all, chain) = (steps.Sum(step => step.Minutes), LongestChain(steps));
            Assert.Equal(all, Hands.Minutes(steps, 1), 6);
            for (var people = 2; people <= 4; people++)
                Assert.InRange(Hands.Minutes(steps, people), Math.Max(chain, all / people) - 1e-6, all / people + (1 - 1.0 / people) * chain + 1e-6);
        }
    }

    private static double LongestChain(IReadOnlyList<SheetStep> steps)
    {
        var ends = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var step in steps) ends[step.Id] = step.Minutes + step.After.Select(before => ends.GetValueOrDefault(before)).DefaultIfEmpty(0).Max();
        return ends.Values.DefaultIfEmpty(0).Max();
    }
}
