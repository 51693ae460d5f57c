using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>A body as a file of its own, so that the next vehicle of the same kind starts from it.</summary>
/// <param name="Format">Always <see cref="FormatName"/>.</param>
/// <param name="Version">Shape of the body in it.</param>
/// <param name="Name">What kind of vehicle.</param>
public sealed record VehicleFile(string Format, int Version, string Name, Body Body)
{
    /// <summary>What a vehicle file calls itself.</summary>
    public const string FormatName = "burly-ridge-vehicle";

    /// <summary>The shape that this build writes; version 3 had covers by their names alone, version 4 knew of a lane only whether there is nothing to tie to, version 5 nothing of holes for a lamp.</summary>
    public const int CurrentVersion = 6;

    private const int Oldest = 3;

    /// <summary>The body as text.</summary>
    public static string Write(string name, Body body) => JsonSerializer.Serialize(new VehicleFile(FormatName, CurrentVersion, name, body), JsonRules.Indented) + "\n";

    /// <summary>Reads a file in UTF-8; it is either there and valid, or there is at least one problem with its path.</summary>
    public static (VehicleFile? File, IReadOnlyList<Problem> Problems) Read(ReadOnlyMemory<byte> text)
    {
        if (text.Length > JobFile.LargestBytes) return (null, [new Problem("", FileWords.FormatAVehicleFileHoldsUp(JobFile.LargestBytes / 1024 / 1024))]);
        var (root, problems) = JsonText.Parse(text);
        if (problems.Count > 0) return (null, problems);
        if (FileHeader.Check(root, FormatName, "vehicle", Oldest, CurrentVersion) is { } problem) return (null, [problem]);
        var (file, wrong) = JsonReading.Read<VehicleFile>(Raised(root));
        if (file is null) return (null, wrong);
        problems = [.. BodyValidation.Validate(file.Body).Select(found => found with { Path = $"body.{found.Path}" })];
        return problems.Count > 0 ? (null, problems) : (file, []);
    }

    private static JsonElement Raised(JsonElement root)
    {
        var version = root.GetProperty("version").GetInt32();
        if (version == CurrentVersion) return root;
        var document = JsonObject.Create(root)!;
        document["version"] = CurrentVersion;
        if (document["body"] is JsonObject body)
        {
            if (version < 4) Upcasters.NameCovers(body);
            Upcasters.TieLanes(body);
        }
        return JsonSerializer.SerializeToElement(document, JsonRules.Stored);
    }
}
