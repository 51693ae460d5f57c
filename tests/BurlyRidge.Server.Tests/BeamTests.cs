using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Xml.Linq;

namespace BurlyRidge.Server.Tests;

/// <summary>Where the light goes, over HTTP: looked at, tried, written down.</summary>
public class BeamTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    private async Task<JsonNode> RigAsync() => RunningServer.RigOf((await server.DemoAsync("rescue")).Job);

    private static JsonElement Lamp(JsonElement view, string id) => view.GetProperty("lamps").EnumerateArray().Single(lamp => lamp.GetProperty("id").GetString() == id);

    [Fact]
    public async Task The_demo_shines_ahead_and_a_filament_dims_with_the_engine_off()
    {
        var rig = await RigAsync();
        var (status, running) = await server.AskAsync("/api/preview/beam", rig, ("coarse", true));
        Assert.Equal(200, status);
        var (_, still) = await server.AskAsync("/api/preview/beam", rig, ("coarse", true), ("engineOff", true));
        double Share(JsonElement view) => Lamp(view, "plough-l.main").GetProperty("share").GetDouble();
        // From 14.2 V at the alternator to some 12.4 V at the battery, to the power of 3.4.
        Assert.InRange(Share(still) / Share(running), 0.5, 0.8);
        Assert.False(Lamp(running, "plough-l.main").GetProperty("guess").GetBoolean());
        var ahead = running.GetProperty("sides").EnumerateArray().First();
        Assert.True(ahead.GetProperty("reach")[0].GetProperty("uprightMetres").GetDouble() > 100);
        Assert.Equal(2, running.GetProperty("marks").EnumerateArray().Count(mark => mark.GetProperty("lamp").GetString() == ""));
    }

    [Fact]
    public async Task An_aim_that_is_tried_changes_the_light_and_not_the_rig()
    {
        var rig = await RigAsync();
        var tried = new JsonArray(new JsonObject { ["lamp"] = "bar", ["pitchDegrees"] = -9 });
        var (_, low) = await server.AskAsync("/api/preview/beam", rig, ("coarse", true), ("aims", tried), ("lines", new JsonArray("bar")));
        var (_, planned) = await server.AskAsync("/api/preview/beam", rig, ("coarse", true), ("lines", new JsonArray("bar")));
        double Ground(JsonElement view) => view.GetProperty("sides")[0].GetProperty("reach")[0].GetProperty("groundMetres").GetDouble();
        Assert.True(Ground(low) < Ground(planned));
        Assert.Single(planned.GetProperty("lamps").EnumerateArray());
    }

    [Fact]
    public async Task Two_set_ups_differ()
    {
        var rig = await RigAsync();
        var (_, view) = await server.AskAsync("/api/preview/beam", rig, ("coarse", true), ("against", "setup-2"));
        Assert.Contains(Convert.FromBase64String(view.GetProperty("difference").GetProperty("bytes").GetString()!), value => value is not (0 or 128));
        var (status, _) = await server.AskAsync("/api/preview/beam", rig, ("against", "nobody"));
        Assert.Equal(400, status);
    }

    public static TheoryData<string, JsonNode?, string> Bad => new()
    {
        { "aims", new JsonArray(new JsonObject { ["lamp"] = "nobody" }), "aims[0].lamp" },
        { "aims", new JsonArray(new JsonObject { ["lamp"] = "bar", ["pitchDegrees"] = 100 }), "aims[0].pitchDegrees" },
        { "noseUpDegrees", 40, "noseUpDegrees" },
    };

    [Theory]
    [MemberData(nameof(Bad))]
    public async Task What_cannot_be_is_refused_by_its_field(string field, JsonNode? value, string path)
    {
        var (status, body) = await server.AskAsync("/api/preview/beam", await RigAsync(), (field, value?.DeepClone()));
        Assert.Equal(400, status);
        Assert.True(body.GetProperty("errors").TryGetProperty(path, out _), body.ToString());
    }

    [Fact]
    public async Task Marks_as_found_say_what_to_turn()
    {
        var rig = await RigAsync();
        var (_, view) = await server.AskAsync("/api/preview/beam", rig, ("coarse", true));
        var mark = view.GetProperty("marks").EnumerateArray().First(one => one.GetProperty("lamp").GetString() == "bar");
        var (status, found) = await server.AskAsync("/api/preview/beam-marks", rig, ("marks", new JsonArray(new JsonObject
        {
            ["lamp"] = "bar",
            ["upMetres"] = mark.GetProperty("upMetres").GetDouble() + 0.2,
            ["rightMetres"] = mark.GetProperty("rightMetres").GetDouble(),
        })));
        Assert.Equal(200, status);
        Assert.Equal(200 / mark.GetProperty("eachMillimetre").GetDouble(), found[0].GetProperty("liftMillimetres").GetDouble(), 0.1);
    }

    private async Task<string> TextAsync(string path, JsonNode rig, params (string Name, JsonNode? Value)[] more)
    {
        var asked = new JsonObject { ["rig"] = rig.DeepClone() };
        foreach (var (name, value) in more) asked[name] = value;
        using var answer = await server.Http.PostAsync(path, new StringContent(asked.ToJsonString(), System.Text.Encoding.UTF8, "application/json"), TestContext.Current.CancellationToken);
        return await answer.EnsureSuccessStatusCode().Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
    }

    [Fact]
    public async Task Plan_table_and_stand_in_are_files_that_can_be_read()
    {
        var (job, rig) = ((await server.DemoAsync("rescue")).Path, await RigAsync());
        var plan = XDocument.Parse(await TextAsync("/api/preview/beam-plan", rig));
        Assert.Equal("svg", plan.Root!.Name.LocalName);
        var rows = (await TextAsync("/api/preview/beam-grid", rig)).Split("\r\n", StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal("ahead_m,right_m,square_m,lux", rows[0]);
        Assert.True(rows.Skip(1).Select(row => double.Parse(row.Split(',')[3], CultureInfo.InvariantCulture)).Max() > 10);
        Assert.StartsWith("IESNA:LM-63-2002", await TextAsync("/api/preview/beam-file", rig, ("light", "winch-lamp.main")), StringComparison.Ordinal);
        var sheet = await server.Http.GetStringAsync($"{job}/aim-sheet.html", TestContext.Current.CancellationToken);
        Assert.Contains("Roof bar", sheet, StringComparison.Ordinal);
        Assert.Contains("Scale 1 to", sheet, StringComparison.Ordinal);
    }
}
