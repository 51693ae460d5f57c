using System.Text;
using System.Text.Json;

namespace BurlyRidge.Server.Tests;

/// <summary>The interface describes itself, and its examples work.</summary>
public class OpenApiTests
{
    private static readonly string[] Bare = ["listBodies", "listExercises", "listLamps", "exportLamps", "listKits", "exportKits", "readShop", "exportPrices", "health", "jobFileSchema"];

    [Fact]
    public async Task Every_operation_has_a_name_a_description_and_an_example_that_is_taken()
    {
        await using var server = await RunningServer.EmptyAsync();
        var paths = (await server.GetAsync("/openapi/v1.json")).GetProperty("paths");
        var names = new List<string>();
        foreach (var path in paths.EnumerateObject())
        {
            foreach (var method in path.Value.EnumerateObject())
            {
                var operation = method.Value;
                string Text(string field) => operation.TryGetProperty(field, out var text) ? text.GetString()! : "";
                var name = Text("operationId");
                names.Add(name);
                Assert.False(name.Length == 0 || Text("summary").Length == 0 || Text("description").Length == 0, $"{method.Name} {path.Name}: {name}");
                if (operation.TryGetProperty("requestBody", out var body)) await TriedAsync(server, method.Name, path.Name, name, body);
                else if (!Bare.Contains(name)) Assert.Contains(operation.GetProperty("parameters").EnumerateArray(), parameter => parameter.TryGetProperty("example", out _));
            }
        }
        Assert.Equal(names.Count, names.Distinct().Count());
    }

    /// <summary>What needs no job is asked for; what needs one is refused for want of it alone.</summary>
    private static async Task TriedAsync(RunningServer server, string method, string path, string name, JsonElement body)
    {
        var (type, media) = (body.GetProperty("content").EnumerateObject().First().Name, body.GetProperty("content").EnumerateObject().First().Value);
        Assert.True(media.TryGetProperty("example", out var example), $"{name} has no example");
        var text = type == "text/csv" ? example.GetString()! : example.GetRawText();
        using var request = new HttpRequestMessage(new HttpMethod(method.ToUpperInvariant()), path.Replace("{id}", "nobody", StringComparison.Ordinal).Replace("{number}", "1", StringComparison.Ordinal)) { Content = new StringContent(text, Encoding.UTF8, type) };
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        var needsJob = path.Contains("{id}", StringComparison.Ordinal);
        // Bytes of an archive are no text: the example says so, and is refused.
        Assert.True(needsJob ? (int)response.StatusCode == 404 : type == "application/zip" ? (int)response.StatusCode == 400 : response.IsSuccessStatusCode, $"{name}: {(int)response.StatusCode} {await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)}");
    }
}
