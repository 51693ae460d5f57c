using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>What follows from an edit, part by part: the same as each asked for by itself.</summary>
public class EditPreviewTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private const string Wire = "box-o7-to-winch-lamp-plus";

    private readonly RunningServer server = shared.Running;

    private async Task<JsonNode> RigAsync() => RunningServer.RigOf((await server.DemoAsync("rescue")).Job);

    /// <summary>The parts that are there, in the order in which they came, by their names.</summary>
    private async Task<IReadOnlyList<JsonProperty>> PartsAsync(JsonNode rig, params (string Name, JsonNode? Value)[] more)
    {
        var asked = new JsonObject { ["rig"] = rig.DeepClone() };
        foreach (var (name, value) in more) asked[name] = value;
        using var content = new StringContent(asked.ToJsonString(), Encoding.UTF8, "application/json");
        using var response = await server.Http.PostAsync("/api/preview/edit", content, TestContext.Current.CancellationToken);
        Assert.Equal("application/jsonl", response.Content.Headers.ContentType!.MediaType);
        var lines = (await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).TrimEnd('\n').Split('\n');
        return [.. lines.Select(line => JsonDocument.Parse(line).RootElement.EnumerateObject().Single(part => part.Value.ValueKind != JsonValueKind.Null))];
    }

    [Fact]
    public async Task The_line_comes_first_then_the_assessment_then_the_wire()
    {
        var (rig, state) = (await RigAsync(), JsonNode.Parse("""{"key":true,"pressed":["box.o7"]}"""));
        var parts = await PartsAsync(rig, ("lineId", "winch"), ("state", state!.DeepClone()), ("run", Wire));
        Assert.Equal(["line", "assessment", "run"], parts.Select(part => part.Name));

        var (_, line) = await server.AskAsync("/api/preview/line", rig, ("lineId", "winch"), ("state", state));
        Assert.True(JsonElement.DeepEquals(line, parts[0].Value));
        var (_, run) = await server.AskAsync("/api/preview/run", rig, ("run", Wire));
        Assert.True(JsonElement.DeepEquals(run, parts[2].Value));
    }

    [Fact]
    public async Task The_assessment_tells_the_line_in_full_and_of_the_others_no_more_than_their_row_and_what_is_against_them()
    {
        var rig = await RigAsync();
        var (_, whole) = await server.AskAsync("/api/assess", rig);
        var about = (await PartsAsync(rig, ("lineId", "winch")))[1].Value;
        Assert.True(JsonElement.DeepEquals(whole.GetProperty("tally"), about.GetProperty("tally")));
        Assert.Equal(0, about.GetProperty("runs").GetArrayLength());
        foreach (var (full, told) in whole.GetProperty("lines").EnumerateArray().Zip(about.GetProperty("lines").EnumerateArray()))
        {
            if (full.GetProperty("id").GetString() == "winch")
            {
                Assert.True(JsonElement.DeepEquals(full, told));
                continue;
            }
            Assert.True(JsonElement.DeepEquals(full.GetProperty("summary"), told.GetProperty("summary")));
            Assert.Equal(full.GetProperty("checks").EnumerateArray().Count(check => check.GetProperty("verdict").GetString() != "holds"), told.GetProperty("checks").GetArrayLength());
        }
    }

    [Fact]
    public async Task Without_a_line_the_assessment_is_whole()
    {
        var rig = await RigAsync();
        var part = Assert.Single(await PartsAsync(rig));
        Assert.True(JsonElement.DeepEquals((await server.AskAsync("/api/assess", rig)).Body, part.Value));
    }

    [Fact]
    public async Task What_is_not_there_has_no_part()
    {
        var parts = await PartsAsync(await RigAsync(), ("lineId", "nobody"), ("run", "nothing"));
        Assert.Equal(["assessment"], parts.Select(part => part.Name));
    }

    [Fact]
    public async Task A_bad_field_is_refused_before_anything_is_sent()
    {
        var rig = await RigAsync();
        rig["lines"]![0]!["name"] = "";
        var (status, problem) = await server.AskAsync("/api/preview/edit", rig, ("lineId", "winch"));
        Assert.Equal(400, status);
        Assert.True(problem.GetProperty("errors").TryGetProperty("rig.lines[0].name", out _));
        (status, problem) = await server.AskAsync("/api/preview/edit", await RigAsync(), ("lineId", "winch"), ("state", JsonNode.Parse("""{"pressed":["box.o99"]}""")));
        Assert.Equal(400, status);
        Assert.True(problem.GetProperty("errors").TryGetProperty("state.pressed[0]", out _));
    }
}
