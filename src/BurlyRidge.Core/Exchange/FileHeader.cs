using System.Text.Json;

namespace BurlyRidge.Core.Exchange;

/// <summary>What a file says of itself before anything else of it is read.</summary>
internal static class FileHeader
{
    /// <summary>What is wrong with format or version; null where it is a file of that kind that this build reads.</summary>
    public static Problem? Check(JsonElement root, string format, string kind, int oldest, int newest)
    {
        if (root.ValueKind != JsonValueKind.Object) return new Problem("", FileWords.GiveAnObjectWithThe);
        if (!root.TryGetProperty("format", out var said) || said.ValueKind != JsonValueKind.String || said.GetString() != format)
            return new Problem("format", FileWords.FormatAFileSaysHere(kind, format));
        if (!root.TryGetProperty("version", out var number) || number.ValueKind != JsonValueKind.Number || !number.TryGetInt32(out var version))
            return new Problem("version", FileWords.GiveAWholeNumber);
        if (version >= oldest && version <= newest) return null;
        var reads = oldest == newest ? FileWords.FormatVersion(newest) : FileWords.FormatVersionsTo(oldest, newest);
        return new Problem("version", FileWords.FormatThisBuildReadsNot(reads, version));
    }
}
