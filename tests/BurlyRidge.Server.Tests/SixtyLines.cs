using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>A job of sixty quick plans.</summary>
internal static class SixtyLines
{
    public static async Task<string> OpenAsync(RunningServer server)
    {
        var (_, job) = await server.PostAsync("/api/jobs", """{"name":"Sixty lines","systemVolts":12,"units":"metric"}""");
        var path = $"/api/jobs/{job.GetProperty("id").GetString()}";
        var rig = RunningServer.RigOf(job);
        rig["lines"] = new JsonArray([.. Enumerable.Range(1, 60).Select(i => JsonNode.Parse($$$"""{"id":"line-{{{i}}}","name":"Line number {{{i}}}","plan":{"lamps":[{"kind":"regulatedLed","count":2,"watts":{{{10 + i}}}}],"oneWayMetres":4,"return":"wire","zones":["engineBay"],"insulationCelsius":105,"trigger":"switchAlone"}}"""))]);
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, $"{path}/rig", new JsonObject { ["rig"] = rig, ["onRevision"] = 1, ["idempotencyKey"] = "k" }.ToJsonString())).Status);
        return path;
    }
}
