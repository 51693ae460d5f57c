namespace BurlyRidge.Core.Bench;

/// <summary>What a workshop charges by.</summary>
public sealed record Shop
{
    /// <summary>What it is called, as it stands on a hand-over; empty: not specified.</summary>
    public string Name { get; init; } = "";

    /// <summary>Where it is reached: address, telephone; empty: not specified.</summary>
    public string Contact { get; init; } = "";

    /// <summary>Code of its currency (ISO 4217).</summary>
    public string Currency { get; init; } = "EUR";

    /// <summary>Tax on all that is sold, as a fraction.</summary>
    public decimal TaxFraction { get; init; } = 0.2m;

    /// <summary>What an hour costs without tax; null: not specified.</summary>
    public decimal? HourlyRate { get; init; } = 65m;

    /// <summary>A hold point needs the name of a second person who looked.</summary>
    public bool SecondNameAtHolds { get; init; }

    /// <summary>Hours of a working day.</summary>
    public double WorkHours { get; init; } = 8;

    /// <summary>Minutes of the task table that the shop found out for itself.</summary>
    public IReadOnlyList<TaskMinutes> Minutes { get; init; } = [];

    /// <summary>The same by task.</summary>
    public IReadOnlyDictionary<WorkTask, double> TaskTable() => Minutes.DistinctBy(row => row.Task).ToDictionary(row => row.Task, row => row.Minutes);

    /// <summary>Prices of its own without tax, by item; they stand before those that ship.</summary>
    public IReadOnlyDictionary<string, decimal> Prices { get; init; } = new Dictionary<string, decimal>();

    /// <summary>What is at hand, by item: how many, or metres.</summary>
    public IReadOnlyDictionary<string, double> Stock { get; init; } = new Dictionary<string, double>();

    /// <summary>Lengths of wire at hand.</summary>
    public IReadOnlyList<Offcut> Offcuts { get; init; } = [];

    /// <summary>Sheets of labels that it prints on.</summary>
    public LabelSheet LabelSheet { get; init; } = new();

    private const int MostName = 80;
    private const int MostContact = 200;
    private const decimal MostPrice = 1_000_000;
    private const int MostPrices = 5_000;
    private const double MostStock = 100_000;

    /// <summary>Shorter than this is no offcut worth keeping (common practice, no source), m.</summary>
    private const double LeastOffcutMetres = 0.3;

    /// <summary>What is at hand once a size and colour is cut: the offcuts that were used are out, what is left over is in.</summary>
    public Shop Cut(ReelGroup group)
    {
        var left = Offcuts.ToList();
        foreach (var cut in group.Cuts)
        {
            if (cut.IsOffcut) left.RemoveAt(left.FindIndex(offcut => offcut.Wire == group.Wire && offcut.Colour == group.Colour && Math.Abs(offcut.Metres - cut.Metres) < 0.001));
            if (cut.LeftMetres >= LeastOffcutMetres) left.Add(new Offcut(group.Wire, group.Colour, Math.Round(cut.LeftMetres, 3)));
        }
        return this with { Offcuts = left };
    }

    /// <summary>All that is wrong with it, by field.</summary>
    public IReadOnlyList<Problem> Validate()
    {
        var problems = new Problems();
        problems.Letters("name", Name, MostName);
        problems.Letters("contact", Contact, MostContact);
        LabelSheet.Check(problems, "labelSheet");
        if (Currencies.SymbolOf(Currency) is null) problems.Add("currency", BenchWords.FormatUnknownCurrency(Currency));
        if (TaxFraction is < 0 or > 1) problems.Add("taxFraction", BenchWords.GiveATax);
        if (HourlyRate is { } rate and (<= 0 or > MostPrice)) problems.Add("hourlyRate", BenchWords.FormatGiveAPrice(MostPrice));
        problems.Above("workHours", WorkHours, 0, 16, "h");
        problems.Each("minutes", Minutes, (path, row) => problems.Within($"{path}.minutes", row.Minutes, 0, 2000, "min"));
        problems.Twice("minutes", Minutes.Where(row => row is not null).Select(row => $"{row.Task}"));
        problems.AtMost("prices", Prices.Count, MostPrices, BenchWords.Prices);
        foreach (var (item, price) in Prices)
            if (price is <= 0 or > MostPrice) problems.Add($"prices.{item}", BenchWords.FormatGiveAPrice(MostPrice));
        foreach (var (item, count) in Stock) problems.Within($"stock.{item}", count, 0, MostStock);
        problems.AtMost("offcuts", Offcuts.Count, MostPrices, BenchWords.Offcuts);
        problems.Each("offcuts", Offcuts, (path, offcut) =>
        {
            problems.Wire($"{path}.wire", offcut.Wire);
            problems.Letters($"{path}.colour", offcut.Colour, 40);
            problems.Above($"{path}.metres", offcut.Metres, 0, 1000, "m");
        });
        return problems.Found;
    }
}

/// <summary>What one of a task takes in this shop.</summary>
/// <param name="Minutes">0 to 2000.</param>
public sealed record TaskMinutes(WorkTask Task, double Minutes);
