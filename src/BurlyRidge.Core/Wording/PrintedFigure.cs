using System.Globalization;

namespace BurlyRidge.Core.Wording;

/// <summary>A figure as it is read.</summary>
/// <param name="Digits">The rounded figure, with a true minus sign; the words of one without end.</param>
/// <param name="Unit">What follows it; empty for words.</param>
public readonly record struct PrintedFigure(string Digits, string Unit)
{
    /// <summary>Prints <paramref name="value"/> by the rule of its quantity.</summary>
    public static PrintedFigure Of(Quantity quantity, double value, UnitSystem units = UnitSystem.Metric)
    {
        var rule = FigureRules.All[quantity];
        if (value >= rule.EndlessFrom) return new(rule.Endless == Unending.TwoYears ? FileWords.MoreThanTwoYears : FileWords.NoLimit, "");
        var size = Math.Abs(value);
        var step = rule.Steps(units).First(step => step.Below is not { } below || size < below);
        return new(Rounded(value * step.Scale, step), step.Unit);
    }

    /// <inheritdoc/>
    public override string ToString() => Unit switch
    {
        "" => Digits,
        "°" => Digits + Unit,
        _ => $"{Digits} {Unit}",
    };

    private static string Rounded(double value, FigureStep step)
    {
        var size = Math.Abs(value);
        if (Math.ScaleB(size, step.MaxDecimals + 1) % 2 == 1) size = Math.BitIncrement(size); // a half goes up, as on the page
        var text = size.ToString($"F{step.MaxDecimals}", CultureInfo.InvariantCulture);
        for (var spare = step.MaxDecimals - step.MinDecimals; spare > 0 && text[^1] == '0'; spare--) text = text[..^1];
        text = text.TrimEnd('.');
        return value < 0 && text.AsSpan().ContainsAnyExcept('0', '.') ? $"−{text}" : text;
    }
}
