using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>Checks, remedies and proposals in the real page.</summary>
public class JudgementTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private void OpenDemo(string name)
    {
        page.Open("/");
        page.Find(By.XPath($"//article[@aria-label = '{name}']//a")).Click();
        page.Find(By.CssSelector("[data-station]"));
    }

    private void Line(string name) => page.Find(By.XPath($"//nav[@aria-label = 'Lines']//button[.//span[normalize-space() = '{name}']]")).Click();

    [Fact]
    public void A_remedy_cures_its_check_is_saved_and_can_be_undone()
    {
        OpenDemo("Orchard spray pickup");
        Line("Driving pair on the beam");
        var stop = By.CssSelector("[data-check='wire-fuse'][data-verdict='stop']");
        var wire = page.Find(stop).FindElement(By.TagName("button")).Text;
        page.Press(wire);
        page.Until(() => !page.Has(stop), "the check is cured");
        page.UntilSaved();
        page.Reload();
        page.Find(By.CssSelector("[data-station]"));
        Assert.False(page.Has(stop));
        page.Press("Undo");
        page.Find(stop);
    }

    [Fact]
    public void A_watch_that_rests_on_a_figure_nobody_entered_leads_to_its_field()
    {
        OpenDemo("Orchard spray pickup");
        page.Key("v");
        page.Find(By.CssSelector("[data-check='alternator-idle'][data-verdict='watch'] [data-rests-on='vehicle.alternator.idleAmps'] a")).Click();
        page.Until(() => page.Driver.SwitchTo().ActiveElement().FindElements(By.XPath("ancestor::*[@data-field = 'idleAmps']")).Count == 1, "the field is ready to be filled in");
        Assert.False(page.Has(By.CssSelector("[role='dialog']")));
        page.Driver.SwitchTo().ActiveElement().SendKeys("95");
        page.UntilSaved();
        page.Key("v");
        page.Find(By.CssSelector("[data-check='alternator-idle'][data-verdict='holds']"));
        Assert.False(page.Has(By.CssSelector("[data-rests-on='vehicle.alternator.idleAmps']")));
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Escape);
        page.Press("Undo");
        page.UntilSaved();
    }

    [Fact]
    public void The_ledger_opens_by_its_key_shows_the_supply_and_leads_to_a_line()
    {
        OpenDemo("Orchard spray pickup");
        page.Key("v");
        Assert.Contains("Parked", page.Find(By.CssSelector("[data-state='parked']")).Text, StringComparison.Ordinal);
        page.Find(By.XPath("//div[@role = 'dialog']//button[normalize-space() = 'Tank work lamp']")).Click();
        page.Until(() => page.Field("Name").GetAttribute("value") == "Tank work lamp", "the line is chosen");
        Assert.False(page.Has(By.CssSelector("[data-state='parked']")));
    }

    [Fact]
    public void A_Watch_is_accepted_with_a_reason_stands_apart_and_is_restored()
    {
        OpenDemo("Snow-road rescue wagon");
        page.Key("v");
        var open = By.CssSelector("[role='dialog'] [data-verdict='watch']:not([data-accepted])");
        var before = page.Driver.FindElements(open).Count;
        var first = page.Find(open);
        var check = first.GetAttribute("data-check");
        first.FindElement(By.XPath(".//button[starts-with(@aria-label, 'Accept: ')]")).Click();
        page.Press("Accept");
        page.Find(By.XPath("//form//*[@role = 'alert'][contains(., 'Give 1 to 300 characters')]"));
        page.Type("Why it may stay", "Agreed with the owner");
        page.Type("Your name", "Ana");
        page.Press("Accept");
        page.Until(() => page.Driver.FindElements(open).Count == before - 1, "one less stands in the way");
        var accepted = By.CssSelector($"section[aria-label='Accepted'] [data-check='{check}']");
        Assert.Contains("Accepted by Ana: Agreed with the owner", page.Find(accepted).Text, StringComparison.Ordinal);
        page.UntilSaved();
        page.Find(accepted).FindElement(By.XPath(".//button[starts-with(@aria-label, 'Restore: ')]")).Click();
        page.Until(() => page.Driver.FindElements(open).Count == before, "it counts again");
        Assert.False(page.Has(accepted));
        page.UntilSaved();
    }

    [Fact]
    public void What_is_accepted_stands_no_more_among_the_objections_of_its_line()
    {
        OpenDemo("Snow-road rescue wagon");
        Line("Stretcher bay strip");
        var watches = By.CssSelector("section[aria-label='Checks of the line'] [data-verdict='watch']");
        page.Find(watches);
        var before = page.Driver.FindElements(watches).Count;
        page.Find(watches).FindElement(By.XPath(".//button[starts-with(@aria-label, 'Accept: ')]")).Click();
        page.Type("Why it may stay", "Agreed with the owner");
        page.Type("Your name", "Ana");
        page.Press("Accept");
        page.Until(() => page.Driver.FindElements(watches).Count == before - 1, "one less stands in the way");
        page.UntilSaved();
        page.Press("Undo");
        page.Until(() => page.Driver.FindElements(watches).Count == before, "it counts again");
    }

    [Fact]
    public void Sizes_are_shown_before_they_are_applied_and_undone_in_one_step()
    {
        OpenDemo("Snow-road rescue wagon");
        Line("Rear work lamps");
        var run = By.CssSelector("[data-station='plug-work-b-to-work-l-plus']");
        Assert.StartsWith("14 AWG", page.Told(run), StringComparison.Ordinal);
        page.PressForAll("Resize all wiring…");
        var thinner = page.Find(By.XPath("//li[contains(., 'Plug work to work lamp plus')]")).Text.Split('→')[^1].Trim().Split('\n')[0];
        Assert.StartsWith("18 AWG", thinner, StringComparison.Ordinal);
        page.Press("Apply");
        page.Until(() => page.Told(run).StartsWith("18 AWG", StringComparison.Ordinal), "the size is taken");
        page.Press("Undo");
        page.Until(() => page.Told(run).StartsWith("14 AWG", StringComparison.Ordinal), "the size is back");
    }

    [Fact]
    public void A_wire_opens_to_its_ladder_and_a_gauge_taken_by_hand_stays()
    {
        OpenDemo("Snow-road rescue wagon");
        Line("Winch lamp");
        page.Find(By.CssSelector("[data-station='box-o7-to-winch-lamp-plus']")).Click();
        page.Find(By.CssSelector("[data-wire='14 AWG'] button")).Click();
        page.Until(() => page.Told(By.CssSelector("[data-station='box-o7-to-winch-lamp-plus']")).StartsWith("14 AWG", StringComparison.Ordinal), "the gauge is taken");
        page.UntilSaved();
        page.Reload();
        page.Until(() => page.Told(By.CssSelector("[data-station='box-o7-to-winch-lamp-plus']")).StartsWith("14 AWG", StringComparison.Ordinal), "it is kept");
        page.Press("Undo");
    }

    [Fact]
    public void A_house_rule_changes_what_is_judged()
    {
        OpenDemo("Tree-crew chipper truck");
        page.PressForAll("House rules of this job…");
        page.Choose("Earths", "Wire to the post");
        page.Find(By.XPath("//*[@data-rule-changes]//li[contains(., 'Watch')]"));
        page.PressOnceReady("Apply");
        page.UntilSaved();
        var ledger = By.XPath("//button[contains(., 'Ledger of checks')]");
        var watch = By.CssSelector("[role='dialog'] [data-check='earth-practice'][data-verdict='watch']");
        page.Find(ledger).Click();
        page.Find(watch);
        page.Press("Close");
        page.Press("Undo");
        page.Until(() => page.Has(By.CssSelector("[data-save='saved']")), "the old rule is back");
        page.Find(ledger).Click();
        page.Find(By.CssSelector("[role='dialog'] [data-state='parked']"));
        Assert.False(page.Has(watch));
    }
}
