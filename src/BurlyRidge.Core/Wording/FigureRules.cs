namespace BurlyRidge.Core.Wording;

/// <summary>What a figure is of.</summary>
public enum Quantity
{
    Amps, Volts, LostVolts, Watts, RatedAmps, RatedVolts, Fraction, Celsius, Copper, Metres, Millimetres, Seconds, Hours, Kilograms, Degrees,
}

/// <summary>What stands for a figure without end.</summary>
public enum Unending { NoLimit, TwoYears }

/// <summary>How figures of one size are printed.</summary>
/// <param name="Scale">The printed figure is the value times this.</param>
/// <param name="MinDecimals">Decimals that stand also where they are zeros.</param>
/// <param name="MaxDecimals">Decimals that it is rounded to.</param>
/// <param name="Unit">What follows it.</param>
/// <param name="Below">Sizes under this are printed so, in the value's own unit; null for all that are left.</param>
public sealed record FigureStep(double Scale, int MinDecimals, int MaxDecimals, string Unit, double? Below = null);

/// <summary>How a quantity is printed.</summary>
/// <param name="Metric">By size, the smallest first.</param>
/// <param name="Imperial">The same where feet and inches are read; null where it makes no difference.</param>
/// <param name="EndlessFrom">From here on it has no limit, and says so.</param>
/// <param name="Endless">What is printed then.</param>
public sealed record FigureRule(
    IReadOnlyList<FigureStep> Metric, IReadOnlyList<FigureStep>? Imperial, double EndlessFrom, Unending Endless)
{
    /// <summary>The steps that a reader of <paramref name="units"/> sees.</summary>
    public IReadOnlyList<FigureStep> Steps(UnitSystem units) => units == UnitSystem.Imperial && Imperial is { } imperial ? imperial : Metric;
}

/// <summary>Digits and unit of every figure that a person reads. The page prints by the same table, in a file that a test writes from this one.</summary>
public static class FigureRules
{
    /// <summary>International foot, m (exact).</summary>
    public const double MetresPerFoot = 0.3048;

    /// <summary>International inch, mm (exact).</summary>
    public const double MillimetresPerInch = 25.4;

    /// <summary>Stands for a figure without end where a document cannot hold one.</summary>
    private const double Endless = 1e9;

    private const double SecondsPerMinute = 60, SecondsPerHour = 3600, HoursPerDay = 24, TwoYears = 17_520;

    /// <summary>By quantity.</summary>
    public static IReadOnlyDictionary<Quantity, FigureRule> All { get; } = new Dictionary<Quantity, FigureRule>
    {
        [Quantity.Amps] = Of(new(1, 0, 0, "A", 0.0005), new(1000, 0, 0, "mA", 0.1), new(1, 1, 2, "A", 10), new(1, 1, 1, "A", 100), new(1, 0, 0, "A")),
        [Quantity.Volts] = Of(new FigureStep(1, 2, 2, "V")),
        [Quantity.LostVolts] = Of(new(1000, 0, 0, "mV", 0.1), new(1, 2, 2, "V")),
        [Quantity.Watts] = Of(new(1, 0, 1, "W", 100), new(1, 0, 0, "W")),
        [Quantity.RatedAmps] = Of(new FigureStep(1, 0, 1, "A")),
        [Quantity.RatedVolts] = Of(new FigureStep(1, 0, 1, "V")),
        [Quantity.Fraction] = Of(new(100, 0, 1, "%", 0.0995), new(100, 0, 0, "%")),
        [Quantity.Celsius] = Of(new FigureStep(1, 0, 0, "°C")),
        [Quantity.Copper] = Of(new FigureStep(1, 0, 2, "mm²")),
        [Quantity.Metres] = Of(new FigureStep(1, 1, 2, "m")) with { Imperial = [new(1 / MetresPerFoot, 1, 1, "ft")] },
        [Quantity.Millimetres] = Of(new(1, 0, 1, "mm", 99.95), new(1, 0, 0, "mm")) with { Imperial = [new(1 / MillimetresPerInch, 1, 2, "in")] },
        [Quantity.Seconds] = Of(
            new(1000, 0, 1, "ms", 0.01), new(1000, 0, 0, "ms", 1), new(1, 0, 1, "s", 10), new(1, 0, 0, "s", 90),
            new(1 / SecondsPerMinute, 0, 0, "min", 5400), new(1 / SecondsPerHour, 0, 1, "h")),
        [Quantity.Hours] = Of(new(1, 0, 1, "h", 48), new(1 / HoursPerDay, 0, 0, "days")) with { EndlessFrom = TwoYears, Endless = Unending.TwoYears },
        [Quantity.Kilograms] = Of(new(1000, 0, 0, "g", 1), new(1, 0, 2, "kg")),
        [Quantity.Degrees] = Of(new FigureStep(1, 0, 1, "°")),
    };

    /// <summary>The quantity of a check's unit; a word for things counted has none.</summary>
    public static IReadOnlyDictionary<string, Quantity> ByUnit { get; } = new Dictionary<string, Quantity>
    {
        ["A"] = Quantity.Amps,
        ["V"] = Quantity.Volts,
        ["W"] = Quantity.Watts,
        [""] = Quantity.Fraction,
        ["°C"] = Quantity.Celsius,
        ["mm²"] = Quantity.Copper,
        ["m"] = Quantity.Metres,
        ["mm"] = Quantity.Millimetres,
        ["s"] = Quantity.Seconds,
        ["h"] = Quantity.Hours,
        ["kg"] = Quantity.Kilograms,
        ["°"] = Quantity.Degrees,
    };

    /// <summary>Things counted, as a check's unit names them.</summary>
    public static IReadOnlySet<string> Counted { get; } =
        new SortedSet<string>(StringComparer.Ordinal) { "lamps", "lanes", "lines", "returns", "sides", "sources", "states", "taps", "wires" };

    private static FigureRule Of(params FigureStep[] steps) => new(steps, null, Endless, Unending.NoLimit);
}
