using System.Text;
using BurlyRidge.Server.Hosting;

namespace BurlyRidge.Server.Tests;

public class HostingTests
{
    [Fact]
    public async Task Health_says_ok()
    {
        await using var server = await RunningServer.EmptyAsync();
        Assert.Equal("ok", (await server.GetAsync("/health")).GetProperty("status").GetString());
    }

    [Fact]
    public async Task The_OpenAPI_document_names_every_endpoint()
    {
        await using var server = await RunningServer.EmptyAsync();
        var paths = (await server.GetAsync("/openapi/v1.json")).GetProperty("paths").EnumerateObject().Select(path => path.Name);
        Assert.Equal(
            [
                "/api/archives", "/api/assess", "/api/bodies", "/api/catalogue", "/api/catalogue/kits", "/api/catalogue/kits/table.csv", "/api/catalogue/kits/{id}", "/api/catalogue/lamps", "/api/catalogue/lamps.csv", "/api/catalogue/lamps/{id}",
                "/api/changes", "/api/edits", "/api/exercises", "/api/exercises/file", "/api/job-files", "/api/jobs", "/api/jobs/{id}", "/api/jobs/{id}/again", "/api/jobs/{id}/aim-sheet.html", "/api/jobs/{id}/archive.zip", "/api/jobs/{id}/assign-slots",
                "/api/jobs/{id}/auto-size", "/api/jobs/{id}/bench", "/api/jobs/{id}/bonnet-card.pdf", "/api/jobs/{id}/bonnet-card.svg", "/api/jobs/{id}/commissioning", "/api/jobs/{id}/cut-list.csv", "/api/jobs/{id}/cut-list.html",
                "/api/jobs/{id}/diagram.html", "/api/jobs/{id}/diagram.svg", "/api/jobs/{id}/file", "/api/jobs/{id}/findings.csv", "/api/jobs/{id}/hand-over", "/api/jobs/{id}/harness-cards.html", "/api/jobs/{id}/labels.csv",
                "/api/jobs/{id}/labels.pdf", "/api/jobs/{id}/labels.svg", "/api/jobs/{id}/legends.html", "/api/jobs/{id}/legends.svg", "/api/jobs/{id}/pack.html", "/api/jobs/{id}/pack.pdf", "/api/jobs/{id}/photos",
                "/api/jobs/{id}/photos/{photo}", "/api/jobs/{id}/picture", "/api/jobs/{id}/quote.html", "/api/jobs/{id}/redo", "/api/jobs/{id}/reroute", "/api/jobs/{id}/revisions", "/api/jobs/{id}/revisions/{number}",
                "/api/jobs/{id}/revisions/{number}/changes", "/api/jobs/{id}/revisions/{number}/go-back", "/api/jobs/{id}/rig", "/api/jobs/{id}/run-sheet", "/api/jobs/{id}/run-sheet.html", "/api/jobs/{id}/run-sheet.ics",
                "/api/jobs/{id}/seal", "/api/jobs/{id}/undo", "/api/jobs/{id}/vehicle-file", "/api/jobs/{id}/wire-labels.html", "/api/jobs/{id}/wire-register.csv", "/api/preview/beam", "/api/preview/beam-file", "/api/preview/beam-grid",
                "/api/preview/beam-marks", "/api/preview/beam-plan", "/api/preview/bench", "/api/preview/body", "/api/preview/builds", "/api/preview/candidates", "/api/preview/commissioning", "/api/preview/dashboard",
                "/api/preview/diagnosis", "/api/preview/diagram", "/api/preview/diagram-pages", "/api/preview/edit", "/api/preview/exercise", "/api/preview/found-wire", "/api/preview/hand-over", "/api/preview/kit", "/api/preview/labels", "/api/preview/line", "/api/preview/live",
                "/api/preview/measure", "/api/preview/netlist", "/api/preview/pack", "/api/preview/panel", "/api/preview/parts", "/api/preview/plans", "/api/preview/probe", "/api/preview/readings", "/api/preview/routes", "/api/preview/rules",
                "/api/preview/run", "/api/preview/run-sheet", "/api/preview/templates", "/api/preview/tried", "/api/preview/vehicle-file", "/api/preview/walkaround", "/api/quick-size", "/api/shop", "/api/shop/prices.csv", "/api/training", "/health", "/schemas/job-file.json",
            ],
            paths.Order(StringComparer.Ordinal));
    }

    [Fact]
    public async Task Another_host_name_is_refused()
    {
        await using var server = await RunningServer.EmptyAsync();
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/jobs");
        request.Headers.Host = "workshop.example";
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(400, (int)response.StatusCode);
    }

    [Fact]
    public async Task A_body_beyond_reason_is_refused()
    {
        await using var server = await RunningServer.EmptyAsync();
        var text = new string(' ', 5 * 1024 * 1024) + "{}";
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/assess") { Content = new StringContent(text, Encoding.UTF8, "application/json") };
        request.Headers.ExpectContinue = true;
        // The body is not sent before the server was heard, however busy it is.
        using var patient = new HttpClient(new SocketsHttpHandler { Expect100ContinueTimeout = TimeSpan.FromMinutes(1) }) { BaseAddress = server.Http.BaseAddress };
        using var response = await patient.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(413, (int)response.StatusCode);
    }

    [Theory]
    [InlineData("--port", "6000", 6000)]
    [InlineData("--port=6000", null, 6000)]
    public void Options_are_read(string one, string? two, int port) =>
        Assert.Equal(port, ServeOptions.Parse(two is null ? [one] : [one, two]).Options!.Port);

    [Fact]
    public void Data_and_empty_are_read()
    {
        var options = ServeOptions.Parse(["--data", "/srv/jobs", "--empty"]).Options!;
        Assert.Equal("/srv/jobs", options.DataDirectory);
        Assert.False(options.Demo);
        Assert.Equal(5280, options.Port);
    }

    [Theory]
    [InlineData("--port", "many")]
    [InlineData("--port", "70000")]
    [InlineData("--data")]
    [InlineData("--colour", "green")]
    public void What_cannot_be_read_is_said(params string[] args)
    {
        var parsed = ServeOptions.Parse(args);
        Assert.Null(parsed.Options);
        Assert.Contains(args[0], parsed.Message, StringComparison.Ordinal);
    }

    /// <summary>The server as a process of its own, killed without a word right after it acknowledged a job.</summary>
    [Fact]
    public async Task An_acknowledged_save_survives_a_kill()
    {
        var data = Directory.CreateTempSubdirectory("burly-ridge-").FullName;
        using (var process = await ServerProcess.StartAsync(data))
        {
            Assert.Equal(201, (await process.NewJobAsync("Killed")).Status);
            await process.KillAsync();
        }

        await using var server = await RunningServer.StartAsync(demo: false, data);
        Assert.Equal("Killed", (await server.GetAsync("/api/jobs"))[0].GetProperty("name").GetString());
    }
}
