using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;
using OpenQA.Selenium.Support.UI;

namespace BurlyRidge.Browser.Tests;

/// <summary>How vehicle and switches stand, and which output works what: figures follow both.</summary>
public class StateTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private void Open(string job, string query, string stage = "/lines")
    {
        workshop.OpenJob(job, $"{stage}{query}");
        page.UntilSaved();
    }

    private static By At(string station) => By.CssSelector($"[data-station='{station}']");

    private string Text(string station) => page.Told(At(station));

    private bool IsDark(string lamp) => Text(lamp).Split(", ").Any(row => row.Trim() == "0 W");

    private IWebElement Toggle(string name)
    {
        page.Unfold("More");
        return page.Find(By.XPath($"//section[@aria-label = 'State']//label[normalize-space() = '{name}']//input"));
    }

    private void Preset(string name) => page.Find(By.XPath($"//*[@role = 'radiogroup'][@aria-label = 'State']/label[. = '{name}']")).Click();

    [Fact]
    public void With_the_engine_running_the_lamps_get_more_than_with_it_off()
    {
        Open("Snow-road rescue wagon", "?line=plough");
        var off = Text("plough-r.main");
        Preset("Alone, engine on");
        page.Until(() => Text("plough-r.main") != off, "the lamp gets more");
        Assert.Contains("13.", Text("plough-r.main"), StringComparison.Ordinal);
        page.Find(By.CssSelector("svg[data-ridge='running']"));
    }

    [Fact]
    public void A_slot_let_go_darkens_its_lamps_and_pressed_again_lights_them()
    {
        Open("Snow-road rescue wagon", "?line=plough");
        Toggle("6 Plough").Click();
        page.Until(() => IsDark("plough-r.main"), "the lamp is dark");
        page.Find(By.CssSelector("svg[data-ridge='asked']"));
        Toggle("6 Plough").Click();
        page.Until(() => !IsDark("plough-r.main"), "the lamp is lit");
        Toggle("Key").Click();
        page.Until(() => IsDark("plough-r.main"), "it drops with the key");
    }

    [Fact]
    public void A_pair_on_the_beam_goes_dark_with_the_beam_and_with_its_switch()
    {
        Open("Orchard spray pickup", "?line=beam-pair");
        Assert.False(IsDark("drive-l.main"));
        Toggle("High beam").Click();
        page.Until(() => IsDark("drive-l.main"), "dark with the beam off");
        Toggle("High beam").Click();
        page.Until(() => !IsDark("drive-l.main"), "lit with the beam on");
        new SelectElement(page.Find(By.XPath("//section[@aria-label = 'State']//label[contains(., 'Drive switch')]//select"))).SelectByIndex(0);
        page.Until(() => IsDark("drive-l.main"), "dark with its switch off");
    }

    [Fact]
    public void Everything_on_shows_a_line_planned_in_short_lit_as_well()
    {
        Open("Snow-road rescue wagon", "?line=bar");
        Preset("All on, engine on");
        page.Find(By.CssSelector("svg[data-ridge='everything']"));
        page.Until(() => !IsDark("bar-lamp-1.main") && Text("bar-lamp-1.main").Contains("13.", StringComparison.Ordinal), "the bar is lit at what the alternator gives");
    }

    [Fact]
    public void A_line_is_dragged_to_another_output_and_a_legend_that_is_too_long_is_refused()
    {
        Open("Snow-road rescue wagon", "", "/panel");
        By Output(string output) => By.CssSelector($"[data-output='{output}']");
        var (from, to) = (page.Find(Output("box.o7")), page.Find(Output("box.o4")));
        Assert.Contains("Winch lamp", from.Text, StringComparison.Ordinal);
        new Actions(page.Driver).DragAndDrop(from, to).Perform();
        page.Until(() => page.Find(Output("box.o4")).Text.Contains("Winch lamp", StringComparison.Ordinal), "the winch lamp is on the fourth");
        Assert.Contains("Beacons", page.Find(Output("box.o7")).Text, StringComparison.Ordinal);
        page.UntilSaved();
        page.Press("Undo");
        page.Until(() => page.Find(Output("box.o7")).Text.Contains("Winch lamp", StringComparison.Ordinal), "it is back");
        page.UntilSaved();
        var wide = page.Field("Legend, wide");
        wide.SendKeys(Keys.Control + "a");
        wide.SendKeys("0");
        page.Find(By.XPath("//*[contains(text(), 'Give a number')]"));
        page.Until(() => page.Has(By.CssSelector("[data-save='refused']")), "it is not saved");
        page.Press("Undo");
        page.UntilSaved();
    }
}
