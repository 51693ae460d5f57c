using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>What must be so on every screen.</summary>
public class EveryScreenTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    public static TheoryData<string> Screens => ["yard", "walkaround", "measures", "parts", "ways", "candidates", "vehicle", "find", "reroute", "lines", "wired line", "lamp station", "diagram", "start", "rules", "panel", "factory leads", "ledger", "quick size", "wiring to print", "legends to print"];

    /// <summary>
    /// By day and by night: nothing scrolls sideways, on a bench screen and on a tablet; WCAG 2.2 AA as axe-core judges it;
    /// everything comes from this machine; no line about the content policy in the console, dialogs open too.
    /// </summary>
    [Theory]
    [MemberData(nameof(Screens))]
    public void Every_screen_is_as_it_must_be(string screen)
    {
        page.PolicyLines();
        Show(screen);
        foreach (var theme in new[] { "night", "day" })
        {
            page.Run("document.documentElement.dataset.theme = arguments[0]", theme);
            Assert.Equal("", Violations());
        }
        foreach (var (width, height) in new[] { (820, 1180), (1280, 800) })
        {
            page.Driver.Manage().Window.Size = new System.Drawing.Size(width, height);
            var beyond = (long)page.Run("return document.documentElement.scrollWidth - document.documentElement.clientWidth")!;
            Assert.True(beyond <= 0, $"{screen} is {beyond} px too wide at {width}");
        }
        var elsewhere = page.Run(
            "return performance.getEntriesByType('resource').map(entry => entry.name).filter(name => !name.startsWith(location.origin)).join(' ')");
        Assert.Equal("", elsewhere);
        if (!screen.EndsWith("to print", StringComparison.Ordinal)) Assert.Contains("Overpass", (string)page.Run("return [...document.fonts].filter(face => face.status === 'loaded').map(face => face.family).join()")!, StringComparison.Ordinal);
        Assert.Empty(page.PolicyLines());
    }

    private void Show(string screen)
    {
        page.Open(screen == "quick size" ? "/quick-size" : "/");
        switch (screen)
        {
            case "walkaround" or "measures" or "parts" or "ways" or "candidates" or "vehicle" or "find" or "reroute":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                page.Key("1");
                page.Find(By.CssSelector("[aria-label='The vehicle from above']"));
                Walk(screen);
                break;
            case "lines":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                break;
            case "wired line" or "lamp station" or "diagram":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Rear work lamps')]")).Click();
                page.Find(By.CssSelector("[data-station='plug-work']"));
                page.Find(By.CssSelector("[data-wire]"));
                if (screen == "lamp station") page.Find(By.CssSelector("[data-station='work-l.main']")).Click();
                if (screen != "diagram") break;
                page.Press("Diagram");
                page.Find(By.CssSelector("[data-diagram] svg"));
                break;
            case "start":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Press("Start from a lamp…");
                page.Find(By.CssSelector("[data-lamp='square-pod'] input")).Click();
                page.Find(By.CssSelector("[data-start='power-box']"));
                break;
            case "rules":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Press("House rules of this job…");
                page.Type("Wire margin", "60");
                page.Find(By.XPath("//*[@data-rule-changes]//*[contains(., 'otherwise')]"));
                break;
            case "panel" or "factory leads":
                page.Find(By.XPath($"//article[@aria-label = '{(screen == "panel" ? "Snow-road rescue wagon" : "Orchard spray pickup")}']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                page.Key("3");
                page.Find(By.CssSelector("[data-output]"));
                if (screen == "panel") break;
                page.Find(By.XPath("//summary[contains(., 'own outputs')]")).Click();
                page.Find(By.CssSelector("[data-own-output]"));
                break;
            case "wiring to print" or "legends to print":
                var job = page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).GetAttribute("href")!.Split('/')[4];
                page.Open($"/api/jobs/{job}/{(screen == "wiring to print" ? "diagram" : "legends")}.html");
                page.Find(By.TagName("svg"));
                break;
            case "ledger":
                page.Find(By.XPath("//article[@aria-label = 'Orchard spray pickup']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                page.Key("v");
                page.Find(By.CssSelector("[data-state='parked']"));
                break;
            case "quick size":
                page.Find(By.CssSelector("[data-figure='Wire']"));
                break;
            default:
                page.Find(By.TagName("article"));
                break;
        }
    }

    /// <summary>From the drawing to one of the faces of the walkaround.</summary>
    private void Walk(string screen)
    {
        switch (screen)
        {
            case "measures":
                page.Find(By.XPath("//summary[. = 'Its measures']")).Click();
                page.Field("Width between obstructions");
                break;
            case "parts":
                page.Key("p");
                page.Field("box sits at");
                break;
            case "ways":
                page.Key("w");
                page.Find(By.CssSelector("[data-figure='Routed']"));
                break;
            case "candidates":
                page.Press("What goes here…");
                page.Find(By.CssSelector("[data-lamp]"));
                break;
            case "vehicle":
                page.Key("b");
                foreach (var name in new[] { "Stations", "Lanes", "Places for parts" }) page.Find(By.XPath($"//summary[starts-with(., '{name}')]")).Click();
                page.Field("Place");
                break;
            case "find":
                page.Key("/");
                page.Field("Part of a name");
                break;
            case "reroute":
                page.Key("w");
                page.Press("Lead everything anew…");
                page.Find(By.XPath("//button[. = 'Leave it']"));
                break;
        }
    }

    private string Violations()
    {
        page.Run(File.ReadAllText(Path.Combine(Workshop.Root(), "src", "web", "node_modules", "axe-core", "axe.min.js")));
        return (string)page.Driver.ExecuteAsyncScript("""
            const done = arguments[arguments.length - 1];
            axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }).then(
              result => done(result.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html.slice(0, 120)).join(' | ')).join('\n')),
              error => done(String(error)));
            """)!;
    }
}
