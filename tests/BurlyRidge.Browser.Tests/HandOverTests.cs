using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>A vehicle handed over in the real page: what keeps it, the walk through what is otherwise, the pack, the signature, and the vehicle when it comes back.</summary>
public class HandOverTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private string JobId => page.Driver.Url.Split('/')[4].Split('?')[0];

    /// <summary>The vehicle that was handed over, with its record.</summary>
    private async Task OpenFinishedAsync()
    {
        await workshop.OpenArchiveAsync("Warden's short wagon", "/hand-over");
        page.Find(By.CssSelector("[data-sheet] svg"));
        page.Find(By.CssSelector("[data-signed]"));
    }

    private void Open(string job)
    {
        workshop.OpenJob(job, "/hand-over");
        page.Find(By.CssSelector("[data-sheet] svg"));
        page.Find(By.CssSelector("[data-sign-off]"));
    }

    private void Pane(string name) => page.Find(By.XPath($"//*[@role = 'tab'][. = '{name}']")).Click();

    /// <summary>What stands on the page; a sentence may be broken into lines.</summary>
    private string Sheet => page.Find(By.CssSelector("[data-sheet] svg")).Text.ReplaceLineEndings(" ");

    private async Task WriteAsync(JsonObject what)
    {
        var entry = new JsonObject { ["what"] = what, ["who"] = "Ana", ["client"] = "tablet", ["revision"] = 1, ["idempotencyKey"] = Guid.NewGuid().ToString("n") };
        using var written = await workshop.Http.PostAsJsonAsync($"/api/jobs/{JobId}/run-sheet", entry, TestContext.Current.CancellationToken);
        Assert.True(written.IsSuccessStatusCode, await written.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    private Task<JsonElement> JobAsync() => workshop.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{JobId}", TestContext.Current.CancellationToken);

    [Fact]
    public async Task A_sign_off_is_refused_and_with_a_reason_it_is_printed()
    {
        Open("Orchard spray pickup");
        var kinds = page.Driver.FindElements(By.CssSelector("[data-obstacles] summary")).Select(summary => summary.Text).ToList();
        Assert.Contains(kinds, kind => kind.StartsWith("Hold points open", StringComparison.Ordinal));
        Assert.Contains(kinds, kind => kind.StartsWith("Checks that say Stop", StringComparison.Ordinal));
        page.Type("Checked by", "Bench lead");
        page.Press("Sign off the vehicle");
        page.Find(By.XPath("//*[contains(., 'Say why it is handed over with something open')]"));
        Assert.Empty((await workshop.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{JobId}/hand-over", TestContext.Current.CancellationToken)).EnumerateArray());
        page.Type("Why it is handed over all the same (printed)", "Owner needs it tonight");
        page.Press("Sign off the vehicle");
        page.Find(By.XPath("//*[@data-signed][contains(., 'Bench lead')][contains(., 'Owner needs it tonight')]"));
        page.Find(By.CssSelector("[data-chapter='sign-off'] button")).Click();
        page.Until(() => Sheet.Contains("Owner needs it tonight", StringComparison.Ordinal), "the reason is printed");
        // Opened again after the plan was changed, it says so.
        page.Key("2");
        page.Find(By.CssSelector("[data-figure='Wire']"));
        page.Type("Behind the front", "1.1");
        page.UntilSaved();
        page.Key("8");
        page.Find(By.XPath("//*[@data-signed][contains(., 'The plan was changed since')]"));
    }

    [Fact]
    public async Task What_was_built_otherwise_is_written_down_at_the_vehicle_and_walked_through()
    {
        workshop.OpenJob("Snow-road rescue wagon", "/run-sheet");
        page.Find(By.XPath("//summary[starts-with(., 'Built otherwise')]")).Click();
        page.Choose("Wire or part", "Box slot 1 to scene lamp plus");
        page.Type("Length", "3.1");
        page.Type("Note", "round the strut");
        page.Press("Write it down");
        page.Find(By.CssSelector("[data-otherwise='box-o1-to-scene-l-plus']"));
        await WriteAsync(new JsonObject { ["kind"] = "otherwise", ["about"] = "box-o2-to-scene-r-plus", ["colour"] = "grey" });
        await WriteAsync(new JsonObject { ["kind"] = "otherwise", ["about"] = "beacon-f", ["note"] = "turned by a quarter" });
        page.Key("8");
        page.Find(By.CssSelector("[data-sheet] svg"));
        page.Key("b");
        page.Find(By.CssSelector("[data-difference='box-o1-to-scene-l-plus']"));
        page.Press("Take all 2 into the plan");
        page.UntilSaved();
        page.Until(() => page.Driver.FindElements(By.CssSelector("[data-difference]")).Count == 1, "what is in the plan is no difference");
        var runs = (await JobAsync()).GetProperty("rig").GetProperty("runs").EnumerateArray().ToDictionary(run => run.GetProperty("id").GetString()!);
        Assert.Equal(3.1, runs["box-o1-to-scene-l-plus"].GetProperty("lay").GetProperty("measuredMetres").GetDouble(), 3);
        Assert.Equal("grey", runs["box-o2-to-scene-r-plus"].GetProperty("colour").GetString());
        page.Type("Or why the plan stays (printed)", "Looks better so");
        page.Press("Leave the plan as it is");
        page.Find(By.XPath("//*[@data-settled='beacon-f'][contains(., 'Looks better so')]"));
        page.Find(By.CssSelector("[data-chapter='open'] button")).Click();
        page.Until(() => Sheet.Contains("Looks better so", StringComparison.Ordinal), "the pack says why");
    }

    [Fact]
    public void Own_words_go_into_the_pack_and_a_chapter_lacks_them_no_more()
    {
        Open("Tree-crew chipper truck");
        Assert.Contains("Say what of local law", page.Find(By.CssSelector("[data-chapter='cautions']")).Text, StringComparison.Ordinal);
        page.Find(By.CssSelector("[data-chapter='cautions'] button")).Click();
        // What the chapter lacks stands first.
        page.Until(() => page.Driver.FindElements(By.CssSelector("[data-own]")) is [var first, ..] && first.GetAttribute("data-own") == "law", "its own words come first");
        page.Type("Local law that was looked up", "Work lamps off while driving");
        page.Press("Print it in the pack");
        page.Until(() => Sheet.Contains("Work lamps off while driving", StringComparison.Ordinal), "it is on the page");
        page.Until(() => !page.Find(By.CssSelector("[data-chapter='cautions']")).Text.Contains("Say what", StringComparison.Ordinal), "the chapter lacks nothing");
    }

    /// <summary>By keys alone: chapters, pages, panes.</summary>
    [Fact]
    public async Task The_pack_is_read_by_keys()
    {
        await OpenFinishedAsync();
        string At() => page.Find(By.CssSelector("[data-chapter] [aria-current]")).Text;
        var first = At();
        page.Key("j");
        page.Until(() => At() != first, "the next chapter");
        page.Key("k");
        page.Until(() => At() == first, "the chapter before");
        page.Key("]");
        page.Until(() => page.Find(By.CssSelector("[data-page-of]")).Text.StartsWith("Page 2", StringComparison.Ordinal), "the next page");
        page.Key("[");
        page.Until(() => page.Find(By.CssSelector("[data-page-of]")).Text.StartsWith("Page 1", StringComparison.Ordinal), "the page before");
        page.Key("l");
        page.Find(By.CssSelector("[data-sheet] [data-label]"));
        page.Key("s");
        page.Find(By.CssSelector("[data-signed]"));
    }

    [Fact]
    public async Task Paper_and_units_are_those_of_the_page_that_prints()
    {
        await OpenFinishedAsync();
        page.ChooseValue("Paper", "letter");
        page.Until(() => page.Find(By.CssSelector("[data-sheet] svg")).GetDomAttribute("viewBox") == "0 0 215.9 279.4", "the page is Letter");
        page.ChooseValue("Units", "imperial");
        page.Find(By.CssSelector("[data-chapter='care'] button")).Click();
        page.Until(() => Sheet.Contains("After 60 miles", StringComparison.Ordinal), "figures are imperial");
        Assert.EndsWith("paper=letter&units=imperial", page.Find(By.XPath("//a[contains(., 'Pack as PDF')]")).GetAttribute("href")!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Labels_lie_on_the_sheets_that_are_entered()
    {
        await OpenFinishedAsync();
        Pane("Labels");
        page.Find(By.CssSelector("[data-sheet] [data-label]"));
        int Shown() => page.Driver.FindElements(By.CssSelector("[data-sheet] [data-label]")).Count;
        var all = Shown();
        page.Find(By.XPath("//label[contains(., 'Wire ends')]")).Click();
        page.Until(() => Shown() is > 0 and var fewer && fewer < all, "wire ends are left out");
        page.Type("Columns", "9");
        page.Find(By.XPath("//*[contains(., 'The labels are wider than the paper')]"));
        page.Type("Columns", "1");
        page.Type("Rows", "2");
        page.Until(() => Shown() == 2, "two labels a sheet");
    }

    /// <summary>The finished vehicle comes back: something is added, or all of it comes off.</summary>
    [Fact]
    public async Task A_vehicle_comes_back()
    {
        await OpenFinishedAsync();
        Pane("Archive");
        page.Type("Name of the new job", "Warden, spring visit");
        page.Press("Add to this vehicle");
        page.Find(By.XPath("//h1[. = 'Warden, spring visit']"));
        Assert.All((await JobAsync()).GetProperty("rig").GetProperty("lines").EnumerateArray(), line => Assert.True(line.GetProperty("existing").GetBoolean()));
        await OpenFinishedAsync();
        Pane("Archive");
        page.Type("Name of the new job", "Warden, sold");
        page.Press("Put back to standard");
        page.Find(By.XPath("//h1[. = 'Warden, sold']"));
        page.Find(By.CssSelector("[data-to-standard]"));
        page.Find(By.XPath("//*[contains(., 'Take off')]"));
    }

    /// <summary>A record that was changed in the store is told as soon as the job is opened.</summary>
    [Fact]
    public async Task A_broken_seal_is_told_on_every_stage()
    {
        await OpenFinishedAsync();
        Assert.False(page.Has(By.CssSelector("[data-broken]")));
        var photo = Directory.GetFiles(Path.Combine(workshop.Data, "burly-ridge-photos", JobId)).Order().First();
        var before = await File.ReadAllBytesAsync(photo, TestContext.Current.CancellationToken);
        await File.WriteAllBytesAsync(photo, [.. before, 0], TestContext.Current.CancellationToken);
        try
        {
            page.Reload();
            page.Find(By.XPath("//*[@data-broken][contains(., 'not as it was signed')]"));
            page.Key("2");
            page.Find(By.CssSelector("[data-broken]"));
        }
        finally
        {
            await File.WriteAllBytesAsync(photo, before, TestContext.Current.CancellationToken);
        }
    }
}
