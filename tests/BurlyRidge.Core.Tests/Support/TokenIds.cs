using System.Text.Json.Nodes;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>A rig whose ids nobody could take for words, so that one that is read by people is found.</summary>
internal static class TokenIds
{
    public const string Mark = "zq7";

    /// <summary>The same rig, ids of parts, wires, lines and outputs changed.</summary>
    public static Rig Of(Rig rig)
    {
        var ids = Rig.Lists.Where(list => list.Path.Length > 0).SelectMany(list => list.Of(rig)).Select(part => part!.Id)
            .Concat(rig.Runs.Select(run => run.Id)).Concat(rig.Lines.Select(line => line.Id))
            .Concat(rig.PowerBoxes.SelectMany(box => box.Outputs).Select(output => output.Id)).Distinct().Order(StringComparer.Ordinal).ToList();
        var tokens = ids.Select((id, i) => (id, Token: $"{Mark}{i}x")).ToDictionary(pair => pair.id, pair => pair.Token, StringComparer.Ordinal);
        var document = JsonNode.Parse(RigDocument.Write(rig))!;
        Change(document, tokens);
        var (read, problems) = RigDocument.Read(document.ToJsonString());
        Assert.Empty(problems);
        return read!;
    }

    private static void Change(JsonNode node, Dictionary<string, string> tokens)
    {
        if (node is JsonObject some)
        {
            foreach (var (name, value) in some.ToList())
            {
                if (value is JsonValue text && text.TryGetValue<string>(out var said) && name is not ("name" or "place" or "kind" or "colour" or "legend" or "serves" or "plus" or "minus" or "switched" or "feed" or "follows" or "workedBy" or "mode")) some[name] = Changed(said, tokens);
                else if (value is not null) Change(value, tokens);
            }
        }
        if (node is not JsonArray all) return;
        for (var i = 0; i < all.Count; i++)
        {
            if (all[i] is JsonValue text && text.TryGetValue<string>(out var said)) all[i] = Changed(said, tokens);
            else if (all[i] is { } value) Change(value, tokens);
        }
    }

    private static string Changed(string text, Dictionary<string, string> tokens)
    {
        var (part, pin) = TerminalIndex.Split(text);
        if (!tokens.TryGetValue(part, out var token)) return text;
        if (pin.Length == 0) return token;
        return $"{token}.{(pin.StartsWith("in-", StringComparison.Ordinal) && tokens.TryGetValue(pin[3..], out var input) ? $"in-{input}" : tokens.GetValueOrDefault(pin, pin))}";
    }
}
