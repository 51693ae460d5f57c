using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Exchange;

/// <summary>The sums that tell whether what was signed is still the same (SHA-256, FIPS 180-4), as hexadecimal digits.</summary>
public static class JobSeal
{
    /// <summary>Version of the tables that everything is worked out with: the start of the sum over all that stands in them.</summary>
    public static string TablesVersion { get; } = Sum(TablesText())[..16];

    /// <summary>The sum of a text in UTF-8.</summary>
    public static string Sum(string text) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text)));

    /// <summary>A sum as it is printed, in groups of eight.</summary>
    public static string Printed(string sum) => string.Join(' ', sum.Chunk(8).Select(group => new string(group)));

    /// <summary>
    /// The job file of a rig as it lies stored, whatever build stored it: it is not raised to today's shape, so that a later
    /// build comes to the same text. Of today's shape it is the text that <see cref="JobFile.Write"/> gives.
    /// </summary>
    /// <param name="document">The rig as stored text; one that is no JSON gives a text that is no job file.</param>
    public static string CanonicalFile(string name, string note, JobParticulars particulars, string document)
    {
        JsonNode? rig;
        try
        {
            rig = JsonNode.Parse(document);
        }
        catch (JsonException)
        {
            return document;
        }
        var file = new JsonObject
        {
            ["format"] = JobFile.FormatName,
            ["version"] = rig is JsonObject known ? known["schemaVersion"]?.DeepClone() : null,
            ["name"] = name,
            ["rig"] = rig,
            ["note"] = note,
            ["particulars"] = JsonSerializer.SerializeToNode(particulars, JsonRules.Indented),
        };
        return file.ToJsonString(JsonRules.Indented) + "\n";
    }

    /// <summary>Every table with six digits of each figure: what is worked out from logarithms differs from machine to machine after more of them.</summary>
    private static string TablesText()
    {
        var text = new StringBuilder();
        void Row(params object?[] cells) => text.AppendJoin(';', cells.Select(cell => cell is double figure ? figure.ToString("G6", CultureInfo.InvariantCulture) : $"{cell}")).Append('\n');
        foreach (var size in Enum.GetValues<GaugeSystem>().SelectMany(WireTable.Of))
        {
            Row(size.Name, size.AreaSquareMillimetres, size.CopperSquareMillimetres, size.OhmsPerMetreAt20, TerminalTable.PullNewtons(size.CopperSquareMillimetres));
            foreach (var insulation in Ampacity.InsulationClasses) Row(size.Name, insulation, Ampacity.Table(size.CopperSquareMillimetres, insulation));
            foreach (var kind in Enum.GetValues<EndKind>())
                if (TerminalTable.Find(kind, size.CopperSquareMillimetres, size.CopperSquareMillimetres) is { } terminal) Row(kind, size.Name, terminal.Tool, terminal.StripMillimetres);
        }
        foreach (var fuse in FuseTable.All)
            Row(fuse.Family, fuse.RatingAmps, FuseTable.ColdOhms(fuse), FuseTable.WarmOhms(fuse), FuseTime.SlowestSeconds(fuse, 2 * fuse.RatingAmps), FuseTime.FastestSeconds(fuse, 2 * fuse.RatingAmps));
        foreach (var amps in RelayTable.ContactAmps) Row(amps);
        Row(Tolerances.LampFraction, Tolerances.LoadFraction, Tolerances.AgedFactor, Tolerances.SourceFraction);
        return text.ToString();
    }
}
