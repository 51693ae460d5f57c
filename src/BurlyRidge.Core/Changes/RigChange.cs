using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Changes;

/// <summary>How something became otherwise.</summary>
public enum ChangeKind
{
    /// <summary>It has another value.</summary>
    Changed,

    /// <summary>It is new.</summary>
    Added,

    /// <summary>It is gone.</summary>
    Removed,
}

/// <summary>One difference between two rigs, in words.</summary>
/// <param name="Of">The part, line, wire or place that it is of.</param>
/// <param name="What">The field; empty where the whole of it came or went.</param>
/// <param name="Before">What it was; empty where it is new.</param>
/// <param name="After">What it is; empty where it is gone.</param>
public sealed record RigChange(ChangeKind Kind, string Of, string What, string Before, string After)
{
    private const int MostInSentence = 2;

    /// <summary>The same as a sentence.</summary>
    public string Sentence => Kind switch
    {
        ChangeKind.Added => EditWords.FormatAdded(Named),
        ChangeKind.Removed => EditWords.FormatRemoved(Named),
        _ => $"{Named}: {Before} → {After}",
    };

    private string Named => What.Length == 0 ? Of : $"{Of}, {What}";

    /// <summary>All that differs, in the order of the document.</summary>
    public static IReadOnlyList<RigChange> Between(Rig before, Rig after)
    {
        var walk = new Walk(new ValueWords(PartNames.Of(before), PartNames.Of(after), after.HouseRules.Units));
        walk.Objects(Node(before), Node(after), EditWords.TheRig, "");
        return walk.Found;
    }

    /// <summary>All of it in a line: the first ones, and how many more; empty where nothing differs. What came or went is told before what became otherwise.</summary>
    public static string Summary(IReadOnlyList<RigChange> changes)
    {
        var told = changes.OrderBy(change => change.Kind == ChangeKind.Changed ? 1 : 0).ThenBy(change => change.What.Length > 0 ? 1 : 0).Take(MostInSentence).Select(change => change.Sentence).ToList();
        return changes.Count > told.Count ? EditWords.FormatMore(string.Join("; ", told), changes.Count - told.Count) : string.Join("; ", told);
    }

    private static JsonObject Node(Rig rig) => (JsonObject)JsonSerializer.SerializeToNode(rig, JsonRules.Stored)!;

    /// <summary>Two documents side by side.</summary>
    private sealed class Walk(ValueWords words)
    {
        public List<RigChange> Found { get; } = [];

        public void Objects(JsonObject before, JsonObject after, string of, string path)
        {
            foreach (var name in before.Select(pair => pair.Key).Union(after.Select(pair => pair.Key)))
                Values(before[name], after[name], of, path.Length == 0 ? name : $"{path}.{name}");
        }

        private void Values(JsonNode? before, JsonNode? after, string of, string path)
        {
            if (JsonNode.DeepEquals(before, after)) return;
            switch (before, after)
            {
                case (JsonObject one, JsonObject other):
                    Objects(one, other, of, path);
                    return;
                case (JsonArray one, JsonArray other) when Keyed(one) && Keyed(other):
                    Lists(one, other, of, path);
                    return;
                default:
                    Found.Add(new RigChange(ChangeKind.Changed, of, ValueWords.Field(path), words.Value(path, before), words.Value(path, after)));
                    return;
            }
        }

        private void Lists(JsonArray before, JsonArray after, string of, string path)
        {
            var (old, now) = (ByKey(before), ByKey(after));
            foreach (var (key, entry) in old)
                if (now.TryGetValue(key, out var same)) Objects(entry, same, words.Named(path, key, of), Inside(path, key));
                else Found.Add(new RigChange(ChangeKind.Removed, words.Named(path, key, of), Entry(path, entry), "", ""));
            foreach (var (key, entry) in now)
                if (!old.ContainsKey(key)) Found.Add(new RigChange(ChangeKind.Added, words.Named(path, key, of), Entry(path, entry), "", ""));
        }

        /// <summary>Below a part that has a name its fields need no more than their own.</summary>
        private string Inside(string path, string key) => words.HasName(key) ? "" : path;

        /// <summary>What came or went is the part itself, or something that is said of it.</summary>
        private string Entry(string path, JsonObject entry) => entry["id"] is { } id && words.HasName(id.ToString()) ? "" : ValueWords.Field(path);

        private static bool Keyed(JsonArray list) => list.All(entry => entry is JsonObject named && Key(named) is not null);

        private static string? Key(JsonObject entry) => (entry["id"] ?? entry["part"] ?? entry["check"])?.ToString();

        private static Dictionary<string, JsonObject> ByKey(JsonArray list)
        {
            var all = new Dictionary<string, JsonObject>(StringComparer.Ordinal);
            foreach (var entry in list.OfType<JsonObject>()) all[$"{Key(entry)}"] = entry;
            return all;
        }
    }
}
