using System.Net.Http.Json;
using System.Text.Json;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Server;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Builder;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

namespace BurlyRidge.Browser.Tests;

/// <summary>The real server with the built web client and the demo jobs, and one headless Chromium.</summary>
public class Workshop : IAsyncLifetime
{
    private readonly string data = Directory.CreateTempSubdirectory("burly-ridge-").FullName;
    private WebApplication? app;
    private int port;

    /// <summary>The demo jobs as they are shipped, by their names.</summary>
    private readonly Dictionary<string, byte[]> files = new(StringComparer.Ordinal);

    public Page Page { get; private set; } = null!;

    /// <summary>Whether the Yard starts with the demo jobs.</summary>
    protected virtual bool HasDemo => true;

    /// <summary>The server as a program asks it, without the page.</summary>
    public HttpClient Http { get; } = new();

    /// <summary>Folder of the database.</summary>
    public string Data => data;

    public async ValueTask InitializeAsync()
    {
        if (!File.Exists(Path.Combine(Web, "index.html")))
            throw new InvalidOperationException("The web client is not built. Run ./test, or ./run once.");
        await StartServerAsync();

        var chrome = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        chrome.AddArguments(
            "--headless=new", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking",
            "--disable-component-update", "--disable-sync", "--disable-dev-shm-usage", "--window-size=1280,800");
        chrome.SetLoggingPreference(LogType.Browser, LogLevel.All);
        Page = new Page(new ChromeDriver(ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver"), chrome), Address, Said);
        Http.BaseAddress = Address;
        foreach (var job in await Http.GetFromJsonAsync<JsonElement[]>("/api/jobs") ?? [])
            files[job.GetProperty("name").GetString()!] = await Http.GetByteArrayAsync($"/api/jobs/{job.GetProperty("id").GetString()}/file");
    }

    /// <summary>Opens a demo job as it is shipped, as a job of its own: no test finds there what another one left.</summary>
    /// <param name="at">A stage with what is chosen on it: "/walkaround?mount=plate".</param>
    public void OpenJob(string job, string at)
    {
        using var file = new ByteArrayContent(files[job]) { Headers = { ContentType = new("application/json") } };
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/job-files") { Content = file };
        using var made = Http.Send(request).EnsureSuccessStatusCode();
        Page.Open($"/jobs/{made.Headers.Location!.OriginalString.Split('/')[^1]}{at}");
    }

    /// <summary>The same with its record and its photos, out of an archive.</summary>
    public async Task OpenArchiveAsync(string job, string at)
    {
        var jobs = await Http.GetFromJsonAsync<JsonElement[]>("/api/jobs") ?? [];
        // Of several the first one is the demo job: copies come before it in the Yard, the last changed first.
        var id = jobs.Last(one => one.GetProperty("name").GetString() == job).GetProperty("id").GetString();
        using var archive = new ByteArrayContent(await Http.GetByteArrayAsync($"/api/jobs/{id}/archive.zip")) { Headers = { ContentType = new("application/zip") } };
        using var made = (await Http.PostAsync("/api/archives", archive)).EnsureSuccessStatusCode();
        Page.Open($"/jobs/{made.Headers.Location!.OriginalString.Split('/')[^1]}{at}");
    }

    /// <summary>Starts the server, after the first time where it was.</summary>
    public virtual async Task StartServerAsync()
    {
        var options = new ServeOptions(port, data, HasDemo, Web);
        app = ServerApp.Build(options);
        await ServerApp.PrepareAsync(app, options);
        await app.StartAsync();
        Address = new Uri(app.Urls.First());
        port = Address.Port;
    }

    /// <summary>Stops the server; the page stays.</summary>
    public virtual async Task StopServerAsync()
    {
        if (app is not null) await app.DisposeAsync();
        app = null;
    }

    /// <summary>Where the server answers.</summary>
    protected Uri Address { get; set; } = null!;

    /// <summary>How the page says what a test looks for in English.</summary>
    protected virtual Func<By, By> Said => by => by;

    protected static string Web => Path.Combine(Repository.Root, "src", "BurlyRidge.Server", "wwwroot");

    public async ValueTask DisposeAsync()
    {
        Page?.Dispose();
        Http.Dispose();
        await StopServerAsync();
        Directory.Delete(data, recursive: true);
        GC.SuppressFinalize(this);
    }
}

/// <summary>The same with an empty Yard.</summary>
public sealed class EmptyWorkshop : Workshop
{
    /// <inheritdoc/>
    protected override bool HasDemo => false;
}
