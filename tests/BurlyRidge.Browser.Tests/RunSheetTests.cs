using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>A day's work at the vehicle, in the real page.</summary>
public class RunSheetTests(Workshop workshop) : IClassFixture<Workshop>
{
    /// <summary>The smallest picture that there is: one pixel.</summary>
    private const string OnePixel = "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";

    private readonly Page page = workshop.Page;

    private string Shown => page.Find(By.CssSelector("[data-shown-step]")).GetAttribute("data-shown-step")!;

    private string JobId => page.Driver.Url.Split('/')[4].Split('?')[0];

    private void OpenWork(string job)
    {
        page.Open("/");
        var id = page.Find(By.XPath($"//article[@aria-label = '{job}']//a")).GetAttribute("href")!.Split('/')[4];
        page.Open($"/jobs/{id}/run-sheet");
        page.Find(By.CssSelector("[data-shown-step]"));
    }

    private void Tick() => page.PressOnceReady("Done");

    private void Read(string ask, string value)
    {
        var field = page.Find(By.CssSelector($"[data-ask='{ask}'] input"));
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(value);
    }

    private void UntilShown(string step) => page.Until(() => Shown == step, $"{step} is shown");

    private string State(string step) => page.Driver.FindElement(By.CssSelector($"[data-step='{step}']")).GetAttribute("data-state")!;

    private async Task<string> PictureAsync()
    {
        var picture = Path.Combine(workshop.Data, "picture.png");
        await File.WriteAllBytesAsync(picture, Convert.FromBase64String(OnePixel), TestContext.Current.CancellationToken);
        return picture;
    }

