using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>Whole rigs over HTTP: solved, exported, imported, looked back at.</summary>
public class RigTests
{
    private static async Task<JsonElement> DemoAsync(RunningServer server, string name)
    {
        var jobs = await server.GetAsync("/api/jobs");
        var id = jobs.EnumerateArray().Single(job => job.GetProperty("name").GetString()!.Contains(name, StringComparison.Ordinal)).GetProperty("id").GetString();
        return await server.GetAsync($"/api/jobs/{id}");
    }

    private static JsonObject RigOf(JsonElement job) => JsonNode.Parse(job.GetProperty("rig").GetRawText())!.AsObject();

    [Theory]
    [InlineData("rescue", 12)]
    [InlineData("Orchard", 6)]
    [InlineData("chipper", 5)]
    public async Task Every_demo_rig_lights_all_its_lines_with_everything_on(string name, int lines)
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var rig = RigOf(await DemoAsync(server, name));
        var (_, first) = await server.PostAsync("/api/assess", new JsonObject { ["rig"] = rig.DeepClone() }.ToJsonString());
        var everything = first.GetProperty("supply").EnumerateArray().First().GetProperty("state");
        var request = new JsonObject { ["rig"] = rig, ["states"] = new JsonArray(JsonNode.Parse(everything.GetRawText())) };
        var (status, assessment) = await server.PostAsync("/api/assess", request.ToJsonString());
        Assert.Equal(200, status);
        var state = assessment.GetProperty("states")[0];
        Assert.Equal("converged", state.GetProperty("outcome").GetString());
        Assert.All(state.GetProperty("lamps").EnumerateArray(), lamp => Assert.Equal("lit", lamp.GetProperty("light").GetString()));
        Assert.Equal(lines, state.GetProperty("profiles").GetArrayLength());
    }

    [Fact]
    public async Task States_are_solved_in_the_order_asked_and_wrong_ones_refused_by_their_path()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var rig = RigOf(await DemoAsync(server, "rescue"));
        var states = JsonNode.Parse("""[{}, {"key":true,"pressed":["box.o1"]}]""")!;
        var (_, answer) = await server.PostAsync("/api/assess", new JsonObject { ["rig"] = rig.DeepClone(), ["states"] = states }.ToJsonString());
        Assert.Equal([0, 1], answer.GetProperty("states").EnumerateArray()
            .Select(state => state.GetProperty("lamps").EnumerateArray().Count(lamp => lamp.GetProperty("light").GetString() == "lit")));

        // The switch of a quick plan as interfaces before named it.
        states = JsonNode.Parse("""[{"switches":{"ditch/switch":"on"}}]""")!;
        (_, answer) = await server.PostAsync("/api/assess", new JsonObject { ["rig"] = rig.DeepClone(), ["states"] = states }.ToJsonString());
        Assert.Equal(2, answer.GetProperty("states")[0].GetProperty("lamps").EnumerateArray().Count(lamp => lamp.GetProperty("light").GetString() == "lit"));

        var wrong = JsonNode.Parse("""[{"pressed":["box.o99"],"switches":{"bar-switch":"sideways"}}]""")!;
        var (status, problem) = await server.PostAsync("/api/assess", new JsonObject { ["rig"] = rig, ["states"] = wrong }.ToJsonString());
        Assert.Equal(400, status);
        Assert.Equal(["states[0].pressed[0]", "states[0].switches.bar-switch"], problem.GetProperty("errors").EnumerateObject().Select(error => error.Name).Order());
    }

    [Fact]
    public async Task A_job_goes_out_as_a_file_and_comes_back_as_a_job()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var job = await DemoAsync(server, "Orchard");
        var text = await server.Http.GetStringAsync($"/api/jobs/{job.GetProperty("id").GetString()}/file", TestContext.Current.CancellationToken);
        var (status, opened) = await server.PostAsync("/api/job-files", text);
        Assert.Equal(201, status);
        Assert.Equal(job.GetProperty("rig").GetRawText(), opened.GetProperty("rig").GetRawText());
        var again = await server.Http.GetStringAsync($"/api/jobs/{opened.GetProperty("id").GetString()}/file", TestContext.Current.CancellationToken);
        Assert.Equal(text, again);
    }

    [Fact]
    public async Task A_bad_file_is_refused_and_no_job_opened()
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, problem) = await server.PostAsync("/api/job-files", """{"format":"burly-ridge-job","version":99,"name":"x","rig":{}}""");
        Assert.Equal(400, status);
        Assert.Equal("version", problem.GetProperty("errors").EnumerateObject().Single().Name);
        Assert.Empty((await server.GetAsync("/api/jobs")).EnumerateArray());
    }

    [Fact]
    public async Task The_schema_is_served()
    {
        await using var server = await RunningServer.EmptyAsync();
        Assert.Equal("Burly Ridge job file", (await server.GetAsync("/schemas/job-file.json")).GetProperty("title").GetString());
    }

    [Fact]
    public async Task A_netlist_of_a_state_names_every_run()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var rig = RigOf(await DemoAsync(server, "Orchard"));
        using var response = await server.Http.PostAsync("/api/preview/netlist",
            new StringContent(new JsonObject { ["rig"] = rig.DeepClone(), ["state"] = new JsonObject { ["key"] = true } }.ToJsonString(), System.Text.Encoding.UTF8, "application/json"),
            TestContext.Current.CancellationToken);
        var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        Assert.All(rig["runs"]!.AsArray(), run => Assert.Contains($"* {run!["id"]}\n", text, StringComparison.Ordinal));
        Assert.EndsWith(".end\n", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task History_keeps_every_revision_as_it_was()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var job = await DemoAsync(server, "chipper");
        var path = $"/api/jobs/{job.GetProperty("id").GetString()}";
        var rig = RigOf(job);
        rig["lines"]!.AsArray().RemoveAt(0);
        var save = new JsonObject { ["onRevision"] = 1, ["idempotencyKey"] = "k", ["rig"] = rig };
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, $"{path}/rig", save.ToJsonString())).Status);
        Assert.Equal([2, 1], (await server.GetAsync($"{path}/revisions")).EnumerateArray().Select(revision => revision.GetProperty("number").GetInt32()));
        Assert.Equal(5, (await server.GetAsync($"{path}/revisions/1")).GetProperty("lines").GetArrayLength());
        Assert.Equal(4, (await server.GetAsync($"{path}/revisions/2")).GetProperty("lines").GetArrayLength());
    }

    [Fact]
    public async Task A_save_about_one_line_tells_that_one_in_full_and_counts_everything()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var opened = await DemoAsync(server, "rescue");
        var lines = opened.GetProperty("assessment").GetProperty("lines").EnumerateArray().Select(line => line.GetProperty("id").GetString()).ToList();
        var save = new JsonObject { ["onRevision"] = 1, ["idempotencyKey"] = "about", ["rig"] = RigOf(opened), ["about"] = lines[1] };
        var (status, answer) = await server.SendAsync(HttpMethod.Put, $"/api/jobs/{opened.GetProperty("id").GetString()}/rig", save.ToJsonString());
        Assert.Equal(200, status);
        var saved = answer.GetProperty("assessment");
        Assert.Equal(opened.GetProperty("assessment").GetProperty("tally").GetRawText(), saved.GetProperty("tally").GetRawText());
        Assert.Equal([lines[1]], saved.GetProperty("lines").EnumerateArray().Where(line => line.GetProperty("figures").ValueKind != JsonValueKind.Null).Select(line => line.GetProperty("id").GetString()));
    }
}
