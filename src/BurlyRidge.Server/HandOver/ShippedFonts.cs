using PdfSharp.Drawing;
using PdfSharp.Fonts;
using PdfSharp.Pdf;
using SkiaSharp;

namespace BurlyRidge.Server.HandOver;

/// <summary>The faces that ship with the program and are embedded in what it prints: the face of the screen, and one with many more signs for what that lacks.</summary>
internal sealed class ShippedFonts : IFontResolver
{
    private const string Regular = "Overpass-Regular", Bold = "Overpass-Bold", More = "DejaVuSans";

    private static readonly Lazy<ShippedFonts> Only = new(() =>
    {
        var fonts = new ShippedFonts();
        GlobalFontSettings.FontResolver = fonts;
        return fonts;
    });

    private readonly Dictionary<string, byte[]> files = new[] { Regular, Bold, More }.ToDictionary(name => name, Read, StringComparer.Ordinal);

    /// <summary>One measures with a face of its own: several packs may be printed at once.</summary>
    [ThreadStatic]
    private static Dictionary<string, SKFont>? faces;

    private Dictionary<string, SKFont> Faces => faces ??= files.ToDictionary(
        file => file.Key, file => new SKFont(SKTypeface.FromData(SKData.CreateCopy(file.Value)), Large) { Subpixel = true, LinearMetrics = true, Hinting = SKFontHinting.None }, StringComparer.Ordinal);

    private const float Large = 1000;

    /// <summary>They are read once, and made known to what writes PDF.</summary>
    public static ShippedFonts Get() => Only.Value;

    /// <inheritdoc/>
    public byte[]? GetFont(string faceName) => files.GetValueOrDefault(faceName);

    /// <inheritdoc/>
    public FontResolverInfo? ResolveTypeface(string familyName, bool isBold, bool isItalic) => files.ContainsKey(familyName) ? new FontResolverInfo(familyName) : new FontResolverInfo(isBold ? Bold : Regular);

    /// <summary>A line of text in pieces, each in one face that has all its signs.</summary>
    public IEnumerable<(string Text, string Face)> Pieces(string text, bool bold)
    {
        var first = bold ? Bold : Regular;
        var (from, face) = (0, "");
        for (var i = 0; i < text.Length; i += char.IsSurrogatePair(text, i) ? 2 : 1)
        {
            var sign = char.IsSurrogatePair(text, i) ? char.ConvertToUtf32(text, i) : text[i];
            var its = Faces[first].ContainsGlyph(sign) ? first : More;
            if (its == face) continue;
            if (i > from) yield return (text[from..i], face);
            (from, face) = (i, its);
        }
        if (text.Length > from) yield return (text[from..], face);
    }

    /// <summary>Width of a piece at size 1.</summary>
    public double Width(string text, string face) => Faces[face].MeasureText(text) / Large;

    /// <summary>The face for what writes PDF.</summary>
    public static XFont Of(string face, double points) => new(face, points, XFontStyleEx.Regular, new XPdfFontOptions(PdfFontEncoding.Unicode));

    private static byte[] Read(string name)
    {
        using var stream = typeof(ShippedFonts).Assembly.GetManifestResourceStream($"{name}.ttf")!;
        using var bytes = new MemoryStream();
        stream.CopyTo(bytes);
        return bytes.ToArray();
    }
}
