using BurlyRidge.Core.Wording;
using System.Diagnostics;
using System.Text;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using Microsoft.Data.Sqlite;

namespace BurlyRidge.Server.Tests;

/// <summary>What is too large is refused at once, and what nobody waits for is not worked on.</summary>
public class BoundedWorkTests
{
    private static string Asked(Rig rig) => $$"""{"rig":{{RigDocument.Write(rig)}}}""";

    /// <summary>Lamps by the thousand with names that nobody has took a minute each, eight thousand joints in a row as long.</summary>
    [Fact]
    public async Task What_is_too_large_is_refused_by_its_size()
    {
        await using var server = await RunningServer.EmptyAsync();
        var many = Rig.Empty(12, UnitSystem.Metric) with
        {
            Fixtures = [.. Enumerable.Range(0, 4_000).Select(i => new Fixture($"l-{i}", "L", [new LampFunction("main", LampKind.Filament, 1)]))],
            Lines = [new Line("line", "Line") { Lights = [.. Enumerable.Range(0, 60_000).Select(i => $"x{i}.m")] }],
        };
        var (status, problem) = await server.PostAsync("/api/assess", Asked(many));
        Assert.Equal(400, status);
        Assert.Contains("rig.fixtures", problem.GetProperty("errors").EnumerateObject().Select(error => error.Name));
        Assert.True(problem.GetRawText().Length < 10_000, "nobody reads on");

        var joints = Rig.Empty(12, UnitSystem.Metric) with
        {
            Joints = [.. Enumerable.Range(0, 8_000).Select(i => new Joint($"j-{i}", JointKind.Crimp))],
            Runs = [.. Enumerable.Range(1, 7_999).Select(i => new Run($"w-{i}", $"j-{i - 1}.b", $"j-{i}.a", "12 AWG", 0.1, [Zone.EngineBay]))],
        };
        Assert.Equal(400, (await server.PostAsync("/api/assess", Asked(joints))).Status);
        Assert.Equal(200, (await server.PostAsync("/api/assess", Asked(LargeRig.Row(300, 150)))).Status);
    }

    /// <summary>Each of these lines hangs on all before it; the drawing of all took twenty seconds.</summary>
    [Fact]
    public async Task A_drawing_that_would_hold_too_much_is_refused_and_a_line_of_it_is_not()
    {
        await using var server = await RunningServer.EmptyAsync();
        var rig = LargeRig.Row();
        var (status, problem) = await server.PostAsync("/api/preview/diagram", Asked(rig));
        Assert.Equal((422, "One drawing holds up to 30,000 parts and wires. Draw the lines one by one."), (status, problem.GetProperty("detail").GetString()));
        using var line = await server.Http.PostAsync("/api/preview/diagram", new StringContent($$"""{"rig":{{RigDocument.Write(rig)}},"lineId":"line-299"}""", Encoding.UTF8, "application/json"), TestContext.Current.CancellationToken);
        Assert.Equal(200, (int)line.StatusCode);
    }

    [Fact]
    public async Task A_stored_job_above_the_limit_opens_to_be_read_and_goes_out_as_a_file()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", """{"name":"Grown too large","systemVolts":12,"units":"metric"}""")).Body;
        var id = job.GetProperty("id").GetString()!;
        var large = Rig.Empty(12, UnitSystem.Metric) with { Lines = [.. Enumerable.Range(0, RigSize.MaxLines + 1).Select(i => new Line($"line-{i}", $"Line {i}", new LinePlan([new LampSet(LampKind.RegulatedLed, 1, 20)], 2, ReturnPath.Wire, [Zone.EngineBay], 105, Trigger.SwitchAlone)))] };
        await using (var connection = new SqliteConnection($"Data Source={Path.Combine(server.Data, "burly-ridge.db")}"))
        {
            await connection.OpenAsync(TestContext.Current.CancellationToken);
            await using var command = connection.CreateCommand();
            command.CommandText = "UPDATE Revisions SET Document = $document";
            command.Parameters.AddWithValue("$document", RigDocument.Write(large));
            await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
        }
        var opened = await server.GetAsync($"/api/jobs/{id}");
        Assert.Contains("300 lines", opened.GetProperty("readOnly").GetString(), StringComparison.Ordinal);
        Assert.Equal(RigSize.MaxLines + 1, opened.GetProperty("rig").GetProperty("lines").GetArrayLength());
        Assert.Contains("too large", (await server.GetAsync("/api/jobs"))[0].GetProperty("trouble").GetString(), StringComparison.Ordinal);
        var file = JsonNode.Parse(await server.Http.GetStringAsync($"/api/jobs/{id}/file", TestContext.Current.CancellationToken))!;
        Assert.Equal(RigSize.MaxLines + 1, file["rig"]!["lines"]!.AsArray().Count);
        var save = new JsonObject { ["onRevision"] = 1, ["idempotencyKey"] = "k", ["rig"] = file["rig"]!.DeepClone() };
        Assert.Equal(400, (await server.SendAsync(HttpMethod.Put, $"/api/jobs/{id}/rig", save.ToJsonString())).Status);
        using var drawn = await server.Http.GetAsync($"/api/jobs/{id}/diagram.svg", TestContext.Current.CancellationToken);
        Assert.Equal(422, (int)drawn.StatusCode);
        Assert.Equal(400, (await server.PostAsync("/api/job-files", file.ToJsonString())).Status);
    }

    /// <summary>Processor time, and not time on the wall: a busy machine changes nothing.</summary>
    [Fact]
    public async Task When_the_clients_are_gone_the_server_is_idle()
    {
        var data = Directory.CreateTempSubdirectory("burly-ridge-").FullName;
        using (var server = await ServerProcess.StartAsync(data))
        {
            using var process = Process.GetProcessById(server.Id);
            TimeSpan Used()
            {
                process.Refresh();
                return process.TotalProcessorTime;
            }

            async Task<TimeSpan> AssessAsync(int hours)
            {
                var before = Used();
                using var response = await server.Http.PostAsync("/api/assess", Body(hours), TestContext.Current.CancellationToken);
                Assert.Equal(200, (int)response.StatusCode);
                return Used() - before;
            }

            for (var i = 0; i < 3; i++) await AssessAsync(i);
            var whole = await AssessAsync(4);
            var start = Used();
            for (var i = 0; i < 4; i++)
            {
                using var leaving = new CancellationTokenSource();
                var asked = server.Http.PostAsync("/api/assess", Body(10 + i), leaving.Token);
                // Sent, read and begun: some processor time has gone into it.
                var begun = Used();
                while (!asked.IsCompleted && Used() - begun < whole / 4) await Task.Yield();
                await leaving.CancelAsync();
                await Assert.ThrowsAnyAsync<OperationCanceledException>(() => asked);
            }
            // What one more takes, whole, tells when the others are over.
            await AssessAsync(5);
            Assert.True(Used() - start < 3.5 * whole, $"four given up and one whole took {(Used() - start).TotalSeconds:0.0} s of work, one alone takes {whole.TotalSeconds:0.0} s");
        }
        Directory.Delete(data, recursive: true);

        static StringContent Body(int hours) => new(Asked(LargeRig.Row(400, 200) with { HouseRules = new HouseRules { LeftOnHours = hours } }), Encoding.UTF8, "application/json");
    }
}
