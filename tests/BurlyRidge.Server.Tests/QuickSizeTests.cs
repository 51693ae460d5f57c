using System.Text.Json;

namespace BurlyRidge.Server.Tests;

public class QuickSizeTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    private const string Path = "/api/quick-size";

    private const string Usual = """
        {"systemVolts":12,"lamps":[{"watts":100,"count":2,"kind":"regulatedLed"}],"oneWayMetres":4.5,"return":"wire",
         "zone":"engineBay","bundled":2,"insulationCelsius":105,"margin":0.5,"dropLimit":0.05,"gauges":"awg"}
        """;

    [Fact]
    public async Task A_pair_of_100_W_lamps_is_sized()
    {
        var (status, answer) = await server.PostAsync(Path, Usual);
        Assert.Equal(200, status);
        Assert.Equal(16.67, answer.GetProperty("loadAmps").GetDouble(), 0.005);
        Assert.Equal(17.54, answer.GetProperty("designAmps").GetDouble(), 0.005);
        Assert.Equal(25, answer.GetProperty("fuse").GetProperty("ratingAmps").GetDouble());
        Assert.Equal("blade", answer.GetProperty("fuse").GetProperty("family").GetString());
        Assert.True(answer.GetProperty("relay").GetProperty("needed").GetBoolean());
        var wire = answer.GetProperty("wire");
        var first = answer.GetProperty("ladder").EnumerateArray().First(rung => rung.GetProperty("holds").GetBoolean());
        Assert.Equal(first.GetProperty("name").GetString(), wire.GetProperty("name").GetString());
        Assert.Equal(12, answer.GetProperty("lampVolts").GetDouble() + wire.GetProperty("dropVolts").GetDouble(), 9);
        Assert.Equal(wire.GetProperty("dropVolts").GetDouble() / 12, wire.GetProperty("dropFraction").GetDouble(), 9);
        Assert.All(answer.GetProperty("checks").EnumerateArray(), check => Assert.Equal("holds", check.GetProperty("verdict").GetString()));
    }

    [Fact]
    public async Task What_is_left_out_has_its_usual_value()
    {
        var shorter = Without("bundled", "insulationCelsius", "margin", "dropLimit");
        var spelled = Usual.Replace("\"margin\":0.5", "\"margin\":0.25", StringComparison.Ordinal).Replace("\"dropLimit\":0.05", "\"dropLimit\":null", StringComparison.Ordinal);
        Assert.Equal((await server.PostAsync(Path, spelled)).Body.GetRawText(), (await server.PostAsync(Path, shorter)).Body.GetRawText());
    }

    [Fact]
    public async Task Too_much_light_gets_no_wire_and_is_told_why()
    {
        var (status, answer) = await server.PostAsync(Path, Usual.Replace("\"watts\":100", "\"watts\":5000", StringComparison.Ordinal));
        Assert.Equal(200, status);
        Assert.Equal(JsonValueKind.Null, answer.GetProperty("wire").ValueKind);
        Assert.Equal(JsonValueKind.Null, answer.GetProperty("fuse").ValueKind);
        Assert.Equal(JsonValueKind.Null, answer.GetProperty("relay").GetProperty("ratingAmps").ValueKind);
        Assert.All(answer.GetProperty("ladder").EnumerateArray(), rung => Assert.Equal(1, rung.GetProperty("dropFraction").GetDouble()));
        Assert.Contains(answer.GetProperty("checks").EnumerateArray(), check =>
            check.GetProperty("id").GetString() == "wire-found" && check.GetProperty("verdict").GetString() == "stop");
    }

    public static TheoryData<string, string> Wrong => new()
    {
        { "systemVolts", With("systemVolts", "13") },
        { "systemVolts", With("systemVolts", "\"12\"") },
        { "systemVolts", With("systemVolts", "12.5") },
        { "systemVolts", With("systemVolts", "null") },
        { "systemVolts", Without("systemVolts") },
        { "lamps", With("lamps", "[]") },
        { "lamps", With("lamps", "null") },
        { "lamps", With("lamps", "{}") },
        { "lamps", With("lamps", $"[{string.Join(',', Enumerable.Repeat("""{"watts":1,"count":1,"kind":"filament"}""", 101))}]") },
        { "lamps[0]", With("lamps", "[null]") },
        { "lamps[0]", With("lamps", "[3]") },
        { "lamps[0].watts", With("lamps", """[{"watts":0,"count":1,"kind":"filament"}]""") },
        { "lamps[0].watts", With("lamps", """[{"watts":-5,"count":1,"kind":"filament"}]""") },
        { "lamps[0].watts", With("lamps", """[{"watts":5000.1,"count":1,"kind":"filament"}]""") },
        { "lamps[0].watts", With("lamps", """[{"watts":1e999,"count":1,"kind":"filament"}]""") },
        { "lamps[0].watts", With("lamps", """[{"watts":"x","count":1,"kind":"filament"}]""") },
        { "lamps[0].watts", With("lamps", """[{"count":1,"kind":"filament"}]""") },
        { "lamps[0].count", With("lamps", """[{"watts":5,"count":0,"kind":"filament"}]""") },
        { "lamps[0].count", With("lamps", """[{"watts":5,"count":101,"kind":"filament"}]""") },
        { "lamps[0].count", With("lamps", """[{"watts":5,"count":1.5,"kind":"filament"}]""") },
        { "lamps[0].count", With("lamps", """[{"watts":5,"kind":"filament"}]""") },
        { "lamps[0].kind", With("lamps", """[{"watts":5,"count":1,"kind":"candle"}]""") },
        { "lamps[0].kind", With("lamps", """[{"watts":5,"count":1,"kind":2}]""") },
        { "lamps[1].kind", With("lamps", """[{"watts":5,"count":1,"kind":"filament"},{"watts":5,"count":1,"kind":null}]""") },
        { "oneWayMetres", With("oneWayMetres", "0") },
        { "oneWayMetres", With("oneWayMetres", "-1") },
        { "oneWayMetres", With("oneWayMetres", "100.01") },
        { "oneWayMetres", With("oneWayMetres", "1e999") },
        { "oneWayMetres", With("oneWayMetres", "true") },
        { "return", With("return", "\"rope\"") },
        { "zone", With("zone", "\"roof\"") },
        { "gauges", With("gauges", "\"inch\"") },
        { "bundled", With("bundled", "0") },
        { "bundled", With("bundled", "101") },
        { "insulationCelsius", With("insulationCelsius", "90") },
        { "margin", With("margin", "2.01") },
        { "margin", With("margin", "-0.1") },
        { "dropLimit", With("dropLimit", "0") },
        { "dropLimit", With("dropLimit", "0.21") },
        { "colour", With("colour", "1") },
        { "", "" },
        { "", "null" },
        { "", "[]" },
        { "", "{" },
        { "", """{"margin":NaN}""" },
        { "", $"{{\"lamps\":{new string('[', 200)}{new string(']', 200)}}}" },
    };

    [Theory]
    [MemberData(nameof(Wrong))]
    public async Task Wrong_input_is_refused_by_its_field(string path, string json)
    {
        using var response = await server.Http.PostAsync(
            Path, new StringContent(json, System.Text.Encoding.UTF8, "application/json"), TestContext.Current.CancellationToken);
        Assert.Equal(400, (int)response.StatusCode);
        Assert.Equal("application/problem+json", response.Content.Headers.ContentType?.MediaType);
        var problem = JsonDocument.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).RootElement;
        var errors = problem.GetProperty("errors").EnumerateObject().ToList();
        Assert.Contains(errors, error => error.Name == path);
        Assert.All(errors, error => Assert.All(error.Value.EnumerateArray(), message => Assert.Matches(@"^[A-Z].*\.$", message.GetString()!)));
    }

    [Fact]
    public async Task All_wrong_fields_are_named_together()
    {
        var json = With("oneWayMetres", "-1").Replace("\"watts\":100", "\"watts\":-100", StringComparison.Ordinal);
        var (_, problem) = await server.PostAsync(Path, json);
        Assert.Equal(["lamps[0].watts", "oneWayMetres"], problem.GetProperty("errors").EnumerateObject().Select(error => error.Name).Order());
    }

    private static string With(string name, string value)
    {
        var fields = Fields();
        fields[name] = value;
        return Json(fields);
    }

    private static string Without(params string[] names)
    {
        var fields = Fields();
        foreach (var name in names) fields.Remove(name);
        return Json(fields);
    }

    private static Dictionary<string, string> Fields() =>
        JsonDocument.Parse(Usual).RootElement.EnumerateObject().ToDictionary(field => field.Name, field => field.Value.GetRawText());

    private static string Json(Dictionary<string, string> fields) =>
        $"{{{string.Join(',', fields.Select(field => $"\"{field.Key}\":{field.Value}"))}}}";
}
