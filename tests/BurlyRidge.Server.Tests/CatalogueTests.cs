using System.Text;
using System.Text.Json;

namespace BurlyRidge.Server.Tests;

/// <summary>The catalogue over HTTP: lamps of the workshop's own, one by one and from a file.</summary>
public class CatalogueTests
{
    private static async Task<(int Status, JsonElement Body)> ImportAsync(RunningServer server, string text)
    {
        using var content = new StringContent(text, Encoding.UTF8, "text/csv");
        using var response = await server.Http.PostAsync("/api/catalogue/lamps.csv", content, TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, JsonDocument.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).RootElement);
    }

    private static async Task<List<string>> OwnAsync(RunningServer server) =>
        [.. (await server.GetAsync("/api/catalogue")).EnumerateArray().Where(lamp => lamp.GetProperty("own").GetBoolean()).Select(lamp => lamp.GetProperty("lamp").GetProperty("fixture").GetProperty("id").GetString()!)];

    [Fact]
    public async Task A_file_is_taken_in_whole_kept_over_a_restart_and_given_out_again()
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, taken) = await ImportAsync(server, "name,kind,watts,volts,lumens,price,width_mm,height_mm,depth_mm,kg,hold,hold_from_mm,hold_to_mm\n\"Barn lamp, wide\",regulatedLed,45,12,4000,88.5,200,90,80,1.5,feet,120,160\nOld lamp,filament,55,12,,,,,,,,,\n");
        Assert.Equal(200, status);
        Assert.Equal(2, taken.GetProperty("count").GetInt32());
        await server.RestartAsync();
        Assert.Equal(["barn-lamp-wide", "old-lamp"], await OwnAsync(server));
        var text = await server.Http.GetStringAsync("/api/catalogue/lamps.csv", TestContext.Current.CancellationToken);
        Assert.Contains("barn-lamp-wide,\"Barn lamp, wide\",regulatedLed,45,12,,4000,88.5,200,90,80,1.5,feet,120,160,150", text, StringComparison.Ordinal);
        Assert.Equal(200, (await ImportAsync(server, text)).Status);
    }

    [Theory]
    [InlineData("", "file")]
    [InlineData("name,kind\nBar,filament\n", "file")]
    [InlineData("name,kind,watts,colour\nBar,filament,5,red\n", "file")]
    [InlineData("name,kind,watts\nGood,filament,55\nBar,filament,many\n", "row 3, watts")]
    [InlineData("name,kind,watts\nBar,candle,5\n", "row 2, kind")]
    [InlineData("name,kind,watts\n,filament,5\n", "row 2, name")]
    [InlineData("name,kind,watts\nBar,filament,-5\n", "row 2, watts")]
    [InlineData("name,kind,watts,width_mm\nBar,filament,5,100\n", "row 2, width_mm")]
    [InlineData("name,kind,watts\nBar,filament,5\nBar,filament,6\n", "row 3, id")]
    public async Task What_is_wrong_names_row_and_column_and_nothing_is_taken(string text, string path)
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, problem) = await ImportAsync(server, text);
        Assert.Equal(400, status);
        Assert.Contains(path, problem.GetProperty("errors").EnumerateObject().Select(error => error.Name));
        Assert.Empty(await OwnAsync(server));
    }

    [Fact]
    public async Task A_lamp_is_added_changed_and_taken_out_and_one_that_ships_comes_back()
    {
        await using var server = await RunningServer.EmptyAsync();
        string Lamp(string id, double watts) => $$"""{"fixture":{"id":"{{id}}","name":"My pod","functions":[{"id":"main","kind":"regulatedLed","watts":{{watts}}}]},"lumens":900,"price":20}""";
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, "/api/catalogue/lamps", Lamp("square-pod", 25))).Status);
        var all = (await server.GetAsync("/api/catalogue")).EnumerateArray().Where(lamp => lamp.GetProperty("lamp").GetProperty("fixture").GetProperty("id").GetString() == "square-pod").ToList();
        Assert.Equal("My pod", Assert.Single(all).GetProperty("lamp").GetProperty("fixture").GetProperty("name").GetString());
        using var gone = await server.Http.DeleteAsync("/api/catalogue/lamps/square-pod", TestContext.Current.CancellationToken);
        Assert.Equal(204, (int)gone.StatusCode);
        Assert.Contains((await server.GetAsync("/api/catalogue")).EnumerateArray(), lamp => lamp.GetProperty("lamp").GetProperty("fixture").GetProperty("name").GetString() == "Square pod");
        using var missing = await server.Http.DeleteAsync("/api/catalogue/lamps/square-pod", TestContext.Current.CancellationToken);
        Assert.Equal(404, (int)missing.StatusCode);

        var (status, problem) = await server.SendAsync(HttpMethod.Put, "/api/catalogue/lamps", Lamp("bad id", -1));
        Assert.Equal(400, status);
        Assert.Equal(["fixture.functions[0].watts", "fixture.id"], problem.GetProperty("errors").EnumerateObject().Select(error => error.Name).Order(StringComparer.Ordinal));
    }
}
