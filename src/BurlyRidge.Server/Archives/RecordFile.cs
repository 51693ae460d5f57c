using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using BurlyRidge.Core;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Server.Bench;
using BurlyRidge.Server.HandOver;
using BurlyRidge.Server.PowerUp;
using BurlyRidge.Server.RunSheets;
using BurlyRidge.Server.Storage;

namespace BurlyRidge.Server.Archives;

/// <summary>The record of a job as a file: an entry a row; what happened stands in it as it was stored, to the byte.</summary>
internal static class RecordFile
{
    private static readonly Dictionary<string, Func<string, IReadOnlyList<Problem>?>> Logs = new(StringComparer.Ordinal)
    {
        [SheetDesk.Log] = text => JsonReading.Read<SheetEvent>(Encoding.UTF8.GetBytes(text)).Value?.Validate(),
        [CommissioningDesk.Log] = text => JsonReading.Read<CommissioningEvent>(Encoding.UTF8.GetBytes(text)).Value?.Validate(),
        [HandOverDesk.Log] = text => JsonReading.Read<HandOverEvent>(Encoding.UTF8.GetBytes(text)).Value?.Validate(),
        [BenchDesk.Log] = text => JsonReading.Read<BenchEvent>(Encoding.UTF8.GetBytes(text)).Value?.Validate(),
    };

    private const int LongestWords = 80, LongestKey = 64, LongestTime = 40;

    public static byte[] Write(IReadOnlyList<RecordRow> rows)
    {
        var text = new StringBuilder("[");
        for (var i = 0; i < rows.Count; i++)
        {
            var row = rows[i];
            var head = JsonSerializer.Serialize(new { row.Number, row.At, row.Who, row.Client, row.Revision, row.Log, Key = row.IdempotencyKey }, JsonRules.Stored);
            text.Append(i > 0 ? ",\n" : "\n").Append(head, 0, head.Length - 1).Append(",\"what\":").Append(row.Document).Append('}');
        }
        return Encoding.UTF8.GetBytes(text.Append("\n]\n").ToString());
    }

    /// <summary>The rows for a job of that id, or what is wrong with them.</summary>
    /// <param name="head">Number of the newest revision.</param>
    public static (IReadOnlyList<RecordRow>? Rows, Problem? Refused) Read(byte[] file, string job, int head)
    {
        Problem No(int row, string why) => new(ArchiveFiles.Record, ServerWords.FormatRecordRow(row + 1, why));
        JsonDocument document;
        try
        {
            document = JsonDocument.Parse(file, new JsonDocumentOptions { MaxDepth = JsonRules.DeepestNesting });
        }
        catch (JsonException)
        {
            return (null, new Problem(ArchiveFiles.Record, ServerWords.ArchiveCannotBeRead));
        }
        using (document)
        {
            if (document.RootElement.ValueKind != JsonValueKind.Array) return (null, new Problem(ArchiveFiles.Record, ServerWords.ArchiveCannotBeRead));
            var (rows, keys) = (new List<RecordRow>(), new HashSet<string>(StringComparer.Ordinal));
            foreach (var element in document.RootElement.EnumerateArray())
            {
                if (Row(element, job) is not { } row) return (null, No(rows.Count, ServerWords.RowCannotBeRead));
                if (row.Number <= (rows.Count > 0 ? rows[^1].Number : 0)) return (null, No(rows.Count, ServerWords.RowsMustRise));
                if (row.Revision < 1 || row.Revision > head) return (null, No(rows.Count, ServerWords.FormatItSpeaksOfARevision(row.Revision)));
                if (!keys.Add(row.IdempotencyKey)) return (null, No(rows.Count, ServerWords.RowKeyTwice));
                if (!Logs.TryGetValue(row.Log, out var validate) || validate(row.Document) is not { } problems) return (null, No(rows.Count, ServerWords.RowCannotBeRead));
                if (problems.Count > 0) return (null, No(rows.Count, problems[0].Message));
                rows.Add(row);
            }
            return (rows, null);
        }
    }

    private static RecordRow? Row(JsonElement element, string job)
    {
        string? Words(string name, int most) => element.TryGetProperty(name, out var value) && value.ValueKind == JsonValueKind.String && value.GetString() is { } text && text.Length <= most ? text : null;
        int? Number(string name) => element.TryGetProperty(name, out var value) && value.ValueKind == JsonValueKind.Number && value.TryGetInt32(out var number) ? number : null;
        try
        {
            if (element.ValueKind != JsonValueKind.Object || !element.TryGetProperty("what", out var what)) return null;
            if (Words("at", LongestTime) is not { } at || !DateTimeOffset.TryParse(at, CultureInfo.InvariantCulture, out _)) return null;
            return Number("number") is { } number and > 0 && Number("revision") is { } revision && Words("who", LongestWords) is { } who && Words("client", LongestWords) is { } client && Words("log", LongestWords) is { } log && Words("key", LongestKey) is { Length: > 0 } key
                ? new RecordRow { JobId = job, Number = number, At = at, Who = who, Client = client, Revision = revision, Log = log, Document = what.GetRawText(), IdempotencyKey = key }
                : null;
        }
        catch (InvalidOperationException)
        {
            return null; // half a surrogate pair is no text
        }
    }

    /// <summary>The JSON Schema of what happened, log by log, as text.</summary>
    public static string Schema()
    {
        var options = new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true };
        JsonNode Of<T>() => JsonRules.Indented.GetJsonSchemaAsNode(typeof(T), options);
        return new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = ServerWords.RecordOfAJob,
            ["type"] = "array",
            ["items"] = new JsonObject
            {
                ["type"] = "object",
                ["required"] = new JsonArray("number", "at", "who", "client", "revision", "log", "key", "what"),
                ["oneOf"] = new JsonArray(Log(SheetDesk.Log, Of<SheetEvent>()), Log(CommissioningDesk.Log, Of<CommissioningEvent>()), Log(HandOverDesk.Log, Of<HandOverEvent>()), Log(BenchDesk.Log, Of<BenchEvent>())),
            },
        }.ToJsonString(JsonRules.Indented) + "\n";
    }

    private static JsonObject Log(string name, JsonNode what) => new() { ["properties"] = new JsonObject { ["log"] = new JsonObject { ["const"] = name }, ["what"] = what } };
}
