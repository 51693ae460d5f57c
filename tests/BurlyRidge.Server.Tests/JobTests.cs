using BurlyRidge.Core.Rigs;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

public class JobTests
{
    private const string NewJob = """{"name":"Quarry loader","systemVolts":24,"units":"metric","note":"Night shift"}""";

    private const string Line = """
        {"id":"a","name":"Roof bar","plan":{"lamps":[{"kind":"regulatedLed","count":1,"watts":120}],"oneWayMetres":4,"return":"wire",
         "zones":["exterior"],"insulationCelsius":105,"trigger":"switchAlone"}}
        """;

    [Fact]
    public async Task A_job_starts_from_the_plan_of_another_without_what_was_measured_there()
    {
        await using var server = await RunningServer.EmptyAsync();
        var (_, first) = await server.PostAsync("/api/jobs", """{"name":"First","systemVolts":24,"units":"imperial"}""");
        var rig = JsonNode.Parse(first.GetProperty("rig").GetRawText())!;
        rig["vehicle"]!["reverse"]!["wires"] = new JsonArray(new JsonObject { ["end"] = "rear", ["colour"] = "green", ["provenOn"] = "2026-11-20" });
        await server.SendAsync(HttpMethod.Put, $"/api/jobs/{first.GetProperty("id").GetString()}/rig", new JsonObject { ["onRevision"] = 1, ["idempotencyKey"] = "k", ["rig"] = rig }.ToJsonString());
        var (status, second) = await server.PostAsync("/api/jobs", $$"""{"name":"Second","systemVolts":12,"units":"metric","like":"{{first.GetProperty("id").GetString()}}"}""");
        Assert.Equal(201, status);
        var vehicle = second.GetProperty("rig").GetProperty("vehicle");
        Assert.Equal(24, vehicle.GetProperty("systemVolts").GetInt32());
        var wire = vehicle.GetProperty("reverse").GetProperty("wires")[0];
        Assert.Equal(("green", ""), (wire.GetProperty("colour").GetString(), wire.GetProperty("provenOn").GetString()));
        var (missing, problem) = await server.PostAsync("/api/jobs", """{"name":"Third","systemVolts":12,"units":"metric","like":"nobody"}""");
        Assert.Equal((400, "like"), (missing, problem.GetProperty("errors").EnumerateObject().Single().Name));
    }

    [Fact]
    public async Task A_line_sized_without_a_job_keeps_its_figures_in_a_new_one()
    {
        const string Quick = """{"systemVolts":12,"lamps":[{"kind":"regulatedLed","count":2,"watts":60}],"oneWayMetres":4,"return":"body","zone":"engineBay","gauges":"metric","margin":0.5,"dropLimit":0.04}""";
        await using var server = await RunningServer.EmptyAsync();
        var (_, sized) = await server.PostAsync("/api/quick-size", Quick);
        var (status, job) = await server.PostAsync("/api/jobs", $$"""{"name":"Wagon","systemVolts":12,"units":"metric","quick":{{Quick}},"quickName":"Bull bar"}""");
        Assert.Equal(201, status);
        Assert.Equal("Bull bar", job.GetProperty("rig").GetProperty("lines")[0].GetProperty("name").GetString());
        var figures = job.GetProperty("assessment").GetProperty("lines")[0].GetProperty("assessment");
        foreach (var choice in new[] { "wire", "fuse" })
            Assert.Equal(sized.GetProperty(choice).GetRawText(), figures.GetProperty(choice).GetRawText());
        var (bad, problem) = await server.PostAsync("/api/jobs", $$"""{"name":"Wagon","systemVolts":12,"units":"metric","quick":{{Quick}},"quickName":" "}""");
        Assert.Equal((400, "quickName"), (bad, problem.GetProperty("errors").EnumerateObject().Single().Name));
    }

