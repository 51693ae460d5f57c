namespace BurlyRidge.Browser.Tests;

/// <summary>What must be so on every screen.</summary>
public class EveryScreenTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    public static TheoryData<string> All => [.. Screens.All];

    /// <summary>
    /// By day and by night: nothing scrolls sideways, on a bench screen and on a tablet; WCAG 2.2 AA as axe-core judges it;
    /// everything comes from this machine; no line about the content policy in the console, dialogs open too.
    /// </summary>
    [Theory]
    [MemberData(nameof(All))]
    public void Every_screen_is_as_it_must_be(string screen)
    {
        page.PolicyLines();
        Screens.Show(page, screen);
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
