using System.Globalization;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>Each kind of station opened and changed in place: the figures of the strip follow, a slip is named, undo brings it back.</summary>
public class StationTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private void OpenLine(string line, string station)
    {
        Open("Snow-road rescue wagon", $"?line={line}&station={Uri.EscapeDataString(station)}");
        page.Find(At(station));
    }

    /// <summary>The first station of a kind on a line of the pickup.</summary>
    private string OpenKind(string line, string kind)
    {
        Open("Orchard spray pickup", $"?line={line}");
        var station = page.Find(By.CssSelector($"[data-kind='{kind}']"));
        station.Click();
        return station.GetAttribute("data-station")!;
    }

    private void Open(string job, string query)
    {
        page.Open("/");
        var lines = page.Find(By.XPath($"//article[@aria-label = '{job}']//a")).GetAttribute("href")!;
        page.Open($"{new Uri(lines).AbsolutePath}{query}");
        page.UntilSaved();
    }

    private static By At(string station) => By.CssSelector($"[data-station='{station}']");

    private string Text(string station) => page.Told(At(station));

    /// <summary>What it loses and what flows.</summary>
    private string Figures(string station) => string.Join(", ", Text(station).Split(", ").Where(told => told.EndsWith(" V", StringComparison.Ordinal) || told.EndsWith(" mV", StringComparison.Ordinal) || told.Contains(" A", StringComparison.Ordinal)));

    /// <summary>The figures of a station are others after <paramref name="edit"/>, and as before after undo.</summary>
    private void Follows(string station, Action edit)
    {
        var before = Text(station);
        edit();
        page.Until(() => Text(station) != before, $"the figures of {station} follow");
        page.UntilSaved();
        page.Press("Undo");
        page.Until(() => Text(station) == before, $"the figures of {station} are back");
        page.UntilSaved();
    }

    /// <summary>Nothing is saved while a field is wrong, and its sentence stands beside it.</summary>
    private void Refuses(string label, string text, string sentence)
    {
        page.Type(label, text);
        page.Find(By.XPath($"//*[contains(text(), '{sentence}')]"));
        page.Until(() => page.Has(By.CssSelector("[data-save='refused']")), "it is not saved");
        page.Press("Undo");
        page.UntilSaved();
    }

    private static double Volts(string cell) => double.Parse(cell.Split(", ").First(row => row.Contains(" V", StringComparison.Ordinal)).Split(' ')[0], CultureInfo.InvariantCulture);

    [Fact]
    public void A_wire_made_longer_loses_more_and_a_length_of_nothing_is_refused()
    {
        var run = OpenKind("boom", "run");
        Follows(run, () => page.Type("Length", "9"));
        Refuses("Length", "0", "Give a number above 0");
        page.Type("Colour", "violet");
        page.UntilSaved();
        page.Reload();
        page.Find(At(run)).Click();
        Assert.Equal("violet", page.Field("Colour").GetAttribute("value"));
    }

    [Fact]
    public void A_joint_measured_worse_than_usual_loses_what_was_measured()
    {
        OpenLine("rear-work", "plug-work");
        Follows("plug-work", () => page.Type("Measured", "40"));
        Follows("plug-work", () => page.Choose("How it is made", "Soldered"));
        Refuses("Measured", "-3", "Give a number from");
    }

    [Fact]
    public void A_stud_measured_worse_takes_its_volts_from_the_lamp()
    {
        OpenLine("rear-work", "stud-rear");
        var lamp = Volts(Text("work-r.main"));
        page.Type("Body, to the battery", "60");
        page.Until(() => Volts(Text("work-r.main")) < lamp - 0.1, "the lamp gets less");
        page.UntilSaved();
        page.Press("Undo");
        page.Until(() => Volts(Text("work-r.main")) == lamp, "the lamp gets what it got");
        Refuses("Ring on the stud", "-1", "Give a number");
    }

    [Fact]
    public void A_lamp_keeps_its_power_or_not_by_its_kind()
    {
        OpenLine("rear-work", "work-r.main");
        Follows("work-r.main", () => page.Choose("Kind", "Filament"));
        Follows("work-r.main", () => page.Type("Power", "55"));
        Refuses("Keeps its power down to", "-5", "Give a number");
    }

    [Fact]
    public void An_output_that_follows_the_ignition_asks_for_the_key_and_one_made_for_less_than_it_carries_is_told()
    {
        OpenLine("scene-left", "box.o1-contact");
        page.Choose("Follows", "Ignition: drops with the key");
        page.Find(By.XPath("//p[starts-with(., 'Controlled by:')][contains(., 'key on')]"));
        page.UntilSaved();
        page.Press("Undo");
        page.Until(() => !page.Has(By.XPath("//p[starts-with(., 'Controlled by:')][contains(., 'key on')]")), "it works without the key again");
        page.UntilSaved();
        page.Type("Rated current", "1");
        page.Find(By.XPath("//section[@aria-label = 'Checks of the line']//*[contains(., 'slot 1')]"));
        page.UntilSaved();
        page.Press("Undo");
        page.UntilSaved();
        Refuses("Rated current", "0", "Give a number");
    }

    [Fact]
    public void A_fuse_becomes_a_breaker_and_says_what_it_is_made_to_break()
    {
        OpenLine("rear-work", "main-fuse");
        page.Find(By.XPath("//label[. = 'A breaker, not a fuse']/input")).Click();
        page.UntilSaved();
        page.Type("Rated voltage", "6");
        page.UntilSaved();
        page.Key("v");
        page.Find(By.XPath("//div[@role = 'dialog']//*[@data-check = 'fuse-volts']"));
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Escape);
        page.Press("Undo");
        page.UntilSaved();
        page.Press("Undo");
        page.UntilSaved();
        page.Until(() => !page.Find(By.XPath("//label[. = 'A breaker, not a fuse']/input")).Selected, "it is a fuse again");
    }

    [Fact]
    public void A_switch_that_is_good_for_less_than_it_carries_is_a_stop()
    {
        OpenKind("beam-pair", "switch");
        page.Type("Rated current", "0.1");
        page.Find(By.CssSelector("[data-check='switch-current']"));
        page.UntilSaved();
        page.Press("Undo");
        page.UntilSaved();
        Refuses("Rated current", "0", "Give a number");
    }

    [Fact]
    public void The_pins_of_a_relay_are_called_as_it_prints_them_and_the_wires_stay_where_they_are()
    {
        var at = OpenKind("beam-pair", "relay");
        var before = Figures(at);
        page.Type("Contact, common", "3x" + OpenQA.Selenium.Keys.Enter);
        page.UntilSaved();
        page.Until(() => Figures(at) == before && Text(at).Contains("3x", StringComparison.Ordinal), "the line still carries what it carried");
        page.Key("d");
        page.Find(By.XPath("//*[name() = 'svg']//*[name() = 'text'][normalize-space() = '3x']"));
        page.Press("Undo");
        page.Find(By.XPath("//*[name() = 'svg']//*[name() = 'text'][normalize-space() = '30']"));
        page.UntilSaved();
    }
}
