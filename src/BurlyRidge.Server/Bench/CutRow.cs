using BurlyRidge.Core.Bench;
using CsvHelper.Configuration.Attributes;

namespace BurlyRidge.Server.Bench;

/// <summary>One wire of the cut list as a row.</summary>
internal sealed record CutRow(
    [property: Name("harness")] string Harness, [property: Name("wire")] string Wire, [property: Name("colour")] string Colour, [property: Name("size")] string Size, [property: Name("copper_mm2")] double Copper,
    [property: Name("cut_m")] double CutMetres, [property: Name("cut_after_laying")] bool AfterLaying,
    [property: Name("from")] string From, [property: Name("from_fitting")] string FromFitting, [property: Name("from_strip_mm")] double FromStrip, [property: Name("from_slides_on")] string FromSlidesOn,
    [property: Name("to")] string To, [property: Name("to_fitting")] string ToFitting, [property: Name("to_strip_mm")] double ToStrip, [property: Name("to_slides_on")] string ToSlidesOn)
{
    public static CutRow Of(CutPiece piece) => new(
        piece.Harness, piece.Name, piece.Colour, piece.Wire, Math.Round(piece.CopperSquareMillimetres, 2), piece.CutMetres, piece.AfterLaying,
        piece.From.Place, piece.From.Fitting, piece.From.StripMillimetres, string.Join(", ", piece.From.SlidesOn),
        piece.To.Place, piece.To.Fitting, piece.To.StripMillimetres, string.Join(", ", piece.To.SlidesOn));
}
