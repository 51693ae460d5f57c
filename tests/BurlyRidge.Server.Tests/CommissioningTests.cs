using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Server.Tests;

/// <summary>Readings over HTTP: what a line should read, what is refused, and when a line is passed.</summary>
public class CommissioningTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    private Task<(int Status, JsonElement Body)> WriteAsync(string path, JsonObject what, string? key = null) =>
        server.PostAsync($"{path}/commissioning", new JsonObject { ["what"] = what, ["who"] = "Ana", ["client"] = "tablet", ["revision"] = 1, ["idempotencyKey"] = key ?? Guid.NewGuid().ToString("n") }.ToJsonString());

    private static JsonObject Measured(string line, string key, double value) => new() { ["kind"] = "measured", ["line"] = line, ["key"] = key, ["value"] = value };

    private async Task<JsonElement> LineAsync(string path, string line) =>
        (await server.AskAsync("/api/preview/readings", RunningServer.RigOf(await server.GetAsync(path)), ("job", path.Split('/')[^1]), ("line", line))).Body;

    private async Task<string> StandingAsync(string path, string line) =>
        (await server.AskAsync("/api/preview/commissioning", RunningServer.RigOf(await server.GetAsync(path)), ("job", path.Split('/')[^1]))).Body.GetProperty("lines").EnumerateArray().Single(one => one.GetProperty("id").GetString() == line).GetProperty("standing").GetString()!;

    private static IEnumerable<JsonElement> Readings(JsonElement card) => card.GetProperty("groups").EnumerateArray().SelectMany(group => group.GetProperty("readings").EnumerateArray());

    [Fact]
    public async Task A_line_is_passed_with_all_of_its_readings_and_a_change_of_its_plan_says_so()
    {
        var (path, _) = await server.DemoAsync("Tree-crew chipper truck");
        var view = (await server.AskAsync("/api/preview/commissioning", RunningServer.RigOf(await server.GetAsync(path)), ("job", path.Split('/')[^1]))).Body;
        var line = view.GetProperty("lines").EnumerateArray().MinBy(one => one.GetProperty("all").GetInt32() is var all && all == 0 ? int.MaxValue : all).GetProperty("id").GetString()!;
        Assert.Equal("open", await StandingAsync(path, line));
        Assert.Equal(400, (await WriteAsync(path, new JsonObject { ["kind"] = "passed", ["line"] = line })).Status);
        foreach (var reading in Readings(await LineAsync(path, line)))
        {
            var expected = reading.GetProperty("expected");
            Assert.Equal(201, (await WriteAsync(path, Measured(line, expected.GetProperty("key").GetString()!, Math.Round(expected.GetProperty("value").GetDouble(), 3)))).Status);
        }
        Assert.Equal("begun", await StandingAsync(path, line));
        Assert.Equal("", (await LineAsync(path, line)).GetProperty("left").GetString());
        Assert.Equal(201, (await WriteAsync(path, new JsonObject { ["kind"] = "passed", ["line"] = line })).Status);
        Assert.Equal("passed", await StandingAsync(path, line));
        var record = await server.GetAsync($"{path}/commissioning");
        var last = record.EnumerateArray().Last().GetProperty("what");
        Assert.NotEmpty(last.GetProperty("print").GetString()!);
        Assert.NotEqual(0, last.GetProperty("readings").GetArrayLength());
    }

    [Fact]
    public async Task What_cannot_be_is_refused_by_its_field_and_written_nowhere()
    {
        var (path, _) = await server.DemoAsync("Orchard spray pickup");
        var line = (await server.AskAsync("/api/preview/commissioning", RunningServer.RigOf(await server.GetAsync(path)), ("job", path.Split('/')[^1]))).Body.GetProperty("lines")[1].GetProperty("id").GetString()!;
        var key = Readings(await LineAsync(path, line)).First(reading => reading.GetProperty("expected").GetProperty("unit").GetString() == "V").GetProperty("expected").GetProperty("key").GetString()!;
        var before = (await server.GetAsync($"{path}/commissioning")).GetArrayLength();
        foreach (var (what, field) in new (JsonObject, string)[]
        {
            (Measured(line, key, 50), "what.value"),
            (Measured(line, "no such", 12), "what.key"),
            (Measured("no such", key, 12), "what.line"),
            (new JsonObject { ["kind"] = "batteryMeasured", ["volts"] = 60 }, "what.volts"),
            (new JsonObject { ["kind"] = "turned", ["key"] = "no such", ["asItShould"] = true }, "what.key"),
        })
        {
            var (status, refused) = await WriteAsync(path, what);
            Assert.Equal(400, status);
            Assert.True(refused.GetProperty("errors").TryGetProperty(field, out _), $"{field}: {refused}");
        }
        Assert.Equal(before, (await server.GetAsync($"{path}/commissioning")).GetArrayLength());
    }

    [Fact]
    public async Task Sent_twice_it_is_there_once()
    {
        var (path, _) = await server.DemoAsync("Orchard spray pickup");
        var before = (await server.GetAsync($"{path}/commissioning")).GetArrayLength();
        for (var i = 0; i < 2; i++) Assert.Equal(201, (await WriteAsync(path, new JsonObject { ["kind"] = "batteryMeasured", ["volts"] = 12.5 }, "the-same-key")).Status);
        Assert.Equal(before + 1, (await server.GetAsync($"{path}/commissioning")).GetArrayLength());
    }

    /// <summary>The first demo job is half done: lines passed, one with a way back that loses too much.</summary>
    [Fact]
    public async Task The_first_demo_job_is_half_commissioned()
    {
        var (path, _) = await server.DemoAsync("Snow-road rescue wagon");
        Assert.Equal("passed", await StandingAsync(path, "bar"));
        Assert.Equal("begun", await StandingAsync(path, "scene-left"));
        var wrong = Assert.Single(Readings(await LineAsync(path, "scene-left")), reading => reading.GetProperty("judged") is { ValueKind: JsonValueKind.Object } judged && judged.GetProperty("verdict").GetString() == "notPassed");
        Assert.Contains(wrong.GetProperty("judged").GetProperty("suspects").EnumerateArray(), suspect => suspect.GetProperty("key").GetString()!.StartsWith("wire-pinched:scene-l-minus", StringComparison.Ordinal));
    }

    /// <summary>Every fault of the first demo rig changes a reading, or is listed to be found by looking.</summary>
    [Fact]
    public async Task Every_fault_of_the_first_demo_rig_shows_itself_or_is_listed()
    {
        var (path, _) = await server.DemoAsync("Snow-road rescue wagon");
        var (job, _) = JobFile.Read(await server.Http.GetByteArrayAsync($"{path}/file", TestContext.Current.CancellationToken));
        var study = AssessedRig.Of(job!.Rig, cancellation: TestContext.Current.CancellationToken).Study;
        var silent = SilentFaults.Of(study.Wired, [.. study.Lines.Select(line => line.Trigger.On).OfType<RigState>(), .. study.Whole.Select(whole => whole.Named.State)]);
        GoldenFigures.Hold(string.Concat(silent.Select(key => $"{key}\n")), Path.Combine(Repository.Root, "tests/BurlyRidge.Core.Tests/Golden/demo/rescue-wagon-silent-faults.txt"));
    }

    [Fact]
    public async Task A_trial_stands_for_the_record_and_is_written_nowhere()
    {
        var (path, _) = await server.DemoAsync("Snow-road rescue wagon");
        var rig = RunningServer.RigOf(await server.GetAsync(path));
        var key = Readings(await LineAsync(path, "bar")).First().GetProperty("expected").GetProperty("key").GetString()!;
        var card = (await server.AskAsync("/api/preview/readings", rig, ("job", path.Split('/')[^1]), ("line", "bar"), ("trial", new JsonArray(new JsonObject { ["key"] = key, ["value"] = 1 })))).Body;
        Assert.Single(Readings(card), reading => reading.GetProperty("taken").ValueKind == JsonValueKind.Object);
    }
}
