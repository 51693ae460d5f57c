using System.Text.Json.Nodes;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>
/// Gives what has an id that is no slug, as documents of before version 5 may hold, one that is: the same way each time,
/// never one that is taken, and in every reference to it.
/// </summary>
internal sealed class PlainIds
{
    private readonly JsonObject rig;
    private readonly Dictionary<string, string> parts;
    private readonly Dictionary<string, Dictionary<string, string>> inside = new(StringComparer.Ordinal);

    private PlainIds(JsonObject rig)
    {
        this.rig = rig;
        var named = Rig.Lists.Where(list => list.Path.Length > 0).SelectMany(list => Named(list.Path.Split('.').Aggregate((JsonNode?)rig, (at, field) => at?[field]), list.Fallback))
            .Concat(Named(rig["runs"], "wire")).ToList();
        foreach (var fixture in Objects(rig["fixtures"])) Inside(fixture, Named(fixture["functions"], "light"));
        foreach (var box in Objects(rig["powerBoxes"])) Inside(box, Named(box["outputs"], "output"));
        foreach (var part in Objects(rig["switches"])) Rename([.. Named(part["lamps"], "lamp")], []);
        parts = Rename(named, TerminalIndex.Reserved);
        Rename([.. Named(rig["lines"], "line")], []);
    }

    /// <summary>Puts them into <paramref name="rig"/>.</summary>
    public static void Give(JsonObject rig)
    {
        var ids = new PlainIds(rig);
        ids.References();
        ids.Body();
    }

    private void Inside(JsonObject part, IEnumerable<Entry> entries)
    {
        if (Text(part["id"]) is { } id) inside[id] = Rename([.. entries], []);
    }

    private void References()
    {
        foreach (var run in Objects(rig["runs"]))
        {
            Change(run, "from", Terminal);
            Change(run, "to", Terminal);
        }
        foreach (var line in Objects(rig["lines"]))
        {
            Each(line["lights"], Terminal);
            Each(line["plan"]?["fixtures"], Part);
        }
        foreach (var earth in Objects(rig["earths"])) Change(earth, "on", Part);
        foreach (var place in Objects(rig["places"])) Change(place, "part", Part);
        foreach (var body in Objects(rig["partBodies"])) Change(body, "part", Part);
    }

    private void Body()
    {
        if (rig["body"] is not JsonObject body) return;
        var places = Rename([.. Named(body["stations"], "station"), .. Named(body["mounts"], "mount"), .. Named(body["spaces"], "place")], []);
        var lanes = Rename([.. Named(body["lanes"], "lane")], []);
        string Place(string id) => places.GetValueOrDefault(id, id);
        string Lane(string id) => lanes.GetValueOrDefault(id, id);
        foreach (var lane in Objects(body["lanes"]))
        {
            Change(lane, "from", Place);
            Change(lane, "to", Place);
        }
        foreach (var mount in Objects(body["mounts"]))
        {
            Change(mount, "station", Place);
            Change(mount, "pairOf", Place);
        }
        foreach (var space in Objects(body["spaces"])) Change(space, "station", Place);
        foreach (var place in Objects(rig["places"])) Change(place, "at", Place);
        foreach (var run in Objects(rig["runs"])) Each(run["lay"]?["through"], Lane);
        foreach (var plan in Objects(rig["lines"]).Select(line => line["plan"]?["lay"]).OfType<JsonObject>())
        {
            Change(plan, "to", Place);
            Each(plan["lay"]?["through"], Lane);
        }
    }

    private string Part(string id) => parts.GetValueOrDefault(id, id);

    /// <summary>"part.pin", "part.light", "box.output" or "box.in-output", the part's id as long as one of that name is there.</summary>
    private string Terminal(string terminal)
    {
        const string input = "in-";
        var dot = terminal.Length;
        while (dot > 0 && !parts.ContainsKey(terminal[..dot]) && !inside.ContainsKey(terminal[..dot])) dot = terminal.LastIndexOf('.', dot - 1) is >= 0 and var at ? at : 0;
        if (dot == 0) return terminal;
        var part = terminal[..dot];
        if (dot == terminal.Length) return Part(part);
        var pin = terminal[(dot + 1)..];
        if (inside.TryGetValue(part, out var names))
        {
            if (names.TryGetValue(pin, out var name)) pin = name;
            else if (pin.StartsWith(input, StringComparison.Ordinal) && names.TryGetValue(pin[input.Length..], out name)) pin = input + name;
        }
        return $"{Part(part)}.{pin}";
    }

    private sealed record Entry(JsonObject Fields, string Id, string Fallback);

    private static IEnumerable<Entry> Named(JsonNode? list, string fallback) =>
        Objects(list).Select(entry => (entry, id: Text(entry["id"]))).Where(pair => pair.id is not null).Select(pair => new Entry(pair.entry, pair.id!, fallback));

    /// <summary>Gives the entries their ids; all of them, old to new.</summary>
    private static Dictionary<string, string> Rename(IReadOnlyList<Entry> entries, IEnumerable<string> reserved)
    {
        var ids = entries.Select(entry => entry.Id).Where(Problems.IsName).Distinct(StringComparer.Ordinal).ToDictionary(id => id, id => id, StringComparer.Ordinal);
        var taken = ids.Keys.Concat(reserved).ToHashSet(StringComparer.Ordinal);
        foreach (var (fields, id, fallback) in entries)
        {
            if (!ids.TryGetValue(id, out var plain))
            {
                plain = FreeName.Among(taken, FreeName.Plain(id, FreeName.Longest) is { Length: > 0 } name ? name : fallback, FreeName.Longest);
                taken.Add(plain);
                ids.Add(id, plain);
            }
            fields["id"] = plain;
        }
        return ids;
    }

    private static IEnumerable<JsonObject> Objects(JsonNode? list) => (list as JsonArray)?.OfType<JsonObject>() ?? [];

    /// <summary>The text that a node is; null where it is none.</summary>
    internal static string? Text(JsonNode? node) => node is JsonValue value && value.TryGetValue<string>(out var text) ? text : null;

    private static void Change(JsonObject fields, string name, Func<string, string> to)
    {
        if (Text(fields[name]) is { } text) fields[name] = to(text);
    }

    private static void Each(JsonNode? list, Func<string, string> to)
    {
        if (list is not JsonArray entries) return;
        for (var i = 0; i < entries.Count; i++)
            if (Text(entries[i]) is { } text) entries[i] = to(text);
    }
}
