using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using BurlyRidge.Core;

namespace BurlyRidge.Server.Archives;

/// <summary>Files out of a ZIP that somebody sent: none of it is trusted, nothing of it is written anywhere.</summary>
internal static class ZipReading
{
    /// <summary>The most that all files come to, bytes.</summary>
    public const long MostBytes = 200L * 1024 * 1024;

    /// <summary>The most files.</summary>
    public const int MostEntries = 10_000;

    /// <summary>The most that a file grows by when it is unpacked.</summary>
    public const int MostRatio = 100;

    /// <summary>Digits of the sum at the end of the file.</summary>
    public const int SumLength = 64;

    /// <summary>Files so small are let grow by more: there is nothing to be won by it.</summary>
    private const long SmallBytes = 64 * 1024;

    private const int LongestName = 200;

    /// <summary>Kinds of file in the upper half of the attributes that a Unix system writes (zip format, host system 3).</summary>
    private const int KindMask = 0xF000, Regular = 0x8000, Folder = 0x4000;

    /// <summary>The files by name, or why they are not taken.</summary>
    public static (IReadOnlyDictionary<string, byte[]>? Files, Problem? Refused) Read(ReadOnlyMemory<byte> bytes)
    {
        static (IReadOnlyDictionary<string, byte[]>?, Problem?) No(string why) => (null, new Problem("archive", why));
        try
        {
            using var zip = new ZipArchive(new MemoryStream(bytes.ToArray(), writable: false), ZipArchiveMode.Read);
            if (zip.Entries.Count > MostEntries) return No(ServerWords.FormatArchiveHasTooManyFiles(zip.Entries.Count, MostEntries));
            var names = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
            foreach (var entry in zip.Entries)
                if (WrongWith(entry, names) is { } wrong) return No(wrong);
            // What a header says of sizes is checked first, and then counted.
            if (zip.Entries.Sum(entry => Math.Min(entry.Length, MostBytes + 1)) > MostBytes) return No(ServerWords.FormatArchiveIsTooLarge(MostBytes / 1024 / 1024));
            if (SumOf(bytes.Span) is { } sum && !zip.Comment.Equals(sum, StringComparison.Ordinal)) return No(ServerWords.ArchiveWasChanged);
            var (files, total) = (new Dictionary<string, byte[]>(StringComparer.Ordinal), 0L);
            foreach (var entry in zip.Entries.Where(entry => !entry.FullName.EndsWith('/')))
            {
                var most = Math.Min(MostBytes - total, Math.Max(SmallBytes, entry.CompressedLength * MostRatio));
                if (Unpacked(entry, most) is not { } file) return No(most < MostBytes - total ? ServerWords.FormatArchiveGrowsTooMuch(entry.FullName, MostRatio) : ServerWords.FormatArchiveIsTooLarge(MostBytes / 1024 / 1024));
                total += file.Length;
                files[entry.FullName] = file;
            }
            return (files, null);
        }
        catch (Exception error) when (error is InvalidDataException or IOException or NotSupportedException or ArgumentException or OverflowException)
        {
            return No(ServerWords.ArchiveCannotBeRead);
        }
    }

    /// <summary>The sum over a file without the sum at its end; null: it is shorter than that.</summary>
    public static string? SumOf(ReadOnlySpan<byte> bytes) => bytes.Length < SumLength ? null : Convert.ToHexStringLower(SHA256.HashData(bytes[..^SumLength]));

    private static string? WrongWith(ZipArchiveEntry entry, HashSet<string> names)
    {
        var name = entry.FullName;
        var shown = Shown(name);
        if (name.Length is 0 or > LongestName || name.Any(letter => char.IsControl(letter) || letter is '\\' or ':')) return ServerWords.FormatArchiveNameIsNone(shown);
        if (name.StartsWith('/') || name.TrimEnd('/').Split('/').Any(part => part is "" or "." or "..")) return ServerWords.FormatArchiveNameLeadsOut(shown);
        if (!names.Add(name.TrimEnd('/'))) return ServerWords.FormatArchiveNameTwice(shown);
        if ((entry.ExternalAttributes >> 16 & KindMask) is var kind && kind is not (0 or Regular or Folder)) return ServerWords.FormatArchiveHoldsALink(shown);
        return entry.IsEncrypted ? ServerWords.FormatArchiveIsEncrypted(shown) : null;
    }

    private static string Shown(string name) => new string([.. name.Take(80).Select(letter => char.IsControl(letter) ? '?' : letter)]);

    private static byte[]? Unpacked(ZipArchiveEntry entry, long most)
    {
        using var from = entry.Open();
        using var to = new MemoryStream();
        var part = new byte[81_920];
        for (var read = from.Read(part); read > 0; read = from.Read(part))
        {
            if (to.Length + read > most) return null;
            to.Write(part, 0, read);
        }
        return to.ToArray();
    }

    /// <summary>A text file out of an archive; null where it is no UTF-8.</summary>
    public static string? Text(byte[] file)
    {
        try
        {
            return new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(file);
        }
        catch (ArgumentException)
        {
            return null;
        }
    }
}
