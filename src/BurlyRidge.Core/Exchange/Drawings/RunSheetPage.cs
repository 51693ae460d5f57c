using System.Globalization;
using BurlyRidge.Core.RunSheet;
using static BurlyRidge.Core.Exchange.Drawings.PrintPage;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>The whole run sheet as pages with boxes to tick.</summary>
public static class RunSheetPage
{
    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    public static string Page(string job, string edition, SheetView view) => PrintPage.Of(
        "run-sheet", FileWords.FormatRunSheetOf(job), edition, FileWords.RunSheetNote,
        [
            .. view.Open.Count == 0 ? [] : new[] { $"<h2>{Text(FileWords.StandsOpen)}</h2><ul>{string.Concat(view.Open.Select(open => $"<li>{Text(open.Words)}</li>"))}</ul>" },
            .. view.Steps.GroupBy(card => card.Step.Stage).Select(stage => $"<h2>{Text(StageWords.Of(stage.Key))}</h2><ol class=\"steps\">{string.Concat(stage.Select(Step))}</ol>"),
        ]);

    private static string Step(StepCard card)
    {
        var step = card.Step;
        var box = card.State == StepState.Done ? "☑" : "☐";
        var done = card.Done is { } by ? $"<p>{Text(FileWords.FormatDoneBy(by.Who, by.At.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), by.At.ToString("HH:mm", CultureInfo.InvariantCulture)))}</p>" : "";
        return $"<li data-step=\"{Text(step.Id)}\" class=\"{(step.Hold is null ? "step" : "hold")}\"><p><strong>{box} {Text(step.Title)}</strong>{(step.Place.Length > 0 ? $" · {Text(step.Place)}" : "")}</p>"
            + $"<p>{Text(step.Why)}</p>{List(step.How)}{List(step.Cautions)}{List([.. step.Tools, .. step.Parts])}"
            + string.Concat(step.Asks.Select(ask => $"<p>☐ {Text(ask.Words)}{(ask.Kind is AskKind.Yes or AskKind.Choice ? "" : $": ______ {Text(ask.Unit)}")}{Expected(ask)}</p>")) + done + "</li>";
    }

    private static string Expected(Ask ask) => ask.Expected is { } expected ? $" ({Text(FileWords.FormatExpected(expected.ToString("0.##", CultureInfo.InvariantCulture), ask.Unit))})" : "";

    private static string List(IReadOnlyList<string> lines) => lines.Count == 0 ? "" : $"<ul>{string.Concat(lines.Select(line => $"<li>{Text(line)}</li>"))}</ul>";
}
