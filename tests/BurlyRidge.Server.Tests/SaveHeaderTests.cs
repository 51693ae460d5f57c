using System.Net.Http.Headers;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>Revision and key of a save may come as headers.</summary>
public class SaveHeaderTests
{
    private static async Task<(int Status, JsonElement Body, string? Tag)> PutAsync(RunningServer server, string path, JsonObject body, string? match, string? key)
    {
        using var request = new HttpRequestMessage(HttpMethod.Put, path) { Content = new StringContent(body.ToJsonString(), Encoding.UTF8, "application/json") };
        if (match is not null) request.Headers.TryAddWithoutValidation("If-Match", match);
        if (key is not null) request.Headers.TryAddWithoutValidation("Idempotency-Key", key);
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, JsonDocument.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).RootElement, response.Headers.ETag?.Tag);
    }

    private static string Errors(JsonElement problem) => string.Join(' ', problem.GetProperty("errors").EnumerateObject().Select(error => error.Name).Order(StringComparer.Ordinal));

    [Fact]
    public async Task They_count_alone_agree_with_the_body_or_are_refused()
    {
        await using var server = await RunningServer.EmptyAsync();
        var id = (await server.PostAsync("/api/jobs", """{"name":"Headers","systemVolts":12,"units":"metric"}""")).Body.GetProperty("id").GetString()!;
        var rig = RunningServer.RigOf(await server.GetAsync($"/api/jobs/{id}"));
        JsonObject Body(int? on = null, string? key = null)
        {
            var body = new JsonObject { ["rig"] = rig.DeepClone() };
            if (on is { } revision) body["onRevision"] = revision;
            if (key is not null) body["idempotencyKey"] = key;
            return body;
        }

        var path = $"/api/jobs/{id}/rig";
        rig["vehicle"]!["houseLoadAmps"] = 11;
        Assert.Equal((200, "\"2\""), await PutAsync(server, path, Body(), "\"1\"", "first") is var saved ? (saved.Status, saved.Tag) : default);
        Assert.Equal((200, "\"2\""), await PutAsync(server, path, Body(1, "first"), "\"1\"", "first") is var again ? (again.Status, again.Tag) : default);
        var stale = await PutAsync(server, path, Body(), "\"1\"", "second");
        Assert.Equal((409, "/problems/stale"), (stale.Status, stale.Body.GetProperty("type").GetString()));
        foreach (var (body, match, key, wrong) in new[]
        {
            (Body(2, "third"), "\"1\"", "third", "onRevision"), (Body(2, "third"), "\"2\"", "fourth", "idempotencyKey"), (Body(), "2", "third", "onRevision"),
            (Body(), "*", "third", "onRevision"), (Body(2), null, null, "idempotencyKey"), (Body(null, "third"), null, null, "onRevision"), (Body(), null, null, "idempotencyKey onRevision"),
            (Body(2), null, new string('k', 65), "idempotencyKey"),
        })
        {
            var refused = await PutAsync(server, path, body, match, key);
            Assert.Equal((400, wrong, "/problems/fields"), (refused.Status, Errors(refused.Body), refused.Body.GetProperty("type").GetString()));
        }
        Assert.Equal(2, (await server.GetAsync($"/api/jobs/{id}")).GetProperty("revision").GetInt32());
        using var opened = await server.Http.GetAsync($"/api/jobs/{id}", TestContext.Current.CancellationToken);
        Assert.Equal("\"2\"", opened.Headers.ETag?.Tag);
    }

    [Fact]
    public async Task A_file_sent_again_with_its_key_opens_no_second_job()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var there = (await server.GetAsync("/api/jobs")).GetArrayLength();
        var (path, _) = await server.DemoAsync("rescue");
        var file = await server.Http.GetByteArrayAsync($"{path}/file", TestContext.Current.CancellationToken);
        async Task<string> SendAsync(string? key)
        {
            using var request = new HttpRequestMessage(HttpMethod.Post, "/api/job-files") { Content = new ByteArrayContent(file) };
            request.Content.Headers.ContentType = new MediaTypeHeaderValue("application/json");
            if (key is not null) request.Headers.Add("Idempotency-Key", key);
            using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
            Assert.Equal(201, (int)response.StatusCode);
            return JsonDocument.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).RootElement.GetProperty("id").GetString()!;
        }

        var keyed = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => SendAsync("once")));
        Assert.Single(keyed.Distinct());
        Assert.NotEqual(keyed[0], await SendAsync("twice"));
        Assert.NotEqual(await SendAsync(null), await SendAsync(null));
        Assert.Equal(there + 1 + 1 + 2, (await server.GetAsync("/api/jobs")).GetArrayLength());
    }

    [Fact]
    public async Task Answers_are_compressed_for_who_takes_it()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        using var request = new HttpRequestMessage(HttpMethod.Get, path);
        request.Headers.AcceptEncoding.ParseAdd("gzip");
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(["gzip"], response.Content.Headers.ContentEncoding);
    }
}
