using BurlyRidge.Core.Tests.Support;
namespace BurlyRidge.Browser.Tests;

/// <summary>Takes the pictures in docs/screenshots anew; only when asked for, by ./bench pictures.</summary>
public class Pictures(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    /// <summary>File, screen, theme.</summary>
    public static TheoryData<string, string, string> All => new()
    {
        { "yard", "yard", "day" },
        { "quick-size", "quick size", "day" },
        { "walkaround", "walkaround", "day" },
        { "new-job", "new job", "day" },
        { "lines", "lines", "day" },
        { "lines-night", "a lead judged", "night" },
        { "lines-wired", "wired line", "day" },
        { "diagram", "diagram", "day" },
        { "wishes", "wishes", "day" },
        { "harness", "bought harness", "day" },
        { "panel", "panel", "day" },
        { "ledger", "ledger", "day" },
        { "bench", "a reel", "day" },
        { "run-sheet", "run sheet", "day" },
        { "power-up", "a fault looked for", "day" },
        { "training", "a lesson done", "day" },
        { "beam", "beam", "day" },
        { "hand-over", "hand over", "day" },
        { "labels", "labels", "day" },
    };

    [Theory(Explicit = true)]
    [MemberData(nameof(All))]
    public void Take(string file, string screen, string theme)
    {
        page.Chrome.ExecuteCdpCommand("Emulation.setDeviceMetricsOverride", new() { ["width"] = 1280, ["height"] = 800, ["deviceScaleFactor"] = 1, ["mobile"] = false });
        page.Open("/");
        page.Run("localStorage.setItem('burly-ridge-theme', arguments[0])", theme);
        Screens.Show(page, screen);
        page.Run("document.activeElement.blur(); scrollTo(0, 0)");
        page.Driver.GetScreenshot().SaveAsFile(Path.Combine(Repository.Root, "docs", "screenshots", $"{file}.png"));
    }
}
