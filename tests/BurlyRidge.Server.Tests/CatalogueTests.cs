using BurlyRidge.Core.Tests.Support;
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
        Assert.Contains("barn-lamp-wide,\"Barn lamp, wide\",main,regulatedLed,45,12,", text, StringComparison.Ordinal);
        var again = await ImportAsync(server, text);
        Assert.Equal((200, 0), (again.Status, again.Body.GetProperty("count").GetInt32()));
    }

    [Theory]
    [InlineData("", "file")]
    [InlineData("name,kind\nBar,filament\n", "file")]
    [InlineData("name,kind,watts,hue\nBar,filament,5,red\n", "file")]
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

    private static async Task<JsonElement> AllAsync(RunningServer server) => await server.GetAsync("/api/catalogue");

    private static Task<string> FileAsync(RunningServer server) => server.Http.GetStringAsync("/api/catalogue/lamps.csv", TestContext.Current.CancellationToken);

    [Fact]
    public async Task What_goes_out_comes_back_with_no_field_changed_and_what_ships_stays_what_ships()
    {
        await using var server = await RunningServer.EmptyAsync();
        await server.SendAsync(HttpMethod.Put, "/api/catalogue/lamps", Everything);
        var before = (await AllAsync(server)).GetRawText();
        var (status, taken) = await ImportAsync(server, await FileAsync(server));
        Assert.Equal((200, 0), (status, taken.GetProperty("count").GetInt32()));
        Assert.Equal(before, (await AllAsync(server)).GetRawText());

        // Into a catalogue that has the lamp not: every field of it is there.
        await using var other = await RunningServer.EmptyAsync();
        Assert.Equal(1, (await ImportAsync(other, await FileAsync(server))).Body.GetProperty("count").GetInt32());
        Assert.Equal(before, (await AllAsync(other)).GetRawText());
        Assert.Equal(["everything"], await OwnAsync(other));
    }

    private const string Everything = """
        {"fixture":{"id":"everything","name":"=Lamp; with, all","functions":[
          {"id":"main","kind":"regulatedLed","watts":41.7,"ratedVolts":24,"plus":"white","minus":"black","turnOnVolts":9.5,"dropOutVolts":17.25,"dimPin":"dim lead","dimFraction":0.3,"maxVolts":33},
          {"id":"back","kind":"resistorLed","watts":0.1,"ratedVolts":24,"plus":"amber","minus":"black","amps":0.25,"colour":"amber"},
          {"id":"side","kind":"filament","watts":5,"ratedVolts":24,"plus":"red","minus":"black"}],
         "sparePins":["blue","second spare"],
         "body":{"widthMillimetres":1270,"heightMillimetres":80.5,"depthMillimetres":90,"kilograms":7.25,"holds":[{"kind":"feet","fromMillimetres":700,"toMillimetres":1100},{"kind":"stud","fromMillimetres":8,"toMillimetres":8}],
                 "radiusMillimetres":1700,"tailMillimetres":310,"behindMillimetres":42,"lead":"right","tiltDegrees":12.5,"segmentMillimetres":42.5},
         "harnessWire":"2.5 mm²","harnessFuseAmps":20,"sealed":true,"covered":true,
         "bracket":{"name":"+Arm | two","kind":"homeMade","goesOn":[{"kind":"clamp","fromMillimetres":38,"toMillimetres":63.5}],"takes":[{"kind":"feet","fromMillimetres":600,"toMillimetres":1150},{"kind":"ears","fromMillimetres":1280,"toMillimetres":1290}],
                    "hole":"third from the left","offsetMillimetres":-12.5,"riseMillimetres":20,"turnedOver":true,"shimMillimetres":1.5,"kilograms":1.75,"pieces":2,"holdsRow":true,"extraHole":true,"underFactoryBolt":true}},
         "lumens":21000,"price":310.05}
        """;

    [Fact]
    public async Task A_table_of_a_program_that_parts_by_semicolons_and_writes_decimal_commas_is_read()
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, taken) = await ImportAsync(server, "\uFEFFName;Kind;Watts;Price;Width_mm;Height_mm;Depth_mm;Kg;Hold;Hold_from_mm;Lead_side\r\nPod;Regulated LED;22,5;1.048,50;84;98;78;0,7;Feet, holes;8;Left\r\nStrip;Resistor LED strip;9;28;;;;;;;\r\nGlow;filament;55;30;;;;;;;\r\n");
        Assert.Equal((200, 3), (status, taken.GetProperty("count").GetInt32()));
        var pod = taken.GetProperty("lamps").EnumerateArray().Select(lamp => lamp.GetProperty("lamp")).Single(lamp => lamp.GetProperty("fixture").GetProperty("name").GetString() == "Pod");
        var body = pod.GetProperty("fixture").GetProperty("body");
        Assert.Equal((22.5, 1048.5, 0.7, "left"), (pod.GetProperty("fixture").GetProperty("functions")[0].GetProperty("watts").GetDouble(), pod.GetProperty("price").GetDouble(), body.GetProperty("kilograms").GetDouble(), body.GetProperty("lead").GetString()));
        Assert.Equal("feet", body.GetProperty("holds")[0].GetProperty("kind").GetString());
    }

    [Fact]
    public async Task Kinds_are_read_by_the_words_on_screen()
    {
        await using var server = await RunningServer.EmptyAsync();
        var words = await File.ReadAllTextAsync(Path.Combine(Repository.Root, "src", "web", "src", "ui", "words.ts"), TestContext.Current.CancellationToken);
        using var book = System.Text.Json.JsonDocument.Parse(await File.ReadAllTextAsync(Path.Combine(Repository.Root, "src", "web", "src", "words", "en", "ui.json"), TestContext.Current.CancellationToken));
        var said = book.RootElement;
        foreach (var (table, column) in new[] { ("kindWords", "kind"), ("holdWords", "hold"), ("sideWords", "lead_side") })
        {
            var block = words[words.IndexOf($"const {table}", StringComparison.Ordinal)..];
            block = block[block.IndexOf('{', StringComparison.Ordinal)..];
            block = block[..block.IndexOf('}', StringComparison.Ordinal)];
            var shown = System.Text.RegularExpressions.Regex.Matches(block, "ui\\.(\\w+)").Select(match => said.GetProperty(match.Groups[1].Value).GetString()!).ToList();
            Assert.NotEmpty(shown);
            foreach (var word in shown)
            {
                var kind = column == "kind" ? word : "filament";
                var more = column == "kind" ? "" : $"\"{word}\"";
                var (status, answer) = await ImportAsync(server, $"name,kind,watts,width_mm,height_mm,depth_mm,hold_from_mm,{(column == "kind" ? "price" : column)}\nLamp {word.Replace(",", "", StringComparison.Ordinal)},\"{kind}\",5,10,10,10,5,{more}\n");
                Assert.True(status == 200, $"{word}: {answer}");
            }
        }
    }

    [Theory]
    [InlineData("1,270")]
    [InlineData("12,500")]
    public async Task A_comma_that_may_part_thousands_or_decimals_is_asked_about(string figure)
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, problem) = await ImportAsync(server, $"name;kind;watts;width_mm;height_mm;depth_mm\nBar;filament;5;{figure};80;90\n");
        Assert.Equal(400, status);
        Assert.Contains("without the comma", problem.GetProperty("errors").GetProperty("row 2, width_mm")[0].GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Formulas_go_out_harmless()
    {
        await using var server = await RunningServer.EmptyAsync();
        await server.SendAsync(HttpMethod.Put, "/api/catalogue/lamps", Everything);
        Assert.Contains("\"'=Lamp; with, all\"", await FileAsync(server), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Own_lamps_of_an_older_version_are_read_as_jobs_of_it_are()
    {
        await using var server = await RunningServer.EmptyAsync();
        await server.SendAsync(HttpMethod.Put, "/api/catalogue/lamps", Everything);
        await using (var connection = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={Path.Combine(server.Data, "burly-ridge.db")}"))
        {
            await connection.OpenAsync(TestContext.Current.CancellationToken);
            await using var command = connection.CreateCommand();
            command.CommandText = "UPDATE Lamps SET SchemaVersion = 4, Document = replace(Document, '\"id\":\"back\"', '\"id\":\"back/light\"')";
            Assert.Equal(1, await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken));
        }
        var own = (await AllAsync(server)).EnumerateArray().Single(lamp => lamp.GetProperty("own").GetBoolean()).GetProperty("lamp").GetProperty("fixture");
        Assert.Equal(["main", "back-light", "side"], own.GetProperty("functions").EnumerateArray().Select(light => light.GetProperty("id").GetString()!));
    }
}
