using OpenQA.Selenium;
using OpenQA.Selenium.Support.UI;

namespace BurlyRidge.Browser.Tests;

/// <summary>An exercise done in the real page, another made, written to a file and opened.</summary>
public class TrainingTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private int Steps => page.Driver.FindElements(By.CssSelector("[data-step]")).Count;

    private static By Tab(string name) => By.XPath($"//*[@role = 'tab'][. = '{name}']");

    private static By Switch => By.CssSelector("[data-switch='driving-bar-switch']");

    private static By HighBeam => By.XPath("//label[contains(., 'High beam')]//input");

    private static By Fuse => By.CssSelector("[data-suspect='fuse-out:driving-bar-fuse'] button");

    private void BeginTheFirst(Action<By> press)
    {
        page.Open("/");
        press(By.XPath("//a[contains(., 'Training')]"));
        press(By.XPath("(//*[@data-exercise])[1]//button"));
        page.Find(By.CssSelector("[data-lesson='open']"));
    }

    private void Press(By what) => page.Find(what).Click();

    [Fact]
    public void An_exercise_is_done_and_the_way_stands_beside_the_best()
    {
        BeginTheFirst(Press);
        Assert.Contains("Nothing works", page.Find(By.CssSelector("blockquote")).Text, StringComparison.Ordinal);
        Press(HighBeam);
        page.Until(() => Steps == 1, "the lamps are looked at");
        page.Choose("Red on", "Driving bar relay 30");
        page.Press("Read");
        page.Until(() => Steps == 2, "the meter is read");
        Assert.StartsWith("0.", page.Find(By.CssSelector("[data-reading]")).Text, StringComparison.Ordinal);
        page.Choose("Set to", "test lamp, 5 W");
        page.Press("Read");
        page.Until(() => Steps == 3, "the test lamp is held to it");
        Assert.Equal("dark", page.Find(By.CssSelector("[data-reading]")).Text);
        Press(Tab("Take out"));
        Press(By.XPath("//label[contains(., 'fuse is not in its holder')]//input"));
        page.Until(() => Steps == 4, "the fuse is out");
        page.Key("f");
        page.Find(By.CssSelector("aside input[type='search']")).SendKeys("not in its holder");
        Press(Fuse);
        page.Find(By.CssSelector("[data-lesson='found']"));
        Assert.Equal(5, page.Driver.FindElements(By.CssSelector("[data-compared]")).Count);
        Assert.True(page.Driver.FindElements(By.CssSelector("aside [data-step]")).Count > 1);
        page.Press("Do it again");
        page.Find(By.CssSelector("[data-lesson='open']"));
        Assert.Equal(0, Steps);
    }

    [Fact]
    public void By_keys_alone_it_is_done_too()
    {
        BeginTheFirst(what => page.Find(what).SendKeys(Keys.Enter));
        page.Find(Switch).SendKeys(Keys.Enter);
        page.Until(() => Steps == 1, "the lamps are looked at");
        page.Key("m");
        page.Find(By.CssSelector("[data-tester-read]")).SendKeys(Keys.Enter);
        page.Until(() => Steps == 2, "the meter is read");
        // The key goes on from where the hand is.
        page.Driver.SwitchTo().ActiveElement().SendKeys("f");
        page.Find(Fuse).SendKeys(Keys.Enter);
        page.Find(By.CssSelector("[data-lesson='found']"));
    }

    [Fact]
    public void By_touch_alone_as_well()
    {
        BeginTheFirst(page.Tap);
        page.Tap(Switch);
        page.Until(() => Steps == 1, "the lamps are looked at");
        page.Tap(By.CssSelector("[data-touch='driving-bar-fuse']"));
        page.Until(() => new SelectElement(page.Field("Red on")).SelectedOption.GetAttribute("value")!.StartsWith("driving-bar-fuse.", StringComparison.Ordinal), "the probe is at the fuse");
        page.Tap(By.CssSelector("[data-tester-read]"));
        page.Until(() => Steps == 2, "the meter is read");
        page.Tap(Tab("Name it"));
        page.Tap(Fuse);
        page.Find(By.CssSelector("[data-lesson='found']"));
    }

    [Fact]
    public void One_is_drawn_and_begun_at_once()
    {
        page.Open("/");
        var id = page.Find(By.XPath("//article[@aria-label = 'Orchard spray pickup']//a")).GetAttribute("href")!.Split('/')[4];
        page.Open($"/jobs/{id}/power-up");
        page.Find(By.CssSelector("[data-battery]"));
        page.Key("f");
        page.Press("Exercise with a drawn fault…");
        new SelectElement(page.Find(By.CssSelector("[role='dialog'] select"))).SelectByText("Tank work lamp");
        page.Press("Start it now");
        page.Find(By.CssSelector("[data-lesson='open']"));
        Assert.Contains("ank work lamp", page.Find(By.CssSelector("blockquote")).Text, StringComparison.Ordinal);
        page.Press("Other exercises");
        Assert.Equal(6, page.Driver.FindElements(By.CssSelector("[data-exercise]")).Count);
    }

    [Fact]
    public void One_is_made_of_a_fault_saved_and_opened()
    {
        page.Open("/");
        var id = page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).GetAttribute("href")!.Split('/')[4];
        page.Open($"/jobs/{id}/power-up");
        page.Find(By.CssSelector("[data-battery]"));
        page.Key("f");
        page.Find(By.CssSelector("aside input[type='search']")).SendKeys("Roof bar fuse is not in its holder");
        page.Press("Roof bar fuse is not in its holder");
        page.Find(By.CssSelector("[data-fault]"));
        page.Press("Make an exercise of it…");
        var line = new SelectElement(page.Find(By.CssSelector("[role='dialog'] select")));
        line.SelectByText("Beacons");
        page.Press("Save exercise");
        page.Find(By.XPath("//*[@role = 'dialog']//*[contains(., 'does not show on this line')]"));
        line.SelectByText("Roof bar");
        page.Run("window.kept = ''; const make = URL.createObjectURL; URL.createObjectURL = (blob) => { blob.text().then((text) => { window.kept = text; }); return make.call(URL, blob); }");
        page.Press("Save exercise");
        page.Until(() => page.Run("return window.kept") is string { Length: > 100 }, "the file is written");
        var file = Path.Combine(Path.GetTempPath(), $"exercise-{Guid.NewGuid():n}.json");
        File.WriteAllText(file, (string)page.Run("return window.kept")!);
        try
        {
            Assert.DoesNotContain("fuse-out:", File.ReadAllText(file), StringComparison.Ordinal);
            page.Open("/training");
            page.Find(By.CssSelector("input[type='file']")).SendKeys(file);
            page.Find(By.CssSelector("[data-lesson='open']"));
            Assert.Contains("roof bar", page.Find(By.CssSelector("blockquote")).Text, StringComparison.Ordinal);
            File.WriteAllText(file, """{"format":"burly-ridge-job","version":11}""");
            page.Open("/training");
            page.Find(By.CssSelector("input[type='file']")).SendKeys(file);
            page.Find(By.CssSelector("[role='alert']"));
        }
        finally
        {
            File.Delete(file);
        }
    }
}
