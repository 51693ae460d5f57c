using BurlyRidge.Core.Tests.Support;
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
            foreach (var script in new[] { "cut-texts.js", "small-targets.js" })
                Assert.Equal("", page.Run(File.ReadAllText(Path.Combine(Repository.Root, "tests", "BurlyRidge.Browser.Tests", script))));
        }
        var elsewhere = page.Run(
            "return performance.getEntriesByType('resource').map(entry => entry.name).filter(name => !name.startsWith(location.origin)).join(' ')");
        Assert.Equal("", elsewhere);
        if (!screen.EndsWith("to print", StringComparison.Ordinal)) Assert.Contains("Overpass", (string)page.Run("return [...document.fonts].filter(face => face.status === 'loaded').map(face => face.family).join()")!, StringComparison.Ordinal);
        Assert.Empty(page.PolicyLines());
        Assert.Equal("", Ids());
    }

    /// <summary>Ids of the demo jobs, or of any job, that a person reads on the screen, in a label or in a hint.</summary>
    private string Ids() => (string)page.Driver.ExecuteAsyncScript("""
        const done = arguments[arguments.length - 1];
        const read = async () => {
          const jobs = await (await fetch('/api/jobs')).json();
          const ids = new Set();
          const names = new Set();
          const gather = (node) => {
            if (Array.isArray(node)) node.forEach(gather);
            else if (node && typeof node === 'object') {
              if (typeof node.id === 'string') ids.add(node.id);
              if (typeof node.name === 'string') names.add(node.name.toLowerCase());
              Object.values(node).forEach(gather);
            }
          };
          for (const job of jobs) gather((await (await fetch('/api/jobs/' + job.id)).json()).rig);
          // Words that stand by themselves, as "battery", or in a name, as "back-up", are no less words for being ids.
          const unread = [...ids].filter((id) => /[-0-9]/.test(id) && ![...names].some((name) => name.includes(id)));
          const texts = [document.title, document.body.innerText];
          for (const element of document.querySelectorAll('*'))
            for (const name of ['aria-label', 'title', 'placeholder', 'alt', 'download'])
              if (element.hasAttribute(name)) texts.push(element.getAttribute(name));
          for (const text of document.querySelectorAll('svg text, svg title')) texts.push(text.textContent);
          const all = ' ' + texts.join(' \n ') + ' ';
          const escaped = (id) => id.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
          const found = unread.filter((id) => new RegExp('[^A-Za-z0-9-]' + escaped(id) + '[^A-Za-z0-9-]').test(all));
          const strange = all.match(/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}|[0-9a-f]{32}/g) ?? [];
          return [...found, ...strange].join(' ');
        };
        read().then(done, (error) => done(String(error)));
        """)!;

    private string Violations()
    {
        page.Run(File.ReadAllText(Path.Combine(Repository.Root, "src", "web", "node_modules", "axe-core", "axe.min.js")));
        return (string)page.Driver.ExecuteAsyncScript("""
            const done = arguments[arguments.length - 1];
            axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }).then(
              result => done(result.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html.slice(0, 400)).join(' | ')).join('\n')),
              error => done(String(error)));
            """)!;
    }
}
