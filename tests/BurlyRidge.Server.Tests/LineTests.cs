using System.Text.Json;
using System.Text.Json.Nodes;
using System.Xml.Linq;

namespace BurlyRidge.Server.Tests;

/// <summary>One line over HTTP: looked at, altered, wired part by part, started from a lamp, drawn; house rules compared.</summary>
public class LineTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    private static IEnumerable<JsonElement> Stations(JsonElement view) =>
        view.GetProperty("strip").GetProperty("strands").EnumerateArray().SelectMany(strand => strand.GetProperty("stations").EnumerateArray());

    [Fact]
    public async Task A_line_has_figures_for_every_station_in_every_state_and_the_state_asked_for_first()
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("rescue")).Job);
        var (status, view) = await server.AskAsync("/api/preview/line", rig, ("lineId", "plough"), ("state", JsonNode.Parse("""{"key":true,"pressed":["box.o6"]}""")));
        Assert.Equal(200, status);
        var strands = view.GetProperty("strip").GetProperty("strands");
        Assert.All(view.GetProperty("states").EnumerateArray(), state => Assert.Equal(
            strands.EnumerateArray().Select(strand => strand.GetProperty("stations").GetArrayLength()),
            state.GetProperty("figures").GetProperty("strands").EnumerateArray().Select(strand => strand.GetArrayLength())));
        Assert.Equal("asked", view.GetProperty("states")[0].GetProperty("id").GetString());
        Assert.Contains(Stations(view), station => station.GetProperty("kind").GetString() == "lamp");
        Assert.Contains(view.GetProperty("offers").EnumerateArray(), offer => offer.GetProperty("id").GetString() == "plug-in");

        Assert.Equal(400, (await server.AskAsync("/api/preview/line", rig, ("lineId", "nobody"))).Status);
        var (bad, problem) = await server.AskAsync("/api/preview/line", rig, ("lineId", "plough"), ("state", JsonNode.Parse("""{"pressed":["box.o99"]}""")));
        Assert.Equal(400, bad);
        Assert.True(problem.GetProperty("errors").TryGetProperty("state.pressed[0]", out _));
    }

    [Fact]
    public async Task A_part_is_added_where_it_is_offered_and_refused_where_it_is_not()
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("rescue")).Job);
        var before = rig["joints"]!.AsArray().Count;
        var (status, answer) = await server.EditAsync(rig, "takeOffer", ("lineId", "winch"), ("station", "box-o7-to-winch-lamp-plus"), ("offer", "plug-in"));
        Assert.Equal(200, status);
        Assert.Equal(before + 1, answer.GetProperty("rig").GetProperty("joints").GetArrayLength());
        Assert.Equal(200, (await server.PostAsync("/api/assess", new JsonObject { ["rig"] = JsonNode.Parse(answer.GetProperty("rig").GetRawText()) }.ToJsonString())).Status);
        Assert.Equal(422, (await server.EditAsync(rig, "takeOffer", ("lineId", "winch"), ("station", "winch-lamp.main"), ("offer", "feed-both"))).Status);
    }

    [Fact]
    public async Task A_line_planned_in_short_is_wired_part_by_part()
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("rescue")).Job);
        var (status, answer) = await server.EditAsync(rig, "wireByParts", ("lineId", "ditch"));
        Assert.Equal(200, status);
        var line = answer.GetProperty("rig").GetProperty("lines").EnumerateArray().Single(line => line.GetProperty("id").GetString() == "ditch");
        Assert.Equal(JsonValueKind.Null, line.GetProperty("plan").ValueKind);
        Assert.Equal(2, line.GetProperty("lights").GetArrayLength());
        var (_, view) = await server.AskAsync("/api/preview/line", JsonNode.Parse(answer.GetProperty("rig").GetRawText())!, ("lineId", "ditch"));
        Assert.NotEmpty(view.GetProperty("offers").EnumerateArray());
    }

    [Fact]
    public async Task A_line_starts_from_a_lamp_of_the_catalogue_and_what_does_not_suit_is_refused_with_its_reason()
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("Orchard")).Job);
        var (_, templates) = await server.AskAsync("/api/preview/templates", rig, ("lamp", "driving-round"), ("count", 2));
        Assert.True(templates.GetArrayLength() >= 16);
        var (status, started) = await server.EditAsync(rig, "addTemplateLine", ("template", "beam-pair"), ("name", "Far pair"), ("lamp", "driving-round"), ("count", 2), ("metres", 2.0));
        Assert.Equal(200, status);
        Assert.NotEmpty(started.GetProperty("notes").EnumerateArray());
        var (_, assessment) = await server.PostAsync("/api/assess", new JsonObject { ["rig"] = JsonNode.Parse(started.GetProperty("rig").GetRawText()) }.ToJsonString());
        var line = assessment.GetProperty("lines").EnumerateArray().Single(line => line.GetProperty("id").GetString() == started.GetProperty("lineId").GetString());
        Assert.NotEqual("stop", line.GetProperty("verdict").GetString());

        var (refused, why) = await server.EditAsync(rig, "addTemplateLine", ("template", "two-functions"), ("name", "Bar"), ("lamp", "driving-round"), ("count", 1));
        Assert.Equal(400, refused);
        Assert.Contains("one light", why.GetProperty("errors").GetProperty("command.template")[0].GetString(), StringComparison.Ordinal);
        var (bad, fields) = await server.EditAsync(rig, "addTemplateLine", ("template", "own-harness"), ("name", ""), ("lamp", "driving-round"), ("count", 0));
        Assert.Equal(400, bad);
        Assert.Equal(["command.count", "command.name"], fields.GetProperty("errors").EnumerateObject().Select(error => error.Name).Order(StringComparer.Ordinal));
        Assert.Equal(400, (await server.EditAsync(rig, "addTemplateLine", ("template", "own-harness"), ("name", "Bar"), ("lamp", "no-such-lamp"), ("count", 1))).Status);
    }

    [Fact]
    public async Task Other_house_rules_say_which_checks_come_out_otherwise()
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("rescue")).Job);
        var rules = rig["houseRules"]!.DeepClone();
        var (_, same) = await server.AskAsync("/api/preview/rules", rig, ("houseRules", rules.DeepClone()));
        Assert.Empty(same.GetProperty("changed").EnumerateArray());
        rules["dropLimitRegulatedLed"] = 0.01;
        var (status, stricter) = await server.AskAsync("/api/preview/rules", rig, ("houseRules", rules.DeepClone()));
        Assert.Equal(200, status);
        Assert.NotEmpty(stricter.GetProperty("changed").EnumerateArray());
        Assert.All(stricter.GetProperty("changed").EnumerateArray(), change => Assert.NotEqual(change.GetProperty("from").ToString(), change.GetProperty("to").ToString()));
        rules["dropLimitRegulatedLed"] = 5;
        var (bad, problem) = await server.AskAsync("/api/preview/rules", rig, ("houseRules", rules));
        Assert.Equal(400, bad);
        Assert.True(problem.GetProperty("errors").TryGetProperty("houseRules.dropLimitRegulatedLed", out _));
    }

    [Theory]
    [InlineData("rescue")]
    [InlineData("Orchard")]
    [InlineData("chipper")]
    public async Task Diagram_and_legends_parse_and_hold_every_part_of_the_rig(string name)
    {
        var (path, job) = await server.DemoAsync(name);
        var svg = XElement.Parse(await server.Http.GetStringAsync($"{path}/diagram.svg", TestContext.Current.CancellationToken));
        var parts = svg.Descendants().Select(element => element.Attribute("data-part")?.Value).ToHashSet();
        var runs = svg.Descendants().Select(element => element.Attribute("data-run")?.Value).OfType<string>().ToList();
        var rig = job.GetProperty("rig");
        foreach (var list in new[] { "fixtures", "protection", "relays", "switches", "powerBoxes", "joints", "earths", "loads", "converters" })
            Assert.All(rig.GetProperty(list).EnumerateArray(), part => Assert.Contains(part.GetProperty("id").GetString(), parts));
        Assert.All(rig.GetProperty("runs").EnumerateArray(), run => Assert.Single(runs, id => id == run.GetProperty("id").GetString()));
        Assert.Equal(404, (int)(await server.Http.GetAsync($"{path}/diagram.svg?line=none", TestContext.Current.CancellationToken)).StatusCode);
        Assert.Contains("<svg", await server.Http.GetStringAsync($"{path}/diagram.html", TestContext.Current.CancellationToken), StringComparison.Ordinal);

        foreach (var box in rig.GetProperty("powerBoxes").EnumerateArray().Where(box => box.GetProperty("outputs").EnumerateArray().Any(output => output.GetProperty("slot").ValueKind == JsonValueKind.Number)))
        {
            var strip = XElement.Parse(await server.Http.GetStringAsync($"{path}/legends.svg?box={box.GetProperty("id").GetString()}", TestContext.Current.CancellationToken));
            var legends = strip.Descendants().Where(element => element.Name.LocalName == "text").Select(text => text.Value).ToList();
            Assert.All(box.GetProperty("outputs").EnumerateArray().Select(output => output.GetProperty("legend").GetString()!).Where(legend => legend.Length > 0), legend => Assert.Contains(legend, legends));
        }
    }
}
