using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;
using OpenQA.Selenium.Support.UI;

namespace BurlyRidge.Browser.Tests;

/// <summary>Lamps aimed, their light looked at, held against a wall and against another set-up, in the real page.</summary>
public class BeamTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    private string JobId => page.Driver.Url.Split('/')[4].Split('?')[0];

    private void OpenRig()
    {
        workshop.OpenJob("Snow-road rescue wagon", "/beam");
        page.Find(By.CssSelector("[data-eye-line]"));
        page.Find(By.CssSelector("[data-lux='1']"));
    }

    private SelectElement Lit => new(page.Find(By.CssSelector("[aria-label='What is lit'] select")));

    private void Choose(string lamp) => new SelectElement(page.Field("Lamp")).SelectByValue(lamp);

    private async Task<JsonElement> BeamsAsync() => (await workshop.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{JobId}", TestContext.Current.CancellationToken)).GetProperty("rig").GetProperty("beams");

    private static double? Of(JsonElement beams, string lamp, string field) =>
        beams.GetProperty("aims").EnumerateArray().Where(aim => aim.GetProperty("lamp").GetString() == lamp).Select(aim => (double?)aim.GetProperty(field).GetDouble()).SingleOrDefault();

    private string Cell(string row) => page.Find(By.XPath($"//tr[th = \"{row}\"]/td")).Text;

    [Fact]
    public async Task A_lamp_is_tilted_by_arrow_keys_alone()
    {
        OpenRig();
        Choose("bar");
        var before = page.Find(By.CssSelector("[data-lux='1']")).GetAttribute("d");
        page.Key("a");
        page.Until(() => page.Driver.SwitchTo().ActiveElement().GetAttribute("data-turn") is not null, "the arrows have the focus");
        for (var i = 0; i < 3; i++) page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.ArrowDown);
        page.Until(() => new SelectElement(page.Field("Lamp")).SelectedOption.Text.Contains("2.5° down", StringComparison.Ordinal), "it is tilted by three tenths");
        page.Until(() => page.Find(By.CssSelector("[data-lux='1']")).GetAttribute("d") != before, "the light follows");
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Tab);
        page.UntilSaved();
        Assert.Equal(-2.5, Of(await BeamsAsync(), "bar", "pitchDegrees"));
        page.Run("document.activeElement.blur()");
        // Presses that come slowly are acts of their own: at most as many as there were.
        string Told() => new SelectElement(page.Field("Lamp")).SelectedOption.Text;
        for (var acts = 0; acts < 3 && !Told().Contains("2.2° down", StringComparison.Ordinal); acts++)
        {
            var now = Told();
            page.Key("u");
            page.Until(() => Told() != now, "an act is taken back");
        }
        Assert.Contains("2.2° down", Told(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_lamp_is_turned_by_hand()
    {
        OpenRig();
        Choose("bar");
        var handle = page.Find(By.CssSelector("[data-handle='yaw']"));
        new Actions(page.Driver).MoveToElement(handle).ClickAndHold().MoveByOffset(0, -25).MoveByOffset(0, -25).Release().Perform();
        page.Until(() => new SelectElement(page.Field("Lamp")).SelectedOption.Text.Contains("right", StringComparison.Ordinal), "it is turned to the right");
        page.UntilSaved();
        Assert.InRange(Of(await BeamsAsync(), "bar", "yawDegrees")!.Value, 3, 40);
    }

    [Fact]
    public async Task The_usual_acts_aim_a_whole_line()
    {
        OpenRig();
        Choose("work-l");
        page.Type("Outward by", "25");
        page.Press("Turn outward");
        page.UntilSaved();
        page.Until(() => new SelectElement(page.Field("Lamp")).SelectedOption.Text.Contains("25°", StringComparison.Ordinal), "it is turned outward");
        var beams = await BeamsAsync();
        Assert.Equal(-Of(beams, "work-l", "yawDegrees")!.Value, Of(beams, "work-r", "yawDegrees")!.Value);
        page.Press("Level and straight");
        page.Until(() => new SelectElement(page.Field("Lamp")).SelectedOption.Text.EndsWith("level, straight", StringComparison.Ordinal), "it is level");
        page.Type("Meets the ground at", "0.1");
        page.Press("Tilt it so");
        page.Find(By.XPath("//*[contains(., 'Give a number')]"));
    }

    [Fact]
    public async Task A_file_is_taken_in_and_one_refused_with_its_line()
    {
        OpenRig();
        Choose("winch-lamp");
        page.Find(By.XPath("//summary[contains(., 'How it shines')]")).Click();
        var folder = Directory.CreateTempSubdirectory("beam");
        try
        {
            var (bad, good) = (Path.Combine(folder.FullName, "bad.ies"), Path.Combine(folder.FullName, "own-spot.ies"));
            await File.WriteAllTextAsync(bad, "IESNA91\nTILT=NONE\n1 1000 one\n", TestContext.Current.CancellationToken);
            await File.WriteAllTextAsync(good, "IESNA91\n[TEST] made up\nTILT=NONE\n1 1000 1 4 1 1 2 0.1 0 0.1\n1 1 18\n0 10 20 90\n0\n9000 2000 100 0\n", TestContext.Current.CancellationToken);
            page.Driver.FindElement(By.CssSelector("aside input[type='file']")).SendKeys(bad);
            page.Find(By.XPath("//*[@role = 'alert'][contains(., 'Line 3')]"));
            page.Driver.FindElement(By.CssSelector("aside input[type='file']")).SendKeys(good);
            page.Until(() => new SelectElement(page.Field("Photometric file")).SelectedOption.Text == "own-spot.ies", "the lamp shines by it");
            page.UntilSaved();
            Assert.Contains((await BeamsAsync()).GetProperty("files").EnumerateArray(), file => file.GetProperty("name").GetString() == "own-spot.ies");
        }
        finally
        {
            folder.Delete(recursive: true);
        }
    }

    [Fact]
    public async Task The_bonnet_is_darker_where_the_bar_stands_further_back()
    {
        OpenRig();
        await ByAnotherHandAsync(rig =>
        {
            rig["places"]!.AsArray().Single(place => (string?)place!["part"] == "scene-l")!["at"] = "roof-bar";
            rig["fixtures"]!.AsArray().Single(lamp => (string?)lamp!["id"] == "scene-l")!["functions"]![0]!["output"] = new JsonObject { ["lumens"] = 9000, ["spreadDegrees"] = 80, ["throwDegrees"] = 80 };
        });
        Glare();
        Assert.False(Cell("Most on it").StartsWith("0 lx", StringComparison.Ordinal));
        page.Find(By.CssSelector("[data-ends] li"));
        await ByAnotherHandAsync(rig =>
        {
            var at = rig["body"]!["mounts"]!.AsArray().Single(mount => (string?)mount!["id"] == "roof-bar")!["at"]!;
            at["back"] = (double)at["back"]! + 1.4;
        });
        Glare();
        Assert.StartsWith("0 lx", Cell("Most on it"), StringComparison.Ordinal);
        Assert.False(page.Has(By.CssSelector("[data-ends] li")));

        void Glare()
        {
            page.Open($"/jobs/{JobId}/beam");
            page.Find(By.CssSelector("[data-eye-line]"));
            Lit.SelectByValue("scene-left");
            page.Key("g");
            page.Find(By.CssSelector("[data-glare]"));
            page.Find(By.XPath("//*[@role = 'tab'][. = 'All lamps']")).Click();
            page.Until(() => page.Driver.FindElements(By.CssSelector("[data-light]")).Count == 1, "that lamp alone is looked at");
        }
    }

    /// <summary>Another hand changes the saved rig.</summary>
    private async Task ByAnotherHandAsync(Action<JsonNode> change)
    {
        var job = (await workshop.Http.GetFromJsonAsync<JsonNode>($"/api/jobs/{JobId}", TestContext.Current.CancellationToken))!;
        change(job["rig"]!);
        using var saved = await workshop.Http.PutAsJsonAsync($"/api/jobs/{JobId}/rig", new JsonObject { ["onRevision"] = (int)job["revision"]!, ["idempotencyKey"] = $"moved-{Guid.NewGuid():n}", ["rig"] = job["rig"]!.DeepClone() }, TestContext.Current.CancellationToken);
        saved.EnsureSuccessStatusCode();
    }

    [Fact]
    public async Task Marks_are_read_and_printed()
    {
        OpenRig();
        page.Key("w");
        var mark = page.Find(By.CssSelector("[data-mark='bar']"));
        var height = mark.FindElement(By.XPath(".//label[contains(., 'Found at height')]/following::input[1]"));
        height.SendKeys("1900");
        mark.FindElement(By.XPath(".//button[. = 'Read it']")).Click();
        page.Until(() => mark.FindElements(By.CssSelector("[data-found]")).Any(found => found.Text.Contains("turns", StringComparison.Ordinal)), "it is told what to turn");
        var sheet = await workshop.Http.GetStringAsync(new Uri(page.Find(By.XPath("//a[. = 'Print the aim sheet']")).GetAttribute("href")!).PathAndQuery, TestContext.Current.CancellationToken);
        Assert.Contains("Scale 1 to", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_set_up_is_compared_kept_and_taken_by_touch()
    {
        OpenRig();
        page.Tap(By.XPath("//*[@role = 'tab'][. = 'More']"));
        page.Tap(By.XPath("//*[@data-setup = 'setup-2']//button[. = 'Compare']"));
        page.Find(By.XPath("//figcaption[contains(., 'more than the other set-up')]"));
        page.Tap(By.XPath("//*[@data-setup = 'setup-2']//button[. = 'Take it']"));
        page.UntilSaved();
        Assert.Equal(-3.4, Of(await BeamsAsync(), "bar", "pitchDegrees"));
        page.Type("Keep the aims as", "Winter");
        page.Tap(By.XPath("//button[. = 'Keep']"));
        page.Find(By.XPath("//*[@data-setup][contains(., 'Winter')]"));
    }

    [Fact]
    public void Own_lamps_are_seen_alone()
    {
        OpenRig();
        Lit.SelectByText("no line");
        page.Until(() => page.Driver.FindElement(By.CssSelector("[data-lux='1']")).GetAttribute("d") == "", "all is dark");
        page.Find(By.XPath("//label[normalize-space() = 'Low beam']")).Click();
        page.Until(() => page.Driver.FindElement(By.CssSelector("[data-lux='1']")).GetAttribute("d")!.Length > 0, "the low beam lights the ground");
        page.Find(By.XPath("//*[@role = 'tab'][. = 'All lamps']")).Click();
        page.Find(By.XPath("//*[@data-light = 'own-low-left'][contains(., 'a guess')]"));
    }

    [Fact]
    public void Without_a_vehicle_it_says_what_to_do_first()
    {
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", "Bare frame");
        page.Press("Open the job");
        page.Find(By.XPath("//button[normalize-space() = 'Start from a lamp…']"));
        page.Key("7");
        page.Find(By.XPath("//*[contains(., 'Choose a vehicle first')]"));
    }
}
