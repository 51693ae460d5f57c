using System.Net.Http.Headers;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>No input makes the server fail, and what is refused is refused by its field.</summary>
public class BadInputTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private static readonly int Mutations = Proof.Rounds(300, 2_000);

    private readonly RunningServer server = shared.Running;

    private async Task<JsonObject> RigAsync() => (JsonObject)RunningServer.RigOf((await server.DemoAsync("rescue")).Job);

    private Task<(int Status, JsonElement Body)> AssessAsync(JsonNode rig) => server.AskAsync("/api/assess", rig);

    [Fact]
    public async Task Nothing_in_any_field_of_a_rig_is_taken_or_refused_by_that_field()
    {
        var rig = await RigAsync();
        // Of entries of one list that have the same fields, one stands for all.
        foreach (var path in Paths(rig).DistinctBy(path => System.Text.RegularExpressions.Regex.Replace(path, "\\d+", "")))
        {
            var spoilt = rig.DeepClone();
            Set(spoilt, path, null);
            var (status, answer) = await AssessAsync(spoilt);
            Assert.True(status is 200 or 400, $"{path}: {status}");
            // A field that may be empty can be missed by one beside it: a line needs its plan or its lamps.
            var beside = path[..path.LastIndexOfAny(['.', '['])];
            if (status == 400) Assert.Contains(answer.GetProperty("errors").EnumerateObject(), error => error.Name.StartsWith($"rig{beside}", StringComparison.Ordinal));
        }
    }

    [Theory]
    [InlineData("name", "\"half \\ud800\"")]
    [InlineData("name", "\"bell \\u0007\"")]
    [InlineData("name", "\"two\\nlines\"")]
    [InlineData("name", "\"end \\uffff\"")]
    [InlineData("id", "\"bar\\n\"")]
    [InlineData("id", "\"a/b\"")]
    [InlineData("use", "\"1\"")]
    [InlineData("use", "\"-1\"")]
    [InlineData("use", "\"+1\"")]
    [InlineData("use", "\"rear,work\"")]
    [InlineData("use", "\"Rear\"")]
    [InlineData("use", "2")]
    [InlineData("metresFromFront", "1e999")]
    [InlineData("metresFromFront", "\"2\"")]
    [InlineData("existing", "1")]
    [InlineData("lights", "[null]")]
    [InlineData("lights", "\"bar.main\"")]
    public async Task What_no_field_may_hold_is_refused_by_its_name(string field, string value)
    {
        var rig = await RigAsync();
        rig["lines"]![0]![field] = "MARK";
        var text = $$"""{"rig":{{rig.ToJsonString()}}}""".Replace("\"MARK\"", value, StringComparison.Ordinal);
        var (status, answer) = await server.PostAsync("/api/assess", text);
        Assert.Equal(400, status);
        Assert.StartsWith($"rig.lines[0].{field}", answer.GetProperty("errors").EnumerateObject().First().Name, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("colour", "\"red\\u0000\"", "rig.runs[0].colour")]
    [InlineData("id", "\"a.b\"", "rig.runs[0].id")]
    public async Task A_wire_is_kept_to_the_same(string field, string value, string path)
    {
        var rig = await RigAsync();
        rig["runs"]![0]![field] = "MARK";
        var (status, answer) = await server.PostAsync("/api/assess", $$"""{"rig":{{rig.ToJsonString()}}}""".Replace("\"MARK\"", value, StringComparison.Ordinal));
        Assert.Equal(400, status);
        Assert.Contains(path, answer.GetProperty("errors").EnumerateObject().Select(error => error.Name));
    }

    [Fact]
    public async Task A_note_may_have_lines_and_nothing_else_of_that_kind()
    {
        Assert.Equal(201, (await server.PostAsync("/api/jobs", """{"name":"Noted","note":"One\nTwo\tmore","systemVolts":12,"units":"metric"}""")).Status);
        Assert.Equal(400, (await server.PostAsync("/api/jobs", """{"name":"Noted","note":"Bell\u0007","systemVolts":12,"units":"metric"}""")).Status);
    }

    [Theory]
    [InlineData("application/json; charset=klingon", 415)]
    [InlineData("application/json; charset=utf-16", 415)]
    [InlineData("application/json; charset=\"UTF-8\"", 200)]
    [InlineData("text/plain", 415)]
    [InlineData("", 415)]
    public async Task Content_of_another_kind_is_refused_as_that(string type, int status)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/quick-size") { Content = new ByteArrayContent("""{"systemVolts":12,"lamps":[{"kind":"regulatedLed","count":1,"watts":50}],"oneWayMetres":3,"return":"wire","zone":"engineBay","gauges":"awg"}"""u8.ToArray()) };
        if (type.Length > 0) request.Content.Headers.ContentType = MediaTypeHeaderValue.Parse(type);
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(status, (int)response.StatusCode);
    }

    [Theory]
    [InlineData("DELETE", "/api/jobs", 405)]
    [InlineData("GET", "/api/assess", 405)]
    [InlineData("PUT", "/api/quick-size", 405)]
    [InlineData("GET", "/api/nothing", 404)]
    [InlineData("POST", "/nothing", 404)]
    [InlineData("GET", "/api/jobs/nobody", 404)]
    [InlineData("GET", "/api/jobs?archived=perhaps", 400)]
    public async Task What_is_asked_in_the_wrong_way_is_told_apart(string method, string path, int status)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), path);
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(status, (int)response.StatusCode);
    }

    /// <summary>Whatever a rig holds, it is answered or refused, and what is refused changes nothing.</summary>
    [Fact]
    public async Task Mutated_rigs_are_answered_or_refused_and_what_is_refused_changes_nothing()
    {
        const int seed = 20_261_125;
        TestContext.Current.SendDiagnosticMessage($"seed {seed}");
        var random = new Random(seed);
        var (path, job) = await server.DemoAsync("Orchard");
        var rig = RunningServer.RigOf(job);
        var paths = Paths(rig).ToList();
        var (revision, document) = (job.GetProperty("revision").GetInt32(), job.GetProperty("rig").GetRawText());
        for (var i = 0; i < Mutations; i++)
        {
            var text = Mutated(rig, paths, random);
            var (status, answer) = await server.SendAsync(HttpMethod.Put, $"{path}/rig", $$"""{"onRevision":{{revision}},"idempotencyKey":"mutated-{{i}}","rig":{{text}}}""");
            Assert.True(status is 200 or 400, $"seed {seed}, mutation {i}: {status} on {text}");
            if (status == 200)
            {
                (revision, document) = (answer.GetProperty("revision").GetInt32(), answer.GetProperty("rig").GetRawText());
                continue;
            }
            if (i % 50 != 0) continue;
            var now = await server.GetAsync(path);
            Assert.Equal((revision, document), (now.GetProperty("revision").GetInt32(), now.GetProperty("rig").GetRawText()));
        }
    }

    private static readonly string[] Odd =
        ["null", "true", "0", "-1", "1e308", "-1e308", "1e-308", "0.5", "2147483648", "\"\"", "\" \"", "\"a\"", "\"battery.plus\"", "\"body\"", "\"a\\u0000b\"", "\"\\udc00\"", "[]", "{}", "[null]", "[[]]", "[{}]", "{\"a\":1}", "{\"a\":1,\"a\":2}"];

    private static string Mutated(JsonNode rig, List<string> paths, Random random)
    {
        var spoilt = rig.DeepClone();
        var marks = new List<string>();
        for (var times = random.Next(1, 4); times > 0; times--)
        {
            var path = paths[random.Next(paths.Count)];
            switch (random.Next(4))
            {
                case 0:
                    TrySet(spoilt, path, $"MARK{marks.Count}");
                    marks.Add(Odd[random.Next(Odd.Length)]);
                    break;
                case 1:
                    TrySet(spoilt, path, Get(rig, paths[random.Next(paths.Count)])?.DeepClone());
                    break;
                case 2:
                    TryRemove(spoilt, path);
                    break;
                default:
                    TryDouble(spoilt, path);
                    break;
            }
        }
        var text = spoilt.ToJsonString();
        for (var i = 0; i < marks.Count; i++) text = text.Replace($"\"MARK{i}\"", marks[i], StringComparison.Ordinal);
        // Now and then it is not even JSON.
        return random.Next(50) == 0 ? text[..random.Next(1, text.Length)] + "}" : text;
    }

    /// <summary>Every field and entry of a document, as ".lines[0].name".</summary>
    private static IEnumerable<string> Paths(JsonNode? node, string path = "")
    {
        if (path.Length > 0) yield return path;
        var inside = node switch
        {
            JsonObject fields => fields.SelectMany(field => Paths(field.Value, $"{path}.{field.Key}")),
            JsonArray entries => entries.SelectMany((entry, i) => Paths(entry, $"{path}[{i}]")),
            _ => [],
        };
        foreach (var found in inside) yield return found;
    }

    private static (JsonNode? Parent, object Key) Split(JsonNode root, string path)
    {
        JsonNode? at = root;
        var steps = path.Replace("[", ".[", StringComparison.Ordinal).Split('.', StringSplitOptions.RemoveEmptyEntries);
        foreach (var step in steps.SkipLast(1)) at = Step(at, step);
        return (at, steps[^1][0] == '[' ? int.Parse(steps[^1][1..^1], System.Globalization.CultureInfo.InvariantCulture) : steps[^1]);
    }

    private static JsonNode? Step(JsonNode? at, string step) => step[0] != '[' ? (at as JsonObject)?[step]
        : at is JsonArray entries && int.Parse(step[1..^1], System.Globalization.CultureInfo.InvariantCulture) is var i && i < entries.Count ? entries[i] : null;

    private static JsonNode? Get(JsonNode root, string path)
    {
        var (parent, key) = Split(root, path);
        return key is string name ? (parent as JsonObject)?[name] : (parent as JsonArray)?[(int)key];
    }

    private static void Set(JsonNode root, string path, JsonNode? value)
    {
        var (parent, key) = Split(root, path);
        if (key is string name) parent![name] = value;
        else parent![(int)key] = value;
    }

    private static void TrySet(JsonNode root, string path, JsonNode? value)
    {
        var (parent, key) = Split(root, path);
        if (key is string name && parent is JsonObject fields) fields[name] = value;
        else if (key is int i && parent is JsonArray entries && i < entries.Count) entries[i] = value;
    }

    private static void TryRemove(JsonNode root, string path)
    {
        var (parent, key) = Split(root, path);
        if (key is string name) (parent as JsonObject)?.Remove(name);
        else if (parent is JsonArray entries && (int)key < entries.Count) entries.RemoveAt((int)key);
    }

    private static void TryDouble(JsonNode root, string path)
    {
        var (parent, key) = Split(root, path);
        if (key is int i && parent is JsonArray entries && i < entries.Count) entries.Add(entries[i]?.DeepClone());
    }
}
