using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Proposing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.Shops;

namespace BurlyRidge.Server.Bench;

/// <summary>A plan on the bench, with what it costs and what of it is here.</summary>
/// <param name="CardsPrinted">Harnesses whose card was printed.</param>
/// <param name="WiresCut">Sizes and colours that were cut, by item.</param>
public sealed record BenchAnswer(BenchView View, Quote Quote, IReadOnlyList<string> CardsPrinted, IReadOnlyList<string> WiresCut);

/// <summary>Puts plan, shop and record together.</summary>
public sealed class BenchDesk(ShopStore shops, RecordStore records, KitCatalogue kits, JobStore jobs)
{
    /// <summary>The log of a job that is the bench's.</summary>
    public const string Log = "bench";

    /// <summary>Lays a rig out for a job; null: for none.</summary>
    public async Task<BenchAnswer> LayAsync(Rig rig, string? job, CancellationToken cancellation) => (await OpenAsync(job, cancellation)).Lay(await AssessmentCache.OfAsync(rig, cancellation));

    /// <summary>What ways of building come to.</summary>
    public async Task<IReadOnlyList<BuildFigures>> CompareAsync(Rig rig, string? job, IReadOnlyList<Build> builds, CancellationToken cancellation)
    {
        var open = await OpenAsync(job, cancellation);
        var figures = new List<BuildFigures>();
        foreach (var build in builds)
        {
            var made = build.Make(rig, open.Kits, QuickSizeCache.Sizes, cancellation);
            if (made.Rig is not { } other)
            {
                figures.Add(BuildFigures.Not(made));
                continue;
            }
            var assessed = await AssessmentCache.OfAsync(other, cancellation);
            var laid = open.Lay(assessed);
            figures.Add(BuildFigures.Of(made, assessed, laid.View, laid.Quote));
        }
        return figures;
    }

    /// <summary>What rigs come to by the shop's prices, for a job; null: for none.</summary>
    public async Task<Func<AssessedRig, PlanCost>> CostingAsync(string? job, CancellationToken cancellation)
    {
        var open = await OpenAsync(job, cancellation);
        return assessed =>
        {
            var laid = open.Lay(assessed);
            return new PlanCost((double)laid.Quote.Gross, laid.View.PartCount());
        };
    }

    /// <summary>Takes the offcuts that a size and colour is cut from out of the stock, and puts what is left over in; gives why it cannot be cut, null where it is.</summary>
    public async Task<string?> CutAsync(Rig rig, string job, string item, CancellationToken cancellation)
    {
        var laid = await LayAsync(rig, job, cancellation);
        if (laid.WiresCut.Contains(item)) return ServerWords.CutOnceNothingStored;
        if (laid.View.Reels.FirstOrDefault(group => group.Item == item) is not { } group) return ServerWords.NothingOfThatIsCut;
        var (shop, version) = await shops.ReadAsync();
        return await shops.WriteAsync(shop.Cut(group), version) ? null : ServerWords.NothingWasStoredSeeTheNewest;
    }

    private async Task<OpenDesk> OpenAsync(string? job, CancellationToken cancellation)
    {
        var (shop, _) = await shops.ReadAsync();
        var all = await records.ReadAllAsync<BenchEvent>(Log, cancellation);
        var own = job is null ? BenchRecord.Nothing : BenchRecord.Of(all[job]);
        var names = await jobs.NamesAsync(cancellation);
        var kept = all.Where(other => other.Key != job)
            .SelectMany(other => BenchRecord.Of(other).Items.Where(item => item.Value.Reserved > 0).Select(item => (Item: item.Key, For: new KeptFor(names.GetValueOrDefault(other.Key, ""), item.Value.Reserved))))
            .ToLookup(pair => pair.Item, pair => pair.For, StringComparer.Ordinal);
        var stock = shop.Stock.ToDictionary(item => item.Key, item => Math.Max(0, item.Value - kept[item.Key].Sum(other => other.Count) - (own.Items.GetValueOrDefault(item.Key)?.Reserved ?? 0)), StringComparer.Ordinal);
        var catalogue = await kits.KitsAsync();
        var ownPrices = catalogue.Where(kit => kit.Price is not null).GroupBy(kit => PartNeeded.ItemOf(kit.Name), StringComparer.Ordinal).ToDictionary(kit => kit.Key, kit => kit.First().Price, StringComparer.Ordinal);
        return new OpenDesk(shop, own, stock, kept, catalogue, item => ownPrices.GetValueOrDefault(item) ?? ShippedPrices.Of(item));
    }

    private sealed record OpenDesk(Shop Shop, BenchRecord Record, IReadOnlyDictionary<string, double> Stock, ILookup<string, KeptFor> Kept, IReadOnlyList<Kit> Kits, Func<string, decimal?> Prices)
    {
        public BenchAnswer Lay(AssessedRig assessed)
        {
            var view = BenchView.Of(assessed, ShippedCatalogue.WireForSale, Shop.Offcuts, Shop.TaskTable());
            return new BenchAnswer(view, Quote.Of(view.Parts, view.Reels, view.Work, Shop, Prices, Record, Stock, Kept), Record.CardsPrinted, Record.WiresCut);
        }
    }
}
