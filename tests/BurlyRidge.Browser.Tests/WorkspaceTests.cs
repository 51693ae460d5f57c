using System.Drawing;
using System.Globalization;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>What is changed and what follows from it are seen together, and all of it is reached by keys.</summary>
public sealed class WorkspaceTests(Workshop workshop) : IClassFixture<Workshop>
{
    private static readonly Size Bench = new(1280, 800);
    private static readonly Size Tablet = new(820, 1180);

    private readonly Page page = workshop.Page;

    private string OpenRearWork(Size size)
    {
        page.Open("/");
        Show(size);
        var lines = new Uri(page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).GetAttribute("href")!).AbsolutePath;
        page.Open($"{lines}?line=rear-work&station=box-o3-to-plug-work-a");
        page.Find(By.CssSelector("[data-wire][aria-current='true']"));
        page.UntilSaved();
        return lines;
    }

    /// <summary>Gives the page itself this size, whatever the window has round it.</summary>
    private void Show(Size size)
    {
        page.Driver.Manage().Window.Size = size;
        page.Until(() =>
        {
            var (wide, high) = (Convert.ToInt32(page.Run("return innerWidth"), CultureInfo.InvariantCulture), Convert.ToInt32(page.Run("return innerHeight"), CultureInfo.InvariantCulture));
            if (wide == size.Width && high == size.Height) return true;
            var window = page.Driver.Manage().Window.Size;
            page.Driver.Manage().Window.Size = new Size(window.Width + size.Width - wide, window.Height + size.Height - high);
            return false;
        }, $"the page is {size.Width} by {size.Height}");
    }

    /// <summary>Whether all of an element lies on the screen, as it stands.</summary>
    private bool IsWhollySeen(string selector) => page.Run("""
        const box = document.querySelector(arguments[0]).getBoundingClientRect();
        return box.height > 0 && box.top >= 0 && box.left >= 0 && box.bottom <= innerHeight + 1 && box.right <= innerWidth + 1;
        """, selector) is true;

    [Fact]
    public void List_state_whole_ridge_inspector_and_verdict_are_seen_at_once_on_a_bench_screen()
    {
        OpenRearWork(Bench);
        Assert.Equal(12, page.Driver.FindElements(By.CssSelector("[data-line]")).Count);
        foreach (var seen in new[] { "nav[aria-label='Lines']", "section[aria-label='State']", "section[aria-label='Strip and ridge']", "svg[data-ridge]", "aside[aria-label='Inspector']", "aside svg[role='img']", "[data-wire][aria-current='true']", "[data-readout]" })
            page.Until(() => IsWhollySeen(seen), $"{seen} is on the screen");
        Assert.True(page.Run("return document.documentElement.scrollHeight <= innerHeight && document.documentElement.scrollWidth <= innerWidth;") is true, "The page has to be scrolled.");
        Assert.True(page.Run("""
            const strip = document.querySelector("section[aria-label='Strip and ridge']");
            const box = strip.getBoundingClientRect();
            return strip.scrollWidth <= strip.clientWidth + 1
              && [...strip.querySelectorAll("[data-station]")].every((one) => one.getBoundingClientRect().right <= box.right);
            """) is true, "The strip is wider than its place.");
    }

    [Fact]
    public void The_states_stand_in_one_row_and_the_one_that_has_the_focus_is_named_on_the_ridge()
    {
        OpenRearWork(Bench);
        Assert.Equal(1L, page.Run("return new Set([...document.querySelectorAll('[data-preset], section[aria-label=State] summary')].map((one) => Math.round((one.getBoundingClientRect().top + one.getBoundingClientRect().bottom) / 2))).size"));
        page.Run("document.querySelector('[data-preset=running] input').focus()");
        page.Find(By.XPath("//*[name() = 'svg'][@data-ridge = 'alone']//*[name() = 'text'][. = 'Alone, engine on']"));
        page.Find(By.CssSelector("svg[data-ridge='alone'] [data-compared='true']"));
    }

    [Fact]
    public void The_ridge_tells_volts_and_light_at_the_lamp_as_the_server_says()
    {
        OpenRearWork(Bench);
        var told = page.Find(By.CssSelector("[data-lamp-mark] text")).Text;
        Assert.Matches(@"^1[01]\.\d\d V, \d+(\.\d)? %$", told);
        Assert.Contains(told.Split(" V")[0], page.Told(By.CssSelector("[data-station='work-r.main']")), StringComparison.Ordinal);
    }

    [Fact]
    public void The_ladder_marks_the_size_now_the_proposed_and_the_usual_ones()
    {
        OpenRearWork(Bench);
        List<string> Marked(string word) => [.. page.Driver.FindElements(By.XPath($"//tr[@data-wire][.//*[@data-marks][contains(., '{word}')]]")).Select(row => row.GetAttribute("data-wire")!)];
        Assert.Equal("12 AWG", Assert.Single(Marked("now")));
        Assert.Equal("12 AWG", Assert.Single(Marked("proposed")));
        Assert.Equal(["16 AWG", "14 AWG"], Marked("usual"));
    }

    [Fact]
    public void On_a_tablet_the_sheet_from_below_leaves_the_ridge_in_sight()
    {
        OpenRearWork(Tablet);
        page.Until(() => page.Run("""
            const ridge = document.querySelector("svg[data-ridge]").getBoundingClientRect();
            const sheet = document.querySelector("aside[aria-label='Inspector']").getBoundingClientRect();
            return ridge.top >= 0 && ridge.bottom <= sheet.top + 1 && sheet.bottom <= innerHeight + 1 && sheet.height > 200;
            """) is true, "ridge above, sheet below");
    }

    [Fact]
    public void A_narrow_station_tells_what_it_is_and_zooming_in_gives_it_its_words()
    {
        OpenRearWork(Bench);
        var lamp = By.CssSelector("button[data-station='work-l.main']");
        Assert.NotEqual("words", page.Find(lamp).GetAttribute("data-shows"));
        Assert.Matches(@" V \d.* A, .* W\b", page.Told(lamp));
        page.Press("Zoom in");
        page.Until(() => page.Find(lamp).GetAttribute("data-shows") == "words", "it has room for its words");
        page.Press("Fit the width");
        page.Until(() => page.Find(lamp).GetAttribute("data-shows") != "words", "all of them are seen again");
    }

    [Fact]
    public void Plus_and_minus_walk_the_ladder()
    {
        OpenRearWork(Bench);
        var wire = By.CssSelector("button[data-station='box-o3-to-plug-work-a']");
        page.Find(By.CssSelector("[data-wire='12 AWG'] button")).SendKeys("+");
        page.Until(() => page.Told(wire).StartsWith("10 AWG", StringComparison.Ordinal), "one size thicker");
        page.UntilSaved();
        page.Driver.SwitchTo().ActiveElement().SendKeys("-");
        page.Until(() => page.Told(wire).StartsWith("12 AWG", StringComparison.Ordinal), "and back");
        page.UntilSaved();
    }

    [Fact]
    public void Anything_is_found_and_gone_to_with_control_K_even_from_a_field()
    {
        OpenRearWork(Bench);
        page.Field("Name").SendKeys(Keys.Control + "k");
        var field = page.Driver.SwitchTo().ActiveElement();
        field.SendKeys("winch");
        page.Find(By.XPath("//*[@role = 'option'][contains(., 'Winch lamp')]"));
        field.SendKeys(Keys.Enter);
        page.Until(() => page.Field("Name").GetAttribute("value") == "Winch lamp", "the line is chosen");
    }

    [Fact]
    public void A_command_is_run_from_the_palette()
    {
        OpenRearWork(Bench);
        page.Key(Keys.Control + "k");
        var field = page.Driver.SwitchTo().ActiveElement();
        field.SendKeys("wiring diagram");
        page.Find(By.XPath("//*[@role = 'option'][contains(., 'Wiring diagram')]"));
        field.SendKeys(Keys.Enter);
        page.Find(By.CssSelector("[data-diagram] svg"));
    }

    [Fact]
    public void What_was_edited_is_taken_back_with_control_Z_and_done_again_with_control_Y()
    {
        OpenRearWork(Bench);
        page.Find(By.CssSelector("[data-wire='10 AWG'] button")).Click();
        var wire = By.CssSelector("button[data-station='box-o3-to-plug-work-a']");
        page.Until(() => page.Told(wire).StartsWith("10 AWG", StringComparison.Ordinal), "the size is taken");
        page.UntilSaved();
        page.Key(Keys.Control + "z");
        page.Until(() => page.Told(wire).StartsWith("12 AWG", StringComparison.Ordinal), "it is taken back");
        page.UntilSaved();
        page.Key(Keys.Control + "y");
        page.Until(() => page.Told(wire).StartsWith("10 AWG", StringComparison.Ordinal), "it is done again");
        page.UntilSaved();
        page.Press("Undo");
        page.UntilSaved();
    }

    [Fact]
    public void Single_keys_can_be_turned_off()
    {
        OpenRearWork(Bench);
        page.Press("Help");
        page.Find(By.XPath("//label[contains(., 'Single-letter keys work')]")).Click();
        page.Press("Close");
        page.Key("v");
        page.Key(Keys.Control + "k");
        page.Find(By.XPath("//*[@role = 'combobox']"));
        Assert.False(page.Has(By.XPath("//*[@role = 'dialog'][contains(., 'Ledger of checks')][not(.//*[@role = 'combobox'])]")));
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Escape);
        page.Press("Help");
        page.Find(By.XPath("//label[contains(., 'Single-letter keys work')]")).Click();
        page.Press("Close");
        page.Key("v");
        page.Find(By.XPath("//*[@role = 'dialog']//h2"));
    }

    [Fact]
    public void A_page_is_called_after_its_job_and_stage_and_a_job_opens_where_it_was_left()
    {
        var lines = OpenRearWork(Bench);
        Assert.Equal("Snow-road rescue wagon, Lines · Burly Ridge", page.Driver.Title);
        page.Key("3");
        page.Until(() => page.Driver.Title == "Snow-road rescue wagon, Panel · Burly Ridge", "the panel is named");
        page.Open(lines.Replace("/lines", "", StringComparison.Ordinal));
        page.Until(() => page.Driver.Url.EndsWith("/panel", StringComparison.Ordinal), "it opens at the panel");
    }

    [Fact]
    public void The_first_stop_of_the_keyboard_skips_to_the_content()
    {
        OpenRearWork(Bench);
        page.Run("document.activeElement.blur(); window.getSelection().removeAllRanges();");
        page.Key(Keys.Tab);
        var first = page.Driver.SwitchTo().ActiveElement();
        Assert.Equal("Skip to the content", first.Text);
        first.SendKeys(Keys.Enter);
        page.Until(() => page.Run("return document.activeElement.id") is "content", "the content has the focus");
    }
}
