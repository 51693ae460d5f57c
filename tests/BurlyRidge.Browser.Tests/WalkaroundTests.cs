using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>Where it goes, whether it fits, how far the wire runs, in the real page.</summary>
public class WalkaroundTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private void OpenWagon(string query = "")
    {
        workshop.OpenJob("Snow-road rescue wagon", $"/walkaround{query}");
        page.Find(By.CssSelector("[aria-label='The vehicle from above']"));
    }

    private void Mount(string name) => page.Find(By.XPath($"//ul[@aria-label = 'Mounts']//button[starts-with(normalize-space(), '{name}')]")).Click();

    [Fact]
    public void A_bar_that_the_awning_leaves_no_room_for_is_refused_one_that_goes_is_placed_and_its_length_stands_in_Lines()
    {
        OpenWagon();
        Mount("Roof, rear");
        page.Find(By.XPath("//summary[. = 'Measures']")).Click();
        page.Type("Width between obstructions", "600");
        page.UntilSaved();
        page.Press("What fits here…");
        Assert.Contains("At most 600 mm wide here", page.Find(By.CssSelector("li[data-lamp='slim-bar-30'][data-verdict='stop']")).Text, StringComparison.Ordinal);
        page.Find(By.XPath("//li[@data-lamp = 'slim-bar-20']//button")).Click();
        page.Find(By.CssSelector("[data-fit='roof-rear-bar'] [data-finding='width'][data-verdict='holds']"));
        page.UntilSaved();
        page.Find(By.XPath("//nav[@aria-label = 'Stages']//a[contains(., 'Lines')]")).Click();
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Slim bar 20')]")).Click();
        page.Until(() => page.Figure("Laid").EndsWith(" m", StringComparison.Ordinal), "its length follows from the lanes");
        page.Find(By.XPath("//a[. = 'Show route']")).Click();
        page.Find(By.CssSelector("[data-figure='Routed']"));
        Assert.Equal(page.Figure("Routed"), page.Find(By.XPath("//ul[@aria-label = 'Routes']//button[@aria-pressed = 'true']/span[2]")).Text);
    }

    [Fact]
    public void A_straight_bar_on_a_curved_face_shows_how_far_its_ends_stand_out()
    {
        OpenWagon("?mount=bumper-slot");
        page.Press("What fits here…");
        // By hand: 1800 − √(1800² − 395²) = 43.9 mm; the slot lets it back by 18 mm of them.
        var straight = page.Find(By.CssSelector("li[data-lamp='slim-bar-30'][data-verdict='stop']")).Text;
        Assert.Contains("the ends stand out by 25.9 mm, 15 mm allowed", straight, StringComparison.Ordinal);
        Assert.Equal("holds", page.Find(By.CssSelector("li[data-lamp='slim-bar-20-curved']")).GetAttribute("data-verdict"));
    }

    [Fact]
    public void A_part_moved_takes_its_length_and_its_drop_along()
    {
        OpenWagon("?mount=rear-left");
        page.Choose("Work lamp sits at", "Roof, rear");
        page.UntilSaved();
        page.Find(By.XPath("//ul[@aria-label = 'Mounts']//button[starts-with(., 'Rear bumper, left')][contains(., 'planned')]"));
        page.Key("w");
        page.Until(() => page.Find(By.XPath("//ul[@aria-label = 'Routes']//button[contains(., 'Plug work to work lamp plus')]/span[2]")).Text != "0.3 m", "the wire is longer");
        page.Press("Undo");
        page.Until(() => page.Find(By.XPath("//ul[@aria-label = 'Routes']//button[contains(., 'Plug work to work lamp plus')]/span[2]")).Text == "0.3 m", "the wire is as before");
    }

    [Fact]
    public void Another_way_is_taken_the_tape_counts_and_all_of_it_is_led_anew()
    {
        OpenWagon("?way=bar");
        var best = page.Figure("Routed");
        page.Find(By.XPath("//button[. = 'Use this route']")).Click();
        page.Until(() => page.Figure("Routed") != best, "it lies another way");
        page.Type("Measured by hand, counts instead", "3.1");
        page.Until(() => page.Find(By.XPath("//ul[@aria-label = 'Routes']//button[@aria-pressed = 'true']/span[2]")).Text == "3.1 m", "the tape counts");
        page.Type("Measured by hand, counts instead", "-1");
        page.Find(By.XPath("//*[contains(text(), 'Give a number above 0')]"));
        page.Type("Measured by hand, counts instead", Keys.Backspace);
        page.UntilSaved();
        page.Press("Re-route all wires…");
        page.Find(By.XPath("//div[@role = 'dialog']//li[contains(., 'Roof bar')]"));
        page.Press("Apply");
        page.Until(() => page.Figure("Routed") == best, "it lies the best way again");
    }

    /// <summary>No mouse: a mount by its key, its candidates, one of them placed, and on to its way.</summary>
    [Fact]
    public void The_keyboard_alone_chooses_a_mount_places_a_lamp_and_sees_its_way()
    {
        OpenWagon();
        var body = page.Driver.FindElement(By.TagName("body"));
        body.SendKeys("m");
        for (var i = 0; i < 6; i++) body.SendKeys("j");
        page.Find(By.XPath("//section[@aria-label = 'Bonnet hinge, right']"));
        void Focus(string name)
        {
            for (var i = 0; i < 80; i++)
            {
                if ((bool)page.Run("return document.activeElement.textContent.trim().startsWith(arguments[0])", name)!) return;
                page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Tab);
            }
            Assert.Fail($"{name} is not reached by Tab");
        }
        Focus("What fits here");
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        page.Find(By.CssSelector("li[data-lamp='square-pod'] button"));
        Focus("Fit it here: Square pod");
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        page.Find(By.CssSelector("[data-fit='hinge-mount-right']"));
        page.UntilSaved();
        page.Driver.FindElement(By.TagName("body")).SendKeys("w");
        page.Find(By.XPath("//ul[@aria-label = 'Routes']//button[contains(., 'Square pod')]"));
        page.Driver.FindElement(By.TagName("body")).SendKeys("/");
        page.Driver.SwitchTo().ActiveElement().SendKeys("bonnet hinge, left");
        Focus("Bonnet hinge, left");
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        page.Find(By.XPath("//section[@aria-label = 'Bonnet hinge, left']"));
    }

    [Fact]
    public void A_job_without_a_vehicle_starts_from_a_usual_body()
    {
        workshop.OpenJob("Tree-crew chipper truck", "/walkaround");
        page.Find(By.XPath("//*[contains(., 'No vehicle yet.')]"));
        page.Choose("Kind of body", "Cab-chassis truck");
        page.Press("Start from this kind");
        page.Find(By.CssSelector("[aria-label='The vehicle from its left side']"));
        page.Type("Wheelbase", "40");
        page.Find(By.XPath("//*[contains(text(), 'Give a number from 1 to 15')]"));
        page.Press("Undo");
    }

    [Fact]
    public void The_relay_moved_to_the_rear_takes_lengths_and_sizes_along()
    {
        workshop.OpenJob("Orchard spray pickup", "/walkaround?part=drive-relay");
        page.Find(By.CssSelector("[data-fit='drive-relay'] [data-finding='depth'][data-verdict='holds']"));
        string Length(string way) => page.Find(By.XPath($"//ul[@aria-label = 'Routes']//button[contains(., '{way}')]/span[2]")).Text;
        page.Key("w");
        var before = Length("Drive relay 87 to driving lamp plus");
        page.Key("p");
        page.Find(By.CssSelector("[data-part='drive-relay']")).Click();
        page.Choose("Drive relay sits at", "Tray, middle");
        page.UntilSaved();
        page.Key("w");
        page.Until(() => Length("Drive relay 87 to driving lamp plus") != before, "the wire to the lamps is longer");
        page.Key("2");
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Driving pair on the beam')]")).Click();
        page.Press("Size this line…");
        page.Find(By.XPath("//div[@role = 'dialog']//li[contains(., 'Drive relay 87 to driving lamp plus') and contains(., '→')]"));
        page.Press("Cancel");
        page.Press("Undo");
    }

    [Fact]
    public void A_lamp_is_dragged_from_mount_to_mount_and_a_wider_one_arrives()
    {
        OpenWagon("?mount=rear-left");
        var plan = page.Find(By.CssSelector("[aria-label='The vehicle from above']"));
        var from = plan.FindElement(By.CssSelector("[data-mount='rear-left']"));
        var to = plan.FindElement(By.CssSelector("[data-mount='roof-bar']"));
        new OpenQA.Selenium.Interactions.Actions(page.Driver).DragAndDrop(from, to).Perform();
        page.Find(By.CssSelector("[data-fit='roof-bar'] [data-finding='hold'][data-verdict='stop']"));
        page.Press("Undo");
        page.Find(By.XPath("//ul[@aria-label = 'Mounts']//button[starts-with(., 'Rear bumper, left')]")).Click();
        page.Find(By.XPath("//summary[. = 'Work lamp as it arrived']")).Click();
        page.Type("Width", "140");
        page.Find(By.CssSelector("[data-fit='rear-left'] [data-finding='width'][data-verdict='stop']"));
        page.UntilSaved();
        page.Key("v");
        Assert.Contains("140 mm width instead of 104", page.Find(By.CssSelector("[data-check='arrival'][data-verdict='watch']")).Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_lane_measured_and_a_station_added_are_kept()
    {
        OpenWagon("?body=size");
        page.Find(By.XPath("//summary[starts-with(., 'Lanes')]")).Click();
        page.Find(By.XPath("//summary[. = 'Bonnet hinge, right to Roof, front']")).Click();
        var lane = page.Find(By.XPath("//fieldset[legend[. = 'Bonnet hinge, right to Roof, front']]"));
        var measured = lane.FindElement(By.XPath(".//label[starts-with(., 'Measured')]/following::input[1]"));
        measured.SendKeys("2.5");
        page.UntilSaved();
        page.Find(By.XPath("//summary[starts-with(., 'Stations')]")).Click();
        page.Press("Add a station");
        page.UntilSaved();
        page.Reload();
        page.Find(By.XPath("//summary[contains(., 'Stations (30)')]"));
        page.Find(By.XPath("//summary[starts-with(., 'Lanes')]")).Click();
        page.Find(By.XPath("//summary[. = 'Bonnet hinge, right to Roof, front']")).Click();
        lane = page.Find(By.XPath("//fieldset[legend[. = 'Bonnet hinge, right to Roof, front']]"));
        Assert.Equal("2.5", lane.FindElement(By.XPath(".//label[starts-with(., 'Measured')]/following::input[1]")).GetAttribute("value"));
        page.Press("Undo");
        page.Until(() => page.Has(By.XPath("//summary[contains(., 'Stations (29)')]")), "the station is gone");
    }

    [Fact]
    public void A_mount_of_ones_own_is_added_measured_and_taken_out_in_feet_as_in_metres()
    {
        OpenWagon("?mount=plate");
        page.Press("Add a mount");
        page.Find(By.XPath("//section[@aria-label = 'Mount 1']//summary[. = 'Measures']")).Click();
        page.Type("Width between obstructions", "254");
        page.UntilSaved();
        page.Press("Units: metric");
        page.Until(() => page.Field("Width between obstructions").GetAttribute("value") == "10", "254 mm are 10 in");
        page.Press("What fits here…");
        Assert.Contains("At most 10.0 in wide here", page.Find(By.CssSelector("li[data-lamp='slim-bar-20']")).Text, StringComparison.Ordinal);
        page.Press("Close");
        page.Type("Width between obstructions", "-1");
        page.Find(By.XPath("//*[contains(text(), 'Give a number above 0 and up to 118.11 in.')]"));
        page.Type("Width between obstructions", "10");
        page.Press("Units: imperial");
        page.Press("Remove this mount");
        page.Until(() => !page.Has(By.XPath("//ul[@aria-label = 'Mounts']//button[starts-with(., 'Mount 1')]")), "it is gone");
        page.UntilSaved();
    }

    [Fact]
    public void A_wire_that_was_found_is_written_down_by_keys_alone()
    {
        OpenWagon();
        void Active(string keys) => page.Driver.SwitchTo().ActiveElement().SendKeys(keys);
        void Focus(string script, string back = "")
        {
            for (var i = 0; i < 120; i++)
            {
                if ((bool)page.Run($"const at = document.activeElement; return {script}")!) return;
                Active(back + Keys.Tab);
            }
            Assert.Fail($"{script} is not reached by Tab");
        }
        page.Driver.FindElement(By.TagName("body")).SendKeys("e");
        page.Find(By.CssSelector("[data-list='vehicle.batteries']"));
        Focus("at.textContent === 'Signals'");
        Active(Keys.Enter);
        Focus("at.textContent.startsWith('Wires found')");
        var before = page.Find(By.XPath("//summary[starts-with(., 'Wires found')]")).Text;
        Active(Keys.Enter);
        Focus("at.textContent.includes('Add a wire that was found')");
        Active(Keys.Enter);
        page.Until(() => page.Find(By.XPath("//summary[starts-with(., 'Wires found')]")).Text != before, "one more is counted");
        Focus("at.closest('[data-field]')?.dataset.field === 'colour'", Keys.Shift);
        Active(Keys.Null + "pink");
        page.UntilSaved();
        page.Reload();
        page.Find(By.XPath("//summary[. = 'Signals']")).Click();
        page.Find(By.XPath("//summary[starts-with(., 'Wires found')]")).Click();
        Assert.Equal("pink", page.Find(By.XPath("(//*[@data-signal = 'highBeam']//*[@data-field = 'colour'])[last()]//input")).GetAttribute("value"));
    }
}
