using System.Globalization;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using SkiaSharp;

namespace BurlyRidge.Server.Tests;

/// <summary>The run sheet over the interface: ticks are kept, refused by field, told where the plan went on.</summary>
public class RunSheetTests
{
    private static JsonObject Done(string step, params JsonObject[] answers) => new JsonObject { ["kind"] = "done", ["step"] = step, ["answers"] = new JsonArray(answers) };

    private static JsonObject Yes(string key) => new() { ["key"] = key, ["yes"] = true };

    private static JsonObject Number(string key, double number, string because = "") => new() { ["key"] = key, ["number"] = number, ["because"] = because };

    private static Task<(int Status, JsonElement Body)> WriteAsync(RunningServer server, string path, JsonNode what, string key, int revision = 1, string who = "Ana") =>
        server.PostAsync($"{path}/run-sheet", new JsonObject { ["what"] = what, ["who"] = who, ["client"] = "tablet", ["revision"] = revision, ["idempotencyKey"] = key }.ToJsonString());

    private static async Task<JsonElement> LookAsync(RunningServer server, string path)
    {
        var open = await server.GetAsync(path);
        return (await server.AskAsync("/api/preview/run-sheet", RunningServer.RigOf(open), ("job", path.Split('/')[^1]))).Body.GetProperty("view");
    }

    private static JsonElement Card(JsonElement view, string step) => view.GetProperty("steps").EnumerateArray().Single(card => card.GetProperty("step").GetProperty("id").GetString() == step);

    private static IEnumerable<string> Fields(JsonElement problem) => problem.GetProperty("errors").EnumerateObject().Select(error => error.Name);

