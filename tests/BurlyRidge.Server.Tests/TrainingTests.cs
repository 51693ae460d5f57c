using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>Exercises over HTTP: those that come with it, one made, handed on as a file and done.</summary>
public class TrainingTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    private async Task<JsonElement> TrainAsync(JsonElement exercise, JsonArray acts)
    {
        var (status, view) = await server.PostAsync("/api/training", new JsonObject { ["exercise"] = JsonNode.Parse(exercise.GetRawText()), ["acts"] = acts.DeepClone() }.ToJsonString());
        Assert.True(status == 200, view.GetRawText());
        return view;
    }

    [Fact]
    public async Task Six_exercises_come_with_it_each_with_a_complaint_of_its_own()
    {
        var all = (await server.GetAsync("/api/exercises")).EnumerateArray().ToList();
        Assert.Equal(6, all.Count);
        var said = new List<string>();
        foreach (var exercise in all)
        {
            var view = await TrainAsync(exercise, []);
            said.Add(view.GetProperty("complaint").GetString()!);
            Assert.NotEqual("Something is not right", said[^1][..Math.Min(22, said[^1].Length)]);
            Assert.False(view.GetProperty("found").GetBoolean());
            Assert.Equal("", view.GetProperty("answer").GetString());
        }
        Assert.Contains(said, words => words.StartsWith("Nothing works", StringComparison.Ordinal));
        Assert.True(said.Distinct().Count() >= 4, string.Join(" | ", said));
    }

    [Fact]
    public async Task One_is_made_written_to_a_file_opened_and_done()
    {
        var (path, _) = await server.DemoAsync("Warden's short wagon");
        var rig = RunningServer.RigOf(await server.GetAsync(path));
        var line = rig["lines"]![0]!["id"]!.GetValue<string>();
        using var asked = new StringContent(new JsonObject { ["rig"] = rig.DeepClone(), ["title"] = "For Ben", ["line"] = line, ["seed"] = 4, ["fault"] = "" }.ToJsonString(), Encoding.UTF8, "application/json");
        using var made = await server.Http.PostAsync("/api/preview/exercise", asked, TestContext.Current.CancellationToken);
        var file = await made.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        Assert.Equal(200, (int)made.StatusCode);
        var (status, exercise) = await server.PostAsync("/api/exercises/file", file);
        Assert.Equal((200, "For Ben"), (status, exercise.GetProperty("title").GetString()));
        var view = await TrainAsync(exercise, []);
        // Everything that could be wrong, one after the other: the dear way.
        JsonArray acts = [new JsonObject { ["kind"] = "turns", ["dash"] = new JsonObject { ["key"] = true } }];
        foreach (var suspect in view.GetProperty("suspects").EnumerateArray()) acts.Add(new JsonObject { ["kind"] = "inspects", ["fault"] = suspect.GetProperty("fault").GetString() });
        view = await TrainAsync(exercise, acts);
        Assert.True(view.GetProperty("found").GetBoolean());
        Assert.NotEmpty(view.GetProperty("answer").GetString()!);
        Assert.Equal(view.GetProperty("steps").GetArrayLength(), view.GetProperty("compared").GetArrayLength());
        Assert.True(view.GetProperty("bestMinutes").GetDouble() > 0);
    }

    [Fact]
    public async Task What_is_no_exercise_is_refused_by_its_field()
    {
        var exercise = (await server.GetAsync("/api/exercises")).EnumerateArray().First();
        var (status, body) = await server.PostAsync("/api/exercises/file", """{"format":"burly-ridge-job","version":11}""");
        Assert.Equal(400, status);
        Assert.True(body.GetProperty("errors").TryGetProperty("format", out _));
        var spoilt = JsonNode.Parse(exercise.GetRawText())!;
        spoilt["hidden"] = "§";
        (status, body) = await server.PostAsync("/api/training", new JsonObject { ["exercise"] = spoilt, ["acts"] = new JsonArray() }.ToJsonString());
        Assert.Equal(400, status);
        Assert.True(body.GetProperty("errors").TryGetProperty("exercise.hidden", out _));
        JsonArray nowhere = [new JsonObject { ["kind"] = "turns", ["dash"] = new JsonObject { ["pressed"] = new JsonArray("nobody") } }];
        (status, body) = await server.PostAsync("/api/training", new JsonObject { ["exercise"] = JsonNode.Parse(exercise.GetRawText()), ["acts"] = nowhere }.ToJsonString());
        Assert.Equal(400, status);
        Assert.Contains(body.GetProperty("errors").EnumerateObject(), error => error.Name.StartsWith("acts[0].dash", StringComparison.Ordinal));
        var (path, _) = await server.DemoAsync("Warden's short wagon");
        var rig = RunningServer.RigOf(await server.GetAsync(path));
        Assert.Equal(400, (await server.AskAsync("/api/preview/exercise", rig, ("title", "x"), ("line", rig["lines"]![0]!["id"]!.DeepClone()), ("seed", 1), ("fault", "fuse-out:nobody"))).Status);
    }
}