    [Fact]
    public async Task A_new_job_is_there_after_a_restart()
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, job) = await server.PostAsync("/api/jobs", NewJob);
        Assert.Equal(201, status);
        await server.RestartAsync();
        var again = await server.GetAsync($"/api/jobs/{Id(job)}");
        Assert.Equal("Quarry loader", again.GetProperty("name").GetString());
        Assert.Equal(24, again.GetProperty("rig").GetProperty("vehicle").GetProperty("systemVolts").GetInt32());
    }

    [Theory]
    [InlineData("name", """{"name":"  ","systemVolts":12,"units":"metric"}""")]
    [InlineData("systemVolts", """{"name":"Loader","systemVolts":6,"units":"metric"}""")]
    [InlineData("units", """{"name":"Loader","systemVolts":12,"units":"cubits"}""")]
    [InlineData("name", """{"systemVolts":12,"units":"metric"}""")]
    public async Task A_job_that_cannot_be_is_refused_and_not_stored(string path, string json)
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, problem) = await server.PostAsync("/api/jobs", json);
        Assert.Equal(400, status);
        Assert.Equal(path, problem.GetProperty("errors").EnumerateObject().Single().Name);
        Assert.Empty((await server.GetAsync("/api/jobs")).EnumerateArray());
    }

    [Fact]
    public async Task Renamed_and_archived_and_taken_back_out()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        var path = $"/api/jobs/{Id(job)}";
        var renamed = await server.SendAsync(HttpMethod.Patch, path, """{"onVersion":1,"name":"Quarry loader two"}""");
        Assert.Equal((200, "Quarry loader two"), (renamed.Status, renamed.Body.GetProperty("name").GetString()));
        Assert.Equal(409, (await server.SendAsync(HttpMethod.Patch, path, """{"onVersion":1,"name":"Late"}""")).Status);
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Patch, path, """{"onVersion":2,"archived":true}""")).Status);
        Assert.Empty((await server.GetAsync("/api/jobs")).EnumerateArray());
        Assert.Equal("Quarry loader two", (await server.GetAsync("/api/jobs?archived=true"))[0].GetProperty("name").GetString());
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Patch, path, """{"onVersion":3,"archived":false}""")).Status);
        Assert.Single((await server.GetAsync("/api/jobs")).EnumerateArray());
        Assert.Equal("Night shift", (await server.GetAsync(path)).GetProperty("note").GetString());
    }

    [Fact]
    public async Task A_save_names_its_revision_and_a_stale_one_gets_the_newest()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        var first = await SaveAsync(server, job, onRevision: 1, key: "one", metres: 4);
        Assert.Equal((200, 2), (first.Status, Revision(first.Body)));
        var stale = await SaveAsync(server, job, onRevision: 1, key: "two", metres: 9);
        Assert.Equal(409, stale.Status);
        Assert.Equal(2, Revision(stale.Body.GetProperty("newest")));
        Assert.Equal(4, Metres(await server.GetAsync($"/api/jobs/{Id(job)}")));
    }

    [Fact]
    public async Task A_repeated_save_is_the_same_save()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        Assert.Equal(2, Revision((await SaveAsync(server, job, 1, "one", 4)).Body));
        Assert.Equal(2, Revision((await SaveAsync(server, job, 1, "one", 4)).Body));
        Assert.Equal(2, Revision(await server.GetAsync($"/api/jobs/{Id(job)}")));
    }

    [Fact]
    public async Task Of_saves_at_the_same_time_one_is_stored()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        var saves = await Task.WhenAll(Enumerable.Range(0, 8).Select(i => SaveAsync(server, job, 1, $"key {i}", i + 1)));
        Assert.Single(saves, save => save.Status == 200);
        Assert.Equal(7, saves.Count(save => save.Status == 409));
    }

    [Fact]
    public async Task The_same_save_sent_eight_times_at_once_is_stored_once_and_answered_eight_times()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        for (var round = 0; round < 5; round++)
        {
            var saves = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => SaveAsync(server, job, round + 1, $"round {round}", round + 1)));
            Assert.All(saves, save => Assert.Equal((200, round + 2), (save.Status, Revision(save.Body))));
        }
        Assert.Equal(6, (await server.GetAsync($"/api/jobs/{Id(job)}/revisions")).GetArrayLength());
    }

    [Fact]
    public async Task A_rename_beside_a_save_is_no_conflict()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        for (var round = 1; round <= 8; round++)
        {
            var save = SaveAsync(server, job, round, $"save {round}", round);
            var rename = server.SendAsync(HttpMethod.Patch, $"/api/jobs/{Id(job)}", $$"""{"onVersion":{{round}},"name":"Loader {{round}}"}""");
            Assert.Equal((200, 200), ((await save).Status, (await rename).Status));
        }
        var after = await server.GetAsync($"/api/jobs/{Id(job)}");
        Assert.Equal(("Loader 8", 8.0), (after.GetProperty("name").GetString(), Metres(after)));
    }

    [Fact]
    public async Task A_key_used_again_for_another_rig_is_refused()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        await SaveAsync(server, job, 1, "one", 4);
        var (status, problem) = await SaveAsync(server, job, 2, "one", 9);
        Assert.Equal(422, status);
        Assert.Contains("another content", problem.GetProperty("title").GetString(), StringComparison.Ordinal);
        Assert.Equal((2, 4.0), (Revision(await server.GetAsync($"/api/jobs/{Id(job)}")), Metres(await server.GetAsync($"/api/jobs/{Id(job)}"))));
    }

    [Fact]
    public async Task A_rig_of_an_older_shape_is_taken_as_a_file_of_it_would_be()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        var rig = RigOf(job, 4);
        rig["schemaVersion"] = 4;
        var (status, saved) = await server.SendAsync(HttpMethod.Put, $"/api/jobs/{Id(job)}/rig", new JsonObject { ["onRevision"] = 1, ["idempotencyKey"] = "old", ["rig"] = rig }.ToJsonString());
        Assert.Equal((200, Rig.CurrentSchema), (status, saved.GetProperty("rig").GetProperty("schemaVersion").GetInt32()));
    }

    [Fact]
    public async Task Bad_rigs_are_refused_and_nothing_is_half_saved()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        var (status, problem) = await SaveAsync(server, job, 1, "one", metres: -4);
        Assert.Equal(400, status);
        Assert.Equal("rig.lines[0].plan.oneWayMetres", problem.GetProperty("errors").EnumerateObject().Single().Name);
        Assert.Equal(1, Revision(await server.GetAsync($"/api/jobs/{Id(job)}")));
    }

    [Fact]
    public async Task Undo_and_redo_walk_the_edits_and_are_revisions_themselves()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        for (var metres = 1; metres <= 3; metres++) await SaveAsync(server, job, metres, $"edit {metres}", metres);

        var revision = 4;
        async Task<double> StepAsync(string which)
        {
            var (status, body) = await server.PostAsync(
                $"/api/jobs/{Id(job)}/{which}", $$"""{"onRevision":{{revision}},"idempotencyKey":"step {{revision}}"}""");
            Assert.Equal(200, status);
            Assert.Equal(++revision, Revision(body));
            return body.GetProperty("rig").GetProperty("lines").GetArrayLength() == 0 ? 0 : Metres(body);
        }

        Assert.Equal(2, await StepAsync("undo"));
        Assert.Equal(1, await StepAsync("undo"));
        Assert.Equal(2, await StepAsync("redo"));
        Assert.Equal(3, await StepAsync("redo"));
        Assert.Equal(2, await StepAsync("undo"));
        Assert.Equal(1, await StepAsync("undo"));
        Assert.Equal(0, await StepAsync("undo"));
        var nothing = await server.PostAsync($"/api/jobs/{Id(job)}/undo", $$"""{"onRevision":{{revision}},"idempotencyKey":"last"}""");
        Assert.Equal(422, nothing.Status);
    }

    [Fact]
    public async Task A_new_edit_after_an_undo_leaves_nothing_to_redo()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        await SaveAsync(server, job, 1, "one", 1);
        await server.PostAsync($"/api/jobs/{Id(job)}/undo", """{"onRevision":2,"idempotencyKey":"u"}""");
        var edited = await SaveAsync(server, job, 3, "two", 2);
        Assert.False(edited.Body.GetProperty("canRedo").GetBoolean());
        Assert.True(edited.Body.GetProperty("canUndo").GetBoolean());
    }

    [Theory]
    [InlineData("GET", "/api/jobs/nobody", "")]
    [InlineData("PUT", "/api/jobs/nobody/rig", """{"onRevision":1,"idempotencyKey":"k","rig":{"schemaVersion":4,"vehicle":{"systemVolts":12,"batteries":[{"id":"b"}]},"houseRules":{},"lines":[]}}""")]
    [InlineData("PATCH", "/api/jobs/nobody", """{"onVersion":1,"name":"x"}""")]
    [InlineData("POST", "/api/jobs/nobody/undo", """{"onRevision":1,"idempotencyKey":"k"}""")]
    [InlineData("GET", "/api/nothing", "")]
    public async Task What_is_not_there_is_404(string method, string path, string json)
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, problem) = await server.SendAsync(new HttpMethod(method), path, json);
        Assert.Equal(404, status);
        Assert.True(problem.TryGetProperty("title", out _));
    }

    [Fact]
    public async Task A_preview_answers_as_the_save_would_and_stores_nothing()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", NewJob)).Body;
        var preview = await server.PostAsync("/api/assess", new JsonObject { ["rig"] = RigOf(job, 4) }.ToJsonString());
        Assert.Equal(1, Revision(await server.GetAsync($"/api/jobs/{Id(job)}")));
        var saved = await SaveAsync(server, job, 1, "one", 4);
        Assert.Equal(preview.Body.GetRawText(), saved.Body.GetProperty("assessment").GetRawText());
    }

    [Fact]
    public async Task The_demo_jobs_are_there_once_and_not_with_empty()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var jobs = (await server.GetAsync("/api/jobs")).EnumerateArray().ToList();
        Assert.Equal(4, jobs.Count);
        Assert.Contains(jobs, job => job.GetProperty("systemVolts").GetInt32() == 24);
        await server.RestartAsync();
        Assert.Equal(4, (await server.GetAsync("/api/jobs")).GetArrayLength());

        await using var empty = await RunningServer.EmptyAsync();
        Assert.Equal(0, (await empty.GetAsync("/api/jobs")).GetArrayLength());
    }

    private static string Id(JsonElement job) => job.GetProperty("id").GetString()!;

    private static int Revision(JsonElement job) => job.GetProperty("revision").GetInt32();

    private static double Metres(JsonElement job) =>
        job.GetProperty("rig").GetProperty("lines")[0].GetProperty("plan").GetProperty("oneWayMetres").GetDouble();

    private static JsonNode RigOf(JsonElement job, double metres)
    {
        var rig = JsonNode.Parse(job.GetProperty("rig").GetRawText())!;
        var line = JsonNode.Parse(Line)!;
        line["plan"]!["oneWayMetres"] = metres;
        rig["lines"] = new JsonArray(line);
        return rig;
    }

    private static Task<(int Status, JsonElement Body)> SaveAsync(
        RunningServer server, JsonElement job, int onRevision, string key, double metres)
    {
        var save = new JsonObject { ["onRevision"] = onRevision, ["idempotencyKey"] = key, ["rig"] = RigOf(job, metres) };
        return server.SendAsync(HttpMethod.Put, $"/api/jobs/{Id(job)}/rig", save.ToJsonString());
    }
}
