using BurlyRidge.Core.Bench;
using static BurlyRidge.Core.Exchange.Drawings.PrintPage;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>The cut list to be taken to the bench: harness by harness, a row a wire, with a box to tick.</summary>
public static class CutSheet
{
    /// <param name="edition">Which revision it is, and of when, as printed.</param>
    public static string Page(string job, string edition, BenchView view, UnitSystem units) => PrintPage.Of("cut-list", FileWords.FormatCutListOf(job), edition, FileWords.CutLongTieLater,
    [
        .. view.Pieces.GroupBy(piece => piece.Harness).Select(harness => $"<h2>{Text(harness.Key)}</h2>\n{Table(harness, units)}"),
        .. view.Cables.Count == 0 ? [] : new[] { $"<h2>{Text(FileWords.Cables)}</h2>\n{Cables(view, units)}" },
        $"<h2>{Text(FileWords.WhatElseIsNeeded)}</h2>\n{Parts(view, units)}",
    ]);

    internal static string Table(IEnumerable<CutPiece> pieces, UnitSystem units) =>
        PrintPage.Table(["", FileWords.Wire, FileWords.SizeAndColour, FileWords.CutLength, FileWords.FirstEnd, FileWords.OtherEnd], pieces.Select(piece => Row(piece, units)));

    private static string Cables(BenchView view, UnitSystem units) => PrintPage.Table(["", FileWords.Cable, FileWords.CoresUsed, FileWords.CutLength, FileWords.OrTwins], view.Cables.Select(cable =>
        $"<tr data-cable=\"{Text(cable.Name)}\"><td class=\"tick\"></td><td>{Text($"{cable.Name}, {cable.Wire}")}</td><td>{Text(FileWords.FormatCoresOf(cable.Used, cable.Sold ?? cable.Used, cable.CutOff))}</td><td>{Text(Format.Millimetres(cable.CutMetres * 1000, units))}</td><td>{Text(FileWords.FormatTwinsOf(cable.Twins, cable.TwinsCutOff))}</td></tr>\n"));

    private static string Row(CutPiece piece, UnitSystem units) =>
        $"<tr data-wire=\"{Text(piece.Id)}\"><td class=\"tick\"></td><td>{Text(piece.Name)}</td><td>{Text(piece.Wire)}{(piece.Colour.Length > 0 ? $", {Text(piece.Colour)}" : "")}</td><td>{Text(Format.Millimetres(piece.CutMetres * 1000, units))}{(piece.AfterLaying ? $"<br>{Text(FileWords.CutAfterLaying)}" : "")}</td><td>{End(piece.From, units)}</td><td>{End(piece.To, units)}</td></tr>\n";

    private static string End(CutEnd end, UnitSystem units) => string.Join("<br>", new[]
    {
        end.Place,
        end.SlidesOn.Count > 0 ? FileWords.FormatSlideOnFirst(string.Join(", ", end.SlidesOn)) : "",
        end.StripMillimetres > 0 ? FileWords.FormatStrip(Format.Millimetres(end.StripMillimetres, units)) : "",
        end.Copper.Length > 0 ? $"{end.Fitting}, {end.Copper}" : end.Fitting,
        end.NotSpecified,
    }.Where(line => line.Length > 0).Select(Text));

    private static string Parts(BenchView view, UnitSystem units) =>
        $"<table><tbody>{string.Concat(view.Parts.Select(part => $"<tr><td class=\"tick\"></td><td>{Text(part.Metres ? Format.Metres(part.Count, units) : $"{part.Count:0}")}</td><td>{Text(part.Name)}</td><td>{Text(string.Join(", ", part.For.Distinct()))}</td><td>{Text(part.NotSpecified)}</td></tr>\n"))}</tbody></table>";
}
