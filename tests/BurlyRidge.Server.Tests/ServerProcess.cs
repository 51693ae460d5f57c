using System.Diagnostics;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using BurlyRidge.Server.Hosting;

namespace BurlyRidge.Server.Tests;

/// <summary>The server as a process of its own, as it is started by hand.</summary>
public sealed class ServerProcess : IDisposable
{
    private const string Answers = "Burly Ridge answers at ";

    private readonly Process process;
    private readonly StringBuilder said = new();

    private ServerProcess(Process process) => this.process = process;

    /// <summary>Starts it and does not wait.</summary>
    public static ServerProcess Begin(string data, IEnumerable<string>? more = null, IReadOnlyDictionary<string, string>? environment = null)
    {
        var start = new ProcessStartInfo("dotnet", [typeof(ServerApp).Assembly.Location, "--port", "0", "--data", data, "--empty", "--cold", .. more ?? []]) { RedirectStandardOutput = true, RedirectStandardError = true };
        foreach (var (name, value) in environment ?? new Dictionary<string, string>()) start.Environment[name] = value;
        var server = new ServerProcess(new Process { StartInfo = start });
        server.process.ErrorDataReceived += (_, line) =>
        {
            lock (server.said) server.said.AppendLine(line.Data);
        };
        server.process.Start();
        server.process.BeginErrorReadLine();
        return server;
    }

    /// <summary>Starts it and waits until it answers.</summary>
    public static async Task<ServerProcess> StartAsync(string data, IReadOnlyDictionary<string, string>? environment = null)
    {
        var server = Begin(data, environment: environment);
        while (await server.process.StandardOutput.ReadLineAsync(TestContext.Current.CancellationToken) is { } line)
        {
            if (!line.StartsWith(Answers, StringComparison.Ordinal)) continue;
            server.Http = new HttpClient { BaseAddress = new Uri(line[Answers.Length..]) };
            return server;
        }
        throw new InvalidOperationException($"It did not start: {await server.EndAsync()}");
    }

    /// <summary>Once it answers.</summary>
    public HttpClient Http { get; private set; } = null!;

    public int Id => process.Id;

    /// <summary>Waits until it ends by itself; gives its exit code and what it said to the error stream, or in its log.</summary>
    public async Task<(int Code, string Said)> EndAsync()
    {
        var log = await process.StandardOutput.ReadToEndAsync(TestContext.Current.CancellationToken);
        await process.WaitForExitAsync(TestContext.Current.CancellationToken);
        lock (said) return (process.ExitCode, said + log);
    }

    /// <summary>Ends it without a word.</summary>
    public async Task KillAsync()
    {
        process.Kill();
        await process.WaitForExitAsync(TestContext.Current.CancellationToken);
    }

    /// <summary>Ends it as Ctrl-C or a service manager does.</summary>
    public async Task<(int Code, string Said)> StopAsync()
    {
        using var kill = Process.Start("kill", ["-TERM", process.Id.ToString(System.Globalization.CultureInfo.InvariantCulture)])!;
        await kill.WaitForExitAsync(TestContext.Current.CancellationToken);
        return await EndAsync();
    }

    /// <summary>Opens a new job; gives its status and id.</summary>
    public async Task<(int Status, string? Id)> NewJobAsync(string name)
    {
        using var response = await Http.PostAsJsonAsync("/api/jobs", new { name, systemVolts = 12, units = "metric" }, TestContext.Current.CancellationToken);
        if (!response.IsSuccessStatusCode) return ((int)response.StatusCode, null);
        return ((int)response.StatusCode, (await response.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken)).GetProperty("id").GetString());
    }

    public void Dispose()
    {
        Http?.Dispose();
        if (!process.HasExited) process.Kill();
        process.Dispose();
    }
}
