using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>How long the work will take, held against simulated jobs of shops whose habits are known.</summary>
public class ForecastTests
{
    private static readonly double[] Biases = [0.6, 0.75, 0.9, 1, 1.15, 1.35, 1.7];

    /// <summary>Steps that take so much more than the table says, each job and each step off by its own; a step's own spread is a gamma variable, which the forecast does not know.</summary>
    private sealed class Shop(double bias, int seed)
    {
        private readonly Random random = new(seed);
        private int jobs;

        private double Normal() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());

        /// <summary>Of the mean 1 and the coefficient of variation 0.4: a sum of exponentials.</summary>
        private double Gamma() => Enumerable.Range(0, 6).Sum(_ => -Math.Log(1 - random.NextDouble())) / 6;

        public IReadOnlyList<TimedStep> Job()
        {
            var name = $"job {++jobs}";
            var off = Math.Exp(0.15 * Normal());
            return [.. Enumerable.Range(0, random.Next(25, 60)).Select(_ => 2 + 20 * random.NextDouble()).Select(planned => new TimedStep(name, planned, planned * bias * off * Gamma()))];
        }
    }

    [Fact]
    public void Four_jobs_out_of_five_take_as_long_as_the_range_says()
    {
        const int Jobs = 500;
        var within = 0;
        for (var i = 0; i < Jobs; i++)
        {
            var shop = new Shop(Biases[i % Biases.Length], 7_000 + i);
            IReadOnlyList<TimedStep> history = [.. Enumerable.Range(0, 4 + i % 9).SelectMany(_ => shop.Job())];
            var job = shop.Job();
            var forecast = Forecast.Of([.. job.Select(step => step.Planned)], history, job[0].Job);
            var took = job.Sum(step => step.Actual);
            if (took >= forecast.From && took <= forecast.To) within++;
        }
        Assert.InRange((double)within / Jobs, 0.76, 0.90);
    }

    /// <summary>Shops that are no better known than the table, their habits as wide as it takes them to be.</summary>
    [Fact]
    public void Without_a_job_the_range_is_as_wide_as_shops_differ()
    {
        var random = new Random(11);
        var within = 0;
        const int Jobs = 500;
        for (var i = 0; i < Jobs; i++)
        {
            var bias = Math.Exp(0.35 * Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble()));
            var job = new Shop(bias, 90 + i).Job();
            var forecast = Forecast.Of([.. job.Select(step => step.Planned)], [], "it");
            if (job.Sum(step => step.Actual) is var took && took >= forecast.From && took <= forecast.To) within++;
            Assert.Equal(0, forecast.FromSteps);
        }
        Assert.InRange((double)within / Jobs, 0.76, 0.90);
    }

    [Theory]
    [InlineData(0.7)]
    [InlineData(1.5)]
    public void After_ten_jobs_the_range_is_half_as_wide_and_round_the_shop_s_own(double bias)
    {
        var shop = new Shop(bias, 3);
        IReadOnlyList<TimedStep> history = [.. Enumerable.Range(0, 10).SelectMany(_ => shop.Job())];
        double[] left = [.. Enumerable.Repeat(12.0, 40)];
        var (table, own) = (Forecast.Of(left, [], "it"), Forecast.Of(left, history, "it"));
        Assert.True((own.To - own.From) / own.Likely <= 0.5 * (table.To - table.From) / table.Likely);
        Assert.InRange(own.OverTable / bias, 0.8, 1.2);
        Assert.Equal(history.Count, own.FromSteps);
    }

    /// <summary>One slow step does not make a slow shop.</summary>
    [Fact]
    public void A_few_steps_are_drawn_towards_the_table() =>
        Assert.InRange(Forecast.Of([60], [new TimedStep("one", 10, 40)], "it").OverTable, 1, 2);

    [Fact]
    public void With_nothing_left_nothing_is_to_come() => Assert.Equal(0, Forecast.Of([], [], "it").To);

    [Fact]
    public void Two_people_are_faster_where_steps_do_not_wait_for_each_other()
    {
        SheetStep Of(string id, double minutes, params string[] after) => new(id, Stage.Lay, id, id) { Minutes = minutes, After = after };
        Assert.Equal(60, Hands.Minutes([Of("a", 20), Of("b", 20), Of("c", 20)], 1), 9);
        Assert.Equal(40, Hands.Minutes([Of("a", 20), Of("b", 20), Of("c", 20)], 2), 9);
        Assert.Equal(60, Hands.Minutes([Of("a", 20), Of("b", 20, "a"), Of("c", 20, "b")], 2), 9);
        Assert.Equal(0, Hands.Minutes([], 2));
    }
}
