using System.Text.Json;
using UglyToad.PdfPig;
using UglyToad.PdfPig.Content;

namespace BurlyRidge.Server.Tests;

/// <summary>The pack as PDF, read by a reader package and by a reference program, held against what the plan and the record say.</summary>
public class PackTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    public static TheoryData<string, string, string> Printed
    {
        get
        {
            var rows = new TheoryData<string, string, string>();
            foreach (var job in new[] { "rescue", "Orchard", "chipper", "Warden" })
                foreach (var (paper, units) in new[] { ("a4", "metric"), ("letter", "imperial") }) rows.Add(job, paper, units);
            return rows;
        }
    }

    private static string Plain(string text) => string.Concat(text.Where(letter => !char.IsWhiteSpace(letter)));

    [Theory]
    [MemberData(nameof(Printed))]
    public async Task It_is_whole_on_any_paper(string job, string paper, string units)
    {
        var (path, opened) = await server.DemoAsync(job);
        var bytes = await server.Http.GetByteArrayAsync($"{path}/pack.pdf?paper={paper}&units={units}", TestContext.Current.CancellationToken);
        await Tools.WithFileAsync(bytes, "pdf", file => Assert.Equal(0, Tools.Run("qpdf", "--check", file).Code));
        using var pdf = PdfDocument.Open(bytes);
        Assert.StartsWith("Hand-over: ", pdf.Information.Title, StringComparison.Ordinal);
        Assert.True(pdf.TryGetBookmarks(out var bookmarks));
        var pages = pdf.GetPages().ToList();
        var (wide, high) = paper == "a4" ? (595.3, 841.9) : (612.0, 792.0);
        foreach (var page in pages)
        {
            Assert.Equal((wide * high), page.Width * page.Height, 600.0);
            var body = page.Letters.Where(letter => letter.StartBaseLine.Y > 40).ToList();
            Assert.True(body.Count > 8, $"page {page.Number} is empty");
            Assert.All(page.Letters, letter => Assert.True(letter.StartBaseLine.X >= 0 && letter.EndBaseLine.X <= page.Width && letter.StartBaseLine.Y >= 0 && letter.StartBaseLine.Y <= page.Height, $"page {page.Number}: {letter.Value} is cut"));
        }
        // Each chapter has its bookmark, and it stands on the page that it leads to.
        var chapters = (await server.AskAsync("/api/preview/pack", RunningServer.RigOf(opened), ("job", path.Split('/')[^1]), ("paper", paper), ("units", units))).Body.GetProperty("chapters").EnumerateArray().ToList();
        Assert.Equal(chapters.Select(chapter => chapter.GetProperty("title").GetString()), bookmarks.Roots.Select(node => node.Title));
        foreach (var chapter in chapters) Assert.Contains(Plain(chapter.GetProperty("title").GetString()!), Plain(TextOf(pages[chapter.GetProperty("page").GetInt32() - 1])), StringComparison.Ordinal);
        // Figures of the assessment, as text.
        var text = Plain(string.Concat(pages.Select(TextOf)));
        foreach (var device in opened.GetProperty("assessment").GetProperty("devices").EnumerateArray().Where(device => device.GetProperty("designAmps").GetDouble() > 0.1 && opened.GetProperty("rig").GetProperty("protection").EnumerateArray().Any(own => own.GetProperty("id").GetString() == device.GetProperty("id").GetString())))
            Assert.Contains(Plain(Core.Wording.PrintedFigure.Of(Core.Wording.Quantity.Amps, device.GetProperty("designAmps").GetDouble(), Core.Wording.UnitSystem.Metric).ToString()), text, StringComparison.Ordinal);
        foreach (var line in opened.GetProperty("rig").GetProperty("lines").EnumerateArray()) Assert.Contains(Plain(line.GetProperty("name").GetString()!), text, StringComparison.Ordinal);
        foreach (var wire in opened.GetProperty("rig").GetProperty("runs").EnumerateArray()) Assert.Contains(Plain(wire.GetProperty("wire").GetString()!), text, StringComparison.Ordinal);
    }

    private static string TextOf(Page page) => string.Concat(page.Letters.Select(letter => letter.Value));

    [Fact]
    public async Task Readings_of_the_record_stand_in_it_to_the_digit()
    {
        var (path, _) = await server.DemoAsync("Warden");
        using var pdf = PdfDocument.Open(await server.Http.GetByteArrayAsync($"{path}/pack.pdf", TestContext.Current.CancellationToken));
        var text = Plain(string.Concat(pdf.GetPages().Select(TextOf)));
        var readings = (await server.GetAsync($"{path}/commissioning")).EnumerateArray().Select(entry => entry.GetProperty("what")).Where(what => what.GetProperty("kind").GetString() == "measured").ToList();
        Assert.NotEmpty(readings);
        foreach (var reading in readings)
            Assert.Contains(Plain(Core.Commissioning.ReadingJudge.Say(reading.GetProperty("value").GetDouble(), reading.GetProperty("unit").GetString()!)), text, StringComparison.Ordinal);
        Assert.Contains("Larch", text, StringComparison.Ordinal);
    }

    /// <summary>A name in letters that the first face does not have is there all the same, and can be searched for.</summary>
    [Fact]
    public async Task Letters_of_other_scripts_are_printed()
    {
        await using var own = await RunningServer.EmptyAsync();
        var (_, job) = await own.PostAsync("/api/jobs", """{"name":"Фургон Ωμέγα ☂ 12","systemVolts":12,"units":"metric"}""");
        using var pdf = PdfDocument.Open(await own.Http.GetByteArrayAsync($"/api/jobs/{job.GetProperty("id").GetString()}/pack.pdf", TestContext.Current.CancellationToken));
        Assert.Contains("ФургонΩμέγα☂12", Plain(TextOf(pdf.GetPage(1))), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_page_carries_everything_itself()
    {
        var (path, _) = await server.DemoAsync("Warden");
        var page = await server.Http.GetStringAsync($"{path}/pack.html", TestContext.Current.CancellationToken);
        Assert.DoesNotMatch("(src|href)=\"(?!#|data:image/jpeg;base64,[A-Za-z0-9+/=]{100,}\")", page);
        Assert.DoesNotContain("<script", page, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("<svg", page, StringComparison.Ordinal);
        Assert.Equal(4, page.Split("<img ").Length - 1);
    }

    [Theory]
    [InlineData("paper=a3", "paper")]
    [InlineData("units=leagues", "units")]
    public async Task What_cannot_be_printed_is_refused_by_its_field(string query, string field)
    {
        var (path, _) = await server.DemoAsync("Warden");
        foreach (var file in new[] { "pack.pdf", "pack.html", "archive.zip" })
        {
            using var refused = await server.Http.GetAsync($"{path}/{file}?{query}", TestContext.Current.CancellationToken);
            Assert.Equal(400, (int)refused.StatusCode);
            Assert.True(JsonDocument.Parse(await refused.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).RootElement.GetProperty("errors").TryGetProperty(field, out _));
        }
    }

    /// <summary>Sixty lines: whole, and every one of them in it.</summary>
    [Fact]
    public async Task A_rig_of_sixty_lines_has_its_pack()
    {
        await using var own = await RunningServer.EmptyAsync();
        var path = await SixtyLines.OpenAsync(own);
        foreach (var choice in new[] { "paper=a4&units=metric", "paper=letter&units=imperial" })
        {
            var bytes = await own.Http.GetByteArrayAsync($"{path}/pack.pdf?{choice}", TestContext.Current.CancellationToken);
            await Tools.WithFileAsync(bytes, "pdf", file => Assert.Equal(0, Tools.Run("qpdf", "--check", file).Code));
            using var pdf = PdfDocument.Open(bytes);
            var text = Plain(string.Concat(pdf.GetPages().Select(TextOf)));
            for (var i = 1; i <= 60; i++) Assert.Contains($"Linenumber{i}", text, StringComparison.Ordinal);
            Assert.All(pdf.GetPages(), page => Assert.True(page.Letters.Count(letter => letter.StartBaseLine.Y > 40) > 8, $"page {page.Number} is empty"));
        }
    }
}
