using BurlyRidge.Core.Tests.Support;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>What a fitter does, in the real page.</summary>
public class JourneyTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private void NewJobWithLine(string name)
    {
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", name);
        page.Press("Open the job");
        page.Press("Quick-plan a line");
        page.UntilFigure("Fuse", "5 A blade");
        page.UntilSaved();
    }

    [Fact]
    public void New_job_new_line_and_wire_and_fuse_follow_what_is_typed()
    {
        NewJobWithLine("Ditch runner");
        page.Type("Each", "100");
        page.UntilFigure("Fuse", "15 A blade");
        page.Type("One-way length", "2");
        page.UntilFigure("Wire", "16 AWG");
        page.Type("One-way length", "4");
        page.UntilFigure("Wire", "14 AWG");
        page.Choose("Trigger", "Linked to reverse");
        page.UntilFigure("Relay", "30 A");
        page.UntilSaved();
        var wire = page.Figure("Wire");

        page.Reload();
        page.UntilFigure("Wire", wire);
        Assert.Equal("4", page.Field("One-way length").GetAttribute("value"));
    }

    [Fact]
    public void A_gauge_taken_by_hand_is_judged_kept_and_given_back_with_one_press()
    {
        NewJobWithLine("Hand picker");
        page.Type("Each", "100");
        page.UntilFigure("Fuse", "15 A blade");
        var proposed = page.Figure("Wire");
        page.Find(By.CssSelector("[data-wire='20 AWG'] button")).Click();
        page.UntilFigure("Wire", "20 AWG");
        page.Find(By.CssSelector("[data-check='wire-fuse'][data-verdict='stop']"));
        page.UntilSaved();

        page.Reload();
        page.UntilFigure("Wire", "20 AWG");
        page.Press($"Use the proposal, {proposed}");
        page.UntilFigure("Wire", proposed);
        page.Until(() => !page.Has(By.CssSelector("[data-verdict='stop']")), "nothing stops any more");
    }

    [Fact]
    public void A_fuse_taken_by_hand_is_judged_and_given_back()
    {
        NewJobWithLine("Fuse picker");
        page.Press("One fuse lower");
        page.UntilFigure("Fuse", "4 A blade");
        page.Find(By.CssSelector("[data-check='fuse-load'][data-verdict='watch']"));
        page.Press("Use the proposal, 5 A blade");
        page.UntilFigure("Fuse", "5 A blade");
    }

    [Fact]
    public void A_bad_entry_shows_its_message_saves_nothing_and_is_still_there_after_a_reload()
    {
        NewJobWithLine("Slip of the pen");
        page.Type("One-way length", "-2");
        page.Until(() => page.Has(By.XPath("//*[@role='alert'][contains(., 'above 0 and up to 100 m')]")), "the field says what it takes");
        Assert.Equal("true", page.Field("One-way length").GetAttribute("aria-invalid"));
        page.Find(By.CssSelector("[data-save='refused']"));
        page.Type("Each", "abc");
        page.Until(() => page.Has(By.XPath("//*[@role='alert'][contains(., 'Give a number')]")), "text where a number belongs is named");
        Assert.Equal("abc", page.Field("Each").GetAttribute("value"));

        page.Reload();
        page.Find(By.CssSelector("[data-save='refused']"));
        Assert.Equal("-2", page.Field("One-way length").GetAttribute("value"));
        Assert.True(page.Has(By.CssSelector("[data-outdated]")), "the figures are marked as old");
        page.Press("Undo");
        page.UntilFigure("Fuse", "5 A blade");
        Assert.Equal("3", page.Field("One-way length").GetAttribute("value"));
        Assert.Equal("40", page.Field("Each").GetAttribute("value"));
    }

    [Fact]
    public void A_new_job_without_a_name_is_refused()
    {
        page.Open("/");
        page.Press("New job");
        page.Press("Open the job");
        page.Until(() => page.Has(By.XPath("//*[@role='alert'][contains(., 'Give the vehicle a name')]")), "the name is asked for");
        page.Press("Cancel");
        page.Find(By.XPath("//h1[. = 'Yard']"));
    }

    [Fact]
    public void Quick_size_and_make_it_a_line()
    {
        page.Open("/quick-size");
        page.UntilFigure("Fuse", "10 A blade");
        page.Type("Each", "100");
        page.UntilFigure("Fuse", "25 A blade");
        page.Choose("Units", "Feet");
        page.Until(() => page.Field("One-way length").GetAttribute("value") == "13.1234", "4 m are 13.1 ft");
        page.Press("Make it a line");
        page.Type("Name of the line", "Sized in a hurry");
        page.Find(By.XPath("//li/button[contains(., 'Orchard spray pickup')]")).Click();
        page.Until(() => page.Has(By.XPath("//h1[. = 'Orchard spray pickup']")), "the job opens");
        page.Until(() => page.Field("Name").GetAttribute("value") == "Sized in a hurry", "with the new line chosen");
        page.UntilFigure("Fuse", "25 A blade");
    }

    [Fact]
    public void Quick_size_says_what_a_field_takes()
    {
        page.Open("/quick-size");
        page.UntilFigure("Fuse", "10 A blade");
        page.Type("One-way length", "0");
        page.Until(() => page.Has(By.XPath("//*[@role='alert'][contains(., 'above 0')]")), "the field says what it takes");
        Assert.False(page.Find(By.XPath("//button[. = 'Make it a line']")).Enabled);
    }

    [Fact]
    public void Renamed_archived_and_taken_back_out()
    {
        NewJobWithLine("Old name");
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Old name']//button[@aria-label = 'Details of Old name']")).Click();
        page.Type("Vehicle name", "New name");
        page.Type("Customer", "Quarry");
        new OpenQA.Selenium.Interactions.Actions(page.Driver).SendKeys(Keys.Escape).Perform();
        page.Find(By.XPath("//article[@aria-label = 'Old name']//button[@aria-label = 'Details of Old name']")).Click();
        Assert.Equal("New name", page.Field("Vehicle name").GetAttribute("value"));
        page.Press("Save");
        page.Find(By.XPath("//article[@aria-label = 'New name'][contains(., 'Quarry')]"));
        page.Find(By.XPath("//article[@aria-label = 'New name']//button[@aria-label = 'Archive New name']")).Click();
        page.Until(() => !page.Has(By.XPath("//article[@aria-label = 'New name']")), "it leaves the yard");
        page.Find(By.XPath("//*[@role = 'status'][contains(., 'New name is in the archive.')]"));
        page.Press("Undo");
        page.Find(By.XPath("//article[@aria-label = 'New name']//button[@aria-label = 'Archive New name']")).Click();
        page.Until(() => !page.Has(By.XPath("//article[@aria-label = 'New name']")), "it leaves the yard once more");
        page.Press("Show the archive");
        page.Find(By.XPath("//article[@aria-label = 'New name']//h2")).Click();
        page.Find(By.XPath("//*[@role = 'status'][contains(., 'This job is in the archive.')]"));
        page.Type("One-way length", "9");
        page.Find(By.XPath("//*[@role = 'alert'][contains(., 'Restore it first')]"));
        page.Open("/");
        page.Press("Show the archive");
        page.Find(By.XPath("//article[@aria-label = 'New name']//button[contains(., 'Restore')]")).Click();
        page.Press("Show active jobs");
        page.Find(By.XPath("//article[@aria-label = 'New name']"));
    }

    [Fact]
    public void A_job_is_deleted_for_good_from_the_archive_once_its_name_is_typed()
    {
        NewJobWithLine("Gone for good");
        page.Open("/");
        page.Press("Archive Gone for good");
        page.Press("Show the archive");
        page.Find(By.XPath("//article[@aria-label = 'Gone for good']//button[contains(., 'Delete')]")).Click();
        page.Type("Type the name: Gone for good", "Gone for goo");
        page.Press("Delete permanently");
        page.Find(By.XPath("//*[@role = 'alert'][contains(., 'Nothing was deleted.')]"));
        page.Type("Type the name: Gone for good", "Gone for good");
        page.Press("Delete permanently");
        page.Until(() => !page.Has(By.XPath("//article[@aria-label = 'Gone for good']")), "it is gone");
    }

    [Fact]
    public void The_history_is_read_and_gone_back_in_and_undo_says_what_it_did()
    {
        NewJobWithLine("Often changed");
        var before = page.Field("One-way length").GetAttribute("value")!;
        page.Type("One-way length", "9");
        page.UntilSaved();
        page.Press("History");
        page.Find(By.XPath("//ul[@aria-label = 'Revisions']//button[contains(., 'm → 9.0 m')]"));
        page.Find(By.XPath("//ul[@aria-label = 'Revisions']/li[2]/button")).Click();
        page.Find(By.XPath("//table//tr[contains(., 'length')][contains(., '9.0 m')]"));
        page.Press("Go back to revision 2");
        page.Until(() => page.Field("One-way length").GetAttribute("value") == before, "it is as it was");
        page.Press("Undo");
        page.Find(By.XPath("//*[@data-told][contains(@title, 'Undone: Back to revision 2.')]"));
        page.Until(() => page.Field("One-way length").GetAttribute("value") == "9", "it is as before");
        page.Press("Remove this line");
        page.Find(By.XPath("//*[@data-told][contains(@title, 'removed')]//button[. = 'Undo']")).Click();
        page.Until(() => page.Field("One-way length").GetAttribute("value") == "9", "the line is back");
    }

    [Fact]
    public void The_yard_is_searched_and_sorted()
    {
        page.Open("/");
        List<string> Jobs() => [.. page.Driver.FindElements(By.TagName("article")).Select(job => job.GetAttribute("aria-label")!)];
        page.Find(By.XPath("//article[@aria-label = 'Orchard spray pickup']"));
        var search = page.Find(By.CssSelector("input[aria-label='Search the jobs']"));
        search.SendKeys("NIGHT orchard");
        page.Until(() => Jobs() is ["Orchard spray pickup"], "every word is in its name or its note");
        search.SendKeys("s that nobody has");
        page.Find(By.XPath("//*[@role = 'status'][starts-with(., '0 of')]"));
        search.SendKeys(Keys.Control + "a" + Keys.Delete);
        page.Until(() => Jobs().Count > 2, "all of them are back");
        new OpenQA.Selenium.Support.UI.SelectElement(page.Find(By.CssSelector("select[aria-label='Sort the jobs']"))).SelectByText("By name");
        page.Until(() => Jobs().SequenceEqual(Jobs().Order(StringComparer.InvariantCultureIgnoreCase)), "they stand by name");
    }

    [Fact]
    public void Keys_change_gauge_and_fuse_undo_and_redo()
    {
        NewJobWithLine("Key presser");
        var proposed = page.Figure("Wire");
        page.Find(By.TagName("h1")).Click();
        page.Run("document.activeElement.blur()");
        page.Key("]");
        page.Until(() => page.Figure("Wire") != proposed, "one gauge thicker");
        var thicker = page.Figure("Wire");
        page.UntilSaved();
        page.Key("=");
        page.UntilFigure("Fuse", "7.5 A blade");
        page.UntilSaved();
        page.Key("u");
        page.UntilFigure("Fuse", "5 A blade");
        page.UntilFigure("Wire", thicker);
        page.Key("u");
        page.UntilFigure("Wire", proposed);
        page.Key("U");
        page.UntilFigure("Wire", thicker);
    }

    [Fact]
    public void House_rules_change_what_is_proposed()
    {
        NewJobWithLine("Rule keeper");
        page.PressForAll("House rules of this job…");
        page.Choose("Wire sold as", "Outside diameter, mm");
        page.PressOnceReady("Apply");
        page.Until(() => page.Figure("Wire").EndsWith("mm cable", StringComparison.Ordinal), "wire is named by its diameter");
        page.PressForAll("House rules of this job…");
        page.Type("Fuse loaded to", "50");
        page.PressOnceReady("Apply");
        page.UntilFigure("Fuse", "7.5 A blade");
        page.UntilSaved();
    }

    [Fact]
    public void A_wired_line_shows_what_its_lamps_get_and_where_the_volts_go()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(By.XPath("//nav//button[contains(., 'Plough lamps')]")).Click();
        page.Find(By.CssSelector("[data-station='battery.plus']"));
        page.Find(By.CssSelector("[data-station='box.o6-contact']"));
        Assert.Contains("53 W", page.Told(By.CssSelector("[data-station='plough-l.main']")), StringComparison.Ordinal);
        var alone = page.Told(By.CssSelector("[data-station='plough-r.main']"));
        page.Find(By.CssSelector("[data-preset='everything']")).Click();
        page.Until(() => page.Told(By.CssSelector("[data-station='plough-r.main']")) != alone, "figures follow the state");
        page.Unfold("More");
        page.Find(By.XPath("//section[@aria-label = 'State']//label[contains(., 'Plough')]")).Click();
        page.Until(() => page.Told(By.CssSelector("[data-station='plough-r.main']")).Contains(" 0 A", StringComparison.Ordinal), "with its slot let go the lamp is dark");
    }

    [Fact]
    public void A_job_file_is_opened_and_a_bad_one_refused_with_its_path()
    {
        var folder = Directory.CreateTempSubdirectory("burly-ridge-").FullName;
        var good = Path.Combine(folder, "good.json");
        var bad = Path.Combine(folder, "bad.json");
        var example = File.ReadAllText(Path.Combine(Repository.Root, "docs", "job-file.md")).Split("```json")[1].Split("```")[0];
        File.WriteAllText(good, example);
        File.WriteAllText(bad, example.Replace("\"battery.plus\"", "\"nowhere.plus\"", StringComparison.Ordinal));
        page.Open("/");
        page.Driver.FindElement(By.CssSelector("input[type='file']")).SendKeys(bad);
        page.Until(() => page.Has(By.XPath("//*[@role='alert'][contains(., 'rig.runs[0].from') and contains(., 'nowhere.plus')]")), "the path is named");
        page.Driver.FindElement(By.CssSelector("input[type='file']")).SendKeys(good);
        page.Until(() => page.Has(By.XPath("//h1[. = 'Example wagon']")), "the job opens");
        Directory.Delete(folder, recursive: true);
    }

    [Fact]
    public void Two_windows_on_one_job_lose_nothing()
    {
        NewJobWithLine("Two windows");
        var first = page.Driver.CurrentWindowHandle;
        var address = new Uri(page.Driver.Url).PathAndQuery;
        page.Driver.SwitchTo().NewWindow(WindowType.Tab);
        page.Open(address);
        page.UntilFigure("Fuse", "5 A blade");
        page.Type("One-way length", "7");
        page.UntilSaved();
        page.Driver.Close();
        page.Driver.SwitchTo().Window(first);

        page.Type("One-way length", "9");
        page.Until(() => page.Has(By.XPath("//*[@role='dialog'][contains(., 'changed in another window')]")), "the stale window is told");
        Assert.Contains("7.0 m", page.Find(By.CssSelector("[role='dialog']")).Text, StringComparison.Ordinal);
        Assert.Contains("9.0 m", page.Find(By.CssSelector("[role='dialog']")).Text, StringComparison.Ordinal);
        page.Press("Save mine on top");
        page.UntilSaved();
        page.Press("Undo");
        page.Until(() => page.Field("One-way length").GetAttribute("value") == "7", "theirs is one undo away");
    }
}
