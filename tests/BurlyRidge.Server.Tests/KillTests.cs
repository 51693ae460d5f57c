using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>Killed without a word at moments drawn at random: it always starts again, and what it acknowledged is there.</summary>
public sealed class KillTests : IDisposable
{
    private const int Seed = 20_261_126;

    private readonly string data = Directory.CreateTempSubdirectory("burly-ridge-").FullName;
    private readonly Random random = new(Seed);

    public void Dispose() => Directory.Delete(data, recursive: true);

    [Fact]
    public async Task While_it_starts()
    {
        var rounds = Proof.Rounds(3, 20);
        for (var i = 0; i < rounds; i++)
        {
            using var cut = ServerProcess.Begin(data);
            await Task.Delay(random.Next(1200), TestContext.Current.CancellationToken);
            if (i % 2 == 0) await cut.KillAsync();
            else await cut.StopAsync();
        }
        using var server = await ServerProcess.StartAsync(data);
        Assert.Equal(201, (await server.NewJobAsync($"After {rounds} kills, seed {Seed}")).Status);
    }

    [Fact]
    public async Task While_a_job_is_edited()
    {
        string? id = null;
        var acknowledged = 1;
        var rounds = Proof.Rounds(2, 20);
        for (var i = 0; i < rounds; i++)
        {
            using var server = await ServerProcess.StartAsync(data);
            id ??= (await server.NewJobAsync("Edited")).Id;
            Assert.True(await RevisionAsync(server, id!) >= acknowledged, $"seed {Seed}, round {i}: an acknowledged save is gone");
            var saved = new TaskCompletionSource();
            var edits = EditAsync(server, id!, count =>
            {
                acknowledged = Math.Max(acknowledged, count);
                saved.TrySetResult();
            });
            // However busy the machine is, there is something to lose.
            await Task.WhenAny(saved.Task, edits);
            await Task.Delay(random.Next(0, 700), TestContext.Current.CancellationToken);
            await server.KillAsync();
            await edits;
        }
        using var last = await ServerProcess.StartAsync(data);
        Assert.True(await RevisionAsync(last, id!) >= acknowledged);
        Assert.True(acknowledged > rounds, "nothing was edited");
    }

    /// <summary>Saves after saves, until there is no answer.</summary>
    private static async Task EditAsync(ServerProcess server, string id, Action<int> onAcknowledged)
    {
        try
        {
            var job = JsonNode.Parse(await server.Http.GetStringAsync($"/api/jobs/{id}"))!;
            for (var revision = job["revision"]!.GetValue<int>(); ; revision++)
            {
                var rig = job["rig"]!.DeepClone();
                rig["vehicle"]!["houseLoadAmps"] = revision % 50;
                using var response = await server.Http.PutAsJsonAsync($"/api/jobs/{id}/rig", new JsonObject { ["onRevision"] = revision, ["idempotencyKey"] = Guid.NewGuid().ToString("n"), ["rig"] = rig });
                response.EnsureSuccessStatusCode();
                onAcknowledged(revision + 1);
            }
        }
        catch (Exception error) when (error is HttpRequestException or IOException or TaskCanceledException)
        {
            // It was killed.
        }
    }

    private static async Task<int> RevisionAsync(ServerProcess server, string id) =>
        (await server.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{id}", TestContext.Current.CancellationToken)).GetProperty("revision").GetInt32();
}
