using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>Nothing that was typed is lost, whatever happens to the server meanwhile.</summary>
public class UnsavedTests(Workshop workshop) : IClassFixture<Workshop>
{
    private const string Length = "One-way length";

    private readonly Page page = workshop.Page;

    private static By Save(string kind) => By.CssSelector($"[data-save='{kind}']");

    private string JobId => page.Driver.Url.Split('/')[4];

    private Uri Server => new(new Uri(page.Driver.Url).GetLeftPart(UriPartial.Authority));

    private void NewJobWithLine(string name)
    {
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", name);
        page.Press("Open the job");
        page.Find(By.XPath("//button[normalize-space() = 'Quick-plan a line']")).Click();
        page.UntilFigure("Fuse", "5 A blade");
        page.UntilSaved();
    }

    private async Task<JsonElement> JobAsync(string id)
    {
        using var http = new HttpClient { BaseAddress = Server };
        return JsonDocument.Parse(await http.GetStringAsync($"/api/jobs/{id}", TestContext.Current.CancellationToken)).RootElement;
    }

    private static double Metres(JsonElement job) => job.GetProperty("rig").GetProperty("lines")[0].GetProperty("plan").GetProperty("oneWayMetres").GetDouble();

    private static int Revision(JsonElement job) => job.GetProperty("revision").GetInt32();

    /// <summary>Whether the page asks before it is left.</summary>
    private bool Asks() => (bool)page.Run("const asking = new Event('beforeunload', { cancelable: true }); window.dispatchEvent(asking); return asking.defaultPrevented")!;

    [Fact]
    public async Task A_job_of_sixty_lines_is_edited_and_saved()
    {
        page.Open("/");
        using var http = new HttpClient { BaseAddress = Server };
        var cancellation = TestContext.Current.CancellationToken;
        var jobs = JsonNode.Parse(await http.GetStringAsync("/api/jobs", cancellation))!.AsArray();
        var wagon = jobs.First(job => job!["name"]!.GetValue<string>().Contains("rescue", StringComparison.Ordinal))!["id"]!.GetValue<string>();
        var file = JsonNode.Parse(await http.GetStringAsync($"/api/jobs/{wagon}/file", cancellation))!;
        file["name"] = "Sixty lines";
        var lines = file["rig"]!["lines"]!.AsArray();
        var planned = lines.First(line => line!["plan"] is not null)!.DeepClone();
        for (var i = 0; lines.Count < 60; i++)
        {
            var copy = planned.DeepClone();
            copy["id"] = $"more-{i}";
            copy["name"] = $"More {i} {new string('x', 60)}";
            copy["plan"]!["lamps"] = new JsonArray([.. Enumerable.Range(1, 12).Select(k => (JsonNode)new JsonObject { ["kind"] = "regulatedLed", ["count"] = 1, ["watts"] = 0.5 * k })]);
            lines.Add(copy);
        }
        Assert.True(file.ToJsonString().Length > 64 * 1024);
        using var content = new StringContent(file.ToJsonString(), System.Text.Encoding.UTF8, "application/json");
        using var created = await http.PostAsync("/api/job-files", content, cancellation);
        var id = JsonDocument.Parse(await created.Content.ReadAsStringAsync(cancellation)).RootElement.GetProperty("id").GetString()!;
        page.Open($"/jobs/{id}/lines?line=more-3");
        page.Until(() => page.Field("Name").GetAttribute("value")!.StartsWith("More 3", StringComparison.Ordinal), "the line is chosen");
        page.Type("Name", "Renamed among sixty");
        page.Until(() => !page.Has(Save("saved")), "the edit is noticed");
        page.UntilSaved();
        Assert.Contains((await JobAsync(id)).GetProperty("rig").GetProperty("lines").EnumerateArray(), line => line.GetProperty("name").GetString() == "Renamed among sixty");
    }

