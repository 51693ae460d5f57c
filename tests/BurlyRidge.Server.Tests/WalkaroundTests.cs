using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>The walkaround over HTTP: drawn, led, fitted; bodies as files.</summary>
public class WalkaroundTests
{
    private static JsonObject Ask(JsonElement job, params (string Name, string Value)[] more)
    {
        var asked = new JsonObject { ["rig"] = JsonNode.Parse(job.GetProperty("rig").GetRawText()) };
        foreach (var (name, value) in more) asked[name] = value;
        return asked;
    }

    [Fact]
    public async Task The_wagon_is_drawn_with_what_lies_where_and_its_lengths_are_those_that_are_assessed()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (_, job) = await server.DemoAsync("rescue");
        var (status, walk) = await server.PostAsync("/api/preview/walkaround", Ask(job).ToJsonString());
        Assert.Equal(200, status);
        Assert.Equal(["left", "above", "front", "rear"], walk.GetProperty("picture").GetProperty("views").EnumerateArray().Select(view => view.GetProperty("side").GetString()));
        var ways = walk.GetProperty("routes").EnumerateArray().Where(way => !way.GetProperty("isLine").GetBoolean()).ToDictionary(way => way.GetProperty("id").GetString()!, way => way.GetProperty("metres").GetDouble());
        Assert.All(job.GetProperty("assessment").GetProperty("runs").EnumerateArray().Where(run => ways.ContainsKey(run.GetProperty("id").GetString()!)),
            run => Assert.Equal(ways[run.GetProperty("id").GetString()!], run.GetProperty("lengthMetres").GetDouble(), 1e-9));
        Assert.True(ways.Count > 20);
        Assert.Equal(["holds", "watch"], walk.GetProperty("mounts").EnumerateArray().Select(card => card.GetProperty("verdict").GetString()).Distinct().Order());

        var (_, choices) = await server.PostAsync("/api/preview/routes", Ask(job, ("id", "bar")).ToJsonString());
        Assert.True(choices.GetArrayLength() > 1);
        Assert.True(choices[0].GetProperty("chosen").GetBoolean());
        Assert.Equal(400, (await server.PostAsync("/api/preview/routes", Ask(job, ("id", "nobody")).ToJsonString())).Status);
    }

    [Fact]
    public async Task A_lamp_of_the_catalogue_that_goes_is_placed_with_a_line_and_one_that_does_not_says_why()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (_, job) = await server.DemoAsync("rescue");
        var (_, candidates) = await server.PostAsync("/api/preview/candidates", Ask(job, ("mount", "grille-slot"), ("by", "price")).ToJsonString());
        var first = candidates[0].GetProperty("lamp").GetProperty("fixture").GetProperty("id").GetString()!;
        Assert.All(candidates.EnumerateArray().Where(candidate => candidate.GetProperty("card").GetProperty("verdict").GetString() == "stop"),
            candidate => Assert.NotEqual("", candidate.GetProperty("why").GetString()));
        var (status, placed) = await server.EditAsync(RunningServer.RigOf(job), "placeLamp", ("mount", "grille-slot"), ("lamp", first));
        Assert.Equal(200, status);
        var (_, walk) = await server.PostAsync("/api/preview/walkaround", new JsonObject { ["rig"] = JsonNode.Parse(placed.GetProperty("rig").GetRawText()) }.ToJsonString());
        Assert.Contains(walk.GetProperty("mounts").EnumerateArray(), card => card.GetProperty("at").GetString() == "grille-slot");
        Assert.Equal(400, (await server.EditAsync(RunningServer.RigOf(job), "placeLamp", ("mount", "grille-slot"), ("lamp", "nothing"))).Status);
        Assert.Equal(400, (await server.PostAsync("/api/preview/candidates", Ask(job, ("mount", "moon")).ToJsonString())).Status);
    }

    [Fact]
    public async Task Leading_it_anew_is_shown_first_then_applied_as_one_revision()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("rescue");
        var rig = JsonNode.Parse(job.GetProperty("rig").GetRawText())!;
        rig["lines"]![0]!["plan"]!["lay"]!["lay"]!["through"] = new JsonArray("bay-right--bay-left");
        var saved = await server.SendAsync(HttpMethod.Put, $"{path}/rig", new JsonObject { ["onRevision"] = job.GetProperty("revision").GetInt32(), ["idempotencyKey"] = "pin", ["rig"] = rig }.ToJsonString());
        var revision = saved.Body.GetProperty("revision").GetInt32();
        var (status, asked) = await server.PostAsync($"{path}/reroute", new JsonObject { ["onRevision"] = revision }.ToJsonString());
        Assert.Equal(200, status);
        var change = Assert.Single(asked.GetProperty("changes").EnumerateArray(), change => change.GetProperty("id").GetString() == "bar");
        Assert.True(change.GetProperty("afterMetres").GetDouble() < change.GetProperty("beforeMetres").GetDouble());
        var (_, applied) = await server.PostAsync($"{path}/reroute", new JsonObject { ["onRevision"] = revision, ["apply"] = true, ["idempotencyKey"] = "lead" }.ToJsonString());
        Assert.Equal(revision + 1, applied.GetProperty("job").GetProperty("revision").GetInt32());
    }

    [Fact]
    public async Task A_vehicle_goes_through_a_file_and_a_bad_one_is_refused_with_the_path()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("rescue");
        var file = await server.GetAsync($"{path}/vehicle-file");
        var (status, body) = await server.PostAsync("/api/preview/vehicle-file", file.GetRawText());
        Assert.Equal(200, status);
        Assert.True(JsonNode.DeepEquals(JsonNode.Parse(job.GetProperty("rig").GetProperty("body").GetRawText()), JsonNode.Parse(body.GetRawText())));

        foreach (var (spoil, at) in new (Action<JsonNode>, string)[]
        {
            (vehicle => vehicle["format"] = "other", "format"),
            (vehicle => vehicle["body"]!["lanes"]![3]!["to"] = "nowhere", "body.lanes[3].to"),
            (vehicle => vehicle["body"]!["mounts"]![0]!["widthMillimetres"] = -5, "body.mounts[0].widthMillimetres"),
            (vehicle => vehicle["body"]!["stations"]![0]!["at"]!["up"] = "high", "body.stations[0].at.up"),
        })
        {
            var bad = JsonNode.Parse(file.GetRawText())!;
            spoil(bad);
            var (refused, problem) = await server.PostAsync("/api/preview/vehicle-file", bad.ToJsonString());
            Assert.Equal(400, refused);
            Assert.True(problem.GetProperty("errors").TryGetProperty(at, out _), $"{at}: {problem.GetRawText()}");
        }
    }
}
