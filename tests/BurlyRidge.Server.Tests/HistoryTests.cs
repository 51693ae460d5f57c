using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>What was changed when, in words; going back; particulars; the archive.</summary>
public class HistoryTests
{
    private const string Line = """{"id":"bar","name":"Roof bar","plan":{"lamps":[{"kind":"regulatedLed","count":1,"watts":120}],"oneWayMetres":4,"return":"wire","zones":["exterior"],"insulationCelsius":105,"trigger":"switchAlone"}}""";

    private sealed class Job(RunningServer server, JsonElement job)
    {
        public JsonElement Now { get; private set; } = job;

        public string Path => $"/api/jobs/{Now.GetProperty("id").GetString()}";

        public string Of(string name) => Now.GetProperty(name).GetString()!;

        public int Revision => Now.GetProperty("revision").GetInt32();

        public async Task<int> SaveAsync(Action<JsonNode> change)
        {
            var rig = JsonNode.Parse(Now.GetProperty("rig").GetRawText())!;
            change(rig);
            return await SendAsync(HttpMethod.Put, "/rig", new JsonObject { ["rig"] = rig });
        }

        public Task<int> StepAsync(string step) => SendAsync(HttpMethod.Post, step, []);

        private async Task<int> SendAsync(HttpMethod method, string path, JsonObject body)
        {
            body["onRevision"] = Revision;
            body["idempotencyKey"] = Guid.NewGuid().ToString("n");
            var (status, answer) = await server.SendAsync(method, Path + path, body.ToJsonString());
            if (status == 200) Now = answer;
            return status;
        }
    }

    private static async Task<Job> WithBarAsync(RunningServer server)
    {
        var job = new Job(server, (await server.PostAsync("/api/jobs", """{"name":"Loader","systemVolts":12,"units":"metric"}""")).Body);
        await job.SaveAsync(rig => rig["lines"]!.AsArray().Add(JsonNode.Parse(Line)));
        await job.SaveAsync(rig => rig["lines"]![0]!["plan"]!["oneWayMetres"] = 6);
        return job;
    }

