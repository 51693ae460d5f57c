using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>Bought harnesses over the interface: entered, as a table, laid over a line and taken.</summary>
public class KitTests
{
    private static async Task<(int Status, JsonElement Body)> CsvAsync(RunningServer server, string text)
    {
        using var content = new StringContent(text, Encoding.UTF8, "text/csv");
        using var response = await server.Http.PostAsync("/api/catalogue/kits/table.csv", content, TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, JsonDocument.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).RootElement);
    }

    private static Task<string> TableAsync(RunningServer server) => server.Http.GetStringAsync("/api/catalogue/kits/table.csv", TestContext.Current.CancellationToken);

    [Fact]
    public async Task What_goes_out_as_a_table_comes_back_the_same()
    {
        await using var server = await RunningServer.EmptyAsync();
        var (text, before) = (await TableAsync(server), (await server.GetAsync("/api/catalogue/kits")).EnumerateArray().Select(kit => kit.GetProperty("kit").GetRawText()).ToList());
        var (status, taken) = await CsvAsync(server, text);
        Assert.Equal(200, status);
        Assert.Equal(before.Count, taken.GetProperty("count").GetInt32());
        Assert.Equal(before.Order(StringComparer.Ordinal), (await server.GetAsync("/api/catalogue/kits")).EnumerateArray().Select(kit => kit.GetProperty("kit").GetRawText()).Order(StringComparer.Ordinal));
        Assert.All((await server.GetAsync("/api/catalogue/kits")).EnumerateArray(), kit => Assert.True(kit.GetProperty("own").GetBoolean()));
        using var gone = await server.Http.DeleteAsync("/api/catalogue/kits/trail-pair", TestContext.Current.CancellationToken);
        Assert.Equal(204, (int)gone.StatusCode);
        Assert.Contains((await server.GetAsync("/api/catalogue/kits")).EnumerateArray(), kit => kit.GetProperty("kit").GetProperty("id").GetString() == "trail-pair" && !kit.GetProperty("own").GetBoolean());
    }

    private const string Heading = "kit,row,name,from,to,colour,wire,length_m,amps,pins\n";
    private const string Good = "k,fuse,fuse,,,,,,25,\nk,core,lead,battery.plus,fuse.in,red,12 AWG,0.15,,\nk,core,lamp,fuse.out,lamp-1.plus,red,14 AWG,2,,\n";

    [Theory]
    [InlineData("k,core,more,fuse.out,lamp-2.plus,red,13 AWG,2,,\n", "row 5, wire")]
    [InlineData("k,core,more,fuse.side,lamp-2.plus,red,14 AWG,2,,\n", "row 5, from")]
    [InlineData("k,core,lamp,fuse.out,lamp-2.plus,red,14 AWG,3,,\n", "row 5, length_m")]
    [InlineData("k,relay,relay,,,,,,40,86|85\n", "row 5, pins")]
    [InlineData("k,fuse,other,,,,,,23,\n", "row 5, amps")]
    [InlineData("k,clock,clock,,,,,,,\n", "row 5, row")]
    [InlineData("k,core,,fuse.out,lamp-2.plus,red,14 AWG,2,,\n", "row 5, name")]
    [InlineData(",core,more,fuse.out,lamp-2.plus,red,14 AWG,2,,\n", "row 5, kit")]
    public async Task A_bad_row_is_told_by_row_and_field_and_nothing_is_taken(string row, string path)
    {
        await using var server = await RunningServer.EmptyAsync();
        Assert.Equal(200, (await CsvAsync(server, Heading + Good.Replace("k,", "good,", StringComparison.Ordinal))).Status);
        var (status, problem) = await CsvAsync(server, Heading + Good + row);
        Assert.Equal(400, status);
        Assert.Contains(problem.GetProperty("errors").EnumerateObject(), error => error.Name == path);
        Assert.DoesNotContain((await server.GetAsync("/api/catalogue/kits")).EnumerateArray(), kit => kit.GetProperty("kit").GetProperty("id").GetString() == "k");
    }

    /// <summary>Every kit that ships is laid over a line with as many lamps as it has plugs for.</summary>
    [Theory]
    [InlineData("trail-pair", 2, null, "plus", false)]
    [InlineData("trail-pair", 2, "highBeam", "plus", true)]
    [InlineData("trail-pair", 2, "highBeam", "minus", true)]
    [InlineData("beam-pair", 2, "highBeam", "plus", false)]
    [InlineData("beam-pair", 2, "highBeam", "minus", true)]
    [InlineData("bar-single", 1, null, "plus", false)]
    [InlineData("bar-single", 1, "reverse", "plus", true)]
    public async Task A_kit_that_ships_does_what_is_wanted(string kit, int lamps, string? trigger, string side, bool converted)
    {
        await using var server = await RunningServer.EmptyAsync();
        var rig = await RigAsync(server, lamps, side);
        var line = (string)rig["lines"]![0]!["id"]!;
        var wish = new JsonObject { ["trigger"] = trigger, ["cab"] = "inDash" };
        var (status, view) = await server.AskAsync("/api/preview/kit", rig.DeepClone(), ("lineId", line), ("kit", kit), ("wish", wish.DeepClone()));
        Assert.Equal(200, status);
        Assert.True(view.GetProperty("works").GetBoolean(), view.GetRawText());
        Assert.Equal(!converted, view.GetProperty("worksAsBought").GetBoolean());
        var (edited, done) = await server.EditAsync(rig, "takeKit", ("lineId", line), ("kit", kit), ("wish", wish));
        Assert.Equal(200, edited);
        Assert.Contains(done.GetProperty("rig").GetProperty("runs").EnumerateArray(), run => run.TryGetProperty("kit", out var of) && of.ValueKind == JsonValueKind.Object);
    }

    [Fact]
    public async Task What_cannot_be_laid_is_told_by_its_field()
    {
        await using var server = await RunningServer.EmptyAsync();
        var rig = await RigAsync(server, 2, "plus");
        var (status, problem) = await server.AskAsync("/api/preview/kit", rig.DeepClone(), ("lineId", "gone"), ("kit", "trail-pair"), ("wish", JsonNode.Parse("""{"feedSlot":"none"}""")));
        Assert.Equal(400, status);
        Assert.Equal(["lineId", "wish.feedSlot"], problem.GetProperty("errors").EnumerateObject().Select(error => error.Name).Order(StringComparer.Ordinal));
        Assert.Equal(404, (await server.AskAsync("/api/preview/kit", rig.DeepClone(), ("lineId", (string)rig["lines"]![0]!["id"]!), ("kit", "none"), ("wish", new JsonObject()))).Status);
        var (refused, why) = await server.EditAsync(rig, "takeKit", ("lineId", (string)rig["lines"]![0]!["id"]!), ("kit", "none"), ("wish", new JsonObject()));
        Assert.Equal(400, refused);
        Assert.Contains(why.GetProperty("errors").EnumerateObject(), error => error.Name == "command.kit");
    }

    private static async Task<JsonNode> RigAsync(RunningServer server, int lamps, string side)
    {
        var (_, made) = await server.PostAsync("/api/jobs", """{"name":"Kits","systemVolts":12,"units":"metric"}""");
        var rig = RunningServer.RigOf(made);
        rig["vehicle"]!["highBeam"] = new JsonObject { ["watts"] = 110, ["switched"] = side };
        var (_, started) = await server.EditAsync(rig, "addTemplateLine", ("template", "own-harness"), ("name", "Pair"), ("lamp", "round-pod"), ("count", lamps), ("metres", 2));
        return JsonNode.Parse(started.GetProperty("rig").GetRawText())!;
    }
}
