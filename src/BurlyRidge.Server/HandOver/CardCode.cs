using QRCoder;

namespace BurlyRidge.Server.HandOver;

/// <summary>A text as a QR code (ISO/IEC 18004), byte mode in UTF-8, a seventh of it may be lost.</summary>
internal static class CardCode
{
    /// <summary>Its modules row by row, without the free edge; true: dark.</summary>
    public static IReadOnlyList<IReadOnlyList<bool>> Of(string text)
    {
        using var code = QRCodeGenerator.GenerateQrCode(text, QRCodeGenerator.ECCLevel.M, forceUtf8: true, utf8BOM: false, eciMode: QRCodeGenerator.EciMode.Utf8);
        const int edge = 4; // what the package leaves free round it
        return [.. code.ModuleMatrix.Skip(edge).SkipLast(edge).Select(row => (IReadOnlyList<bool>)[.. row.Cast<bool>().Skip(edge).SkipLast(edge)])];
    }
}