    private async Task<int> EntriesAsync() => (await workshop.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{JobId}/run-sheet", TestContext.Current.CancellationToken)).GetArrayLength();

    /// <summary>Writes into a job's record as another device would.</summary>
    private async Task WriteAsync(JsonObject what)
    {
        using var answer = await workshop.Http.PostAsJsonAsync($"/api/jobs/{JobId}/run-sheet", new JsonObject { ["what"] = what, ["who"] = "Ana", ["client"] = "phone", ["revision"] = 1, ["idempotencyKey"] = Guid.NewGuid().ToString("n") }, TestContext.Current.CancellationToken);
        answer.EnsureSuccessStatusCode();
    }

    [Fact]
    public async Task A_hold_point_is_refused_then_satisfied_and_the_work_goes_on_where_it_was_after_a_pause_and_a_restart()
    {
        OpenWork("Snow-road rescue wagon");
        page.Find(By.CssSelector("[data-paused]"));
        page.Find(By.CssSelector("[data-standing='batteryOff']"));
        var hold = Shown;
        Assert.StartsWith("bare-", hold, StringComparison.Ordinal);
        Tick();
        page.Find(By.XPath("//*[@data-ask = 'bright']//*[@role = 'alert']"));
        page.Find(By.CssSelector("[data-ask='bright'] input")).Click();
        Read("ohms", "4");
        Tick();
        page.Find(By.XPath("//*[@data-ask = 'ohms']//*[@role = 'alert'][contains(., 'at most 0.2')]"));
        Assert.Equal(hold, Shown);
        Read("ohms", "0.1");
        Tick();
        page.Until(() => Shown != hold, "the next step is shown");
        var next = Shown;
        page.Key("p");
        page.Until(() => page.Has(By.CssSelector("[data-paused]")), "the work is paused");
        var entries = await EntriesAsync();
        await workshop.StopServerAsync();
        await workshop.StartServerAsync();
        page.Reload();
        UntilShown(next);
        page.Find(By.CssSelector("[data-paused]"));
        Assert.Equal(entries, await EntriesAsync());
    }

    /// <summary>Out of reach of the server the work goes on; what was ticked is sent once each.</summary>
    [Fact]
    public async Task Out_of_reach_ticks_wait_and_are_sent_once_each()
    {
        workshop.OpenJob("Orchard spray pickup", "/run-sheet");
        var first = Shown;
        await workshop.StopServerAsync();
        page.Find(By.CssSelector("[data-ask='lit'] input")).Click();
        Tick();
        page.Find(By.CssSelector("[data-away]"));
        page.Until(() => Shown != first, "the next step is shown");
        var second = Shown;
        page.Find(By.CssSelector("[data-ask='lit'] input")).Click();
        Tick();
        page.Until(() => Shown != second && page.Find(By.CssSelector("[data-away]")).Text.Contains('2', StringComparison.Ordinal), "two entries wait");
        Assert.Equal("ticked", State(first));
        var third = Shown;
        await workshop.StartServerAsync();
        page.Until(() => !page.Has(By.CssSelector("[data-away]")) && State(first) == "done" && State(second) == "done", "both are sent");
        Assert.Equal(third, Shown);
        Assert.Equal(2, await EntriesAsync());
        page.Reload();
        UntilShown(third);
        Assert.Equal(2, await EntriesAsync());
    }

    /// <summary>What was done by an earlier plan is told where it was done, with what it was and what it is.</summary>
    [Fact]
    public async Task A_plan_that_changes_after_the_work_says_what_is_to_be_done_again()
    {
        workshop.OpenJob("Orchard spray pickup", "/run-sheet");
        var step = Shown;
        page.Find(By.CssSelector("[data-ask='lit'] input")).Click();
        Tick();
        page.Until(() => State(step) == "done", "it is done");
        // The lamp is exchanged for another one.
        var cancellation = TestContext.Current.CancellationToken;
        var job = JsonNode.Parse(await workshop.Http.GetStringAsync($"/api/jobs/{JobId}", cancellation))!;
        var rig = job["rig"]!.DeepClone();
        foreach (var lamp in rig["fixtures"]!.AsArray()) lamp!["functions"]![0]!["watts"] = 12.5;
        foreach (var line in rig["lines"]!.AsArray())
            foreach (var set in line!["plan"]?["lamps"]?.AsArray() ?? []) set!["watts"] = 12.5;
        using (var saved = await workshop.Http.PutAsJsonAsync($"/api/jobs/{JobId}/rig", new JsonObject { ["onRevision"] = job["revision"]!.GetValue<int>(), ["idempotencyKey"] = "exchange", ["rig"] = rig }, cancellation)) saved.EnsureSuccessStatusCode();
        page.Reload();
        UntilShown(step);
        Assert.Contains("12.5 W", page.Find(By.CssSelector("[data-changes]")).Text, StringComparison.Ordinal);
        page.Find(By.CssSelector("[data-ask='lit'] input")).Click();
        Tick();
        page.Until(() => State(step) == "done", "it is done again");
    }

    [Fact]
    public async Task A_photo_is_taken_in_and_what_is_none_is_refused_and_told()
    {
        workshop.OpenJob("Orchard spray pickup", "/run-sheet");
        var good = await PictureAsync();
        var broken = Path.Combine(workshop.Data, "broken.jpg");
        await File.WriteAllTextAsync(broken, "no picture", TestContext.Current.CancellationToken);
        page.Type("Note", "Roof rail");
        page.Driver.FindElement(By.CssSelector("input[type='file'][capture]")).SendKeys(good);
        page.Find(By.CssSelector("img[alt='Roof rail']"));
        page.Until(() => (bool)page.Run("const img = document.querySelector(\"img[alt='Roof rail']\"); return img.complete && img.naturalWidth === 1")!, "the picture is shown");
        page.Driver.FindElement(By.CssSelector("input[type='file'][capture]")).SendKeys(broken);
        page.Find(By.XPath("//*[@role = 'alert'][contains(., 'no JPEG, PNG or WebP')]"));
        page.Press("Drop it");
        page.Until(() => !page.Has(By.XPath("//button[. = 'Drop it']")), "it is dropped");
        Assert.Equal(1, await EntriesAsync());
    }

    /// <summary>No mouse: from step to step, a step ticked, the work paused.</summary>
    [Fact]
    public void The_keyboard_alone_ticks_a_step()
    {
        workshop.OpenJob("Orchard spray pickup", "/lines");
        page.Find(By.CssSelector("[data-figure='Wire']"));
        page.Key("5");
        var first = Shown;
        page.Key("j");
        page.Until(() => Shown != first, "the next step is shown");
        page.Key("k");
        UntilShown(first);
        page.Find(By.CssSelector("[data-ask='lit'] input")).SendKeys(" ");
        page.Find(By.CssSelector("[data-ask='lit'] input")).SendKeys(Keys.Control + Keys.Enter);
        page.Until(() => State(first) == "done", "it is ticked");
    }

    [Fact]
    public void A_job_without_lines_says_what_comes_here()
    {
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", "Nothing planned");
        page.Press("Open the job");
        page.Find(By.XPath("//h1[contains(., 'Nothing planned')]"));
        page.Open($"/jobs/{JobId}/run-sheet");
        page.Find(By.XPath("//*[contains(., 'Nothing to do yet')]"));
    }

    /// <summary>What another device ticks, and what the vehicle turned out to be, is there.</summary>
    [Fact]
    public async Task Fasteners_findings_and_the_register_are_written_down_and_offered()
    {
        workshop.OpenJob("Orchard spray pickup", "/run-sheet");
        await WriteAsync(new JsonObject { ["kind"] = "ofVehicle", ["vehicle"] = new JsonObject { ["name"] = "Long wagon, mountain series", ["year"] = "2021" } });
        page.Reload();
        page.Unfold("Found on the vehicle");
        page.Find(By.XPath("//*[@data-offered]//li[contains(., 'blue/white') and contains(., 'a guess')]"));
        page.Type("What you found", "Bracket fouls the washer bottle");
        page.Press("Add finding");
        page.Find(By.XPath("//*[@data-finding][contains(., 'washer bottle')]"));
        page.Driver.FindElement(By.XPath("//*[@data-finding][contains(., 'washer bottle')]//input[@type = 'file']")).SendKeys(await PictureAsync());
        page.Find(By.XPath("//*[@data-finding]//img[contains(@alt, 'washer bottle')]"));
        page.Unfold("Fasteners");
        page.Type("How many", "6");
        page.Type("Clips, bolts, screws", "clips");
        page.Type("Bag", "C");
        page.Press("Add fasteners");
        page.Find(By.XPath("//*[@data-fastener][contains(., '6 × clips, bag C')]"));
        page.Unfold("Wire register");
        page.Type("End or pin", "switch 4");
        page.Driver.FindElement(By.XPath("//input[@id = //summary[starts-with(normalize-space(), 'Wire register')]/..//label[. = 'Colour']/@for]")).SendKeys("violet");
        page.Press("Add to the register");
        page.Find(By.CssSelector("[data-registered='switch 4']"));
        // Ends that the plan knows stand there by name at the step that makes them.
        page.Unfold("Make ends");
        var join = page.Driver.FindElements(By.CssSelector("[data-step^='join-']"))[0].GetAttribute("data-step")!;
        page.Open($"/jobs/{JobId}/run-sheet?step={join}");
        UntilShown(join);
        page.Unfold("Wire register");
        page.Driver.FindElements(By.XPath("//summary[starts-with(normalize-space(), 'Wire register')]/..//input[@type = 'text' or not(@type)]"))[0].SendKeys("grey" + Keys.Enter);
        page.Find(By.XPath("//*[@data-registered][contains(., ': grey')]"));
    }
}
