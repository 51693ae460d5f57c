using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Wording;

/// <summary>How figures are printed, and that the page prints them by the same table.</summary>
public class FigureRulesTests
{
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    private static string File(string name) => Path.Combine(Repository.Root, "src/web/src/ui/figures", name);

    private static string Name(Quantity quantity) => JsonNamingPolicy.CamelCase.ConvertName(quantity.ToString());

    [Theory]
    [InlineData(Quantity.Amps, 0.0001, "0 A")]
    [InlineData(Quantity.Amps, 0.0123, "12 mA")]
    [InlineData(Quantity.Amps, 5, "5.0 A")]
    [InlineData(Quantity.Amps, 8.333, "8.33 A")]
    [InlineData(Quantity.Amps, 41.67, "41.7 A")]
    [InlineData(Quantity.Amps, 120.5, "121 A")]
    [InlineData(Quantity.Amps, -12.34, "−12.3 A")]
    [InlineData(Quantity.LostVolts, 0.0004, "0 mV")]
    [InlineData(Quantity.LostVolts, -0.0004, "0 mV")]
    [InlineData(Quantity.LostVolts, 0.25, "0.25 V")]
    [InlineData(Quantity.Fraction, 0.0312, "3.1 %")]
    [InlineData(Quantity.Fraction, 1.444, "144 %")]
    [InlineData(Quantity.Seconds, 0.0021, "2.1 ms")]
    [InlineData(Quantity.Seconds, 13.7, "14 s")]
    [InlineData(Quantity.Seconds, 600, "10 min")]
    [InlineData(Quantity.Seconds, double.PositiveInfinity, "no limit")]
    [InlineData(Quantity.Hours, 72, "3 days")]
    [InlineData(Quantity.Hours, 20_000, "more than two years")]
    [InlineData(Quantity.Kilograms, 0.034, "34 g")]
    [InlineData(Quantity.Degrees, 12.5, "12.5°")]
    [InlineData(Quantity.Metres, 3.048, "3.05 m")]
    public void A_figure_has_the_digits_that_mean_something_and_its_unit(Quantity quantity, double value, string printed) =>
        Assert.Equal(printed, PrintedFigure.Of(quantity, value).ToString());

    [Theory]
    [InlineData(Quantity.Metres, 3.048, "10.0 ft")]
    [InlineData(Quantity.Millimetres, 25.4, "1.0 in")]
    [InlineData(Quantity.Millimetres, 100, "3.94 in")]
    public void Feet_and_inches_where_they_are_read(Quantity quantity, double value, string printed) =>
        Assert.Equal(printed, PrintedFigure.Of(quantity, value, UnitSystem.Imperial).ToString());

    [Fact]
    public void Every_quantity_has_a_rule_whose_last_step_takes_all_that_is_left() => Assert.All(Enum.GetValues<Quantity>(), quantity =>
    {
        foreach (var units in Enum.GetValues<UnitSystem>())
        {
            var steps = FigureRules.All[quantity].Steps(units);
            Assert.Null(steps[^1].Below);
            Assert.All(steps.SkipLast(1), step => Assert.NotNull(step.Below));
            Assert.Equal(steps.SkipLast(1).Select(step => step.Below).Order(), steps.SkipLast(1).Select(step => step.Below));
        }
    });

    [Fact]
    public void The_page_has_this_table() => GoldenFigures.Hold(JsonSerializer.Serialize(new
    {
        Quantities = FigureRules.All.ToDictionary(rule => Name(rule.Key), rule => rule.Value),
        FigureRules.ByUnit,
        FigureRules.Counted,
    }, Json) + "\n", File("figureRules.json"));

    /// <summary>The page's own test prints the same values, and holds them against these texts.</summary>
    [Fact]
    public void The_page_is_given_samples_of_every_step()
    {
        var samples =
            from quantity in Enum.GetValues<Quantity>()
            from units in Enum.GetValues<UnitSystem>()
            from value in FigureRules.All[quantity].Steps(units).SelectMany(step => Around(step)).Append(2e9).Distinct()
            select new { quantity, units, value, printed = PrintedFigure.Of(quantity, value, units).ToString() };
        GoldenFigures.Hold(JsonSerializer.Serialize(samples, Json) + "\n", File("figureSamples.json"));
    }

    private static IEnumerable<double> Around(FigureStep step)
    {
        var end = step.Below ?? 100;
        var half = 0.5 * Math.Pow(10, -step.MaxDecimals) / step.Scale; // a figure that lies between two printed ones
        return [0, half, -half, 3 * half, 0.1234567 * end, -0.98765 * end, 0.999999 * end, end];
    }
}
