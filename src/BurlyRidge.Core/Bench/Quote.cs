namespace BurlyRidge.Core.Bench;

/// <summary>One item of a plan: how many are needed, where they stand, and what they cost.</summary>
/// <param name="Item">Stable from job to job; prices, stock and orders are by it.</param>
/// <param name="Needed">How many, or metres.</param>
/// <param name="Free">In the shop's stock and kept for no job.</param>
/// <param name="OnOrder">Ordered and not arrived.</param>
/// <param name="Here">Arrived and as planned, or kept from stock.</param>
/// <param name="ToOrder">What neither is here nor on order.</param>
/// <param name="Each">Without tax; null: not specified.</param>
/// <param name="Sum">Of all of them, to the cent; null where it has no price.</param>
public sealed record ItemStand(
    string Item, string Name, bool Metres, double Needed, double Free, double OnOrder, double Here, double ToOrder, decimal? Each, decimal? Sum,
    IReadOnlyList<ArrivalPoint> Wrong, IReadOnlyList<string> Missing, IReadOnlyList<string> SetAside)
{
    /// <summary>Items in the shop's stock that do the same, the nearest first.</summary>
    public IReadOnlyList<string> Instead { get; init; } = [];

    /// <summary>What of the stock is kept for other jobs.</summary>
    public IReadOnlyList<KeptFor> KeptFor { get; init; } = [];
}

/// <summary>So many of an item are kept for a job.</summary>
/// <param name="Job">Its name.</param>
public sealed record KeptFor(string Job, double Count);

/// <summary>What a plan costs.</summary>
/// <param name="Currency">Code.</param>
/// <param name="Symbol">How it is written.</param>
/// <param name="Unpriced">Items without a price, by name: they are in no sum.</param>
/// <param name="LabourMinutes">By the task table.</param>
/// <param name="Labour">Null where the shop says no rate.</param>
public sealed record Quote(
    string Currency, string Symbol, IReadOnlyList<ItemStand> Items, decimal Parts, IReadOnlyList<WorkItem> Work, double LabourMinutes, decimal? Labour, decimal Net, decimal TaxFraction, decimal Tax, decimal Gross, IReadOnlyList<string> Unpriced)
{
    /// <summary>Prices a plan; every sum is that of amounts rounded to the cent.</summary>
    /// <param name="parts">One that is not known well enough to be bought is in no sum.</param>
    /// <param name="prices">Without tax, by item.</param>
    /// <param name="stock">What the shop has and keeps for no job, by item.</param>
    /// <param name="kept">What it keeps for other jobs, by item; null: nothing.</param>
    public static Quote Of(
        IReadOnlyList<PartNeeded> parts, IReadOnlyList<ReelGroup> reels, IReadOnlyList<WorkItem> work, Shop shop,
        Func<string, decimal?> prices, BenchRecord record, IReadOnlyDictionary<string, double> stock, ILookup<string, KeptFor>? kept = null)
    {
        ItemStand Stand(string item, string name, bool metres, double needed, decimal? each, decimal? sum)
        {
            var happened = record.Items.GetValueOrDefault(item) ?? ItemRecord.Nothing;
            var good = happened.Arrived - happened.Wrong;
            var here = Math.Min(needed, good + happened.Reserved);
            var onOrder = Math.Max(0, happened.Ordered - happened.Arrived);
            return new ItemStand(item, name, metres, needed, stock.GetValueOrDefault(item), onOrder, here, Math.Max(0, Math.Round(needed - here - onOrder, 3)), each, sum, happened.WrongPoints, happened.Missing, happened.SetAside) { Instead = Alternatives.Of(item, stock), KeptFor = [.. kept?[item] ?? []] };
        }

        decimal? Price(string item) => shop.Prices.TryGetValue(item, out var own) ? own : prices(item);

        List<ItemStand> items =
        [
            .. parts.Where(part => part.Known).GroupBy(part => part.Item, StringComparer.Ordinal).Select(same =>
            {
                var (count, each) = (same.Sum(part => part.Count), Price(same.Key));
                return Stand(same.Key, same.First().Name, same.First().Metres, count, each, each is { } price ? Cents(price * (decimal)Math.Round(count, 3)) : null);
            }),
            .. reels.Where(group => group.BoughtMetres > 0).Select(group =>
            {
                var each = shop.Prices.TryGetValue(group.Item, out var own) ? own : (decimal?)null;
                var sum = each is { } price ? Cents(price * (decimal)Math.Round(group.BoughtMetres, 3)) : group.Cost;
                return Stand(group.Item, group.Name, true, group.BoughtMetres, each, sum);
            }),
        ];
        var minutes = work.Sum(one => one.Minutes);
        decimal? labour = shop.HourlyRate is { } rate ? Cents(rate * (decimal)minutes / 60) : null;
        var bought = items.Sum(item => item.Sum ?? 0);
        var net = bought + (labour ?? 0);
        var tax = Cents(net * shop.TaxFraction);
        return new Quote(shop.Currency, Currencies.SymbolOf(shop.Currency) ?? shop.Currency, items, bought, work, minutes, labour, net, shop.TaxFraction, tax, net + tax, [.. items.Where(item => item.Sum is null).Select(item => item.Name)]);
    }

    private static decimal Cents(decimal amount) => decimal.Round(amount, 2, MidpointRounding.AwayFromZero);
}
