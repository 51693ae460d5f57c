using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Text;

namespace BurlyRidge.Server.Tests;

/// <summary>What every answer carries, and which changes are taken.</summary>
public class GuardTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    [Theory]
    [InlineData("/")]
    [InlineData("/api/jobs")]
    [InlineData("/api/nothing")]
    [InlineData("/api/catalogue/lamps.csv")]
    [InlineData("/health")]
    [InlineData("/openapi/v1.json")]
    public async Task Every_answer_lets_no_other_page_in(string path)
    {
        using var response = await server.Http.GetAsync(path, TestContext.Current.CancellationToken);
        string Header(string name) => string.Join(',', response.Headers.TryGetValues(name, out var values) ? values : []);
        var policy = Header("Content-Security-Policy");
        Assert.StartsWith("default-src 'self'; style-src 'self' 'nonce-", policy, StringComparison.Ordinal);
        foreach (var part in new[] { "frame-ancestors 'none'", "base-uri 'none'", "form-action 'self'" }) Assert.Contains(part, policy, StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe", policy, StringComparison.Ordinal);
        Assert.Equal(("nosniff", "no-referrer", ""), (Header("X-Content-Type-Options"), Header("Referrer-Policy"), Header("Server")));
        if (path.StartsWith("/api", StringComparison.Ordinal)) Assert.Contains("no-store", Header("Cache-Control"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(null, null, 201)]
    [InlineData("self", "same-origin", 201)]
    [InlineData("https://elsewhere.example", "cross-site", 403)]
    [InlineData("https://elsewhere.example", null, 403)]
    [InlineData("null", null, 403)]
    [InlineData("http://127.0.0.1:1", "same-site", 403)]
    [InlineData(null, "cross-site", 403)]
    [InlineData(null, "same-site", 403)]
    public async Task A_change_is_taken_from_its_own_pages_alone(string? origin, string? site, int status)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/jobs") { Content = JsonContent.Create(new { name = "From a page", systemVolts = 12, units = "metric" }) };
        if (origin is not null) request.Headers.Add("Origin", origin == "self" ? server.Http.BaseAddress!.GetLeftPart(UriPartial.Authority) : origin);
        if (site is not null) request.Headers.Add("Sec-Fetch-Site", site);
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(status, (int)response.StatusCode);
    }

    [Fact]
    public async Task Reading_is_free_to_other_origins_requests_as_browsers_keep_the_answer_from_them()
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/jobs");
        request.Headers.Add("Origin", "https://elsewhere.example");
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(200, (int)response.StatusCode);
        Assert.False(response.Headers.Contains("Access-Control-Allow-Origin"));
    }

    [Fact]
    public async Task A_client_that_goes_away_is_no_error_in_the_log()
    {
        var data = Directory.CreateTempSubdirectory("burly-ridge-").FullName;
        using (var process = await ServerProcess.StartAsync(data))
        {
            for (var i = 0; i < 5; i++)
            {
                using var client = new TcpClient();
                await client.ConnectAsync(IPAddress.Loopback, process.Http.BaseAddress!.Port, TestContext.Current.CancellationToken);
                await client.GetStream().WriteAsync(Encoding.ASCII.GetBytes($"POST /api/assess HTTP/1.1\r\nHost: 127.0.0.1:{process.Http.BaseAddress.Port}\r\nContent-Type: application/json\r\nContent-Length: 100000\r\n\r\n{{\"rig\":"), TestContext.Current.CancellationToken);
                client.LingerState = new LingerOption(true, 0);
            }
            Assert.Equal(201, (await process.NewJobAsync("Still there")).Status);
            var (code, said) = await process.StopAsync();
            Assert.Equal(0, code);
            Assert.DoesNotContain("Error", said, StringComparison.Ordinal);
            Assert.DoesNotContain("Exception", said, StringComparison.Ordinal);
        }
        Directory.Delete(data, recursive: true);
    }
}
