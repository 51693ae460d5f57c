using System.IO.Compression;
using System.Text;

namespace BurlyRidge.Server.Storage;

/// <summary>Documents as they lie in the database: gzip of UTF-8; a plain text, as older versions wrote it, is read as well.</summary>
internal static class PackedText
{
    private static readonly byte[] Magic = [0x1f, 0x8b]; // RFC 1952

    public static byte[] Pack(string text)
    {
        using var packed = new MemoryStream();
        using (var gzip = new GZipStream(packed, CompressionLevel.Optimal)) gzip.Write(Encoding.UTF8.GetBytes(text));
        return packed.ToArray();
    }

    public static string Unpack(byte[] bytes)
    {
        if (!bytes.AsSpan().StartsWith(Magic)) return Encoding.UTF8.GetString(bytes);
        using var text = new MemoryStream();
        using (var gzip = new GZipStream(new MemoryStream(bytes), CompressionMode.Decompress)) gzip.CopyTo(text);
        return Encoding.UTF8.GetString(text.GetBuffer(), 0, (int)text.Length);
    }
}
