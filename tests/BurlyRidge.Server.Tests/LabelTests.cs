using System.Text.Json.Nodes;
using SkiaSharp;
using UglyToad.PdfPig;

namespace BurlyRidge.Server.Tests;

/// <summary>Labels and the card under the bonnet over HTTP.</summary>
public class LabelTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    /// <summary>The code is read back by a general-purpose reader, from the drawing at 300 dots an inch, and says the text itself; its modules are at least 0.4 mm.</summary>
    [Theory]
    [InlineData("rescue")]
    [InlineData("Orchard")]
    [InlineData("chipper")]
    [InlineData("Warden")]
    public async Task The_code_under_the_bonnet_is_read_back(string job)
    {
        var (path, opened) = await server.DemoAsync(job);
        var svg = System.Xml.Linq.XElement.Parse(await server.Http.GetStringAsync($"{path}/bonnet-card.svg", TestContext.Current.CancellationToken));
        var view = ((string)svg.Attribute("viewBox")!).Split(' ').Select(text => double.Parse(text, System.Globalization.CultureInfo.InvariantCulture)).ToList();
        const double dots = 300 / 25.4;
        var boxes = svg.Elements().Single(element => (string?)element.Attribute("data-code") == "qr").Elements().ToList();
        double At(System.Xml.Linq.XElement box, string name) => double.Parse((string)box.Attribute(name)!, System.Globalization.CultureInfo.InvariantCulture);
        Assert.All(boxes, box => Assert.True(At(box, "height") >= 0.4));
        using var bitmap = new SKBitmap((int)(view[2] * dots), (int)(view[3] * dots));
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(SKColors.White);
            canvas.Scale((float)dots);
            using var ink = new SKPaint { Color = SKColors.Black };
            foreach (var box in boxes) canvas.DrawRect((float)At(box, "x"), (float)At(box, "y"), (float)At(box, "width"), (float)At(box, "height"), ink);
        }
        using var png = bitmap.Encode(SKEncodedImageFormat.Png, 100);
        await Tools.WithFileAsync(png.ToArray(), "png", file =>
        {
            var (code, said) = Tools.Run("zbarimg", "--quiet", "--raw", file);
            Assert.Equal(0, code);
            Assert.StartsWith(opened.GetProperty("name").GetString()!, said, StringComparison.Ordinal);
            Assert.Contains("Emergency, pull:", said, StringComparison.Ordinal);
            Assert.InRange(System.Text.Encoding.UTF8.GetByteCount(said.Split("Connection")[0].TrimEnd('\n')), 40, 600);
        });
    }

    [Fact]
    public async Task Sheets_follow_what_the_shop_entered()
    {
        await using var own = await RunningServer.StartAsync(demo: true);
        var (path, opened) = await own.DemoAsync("rescue");
        var shop = await own.GetAsync("/api/shop");
        var changed = JsonNode.Parse(shop.GetProperty("shop").GetRawText())!;
        changed["labelSheet"] = new JsonObject { ["paper"] = "letter", ["columns"] = 2, ["rows"] = 10, ["leftMillimetres"] = 10, ["topMillimetres"] = 12, ["widthMillimetres"] = 90, ["heightMillimetres"] = 24, ["used"] = 3 };
        Assert.Equal(200, (await own.SendAsync(HttpMethod.Put, "/api/shop", new JsonObject { ["shop"] = changed.DeepClone(), ["onVersion"] = shop.GetProperty("version").GetInt32() }.ToJsonString())).Status);
        var labels = (await own.AskAsync("/api/preview/labels", RunningServer.RigOf(opened))).Body;
        var count = labels.GetProperty("labels").GetArrayLength();
        Assert.Equal((int)Math.Ceiling((count + 3) / 20.0), labels.GetProperty("sheets").GetArrayLength());
        using var pdf = PdfDocument.Open(await own.Http.GetByteArrayAsync($"{path}/labels.pdf", TestContext.Current.CancellationToken));
        Assert.Equal(labels.GetProperty("sheets").GetArrayLength(), pdf.NumberOfPages);
        Assert.Equal(612, pdf.GetPage(1).Width, 0.5);
        var rows = (await own.Http.GetStringAsync($"{path}/labels.csv", TestContext.Current.CancellationToken)).Split("\r\n", StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal(count + 1, rows.Length);
        Assert.StartsWith("kind,about,large,small", rows[0].TrimStart('\uFEFF'), StringComparison.Ordinal);
        var fuses = await own.Http.GetStringAsync($"{path}/labels.csv?kinds=fuse,relay", TestContext.Current.CancellationToken);
        Assert.DoesNotContain("wireEnd", fuses, StringComparison.Ordinal);
        Assert.Single((await own.Http.GetStringAsync($"{path}/labels.csv?kinds=", TestContext.Current.CancellationToken)).Split("\r\n", StringSplitOptions.RemoveEmptyEntries));
        Assert.Contains("data-label", await own.Http.GetStringAsync($"{path}/labels.svg?sheet=1", TestContext.Current.CancellationToken), StringComparison.Ordinal);
        foreach (var bad in new[] { "labels.svg?sheet=99", "labels.svg?sheet=0", "labels.pdf?kinds=nonsense", "labels.csv?kinds=3" })
            Assert.Equal(400, (int)(await own.Http.GetAsync($"{path}/{bad}", TestContext.Current.CancellationToken)).StatusCode);
        changed["labelSheet"]!["columns"] = 5;
        Assert.Equal(400, (await own.SendAsync(HttpMethod.Put, "/api/shop", new JsonObject { ["shop"] = changed.DeepClone(), ["onVersion"] = shop.GetProperty("version").GetInt32() + 1 }.ToJsonString())).Status);
    }
}
