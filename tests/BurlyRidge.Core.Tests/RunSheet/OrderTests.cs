using BurlyRidge.Core.RunSheet;
using CsCheck;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>Steps in an order in which each comes after all that it depends on.</summary>
public class OrderTests
{
    /// <summary>Held against a check of every pair, on graphs without a circle.</summary>
    [Fact]
    public void Steps_of_any_graph_without_a_circle_come_in_order() =>
        Gen.Select(Gen.Int[1, 25], Gen.Int[0, 60], Gen.Int).Sample(
            (count, edges, seed) =>
            {
                var random = new Random(seed);
                var steps = Enumerable.Range(0, count).Select(i => new SheetStep($"s{i}", (Stage)random.Next(5), "t", "w")
                {
                    After = i == 0 ? [] : [.. Enumerable.Range(0, edges / count).Select(_ => $"s{random.Next(i)}").Distinct()],
                }).ToList();
                var order = Order.Of([.. steps.OrderBy(_ => random.Next())]).Select(step => step.Id).ToList();
                return order.Count == count && steps.TrueForAll(step => step.After.All(before => order.IndexOf(before) < order.IndexOf(step.Id)));
            },
            iter: 300, seed: "0001KxQWz3Y4");

    [Fact]
    public void What_depends_on_nothing_comes_in_the_order_of_its_stage() => Assert.Equal(
        ["a", "c", "b"], Order.Of([new SheetStep("a", Stage.Bench, "t", "w"), new SheetStep("b", Stage.Test, "t", "w"), new SheetStep("c", Stage.Lay, "t", "w")]).Select(step => step.Id));

    [Fact]
    public void A_circle_is_told() => Assert.Contains(
        "b", Assert.Throws<InvalidOperationException>(() => Order.Of([new SheetStep("a", Stage.Bench, "t", "w") { After = ["b"] }, new SheetStep("b", Stage.Bench, "t", "w") { After = ["a"] }])).Message, StringComparison.Ordinal);
}
