using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Templates;
using static BurlyRidge.Core.Exchange.Drawings.PrintPage;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>Harness cards to be taken to the bench, one to a page: what is built, pin tables, tests, and the wiring.</summary>
public static class HarnessSheet
{
    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    /// <param name="assessed">The rig.</param>
    /// <param name="sizes">What is remembered of quick plans; null: nothing.</param>
    /// <param name="cancellation">Ends the work early, with an <see cref="OperationCanceledException"/>.</param>
    public static string Page(string job, string edition, AssessedRig assessed, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        var rig = assessed.Whole.Saved;
        var cards = HarnessCard.Of(assessed, CutList.Of(assessed));
        return PrintPage.Of("harness-cards", FileWords.FormatHarnessCardsOf(job), edition, FileWords.BuildOnTheBench,
            cards.Select(card => $"<section data-harness=\"{Text(card.Name)}\"><h2>{Text(card.Name)}</h2>\n{CutSheet.Table(card.Pieces, rig.HouseRules.Units)}\n{Plugs(card)}{Tests(card)}{Drawings(card)}</section>\n"));

        string Drawings(HarnessCard card) => string.Join('\n', card.Lines.Count == 1 ? card.Lines.Select(line => Diagram.OfLine(rig, line, sizes, cancellation)) : []);
    }

    private static string Plugs(HarnessCard card) => string.Concat(card.Plugs.Select(plug =>
        $"<h3>{Text(plug.Cavities is { } cavities ? FileWords.FormatPlugOf(plug.Name, cavities) : FileWords.FormatPlugCavitiesNotSpecified(plug.Name))}</h3>\n{Table([FileWords.Cavity, FileWords.OnMatingFace, FileWords.Pole, FileWords.Wire, FileWords.Colour], plug.Poles.Select(Row))}\n"));

    private static string Row(PlugPole pole) =>
        $"<tr>{string.Concat(new[] { $"{pole.Cavity}", $"{pole.OnMatingFace}", pole.Pole, pole.WireName, pole.Colour }.Select(text => $"<td>{Text(text)}</td>"))}</tr>";

    private static string Tests(HarnessCard card) =>
        $"<h3>{Text(FileWords.BeforeItLeavesTheBench)}</h3>\n<ul class=\"tests\">{string.Concat(card.Tests.Select(test => $"<li>{Text(Says(test))}</li>"))}</ul>\n";

    private static string Says(BenchTest test) => test.Kind switch
    {
        BenchTestKind.Continuity => FileWords.FormatMeterSounds(test.From, test.To),
        BenchTestKind.Pull => FileWords.FormatCrimpHolds(test.From, $"{test.Newtons:0}"),
        _ => FileWords.FormatMeterStaysSilent(test.From, test.To),
    };
}