    [Fact]
    public async Task Edits_made_while_the_server_is_away_outlive_the_page_and_are_stored_once_each()
    {
        NewJobWithLine("Away");
        var (id, address) = (JobId, new Uri(page.Driver.Url).PathAndQuery);
        var before = Revision(await JobAsync(id));
        await workshop.StopServerAsync();
        page.Type(Length, "6");
        page.Find(Save("unreachable"));
        page.Type(Length, "7");
        page.Find(By.CssSelector("[data-outdated]"));
        Assert.True(Asks(), "it asks before it is left");
        page.Press("Undo");
        page.Until(() => page.Has(By.XPath("//*[@role='alert'][contains(., 'Not undone') and contains(., 'does not answer')]")), "undo says what failed");
        page.Driver.Navigate().GoToUrl("about:blank");
        await workshop.StartServerAsync();

        page.Open(address);
        page.Until(() => page.Field(Length).GetAttribute("value") == "7", "the edit is there");
        page.UntilSaved();
        Assert.False(Asks(), "what is saved is left without a question");
        var after = await JobAsync(id);
        Assert.Equal((7.0, before + 2), (Metres(after), Revision(after)));
        page.Reload();
        page.UntilSaved();
        Assert.Equal(before + 2, Revision(await JobAsync(id)));
        page.Press("Undo");
        page.Until(() => page.Field(Length).GetAttribute("value") == "6", "each edit is a step of its own");
    }

    [Fact]
    public async Task Trouble_with_the_disk_is_told_as_that_and_the_edit_is_stored_once_it_is_over()
    {
        NewJobWithLine("Taken away");
        var id = JobId;
        var database = Path.Combine(workshop.Data, "burly-ridge.db");
        File.Move(database, $"{database}.away");
        page.Type(Length, "8");
        page.Find(Save("failed"));
        Assert.Contains("database file is not where it was", page.Find(Save("failed")).Text, StringComparison.Ordinal);
        File.Move($"{database}.away", database);
        page.UntilSaved();
        Assert.Equal(8, Metres(await JobAsync(id)));
    }

    [Fact]
    public async Task A_job_that_is_gone_is_told_as_that_and_not_as_an_absent_server()
    {
        NewJobWithLine("Gone");
        await using (var connection = new SqliteConnection($"Data Source={Path.Combine(workshop.Data, "burly-ridge.db")}"))
        {
            await connection.OpenAsync(TestContext.Current.CancellationToken);
            await using var command = connection.CreateCommand();
            command.CommandText = "DELETE FROM Revisions WHERE JobId = $id; DELETE FROM Jobs WHERE Id = $id";
            command.Parameters.AddWithValue("$id", JobId);
            await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
        }
        page.Type(Length, "8");
        Assert.Contains("no longer on the server", page.Find(Save("missing")).Text, StringComparison.Ordinal);
        page.Driver.Navigate().GoToUrl(page.Driver.Url);
        page.Until(() => page.Has(By.XPath("//*[@role='alert'][contains(., 'There is no such job')]")), "it says that the job is not there");
    }

    [Fact]
    public void Going_on_with_theirs_keeps_mine_one_undo_away()
    {
        NewJobWithLine("Theirs");
        var first = page.Driver.CurrentWindowHandle;
        var address = new Uri(page.Driver.Url).PathAndQuery;
        page.Driver.SwitchTo().NewWindow(WindowType.Tab);
        page.Open(address);
        page.UntilFigure("Fuse", "5 A blade");
        page.Type(Length, "7");
        page.UntilSaved();
        page.Driver.Close();
        page.Driver.SwitchTo().Window(first);
        page.Type(Length, "9");
        page.Find(By.XPath("//*[@role='dialog'][contains(., 'changed in another window')]"));
        page.Press("Go on with theirs");
        page.Until(() => page.Field(Length).GetAttribute("value") == "7", "theirs is on screen");
        page.UntilSaved();
        page.Press("Undo");
        page.Until(() => page.Field(Length).GetAttribute("value") == "9", "mine is one undo away");
    }

