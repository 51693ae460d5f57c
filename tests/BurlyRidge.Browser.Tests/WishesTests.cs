using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace BurlyRidge.Browser.Tests;

/// <summary>From lights that are wanted to a plan that is taken.</summary>
public class WishesTests(EmptyWorkshop workshop) : IClassFixture<EmptyWorkshop>
{
    private static readonly string[] Six = ["farAhead", "wideAhead", "verge", "backingUp", "roundTheBed", "grilleMarker"];

    private readonly Page page = workshop.Page;

    private static By Tile(string light) => By.CssSelector($"[data-light='{light}'] button");

    private static By Body(string kind) => By.CssSelector($"[data-body='{kind}']");

    private static By Button(string name) => By.XPath($"//button[normalize-space() = '{name}']");

    private static By Taking => By.CssSelector("[data-plans='found'] [data-plan] > div:last-child > button:not([disabled])");

    private int LinesOnPage()
    {
        page.Find(By.XPath("//nav[@aria-label = 'Stages']//a[contains(., 'Lines')]")).Click();
        page.Find(By.CssSelector("[data-line]"));
        return page.Driver.FindElements(By.CssSelector("[data-line]")).Count;
    }

    private void Wanted(string kind, params string[] lights)
    {
        page.Open("/new-job");
        page.Find(Body(kind)).Click();
        foreach (var light in lights) page.Find(Tile(light)).Click();
        page.Press("Propose a plan");
        page.Find(By.CssSelector("[data-plans='found']"));
    }

    /// <summary>The acts are counted: ten at most from the Yard.</summary>
    [Fact]
    public void Six_lights_of_a_dual_cab_are_planned_in_ten_acts_and_undone_in_one()
    {
        page.Open("/");
        var acts = 0;
        void Act(By by)
        {
            page.Find(by).Click();
            acts++;
        }
        Act(By.XPath("(//button[normalize-space() = 'New job' or normalize-space() = 'Start the first job'])[last()]"));
        Act(Body("dualCab"));
        foreach (var light in Six) Act(Tile(light));
        Act(Button("Propose a plan"));
        Act(Taking);
        Assert.Equal(10, acts);
        page.Find(By.XPath("//*[contains(., 'Every light that is wanted has a line')]"));
        page.UntilSaved();
        Assert.Equal(6, LinesOnPage());
        Assert.Contains("0 Stop", page.Find(By.CssSelector("header")).Text.ReplaceLineEndings(" "), StringComparison.Ordinal);
        page.Press("Undo");
        page.Until(() => !page.Has(By.CssSelector("[data-line]")), "the whole plan is gone");
    }

    [Fact]
    public void By_keyboard_alone()
    {
        page.Open("/new-job");
        page.Find(Body("van"));
        var keys = new Actions(page.Driver);
        void TabTo(string css)
        {
            for (var i = 0; i < 60 && !(bool)page.Run("return document.activeElement?.matches(arguments[0]) === true", css)!; i++) new Actions(page.Driver).SendKeys(Keys.Tab).Perform();
            Assert.True((bool)page.Run("return document.activeElement?.matches(arguments[0]) === true", css)!, $"{css} is reached");
        }
        TabTo("[data-body]");
        keys.SendKeys(Keys.Space).Perform();
        TabTo("[data-light='backingUp'] button");
        new Actions(page.Driver).SendKeys(Keys.Space).Perform();
        TabTo("[data-light='inside'] button, [data-light='grilleMarker'] button");
        new Actions(page.Driver).SendKeys(Keys.Space).Perform();
        TabTo("form > div:last-child button:last-child");
        new Actions(page.Driver).SendKeys(Keys.Enter).Perform();
        page.Find(By.CssSelector("[data-plans='found'] [data-plan]"));
        TabTo("[data-plan] > div:last-child > button");
        new Actions(page.Driver).SendKeys(Keys.Enter).Perform();
        page.Find(By.XPath("//*[contains(., 'Every light that is wanted has a line')]"));
        Assert.Equal(2, LinesOnPage());
    }

