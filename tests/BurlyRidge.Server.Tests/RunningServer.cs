using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Storage;
using Microsoft.AspNetCore.Builder;

namespace BurlyRidge.Server.Tests;

/// <summary>The real server on a free port of loopback, with a data folder of its own.</summary>
public sealed class RunningServer : IAsyncDisposable
{
    private WebApplication app;

    private RunningServer(WebApplication app, string data)
    {
        this.app = app;
        Data = data;
        Http = ClientOf(app);
    }

    public string Data { get; }

    public HttpClient Http { get; private set; }

    public static Task<RunningServer> EmptyAsync() => StartAsync(demo: false);

    public static async Task<RunningServer> StartAsync(bool demo, string? data = null)
    {
        data ??= Directory.CreateTempSubdirectory("burly-ridge-").FullName;
        return new RunningServer(await StartAppAsync(data, demo), data);
    }

    /// <summary>Stops and starts again on the same data.</summary>
    public async Task RestartAsync()
    {
        Http.Dispose();
        await app.DisposeAsync();
        app = await StartAppAsync(Data, demo: false);
        Http = ClientOf(app);
    }

    /// <summary>Posts, puts or patches text as JSON.</summary>
    public async Task<(int Status, JsonElement Body)> SendAsync(HttpMethod method, string path, string json)
    {
        using var request = new HttpRequestMessage(method, path) { Content = new StringContent(json, Encoding.UTF8, "application/json") };
        using var response = await Http.SendAsync(request, TestContext.Current.CancellationToken);
        var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, text.Length == 0 ? default : JsonDocument.Parse(text).RootElement);
    }

    public Task<(int Status, JsonElement Body)> PostAsync(string path, string json) => SendAsync(HttpMethod.Post, path, json);

    public Task<JsonElement> GetAsync(string path) =>
        Http.GetFromJsonAsync<JsonElement>(path, TestContext.Current.CancellationToken);

    /// <summary>A demo job by a part of its name, with its address.</summary>
    public async Task<(string Path, JsonElement Job)> DemoAsync(string name)
    {
        var jobs = await GetAsync("/api/jobs");
        var path = $"/api/jobs/{jobs.EnumerateArray().Single(job => job.GetProperty("name").GetString()!.Contains(name, StringComparison.Ordinal)).GetProperty("id").GetString()}";
        return (path, await GetAsync(path));
    }

    /// <summary>Posts the rig of a job with more fields beside it.</summary>
    public Task<(int Status, JsonElement Body)> AskAsync(string path, JsonNode rig, params (string Name, JsonNode? Value)[] more)
    {
        var asked = new JsonObject { ["rig"] = rig.DeepClone() };
        foreach (var (name, value) in more) asked[name] = value;
        return PostAsync(path, asked.ToJsonString());
    }

    /// <summary>Has a command done to a rig.</summary>
    public Task<(int Status, JsonElement Body)> EditAsync(JsonNode rig, string kind, params (string Name, JsonNode? Value)[] fields)
    {
        var command = new JsonObject { ["kind"] = kind };
        foreach (var (name, value) in fields) command[name] = value;
        return AskAsync("/api/edits", rig, ("command", command));
    }

    /// <summary>The rig of a job, to be changed.</summary>
    public static JsonNode RigOf(JsonElement job) => JsonNode.Parse(job.GetProperty("rig").GetRawText())!;

    /// <summary>Stops; the data stay.</summary>
    public async Task StopAsync()
    {
        Http.Dispose();
        await app.DisposeAsync();
    }

    public async ValueTask DisposeAsync()
    {
        await StopAsync();
        Directory.Delete(Data, recursive: true);
    }

    private static async Task<WebApplication> StartAppAsync(string data, bool demo)
    {
        var options = new ServeOptions(0, data, demo, data);
        var app = ServerApp.Build(options);
        try
        {
            await ServerApp.PrepareAsync(app, options);
            await app.StartAsync();
            return app;
        }
        catch (CannotStartException)
        {
            await app.DisposeAsync();
            throw;
        }
    }

    private static HttpClient ClientOf(WebApplication app) => new() { BaseAddress = new Uri(app.Urls.First()) };
}
