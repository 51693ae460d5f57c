using System.Text.Json;
using BurlyRidge.Core.Rigs;

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

    /// <summary>The same of a file with a rig in it, whose version is the rig's.</summary>
    public static Problem? CheckRig(JsonElement root, string format, string kind)
    {
        if (Check(root, format, kind, Upcasters.Oldest, Rig.CurrentSchema) is { } problem) return problem;
        if (!root.TryGetProperty("rig", out var rig) || rig.ValueKind != JsonValueKind.Object) return new Problem("rig", FileWords.GiveAnObjectWithThe);
        var version = root.GetProperty("version").GetInt32();
        return Upcasters.VersionOf(rig) == version ? null : new Problem("rig.schemaVersion", FileWords.FormatMustBeAsTheFile(version));
    }
}
