using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>Judgement over HTTP: what the assessment says, remedies, and proposals asked and applied.</summary>
public class ProposalTests
{
    private static int Revision(JsonElement job) => job.GetProperty("revision").GetInt32();

    private static IEnumerable<JsonElement> ChecksOf(JsonElement assessment) => assessment.GetProperty("checks").EnumerateArray()
        .Concat(assessment.GetProperty("lines").EnumerateArray().SelectMany(line => line.GetProperty("checks").EnumerateArray()));

    [Fact]
    public async Task An_assessment_holds_lines_runs_devices_supply_and_checks()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (_, job) = await server.DemoAsync("rescue");
        var assessment = job.GetProperty("assessment");
        Assert.Equal(["everything", "everything-idle", "night", "reversing", "camp", "left", "parked"],
            assessment.GetProperty("supply").EnumerateArray().Select(state => state.GetProperty("figures").GetProperty("id").GetString()));
        Assert.All(assessment.GetProperty("lines").EnumerateArray(), line => Assert.NotEmpty(line.GetProperty("figures").GetProperty("lamps").EnumerateArray()));
        var feed = assessment.GetProperty("runs").EnumerateArray().Single(run => run.GetProperty("id").GetString() == "main-fuse-out-to-box-plus");
        Assert.Equal("main-fuse", Assert.Single(feed.GetProperty("fuses").EnumerateArray()).GetString());
        Assert.True(feed.GetProperty("nearAmps").GetDouble() > feed.GetProperty("farAmps").GetDouble());
        Assert.True(feed.GetProperty("clearsInSeconds").GetDouble() < feed.GetProperty("withstandsSeconds").GetDouble());
        Assert.Contains(assessment.GetProperty("devices").EnumerateArray(), device => device.GetProperty("id").GetString() == "box.o6-fuse");
        var tally = assessment.GetProperty("tally");
        Assert.Equal(ChecksOf(assessment).Count(), tally.GetProperty("stop").GetInt32() + tally.GetProperty("watch").GetInt32() + tally.GetProperty("holds").GetInt32());
        Assert.True(ChecksOf(assessment).Select(check => check.GetProperty("id").GetString()).Distinct().Count() >= 40);
    }

    [Fact]
    public async Task A_remedy_gives_the_rig_cured_and_stores_nothing()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("Orchard");
        foreach (var check in ChecksOf(job.GetProperty("assessment")).Where(check => check.GetProperty("remedy").ValueKind == JsonValueKind.Object))
        {
            (string, JsonNode?)[] named() => [("checkId", check.GetProperty("id").GetString()), ("about", check.GetProperty("about").GetString()), ("lineId", check.GetProperty("lineId").GetString())];
            var (status, answer) = await server.EditAsync(RunningServer.RigOf(job), "cureCheck", named());
            Assert.True(status == 200, $"{check}: {answer}");
            Assert.NotEmpty(answer.GetProperty("notes").EnumerateArray());
            var (gone, problem) = await server.EditAsync(JsonNode.Parse(answer.GetProperty("rig").GetRawText())!, "cureCheck", named());
            Assert.True(gone == 422, $"{check}: {problem.GetRawText()}");
            Assert.Equal("Already put right.", problem.GetProperty("title").GetString());
        }
        Assert.Equal(Revision(job), Revision(await server.GetAsync(path)));
    }

    [Fact]
    public async Task Sizes_are_proposed_without_storing_and_applied_as_one_revision()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("chipper");
        var (status, asked) = await server.PostAsync($"{path}/auto-size", """{"onRevision":1}""");
        Assert.Equal(200, status);
        Assert.NotEmpty(asked.GetProperty("changes").EnumerateArray());
        Assert.Equal(JsonValueKind.Null, asked.GetProperty("job").ValueKind);
        Assert.Equal(1, Revision(await server.GetAsync(path)));

        const string apply = """{"onRevision":1,"apply":true,"idempotencyKey":"size-1"}""";
        var (_, applied) = await server.PostAsync($"{path}/auto-size", apply);
        Assert.Equal(2, Revision(applied.GetProperty("job")));
        var (_, repeated) = await server.PostAsync($"{path}/auto-size", apply);
        Assert.Equal(2, Revision(repeated.GetProperty("job")));
        Assert.Equal(2, Revision(await server.GetAsync(path)));
        Assert.Empty((await server.PostAsync($"{path}/auto-size", """{"onRevision":2}""")).Body.GetProperty("changes").EnumerateArray());

        var (undone, before) = await server.PostAsync($"{path}/undo", """{"onRevision":2,"idempotencyKey":"u"}""");
        Assert.Equal(200, undone);
        Assert.Equal(job.GetProperty("rig").GetRawText(), before.GetProperty("rig").GetRawText());
    }

    [Fact]
    public async Task A_stale_or_wrong_request_changes_nothing()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        Assert.Equal(409, (await server.PostAsync($"{path}/auto-size", """{"onRevision":9}""")).Status);
        Assert.Equal(409, (await server.PostAsync($"{path}/assign-slots", """{"onRevision":9,"apply":true,"idempotencyKey":"k"}""")).Status);
        Assert.Equal(404, (await server.PostAsync("/api/jobs/none/auto-size", """{"onRevision":1}""")).Status);
        foreach (var (field, json) in new[]
        {
            ("idempotencyKey", """{"onRevision":1,"apply":true}"""), ("mostGauges", """{"onRevision":1,"mostGauges":0}"""), ("lineId", """{"onRevision":1,"lineId":"nobody"}"""),
        })
        {
            var (status, problem) = await server.PostAsync($"{path}/auto-size", json);
            Assert.Equal((400, field), (status, problem.GetProperty("errors").EnumerateObject().Single().Name));
        }
        Assert.Equal(1, Revision(await server.GetAsync(path)));
    }

    [Fact]
    public async Task Outputs_are_proposed_and_applied_with_their_legends()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("rescue");
        var rig = RunningServer.RigOf(job);
        foreach (var run in rig["runs"]!.AsArray())
        {
            var from = (string)run!["from"]!;
            run["from"] = from switch { "box.o6" => "box.o5", "box.o5" => "box.o6", _ => from };
        }
        await server.SendAsync(HttpMethod.Put, $"{path}/rig", new JsonObject { ["onRevision"] = 1, ["idempotencyKey"] = "muddle", ["rig"] = rig }.ToJsonString());
        var (_, asked) = await server.PostAsync($"{path}/assign-slots", """{"onRevision":2}""");
        Assert.Contains(asked.GetProperty("moves").EnumerateArray(), move => move.GetProperty("what").GetString() == "Plough lamps" && move.GetProperty("to").GetString() == "Box, slot 3");
        var (_, applied) = await server.PostAsync($"{path}/assign-slots", """{"onRevision":2,"apply":true,"idempotencyKey":"assign"}""");
        Assert.Equal(3, Revision(applied.GetProperty("job")));
        Assert.True(applied.GetProperty("tally").GetProperty("stop").GetInt32() < applied.GetProperty("before").GetProperty("stop").GetInt32());
    }

    [Fact]
    public async Task One_run_is_judged_on_every_gauge()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (_, job) = await server.DemoAsync("rescue");
        var (status, judged) = await server.PostAsync("/api/preview/run", new JsonObject { ["rig"] = RunningServer.RigOf(job), ["run"] = "box-o3-to-plug-work-a" }.ToJsonString());
        Assert.Equal((200, 10), (status, judged.GetProperty("ladder").GetArrayLength()));
        var (refused, problem) = await server.PostAsync("/api/preview/run", new JsonObject { ["rig"] = RunningServer.RigOf(job), ["run"] = "nothing" }.ToJsonString());
        Assert.Equal((400, "run"), (refused, problem.GetProperty("errors").EnumerateObject().Single().Name));
    }
}
