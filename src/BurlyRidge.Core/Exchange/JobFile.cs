using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>One job as a file of its own.</summary>
/// <param name="Format">Always <see cref="FormatName"/>.</param>
/// <param name="Version">Shape of the rig in it.</param>
/// <param name="Name">Vehicle name.</param>
/// <param name="Rig">Everything that is planned for it.</param>
/// <param name="Note">What the workshop noted.</param>
/// <param name="Particulars">Whose vehicle it is, and by when it is wanted.</param>
public sealed record JobFile(string Format, int Version, string Name, Rig Rig, [property: LongText] string Note = "", JobParticulars? Particulars = null)
{
    /// <summary>What a job file calls itself.</summary>
    public const string FormatName = "burly-ridge-job";

    /// <summary>The largest file that is read, bytes.</summary>
    public const int LargestBytes = 4 * 1024 * 1024;

    /// <summary>The job as text.</summary>
    public static string Write(string name, string note, Rig rig, JobParticulars? particulars = null) =>
        JsonSerializer.Serialize(new JobFile(FormatName, Rig.CurrentSchema, name, rig, note, particulars ?? new JobParticulars()), JsonRules.Indented) + "\n";

    /// <summary>Reads a file in UTF-8; it is either there and valid, or there is at least one problem with its path.</summary>
    public static (JobFile? File, IReadOnlyList<Problem> Problems) Read(ReadOnlyMemory<byte> text)
    {
        if (text.Length > LargestBytes) return (null, [new Problem("", FileWords.FormatAJobFileHoldsUp(LargestBytes / 1024 / 1024))]);
        var (root, problems) = JsonText.Parse(text);
        if (problems.Count > 0) return (null, problems);
        if (FileHeader.CheckRig(root, FormatName, "job") is { } problem) return (null, [problem]);
        var (file, wrong) = JsonReading.Read<JobFile>(root);
        if (file is null) return (null, wrong);
        problems = [.. RigValidation.Validate(file.Rig).Select(found => found with { Path = $"rig.{found.Path}" })];
        return problems.Count > 0 ? (null, problems) : (file, []);
    }

    /// <summary>The JSON Schema of a job file, as text.</summary>
    public static string Schema()
    {
        var schema = (JsonObject)JsonRules.Indented.GetJsonSchemaAsNode(typeof(JobFile), new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true });
        var document = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = FileWords.BurlyRidgeJobFile,
        };
        foreach (var (name, value) in schema.ToList())
        {
            schema.Remove(name);
            document[name] = value;
        }
        return document.ToJsonString(JsonRules.Indented) + "\n";
    }
}
