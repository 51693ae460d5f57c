using System.Globalization;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>How long from a key to redrawn figures; only measured when asked for, by ./bench reach.</summary>
public class ReachMeasures(Workshop workshop, ITestOutputHelper output) : IClassFixture<Workshop>
{
    private const int Edits = 48;
    private const int ManyLines = 200;

    private readonly Page page = workshop.Page;

    /// <summary>Types a figure and waits for the station's text to change and to be painted.</summary>
    private const string Measure = """
        const [field, station, values, done] = arguments;
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
        const times = [];
        const text = () => document.querySelector(station).textContent;
        const next = (i) => {
          if (i === values.length) { done(times); return; }
          const before = text();
          const from = performance.now();
          const see = () => {
            if (text() === before) { requestAnimationFrame(see); return; }
            requestAnimationFrame(() => { times.push(performance.now() - from); setTimeout(() => next(i + 1), 900); });
          };
          set.call(field, values[i]);
          field.dispatchEvent(new Event('input', { bubbles: true }));
          requestAnimationFrame(see);
        };
        next(0);
        """;

    [Fact(Explicit = true)]
    public void Edit_to_redrawn_figures_on_the_demo_rig()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Rear work lamps')]")).Click();
        Report("12 lines", Edits);
    }

    [Fact(Explicit = true)]
    public async Task Edit_to_redrawn_figures_on_a_rig_of_many_lines()
    {
        page.Open("/");
        using var http = new HttpClient { BaseAddress = new Uri(new Uri(page.Driver.Url).GetLeftPart(UriPartial.Authority)) };
        var cancellation = TestContext.Current.CancellationToken;
        var jobs = JsonNode.Parse(await http.GetStringAsync("/api/jobs", cancellation))!.AsArray();
        var wagon = jobs.First(job => job!["name"]!.GetValue<string>().Contains("rescue", StringComparison.Ordinal))!["id"]!.GetValue<string>();
        var file = JsonNode.Parse(await http.GetStringAsync($"/api/jobs/{wagon}/file", cancellation))!;
        file["name"] = "Many lines";
        var lines = file["rig"]!["lines"]!.AsArray();
        var planned = lines.Where(line => line!["plan"] is not null).Select(line => line!.DeepClone()).ToList();
        for (var i = 0; lines.Count < ManyLines; i++)
        {
            var copy = planned[i % planned.Count].DeepClone();
            copy["id"] = $"more-{i}";
            copy["name"] = $"More {i}";
            copy["plan"]!["lay"] = null;
            lines.Add(copy);
        }
        using var content = new StringContent(file.ToJsonString(), System.Text.Encoding.UTF8, "application/json");
        using var made = await http.PostAsync("/api/job-files", content, cancellation);
        made.EnsureSuccessStatusCode();
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Many lines']//a")).Click();
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Rear work lamps')]")).Click();
        Report($"{ManyLines} lines", Edits / 2);
    }

    [Fact(Explicit = true)]
    public void Scripts_of_the_first_load()
    {
        page.Open("/");
        page.Find(By.TagName("article"));
        var bytes = Convert.ToDouble(page.Run("return performance.getEntriesByType('resource').filter(entry => entry.name.endsWith('.js')).reduce((sum, entry) => sum + entry.encodedBodySize, 0)"), CultureInfo.InvariantCulture);
        output.WriteLine($"JavaScript of the first load: {bytes / 1000:0} kB as sent");
    }

    private void Report(string rig, int edits)
    {
        page.Find(By.CssSelector("[data-station='work-l.main']")).Click();
        var field = page.Field("Power");
        var values = Enumerable.Range(0, edits).Select(i => (20 + i % 20).ToString(CultureInfo.InvariantCulture)).ToArray();
        page.Driver.Manage().Timeouts().AsynchronousJavaScript = TimeSpan.FromMinutes(3);
        var times = ((IEnumerable<object>)page.Driver.ExecuteAsyncScript(Measure, field, "[data-station='work-l.main']", values)!)
            .Select(time => Convert.ToDouble(time, CultureInfo.InvariantCulture)).Order().ToList();
        output.WriteLine($"{rig}: edit to redrawn figures, {edits} edits: median {times[edits / 2]:0} ms, 95th percentile {times[edits * 95 / 100]:0} ms, most {times[^1]:0} ms");
    }
}
