using BurlyRidge.Server;
using System.Globalization;
using System.Text.Json.Nodes;
using BurlyRidge.Server.Hosting;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>How long from a key to redrawn figures; only measured when asked for, by ./bench reach.</summary>
public class ReachMeasures(Workshop workshop, ITestOutputHelper output) : IClassFixture<Workshop>
{
    /// <summary>Until the browser has compiled what the page runs.</summary>
    private const int FirstEdits = 12;

    private const int Edits = 48;
    private const int Openings = 12;

    private readonly Page page = workshop.Page;

    /// <summary>
    /// Types a figure and waits for the station's text, and for the row of its line in the list, each until the frame that
    /// it is painted in has ended.
    /// </summary>
    private const string Measure = """
        const [field, values, done] = arguments;
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
        const watched = ["[data-station='work-l.main']", "[data-line][aria-current=true]"];
        const text = (at) => { const one = document.querySelector(at); return (one.ariaLabel ?? '') + one.textContent; };
        const times = [];
        const next = (i) => {
          if (i === values.length) { done(times); return; }
          const before = watched.map(text);
          const took = watched.map(() => 0);
          const from = performance.now();
          let left = watched.length;
          const see = () => {
            watched.forEach((at, which) => {
              if (took[which] || text(at) === before[which]) return;
              took[which] = -1;
              const frame = new MessageChannel();
              frame.port1.onmessage = () => {
                took[which] = performance.now() - from;
                if (--left === 0) { times.push(took); setTimeout(() => next(i + 1), 900); }
              };
              frame.port2.postMessage(0);
            });
            if (took.includes(0)) requestAnimationFrame(see);
          };
          set.call(field, values[i]);
          field.dispatchEvent(new Event('input', { bubbles: true }));
          requestAnimationFrame(see);
        };
        next(0);
        """;

    [Fact(Explicit = true)]
    public async Task Edit_to_redrawn_figures_on_the_demo_rig()
    {
        WarmUp.Run(TestContext.Current.CancellationToken);
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Rear work lamps')]")).Click();
        Report("12 lines", Edits);
    }

    [Theory(Explicit = true)]
    [InlineData(60)]
    [InlineData(200)]
    public async Task Edit_to_redrawn_figures_on_a_rig_of_many_lines(int many)
    {
        WarmUp.Run(TestContext.Current.CancellationToken);
        await OpenAsync(many);
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Rear work lamps')]")).Click();
        Report($"{many} lines", Edits / 2);
    }

    /// <summary>From the press on the job until the row of its first line has its figures and the frame is painted.</summary>
    [Fact(Explicit = true)]
    public async Task Opening_a_job_of_60_lines()
    {
        WarmUp.Run(TestContext.Current.CancellationToken);
        await OpenAsync(60);
        var times = new List<double>();
        for (var i = 0; i <= Openings; i++)
        {
            page.Open("/");
            times.Add(Time(page.Find(By.XPath("//article[@aria-label = '60 lines']//a")), "[data-line] .font-figure"));
        }
        Say("60 lines, opened", times.Skip(1));
    }

    /// <summary>From the press on the button until the new line is chosen, its row has its figures and the frame is painted.</summary>
    [Fact(Explicit = true)]
    public async Task Adding_a_line_to_60()
    {
        WarmUp.Run(TestContext.Current.CancellationToken);
        await OpenAsync(60);
        var times = new List<double>();
        for (var i = 0; i <= Openings; i++)
        {
            page.Press("Start from a lamp…");
            page.Find(By.CssSelector("[data-lamp='square-pod'] input")).Click();
            page.Find(By.CssSelector("[data-template='own-harness'] input")).Click();
            page.Type("Name of the line", $"Added {i}");
            page.Type("How many lamps", "2");
            page.Until(() => page.Find(By.CssSelector("[data-template='own-harness'] input")).Selected, "the template is chosen");
            times.Add(Time(page.Find(By.XPath("//button[normalize-space() = 'Start the line']")), $"[data-line][aria-current=true][data-name='Added {i}'] .font-figure"));
            page.UntilSaved();
        }
        Say("60 lines, one added", times.Skip(1));
    }

    /// <summary>From the press on a stage until its picture of the rig is painted, after an edit: nothing of it is known yet.</summary>
    [Fact(Explicit = true)]
    public void Changing_the_stage()
    {
        WarmUp.Run(TestContext.Current.CancellationToken);
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        (string Stage, string Shows)[] stages = [("Walkaround", "[data-mount]"), ("Panel", "[data-output] .font-figure"), ("Lines", "[data-station] .font-figure")];
        var times = stages.ToDictionary(stage => stage.Stage, _ => new List<double>());
        for (var i = 0; i <= Openings; i++)
        {
            foreach (var (stage, shows) in stages)
            {
                page.Press(page.Find(By.CssSelector("header [aria-label^='Units']")).GetAttribute("aria-label")!);
                page.UntilSaved();
                times[stage].Add(Time(page.Find(By.XPath($"//nav[@aria-label = 'Stages']//a[contains(., '{stage}')]")), shows));
            }
        }
        foreach (var (stage, taken) in times) Say($"stage changed to {stage}", taken.Skip(1));
    }