    [Fact]
    public async Task Every_revision_says_what_it_changed_and_undo_and_redo_say_what_they_would_do()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = await WithBarAsync(server);
        Assert.Equal(("Roof bar, length: 4.0 m → 6.0 m", ""), (job.Of("undoWhat"), job.Of("redoWhat")));
        await job.StepAsync("/undo");
        Assert.Equal(("Roof bar added", "Roof bar, length: 4.0 m → 6.0 m"), (job.Of("undoWhat"), job.Of("redoWhat")));
        await job.StepAsync("/undo");
        Assert.Equal(("", "Roof bar added"), (job.Of("undoWhat"), job.Of("redoWhat")));
        await job.StepAsync("/redo");
        Assert.Equal(("Roof bar added", "Roof bar, length: 4.0 m → 6.0 m"), (job.Of("undoWhat"), job.Of("redoWhat")));
        var said = (await server.GetAsync($"{job.Path}/revisions")).EnumerateArray().Select(one => one.GetProperty("what").GetString()!);
        Assert.Equal(["Redone: Roof bar added", "Undone: Roof bar added", "Undone: Roof bar, length: 4.0 m → 6.0 m", "Roof bar, length: 4.0 m → 6.0 m", "Roof bar added", "Job opened"], said);
    }

    [Fact]
    public async Task An_edit_that_takes_something_out_says_so()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = await WithBarAsync(server);
        Assert.False(job.Now.GetProperty("removes").GetBoolean());
        await job.SaveAsync(rig => rig["lines"] = new JsonArray());
        Assert.Equal((true, "Roof bar removed"), (job.Now.GetProperty("removes").GetBoolean(), job.Of("undoWhat")));
    }

    [Fact]
    public async Task Going_back_is_told_before_and_can_be_undone()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = await WithBarAsync(server);
        var change = Assert.Single((await server.GetAsync($"{job.Path}/revisions/2/changes")).EnumerateArray());
        Assert.Equal(("Roof bar", "length", "6.0 m", "4.0 m"), (change.GetProperty("of").GetString(), change.GetProperty("what").GetString(), change.GetProperty("before").GetString(), change.GetProperty("after").GetString()));
        double Metres() => job.Now.GetProperty("rig").GetProperty("lines")[0].GetProperty("plan").GetProperty("oneWayMetres").GetDouble();
        Assert.Equal(200, await job.StepAsync("/revisions/2/go-back"));
        Assert.Equal((4, 4.0), (job.Revision, Metres()));
        await job.StepAsync("/undo");
        Assert.Equal((5, 6.0), (job.Revision, Metres()));
        Assert.Equal(422, await job.StepAsync("/revisions/77/go-back"));
    }

    [Fact]
    public async Task Two_rigs_are_told_apart_field_by_field()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = await WithBarAsync(server);
        var mine = JsonNode.Parse(job.Now.GetProperty("rig").GetRawText())!;
        var theirs = mine.DeepClone();
        theirs["lines"]![0]!["name"] = "Light bar";
        var (status, found) = await server.AskAsync("/api/changes", mine, ("other", theirs.DeepClone()));
        Assert.Equal((200, "Light bar"), (status, Assert.Single(found.EnumerateArray()).GetProperty("after").GetString()));
        theirs["lines"]![0]!["name"] = "";
        Assert.Equal(400, (await server.AskAsync("/api/changes", mine, ("other", theirs))).Status);
    }

    [Fact]
    public async Task Particulars_are_kept_and_go_through_a_job_file()
    {
        await using var server = await RunningServer.EmptyAsync();
        var (_, job) = await server.PostAsync("/api/jobs", """{"name":"Loader","systemVolts":12,"units":"metric","particulars":{"customer":"Quarry","plate":"QL 1","due":"2027-02-01"}}""");
        var path = $"/api/jobs/{job.GetProperty("id").GetString()}";
        var changed = await server.SendAsync(HttpMethod.Patch, path, """{"onVersion":1,"particulars":{"customer":"Quarry","plate":"QL 2","due":"2027-02-01","work":"inTheShop"}}""");
        Assert.Equal((200, "QL 2"), (changed.Status, changed.Body.GetProperty("particulars").GetProperty("plate").GetString()));
        var file = await server.Http.GetStringAsync($"{path}/file", TestContext.Current.CancellationToken);
        var (_, again) = await server.PostAsync("/api/job-files", file);
        Assert.Equal("""{"customer":"Quarry","plate":"QL 2","due":"2027-02-01","work":"inTheShop"}""", again.GetProperty("particulars").GetRawText());
        var long81 = new string('x', 81);
        var refused = await server.SendAsync(HttpMethod.Patch, path, $$$"""{"onVersion":2,"particulars":{"customer":"{{{long81}}}"}}""");
        Assert.Equal((400, "particulars.customer"), (refused.Status, refused.Body.GetProperty("errors").EnumerateObject().Single().Name));
    }

    [Fact]
    public async Task What_is_archived_is_read_not_changed_and_deleted_with_its_name_alone()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = await WithBarAsync(server);
        Task<(int Status, JsonElement Body)> DeleteAsync(string name) => server.SendAsync(HttpMethod.Delete, $"{job.Path}?name={Uri.EscapeDataString(name)}", "");
        Assert.Equal(422, (await DeleteAsync("Loader")).Status);
        await server.SendAsync(HttpMethod.Patch, job.Path, """{"onVersion":1,"archived":true}""");
        Assert.Equal(422, await job.SaveAsync(rig => rig["lines"] = new JsonArray()));
        Assert.Equal(422, await job.StepAsync("/undo"));
        Assert.Equal(3, (await server.GetAsync(job.Path)).GetProperty("revision").GetInt32());
        Assert.Equal(422, (await DeleteAsync("Loade")).Status);
        Assert.Equal(204, (await DeleteAsync("Loader")).Status);
        Assert.Equal(404, (await server.SendAsync(HttpMethod.Get, job.Path, "")).Status);
        Assert.Empty((await server.GetAsync("/api/jobs?archived=true")).EnumerateArray());
    }
}
