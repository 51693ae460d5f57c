using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Exchange;
using Microsoft.Data.Sqlite;

namespace BurlyRidge.Server.Tests;

/// <summary>The hand-over over HTTP: what keeps a vehicle, its sign-off, and whether what was signed still stands.</summary>
public class HandOverTests
{
    private static JsonObject Entry(JsonObject what, int revision = 1, string? key = null) =>
        new() { ["what"] = what, ["who"] = "Ana", ["client"] = "tablet", ["revision"] = revision, ["idempotencyKey"] = key ?? Guid.NewGuid().ToString("n") };

    private static async Task<JsonElement> LookAsync(RunningServer server, string path) =>
        (await server.AskAsync("/api/preview/hand-over", RunningServer.RigOf(await server.GetAsync(path)), ("job", path.Split('/')[^1]))).Body;

    private static Task<(int Status, JsonElement Body)> WriteAsync(RunningServer server, string path, JsonObject what, int revision = 1, string? key = null) => server.PostAsync($"{path}/hand-over", Entry(what, revision, key).ToJsonString());

    private static JsonObject SignOff(string because = "") => new() { ["kind"] = "signedOff", ["who"] = "Ben", ["because"] = because };

    private static async Task<int> CountAsync(RunningServer server, string path) => (await server.GetAsync($"{path}/hand-over")).GetArrayLength();

    [Fact]
    public async Task A_vehicle_with_something_open_is_not_signed_off_without_a_reason()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        var before = await LookAsync(server, path);
        var kinds = before.GetProperty("obstacles").EnumerateArray().Select(one => one.GetProperty("kind").GetString()).Distinct().ToList();
        Assert.Contains("holdPoint", kinds);
        Assert.Contains("line", kinds);
        var (status, refused) = await WriteAsync(server, path, SignOff());
        Assert.Equal(400, status);
        Assert.True(refused.GetProperty("errors").TryGetProperty("what.because", out _));
        // It says which.
        Assert.Equal(before.GetProperty("obstacles").GetArrayLength(), refused.GetProperty("errors").GetProperty("what.open").GetArrayLength());
        Assert.Equal(0, await CountAsync(server, path));

