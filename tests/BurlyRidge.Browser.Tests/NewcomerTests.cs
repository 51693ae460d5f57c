using System.Net.Http.Json;
using System.Text.Json;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>Somebody's first job: from an empty Yard to six sized lines, a printed diagram and a saved file.</summary>
public class NewcomerTests(EmptyWorkshop workshop) : IClassFixture<EmptyWorkshop>
{
    private const int MostActs = 40;

    private readonly Page page = workshop.Page;
    private int acts;

    private void Press(By what)
    {
        acts++;
        page.Until(() =>
        {
            try
            {
                page.Find(what).Click();
                return true;
            }
            catch (ElementClickInterceptedException)
            {
                return false;
            }
        }, $"{what} is pressed");
    }

    private void Press(string button) => Press(By.XPath($"//button[normalize-space() = '{button}' or @aria-label = '{button}']"));

    private void Type(string label, string text)
    {
        acts++;
        page.Type(label, text);
    }

    private void Start(string lamp, string template, string? count = null)
    {
        var before = page.Driver.FindElements(By.CssSelector("[data-line]")).Count;
        Press("Start from a lamp…");
        Press(By.CssSelector($"[data-lamp='{lamp}'] input"));
        if (count is not null) Type("How many lamps", count);
        if (template != "own-harness") Press(By.CssSelector($"[data-template='{template}'] input"));
        Press("Start the line");
        page.Until(() => page.Driver.FindElements(By.CssSelector("[data-line]")).Count == before + 1, "the line is there");
        page.UntilSaved();
    }

    [Fact]
    public async Task Six_sized_lines_a_printed_diagram_and_a_saved_file_take_forty_acts_at_most()
    {
        page.Open("/");
        Press("Start the first job");
        Type("Vehicle name", "First pickup");
        Press("Open the job");
        page.Find(By.XPath("//button[normalize-space() = 'Start from a lamp…']"));
        Start("slim-bar-20", "own-harness");
        Start("driving-round", "beam-pair", "2");
        Start("square-pod", "own-harness", "2");
        Start("round-pod", "rear-relay", "2");
        Start("flush-pod", "own-harness", "4");
        Start("slim-bar-20-curved", "own-harness");
        Press("Diagram");
        Press(By.XPath("//a[contains(., 'Print on A4')]"));
        page.Driver.SwitchTo().Window(page.Driver.WindowHandles[^1]);
        page.Until(() => page.Driver.FindElements(By.TagName("svg")).Count >= 6, "every line is on paper");
        page.Driver.Close();
        page.Driver.SwitchTo().Window(page.Driver.WindowHandles[0]);
        Assert.False(page.Has(By.CssSelector("[data-verdict='stop']")));
        Press(By.XPath("//header//a[contains(., 'Burly Ridge')]"));
        var file = page.Find(By.CssSelector("a[aria-label='Save First pickup as a file']")).GetAttribute("href")!;
        acts++;
        var saved = await workshop.Http.GetFromJsonAsync<JsonElement>(new Uri(file).PathAndQuery, TestContext.Current.CancellationToken);
        Assert.Equal(6, saved.GetProperty("rig").GetProperty("lines").GetArrayLength());
        Assert.True(acts <= MostActs, $"{acts} acts");
    }
}
