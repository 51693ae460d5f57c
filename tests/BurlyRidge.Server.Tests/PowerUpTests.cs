using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>A live rig over HTTP: worked, probed, broken.</summary>
public class PowerUpTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    private async Task<JsonNode> RigAsync() => RunningServer.RigOf((await server.DemoAsync("rescue")).Job);

    private static JsonArray Events(params JsonObject[] events) => [.. events];

    private static JsonObject Turned(double seconds, params string[] pressed) => new()
    {
        ["kind"] = "turns",
        ["seconds"] = seconds,
        ["dash"] = new JsonObject { ["key"] = true, ["engine"] = "idle", ["pressed"] = new JsonArray([.. pressed.Select(slot => JsonValue.Create(slot))]) },
    };

    private Task<(int Status, JsonElement Body)> RunAsync(JsonNode rig, JsonArray events, double since, double until) =>
        server.AskAsync("/api/preview/live", rig, ("events", events), ("since", since), ("until", until));

    private static double LightOf(JsonElement live, string lamp) =>
        live.GetProperty("moment").GetProperty("lamps").EnumerateArray().Single(one => one.GetProperty("lamp").GetString() == lamp).GetProperty("light").GetDouble();

    [Fact]
    public async Task A_slot_pressed_lights_its_lamp_and_is_told()
    {
        var rig = await RigAsync();
        var (status, live) = await RunAsync(rig, Events(Turned(1, "box.o1")), 0, 2);
        Assert.Equal(200, status);
        Assert.InRange(LightOf(live, "scene-l"), 0.9, 1.1);
        Assert.Equal(0, LightOf(live, "scene-r"), 3);
        var note = Assert.Single(live.GetProperty("notes").EnumerateArray());
        Assert.Contains("slot 1 (Scene L) pressed", note.GetProperty("words").GetString(), StringComparison.Ordinal);
        Assert.Contains("scene light, left at 1", note.GetProperty("words").GetString(), StringComparison.Ordinal);
    }

    /// <summary>A run that is asked for bit by bit comes out as one that is asked for at once, and what was told is not told again.</summary>
    [Fact]
    public async Task A_run_that_goes_on_is_gone_on_with()
    {
        var rig = await RigAsync();
        var events = Events(Turned(1, "box.o1"), Turned(4));
        var (_, whole) = await RunAsync(rig, (JsonArray)events.DeepClone(), 0, 6);
        var told = new List<string?>();
        JsonElement last = default;
        for (var i = 0; i < 6; i++)
        {
            (_, last) = await RunAsync(rig, (JsonArray)events.DeepClone(), i, i + 1);
            told.AddRange(last.GetProperty("notes").EnumerateArray().Select(note => note.GetProperty("words").GetString()));
        }
        Assert.Equal(whole.GetProperty("notes").EnumerateArray().Select(note => note.GetProperty("words").GetString()), told);
        Assert.Equal(LightOf(whole, "scene-l"), LightOf(last, "scene-l"), 6);
    }

    [Fact]
    public async Task A_fault_shows_itself_and_a_probe_finds_it()
    {
        var rig = await RigAsync();
        var events = Events(Turned(1, "box.o1"), new JsonObject { ["kind"] = "breaks", ["seconds"] = 2, ["faults"] = new JsonArray("lamp-dead:scene-l.main") });
        var (_, live) = await RunAsync(rig, (JsonArray)events.DeepClone(), 0, 3);
        Assert.Equal(0, LightOf(live, "scene-l"), 3);
        var (status, reading) = await server.AskAsync("/api/preview/probe", rig, ("events", events), ("at", 3), ("probing", new JsonObject { ["setting"] = "volts", ["red"] = "scene-l.plus", ["black"] = "scene-l.minus" }));
        Assert.Equal(200, status);
        Assert.InRange(reading.GetProperty("value").GetDouble(), 12, 14.5);
    }

    [Fact]
    public async Task What_cannot_be_taken_is_told_by_field()
    {
        var rig = await RigAsync();
        async Task<string> FieldAsync(JsonArray events, double since, double until)
        {
            var (status, body) = await RunAsync(rig, events, since, until);
            Assert.Equal(400, status);
            return body.GetProperty("errors").EnumerateObject().First().Name;
        }
        Assert.Equal("since", await FieldAsync([], 5, 2));
        Assert.Equal("until", await FieldAsync([], 0, 1e9));
        Assert.Equal("events[0].dash.pressed[0]", await FieldAsync(Events(Turned(1, "box.o99")), 0, 2));
        Assert.Equal("events[1].seconds", await FieldAsync(Events(Turned(3), Turned(1)), 0, 4));
        var (status, body) = await server.AskAsync("/api/preview/probe", rig, ("events", new JsonArray()), ("at", 1), ("probing", new JsonObject { ["setting"] = "volts", ["red"] = "nothing.in" }));
        Assert.Equal((400, "probing.red"), (status, body.GetProperty("errors").EnumerateObject().First().Name));
    }

    [Fact]
    public async Task The_dashboard_has_all_that_can_be_worked()
    {
        var (status, board) = await server.AskAsync("/api/preview/dashboard", await RigAsync());
        Assert.Equal(200, status);
        Assert.Equal(8, board.GetProperty("slots").GetArrayLength());
        Assert.Equal("Scene L", board.GetProperty("slots")[0].GetProperty("legend").GetString());
        Assert.True(board.GetProperty("faults").GetArrayLength() > 300);
        Assert.Contains("highBeam", board.GetProperty("signals").EnumerateArray().Select(signal => signal.GetProperty("signal").GetString()));
    }
}
