using System.Net.Http.Json;
using System.Text.Json;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;
using OpenQA.Selenium.Support.UI;

namespace BurlyRidge.Browser.Tests;

/// <summary>A rig worked, probed, broken and measured, in the real page.</summary>
public class PowerUpTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private string JobId => page.Driver.Url.Split('/')[4].Split('?')[0];

    private void OpenRig(string job = "Orchard spray pickup")
    {
        page.Open("/");
        var id = page.Find(By.XPath($"//article[@aria-label = '{job}']//a")).GetAttribute("href")!.Split('/')[4];
        page.Open($"/jobs/{id}/power-up");
        page.Find(By.CssSelector("[data-clock]"));
        page.Find(By.CssSelector("[data-battery]"));
    }

    private void Turn(string signal) => page.Find(By.XPath($"//label[normalize-space() = '{signal}']")).Click();

    private void UntilNoted(string words) => page.Until(() => page.Driver.FindElements(By.CssSelector("[data-note]")).Any(note => note.Text.Contains(words, StringComparison.Ordinal)), $"the log says {words}");

    private string Reading => page.Find(By.CssSelector("[data-reading]")).Text;

    private bool IsLit => page.Has(By.CssSelector("[data-lit]"));

    private void Choose(string label, string contains)
    {
        var choice = new SelectElement(page.Field(label));
        choice.SelectByText(choice.Options.First(option => option.Text.Contains(contains, StringComparison.Ordinal)).Text);
    }

    private async Task<JsonElement> EntriesAsync() => await workshop.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{JobId}/commissioning", TestContext.Current.CancellationToken);

    private IWebElement Row(string keyEnds) => page.Find(By.CssSelector($"[data-reading-key$='{keyEnds}']"));

    private void Enter(string keyEnds, string value)
    {
        var field = Row(keyEnds).FindElement(By.TagName("input"));
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(value + Keys.Enter);
    }

    [Fact]
    public void The_dash_is_turned_and_the_lamps_and_the_log_answer()
    {
        OpenRig("Snow-road rescue wagon");
        Assert.False(IsLit);
        Turn("High beam");
        page.Until(() => IsLit, "a lamp is lit");
        UntilNoted("relay pulled in");
        Turn("High beam");
        page.Until(() => !IsLit, "all is dark again");
        UntilNoted("dropped out");
    }

    [Fact]
    public void A_slot_is_pressed_with_the_key_alone_and_the_meter_reads_what_it_gives()
    {
        OpenRig("Snow-road rescue wagon");
        page.Find(By.CssSelector("[data-slot='box.o1']")).SendKeys(" ");
        page.Until(() => page.Driver.FindElement(By.CssSelector("[data-slot='box.o1']")).GetAttribute("aria-pressed") == "true" && IsLit, "the slot is pressed and its lamp lit");
        page.Key("m");
        page.Until(() => page.Driver.SwitchTo().ActiveElement().TagName == "select", "the probe has the focus");
        new SelectElement(page.Field("Red on")).SelectByValue("scene-l.plus");
        page.Until(() => Reading.EndsWith('V') && double.Parse(Reading.Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture) > 11, "it reads what the lamp gets");
        page.Press("What should it show?");
        page.Find(By.CssSelector("[data-sound]"));
        Choose("Set to", "ohms");
        page.Until(() => Reading.Contains("Make it dead first", StringComparison.Ordinal), "ohms are refused on what is live");
    }

    [Fact]
    public void A_probe_is_held_to_what_is_pointed_at_and_to_what_is_searched()
    {
        OpenRig("Snow-road rescue wagon");
        var mark = page.Find(By.CssSelector("rect[data-touch]"));
        var part = mark.GetAttribute("data-touch")!;
        new Actions(page.Driver).Click(mark).Perform();
        page.Until(() => new SelectElement(page.Field("Red on")).SelectedOption.GetAttribute("value")!.StartsWith($"{part}.", StringComparison.Ordinal), $"the probe is at {part}");
        page.Key("/");
        page.Find(By.CssSelector("[role='combobox']")).SendKeys("Battery minus" + Keys.Enter);
        page.Until(() => new SelectElement(page.Field("Red on")).SelectedOption.Text == "Battery minus", "the probe is at the post");
    }

    [Fact]
    public void A_fault_is_put_in_shows_itself_and_is_taken_out()
    {
        OpenRig("Snow-road rescue wagon");
        Turn("High beam");
        page.Until(() => page.Has(By.CssSelector("[data-lit='bar']")), "the bar is lit");
        page.Key("f");
        page.Find(By.CssSelector("input[type='search']")).SendKeys("Roof bar fuse is not in its holder");
        page.Press("Roof bar fuse is not in its holder");
        page.Until(() => !page.Has(By.CssSelector("[data-lit='bar']")) && IsLit, "the bar is dark and the others are lit");
        UntilNoted("Fault put in");
        page.Press("Take it out");
        page.Until(() => page.Has(By.CssSelector("[data-lit='bar']")), "the bar is lit again");
    }

    [Fact]
    public void A_fuse_opens_and_is_replaced()
    {
        OpenRig("Snow-road rescue wagon");
        page.Key("f");
        page.Find(By.CssSelector("input[type='search']")).SendKeys("Roof bar plus");
        page.Driver.FindElements(By.XPath("//aside//button[contains(., 'Roof bar') and contains(., 'body')]"))[0].Click();
        page.Find(By.CssSelector("[data-fault]"));
        Turn("High beam");
        page.Find(By.CssSelector("[data-blown]"));
        UntilNoted("opened at");
        page.Press("Take it out");
        page.Press("Replace");
        page.Until(() => !page.Has(By.CssSelector("[data-blown]")), "the fuse is whole");
        page.Until(() => page.Has(By.CssSelector("[data-lit='bar']")), "a new fuse holds");
    }

    [Fact]
    public async Task Readings_are_entered_one_is_refused_one_is_not_passed()
    {
        OpenRig();
        page.Key("r");
        page.Choose("Line", page.Find(By.CssSelector("aside select")).FindElements(By.TagName("option"))[1].Text);
        page.Find(By.CssSelector("[data-reading-key]"));
        page.Type("Battery at rest", "12.6");
        page.Press("Write down");
        await UntilEntriesAsync(1);
        var across = page.Driver.FindElements(By.CssSelector("[data-reading-key^='on/']"))[0].GetAttribute("data-reading-key")!;
        Enter(across, "50");
        page.Find(By.XPath("//*[@role = 'alert'][contains(., 'cannot be on this vehicle')]"));
        await UntilEntriesAsync(1);
        Enter(across, "9.1");
        page.Until(() => Row(across).FindElement(By.CssSelector("[data-judged]")).GetAttribute("data-judged") == "notPassed", "it is not passed");
        Assert.NotEmpty(Row(across).FindElements(By.TagName("li")));
        await UntilEntriesAsync(2);
        Assert.False(page.Find(By.XPath("//button[normalize-space() = 'Pass the line']")).Enabled);
    }

    private async Task UntilEntriesAsync(int count)
    {
        var there = 0;
        for (var i = 0; i < 200 && there != count; i++)
        {
            there = (await EntriesAsync()).GetArrayLength();
            await Task.Delay(50, TestContext.Current.CancellationToken);
        }
        Assert.Equal(count, there);
    }

    [Fact]
    public async Task A_trial_is_measured_on_the_rig_shown_and_written_nowhere()
    {
        OpenRig("Tree-crew chipper truck");
        page.Key("r");
        page.Find(By.CssSelector("[data-reading-key]"));
        var before = (await EntriesAsync()).GetArrayLength();
        Turn("Trial on the rig shown here: nothing goes into the record");
        page.Until(() => page.Driver.FindElements(By.XPath("//button[normalize-space() = 'Try']")).Count > 0, "it can be tried");
        page.Press("Try");
        page.Find(By.CssSelector("[data-judged='asExpected']"));
        Assert.Equal(before, (await EntriesAsync()).GetArrayLength());
    }

    [Fact]
    public void A_wire_is_found_and_put_into_the_vehicle()
    {
        OpenRig("Tree-crew chipper truck");
        page.Key("r");
        page.Find(By.CssSelector("[data-reading-key]"));
        page.Press("Find a wire of the vehicle…");
        page.Type("Battery meanwhile", "25.2");
        page.Type("Where the plug is", "left headlamp");
        foreach (var (pin, off, on) in new[] { (0, "0", "0"), (1, "0.1", "24.9"), (2, "25.1", "25.1") })
        {
            var fields = page.Driver.FindElements(By.CssSelector($"[data-pin='{pin}'] input"));
            fields[1].SendKeys(pin == 1 ? "blue/white" : "grey");
            fields[2].SendKeys(off);
            fields[3].SendKeys(on);
        }
        page.Press("Which is it?");
        page.Find(By.CssSelector("[data-found='2']"));
        page.Press("Put it into the vehicle");
        page.UntilSaved();
        page.Key("1");
        page.Key("e");
        page.Find(By.XPath("//summary[. = 'Signals']")).Click();
        page.Until(() => page.Driver.FindElements(By.CssSelector("[data-signal='highBeam'] select")).Count > 0, "the signal's fields are there");
    }

    [Fact]
    public void What_is_turned_over_is_answered()
    {
        OpenRig("Tree-crew chipper truck");
        page.Key("o");
        page.Find(By.CssSelector("[data-turn]"));
        page.Press("As it should");
        page.Until(() => page.Find(By.CssSelector("[data-turned]")).Text.StartsWith("1 of ", StringComparison.Ordinal), "one is counted");
    }

    [Fact]
    public void A_station_of_the_strip_is_probed()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Rear work lamps')]")).Click();
        page.Find(By.CssSelector("[data-station='plug-work']")).Click();
        page.Find(By.XPath("//a[. = 'Hold a probe to it']")).Click();
        page.Until(() => new SelectElement(page.Field("Red on")).SelectedOption.GetAttribute("value")!.StartsWith("plug-work.", StringComparison.Ordinal), "the probe is at the plug");
    }

    [Fact]
    public void A_job_without_lines_says_what_comes_first()
    {
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", "Nothing on it yet");
        page.Press("Open the job");
        page.Find(By.XPath("//button[normalize-space() = 'Start from a lamp…']"));
        page.Key("6");
        page.Find(By.XPath("//*[@role = 'status'][contains(., 'Start a line first')]"));
    }

    [Fact]
    public void A_finger_alone_works_the_dash_and_measures()
    {
        OpenRig("Snow-road rescue wagon");
        page.Tap(By.CssSelector("[data-slot='box.o1']"));
        page.Until(() => page.Has(By.CssSelector("[data-lit='scene-l']")), "the scene light is lit");
        page.Tap(By.CssSelector("[data-touch='scene-l']"));
        page.Until(() => new SelectElement(page.Field("Red on")).SelectedOption.GetAttribute("value")!.StartsWith("scene-l.", StringComparison.Ordinal), "the probe is at the lamp");
        page.Tap(By.XPath("//*[@role = 'tab'][. = 'Readings']"));
        page.Find(By.CssSelector("[data-reading-key]"));
    }

    [Fact]
    public void A_flasher_flashes_and_rests_for_whom_it_should_not()
    {
        OpenRig("Snow-road rescue wagon");
        page.Find(By.CssSelector("[data-slot='box.o4']")).Click();
        foreach (var lit in new[] { true, false, true }) page.Until(() => page.Has(By.CssSelector("[data-lit^='beacon']")) == lit, lit ? "a beacon is lit" : "the beacons are dark");
        void Prefer(string motion) => page.Chrome.ExecuteCdpCommand("Emulation.setEmulatedMedia", new() { ["features"] = new[] { new Dictionary<string, object> { ["name"] = "prefers-reduced-motion", ["value"] = motion } } });
        Prefer("reduce");
        try
        {
            OpenRig("Snow-road rescue wagon");
            page.Find(By.CssSelector("[data-slot='box.o4']")).Click();
            page.Find(By.XPath("//p[. = 'Outputs that flash are shown as their mean.']"));
        }
        finally
        {
            Prefer("");
        }
    }
}
