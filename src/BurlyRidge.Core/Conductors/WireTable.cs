namespace BurlyRidge.Core.Conductors;

/// <summary>Every size that is proposed, from thin to thick in each system.</summary>
public static class WireTable
{
    /// <summary>Stranding adds about 2 % to ρ/S (lay factor; common practice, no source).</summary>
    public const double LayFactor = 1.02;

    private static readonly int[] AwgGauges = [20, 18, 16, 14, 12, 10, 8, 6, 4, 2];

    /// <summary>SAE J1128 minimum areas (from memory), mm².</summary>
    private static readonly (int Gauge, double Area)[] SaeMinimum =
        [(20, 0.508), (18, 0.760), (16, 1.12), (14, 1.85), (12, 2.91), (10, 4.65), (8, 7.23)];

    /// <summary>ISO 6722-1 greatest resistance at 20 °C, plain copper (from memory), mΩ/m.</summary>
    private static readonly (double Nominal, double MilliohmsPerMetre)[] IsoResistance =
    [
        (0.5, 37.1), (0.75, 24.7), (1, 18.5), (1.5, 12.7), (2, 9.42), (2.5, 7.60), (3, 6.15), (4, 4.71),
        (5, 3.94), (6, 3.14), (10, 1.82), (16, 1.16), (25, 0.743), (35, 0.527),
    ];

    /// <summary>Copper in cable sold by outside diameter (common practice, no source), mm and mm².</summary>
    private static readonly (double Diameter, double Copper)[] OutsideDiameter =
        [(2.5, 0.64), (3, 1.13), (4, 1.84), (5, 2.9), (6, 4.59)];

    /// <summary>Battery cable sold beside it, by copper area, mm² (common practice, no source).</summary>
    private static readonly double[] BatteryCable = [7.9, 13.6];

    private static readonly Dictionary<GaugeSystem, IReadOnlyList<WireSize>> Tables = new()
    {
        [GaugeSystem.Awg] = [.. AwgGauges.Select(gauge =>
            ByArea($"{gauge} AWG", GaugeSystem.Awg, AmericanWireGauge.AreaSquareMillimetres(gauge)))],
        // Thicker than SAE 8 it is battery cable, and goes by its AWG area.
        [GaugeSystem.Sae] =
        [
            .. SaeMinimum.Select(size => ByArea($"SAE {size.Gauge}", GaugeSystem.Sae, size.Area)),
            .. AwgGauges.Where(gauge => gauge < SaeMinimum.Min(size => size.Gauge)).Select(gauge => ByArea($"{gauge} AWG", GaugeSystem.Awg, AmericanWireGauge.AreaSquareMillimetres(gauge))),
        ],
        [GaugeSystem.Metric] = [.. IsoResistance.Select(size =>
            ByResistance($"{size.Nominal} mm²", size.Nominal, size.MilliohmsPerMetre / 1000))],
        [GaugeSystem.Diameter] =
        [
            .. OutsideDiameter.Select(size => ByArea($"{size.Diameter} mm cable", GaugeSystem.Diameter, size.Copper)),
            .. BatteryCable.Select(copper => ByArea($"{copper} mm² battery cable", GaugeSystem.Diameter, copper)),
        ],
    };

    private static readonly Dictionary<string, WireSize> ByName =
        Tables.Values.SelectMany(table => table).DistinctBy(size => size.Name).ToDictionary(size => size.Name, StringComparer.Ordinal);

    /// <summary>The sizes of one system, thin to thick.</summary>
    public static IReadOnlyList<WireSize> Of(GaugeSystem system) => Tables[system];

    /// <summary>The size of that name in any system, or null.</summary>
    public static WireSize? Find(string name) => ByName.GetValueOrDefault(name);

    /// <summary>The size whose name has the same words and the number nearest to that of <paramref name="name"/>, the thicker of two; null where there is none.</summary>
    public static WireSize? Nearest(string name)
    {
        var (words, number) = Read(name);
        return number is not { } wanted ? null : ByName.Values.Select(size => (Size: size, Read: Read(size.Name))).Where(other => string.Equals(other.Read.Words, words, StringComparison.OrdinalIgnoreCase))
            .OrderBy(other => Math.Abs(other.Read.Number!.Value - wanted)).ThenByDescending(other => other.Size.CopperSquareMillimetres).Select(other => other.Size).FirstOrDefault();
    }

    /// <summary>The number in a name, and what stands round it without spaces; "mm2" is "mm²".</summary>
    private static (string Words, double? Number) Read(string name)
    {
        var digits = string.Concat(name.SkipWhile(letter => !char.IsAsciiDigit(letter)).TakeWhile(letter => char.IsAsciiDigit(letter) || letter is '.' or ','));
        if (digits.Length == 0) return (name, null);
        var words = name.Replace(digits, "", StringComparison.Ordinal).Replace(" ", "", StringComparison.Ordinal).Replace("mm2", "mm²", StringComparison.OrdinalIgnoreCase);
        return (words, double.TryParse(digits.Replace(',', '.'), System.Globalization.CultureInfo.InvariantCulture, out var number) ? number : null);
    }

    private static WireSize ByArea(string name, GaugeSystem system, double area) =>
        new(name, system, area, area, LayFactor * Copper.OhmSquareMillimetresPerMetreAt20 / area);

    private static WireSize ByResistance(string name, double nominal, double ohmsPerMetre) =>
        new(name, GaugeSystem.Metric, nominal, Copper.OhmSquareMillimetresPerMetreAt20 / ohmsPerMetre, ohmsPerMetre);
}
