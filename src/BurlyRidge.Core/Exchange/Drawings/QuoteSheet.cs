using System.Globalization;
using BurlyRidge.Core.Bench;
using static BurlyRidge.Core.Exchange.Drawings.PrintPage;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>What a job costs, as a page for the customer: parts, labour, tax.</summary>
public static class QuoteSheet
{
    /// <param name="customer">Empty: not specified.</param>
    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    public static string Page(string job, string customer, string edition, Quote quote, UnitSystem units) => PrintPage.Of(
        "quote", customer.Length > 0 ? FileWords.FormatQuoteFor(job, customer) : FileWords.FormatQuoteOf(job), edition,
        quote.Unpriced.Count == 0 ? FileWords.QuoteNote : FileWords.FormatQuoteUnpriced(string.Join(", ", quote.Unpriced)),
        [
            PrintPage.Table([FileWords.HowMany, FileWords.Part, FileWords.PriceEach, FileWords.Sum], quote.Items.Where(item => item.Sum is not null).Select(item => Row(item, quote, units))),
            $"<h2>{Text(FileWords.Labour)}</h2>",
            PrintPage.Table([FileWords.HowMany, FileWords.Work, FileWords.MinutesEach, FileWords.MinutesInAll], quote.Work.Select(Row)),
            $"<table class=\"sums\"><tbody>{Sum(FileWords.SumOfParts, quote.Parts, quote)}{(quote.Labour is { } labour ? Sum(FileWords.FormatSumOfLabour(Format.Hours(quote.LabourMinutes / 60)), labour, quote) : "")}{Sum(FileWords.Net, quote.Net, quote)}{Sum(FileWords.FormatTax(Format.Percent((double)quote.TaxFraction)), quote.Tax, quote)}{Sum(FileWords.Gross, quote.Gross, quote)}</tbody></table>",
        ]);

    private static string Row(ItemStand item, Quote quote, UnitSystem units) =>
        $"<tr data-item=\"{Text(item.Item)}\"><td>{Text(item.Metres ? Format.Metres(item.Needed, units) : $"{item.Needed:0}")}</td><td>{Text(item.Name)}</td><td>{(item.Each is { } each ? Text(Money(each, quote)) : "")}</td><td>{Text(Money(item.Sum!.Value, quote))}</td></tr>\n";

    private static string Row(WorkItem work) =>
        $"<tr><td>{work.Count}</td><td>{Text(TaskWords.Of(work.Task))}</td><td>{work.Each.ToString("0.#", CultureInfo.InvariantCulture)}</td><td>{work.Minutes.ToString("0.#", CultureInfo.InvariantCulture)}</td></tr>\n";

    private static string Sum(string what, decimal amount, Quote quote) => $"<tr><th>{Text(what)}</th><td>{Text(Money(amount, quote))}</td></tr>";

    private static string Money(decimal amount, Quote quote) => $"{amount.ToString("#,0.00", CultureInfo.InvariantCulture)} {quote.Symbol}";
}

/// <summary>What tasks are called.</summary>
internal static class TaskWords
{
    public static string Of(WorkTask task) => task switch
    {
        WorkTask.Wire => FileWords.TaskWire,
        WorkTask.Ending => FileWords.TaskEnding,
        WorkTask.Lamp => FileWords.TaskLamp,
        WorkTask.Part => FileWords.TaskPart,
        WorkTask.Kit => FileWords.TaskKit,
        WorkTask.Cover => FileWords.TaskCover,
        WorkTask.LooseCover => FileWords.TaskLooseCover,
        WorkTask.Bulkhead => FileWords.TaskBulkhead,
        WorkTask.Earth => FileWords.TaskEarth,
        WorkTask.Line => FileWords.TaskLine,
        _ => FileWords.TaskJob,
    };
}
