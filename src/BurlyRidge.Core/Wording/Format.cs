namespace BurlyRidge.Core.Wording;

/// <summary>Figures as they stand in a sentence.</summary>
internal static class Format
{
    public static string Amps(double amps) => Of(Quantity.Amps, amps);

    public static string Volts(double volts) => Of(Quantity.Volts, volts);

    /// <summary>As it is printed on a part.</summary>
    public static string RatedAmps(double amps) => Of(Quantity.RatedAmps, amps);

    /// <inheritdoc cref="RatedAmps"/>
    public static string RatedVolts(double volts) => Of(Quantity.RatedVolts, volts);

    public static string Watts(double watts) => Of(Quantity.Watts, watts);

    public static string Percent(double fraction) => Of(Quantity.Fraction, fraction);

    public static string Celsius(double celsius) => Of(Quantity.Celsius, celsius);

    public static string Copper(double squareMillimetres) => Of(Quantity.Copper, squareMillimetres);

    public static string Metres(double metres, UnitSystem units) => Of(Quantity.Metres, metres, units);

    public static string Millimetres(double millimetres, UnitSystem units) => Of(Quantity.Millimetres, millimetres, units);

    public static string Kilograms(double kilograms) => Of(Quantity.Kilograms, kilograms);

    public static string Degrees(double degrees) => Of(Quantity.Degrees, degrees);

    public static string Seconds(double seconds) => Of(Quantity.Seconds, seconds);

    public static string Hours(double hours) => Of(Quantity.Hours, hours);

    /// <summary>As a sentence begins.</summary>
    public static string Capital(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>All of them.</summary>
    public static string And<T>(IEnumerable<T> all) => Listed([.. all], FileWords.FormatAnd);

    /// <summary>Any of them.</summary>
    public static string Or<T>(IEnumerable<T> any) => Listed([.. any], FileWords.FormatOr);

    private static string Listed<T>(IReadOnlyList<T> these, Func<object?, object?, string> last) =>
        these.Count < 2 ? string.Concat(these) : last(string.Join(", ", these.SkipLast(1)), these[^1]);

    /// <summary>So many of something.</summary>
    public static string Count(int count, string one, string many) => $"{count} {(count == 1 ? one : many)}";

    private static string Of(Quantity quantity, double value, UnitSystem units = UnitSystem.Metric) =>
        PrintedFigure.Of(quantity, value, units).ToString();
}
