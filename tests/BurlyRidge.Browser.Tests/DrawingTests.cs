using BurlyRidge.Core.Tests.Support;
using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Tests.Support.Shapes;
using BurlyRidge.Core.Templates;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>What is drawn can be read: measured in the browser, in the shipped font.</summary>
public class DrawingTests(Workshop workshop) : IClassFixture<Workshop>
{
    /// <summary>Letters of a diagram are that high at least, px.</summary>
    private const double LeastPixels = 11;

    private readonly Page page = workshop.Page;

    /// <summary>Puts a drawing on the page as the diagram has it, and gives what of its texts cannot be read.</summary>
    private string Unreadable(string svg) => (string)page.Run($$"""
        const box = document.createElement('div');
        box.innerHTML = arguments[1];
        const shown = box.firstElementChild;
        const [, , wide, high] = shown.getAttribute('viewBox').split(' ').map(Number);
        shown.setAttribute('width', wide * 4.8);
        shown.setAttribute('height', high * 4.8);
        document.body.append(box);
        const measure = new Function({{JsonSerializer.Serialize(Script("overlapping-texts.js"))}});
        const found = measure(arguments[0], shown);
        box.remove();
        return found;
        """, LeastPixels, svg)!;

    private static string Script(string name) => File.ReadAllText(Path.Combine(Repository.Root, "tests", "BurlyRidge.Browser.Tests", name));

    private void OpenWithFont()
    {
        page.Open("/");
        page.Find(By.TagName("article"));
        page.Driver.ExecuteAsyncScript("const done = arguments[0]; Promise.all(['400', '700'].map(weight => document.fonts.load(weight + ' 16px \"Overpass Variable\"'))).then(() => done())");
    }

    private void AllReadable(IEnumerable<(string Name, string Svg)> drawings)
    {
        OpenWithFont();
        var (bad, many) = (new List<string>(), 0);
        foreach (var (name, svg) in drawings)
        {
            many++;
            if (Unreadable(svg) is { Length: > 0 } found) bad.Add($"{name}: {found}");
        }
        Assert.Empty(bad);
        Assert.True(many > 5, $"{many} drawings");
    }

    [Fact]
    public async Task Every_diagram_of_the_demo_jobs_can_be_read()
    {
        var drawings = new List<(string, string)>();
        var jobs = await workshop.Http.GetFromJsonAsync<JsonElement>("/api/jobs", TestContext.Current.CancellationToken);
        foreach (var job in jobs.EnumerateArray())
        {
            var id = job.GetProperty("id").GetString();
            var opened = await workshop.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{id}", TestContext.Current.CancellationToken);
            foreach (var line in opened.GetProperty("rig").GetProperty("lines").EnumerateArray())
                drawings.Add((line.GetProperty("name").GetString()!, await workshop.Http.GetStringAsync($"/api/jobs/{id}/diagram.svg?line={line.GetProperty("id").GetString()}", TestContext.Current.CancellationToken)));
            drawings.Add((job.GetProperty("name").GetString()!, await workshop.Http.GetStringAsync($"/api/jobs/{id}/diagram.svg", TestContext.Current.CancellationToken)));
        }
        AllReadable(drawings);
    }

    [Fact]
    public async Task The_diagram_of_every_template_can_be_read()
    {
        var id = (await workshop.Http.GetFromJsonAsync<JsonElement>("/api/jobs", TestContext.Current.CancellationToken)).EnumerateArray().First(job => job.GetProperty("name").GetString()!.StartsWith("Snow", StringComparison.Ordinal)).GetProperty("id").GetString();
        var rig = JsonNode.Parse(await workshop.Http.GetStringAsync($"/api/jobs/{id}", TestContext.Current.CancellationToken))!["rig"]!;
        var drawings = new List<(string, string)>();
        foreach (var template in LineTemplates.All)
        {
            using var answer = await workshop.Http.PostAsJsonAsync("/api/edits", new JsonObject
            {
                ["rig"] = rig.DeepClone(),
                ["command"] = new JsonObject { ["kind"] = "addTemplateLine", ["template"] = template.Id, ["name"] = "Ditch lamps on the bonnet hinges", ["lamp"] = "square-pod", ["count"] = template.UsualCount, ["metres"] = 3 },
            }, TestContext.Current.CancellationToken);
            if (!answer.IsSuccessStatusCode) continue;
            var added = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
            using var drawn = await workshop.Http.PostAsJsonAsync("/api/preview/diagram", new JsonObject { ["rig"] = added["rig"]!.DeepClone(), ["lineId"] = added["lineId"]!.DeepClone() }, TestContext.Current.CancellationToken);
            drawings.Add((template.Id, await drawn.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)));
        }
        AllReadable(drawings);
    }

    [Fact]
    public void Every_shape_of_wiring_can_be_read() => AllReadable(AllShapes.All.Select(shape => (shape.Name, Diagram.OfRig(shape.Rig, shape.Name))));

    [Fact]
    public void A_diagram_enlarged_is_seen_in_its_whole_width_and_what_is_pressed_in_it_opens_in_the_inspector()
    {
        workshop.OpenJob("Snow-road rescue wagon", "/lines?line=rear-work");
        page.Press("Diagram");
        page.Press("Enlarge");
        page.Find(By.CssSelector("[role='dialog'] [data-diagram] svg"));
        page.Until(() => page.Run("const sheet = document.querySelector('[role=dialog] [data-diagram]'); return sheet.scrollWidth <= sheet.clientWidth;") is true, "it is as wide as there is room");
        page.Find(By.CssSelector("[role='dialog'] [data-station='plug-work'] text")).Click();
        page.Until(() => !page.Has(By.CssSelector("[role='dialog']")), "it is closed");
        page.Find(By.CssSelector("[data-diagram] .diagram-open[data-station='plug-work']"));
    }

    [Fact]
    public void A_part_of_the_diagram_is_pressed_by_keys_and_the_pages_of_the_whole_rig_are_turned()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Rear work lamps')]")).Click();
        page.Find(By.CssSelector("[data-station='plug-work']"));
        page.Key("d");
        var plug = page.Find(By.CssSelector("[data-diagram] [data-station='plug-work']"));
        page.Run("arguments[0].focus()", plug);
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        page.Find(By.CssSelector("[data-diagram] .diagram-open[data-station='plug-work']"));
        Assert.False(page.Has(By.CssSelector("svg[data-ridge]")));
        page.Press("Whole rig");
        page.Find(By.XPath("//*[@role = 'status'][starts-with(., 'Page 1 of 13')]"));
        page.Press("Next page");
        page.Find(By.XPath("//*[@role = 'status'][starts-with(., 'Page 2 of 13')]"));
        page.Key("d");
        page.Find(By.CssSelector("svg[data-ridge]"));
    }
}