    /// <summary>The first job of a fresh database stands in the middle of its sheet, left at a hold point.</summary>
    [Fact]
    public async Task The_demo_stands_in_the_middle_paused_at_a_hold_point()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        var view = await LookAsync(server, path);
        var cards = view.GetProperty("steps").EnumerateArray().ToList();
        Assert.InRange(cards.Count(card => card.GetProperty("state").GetString() == "done"), cards.Count / 5, 4 * cards.Count / 5);
        Assert.DoesNotContain(cards, card => card.GetProperty("state").GetString() is "again" or "undo");
        var next = Card(view, view.GetProperty("next").GetString()!);
        Assert.True(next.GetProperty("ready").GetBoolean());
        Assert.Equal("earthBared", next.GetProperty("step").GetProperty("hold").GetString());
        Assert.NotEqual("", view.GetProperty("paused").GetString());
        Assert.Contains(view.GetProperty("open").EnumerateArray(), open => open.GetProperty("kind").GetString() == "batteryOff");
        Assert.Contains(cards, card => card.GetProperty("done") is { ValueKind: JsonValueKind.Object } done && done.GetProperty("minutes").ValueKind == JsonValueKind.Number);
        Assert.True(view.GetProperty("forecast").GetProperty("fromSteps").GetInt32() > 0);
    }

    [Fact]
    public async Task A_hold_point_is_refused_by_field_then_passed_and_stays_over_a_restart()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        var step = (await LookAsync(server, path)).GetProperty("next").GetString()!;
        var (status, problem) = await WriteAsync(server, path, Done(step, Yes("bright"), Number("ohms", 4)), "first");
        Assert.Equal(400, status);
        Assert.Equal(["what.answers[1].number"], Fields(problem));
        Assert.Equal(["what.answers.bright.yes", "what.answers.ohms.number"], Fields((await WriteAsync(server, path, Done(step), "none")).Body).Order());
        Assert.Equal("toDo", Card(await LookAsync(server, path), step).GetProperty("state").GetString());
        var (written, answer) = await WriteAsync(server, path, Done(step, Yes("bright"), Number("ohms", 0.1)), "second");
        Assert.Equal(201, written);
        Assert.Equal("done", Card(answer.GetProperty("sheet").GetProperty("view"), step).GetProperty("state").GetString());
        Assert.Equal(201, (await WriteAsync(server, path, Done(step, Yes("bright"), Number("ohms", 0.1)), "second")).Status);
        var count = (await server.GetAsync($"{path}/run-sheet")).GetArrayLength();
        await server.RestartAsync();
        Assert.Equal(count, (await server.GetAsync($"{path}/run-sheet")).GetArrayLength());
        var after = await LookAsync(server, path);
        Assert.Equal("done", Card(after, step).GetProperty("state").GetString());
        Assert.NotEqual(step, after.GetProperty("next").GetString());
    }

    [Fact]
    public async Task What_cannot_be_taken_is_told_by_field_and_nothing_is_stored()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        var before = (await server.GetAsync($"{path}/run-sheet")).GetArrayLength();
        var bad = new (JsonNode What, int Revision, string Field)[]
        {
            (Done("hand-over"), 1, "what.step"),
            (Done("no-such-step"), 1, "what.step"),
            (new JsonObject { ["kind"] = "undone", ["step"] = "hand-over" }, 1, "what.step"),
            (new JsonObject { ["kind"] = "noted", ["step"] = "", ["text"] = "" }, 1, "what.text"),
            (new JsonObject { ["kind"] = "noted", ["step"] = "", ["text"] = "x" }, 99, "revision"),
            (new JsonObject { ["kind"] = "fasteners", ["step"] = "x", ["count"] = -1, ["what"] = "bolt" }, 1, "what.count"),
            (new JsonObject { ["kind"] = "fasteners", ["step"] = "x", ["count"] = 2, ["what"] = "bolt", ["broke"] = 3 }, 1, "what.broke"),
            (new JsonObject { ["kind"] = "waits", ["step"] = "hand-over", ["for"] = "part", ["until"] = "soon" }, 1, "what.until"),
            (new JsonObject { ["kind"] = "photographed", ["step"] = "", ["about"] = "", ["photo"] = "none.jpg" }, 1, "what.photo"),
            (new JsonObject { ["kind"] = "found", ["what"] = new JsonObject { ["kind"] = "wire", ["what"] = "" } }, 1, "what.what.what"),
            (new JsonObject { ["kind"] = "noted", ["step"] = "", ["text"] = "x", ["when"] = "yesterday" }, 1, "what.when"),
            (new JsonObject { ["kind"] = "lost" }, 1, "what.kind"),
        };
        foreach (var (what, revision, field) in bad)
        {
            var (status, problem) = await WriteAsync(server, path, what, $"bad-{field}-{what["kind"]}", revision);
            Assert.Equal((400, field), (status, Fields(problem).First()));
        }
        Assert.Equal(before, (await server.GetAsync($"{path}/run-sheet")).GetArrayLength());
    }

    /// <summary>A tick that was made on an earlier plan, out of reach, is kept though the plan has no such step any more.</summary>
    [Fact]
    public async Task A_tick_on_a_step_that_a_later_plan_dropped_is_told_and_kept()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, open) = await server.DemoAsync("rescue");
        const string lay = "lay-rear-work-battery-quarter-left";
        Assert.Equal("toDo", Card(await LookAsync(server, path), lay).GetProperty("state").GetString());
        var (edited, without) = await server.EditAsync(RunningServer.RigOf(open), "removeLine", ("lineId", "rear-work"));
        Assert.Equal(200, edited);
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, $"{path}/rig", $$"""{"rig":{{without.GetProperty("rig").GetRawText()}},"onRevision":1,"idempotencyKey":"edit"}""")).Status);
        var (status, answer) = await WriteAsync(server, path, Done(lay), "late", revision: 1);
        Assert.Equal(201, status);
        Assert.NotEqual("", answer.GetProperty("told").GetString());
        Assert.Contains(answer.GetProperty("sheet").GetProperty("view").GetProperty("steps").EnumerateArray(), card => card.GetProperty("step").GetProperty("id").GetString() == $"undo-{lay}" && card.GetProperty("state").GetString() == "undo");
        var (undone, back) = await WriteAsync(server, path, new JsonObject { ["kind"] = "undone", ["step"] = lay }, "back", revision: 2);
        Assert.Equal(201, undone);
        Assert.DoesNotContain(back.GetProperty("sheet").GetProperty("view").GetProperty("steps").EnumerateArray(), card => card.GetProperty("step").GetProperty("id").GetString() == $"undo-{lay}");
    }

    [Fact]
    public async Task A_clock_that_is_ahead_is_told_and_the_order_is_the_server_s()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("spray");
        JsonObject Note(string text, DateTimeOffset when) => new() { ["kind"] = "noted", ["step"] = "", ["text"] = text, ["when"] = when.ToString("o", CultureInfo.InvariantCulture) };
        Assert.NotEqual("", (await WriteAsync(server, path, Note("ahead", DateTimeOffset.Now.AddHours(5)), "a")).Body.GetProperty("told").GetString());
        Assert.Equal("", (await WriteAsync(server, path, Note("late", DateTimeOffset.Now.AddHours(-5)), "b")).Body.GetProperty("told").GetString());
        var texts = (await server.GetAsync($"{path}/run-sheet")).EnumerateArray().Select(entry => entry.GetProperty("what").GetProperty("text").GetString());
        Assert.Equal(["ahead", "late"], texts);
    }

    [Fact]
    public async Task A_second_name_is_asked_for_where_the_shop_does()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        var shop = await server.GetAsync("/api/shop");
        var changed = JsonNode.Parse(shop.GetProperty("shop").GetRawText())!;
        changed["secondNameAtHolds"] = true;
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, "/api/shop", new JsonObject { ["shop"] = changed, ["onVersion"] = shop.GetProperty("version").GetInt32() }.ToJsonString())).Status);
        var step = (await LookAsync(server, path)).GetProperty("next").GetString()!;
        var tick = Done(step, Yes("bright"), Number("ohms", 0.1));
        Assert.Equal(["what.second"], Fields((await WriteAsync(server, path, tick, "one")).Body));
        tick["second"] = "Ben";
        Assert.Equal(201, (await WriteAsync(server, path, tick.DeepClone(), "two")).Status);
    }

    /// <summary>What was found on one vehicle is offered on the next of its kind, as a guess where the year is another.</summary>
    [Fact]
    public async Task Findings_go_to_the_next_vehicle_of_the_kind()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, open) = await server.DemoAsync("spray");
        JsonObject Kind(string year) => new() { ["kind"] = "ofVehicle", ["vehicle"] = new JsonObject { ["name"] = "long wagon, MOUNTAIN series", ["year"] = year, ["trim"] = "Hut", ["options"] = "second alternator bracket" } };
        async Task<List<JsonElement>> OfferedAsync() => [.. (await server.AskAsync("/api/preview/run-sheet", RunningServer.RigOf(open), ("job", path.Split('/')[^1]))).Body.GetProperty("offered").EnumerateArray()];
        Assert.Empty(await OfferedAsync());
        Assert.Equal(201, (await WriteAsync(server, path, Kind("2025"), "kind")).Status);
        var offered = await OfferedAsync();
        Assert.Contains(offered, one => one.GetProperty("what").GetProperty("colour").GetString() == "blue/white" && !one.GetProperty("guess").GetBoolean() && one.GetProperty("job").GetString()!.Contains("rescue", StringComparison.Ordinal));
        Assert.Equal(201, (await WriteAsync(server, path, Kind("2019"), "kind-2")).Status);
        Assert.All(await OfferedAsync(), one => Assert.True(one.GetProperty("guess").GetBoolean()));
    }

    private static async Task<(int Status, string Text)> CsvAsync(RunningServer server, string path, string text)
    {
        using var content = new StringContent(text, Encoding.UTF8, "text/csv");
        using var response = await server.Http.PostAsync(path, content, TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    private static Task<string> TextAsync(RunningServer server, string path) => server.Http.GetStringAsync(path, TestContext.Current.CancellationToken);

    [Theory]
    [InlineData("findings.csv")]
    [InlineData("wire-register.csv")]
    public async Task Findings_and_register_go_out_and_come_back_the_same(string file)
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (from, _) = await server.DemoAsync("rescue");
        var (to, _) = await server.DemoAsync("spray");
        var text = await TextAsync(server, $"{from}/{file}");
        Assert.True(text.Split('\n').Length > 2, "there is something in it");
        Assert.Equal(200, (await CsvAsync(server, $"{to}/{file}", text)).Status);
        Assert.Equal(200, (await CsvAsync(server, $"{to}/{file}", text)).Status);
        Assert.Equal(text, await TextAsync(server, $"{to}/{file}"));
    }

    [Theory]
    [InlineData("findings.csv", "kind,what\nwire,Signal\nspell,Signal\n", "row 3, kind")]
    [InlineData("findings.csv", "kind,what\nwire,\n", "row 2, what")]
    [InlineData("findings.csv", "kind,what,found_on\nwire,Signal,soon\n", "row 2, found_on")]
    [InlineData("wire-register.csv", "at,colour\nbox.o1,\n", "row 2, colour")]
    [InlineData("wire-register.csv", "at\nbox.o1\n", "file")]
    public async Task A_bad_row_is_told_and_nothing_is_taken(string file, string text, string field)
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("spray");
        var (status, problem) = await CsvAsync(server, $"{path}/{file}", text);
        Assert.Equal(400, status);
        Assert.Contains(JsonDocument.Parse(problem).RootElement.GetProperty("errors").EnumerateObject(), error => error.Name == field);
        Assert.Equal(0, (await server.GetAsync($"{path}/run-sheet")).GetArrayLength());
    }

    [Fact]
    public async Task The_calendar_is_read_by_a_reader()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, open) = await server.DemoAsync("rescue");
        var calendar = Ical.Net.Calendar.Load(await TextAsync(server, $"{path}/run-sheet.ics"))!;
        Assert.True(calendar.Events.Count > 2);
        Assert.Contains(calendar.Events, entry => entry.IsAllDay && entry.Start!.Date == new DateOnly(2026, 12, 11));
        var work = calendar.Events.Where(entry => !entry.IsAllDay).ToList();
        Assert.All(work, entry => Assert.Contains(open.GetProperty("name").GetString()!, entry.Summary, StringComparison.Ordinal));
        Assert.All(work, entry => Assert.DoesNotContain(entry.Start!.Value.DayOfWeek, new[] { DayOfWeek.Saturday, DayOfWeek.Sunday }));
        Assert.All(work.OrderBy(entry => entry.Start!.Value).Zip(work.OrderBy(entry => entry.Start!.Value).Skip(1)), pair => Assert.True(pair.First.End!.Value <= pair.Second.Start!.Value, "one after the other"));
    }

    [Fact]
    public async Task The_sheet_is_printed_with_a_box_for_every_step()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        var page = await TextAsync(server, $"{path}/run-sheet.html");
        Assert.All((await LookAsync(server, path)).GetProperty("steps").EnumerateArray(), card => Assert.Contains($"data-step=\"{card.GetProperty("step").GetProperty("id").GetString()}\"", page, StringComparison.Ordinal));
        Assert.Contains("☑", page, StringComparison.Ordinal);
    }

    private static byte[] Picture(int width, int height, SKEncodedImageFormat format = SKEncodedImageFormat.Jpeg)
    {
        using var bitmap = new SKBitmap(width, height);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(SKColors.DarkGreen);
            using var paint = new SKPaint { Color = SKColors.Red };
            canvas.DrawRect(0, 0, width / 2f, height / 4f, paint);
        }
        using var data = bitmap.Encode(format, 90);
        return data.ToArray();
    }

    /// <summary>A JPEG with an EXIF block that says how the camera was held and where.</summary>
    private static byte[] Exif(byte[] jpeg, byte orientation)
    {
        byte[] tiff =
        [
            (byte)'I', (byte)'I', 42, 0, 8, 0, 0, 0, 2, 0,
            0x12, 0x01, 3, 0, 1, 0, 0, 0, orientation, 0, 0, 0, // Orientation
            0x0F, 0x01, 2, 0, 4, 0, 0, 0, (byte)'G', (byte)'P', (byte)'S', 0, // Make, as a mark to look for
            0, 0, 0, 0,
        ];
        byte[] head = [(byte)'E', (byte)'x', (byte)'i', (byte)'f', 0, 0];
        var length = 2 + head.Length + tiff.Length;
        return [.. jpeg[..2], 0xFF, 0xE1, (byte)(length >> 8), (byte)length, .. head, .. tiff, .. jpeg[2..]];
    }

    private static async Task<(int Status, JsonElement Body)> PhotoAsync(RunningServer server, string path, byte[] bytes, string key, string type = "image/jpeg")
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new MediaTypeHeaderValue(type);
        using var response = await server.Http.PostAsync($"{path}/photos?revision=1&key={key}&step=reach&caption=Roof&who=Ana&client=tablet", content, TestContext.Current.CancellationToken);
        var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, text.Length == 0 ? default : JsonDocument.Parse(text).RootElement);
    }

    [Theory]
    [InlineData(1, 400, 200)]
    [InlineData(3, 400, 200)]
    [InlineData(6, 200, 400)]
    [InlineData(8, 200, 400)]
    public async Task A_photo_is_upright_and_holds_nothing_but_the_picture(byte orientation, int width, int height)
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("spray");
        var sent = Exif(Picture(400, 200), orientation);
        Assert.Contains("GPS", Encoding.Latin1.GetString(sent), StringComparison.Ordinal);
        var (status, entry) = await PhotoAsync(server, path, sent, "one");
        Assert.Equal(201, status);
        var name = entry.GetProperty("what").GetProperty("photo").GetString();
        var kept = await server.Http.GetByteArrayAsync($"{path}/photos/{name}", TestContext.Current.CancellationToken);
        Assert.DoesNotContain("GPS", Encoding.Latin1.GetString(kept), StringComparison.Ordinal);
        Assert.DoesNotContain("Exif", Encoding.Latin1.GetString(kept), StringComparison.Ordinal);
        using var bitmap = SKBitmap.Decode(kept);
        Assert.Equal((width, height), (bitmap.Width, bitmap.Height));
        // The red corner was at the upper left of the sensor.
        var (x, y) = orientation switch { 1 => (5, 5), 3 => (width - 6, height - 6), 6 => (width - 6, 5), _ => (5, height - 6) };
        Assert.True(bitmap.GetPixel(x, y).Red > 180, $"{bitmap.GetPixel(x, y)} at {x}, {y}");
    }

    [Fact]
    public async Task A_photo_is_kept_small_once_and_after_a_restart()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("spray");
        var (status, entry) = await PhotoAsync(server, path, Picture(4000, 1000, SKEncodedImageFormat.Png), "one", "image/png");
        Assert.Equal(201, status);
        Assert.Equal(201, (await PhotoAsync(server, path, Picture(4000, 1000, SKEncodedImageFormat.Png), "one", "image/png")).Status);
        await server.RestartAsync();
        Assert.Equal(1, (await server.GetAsync($"{path}/run-sheet")).GetArrayLength());
        using var bitmap = SKBitmap.Decode(await server.Http.GetByteArrayAsync($"{path}/photos/{entry.GetProperty("what").GetProperty("photo").GetString()}", TestContext.Current.CancellationToken));
        Assert.Equal((2048, 512), (bitmap.Width, bitmap.Height));
        Assert.Equal(201, (await PhotoAsync(server, path, Picture(300, 200, SKEncodedImageFormat.Webp), "two", "image/webp")).Status);
        var notes = Card(await LookAsync(server, path), "reach").GetProperty("notes");
        Assert.Equal("Roof", notes[0].GetProperty("text").GetString());
    }

    [Fact]
    public async Task A_picture_that_is_none_or_too_large_is_refused_and_nothing_is_stored()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("spray");
        var good = Picture(300, 200);
        // A header alone that promises more than is opened: width and height of a PNG stand in its first block.
        var huge = Picture(10, 10, SKEncodedImageFormat.Png);
        foreach (var (at, value) in new[] { (16, 0x27), (20, 0x27) }) huge[at + 2] = (byte)value;
        Crc(huge);
        foreach (var (bytes, why) in new[] { (Encoding.UTF8.GetBytes("no picture at all"), "none"), (good[..(good.Length / 3)], "broken"), (huge, "megapixels"), (Array.Empty<byte>(), "empty") })
        {
            var (status, problem) = await PhotoAsync(server, path, bytes, $"bad-{why}");
            Assert.True(status == 400, why);
            Assert.Equal(["photo"], Fields(problem));
        }
        using var content = new ByteArrayContent(new byte[16 * 1024 * 1024]);
        content.Headers.ContentType = new MediaTypeHeaderValue("image/jpeg");
        using var request = new HttpRequestMessage(HttpMethod.Post, $"{path}/photos?revision=1&key=large") { Content = content };
        request.Headers.ExpectContinue = true;
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(413, (int)response.StatusCode);
        Assert.Equal(0, (await server.GetAsync($"{path}/run-sheet")).GetArrayLength());
        using var away = await server.Http.GetAsync($"{path}/photos/..%2F..%2Fburly-ridge.db", TestContext.Current.CancellationToken);
        Assert.Equal(404, (int)away.StatusCode);
    }

    /// <summary>The checksum of a PNG's first block made right again (ISO/IEC 15948, annex D).</summary>
    private static void Crc(byte[] png)
    {
        var crc = 0xFFFFFFFFu;
        foreach (var one in png.AsSpan(12, 17))
        {
            crc ^= one;
            for (var i = 0; i < 8; i++) crc = (crc & 1) == 1 ? (crc >> 1) ^ 0xEDB88320u : crc >> 1;
        }
        System.Buffers.Binary.BinaryPrimitives.WriteUInt32BigEndian(png.AsSpan(29), ~crc);
    }
}
