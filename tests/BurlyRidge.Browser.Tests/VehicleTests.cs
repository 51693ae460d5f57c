using OpenQA.Selenium;
using OpenQA.Selenium.Support.UI;

namespace BurlyRidge.Browser.Tests;

/// <summary>The vehicle as a tape finds it: stations, lanes, places for parts and mounts, each changed by hand in the real page.</summary>
public class VehicleTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private void OpenWagon(string query, string? editor = null)
    {
        workshop.OpenJob("Snow-road rescue wagon", $"/walkaround{query}");
        page.Find(By.CssSelector("[aria-label='The vehicle from above']"));
        if (editor is not null) page.Find(By.XPath($"//summary[starts-with(., '{editor}')]")).Click();
    }

    /// <summary>A group of fields by its name; looked up again each time, because an edit may draw it anew.</summary>
    private IWebElement In(string group, string label) => page.Find(By.XPath(
        $"//fieldset[legend[. = '{group}']]//*[@id = //fieldset[legend[. = '{group}']]//label[normalize-space() = '{label}' or starts-with(normalize-space(), '{label} ')]/@for]"));

    private void Type(string group, string label, string text)
    {
        var field = In(group, label);
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(text);
    }

    private void Choose(string group, string label, string option) => new SelectElement(In(group, label)).SelectByText(option);

    private string Way(string way) => page.Find(By.XPath($"//ul[@aria-label = 'Routes']//button[contains(., '{way}')]/span[2]")).Text;

    private void UndoAll(int edits)
    {
        for (var i = 0; i < edits; i++)
        {
            page.UntilSaved();
            page.Press("Undo");
        }
        page.UntilSaved();
    }

    /// <summary>Opens a station, a lane or a location of the list that is open.</summary>
    private void Entry(string name) => page.Find(By.XPath($"//*[@data-body-list]//summary[. = '{name}']")).Click();

    private static By Saying(string words) => By.XPath($"//*[contains(text(), '{words}')]");

    [Fact]
    public void A_lane_that_runs_hot_and_past_an_airbag_tells_those_that_lie_in_it()
    {
        OpenWagon("?body=size", "Lanes");
        const string Lane = "Bonnet hinge, right to Roof, front";
        Entry(Lane);
        page.Find(By.XPath($"//fieldset[legend[. = '{Lane}']]//label[normalize-space() = 'airbag']//input")).Click();
        page.UntilSaved();
        page.Key("v");
        page.Find(By.XPath("//div[@role = 'dialog']//*[@data-check = 'hazard'][contains(., 'irbag')]"));
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Escape);
        page.Find(By.XPath($"//fieldset[legend[. = '{Lane}']]//summary[starts-with(., 'Comes off')]")).Click();
        page.Press("Add what comes off");
        page.Find(By.XPath("(//*[@data-field = 'what'])[last()]//input")).SendKeys(Keys.Control + "a" + Keys.Null + "Headliner");
        page.UntilSaved();
        Type(Lane, "Heat", "900");
        page.Find(Saying("Give a number from"));
        page.Until(() => page.Has(By.CssSelector("[data-save='refused']")), "it is not saved");
        page.Press("Undo");
        page.UntilSaved();
        page.Reload();
        page.Find(By.XPath("//summary[starts-with(., 'Lanes')]")).Click();
        Entry(Lane);
        page.Find(By.XPath($"//fieldset[legend[. = '{Lane}']]//summary[. = 'Comes off (2)']")).Click();
        Assert.Equal("Headliner", page.Find(By.XPath("(//*[@data-field = 'what'])[last()]//input")).GetAttribute("value"));
        UndoAll(3);
    }

    [Fact]
    public void What_comes_off_for_a_lane_is_told_once_for_all_that_lies_there()
    {
        OpenWagon("?body=size", "Lanes");
        Entry("Grille to Front bumper");
        page.Find(By.XPath("//fieldset[legend[. = 'Grille to Front bumper']]//summary[starts-with(., 'Comes off')]")).Click();
        Type("Grille to Front bumper", "Fasteners", "9");
        page.UntilSaved();
        page.Key("w");
        // As many as the most that is known of it, with what is known of it elsewhere.
        page.Find(By.XPath("//*[@data-comes-off]/li[starts-with(., 'Grille: 9 clips; unplug Front camera')]"));
        UndoAll(1);
    }

    [Fact]
    public void A_station_that_stands_further_back_makes_the_ways_through_it_longer()
    {
        OpenWagon("?way=all");
        var before = Way("Roof bar");
        OpenWagon("?body=size", "Stations");
        page.UntilSaved();
        Entry("Roof, front");
        Type("Roof, front", "Behind the front", "4.4");
        page.UntilSaved();
        page.Key("w");
        page.Until(() => Way("Roof bar") != before, "the way to the roof is longer");
        page.Press("Undo");
        page.Until(() => Way("Roof bar") == before, "it is as it was");
    }

    [Fact]
    public void A_station_taken_out_takes_its_lanes_along_and_undo_brings_both_back()
    {
        OpenWagon("?body=size");
        string Count(string editor) => page.Find(By.XPath($"//summary[starts-with(., '{editor}')]")).Text;
        var (stations, lanes) = (Count("Stations"), Count("Lanes"));
        page.Find(By.XPath("//summary[starts-with(., 'Stations')]")).Click();
        Entry("Roof, front");
        page.Find(By.XPath("//fieldset[legend[. = 'Roof, front']]//p[contains(., 'leave here: it stays.')]"));
        Entry("Fuse box");
        page.Press("Remove Fuse box");
        page.Until(() => Count("Stations") != stations && Count("Lanes") != lanes, "both are fewer");
        page.UntilSaved();
        page.Press("Undo");
        page.Until(() => Count("Stations") == stations && Count("Lanes") == lanes, "both are back");
    }

    [Fact]
    public void A_place_for_parts_is_added_measured_tried_with_a_part_and_taken_out()
    {
        OpenWagon("?body=size", "Locations for parts");
        page.Press("Add a location");
        var name = page.Find(By.XPath("(//summary[starts-with(., 'Locations for parts')]/following::fieldset[@data-body-entry])[last()]/legend")).GetAttribute("textContent")!;
        Type(name, "Width", "0");
        page.Find(Saying("Give a number"));
        Type(name, "Width", "60");
        Type(name, "Height", "40");
        Type(name, "Depth", "30");
        page.UntilSaved();
        Choose(name, "Wires leave at", "Roof, front");
        page.UntilSaved();
        page.Key("p");
        page.Find(By.CssSelector("[data-part='box']")).Click();
        page.Choose("Box sits at", name);
        page.Find(By.CssSelector("[data-fit='box'] [data-verdict='stop']"));
        page.UntilSaved();
        page.Press("Undo");
        page.UntilSaved();
        page.Key("b");
        page.Unfold("Locations for parts");
        Entry(name);
        page.Press($"Remove {name}");
        page.Until(() => !page.Has(By.XPath($"//fieldset[legend[. = '{name}']]")), "the place is gone");
        page.UntilSaved();
    }

    [Fact]
    public void What_a_mount_leaves_free_is_kept_and_taken_out_and_ways_of_holding_are_added()
    {
        OpenWagon("?mount=rear-left");
        page.Find(By.XPath("//summary[. = 'Measures']")).Click();
        page.Find(By.XPath("//summary[starts-with(., 'Keep free')]")).Click();
        page.Press("Keep something free");
        page.Type("Begins at", "5");
        page.Type("What", "tail gate swing");
        page.UntilSaved();
        page.Reload();
        page.Find(By.XPath("//summary[. = 'Measures']")).Click();
        page.Find(By.XPath("//summary[starts-with(., 'Keep free')]")).Click();
        Assert.Equal("tail gate swing", page.Field("What").GetAttribute("value"));
        Assert.Equal("5", page.Field("Begins at").GetAttribute("value"));
        page.Type("Begins at", "-5");
        page.Find(Saying("Give a number"));
        page.Press("Undo");
        page.Press("Remove keep free 1");
        page.Until(() => page.Has(By.XPath("//summary[. = 'Keep free (0)']")), "nothing has to stay free");
        page.UntilSaved();
        page.Find(By.XPath("//summary[starts-with(., 'How it holds')]")).Click();
        page.Press("Add a way of holding");
        page.Find(By.XPath("(//label[starts-with(., 'From')])[last()]"));
        page.UntilSaved();
    }
}
