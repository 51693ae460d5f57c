using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>Lines started from lamps, usual mistakes made, found, cured and undone, in the real page.</summary>
public class LinesTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private static By Station(string id) => By.CssSelector($"[data-station='{id}']");

    private static By Check(string id, string verdict) => By.CssSelector($"[data-check='{id}'][data-verdict='{verdict}']");

    private void NewJob(string name)
    {
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", name);
        page.Press("Open the job");
        page.Find(By.XPath("//button[normalize-space() = 'Start from a lamp…']"));
    }

    private void Start(string lamp, string start, string name, string? count = null, Action? more = null)
    {
        page.Press("Start from a lamp…");
        page.Find(By.CssSelector($"[data-lamp='{lamp}'] input")).Click();
        page.Find(By.CssSelector($"[data-template='{start}'] input")).Click();
        page.Type("Name of the line", name);
        if (count is not null) page.Type("How many lamps", count);
        more?.Invoke();
        page.Press("Start the line");
        page.Until(() => page.Field("Name").GetAttribute("value") == name, "the line is chosen");
        page.Find(By.CssSelector("[aria-label^='What was added']"));
        page.UntilSaved();
    }

    private void Offer(string label) => page.Find(By.XPath($"//*[@data-offers]//button[normalize-space() = \"{label}\"]")).Click();

    private void NoStop() => page.Until(() => !page.Has(By.CssSelector("[data-verdict='stop']")), "nothing stops it");

    /// <summary>Sees the mistake, presses its remedy, sees it hold, and takes the remedy back.</summary>
    private void Cure(string check, string verdict)
    {
        page.Find(Check(check, verdict));
        page.UntilSaved();
        var pressed = 0;
        for (; pressed < 12 && page.Has(Check(check, verdict)); pressed++)
        {
            var many = page.Driver.FindElements(Check(check, verdict)).Count;
            page.Find(By.CssSelector($"[data-check='{check}'][data-verdict='{verdict}'] button")).Click();
            page.Until(() => page.Driver.FindElements(Check(check, verdict)).Count < many, $"{check} is cured");
        }
        page.UntilSaved();
        // What was pressed in quick succession is one step.
        for (; pressed > 0 && !page.Has(Check(check, verdict)); pressed--)
        {
            page.Press("Undo");
            page.UntilSaved();
        }
        page.Find(Check(check, verdict));
    }

    [Fact]
    public void A_negative_switched_pair_is_built_from_its_starting_point_and_holds()
    {
        NewJob("Minus beam");
        Start("driving-round", "beam-pair", "Driving pair", "2", () => page.Choose("Which wire of the high beam goes on and off", "The minus: battery volts, then earth"));
        NoStop();
        Assert.Contains("high beam on", page.Find(By.XPath("//p[starts-with(., 'Controlled by')]")).Text, StringComparison.Ordinal);
        var lamp = Station("driving-round.main");
        Assert.DoesNotContain(" 0 A", page.Told(lamp), StringComparison.Ordinal);
        page.Unfold("More");
        page.Find(By.XPath("//section[@aria-label = 'State']//label[normalize-space() = 'High beam']")).Click();
        page.Until(() => page.Told(lamp).Contains(" 0 A", StringComparison.Ordinal), "without the beam it is dark");
    }

    [Fact]
    public void A_line_is_copied_and_has_a_note()
    {
        NewJob("Copied line");
        Start("slim-bar-20", "own-harness", "Bar");
        page.UntilSaved();
        page.Press("Copy this line");
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[@aria-current = 'true'][contains(., 'Bar 2')]"));
        page.Find(By.XPath("//*[contains(., 'Bar 2 is a copy of Bar')]"));
        NoStop();
        page.Find(By.XPath("//summary[. = 'What it is for']")).Click();
        page.Type("Note", "Only for the winter");
        page.UntilSaved();
        page.Reload();
        page.Find(By.XPath("//summary[. = 'What it is for']")).Click();
        Assert.Equal("Only for the winter", page.Field("Note").GetAttribute("value"));
    }

    [Fact]
    public void A_fuse_over_its_wire_stops_and_is_cured()
    {
        NewJob("Fuse over wire");
        Start("slim-bar-20", "own-harness", "Bar");
        NoStop();
        page.Find(Station("bar-fuse")).Click();
        page.Find(By.XPath("//section[starts-with(@aria-label, 'Station')]//select[option[. = '40 A blade']]")).SendKeys("40 A blade");
        Cure("wire-fuse", "stop");
    }

    [Fact]
    public void Lamp_current_through_the_dash_switch_stops_and_a_relay_cures_it()
    {
        NewJob("Dash switch");
        Start("slim-bar-20", "own-harness", "Bar");
        page.Find(Station("bar-relay.contact")).Click();
        Offer("Take the relay out: lamps on the switch");
        Cure("switch-current", "stop");
    }

    [Fact]
    public void A_long_row_fed_at_one_end_is_watched_and_a_second_feed_cures_it()
    {
        NewJob("Long row");
        Start("square-pod", "row-both", "Windscreen row", "15");
        page.Until(() => !page.Has(Check("far-lamp", "watch")), "fed at both ends it holds");
        var feed = page.Find(By.XPath("//button[@data-kind = 'output' and contains(concat(., @aria-label), 'output 2')]/following-sibling::button[@data-kind = 'run'][1]"));
        feed.Click();
        Offer("Take this wire out");
        page.Until(() => !page.Has(By.XPath("//button[@data-kind = 'output' and contains(concat(., @aria-label), 'output 2')]")), "one feed is gone");
        Cure("far-lamp", "watch");
    }

    [Fact]
    public void A_switch_lamp_earthed_on_a_negative_switched_vehicle_stops()
    {
        NewJob("Switch lamp");
        Start("square-pod", "beam-pair", "Pods", "2", () => page.Choose("Which wire of the high beam goes on and off", "The minus: battery volts, then earth"));
        page.Find(By.CssSelector("[data-kind='switch']")).Click();
        Offer("Earth the switch's own lamp");
        page.UntilSaved();
        page.Key("v");
        page.Find(By.CssSelector("[role='dialog'] [data-check='switch-lamp-earth'][data-verdict='stop'] button")).Click();
        page.Until(() => !page.Has(Check("switch-lamp-earth", "stop")), "it is left off");
        page.Press("Close");
        page.UntilSaved();
        page.Press("Undo");
        page.Key("v");
        page.Find(By.CssSelector("[role='dialog'] [data-check='switch-lamp-earth'][data-verdict='stop']"));
    }

    [Fact]
    public void A_tap_outside_stops_and_is_made_a_crimp()
    {
        NewJob("Tap outside");
        Start("slim-bar-20", "beam-pair", "Bar", "1");
        page.Find(Station("bar-plug")).Click();
        page.Choose("How it is made", "Insulation-displacement tap");
        page.Choose("Zone", "Exterior");
        Cure("joint-kind", "stop");
    }

    [Fact]
    public void An_output_that_is_asked_too_much_is_judged_and_the_outputs_are_assigned_anew()
    {
        NewJob("Small output");
        Start("slim-bar-30", "power-box", "Bar");
        NoStop();
        page.Key("3");
        // From the 15 A output to the 5 A one at the end of the panel.
        var box = By.XPath("//li[@data-output][.//a[. = 'Bar']]");
        for (var i = 0; i < 8 && !page.Find(box).Text.Contains("of 5 A", StringComparison.Ordinal); i++)
        {
            var before = page.Find(box).Text;
            page.Find(By.XPath("//button[@aria-label = 'Move Bar towards the rear']")).Click();
            page.Until(() => page.Find(box).Text != before, "it goes one slot on");
        }
        page.UntilSaved();
        page.Key("2");
        Cure("output-rating", "stop");
    }

    [Fact]
    public void Slots_are_given_anew_front_to_back_and_undone()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(Station("bar-fuse"));
        page.Key("3");
        By At(string output) => By.CssSelector($"[data-output='{output}']");
        page.Find(By.XPath("//button[@aria-label = 'Move Winch lamp towards the front']")).Click();
        page.Until(() => page.Find(At("box.o6")).Text.Contains("Winch lamp", StringComparison.Ordinal), "the winch lamp is on the sixth");
        Assert.Contains("Plough lamps", page.Find(At("box.o7")).Text, StringComparison.Ordinal);
        page.UntilSaved();
        page.Press("Assign front to back…");
        page.Find(By.XPath("//div[@role = 'dialog']//li[contains(., 'Plough lamps')]"));
        page.Press("Apply");
        page.Until(() => !page.Find(At("box.o7")).Text.Contains("Plough lamps", StringComparison.Ordinal), "the plough lamps go where they are carried");
        page.Press("Undo");
        page.Until(() => page.Find(At("box.o7")).Text.Contains("Plough lamps", StringComparison.Ordinal), "one undo takes it back");
        page.UntilSaved();
        page.Press("Undo");
        page.Until(() => page.Find(At("box.o6")).Text.Contains("Plough lamps", StringComparison.Ordinal), "and another the move");
    }

    [Fact]
    public void What_is_pressed_in_the_diagram_opens_on_the_strip_and_what_is_open_is_marked_in_it()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Orchard spray pickup']//a")).Click();
        page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Driving pair on the beam')]")).Click();
        page.Find(Station("drive-relay.contact"));
        page.Key("d");
        page.Find(By.CssSelector("[data-diagram] [data-station='drive-relay.contact'] text")).Click();
        page.Find(By.CssSelector("[data-diagram] .diagram-open[data-station='drive-relay.contact']"));
        page.Key("d");
        page.Until(() => page.Find(By.CssSelector("button[data-station='drive-relay.contact']")).GetAttribute("aria-expanded") == "true", "it is open on the strip");
        page.Find(By.CssSelector("button[data-station='drive-fuse']")).Click();
        page.Key("d");
        page.Find(By.CssSelector("[data-diagram] .diagram-open[data-station='drive-fuse']"));
    }

    [Fact]
    public void The_list_is_sifted_and_sorted_and_keys_follow_it()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(Station("bar-fuse"));
        List<string> Listed() => [.. page.Driver.FindElements(By.CssSelector("nav[aria-label='Lines'] [data-line]")).Select(line => line.GetAttribute("data-line")!)];
        void Sift(string label, string option) => new OpenQA.Selenium.Support.UI.SelectElement(page.Find(By.CssSelector($"select[aria-label='{label}']"))).SelectByText(option);
        Assert.Equal(12, Listed().Count);
        page.Unfold("Sort and filter");
        Sift("Slots", "On a slot of a panel");
        Assert.Equal(["scene-left", "scene-right", "rear-work", "beacons", "sled", "plough", "winch"], Listed());
        Sift("Sort by", "Front to back");
        Assert.Equal(["plough", "winch"], Listed().Take(2));
        Sift("Slots", "With a slot or without");
        Sift("Show", "Watch only");
        Assert.Equal(["bar", "grille", "stretcher"], Listed().Order(StringComparer.Ordinal));
        Sift("Show", "All verdicts");
        var place = page.Find(By.XPath("//select[@aria-label = 'Place']/option[contains(., 'grille')]")).Text;
        Sift("Place", place);
        Assert.Contains("grille", Listed());
        Assert.InRange(Listed().Count, 1, 11);
    }

    [Fact]
    public void A_lamp_of_the_workshop_s_own_is_added_and_a_line_starts_from_it()
    {
        NewJob("Own lamp");
        page.Press("Start from a lamp…");
        page.Find(By.XPath("//summary[contains(., 'Add a lamp of your own')]")).Click();
        page.Press("Add it to the catalogue");
        page.Find(By.XPath("//*[@role = 'alert'][contains(., 'letters')]"));
        page.Type("Name of the lamp", "Barn lantern");
        page.Type("Power", "18");
        page.Press("Add it to the catalogue");
        page.Until(() => page.Find(By.CssSelector("[data-lamp='barn-lantern'] input")).Selected, "it is there and chosen");
        page.PressOnceReady("Start the line");
        page.Find(By.XPath("//button[@data-kind = 'lamp'][contains(concat(., @aria-label), 'Barn lantern')]"));
        NoStop();
    }

    [Fact]
    public void Downloads_of_diagram_and_legends_parse_and_hold_the_rig()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(Station("bar-fuse"));
        page.Key("d");
        page.Press("Whole rig");
        Assert.Equal("", Missing("//a[contains(., 'The whole rig, SVG')]", "data-run", "rig.runs.map(run => run.id)"));
        page.Key("3");
        page.Find(By.CssSelector("[data-output]"));
        Assert.Equal("", Missing("//a[contains(., 'Legends, SVG')]", "data-output", "rig.powerBoxes.flatMap(box => box.outputs.map(output => box.id + '.' + output.id))"));
    }

    /// <summary>What of the rig a download of the page does not mark, or what keeps it from being read.</summary>
    private string Missing(string link, string mark, string wanted) => (string)page.Driver.ExecuteAsyncScript($$"""
        const [href, done] = arguments;
        const id = location.pathname.split('/')[2];
        Promise.all([fetch(href).then(answer => answer.text()), fetch('/api/jobs/' + id).then(answer => answer.json())]).then(([text, job]) => {
          const drawing = new DOMParser().parseFromString(text, 'image/svg+xml');
          if (drawing.querySelector('parsererror')) return done('it does not parse');
          const rig = job.rig;
          const there = new Set([...drawing.querySelectorAll('[{{mark}}]')].map(part => part.getAttribute('{{mark}}')));
          done({{wanted}}.filter(id => !there.has(id)).join(' '));
        }, error => done(String(error)));
        """, page.Find(By.XPath(link)).GetAttribute("href")!)!;

    /// <summary>The main job with the keyboard alone: a line, its gauge, a station, its figures, undo.</summary>
    [Fact]
    public void The_main_job_is_done_with_the_keyboard_alone()
    {
        NewJob("Keys alone");
        void Focus(By by) => page.Until(() =>
        {
            for (var i = 0; i < 80; i++)
            {
                if (page.Driver.FindElements(by).Any(element => element.Equals(page.Driver.SwitchTo().ActiveElement()))) return true;
                page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Tab);
            }
            return false;
        }, $"{by} is reached by Tab");
        void Send(string keys) => page.Driver.SwitchTo().ActiveElement().SendKeys(keys);

        Focus(By.XPath("//button[normalize-space() = 'Start from a lamp…']"));
        Send(Keys.Enter);
        page.Find(By.CssSelector("[data-lamp='square-pod']"));
        Focus(By.CssSelector("[aria-label='Find a lamp']"));
        Send("Square pod");
        Focus(By.CssSelector("[data-lamp='square-pod'] input"));
        Send(" ");
        page.Find(By.CssSelector("[data-template='own-harness']"));
        Focus(By.XPath("//button[normalize-space() = 'Start the line']"));
        Send(Keys.Enter);
        page.Find(Station("square-pod-fuse"));
        page.UntilSaved();
        Focus(By.CssSelector("[data-kind][tabindex='0']"));
        Send(Keys.Home);
        for (var i = 0; i < 2; i++) Send(Keys.ArrowRight);
        Send(Keys.Enter);
        page.Until(() => page.Find(Station("square-pod-fuse")).GetAttribute("aria-expanded") == "true", "the fuse is open");
        Focus(By.CssSelector("[aria-label='One fuse higher']"));
        var before = page.Find(Station("square-pod-fuse")).Text;
        Send(Keys.Enter);
        page.Until(() => page.Find(Station("square-pod-fuse")).Text != before, "the fuse is larger");
        page.UntilSaved();
        page.Run("document.activeElement.blur()");
        page.Key("u");
        page.Until(() => page.Find(Station("square-pod-fuse")).Text == before, "undone");
    }
}
