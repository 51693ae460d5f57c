namespace BurlyRidge.Core.Bench;

/// <summary>Currencies that a shop can charge in (ISO 4217; from memory).</summary>
public static class Currencies
{
    private static readonly Dictionary<string, string> Symbols = new(StringComparer.Ordinal)
    {
        ["EUR"] = "€",
        ["USD"] = "$",
        ["GBP"] = "£",
        ["AUD"] = "A$",
        ["NZD"] = "NZ$",
        ["CAD"] = "C$",
        ["ZAR"] = "R",
        ["CHF"] = "CHF",
        ["SEK"] = "kr",
        ["NOK"] = "kr",
        ["DKK"] = "kr",
        ["ISK"] = "kr",
        ["PLN"] = "zł",
        ["CZK"] = "Kč",
        ["HUF"] = "Ft",
        ["RON"] = "lei",
        ["BGN"] = "лв",
        ["TRY"] = "₺",
        ["INR"] = "₹",
        ["JPY"] = "¥",
        ["CNY"] = "CN¥",
        ["BRL"] = "R$",
        ["MXN"] = "MX$",
        ["ARS"] = "AR$",
        ["CLP"] = "CLP",
        ["AED"] = "AED",
        ["SAR"] = "SAR",
        ["ILS"] = "₪",
        ["THB"] = "฿",
        ["IDR"] = "Rp",
        ["MYR"] = "RM",
        ["PHP"] = "₱",
        ["SGD"] = "S$",
        ["KES"] = "KSh",
        ["NAD"] = "N$",
        ["BWP"] = "P",
    };

    /// <summary>Every code, in the order of the alphabet.</summary>
    public static IReadOnlyList<string> Codes { get; } = [.. Symbols.Keys.Order(StringComparer.Ordinal)];

    /// <summary>How one is written beside a figure; null where there is no such currency.</summary>
    public static string? SymbolOf(string code) => Symbols.GetValueOrDefault(code);
}
