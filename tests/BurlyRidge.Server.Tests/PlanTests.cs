using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>From wishes to plans, and one of them taken, over HTTP.</summary>
public class PlanTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    private async Task<JsonElement> NewJobAsync(string found, string wishes, int volts = 12)
    {
        var (status, job) = await server.PostAsync("/api/jobs", $$"""{"name":"Wanted","systemVolts":{{volts}},"units":"metric","found":{{found}},"wishes":{{wishes}}}""");
        Assert.Equal(201, status);
        return job;
    }

    private async Task<List<JsonElement>> PlanAsync(JsonNode rig)
    {
        using var content = new StringContent(new JsonObject { ["rig"] = rig.DeepClone() }.ToJsonString(), Encoding.UTF8, "application/json");
        using var response = await server.Http.PostAsync("/api/preview/plans", content, TestContext.Current.CancellationToken);
        Assert.Equal("application/jsonl", response.Content.Headers.ContentType!.MediaType);
        return [.. (await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).TrimEnd('\n').Split('\n').Select(line => JsonDocument.Parse(line).RootElement)];
    }

    [Fact]
    public async Task Progress_comes_first_and_last_the_plans_beside_each_other()
    {
        var rig = RunningServer.RigOf(await NewJobAsync("""{"kind":"dualCab"}""", """{"lights":[{"light":"farAhead"},{"light":"backingUp"},{"light":"verge"}]}"""));
        var parts = await PlanAsync(rig);
        var told = parts.SkipLast(1).Select(part => part.GetProperty("progress").GetDouble()).ToList();
        Assert.Equal(1, told.Max());
        var plans = parts[^1].GetProperty("answer").GetProperty("all");
        Assert.InRange(plans.GetArrayLength(), 2, 3);
        foreach (var plan in plans.EnumerateArray())
        {
            Assert.Equal(0, plan.GetProperty("tally").GetProperty("stop").GetInt32());
            Assert.Equal(3, plan.GetProperty("lines").GetArrayLength());
            Assert.True(plan.GetProperty("price").GetDouble() > 300);
            Assert.True(plan.GetProperty("picture").GetProperty("lamps").GetArrayLength() >= 3);
            Assert.True(plan.GetProperty("scale").GetProperty("enough").GetDouble() > 0);
        }
    }

    [Fact]
    public async Task A_plan_is_taken_whole_and_then_nothing_is_open()
    {
        var rig = RunningServer.RigOf(await NewJobAsync("""{"kind":"van"}""", """{"lights":[{"light":"farAhead"},{"light":"inside"}]}"""));
        var plan = (await PlanAsync(rig))[^1].GetProperty("answer").GetProperty("all")[0];
        var lines = new JsonArray([.. plan.GetProperty("lines").EnumerateArray().Select(line => JsonNode.Parse(line.GetProperty("planned").GetRawText()))]);
        var (status, done) = await server.EditAsync(rig, "takeProposal", ("lines", lines));
        Assert.Equal(200, status);
        Assert.Equal(2, done.GetProperty("rig").GetProperty("lines").GetArrayLength());
        var (_, assessed) = await server.AskAsync("/api/assess", JsonNode.Parse(done.GetProperty("rig").GetRawText())!);
        Assert.True(JsonElement.DeepEquals(plan.GetProperty("tally"), assessed.GetProperty("tally")));
        var again = (await PlanAsync(JsonNode.Parse(done.GetProperty("rig").GetRawText())!))[^1].GetProperty("answer");
        Assert.Equal((0, 2), (again.GetProperty("all").GetArrayLength(), again.GetProperty("standing").GetArrayLength()));
    }

    [Theory]
    [InlineData("mount", "nowhere", "command.lines[0].mount")]
    [InlineData("lamp", "none", "command.lines[0].lamp")]
    [InlineData("start", "none", "command.lines[0].start")]
    [InlineData("kit", "none", "command.lines[0].kit")]
    public async Task What_is_not_there_is_named(string field, string value, string path)
    {
        var rig = RunningServer.RigOf(await NewJobAsync("""{"kind":"dualCab"}""", "{}"));
        var line = JsonNode.Parse("""{"light":"verge","mount":"hinge-mount-left","lamp":"square-pod","count":2,"start":"own-harness"}""")!;
        line[field] = value;
        var (status, problem) = await server.EditAsync(rig, "takeProposal", ("lines", new JsonArray(line)));
        Assert.Equal(400, status);
        Assert.True(problem.GetProperty("errors").TryGetProperty(path, out _));
    }

    [Theory]
    [InlineData("""{"kind":"dualCab","outputs":[0]}""", "{}", "found.outputs[0]")]
    [InlineData("""{"kind":"dualCab","lamps":[{"name":"Bar","mount":"nowhere","watts":20}]}""", "{}", "found.lamps[0].mount")]
    [InlineData("""{"kind":"dualCab"}""", """{"budget":-1}""", "wishes.budget")]
    [InlineData("""{"kind":"dualCab"}""", """{"lights":[{"light":"verge"},{"light":"verge"}]}""", "wishes.lights[1]")]
    public async Task What_cannot_be_is_refused_by_its_field(string found, string wishes, string path)
    {
        var (status, problem) = await server.PostAsync("/api/jobs", $$"""{"name":"Wanted","systemVolts":12,"units":"metric","found":{{found}},"wishes":{{wishes}}}""");
        Assert.Equal(400, status);
        Assert.True(problem.GetProperty("errors").TryGetProperty(path, out _));
    }

    [Fact]
    public async Task The_vehicle_of_an_earlier_job_comes_back_with_what_is_on_it()
    {
        var first = await NewJobAsync("""{"kind":"dualCab"}""", """{"lights":[{"light":"verge"}]}""");
        var rig = RunningServer.RigOf(first);
        var plan = (await PlanAsync(rig))[^1].GetProperty("answer").GetProperty("all")[0];
        var (_, done) = await server.EditAsync(rig, "takeProposal", ("lines", new JsonArray(JsonNode.Parse(plan.GetProperty("lines")[0].GetProperty("planned").GetRawText()))));
        await server.SendAsync(HttpMethod.Put, $"/api/jobs/{first.GetProperty("id").GetString()}/rig", new JsonObject { ["rig"] = JsonNode.Parse(done.GetProperty("rig").GetRawText()), ["onRevision"] = 1, ["idempotencyKey"] = "taken" }.ToJsonString());
        var (status, again) = await server.PostAsync("/api/jobs", $$$"""{"name":"Back again","systemVolts":12,"units":"metric","again":"{{{first.GetProperty("id").GetString()}}}","wishes":{"lights":[{"light":"cornering"}]}}""");
        Assert.Equal(201, status);
        Assert.True(again.GetProperty("rig").GetProperty("lines")[0].GetProperty("existing").GetBoolean());
        var left = (await PlanAsync(RunningServer.RigOf(again)))[^1].GetProperty("answer").GetProperty("all")[0].GetProperty("notMet");
        Assert.Contains("already", left[0].GetProperty("why").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Every_kind_of_body_is_drawn_to_scale()
    {
        var bodies = await server.GetAsync("/api/bodies");
        Assert.Equal(6, bodies.GetArrayLength());
        Assert.Equal(5.35, bodies.EnumerateArray().First(body => body.GetProperty("kind").GetString() == "dualCab").GetProperty("picture").GetProperty("widthMetres").GetDouble());
        Assert.All(bodies.EnumerateArray(), body => Assert.NotEqual(0, body.GetProperty("covers").GetArrayLength()));
    }
}