    [Fact(Explicit = true)]
    public void Scripts_of_the_first_load()
    {
        page.Open("/");
        page.Find(By.TagName("article"));
        // Fetched anew: what an earlier page left in the cache has no size on the wire.
        var bytes = Convert.ToDouble(page.Driver.ExecuteAsyncScript("""
            const done = arguments[0];
            const loaded = performance.getEntriesByType('resource').map((entry) => entry.name);
            const linked = [...document.querySelectorAll('script[src], link[rel=modulepreload]')].map((tag) => tag.src || tag.href);
            const scripts = [...new Set([...loaded, ...linked])].filter((name) => new URL(name).pathname.endsWith('.js'));
            performance.clearResourceTimings();
            Promise.all(scripts.map((name) => fetch(name, { cache: 'reload' }).then((answer) => answer.blob()))).then(() =>
              done(scripts.reduce((sum, name) => sum + performance.getEntriesByName(name).at(-1).encodedBodySize, 0)));
            """), CultureInfo.InvariantCulture);
        output.WriteLine($"JavaScript of the first load: {bytes / 1000:0} kB as sent");
    }

    /// <summary>Presses, and waits until what is asked for has been painted; ms.</summary>
    private double Time(IWebElement pressed, string shows) => Convert.ToDouble(page.Driver.ExecuteAsyncScript("""
        const [pressed, shows, done] = arguments;
        const from = performance.now();
        const see = () => {
          const one = document.querySelector(shows);
          if (!one?.textContent && !one?.childElementCount) { requestAnimationFrame(see); return; }
          const frame = new MessageChannel();
          frame.port1.onmessage = () => done(performance.now() - from);
          frame.port2.postMessage(0);
        };
        pressed.click();
        requestAnimationFrame(see);
        """, pressed, shows), CultureInfo.InvariantCulture);

    /// <summary>Opens the demo wagon with its planned lines copied until it has so many.</summary>
    private async Task OpenAsync(int many)
    {
        using var http = new HttpClient { BaseAddress = new Uri(Server) };
        var cancellation = TestContext.Current.CancellationToken;
        var jobs = JsonNode.Parse(await http.GetStringAsync("/api/jobs", cancellation))!.AsArray();
        if (jobs.All(job => job!["name"]!.GetValue<string>() != $"{many} lines"))
        {
            var wagon = jobs.First(job => job!["name"]!.GetValue<string>().Contains("rescue", StringComparison.Ordinal))!["id"]!.GetValue<string>();
            var file = JsonNode.Parse(await http.GetStringAsync($"/api/jobs/{wagon}/file", cancellation))!;
            file["name"] = $"{many} lines";
            var lines = file["rig"]!["lines"]!.AsArray();
            var planned = lines.Where(line => line!["plan"] is not null).Select(line => line!.DeepClone()).ToList();
            for (var i = 0; lines.Count < many; i++)
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
        }
        page.Open("/");
        page.Find(By.XPath($"//article[@aria-label = '{many} lines']//a")).Click();
    }

    private string Server
    {
        get
        {
            page.Open("/");
            return new Uri(page.Driver.Url).GetLeftPart(UriPartial.Authority);
        }
    }

    private void Report(string rig, int edits)
    {
        page.Find(By.CssSelector("[data-station='work-l.main']")).Click();
        var field = page.Field("Power");
        var values = Enumerable.Range(0, FirstEdits + edits).Select(i => (20 + i % 20).ToString(CultureInfo.InvariantCulture)).ToArray();
        page.Driver.Manage().Timeouts().AsynchronousJavaScript = TimeSpan.FromMinutes(1);
        // A dozen at a time: the driver gives up on a command that takes a minute.
        var times = values.Chunk(FirstEdits)
            .SelectMany(dozen => (IEnumerable<object>)page.Driver.ExecuteAsyncScript(Measure, field, dozen)!)
            .Select(both => ((IEnumerable<object>)both).Select(time => Convert.ToDouble(time, CultureInfo.InvariantCulture)).ToArray()).ToList();
        Say($"{rig}, edit to redrawn figures, first {FirstEdits} edits of the page, strip", times.Take(FirstEdits).Select(time => time[0]));
        Say($"{rig}, edit to redrawn figures, {edits} edits after them, strip", times.Skip(FirstEdits).Select(time => time[0]));
        Say($"{rig}, edit to redrawn figures, {edits} edits after them, row of the list", times.Skip(FirstEdits).Select(time => time[1]));
    }

    private void Say(string what, IEnumerable<double> times)
    {
        var sorted = times.Order().ToList();
        output.WriteLine($"{what}: median {sorted[sorted.Count / 2]:0} ms, 95th percentile {sorted[sorted.Count * 95 / 100]:0} ms, most {sorted[^1]:0} ms");
    }
}
