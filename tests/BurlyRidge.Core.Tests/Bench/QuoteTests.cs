using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;
using CsCheck;

namespace BurlyRidge.Core.Tests.Bench;

/// <summary>Sums agree to the cent, and what happened to an item is told as it was.</summary>
public class QuoteTests
{
    private static readonly Dictionary<string, WireForSale> Sale = WireTable.Of(GaugeSystem.Awg).Concat(WireTable.Of(GaugeSystem.Metric))
        .ToDictionary(size => size.Name, _ => new WireForSale(1.10m, [new ReelForSale(10, 9), new ReelForSale(50, 40)]), StringComparer.Ordinal);

    private static readonly BenchView View = BenchView.Of(AssessedRig.Of(PlacedRigs.Bar), Sale);

    private static Quote Priced(Shop? shop = null, BenchRecord? record = null, IReadOnlyDictionary<string, double>? stock = null, decimal? each = 3.335m) =>
        Quote.Of(View.Parts, View.Reels, View.Work, shop ?? new Shop(), _ => each, record ?? BenchRecord.Nothing, stock ?? new Dictionary<string, double>());

    /// <summary>Held against adding up by whole cents.</summary>
    [Fact]
    public void The_sum_is_that_of_its_items_to_the_cent()
    {
        Gen.Select(Gen.Int[1, 99_999], Gen.Int[0, 3000], Gen.Int[0, 20_000]).Sample(
            (milli, tax, rate) =>
            {
                var quote = Priced(new Shop { TaxFraction = tax / 10_000m, HourlyRate = rate == 0 ? null : rate / 100m }, each: milli / 1000m);
                var cents = quote.Items.Sum(item => (long)(item.Sum!.Value * 100));
                Assert.All(quote.Items, item => Assert.Equal(0, item.Sum!.Value * 100 % 1));
                Assert.Equal(cents, quote.Parts * 100);
                Assert.Equal(quote.Parts + (quote.Labour ?? 0), quote.Net);
                Assert.Equal(quote.Net + quote.Tax, quote.Gross);
                Assert.True(Math.Abs(quote.Tax - quote.Net * quote.TaxFraction) <= 0.005m);
            },
            iter: 200, seed: "0001KxQWz3Y4");
    }

    [Fact]
    public void What_has_no_price_is_named_and_in_no_sum()
    {
        var quote = Priced(each: null);
        Assert.Equal(View.Parts.Where(part => part.Known).Select(part => part.Name).Distinct().Order(StringComparer.Ordinal), quote.Unpriced.Order(StringComparer.Ordinal));
        Assert.Equal(View.Reels.Sum(group => group.Cost), quote.Parts);
    }

    [Fact]
    public void Counts_agree_with_the_parts_list_and_the_reels()
    {
        var quote = Priced();
        foreach (var part in View.Parts.Where(part => part.Known).GroupBy(part => part.Item)) Assert.Equal(part.Sum(one => one.Count), quote.Items.Single(item => item.Item == part.Key).Needed, 9);
        foreach (var reel in View.Reels.Where(group => group.BoughtMetres > 0)) Assert.Equal(reel.BoughtMetres, quote.Items.Single(item => item.Item == reel.Item).Needed, 9);
    }

    [Fact]
    public void An_item_is_ordered_arrives_and_is_kept_from_stock()
    {
        var fuse = View.Parts.First(part => part is { Group: PartGroup.Protection, Spare: > 0 });
        ItemStand After(params BenchEvent[] happened) => Priced(record: BenchRecord.Of(happened), stock: new Dictionary<string, double> { [fuse.Item] = 5 }).Items.Single(item => item.Item == fuse.Item);
        Assert.Equal((fuse.Count, 5, 0, 0), (After().ToOrder, After().Free, After().OnOrder, After().Here));
        var ordered = After(new BenchEvent.Ordered(fuse.Item, 2));
        Assert.Equal((fuse.Count - 2, 2, 0), (ordered.ToOrder, ordered.OnOrder, ordered.Here));
        var arrived = After(new BenchEvent.Ordered(fuse.Item, 2), new BenchEvent.Arrived(fuse.Item, 1));
        Assert.Equal((fuse.Count - 2, 1, 1), (arrived.ToOrder, arrived.OnOrder, arrived.Here));
        var wrong = After(new BenchEvent.Ordered(fuse.Item, 2), new BenchEvent.Arrived(fuse.Item, 2) { Wrong = [ArrivalPoint.PlugHalf], Missing = "bolts", SetAside = "cover" });
        Assert.Equal((fuse.Count, 0, 0), (wrong.ToOrder, wrong.OnOrder, wrong.Here));
        Assert.Equal([ArrivalPoint.PlugHalf], wrong.Wrong);
        Assert.Equal(["bolts"], wrong.Missing);
        Assert.Equal(["cover"], wrong.SetAside);
        var kept = After(new BenchEvent.Reserved(fuse.Item, 3), new BenchEvent.Reserved(fuse.Item, -1));
        Assert.Equal(2, kept.Here);
    }