    [Fact]
    public async Task What_the_server_makes_of_a_line_does_not_overwrite_an_edit_made_while_it_was_waited_for()
    {
        NewJobWithLine("Impatient");
        page.Slow(1500);
        page.Press("Expand to full wiring");
        page.Type("Name", "Typed meanwhile");
        page.Until(() => page.Has(By.XPath("//*[@role='alert'][contains(., 'Nothing was overwritten')]")), "it says so");
        page.Slow(0);
        page.UntilSaved();
        var line = (await JobAsync(JobId)).GetProperty("rig").GetProperty("lines")[0];
        Assert.Equal(("Typed meanwhile", JsonValueKind.Object), (line.GetProperty("name").GetString(), line.GetProperty("plan").ValueKind));
    }

    [Fact]
    public async Task A_line_goes_with_its_parts_and_comes_back_with_them_in_one_undo()
    {
        NewJobWithLine("Taken out");
        page.Press("Expand to full wiring");
        page.Find(By.CssSelector("[data-station]"));
        page.UntilSaved();
        var before = (await JobAsync(JobId)).GetProperty("rig").GetRawText();
        page.Press("Remove this line");
        Assert.Contains("with 1 lamp", page.Find(By.CssSelector("[aria-label='What was taken out']")).Text, StringComparison.Ordinal);
        page.UntilSaved();
        var rig = (await JobAsync(JobId)).GetProperty("rig");
        foreach (var parts in new[] { "lines", "fixtures", "protection", "relays", "switches", "runs", "earths", "joints" }) Assert.Equal(0, rig.GetProperty(parts).GetArrayLength());
        page.Find(By.CssSelector("[aria-label='What was taken out'] button")).Click();
        page.Find(By.CssSelector("[data-station]"));
        page.UntilSaved();
        Assert.Equal(before, (await JobAsync(JobId)).GetProperty("rig").GetRawText());
    }

    [Fact]
    public void A_comma_that_may_mean_either_is_asked_about()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(By.CssSelector("[data-figure='Wire']"));
        page.Key("1");
        page.Find(By.XPath("//summary[. = 'Measures']")).Click();
        page.Type("Width between obstructions", "1,270");
        page.Find(By.XPath("//button[@aria-label = 'Width between obstructions: 1.27']"));
        page.Press("Width between obstructions: 1270");
        page.Until(() => page.Field("Width between obstructions").GetAttribute("value") == "1270", "the one that was meant stands there");
        page.UntilSaved();
    }

    [Fact]
    public void How_a_line_is_fed_changes_no_number_that_was_typed()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Press("Start from a lamp…");
        page.Find(By.CssSelector("[data-lamp='square-pod'] input")).Click();
        page.Find(By.CssSelector("[data-template='row-both'] input")).Click();
        page.Until(() => page.Field("How many lamps").GetAttribute("value") == "15", "a row has fifteen where nobody says");
        foreach (var typed in new[] { "1", "15", "2" })
        {
            page.Type("How many lamps", typed);
            foreach (var start in new[] { "own-harness", "beam-pair", "row-both" }) page.Find(By.CssSelector($"[data-template='{start}'] input")).Click();
            Assert.Equal(typed, page.Field("How many lamps").GetAttribute("value"));
        }
    }

    [Fact]
    public void A_lamp_of_the_workshop_s_own_is_removed_again()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Press("Start from a lamp…");
        page.Find(By.XPath("//summary[. = 'Add a lamp of your own']")).Click();
        page.Type("Name of the lamp", "Barn find");
        page.Press("Add it to the catalogue");
        page.Find(By.CssSelector("[data-lamp='barn-find']"));
        page.Press("Remove Barn find from the catalogue");
        page.Until(() => !page.Has(By.CssSelector("[data-lamp='barn-find']")), "it is gone");
        Assert.False(page.Has(By.XPath("//button[@aria-label = 'Remove Square pod from the catalogue']")), "what ships cannot be removed");
    }
}
