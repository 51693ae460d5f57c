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
        var seen = new HashSet<string>(StringComparer.Ordinal);
        var (rows, problems) = CsvText.Rows<Row>(bytes, ["item"], Columns, MaxRows, row =>
        {
            var item = PartNeeded.ItemOf(row.Given("item") ?? "");
            if (item.Length == 0) row.Refuse("item", ServerWords.MustNotBeEmpty);
            else if (!seen.Add(item)) row.Refuse("item", ServerWords.FormatTheItemStandsTwice(item));
            var (price, there) = (row.MoneyOf("price"), row.NumberOf("stock"));
            if (price is not (null or (> 0 and < 1_000_000))) row.Refuse("price", ServerWords.IsNoPrice);
            if (there is not (null or (>= 0 and < 1e5))) row.Refuse("stock", ServerWords.StockBelowNothing);
            return new Row(item, price, there);
        });
        if (problems.Count > 0) return (null, problems);
        if (rows.Count == 0) return (null, [new Problem("file", ServerWords.NoPriceInIt)]);
        var (prices, stock) = (new Dictionary<string, decimal>(shop.Prices), new Dictionary<string, double>(shop.Stock));
        foreach (var row in rows)
        {
            if (row.Price is { } price) prices[row.Item] = price;
            if (row.Stock is { } there) stock[row.Item] = there;
        }
        return (shop with { Prices = prices, Stock = stock }, []);
    }

    private sealed record Row(string Item, decimal? Price, double? Stock);

    /// <summary>The shop's own prices and its stock as such a table.</summary>
    public static string Write(Shop shop) => CsvText.Write(Columns, shop.Prices.Keys.Union(shop.Stock.Keys).Order(StringComparer.Ordinal).Select(item => (IReadOnlyList<string>)
    [
        CsvCells.Text(item), shop.Prices.TryGetValue(item, out var price) ? price.ToString(System.Globalization.CultureInfo.InvariantCulture) : "", shop.Stock.TryGetValue(item, out var count) ? CsvCells.Figure(count) : "",
    ]));
}
