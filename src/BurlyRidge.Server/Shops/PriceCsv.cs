using BurlyRidge.Core;
using BurlyRidge.Core.Bench;
using BurlyRidge.Server.Catalogue;

namespace BurlyRidge.Server.Shops;

/// <summary>Prices and stock as a table with a heading line (RFC 4180): item, price without tax, how many are at hand.</summary>
internal static class PriceCsv
{
    private const int MaxRows = 5_000;

    private static readonly string[] Columns = ["item", "price", "stock"];

    /// <summary>The shop with the prices and the stock of a table in the place of those of the same items; what is wrong names row and column, and then nothing is taken.</summary>
    public static (Shop? Shop, IReadOnlyList<Problem> Problems) Read(Shop shop, ReadOnlySpan<byte> bytes)
    {
        var text = CsvText.Of(bytes);
        using var lines = new StringReader(text);
        using var csv = CsvText.Open(lines, text);
        var problems = CsvText.Heading(csv, ["item"], Columns);
        if (problems.Count > 0) return (null, problems);
        var (prices, stock, seen) = (new Dictionary<string, decimal>(shop.Prices), new Dictionary<string, double>(shop.Stock), new HashSet<string>(StringComparer.Ordinal));
        for (var count = 0; csv.Read(); count++)
        {
            if (count >= MaxRows) return (null, [new Problem("file", ServerWords.FormatUpToRowsInA(MaxRows))]);
            var row = new CsvCells(csv, problems);
            var item = PartNeeded.ItemOf(row.Given("item") ?? "");
            if (item.Length == 0) row.Refuse("item", ServerWords.MustNotBeEmpty);
            else if (!seen.Add(item)) row.Refuse("item", ServerWords.FormatTheItemStandsTwice(item));
            if (row.MoneyOf("price") is { } price)
            {
                if (price is > 0 and < 1_000_000) prices[item] = price;
                else row.Refuse("price", ServerWords.IsNoPrice);
            }
            if (row.NumberOf("stock") is { } there)
            {
                if (there is >= 0 and < 1e5) stock[item] = there;
                else row.Refuse("stock", ServerWords.StockBelowNothing);
            }
        }
        if (seen.Count == 0 && problems.Count == 0) problems.Add(new Problem("file", ServerWords.NoPriceInIt));
        return problems.Count > 0 ? (null, problems) : (shop with { Prices = prices, Stock = stock }, []);
    }

    /// <summary>The shop's own prices and its stock as such a table.</summary>
    public static string Write(Shop shop) => CsvText.Write(Columns, shop.Prices.Keys.Union(shop.Stock.Keys).Order(StringComparer.Ordinal).Select(item => (IReadOnlyList<string>)
    [
        CsvCells.Text(item), shop.Prices.TryGetValue(item, out var price) ? price.ToString(System.Globalization.CultureInfo.InvariantCulture) : "", shop.Stock.TryGetValue(item, out var count) ? CsvCells.Figure(count) : "",
    ]));
}
