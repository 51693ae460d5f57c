using System.Net.Http.Json;
using System.Text.Json;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>What is wrong with a line, looked for in the real page.</summary>
public class FaultSearchTests(Workshop workshop) : IClassFixture<Workshop>
{
    private const int MostReadings = 15;

    private readonly Page page = workshop.Page;

    private static By Stage(string stage) => By.CssSelector($"[data-stage='{stage}']");

    private void Open(string line = "Roof bar")
    {
        page.Open("/");
        var id = page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).GetAttribute("href")!.Split('/')[4];
        page.Open($"/jobs/{id}/power-up");
        page.Find(By.CssSelector("[data-battery]"));
        page.Key("d");
        page.Find(By.CssSelector("[data-find]"));
        page.Choose("Line", line);
        UntilSettled();
    }

    private void PutIn(string of, string fault)
    {
        page.Key("f");
        page.Find(By.CssSelector("aside input[type='search']")).SendKeys(fault);
        page.Find(By.XPath($"//aside//button[contains(., '{of}') and contains(., '{fault}')]")).Click();
        page.Find(By.CssSelector("[data-fault]"));
        page.Key("d");
    }

    private void Try()
    {
        page.Find(By.CssSelector("[data-find] input[type='checkbox']")).Click();
        UntilSettled();
    }

    private void UntilSettled() => page.Until(() => page.Has(By.CssSelector("[data-find='found'] [data-stage]")), "the answer is there");

    private int Taken => page.Driver.FindElements(By.CssSelector("[data-taken]")).Count;

    private string Next => page.Find(By.CssSelector("[data-next-words]")).Text;

    /// <summary>What is to be done next, with what each outcome would mean; empty: nothing tells more.</summary>
    private string NextName()
    {
        try
        {
            return page.Driver.FindElements(By.CssSelector("[data-next]")).FirstOrDefault()?.Text ?? "";
        }
        catch (StaleElementReferenceException)
        {
            return "";
        }
    }

    /// <summary>Takes one reading after the other, or looks at one lamp, as the advice says, until nothing tells more.</summary>
    private void FollowToTheEnd(Action<By> press)
    {
        for (var read = 0; read < MostReadings && NextName() is { Length: > 0 } before; read++)
        {
            var taken = Taken;
            press(By.XPath("//section[@data-next]//button[normalize-space() = 'Read it here']"));
            page.Until(() => Taken > taken || NextName() != before, "the reading is taken");
            UntilSettled();
        }
    }

    [Fact]
    public void A_fault_that_is_put_in_is_found_by_following_the_advice()
    {
        Open();
        PutIn("Roof bar", "is not home");
        Try();
        page.Press("Look at all lamps here");
        page.Until(() => page.Find(By.XPath("//h3[contains(., 'states looked at')]")).Text.StartsWith("What is lit: 0", StringComparison.Ordinal) == false, "the lamps are looked at");
        UntilSettled();
        FollowToTheEnd(what => page.Find(what).Click());
        Assert.Contains("is not home", page.Find(By.CssSelector("[data-cause]")).Text, StringComparison.Ordinal);
        Assert.Contains("not home", page.Find(Stage("found")).Text, StringComparison.Ordinal);
    }

    [Fact]
    public void By_keys_alone_it_is_found_too()
    {
        Open();
        PutIn("Roof bar", "fuse is not in its holder");
        page.Find(By.CssSelector("[data-find] input[type='checkbox']")).SendKeys(" ");
        UntilSettled();
        page.Find(By.XPath("//button[normalize-space() = 'Look at all lamps here']")).SendKeys(Keys.Enter);
        page.Until(() => page.Find(By.CssSelector("[data-cause]")).Text.Contains('%', StringComparison.Ordinal) && !page.Find(By.XPath("//h3[contains(., 'states looked at')]")).Text.StartsWith("What is lit: 0", StringComparison.Ordinal), "the lamps are looked at");
        UntilSettled();
        FollowToTheEnd(what => page.Find(what).SendKeys(Keys.Enter));
        Assert.Contains("fuse", page.Find(By.CssSelector("[data-cause]")).Text, StringComparison.Ordinal);
    }

    [Fact]
    public void By_touch_alone_it_is_found_too()
    {
        Open();
        PutIn("Roof bar", "fuse is not in its holder");
        page.Tap(By.CssSelector("[data-find] input[type='checkbox']"));
        UntilSettled();
        page.Tap(By.XPath("//button[normalize-space() = 'Look at all lamps here']"));
        page.Until(() => !page.Find(By.XPath("//h3[contains(., 'states looked at')]")).Text.StartsWith("What is lit: 0", StringComparison.Ordinal), "the lamps are looked at");
        UntilSettled();
        FollowToTheEnd(page.Tap);
        Assert.Contains("fuse", page.Find(By.CssSelector("[data-cause]")).Text, StringComparison.Ordinal);
    }

    [Fact]
    public void What_cannot_be_reached_gives_way_to_something_else()
    {
        Open();
        Try();
        var before = Next;
        page.Press("I cannot reach that");
        page.Until(() => page.Has(By.CssSelector("[data-next-words]")) && Next != before, "something else is to be measured");
        UntilSettled();
        Assert.InRange(page.Driver.FindElements(By.CssSelector("section[aria-label='Instead of it'] button")).Count, 1, 3);
    }

    /// <summary>The likeliest is looked at, and it is not that: it goes down the list, and comes back where that is taken back.</summary>
    [Fact]
    public void What_was_looked_into_is_named_no_more_until_it_is_taken_back()
    {
        Open();
        Try();
        page.Press("Look at all lamps here");
        page.Until(() => !page.Find(By.XPath("//h3[contains(., 'states looked at')]")).Text.StartsWith("What is lit: 0", StringComparison.Ordinal), "the lamps are looked at");
        UntilSettled();
        var cause = page.Find(By.XPath("//*[@data-cause][.//button[normalize-space() = 'Not it']]")).GetAttribute("data-cause")!;
        page.Find(By.XPath($"//*[@data-cause = '{cause}']//button[normalize-space() = 'Not it']")).Click();
        page.Find(By.CssSelector($"[data-set-aside='{cause}']"));
        UntilSettled();
        Assert.False(page.Has(By.XPath($"//*[@data-cause = '{cause}']//button[normalize-space() = 'Not it']")));
        while (page.Has(By.CssSelector("[data-set-aside]")))
        {
            var left = page.Driver.FindElements(By.CssSelector("[data-set-aside]")).Count;
            page.Find(By.CssSelector("[data-set-aside] button")).SendKeys(Keys.Enter);
            page.Until(() => page.Driver.FindElements(By.CssSelector("[data-set-aside]")).Count < left, "it is taken back");
            UntilSettled();
        }
        page.Find(By.XPath($"//*[@data-cause = '{cause}']//button[normalize-space() = 'Not it']"));
    }

    [Fact]
    public async Task A_wrong_reading_of_the_vehicle_is_written_down_and_taken_back()
    {
        Open("Rear work lamps");
        var job = page.Driver.Url.Split('/')[4].Split('?')[0];
        async Task<List<string>> KindsAsync() => [.. (await workshop.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{job}/commissioning", TestContext.Current.CancellationToken)).EnumerateArray().Select(entry => entry.GetProperty("what").GetProperty("kind").GetString()!)];
        while (!page.Has(By.XPath("//section[@data-next]//form")))
        {
            var before = NextName();
            page.Find(By.XPath("//section[@data-next]//button[normalize-space() = 'lit']")).Click();
            page.Until(() => NextName() is { Length: > 0 } now && now != before, "it is looked at");
            UntilSettled();
        }
        var taken = Taken;
        page.Find(By.CssSelector("[data-next] input")).SendKeys("500" + Keys.Enter);
        page.Find(By.XPath("//section[@data-next]//*[@role = 'alert']"));
        page.Find(By.CssSelector("[data-next] input")).SendKeys(Keys.Control + "a");
        page.Find(By.CssSelector("[data-next] input")).SendKeys("3.3" + Keys.Enter);
        page.Until(() => Taken == taken + 1, "it is written down");
        Assert.Contains("probed", await KindsAsync());
        page.Find(By.XPath("(//*[@data-taken])[last()]//button")).Click();
        page.Until(() => Taken == taken, "it is taken back");
        Assert.Contains("forgotten", await KindsAsync());
    }
}
