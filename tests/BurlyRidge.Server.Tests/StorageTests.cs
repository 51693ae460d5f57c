using System.Globalization;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;

namespace BurlyRidge.Server.Tests;

/// <summary>How jobs lie in the database.</summary>
public class StorageTests
{
    private static object? Sql(RunningServer server, string text)
    {
        using var connection = new SqliteConnection($"Data Source={Path.Combine(server.Data, "burly-ridge.db")}");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = text;
        return command.ExecuteScalar();
    }

    private static async Task<string> NewJobAsync(RunningServer server) =>
        (await server.PostAsync("/api/jobs", """{"name":"Yard test","systemVolts":12,"units":"metric"}""")).Body.GetProperty("id").GetString()!;

    private static JsonObject Save(JsonNode rig, int onRevision) => new() { ["onRevision"] = onRevision, ["idempotencyKey"] = $"key-{onRevision}", ["rig"] = rig.DeepClone() };

    [Fact]
    public async Task The_list_goes_by_what_is_kept_beside_the_documents()
    {
        await using var server = await RunningServer.EmptyAsync();
        var id = await NewJobAsync(server);
        var rig = RunningServer.RigOf(await server.GetAsync($"/api/jobs/{id}"));
        rig["lines"] = JsonNode.Parse("""[{"id":"bar","name":"Bar","plan":{"lamps":[{"kind":"regulatedLed","count":1,"watts":60}],"oneWayMetres":3,"return":"wire","zones":["engineBay"],"insulationCelsius":105,"trigger":"switchAlone"}}]""");
        var (status, opened) = await server.SendAsync(HttpMethod.Put, $"/api/jobs/{id}/rig", Save(rig, 1).ToJsonString());
        Assert.Equal(200, status);
        var row = (await server.GetAsync("/api/jobs"))[0];
        Assert.Equal((1, 12), (row.GetProperty("lineCount").GetInt32(), row.GetProperty("systemVolts").GetInt32()));
        Assert.Equal(opened.GetProperty("assessment").GetProperty("tally").GetRawText(), row.GetProperty("tally").GetRawText());
        Assert.EndsWith("+00:00", row.GetProperty("changedAt").GetString(), StringComparison.Ordinal);

        // Nobody reads the document for a list; who opens it finds out, and the list knows from then on.
        Sql(server, "UPDATE Revisions SET Document = 'nothing'");
        Assert.Equal("", (await server.GetAsync("/api/jobs"))[0].GetProperty("trouble").GetString());
        using var unreadable = await server.Http.GetAsync($"/api/jobs/{id}", TestContext.Current.CancellationToken);
        Assert.Equal(422, (int)unreadable.StatusCode);
        Assert.Equal("This job cannot be read.", (await server.GetAsync("/api/jobs"))[0].GetProperty("trouble").GetString());
    }

    [Fact]
    public async Task Documents_are_packed_and_plain_ones_of_older_versions_are_read()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("rescue");
        Assert.Equal("1F8B", Sql(server, "SELECT hex(substr(Document, 1, 2)) FROM Revisions LIMIT 1"));
        var packed = (long)Sql(server, $"SELECT length(Document) FROM Revisions WHERE JobId = '{path.Split('/')[^1]}'")!;
        var plain = job.GetProperty("rig").GetRawText();
        Assert.True(packed * 4 < plain.Length, $"{packed} of {plain.Length} bytes");
        Sql(server, $"UPDATE Revisions SET Document = '{plain.Replace("'", "''", StringComparison.Ordinal)}' WHERE JobId = '{path.Split('/')[^1]}'");
        Assert.Equal(plain, (await server.GetAsync(path)).GetProperty("rig").GetRawText());
    }

    [Fact]
    public async Task Old_revisions_are_thinned_out_and_undo_still_goes_back_as_far_as_there_is_any()
    {
        await using var server = await RunningServer.EmptyAsync();
        var id = await NewJobAsync(server);
        var rig = RunningServer.RigOf(await server.GetAsync($"/api/jobs/{id}"));
        const int revisions = 302;
        for (var i = 1; i < revisions; i++)
        {
            rig["vehicle"]!["houseLoadAmps"] = i % 40;
            Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, $"/api/jobs/{id}/rig", Save(rig, i).ToJsonString())).Status);
        }
        var kept = (await server.GetAsync($"/api/jobs/{id}/revisions")).EnumerateArray().Select(revision => revision.GetProperty("number").GetInt32()).ToList();
        Assert.Equal(Enumerable.Range(revisions - 200 - 2 + 1, 202).Reverse(), kept.Take(202));
        Assert.InRange(kept.Count, 203, 204);
        var on = revisions;
        for (var undone = 0; undone < 210; undone++)
        {
            var (status, body) = await server.PostAsync($"/api/jobs/{id}/undo", string.Create(CultureInfo.InvariantCulture, $$"""{"onRevision":{{on}},"idempotencyKey":"undo-{{undone}}"}"""));
            if (status == 422) break;
            Assert.Equal(200, status);
            on = body.GetProperty("revision").GetInt32();
        }
        // All that were kept whole before the newest, and the one an hour before them.
        Assert.InRange(on - revisions, 200, 203);
    }

    [Fact]
    public void No_more_than_one_an_hour_stays_for_a_week_and_one_a_day_after_it()
    {
        var now = new DateTime(2026, 11, 26, 12, 0, 0, DateTimeKind.Utc);
        List<(int, DateTime)> old = [.. Enumerable.Range(0, 20 * 24 * 4).Select(i => (i + 1, now.AddDays(-20).AddMinutes(15 * i)))];
        var gone = Jobs.Thinning.Gone(old, now).ToHashSet();
        var left = old.Where(revision => !gone.Contains(revision.Item1)).Select(revision => revision.Item2).ToList();
        Assert.All(left.Where(saved => now - saved < TimeSpan.FromDays(6)).CountBy(saved => saved.Date.AddHours(saved.Hour)), hour => Assert.Equal(1, hour.Value));
        Assert.All(left.Where(saved => now - saved > TimeSpan.FromDays(8)).CountBy(saved => saved.Date), day => Assert.Equal(1, day.Value));
        Assert.Equal(old[^1].Item2, left[^1]);
        Assert.InRange(left.Count, 7 * 24, (7 * 24) + 16);
    }
}
