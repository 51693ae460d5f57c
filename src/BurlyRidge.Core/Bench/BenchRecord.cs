using System.Text.Json.Serialization;

namespace BurlyRidge.Core.Bench;

/// <summary>Something that happened at the bench; a job's record holds them one after the other.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Ordered), "ordered")]
[JsonDerivedType(typeof(Arrived), "arrived")]
[JsonDerivedType(typeof(Reserved), "reserved")]
[JsonDerivedType(typeof(CardPrinted), "cardPrinted")]
[JsonDerivedType(typeof(Cut), "cut")]
public abstract record BenchEvent
{
    private BenchEvent() { }

    private const double MostCount = 100_000;

    /// <summary>All that is wrong with it, by field.</summary>
    public IReadOnlyList<Problem> Validate()
    {
        var problems = new Problems();
        Check(problems);
        return problems.Found;
    }

    private protected abstract void Check(Problems problems);

    private static void Check(Problems problems, string item, double count)
    {
        problems.Text("item", item, 100);
        problems.Above("count", count, 0, MostCount, "");
    }

    /// <summary>So many of an item were ordered for the job.</summary>
    public sealed record Ordered(string Item, double Count, string Supplier = "") : BenchEvent
    {
        private protected override void Check(Problems problems)
        {
            BenchEvent.Check(problems, Item, Count);
            problems.Letters("supplier", Supplier, 80);
        }
    }

    /// <summary>So many arrived, were opened and held against the plan.</summary>
    public sealed record Arrived(string Item, double Count) : BenchEvent
    {
        /// <summary>What is not as planned; the box is no use until that is put right.</summary>
        public IReadOnlyList<ArrivalPoint> Wrong { get; init; } = [];

        /// <summary>What should have been in the box and was not: it is to be ordered.</summary>
        public string Missing { get; init; } = "";

        /// <summary>What stays in the box, by name.</summary>
        public string SetAside { get; init; } = "";

        private protected override void Check(Problems problems)
        {
            BenchEvent.Check(problems, Item, Count);
            problems.Twice("wrong", Wrong.Select(point => $"{point}"));
            problems.Letters("missing", Missing, 200);
            problems.Letters("setAside", SetAside, 200);
        }
    }

    /// <summary>So many of the shop's stock are kept for the job; below nothing: given back.</summary>
    public sealed record Reserved(string Item, double Count) : BenchEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Text("item", Item, 100);
            problems.Within("count", Count, -MostCount, MostCount);
            if (Count == 0) problems.Add("count", BenchWords.GiveHowMany);
        }
    }

    /// <summary>All pieces of a size and colour were cut.</summary>
    public sealed record Cut(string Item) : BenchEvent
    {
        private protected override void Check(Problems problems) => problems.Text("item", Item, 100);
    }

    /// <summary>The card of a harness was printed.</summary>
    public sealed record CardPrinted(string Harness) : BenchEvent
    {
        private protected override void Check(Problems problems) => problems.Text("harness", Harness, 100);
    }
}

/// <summary>What is looked at when a box is opened.</summary>
public enum ArrivalPoint
{
    /// <summary>Its size.</summary>
    Size,

    /// <summary>How it is held.</summary>
    Holding,

    /// <summary>Which half of the plug it has.</summary>
    PlugHalf,

    /// <summary>Its bolts.</summary>
    Bolts,

    /// <summary>Its ring terminals.</summary>
    Ring,

    /// <summary>Its cover.</summary>
    Cover,
}

/// <summary>What came of all that happened at the bench of a job.</summary>
/// <param name="Items">By item.</param>
/// <param name="CardsPrinted">Harnesses whose card was printed.</param>
/// <param name="WiresCut">Sizes and colours that were cut, by item.</param>
public sealed record BenchRecord(IReadOnlyDictionary<string, ItemRecord> Items, IReadOnlyList<string> CardsPrinted, IReadOnlyList<string> WiresCut)
{
    /// <summary>Nothing happened yet.</summary>
    public static BenchRecord Nothing { get; } = Of([]);

    /// <summary>Folds what happened, in its order.</summary>
    public static BenchRecord Of(IEnumerable<BenchEvent> happened)
    {
        var items = new Dictionary<string, ItemRecord>(StringComparer.Ordinal);
        var (cards, wires) = (new List<string>(), new List<string>());
        void Change(string item, Func<ItemRecord, ItemRecord> change) => items[item] = change(items.GetValueOrDefault(item) ?? ItemRecord.Nothing);
        foreach (var one in happened)
        {
            switch (one)
            {
                case BenchEvent.Ordered ordered:
                    Change(ordered.Item, item => item with { Ordered = item.Ordered + ordered.Count });
                    break;
                case BenchEvent.Arrived arrived:
                    Change(arrived.Item, item => item with
                    {
                        Arrived = item.Arrived + arrived.Count,
                        Wrong = arrived.Wrong.Count > 0 ? item.Wrong + arrived.Count : item.Wrong,
                        WrongPoints = [.. item.WrongPoints.Union(arrived.Wrong)],
                        Missing = Also(item.Missing, arrived.Missing),
                        SetAside = Also(item.SetAside, arrived.SetAside),
                    });
                    break;
                case BenchEvent.Reserved reserved:
                    Change(reserved.Item, item => item with { Reserved = Math.Max(0, item.Reserved + reserved.Count) });
                    break;
                case BenchEvent.Cut cut when !wires.Contains(cut.Item):
                    wires.Add(cut.Item);
                    break;
                case BenchEvent.CardPrinted printed when !cards.Contains(printed.Harness):
                    cards.Add(printed.Harness);
                    break;
            }
        }
        return new BenchRecord(items, cards, wires);
    }

    private static IReadOnlyList<string> Also(IReadOnlyList<string> before, string more) => string.IsNullOrWhiteSpace(more) ? before : [.. before, more.Trim()];
}

/// <summary>What happened to one item.</summary>
/// <param name="Wrong">How many of those that arrived are not as planned.</param>
public sealed record ItemRecord(double Ordered, double Arrived, double Reserved, double Wrong, IReadOnlyList<ArrivalPoint> WrongPoints, IReadOnlyList<string> Missing, IReadOnlyList<string> SetAside)
{
    /// <summary>Nothing.</summary>
    public static ItemRecord Nothing { get; } = new(0, 0, 0, 0, [], [], []);
}
