using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>Panels over HTTP: what hangs on them, moved, and what the key does.</summary>
public class PanelTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    private static JsonElement Slot(JsonElement panel, string output) => panel.GetProperty("banks").EnumerateArray()
        .SelectMany(bank => bank.GetProperty("slots").EnumerateArray()).Single(slot => slot.GetProperty("output").GetString() == output);

    private static string Line(JsonElement slot) => string.Join(' ', slot.GetProperty("lines").EnumerateArray().Select(line => line.GetProperty("id").GetString()));

    [Fact]
    public async Task What_stays_on_with_the_key_off_is_what_the_network_says()
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("rescue")).Job);
        var (status, panel) = await server.AskAsync("/api/preview/panel", rig);
        Assert.Equal(200, status);
        Assert.True(Slot(panel, "box.o1").GetProperty("staysOn").GetBoolean());
        Assert.StartsWith("Stays on", Slot(panel, "box.o1").GetProperty("keyOff").GetString(), StringComparison.Ordinal);
        Assert.False(Slot(panel, "box.o3").GetProperty("staysOn").GetBoolean());
        Assert.StartsWith("Drops with the key", Slot(panel, "box.o3").GetProperty("keyOff").GetString(), StringComparison.Ordinal);
        Assert.False(Slot(panel, "box.o8").GetProperty("wired").GetBoolean());

        // Without the sense lead what follows the ignition never comes on.
        var runs = rig["runs"]!.AsArray();
        runs.Remove(runs.Single(run => run!["to"]!.GetValue<string>() == "box.sense"));
        var (_, unsensed) = await server.AskAsync("/api/preview/panel", rig);
        Assert.StartsWith("Never comes on", Slot(unsensed, "box.o3").GetProperty("keyOff").GetString(), StringComparison.Ordinal);
        Assert.False(unsensed.GetProperty("banks")[0].GetProperty("sensed").GetBoolean());
    }

    [Fact]
    public async Task Lines_change_places_with_their_legends_and_the_ratings_stay()
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("rescue")).Job);
        var (status, moved) = await server.EditAsync(rig, "moveOutput", ("from", "box.o5"), ("to", "box.o8"));
        Assert.Equal(200, status);
        var (_, panel) = await server.AskAsync("/api/preview/panel", JsonNode.Parse(moved.GetProperty("rig").GetRawText())!);
        Assert.Equal("sled", Line(Slot(panel, "box.o8")));
        Assert.Equal("", Line(Slot(panel, "box.o5")));
        Assert.Equal(10, Slot(panel, "box.o8").GetProperty("ratingAmps").GetDouble());
        var outputs = moved.GetProperty("rig").GetProperty("powerBoxes")[0].GetProperty("outputs").EnumerateArray().ToDictionary(output => output.GetProperty("id").GetString()!, output => output.GetProperty("legend").GetString());
        Assert.Equal(("Later", "Sled"), (outputs["o5"], outputs["o8"]));

        Assert.Equal(400, (await server.EditAsync(rig, "moveOutput", ("from", "box.o5"), ("to", "box.o99"))).Status);
    }

    [Fact]
    public async Task Factory_outputs_change_places_and_the_register_says_what_a_spare_lead_joins()
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("Orchard")).Job);
        var (_, panel) = await server.AskAsync("/api/preview/panel", rig);
        var lead = panel.GetProperty("register").EnumerateArray().Single();
        Assert.Equal("Aux 4", lead.GetProperty("near").GetString());
        Assert.Equal("Tail plug", lead.GetProperty("far").GetString());
        Assert.Contains("Tailgate", lead.GetProperty("lines")[0].GetString(), StringComparison.Ordinal);
        var (_, moved) = await server.EditAsync(rig, "moveOutput", ("from", "aux-1"), ("to", "aux-2"));
        var (_, after) = await server.AskAsync("/api/preview/panel", JsonNode.Parse(moved.GetProperty("rig").GetRawText())!);
        Assert.Equal("boom", Line(Slot(after, "aux-2")));
    }

    [Theory]
    [InlineData("panel", """{"legendWidthMillimetres":1}""", "rig.powerBoxes[0].panel.legendWidthMillimetres")]
    [InlineData("outputs", """[{"id":"o1","ratingAmps":10,"slot":2},{"id":"o2","ratingAmps":10,"slot":2}]""", "rig.powerBoxes[0].outputs")]
    [InlineData("outputs", """[{"id":"o1","ratingAmps":10,"slot":0}]""", "rig.powerBoxes[0].outputs[0].slot")]
    public async Task A_panel_that_cannot_be_is_refused_by_its_field(string field, string value, string path)
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("rescue")).Job);
        rig["powerBoxes"]![0]![field] = JsonNode.Parse(value);
        var (status, problem) = await server.AskAsync("/api/preview/panel", rig);
        Assert.Equal(400, status);
        Assert.True(problem.GetProperty("errors").TryGetProperty(path, out _));
    }
}