        Assert.Equal(201, (await WriteAsync(server, path, SignOff("Snow is coming, the rest next week"), key: "signed")).Status);
        // Sent again with its key it is the same.
        Assert.Equal(201, (await WriteAsync(server, path, SignOff("Snow is coming, the rest next week"), key: "signed")).Status);
        Assert.Equal(1, await CountAsync(server, path));
        var after = (await LookAsync(server, path)).GetProperty("signOff");
        Assert.Equal("Snow is coming, the rest next week", after.GetProperty("because").GetString());
        Assert.Equal(before.GetProperty("obstacles").GetArrayLength(), after.GetProperty("open").GetArrayLength());
        var page = await server.Http.GetStringAsync($"{path}/pack.html", TestContext.Current.CancellationToken);
        Assert.Contains("Snow is coming, the rest next week", page, StringComparison.Ordinal);
        Assert.Contains(JobSeal.Printed(after.GetProperty("jobSum").GetString()!), page, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_sign_off_of_a_plan_that_was_changed_meanwhile_is_refused()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("Warden");
        var rig = RunningServer.RigOf(job);
        rig["lines"]![0]!["note"] = "Checked twice";
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, $"{path}/rig", new JsonObject { ["rig"] = rig, ["onRevision"] = 1, ["idempotencyKey"] = "k" }.ToJsonString())).Status);
        Assert.True((await LookAsync(server, path)).GetProperty("signOff").GetProperty("changedSince").GetBoolean());
        Assert.True((await WriteAsync(server, path, SignOff())).Body.GetProperty("errors").TryGetProperty("revision", out _));
        Assert.Equal(201, (await WriteAsync(server, path, SignOff(), revision: 2)).Status);
    }

    /// <summary>The demo vehicle was carried all the way: nothing keeps it, and its sum is that of the job file that one downloads.</summary>
    [Fact]
    public async Task What_is_signed_is_the_job_file()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("Warden");
        var look = await LookAsync(server, path);
        Assert.Empty(look.GetProperty("obstacles").EnumerateArray());
        var signed = look.GetProperty("signOff");
        Assert.Equal(JobSeal.Sum(await server.Http.GetStringAsync($"{path}/file", TestContext.Current.CancellationToken)), signed.GetProperty("jobSum").GetString());
        Assert.Equal(JobSeal.TablesVersion, signed.GetProperty("tables").GetString());
        Assert.Empty((await server.GetAsync($"{path}/seal")).GetProperty("broken").EnumerateArray());
    }

    /// <summary>Whatever is changed in the store by a byte is told on opening.</summary>
    [Theory]
    [InlineData("UPDATE Records SET Document = replace(Document, 'Fitter', 'Fatter'), Who = 'Fatter' WHERE JobId = @job AND Number = 3", "record")]
    [InlineData("DELETE FROM Records WHERE JobId = @job AND Number = 5", "record")]
    [InlineData("UPDATE Records SET At = substr(At, 1, 18) || '9' || substr(At, 20) WHERE JobId = @job AND Number = 4", "record")]
    [InlineData("UPDATE Revisions SET Document = (SELECT Document FROM Revisions WHERE JobId <> @job LIMIT 1) WHERE JobId = @job", "Revision 1")]
    [InlineData("UPDATE Revisions SET Document = x'0102' WHERE JobId = @job", "Revision 1")]
    [InlineData("DELETE FROM Revisions WHERE JobId = @job", "Revision 1")]
    public async Task A_changed_store_is_told(string change, string told)
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("Warden");
        using (var connection = new SqliteConnection($"Data Source={Path.Combine(server.Data, "burly-ridge.db")}"))
        {
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = change;
            command.Parameters.AddWithValue("@job", path.Split('/')[^1]);
            Assert.NotEqual(0, command.ExecuteNonQuery());
        }
        if (change.StartsWith("DELETE FROM Revisions", StringComparison.Ordinal))
        {
            // Without its newest revision there is no job to open.
            Assert.NotEqual(200, (int)(await server.Http.GetAsync($"{path}/seal", TestContext.Current.CancellationToken)).StatusCode);
            return;
        }
        var broken = (await server.GetAsync($"{path}/seal")).GetProperty("broken").EnumerateArray().Select(words => words.GetString()!).ToList();
        Assert.Contains(told, Assert.Single(broken), StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public async Task A_changed_photo_is_told()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("Warden");
        var photo = Directory.GetFiles(Path.Combine(server.Data, "burly-ridge-photos", path.Split('/')[^1]))[0];
        var bytes = await File.ReadAllBytesAsync(photo, TestContext.Current.CancellationToken);
        bytes[^3] ^= 1;
        await File.WriteAllBytesAsync(photo, bytes, TestContext.Current.CancellationToken);
        Assert.Contains(Path.GetFileName(photo), Assert.Single((await server.GetAsync($"{path}/seal")).GetProperty("broken").EnumerateArray()).GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_cannot_be_is_refused_by_its_field_and_written_nowhere()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("rescue");
        foreach (var (what, field) in new (JsonObject, string)[]
        {
            (new JsonObject { ["kind"] = "worded", ["key"] = "no-such", ["text"] = "x" }, "what.key"),
            (new JsonObject { ["kind"] = "worded", ["key"] = "owner", ["text"] = new string('x', 2001) }, "what.text"),
            (new JsonObject { ["kind"] = "settled", ["difference"] = "no such", ["why"] = "because" }, "what.difference"),
            (new JsonObject { ["kind"] = "signedOff", ["who"] = "" }, "what.who"),
        })
        {
            var (status, refused) = await WriteAsync(server, path, what);
            Assert.Equal(400, status);
            Assert.True(refused.GetProperty("errors").TryGetProperty(field, out _), $"{field}: {refused}");
        }
        Assert.Equal(0, await CountAsync(server, path));
    }

    /// <summary>Taken into the plan, what is otherwise keeps the vehicle no more.</summary>
    [Fact]
    public async Task What_was_built_otherwise_keeps_the_vehicle_until_it_is_in_the_plan()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("rescue");
        var run = job.GetProperty("rig").GetProperty("runs")[3].GetProperty("id").GetString()!;
        Assert.Equal(201, (await server.PostAsync($"{path}/run-sheet", Entry(new JsonObject { ["kind"] = "otherwise", ["about"] = run, ["metres"] = 9.9, ["colour"] = "pink" }).ToJsonString())).Status);
        var look = await LookAsync(server, path);
        Assert.Equal(2, look.GetProperty("obstacles").EnumerateArray().Count(one => one.GetProperty("kind").GetString() == "difference"));
        var built = new JsonArray([.. look.GetProperty("differences").EnumerateArray().Select(one => JsonNode.Parse(one.GetProperty("take").GetRawText()))]);
        var (status, edited) = await server.EditAsync(RunningServer.RigOf(job), "takeAsBuilt", ("built", built));
        Assert.Equal(200, status);
        var after = (await server.AskAsync("/api/preview/hand-over", JsonNode.Parse(edited.GetProperty("rig").GetRawText())!, ("job", path.Split('/')[^1]))).Body;
        Assert.Empty(after.GetProperty("differences").EnumerateArray());
    }

    /// <summary>A job on the same vehicle knows what is on it; on the way back everything comes off.</summary>
    [Fact]
    public async Task A_vehicle_that_comes_back_is_known()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("Warden");
        string Again(bool toStandard) => new JsonObject { ["name"] = "Warden's short wagon, spring", ["toStandard"] = toStandard, ["who"] = "Ana", ["client"] = "tablet" }.ToJsonString();
        var (status, again) = await server.PostAsync($"{path}/again", Again(false));
        Assert.Equal(201, status);
        var rig = again.GetProperty("rig");
        Assert.All(rig.GetProperty("lines").EnumerateArray(), line => Assert.True(line.GetProperty("existing").GetBoolean()));
        Assert.Equal(job.GetProperty("rig").GetProperty("runs").GetRawText(), rig.GetProperty("runs").GetRawText());
        Assert.Equal(job.GetProperty("rig").GetProperty("earths").GetRawText(), rig.GetProperty("earths").GetRawText());
        var sheet = await server.AskAsync("/api/preview/run-sheet", JsonNode.Parse(rig.GetRawText())!, ("job", again.GetProperty("id").GetString()));
        Assert.DoesNotContain(sheet.Body.GetProperty("view").GetProperty("steps").EnumerateArray(), card => card.GetProperty("step").GetProperty("stage").GetString() is "lay" or "mount");
        Assert.Equal("Short wagon, forest series", sheet.Body.GetProperty("vehicle").GetProperty("name").GetString());

        var back = (await server.PostAsync($"{path}/again", Again(true))).Body;
        var steps = (await server.AskAsync("/api/preview/run-sheet", JsonNode.Parse(back.GetProperty("rig").GetRawText())!, ("job", back.GetProperty("id").GetString()))).Body.GetProperty("view").GetProperty("steps").EnumerateArray().Select(card => card.GetProperty("step")).ToList();
        Assert.Contains(steps, step => step.GetProperty("stage").GetString() == "takeOff");
        // The first step of it can be ticked like any other.
        var (ticked, why) = await server.PostAsync($"/api/jobs/{back.GetProperty("id").GetString()}/run-sheet", Entry(new JsonObject
        {
            ["kind"] = "done",
            ["step"] = steps[0].GetProperty("id").GetString(),
            ["answers"] = new JsonArray([.. steps[0].GetProperty("asks").EnumerateArray().Select(ask => (JsonNode)new JsonObject { ["key"] = ask.GetProperty("key").GetString(), ["yes"] = true, ["number"] = 0 })]),
        }).ToJsonString());
        Assert.True(ticked == 201, why.ToString());

        var (other, _) = await server.DemoAsync("rescue");
        Assert.Equal(400, (await server.PostAsync($"{other}/again", Again(false))).Status);
    }
}
