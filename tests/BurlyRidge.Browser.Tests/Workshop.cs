using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Builder;
using OpenQA.Selenium.Chrome;

namespace BurlyRidge.Browser.Tests;

/// <summary>The real server with the built web client and the demo jobs, and one headless Chromium.</summary>
public sealed class Workshop : IAsyncLifetime
{
    private readonly string data = Directory.CreateTempSubdirectory("burly-ridge-").FullName;
    private WebApplication? app;
    private ChromeDriver? driver;

    public Page Page { get; private set; } = null!;

    public async ValueTask InitializeAsync()
    {
        var web = Path.Combine(Root(), "src", "BurlyRidge.Server", "wwwroot");
        if (!File.Exists(Path.Combine(web, "index.html")))
            throw new InvalidOperationException("The web client is not built. Run ./test, or ./run once.");
        var options = new ServeOptions(0, data, true, web);
        app = ServerApp.Build(options);
        await ServerApp.PrepareAsync(app, options);
        await app.StartAsync();

        var chrome = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        chrome.AddArguments(
            "--headless=new", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking",
            "--disable-component-update", "--disable-sync", "--disable-dev-shm-usage", "--window-size=1280,800");
        driver = new ChromeDriver(ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver"), chrome);
        Page = new Page(driver, new Uri(app.Urls.First()));
    }

    /// <summary>The root of the checkout.</summary>
    public static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "BurlyRidge.slnx"))) folder = folder.Parent!;
        return folder.FullName;
    }

    public async ValueTask DisposeAsync()
    {
        driver?.Dispose();
        if (app is not null) await app.DisposeAsync();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(data, recursive: true);
    }
}
