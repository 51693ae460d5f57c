using System.Globalization;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace BurlyRidge.Browser.Tests;

/// <summary>The vehicle as a picture: four views, names, zoom, tape, one line alone; small on the cards and in the ticket.</summary>
public class PictureTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private void OpenWagon(string query = "")
    {
        workshop.OpenJob("Snow-road rescue wagon", $"/walkaround{query}");
        page.Find(By.CssSelector("[data-view='rear']"));
    }

    private IWebElement Mount(string view, string mount) => page.Find(By.CssSelector($"[data-view='{view}'] [data-mount='{mount}']"));

    private string[] ViewBox() => page.Find(By.CssSelector("svg[aria-label='The vehicle from four sides']")).GetDomAttribute("viewBox")!.Split(' ');

    [Fact]
    public void Four_views_lie_on_one_screen_and_a_mount_says_its_name_to_the_pointer_and_to_the_keys()
    {
        OpenWagon("?mount=plate");
        foreach (var view in new[] { "left", "above", "front", "rear" })
        {
            var box = (IReadOnlyList<object>)page.Run("const box = document.querySelector(arguments[0]).getBoundingClientRect(); return [box.left, box.top, innerWidth - box.right, innerHeight - box.bottom]", $"[data-view='{view}']")!;
            Assert.All(box, edge => Assert.True(Convert.ToDouble(edge, CultureInfo.InvariantCulture) >= 0, $"{view} stands out of the screen"));
        }
        Assert.Equal(0L, page.Run("return document.documentElement.scrollHeight - document.documentElement.clientHeight"));
        new Actions(page.Driver).MoveToElement(Mount("front", "hinge-mount-right")).Perform();
        page.Find(By.XPath("//*[@data-view = 'front']//*[name() = 'text'][. = 'Bonnet hinge, right']"));
        page.Run("arguments[0].focus()", Mount("left", "plate"));
        page.Find(By.XPath("//*[@data-view = 'left']//*[name() = 'text'][. = 'Number-plate bracket']"));
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.ArrowRight);
        page.Find(By.XPath("//*[@data-view = 'left']//*[name() = 'text'][. = 'Bonnet hinge, left']"));
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        page.Find(By.XPath("//section[@aria-label = 'Bonnet hinge, left']"));
    }

    [Fact]
    public void The_drawing_is_zoomed_and_moved_and_shown_whole_again()
    {
        OpenWagon("?mount=plate");
        var whole = ViewBox();
        page.Press("Zoom in");
        page.Press("Zoom in");
        page.Until(() => double.Parse(ViewBox()[2], CultureInfo.InvariantCulture) < 0.6 * double.Parse(whole[2], CultureInfo.InvariantCulture), "it is closer");
        var before = ViewBox();
        var sheet = page.Find(By.CssSelector("svg[aria-label='The vehicle from four sides']"));
        new Actions(page.Driver).MoveToElement(sheet, 60, 190).ClickAndHold().MoveByOffset(-120, 0).Release().Perform();
        page.Until(() => ViewBox()[0] != before[0], "a drag moves it");
        page.Press("Show the whole vehicle");
        page.Until(() => ViewBox().SequenceEqual(whole), "all of it is seen");
    }

    [Fact]
    public void The_tape_measures_from_a_mount_to_another_straight_and_along_the_lanes()
    {
        OpenWagon("?mount=plate");
        page.Press("Measure");
        Mount("left", "roof-bar").Click();
        page.Find(By.XPath("//*[@role = 'status'][contains(., 'Press the second place')]"));
        Mount("left", "opening-head").Click();
        page.Find(By.XPath("//*[@role = 'status'][starts-with(., 'Roof bar, front to ')][contains(., ' m straight, ')][contains(., ' of wire along the lanes')]"));
        page.Find(By.CssSelector("[data-tape] line"));
        page.Press("Measure");
        Assert.False(page.Has(By.CssSelector("[data-tape]")));
    }

    [Fact]
    public void One_line_alone_fades_the_lamps_of_the_others()
    {
        OpenWagon("?mount=plate");
        string Opacity(string lamp) => page.Find(By.CssSelector($"[data-view='front'] [data-lamp='{lamp}']")).GetAttribute("opacity")!;
        Assert.Equal("1", Opacity("winch-lamp"));
        page.Choose("Show", "Plough lamps");
        page.Until(() => Opacity("winch-lamp") == "0.2", "another line's lamp is faded");
        Assert.Equal("1", Opacity("plough-l"));
    }

    [Fact]
    public void The_chosen_route_is_drawn_on_all_views()
    {
        OpenWagon("?way=bar");
        foreach (var view in new[] { "left", "above", "front", "rear" }) page.Find(By.CssSelector($"[data-view='{view}'] [data-way='bar']"));
    }

    [Fact]
    public void Cards_and_ticket_have_the_vehicle_small_with_its_lamps()
    {
        page.Open("/");
        page.Find(By.CssSelector("article[aria-label='Snow-road rescue wagon'] svg [data-lamp='plough-l']"));
        // A card has its picture once it is in sight: other jobs may stand above it.
        page.Run("arguments[0].scrollIntoView()", page.Find(By.XPath("//article[@aria-label = 'Tree-crew chipper truck']")));
        page.Find(By.XPath("//article[@aria-label = 'Tree-crew chipper truck'][contains(., 'No vehicle chosen.')]"));
        page.Run("scrollTo(0, 0)");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.Find(By.CssSelector("header svg [data-lamp='plough-l']"));
    }

    /// <summary>A name without a space, as long as it may be, on every stage, on the card and in dialogs.</summary>
    [Fact]
    public void A_long_unbroken_name_leaves_the_page_as_wide_as_it_is()
    {
        var name = new string('W', 80);
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", name);
        page.Unfold("Customer and note");
        page.Type("Customer", name);
        page.Press("Open the job");
        page.Press("Quick-plan a line");
        page.Type("Name", name);
        page.UntilSaved();
        var job = new Uri(page.Driver.Url).AbsolutePath.Replace("/lines", "", StringComparison.Ordinal);
        foreach (var at in new[] { "/lines", "/walkaround", "/panel" })
        {
            page.Open(job + at);
            page.UntilSaved();
            NotTooWide(at);
        }
        page.Press("History");
        page.Find(By.XPath("//ul[@aria-label = 'Revisions']/li"));
        NotTooWide("history");
        page.Open("/");
        page.Find(By.XPath($"//article[@aria-label = '{name}']"));
        NotTooWide("yard");
    }

    private void NotTooWide(string where)
    {
        foreach (var (width, height) in new[] { (820, 1180), (1280, 800) })
        {
            page.Driver.Manage().Window.Size = new System.Drawing.Size(width, height);
            var beyond = (long)page.Run("return document.documentElement.scrollWidth - document.documentElement.clientWidth")!;
            Assert.True(beyond <= 0, $"{where} is {beyond} px too wide at {width}");
        }
    }

    [Fact]
    public void The_focus_goes_back_to_where_a_dialog_was_opened_from()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.UntilSaved();
        foreach (var opener in new[] { "Find", "History", "Help" })
        {
            page.Press(opener);
            page.Find(By.CssSelector("[role='dialog']"));
            new Actions(page.Driver).SendKeys(Keys.Escape).Perform();
            page.Until(() => !page.Has(By.CssSelector("[role='dialog']")), $"{opener} is closed");
            page.Until(() => page.Driver.SwitchTo().ActiveElement().GetAttribute("aria-label") == opener, $"the focus is back on {opener}");
        }
    }

    [Fact]
    public void The_tour_leads_through_six_steps_and_is_offered_once()
    {
        page.Open("/");
        page.Run("localStorage.removeItem('tour'); localStorage.removeItem('tour-step')");
        page.Open("/");
        page.Press("Take the tour");
        for (var step = 1; step <= 6; step++)
        {
            page.Find(By.XPath($"//section[@aria-label = 'Tour'][contains(., '{step}/6')]"));
            if (step < 6) page.Press("Next");
        }
        Assert.EndsWith("/lines", new Uri(page.Driver.Url).AbsolutePath, StringComparison.Ordinal);
        page.Press("Done");
        page.Open("/");
        page.Find(By.TagName("article"));
        Assert.False(page.Has(By.XPath("//*[contains(text(), 'New here?')]")));
    }

    [Fact]
    public void A_term_is_explained_where_it_stands_and_found_in_the_palette()
    {
        page.Open("/");
        page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
        page.UntilSaved();
        page.Run("arguments[0].scrollIntoView({ block: 'center' })", page.Find(By.XPath("//button[@aria-label = 'What is Trigger?']")));
        new Actions(page.Driver).MoveToElement(page.Find(By.XPath("//button[@aria-label = 'What is Trigger?']"))).Perform();
        page.Find(By.XPath("//*[@role = 'dialog'][contains(., 'What pulls the relay in')]"));
        page.Open(new Uri(page.Driver.Url).AbsolutePath);
        page.UntilSaved();
        page.Key("/");
        page.Driver.SwitchTo().ActiveElement().SendKeys("negative-switched");
        page.Find(By.XPath("//*[@role = 'option'][contains(., 'Help')]")).Click();
        page.Find(By.Id("term-negativeSwitched"));
    }
}