    [Fact]
    public void By_touch_and_line_by_line()
    {
        page.Driver.Manage().Window.Size = new System.Drawing.Size(820, 1180);
        try
        {
            page.Open("/new-job");
            page.Tap(Body("longWagon"));
            page.Tap(Tile("farAhead"));
            page.Tap(Tile("backingUp"));
            page.Tap(Button("Propose a plan"));
            page.Find(By.CssSelector("[data-plans='found'] [data-plan]"));
            page.Tap(By.CssSelector("[data-planned='backingUp'] label"));
            page.Find(By.XPath("//button[starts-with(normalize-space(), 'Take the chosen lines')]"));
            page.Tap(By.XPath("//button[starts-with(normalize-space(), 'Take the chosen lines')]"));
            page.Find(By.XPath("//*[contains(., 'Already planned: Far ahead.')]"));
            page.Until(() => page.Driver.FindElements(By.CssSelector("[data-plans='found'] [data-planned]")).All(line => line.GetAttribute("data-planned") == "backingUp"), "what stands is not planned again");
            Assert.Equal(1, LinesOnPage());
        }
        finally
        {
            page.Driver.Manage().Window.Size = new System.Drawing.Size(1280, 800);
        }
    }

    [Fact]
    public void A_wish_that_cannot_be_met_says_what_would_have_to_give()
    {
        page.Open("/new-job");
        page.Find(Body("dualCab")).Click();
        page.Find(Tile("backingUp")).Click();
        page.Find(Tile("verge")).Click();
        page.Find(By.XPath("//label[contains(., 'Nothing drilled')]/input")).Click();
        page.Press("Propose a plan");
        page.Find(By.XPath("//*[@data-not-met][contains(., 'would have to be drilled')]"));
        page.Find(By.XPath("//*[@role = 'tab'][. = 'Conditions']")).Click();
        page.Find(By.XPath("//label[contains(., 'Nothing drilled')]/input")).Click();
        page.Find(By.CssSelector("[data-plans='found'] [data-planned='backingUp']"));
        page.Until(() => !page.Has(By.XPath("//*[@data-not-met][contains(., 'drilled')]")), "it is met now");
    }

    [Fact]
    public void A_plan_is_asked_for_again_from_what_stands_after_a_change_by_hand()
    {
        Wanted("shortWagon", "verge", "backingUp");
        page.Find(Taking).Click();
        page.Find(By.XPath("//*[contains(., 'Every light that is wanted has a line')]"));
        Assert.Equal(2, LinesOnPage());
        page.Find(By.XPath("//*[@data-line][contains(., 'Verge')]")).Click();
        page.Press("Remove this line");
        page.Until(() => page.Driver.FindElements(By.CssSelector("[data-line]")).Count == 1, "the line is gone");
        page.Find(By.XPath("//nav[@aria-label = 'Stages']//a[contains(., 'Wishes')]")).Click();
        page.Find(By.CssSelector("[data-plans='found'] [data-planned='verge']"));
        Assert.False(page.Has(By.CssSelector("[data-planned='backingUp']")));
    }

    [Fact]
    public void A_search_shows_how_far_it_is_and_is_stopped()
    {
        page.Open("/new-job");
        page.Find(Body("dualCab")).Click();
        foreach (var light in Six) page.Find(Tile(light)).Click();
        page.Slow(3000);
        try
        {
            page.Press("Propose a plan");
            page.Find(By.XPath("//*[@data-searching][contains(., '%')]"));
            page.Press("Stop");
            page.Find(By.XPath("//*[@data-plans = 'stopped'][contains(., 'Nothing was changed')]"));
        }
        finally
        {
            page.Slow(0);
        }
        page.Press("Propose again");
        page.Find(By.CssSelector("[data-plans='found'] [data-plan]"));
    }

    [Fact]
    public void What_is_on_it_already_is_planned_around()
    {
        page.Open("/new-job");
        page.Find(Body("dualCab")).Click();
        page.Unfold("Supply and what is on it (0)");
        page.Type("Factory outputs, ratings in A", "30 15 10");
        page.Press("Add a lamp");
        page.Choose("Mount", "Bonnet hinge, left");
        page.Find(Tile("verge")).Click();
        page.Find(Tile("roundTheBed")).Click();
        page.Press("Propose a plan");
        page.Find(By.XPath("//*[@data-not-met][contains(., 'already')]"));
        page.Find(By.XPath("//*[@data-planned = 'roundTheBed'][contains(., 'factory output')]"));
    }
}
