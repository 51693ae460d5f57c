namespace BurlyRidge.Core.RunSheet;

/// <summary>A step that was finished and what it took.</summary>
/// <param name="Job">Tells jobs apart.</param>
/// <param name="Planned">By the task table, min.</param>
/// <param name="Actual">Pauses left out, min.</param>
public sealed record TimedStep(string Job, double Planned, double Actual);

/// <summary>How long what is left will take, as a range that holds four times out of five, min.</summary>
/// <param name="Likely">In the middle.</param>
/// <param name="FromSteps">So many finished steps of the shop it goes by; 0: by the task table alone.</param>
/// <param name="OverTable">What the shop takes over the table, as a factor.</param>
public sealed record Forecast(double From, double Likely, double To, int FromSteps, double OverTable)
{
    /// <summary>How far a shop may be off the table, as the deviation of a logarithm (assumed, no source).</summary>
    private const double ShopDeviation = 0.35;

    /// <summary>How far a job of one shop is off its own usual (assumed, no source).</summary>
    private const double JobDeviation = 0.15;

    /// <summary>How far a single step is off (assumed, no source).</summary>
    private const double StepDeviation = 0.4;

    /// <summary>So many deviations hold four times out of five, the deviations themselves being assumed (Student's t, 10 degrees of freedom; from memory).</summary>
    private const double FourOutOfFive = 1.372;

    /// <summary>A step that took this much more or less than planned was something else: its time counts as this.</summary>
    private const double MostFactor = 8;

    /// <summary>
    /// From the minutes that the table has for what is left. The shop's own factor over the table is drawn towards one as long as few jobs
    /// are known: the mean of a normal variable with a known deviation within and between jobs, a prior on the table (Gelman et al., Bayesian
    /// Data Analysis, chapter 2 and 5; from memory), on the logarithms of actual over planned.
    /// </summary>
    /// <param name="left">Minutes of each step that is left, by the table.</param>
    /// <param name="history">Finished steps of the shop's jobs.</param>
    /// <param name="job">The job that is forecast; its own steps tell of it more than others do.</param>
    public static Forecast Of(IReadOnlyList<double> left, IReadOnlyList<TimedStep> history, string job)
    {
        var known = history.Where(step => step is { Planned: > 0, Actual: > 0 }).ToList();
        var (mean, precision) = (0.0, 1 / (ShopDeviation * ShopDeviation));
        foreach (var other in known.Where(step => step.Job != job).GroupBy(step => step.Job, StringComparer.Ordinal))
            (mean, precision) = With(mean, precision, Mean(other), JobDeviation * JobDeviation + StepDeviation * StepDeviation / other.Count());
        // This job is off the shop's usual by its own.
        precision = 1 / (1 / precision + JobDeviation * JobDeviation);
        var own = known.Where(step => step.Job == job).ToList();
        if (own.Count > 0) (mean, precision) = With(mean, precision, Mean(own), StepDeviation * StepDeviation / own.Count);
        var sum = left.Sum();
        if (sum <= 0) return new Forecast(0, 0, 0, known.Count, Math.Exp(mean));
        // Single steps are off both ways: over many of them that evens out.
        var spread = (Math.Exp(StepDeviation * StepDeviation) - 1) * left.Sum(minutes => minutes * minutes) / (sum * sum);
        var deviation = Math.Sqrt(1 / precision + spread);
        var likely = sum * Math.Exp(mean + StepDeviation * StepDeviation / 2);
        return new Forecast(likely * Math.Exp(-FourOutOfFive * deviation), likely, likely * Math.Exp(FourOutOfFive * deviation), known.Count, Math.Exp(mean));
    }

    private static double Mean(IEnumerable<TimedStep> steps) => steps.Average(step => Math.Log(Math.Clamp(step.Actual / step.Planned, 1 / MostFactor, MostFactor)));

    private static (double Mean, double Precision) With(double mean, double precision, double observed, double variance) =>
        ((mean * precision + observed / variance) / (precision + 1 / variance), precision + 1 / variance);
}
