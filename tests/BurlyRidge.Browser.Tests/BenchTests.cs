using System.Globalization;
using System.Text.Json;
using System.Net.Http.Json;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>From the demo rig to a cut list, in the real page.</summary>
public class BenchTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private void OpenBench(string query = "")
    {
        workshop.OpenJob("Snow-road rescue wagon", $"/bench{query}");
        page.Find(By.CssSelector("[data-bench-wire]"));
    }

    private void Choose(string what) => page.Find(By.XPath($"//nav[@aria-label = 'What is built']//button[starts-with(., '{what}')]")).Click();

    [Fact]
    public void A_wire_that_was_laid_is_measured_and_cut_to_length()
    {
        OpenBench();
        Choose("Winch lamp");
        page.Find(By.XPath("//button[. = 'Box slot 7 to pod plus']")).Click();
        page.Find(By.CssSelector("[data-bench-wire='box-o7-to-winch-lamp-plus']"));
        Assert.Contains("not measured", page.Find(By.CssSelector("[data-bench-wire]")).Text, StringComparison.Ordinal);
        page.Type("Measured length", "2.5");
        // By hand: 2.5 m, and 6 mm stripped for the joint at the lamp's lead; nothing is known of what the box takes.
        page.Until(() => page.Figure("Cut") == "Cut to 2.51 m", "it is cut to what was measured");
        page.UntilSaved();
        page.Key("2");
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Winch lamp')]")).Click();
        Assert.Contains("2.5 m", page.Told(By.CssSelector("[data-station='box-o7-to-winch-lamp-plus']")), StringComparison.Ordinal);
    }

    [Fact]
    public void A_reel_shows_what_is_bought_and_the_list_is_printed_with_every_wire()
    {
        OpenBench();
        Choose("16 AWG, violet");
        Assert.StartsWith("Buy ", page.Figure("Buy"), StringComparison.Ordinal);
        var rows = page.Driver.FindElements(By.CssSelector("tr[data-wire]")).Count;
        Assert.Equal(rows, page.Driver.FindElements(By.CssSelector("section li span[title]")).Count);
        Choose("All wires");
        var all = page.Driver.FindElements(By.CssSelector("tr[data-wire]")).Select(row => row.GetAttribute("data-wire")).ToList();
        page.Driver.Navigate().GoToUrl(page.Find(By.XPath("//a[contains(., 'Print cut list')]")).GetAttribute("href")!);
        page.Find(By.CssSelector("tr[data-wire]"));
        Assert.Equal(all.Order(StringComparer.Ordinal), page.Driver.FindElements(By.CssSelector("tr[data-wire]")).Select(row => row.GetAttribute("data-wire")).Order(StringComparer.Ordinal));
    }

    /// <summary>No mouse: to the bench by its key, from wire to wire, to the parts.</summary>
    [Fact]
    public void The_keyboard_alone_goes_from_wire_to_wire()
    {
        workshop.OpenJob("Snow-road rescue wagon", "/lines");
        page.Find(By.CssSelector("[data-station]"));
        page.Key("4");
        var first = page.Find(By.CssSelector("[data-bench-wire]")).GetAttribute("data-bench-wire");
        page.Key("j");
        page.Until(() => page.Find(By.CssSelector("[data-bench-wire]")).GetAttribute("data-bench-wire") != first, "the next wire is on the bench");
        page.Key("k");
        page.Until(() => page.Find(By.CssSelector("[data-bench-wire]")).GetAttribute("data-bench-wire") == first, "the wire before is");
    }

    [Fact]
    public async Task The_table_has_a_row_for_every_wire_and_its_lengths_add_up()
    {
        var cancellation = TestContext.Current.CancellationToken;
        OpenBench();
        var href = page.Find(By.XPath("//a[contains(., 'Cut list, CSV')]")).GetAttribute("href")!;
        var text = await workshop.Http.GetStringAsync(href, cancellation);
        Assert.EndsWith("\r\n", text, StringComparison.Ordinal);
        using var csv = new CsvHelper.CsvReader(new StringReader(text), CultureInfo.InvariantCulture);
        var rows = csv.GetRecords<dynamic>().Select(row => double.Parse((string)row.cut_m, CultureInfo.InvariantCulture)).ToList();
        var job = await workshop.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{new Uri(page.Driver.Url).Segments[2].TrimEnd('/')}", cancellation);
        using var asked = await workshop.Http.PostAsJsonAsync("/api/preview/bench", new { rig = job.GetProperty("rig") }, cancellation);
        var view = await asked.Content.ReadFromJsonAsync<JsonElement>(cancellation);
        Assert.Equal(view.GetProperty("pieces").GetArrayLength(), rows.Count);
        Assert.Equal(view.GetProperty("wireMetres").GetDouble(), rows.Sum(), 1e-6);
    }

    [Fact]
    public void A_job_without_lines_says_what_to_do_first()
    {
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", "Bare");
        page.Press("Open the job");
        page.Find(By.XPath("//nav[@aria-label = 'Stages']//a[contains(., 'Bench')]")).Click();
        page.Find(By.XPath("//*[contains(., 'Nothing to build yet')]"));
    }
}