    [Fact]
    public void A_shops_own_price_and_minutes_stand_before_those_that_ship()
    {
        var relay = View.Parts.First(part => part.Group == PartGroup.Control);
        Assert.Equal(12.40m, Priced(new Shop { Prices = new Dictionary<string, decimal> { [relay.Item] = 12.40m } }).Items.Single(item => item.Item == relay.Item).Each);
        var slow = BenchView.Of(AssessedRig.Of(PlacedRigs.Bar), Sale, minutes: new Dictionary<WorkTask, double> { [WorkTask.Wire] = 40 });
        Assert.Equal(36.0 * View.Pieces.Count, slow.Work.Sum(one => one.Minutes) - View.Work.Sum(one => one.Minutes), 9);
    }

    /// <summary>What is cut leaves the shelf, and what is left over goes onto it: nothing is lost.</summary>
    [Fact]
    public void What_is_left_over_of_a_cut_is_kept()
    {
        var piece = View.Pieces.First(piece => piece.CutMetres > 0.5);
        var shop = new Shop { Offcuts = [new Offcut(piece.Wire, piece.Colour, 30), new Offcut("2 AWG", "red", 1)] };
        var group = BenchView.Of(AssessedRig.Of(PlacedRigs.Bar), Sale, shop.Offcuts).Reels.First(reel => reel.Pieces.Contains(piece.Id));
        var after = shop.Cut(group);
        Assert.Equal(31 + group.BoughtMetres - group.PieceMetres, after.Offcuts.Sum(offcut => offcut.Metres) + group.Cuts.Where(cut => cut.LeftMetres < 0.3).Sum(cut => cut.LeftMetres), 3);
        Assert.Contains(new Offcut("2 AWG", "red", 1), after.Offcuts);
        Assert.Empty(after.Validate());
    }

    /// <summary>More is fine of a relay and of a tie; of a fuse it is not.</summary>
    [Fact]
    public void Stock_that_does_the_same_is_named()
    {
        var stock = new Dictionary<string, double> { ["relay-70-a"] = 1, ["relay-40-a"] = 2, ["relay-30-a"] = 2, ["relay-20-a"] = 1, ["tie-370-mm"] = 5, ["fuse-30-a-blade"] = 9, ["switch-20-a"] = 0 };
        IReadOnlyList<string> Instead(string item) => Quote.Of([new PartNeeded(PartGroup.Control, item, 1, false, [])], [], [], new Shop(), _ => null, BenchRecord.Nothing, stock).Items.Single().Instead;
        Assert.Equal(["relay-40-a", "relay-70-a"], Instead("Relay 30 A"));
        Assert.Equal(["tie-370-mm"], Instead("Tie 100 mm"));
        Assert.Empty(Instead("Fuse 15 A blade"));
        Assert.Empty(Instead("Switch 5 A"));
    }

    [Theory]
    [InlineData("currency")]
    [InlineData("taxFraction")]
    [InlineData("hourlyRate")]
    [InlineData("prices.relay-40-a")]
    [InlineData("minutes[0].minutes")]
    public void What_is_wrong_with_a_shop_is_told_by_its_field(string path)
    {
        var shop = path switch
        {
            "currency" => new Shop { Currency = "XXQ" },
            "taxFraction" => new Shop { TaxFraction = 1.2m },
            "hourlyRate" => new Shop { HourlyRate = 0 },
            "minutes[0].minutes" => new Shop { Minutes = [new TaskMinutes(WorkTask.Wire, -1)] },
            _ => new Shop { Prices = new Dictionary<string, decimal> { ["relay-40-a"] = 0 } },
        };
        Assert.Equal(path, Assert.Single(shop.Validate()).Path);
        Assert.Empty(new Shop().Validate());
    }

    [Fact]
    public void A_count_of_nothing_is_refused()
    {
        Assert.Equal("count", Assert.Single(new BenchEvent.Ordered("relay", 0).Validate()).Path);
        Assert.Equal("count", Assert.Single(new BenchEvent.Arrived("relay", -1).Validate()).Path);
        Assert.Equal("count", Assert.Single(new BenchEvent.Reserved("relay", 0).Validate()).Path);
        Assert.Equal("item", Assert.Single(new BenchEvent.Ordered("", 1).Validate()).Path);
    }
}
