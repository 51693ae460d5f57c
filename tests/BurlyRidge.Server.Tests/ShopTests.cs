using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>Prices, stock and what happened at the bench: kept, never half-stored, told by row and field where wrong.</summary>
public class ShopTests
{
    private static async Task<(int Status, JsonElement Body)> CsvAsync(RunningServer server, string path, string text)
    {
        using var content = new StringContent(text, Encoding.UTF8, "text/csv");
        using var response = await server.Http.PostAsync(path, content, TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, JsonDocument.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).RootElement);
    }

    private static Task<string> TextAsync(RunningServer server, string path) => server.Http.GetStringAsync(path, TestContext.Current.CancellationToken);

    private static async Task<JsonElement> QuoteAsync(RunningServer server, string job)
    {
        var (path, open) = await server.DemoAsync(job);
        var (_, answer) = await server.AskAsync("/api/preview/bench", RunningServer.RigOf(open), ("job", path.Split('/')[^1]));
        return answer.GetProperty("quote");
    }

    private static JsonElement Item(JsonElement quote, string item) => quote.GetProperty("items").EnumerateArray().Single(one => one.GetProperty("item").GetString() == item);

    [Fact]
    public async Task Own_prices_and_stock_come_in_and_go_out_as_a_table()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (status, taken) = await CsvAsync(server, "/api/shop/prices.csv", "item;price;stock\nrelay-30-a;12,40;3\n\"Switch 5 A\";6.15;\n");
        Assert.Equal(200, status);
        Assert.Equal(12.40m, taken.GetProperty("shop").GetProperty("prices").GetProperty("relay-30-a").GetDecimal());
        var relay = Item(await QuoteAsync(server, "rescue"), "relay-30-a");
        Assert.Equal((12.40m, 49.60m, 3), (relay.GetProperty("each").GetDecimal(), relay.GetProperty("sum").GetDecimal(), relay.GetProperty("free").GetDouble()));
        var text = await TextAsync(server, "/api/shop/prices.csv");
        Assert.Contains("relay-30-a,12.40,3", text, StringComparison.Ordinal);
        Assert.Contains("switch-5-a,6.15", text, StringComparison.Ordinal);
        Assert.Equal(200, (await CsvAsync(server, "/api/shop/prices.csv", text)).Status);
        Assert.Equal(text, await TextAsync(server, "/api/shop/prices.csv"));
    }

    [Theory]
    [InlineData("item,price,stock\nrelay-30-a,8,\nswitch-5-a,0,\n", "row 3, price")]
    [InlineData("item,price,stock\nrelay-30-a,8,-2\n", "row 2, stock")]
    [InlineData("item,price,stock\nrelay-30-a,8,\nrelay-30-a,9,\n", "row 3, item")]
    [InlineData("item,price,stock\n,8,\n", "row 2, item")]
    [InlineData("item,price,stock\nrelay-30-a,eight,\n", "row 2, price")]
    [InlineData("price,stock\n8,\n", "file")]
    public async Task A_bad_row_of_prices_is_told_by_row_and_field_and_nothing_is_taken(string text, string path)
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, problem) = await CsvAsync(server, "/api/shop/prices.csv", text);
        Assert.Equal(400, status);
        Assert.Contains(problem.GetProperty("errors").EnumerateObject(), error => error.Name == path);
        Assert.Empty((await server.GetAsync("/api/shop")).GetProperty("shop").GetProperty("prices").EnumerateObject());
    }

    [Fact]
    public async Task A_change_of_the_shop_is_made_on_a_version_and_refused_by_field()
    {
        await using var server = await RunningServer.EmptyAsync();
        string Change(string shop, int version) => $$"""{"shop":{{shop}},"onVersion":{{version}}}""";
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, "/api/shop", Change("""{"currency":"CHF","taxFraction":0.081}""", 0))).Status);
        Assert.Equal(409, (await server.SendAsync(HttpMethod.Put, "/api/shop", Change("""{"currency":"SEK"}""", 0))).Status);
        foreach (var (shop, path) in new[] { ("""{"currency":"XXQ"}""", "shop.currency"), ("""{"stock":{"relay-30-a":-1}}""", "shop.stock.relay-30-a"), ("""{"prices":{"relay-30-a":0}}""", "shop.prices.relay-30-a"), ("""{"offcuts":[{"wire":"13 AWG","colour":"","metres":1}]}""", "shop.offcuts[0].wire") })
        {
            var (status, problem) = await server.SendAsync(HttpMethod.Put, "/api/shop", Change(shop, 1));
            Assert.Equal(400, status);
            Assert.Contains(problem.GetProperty("errors").EnumerateObject(), error => error.Name == path);
        }
        await server.RestartAsync();
        Assert.Equal("CHF", (await server.GetAsync("/api/shop")).GetProperty("shop").GetProperty("currency").GetString());
    }

    [Fact]
    public async Task Offcuts_at_hand_are_cut_before_anything_is_bought()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, open) = await server.DemoAsync("rescue");
        var before = (await server.AskAsync("/api/preview/bench", RunningServer.RigOf(open))).Body.GetProperty("view").GetProperty("reels").EnumerateArray().First(group => group.GetProperty("wire").GetString() == "16 AWG" && group.GetProperty("colour").GetString() == "black");
        Assert.Contains(before.GetProperty("cuts").EnumerateArray(), cut => cut.GetProperty("isOffcut").GetBoolean());
        Assert.True(before.GetProperty("boughtMetres").GetDouble() < before.GetProperty("pieceMetres").GetDouble());
        Assert.NotEmpty(path);
    }

    [Fact]
    public async Task What_happened_is_added_once_and_stays_when_the_plan_goes_on()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, open) = await server.DemoAsync("spray");
        string Entry(string what, string key, int revision = 1) => $$"""{"what":{{what}},"who":"Ana","client":"tablet","revision":{{revision}},"idempotencyKey":"{{key}}"}""";
        var ordered = """{"kind":"ordered","item":"relay-40-a","count":2}""";
        Assert.Equal(201, (await server.PostAsync($"{path}/bench", Entry(ordered, "one"))).Status);
        Assert.Equal(201, (await server.PostAsync($"{path}/bench", Entry(ordered, "one"))).Status);
        Assert.Equal(201, (await server.PostAsync($"{path}/bench", Entry("""{"kind":"arrived","item":"relay-40-a","count":1,"wrong":["size"],"setAside":"bracket"}""", "two"))).Status);
        foreach (var (body, field) in new[] { (Entry("""{"kind":"ordered","item":"relay-40-a","count":0}""", "x"), "what.count"), (Entry(ordered, "y", 99), "revision"), (Entry("""{"kind":"lost"}""", "z"), "what.kind") })
        {
            var (status, problem) = await server.PostAsync($"{path}/bench", body);
            Assert.Equal(400, status);
            Assert.Contains(problem.GetProperty("errors").EnumerateObject(), error => error.Name == field);
        }
        var rig = RunningServer.RigOf(open);
        rig["lines"]!.AsArray()[0]!["name"] = "Other name";
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, $"{path}/rig", $$"""{"rig":{{rig.ToJsonString()}},"onRevision":1,"idempotencyKey":"edit"}""")).Status);
        await server.RestartAsync();
        var entries = (await server.GetAsync($"{path}/bench")).EnumerateArray().ToList();
        Assert.Equal([1, 2], entries.Select(entry => entry.GetProperty("number").GetInt32()));
        Assert.Equal(("Ana", 1, "arrived"), (entries[1].GetProperty("who").GetString(), entries[1].GetProperty("revision").GetInt32(), entries[1].GetProperty("what").GetProperty("kind").GetString()));
        var relay = Item(await QuoteAsync(server, "spray"), "relay-40-a");
        Assert.Equal(1, relay.GetProperty("onOrder").GetDouble());
        Assert.Equal("size", relay.GetProperty("wrong")[0].GetString());
    }

    [Fact]
    public async Task A_size_that_is_cut_leaves_its_rests_on_the_shelf_once()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, open) = await server.DemoAsync("rescue");
        var answer = (await server.AskAsync("/api/preview/bench", RunningServer.RigOf(open))).Body.GetProperty("view");
        var reel = answer.GetProperty("reels").EnumerateArray().First(group => group.GetProperty("cuts").EnumerateArray().Any(cut => cut.GetProperty("isOffcut").GetBoolean()));
        var item = reel.GetProperty("item").GetString();
        string Entry(string what, string key) => $$"""{"what":{"kind":"cut","item":"{{what}}"},"who":"Ana","client":"tablet","revision":1,"idempotencyKey":"{{key}}"}""";
        async Task<double> ShelfAsync() => (await server.GetAsync("/api/shop")).GetProperty("shop").GetProperty("offcuts").EnumerateArray().Sum(offcut => offcut.GetProperty("metres").GetDouble());
        var before = await ShelfAsync();
        Assert.Equal(201, (await server.PostAsync($"{path}/bench", Entry(item!, "one"))).Status);
        var after = await ShelfAsync();
        Assert.True(after < before);
        Assert.Equal(201, (await server.PostAsync($"{path}/bench", Entry(item!, "one"))).Status);
        Assert.Equal(422, (await server.PostAsync($"{path}/bench", Entry(item!, "two"))).Status);
        Assert.Equal(422, (await server.PostAsync($"{path}/bench", Entry("no-such-wire", "three"))).Status);
        Assert.Equal(after, await ShelfAsync());
        Assert.Contains("data-label", await TextAsync(server, $"{path}/wire-labels.html"), StringComparison.Ordinal);
    }

    /// <summary>What is kept for one job is free for no other.</summary>
    [Fact]
    public async Task Stock_that_is_kept_for_a_job_is_not_free_for_another()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var tie = Item(await QuoteAsync(server, "rescue"), "tie-100-mm");
        Assert.Equal((62, 138), (tie.GetProperty("here").GetDouble(), tie.GetProperty("free").GetDouble()));
        var elsewhere = Item(await QuoteAsync(server, "spray"), "tie-100-mm");
        Assert.Equal(138, elsewhere.GetProperty("free").GetDouble());
        Assert.Equal(("Snow-road rescue wagon", 62), (elsewhere.GetProperty("keptFor")[0].GetProperty("job").GetString(), elsewhere.GetProperty("keptFor")[0].GetProperty("count").GetDouble()));
        Assert.Equal(0, tie.GetProperty("keptFor").GetArrayLength());
    }

    /// <summary>Every item that the demo's record names is one of its plan, and its bench is half done.</summary>
    [Fact]
    public async Task The_demos_first_job_has_its_bench_half_done()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        var quote = await QuoteAsync(server, "rescue");
        foreach (var entry in (await server.GetAsync($"{path}/bench")).EnumerateArray())
            if (entry.GetProperty("what").TryGetProperty("item", out var item)) Item(quote, item.GetString()!);
        Assert.Contains(quote.GetProperty("items").EnumerateArray(), item => item.GetProperty("onOrder").GetDouble() > 0);
        Assert.Contains(quote.GetProperty("items").EnumerateArray(), item => item.GetProperty("here").GetDouble() > 0);
        Assert.Contains(quote.GetProperty("items").EnumerateArray(), item => item.GetProperty("toOrder").GetDouble() > 0);
    }

    [Fact]
    public async Task The_quote_as_a_page_has_the_sums_of_the_bench()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        var quote = await QuoteAsync(server, "rescue");
        var page = System.Xml.Linq.XDocument.Parse((await TextAsync(server, $"{path}/quote.html")).Replace("<!doctype html>", "", StringComparison.Ordinal).Replace("<meta charset=\"utf-8\">", "", StringComparison.Ordinal).Replace("<link rel=\"stylesheet\" href=\"/print.css\">", "", StringComparison.Ordinal));
        var sums = page.Descendants("table").Single(table => (string?)table.Attribute("class") == "sums").Descendants("td").Select(cell => decimal.Parse(cell.Value.Split(' ')[0].Replace(",", "", StringComparison.Ordinal), System.Globalization.CultureInfo.InvariantCulture)).ToList();
        Assert.Equal([quote.GetProperty("parts").GetDecimal(), quote.GetProperty("labour").GetDecimal(), quote.GetProperty("net").GetDecimal(), quote.GetProperty("tax").GetDecimal(), quote.GetProperty("gross").GetDecimal()], sums);
        Assert.Equal(quote.GetProperty("items").EnumerateArray().Count(item => item.GetProperty("sum").ValueKind == JsonValueKind.Number), page.Descendants("tr").Count(row => row.Attribute("data-item") is not null));
    }

    [Fact]
    public async Task Builds_are_held_beside_each_other_and_one_of_them_is_one_edit()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (_, open) = await server.DemoAsync("chipper");
        var rig = RunningServer.RigOf(open);
        var builds = JsonNode.Parse("""[{"kind":"asPlanned"},{"kind":"byTemplate","template":"power-box","lineIds":[]},{"kind":"bySchool","school":"lightFirst"}]""");
        var (status, figures) = await server.AskAsync("/api/preview/builds", rig.DeepClone(), ("builds", builds));
        Assert.Equal(200, status);
        Assert.Equal(3, figures.GetArrayLength());
        Assert.All(figures.EnumerateArray(), one => Assert.True(one.GetProperty("whyNot").GetString()!.Length > 0 || one.GetProperty("price").GetDecimal() > 0));
        var (edited, done) = await server.EditAsync(rig, "takeBuild", ("build", JsonNode.Parse("""{"kind":"bySchool","school":"lightFirst"}""")));
        Assert.Equal(200, edited);
        Assert.Equal("lightFirst", done.GetProperty("rig").GetProperty("houseRules").GetProperty("sizing").GetString());
        var (bad, problem) = await server.AskAsync("/api/preview/builds", rig.DeepClone(), ("builds", JsonNode.Parse("""[{"kind":"byTemplate","template":"none","lineIds":["gone"]}]""")));
        Assert.Equal(400, bad);
        Assert.Equal(["builds[0].lineIds[0]", "builds[0].template"], problem.GetProperty("errors").EnumerateObject().Select(error => error.Name).Order(StringComparer.Ordinal));
    }
}
